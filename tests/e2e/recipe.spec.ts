import { axe, expect, test } from './room';

const RECIPE = `Moonlit lemon pots
Serves 4–6

You need six 120 ml glasses

Ingredients
For the cream
300 ml double cream
80 g moonlit sugar
zest and juice of 1 lemon

To finish
raspberries, to serve

Method
1. Bring the cream and sugar to the boil and simmer for 3 minutes.
2. Stir in the juice and zest, pour into the glasses and chill for 4 hours.

Notes
Keeps two days.`;

test('a pasted recipe is read whole, a guess is provisional until it is confirmed, and the method is kept', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill(RECIPE);
    const read = page.getByRole('region', { name: 'As it is read' });
    await expect(page.getByLabel('Name of the dish')).toHaveAttribute('placeholder', 'Moonlit lemon pots');
    await expect(page.getByLabel('Portions')).toHaveAttribute('placeholder', '5');
    await expect(read.getByLabel('Vessel').first()).toHaveValue('6 x glass 120 ml');
    await expect(read.getByText(/as read: .*simmer/)).toBeVisible();
    await expect(read.getByText(/^Set aside, no part of the dish: \d+ rows/)).toBeVisible();
    await expect(read.getByText('a guess: is it?')).toBeVisible();
    await axe(page);

    // Kept with its guess: nothing is stated of the dish.
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Moonlit lemon pots', level: 1 })).toBeVisible();
    await expect(page.getByText(/Provisional\. Allergens and diets are unknown/)).toBeVisible();
    await page.getByRole('tab', { name: 'Diets' }).click();
    await expect(page.getByRole('tabpanel').getByText(/What is “80 g moonlit sugar”\?/).first()).toBeVisible();
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByText('Not final: not to be cooked, sold or labelled from.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Print, marked not final' })).toBeEnabled();
    await axe(page);
    await page.goBack();

    // Confirmed with a press: the card is final and holds the dish's own method.
    await page.locator('[data-row="guess"]').getByRole('button', { name: /a guess/ }).click();
    await axe(page);
    await page.getByRole('button', { name: 'Yes, it is Caster or granulated sugar' }).click();
    await expect(page.getByText(/Provisional\./)).toHaveCount(0);
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByText(/^Contains: milk/)).toBeVisible();
    await expect(page.getByText('Bring the cream and sugar to the boil and simmer for 3 minutes.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Print it' })).toBeEnabled();
});

test('a method is read sentence by sentence, and what is not understood says so', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill(`Set cream with berries
Serves 4

400 ml double cream
60 g sugar
3 leaves gelatine
2 g salt
150 g raspberries

Method
Soak the gelatine in cold water for 5 minutes. Warm the cream with half the sugar to 60 °C.
Squeeze out the gelatine and stir it in. Jiggle it like my aunt did.
Pour into 4 glasses and chill for at least 4 hours.
Crush the raspberries with the rest of the sugar and spoon over. Keeps 2 days in the fridge.`);
    const method = page.getByRole('region', { name: 'As it is read' }).getByRole('region', { name: 'Method' });
    const said = (text: string) => method.getByRole('listitem').filter({ hasText: text });
    await expect(said('Warm the cream')).toContainText('warm cream, 50 % of the sugar · 60 °C');
    await expect(said('Soak the gelatine')).toContainText(/bloom .*gelatin.* · 5 min/);
    await expect(said('Pour into 4 glasses')).toContainText('fill → chill · 4 h');
    await expect(said('Jiggle')).toContainText('not understood');
    await expect(said('Keeps 2 days')).toContainText('checked, not obeyed');
    await expect(method.getByText('1 sentence not understood: kept as written, and no step of the plan.')).toBeVisible();
    await expect(method.getByText('No sentence says where this goes in: salt.')).toBeVisible();
    await axe(page);
    // Kept, and swapped: the route changes the maker's own words, and only where they must.
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Set cream with berries', level: 1 })).toBeVisible();
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByText('Jiggle it like my aunt did.')).toBeVisible();
    await expect(page.getByText('Not in this method yet: salt.')).toBeVisible();
});

test('a schema.org recipe becomes rows that can be changed', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill('{"@context":"https://schema.org","@type":"Recipe","name":"Lime pot","recipeYield":"4 servings","recipeIngredient":["200 ml double cream","60 g caster sugar"],"recipeInstructions":"Boil for 3 minutes.\\nChill 4 hours."}');
    await expect(page.getByLabel('Ingredient lines')).toHaveValue(/title: Lime pot[\s\S]*200 ml double cream/);
    await expect(page.getByRole('region', { name: 'As it is read' }).getByText('Method, in your words')).toBeVisible();
});

test('a list without headings is parted as its method works it, and a press keeps it one', async ({ page }) => {
    await page.goto('/new');
    const typed = page.getByLabel('Ingredient lines');
    await typed.fill(`No-bake orange cheesecake
12 slices

200 g plain biscuits
90 g butter
400 g cream cheese
120 g icing sugar
200 ml whipping cream

Crush the biscuits, mix with the melted butter and press into a 23 cm springform. Chill.
Beat the cream cheese with the sugar. Whip the cream and fold in.
Pour over the base and chill overnight.`);
    const read = page.getByRole('region', { name: 'As it is read' });
    const base = read.getByRole('region', { name: 'Base' });
    const main = read.getByRole('region', { name: 'Main mix' });
    await expect(read.getByText('The list has no headings: it is parted as the method works it.')).toBeVisible();
    await expect(base.getByText('90 g', { exact: true })).toBeVisible();
    await expect(main.getByText('400 g', { exact: true })).toBeVisible();
    await expect(main.getByText('90 g', { exact: true })).toHaveCount(0);
    await axe(page);

    // What is set of one of them is written under its heading, and nothing typed is lost.
    await base.getByLabel('Vessel').fill('20 cm springform');
    await base.getByLabel('Vessel').press('Enter');
    await expect(typed).toHaveValue(/layer: Base\ntin: 20 cm springform\n200 g plain biscuits\n90 g butter\nlayer: Main mix\n400 g cream cheese[\s\S]*Pour over the base/);
    await expect(read.getByText('The list has no headings')).toHaveCount(0);

    // Or it stays one list.
    await typed.fill((await typed.inputValue()).replace(/layer: .*\n|tin: .*\n/g, ''));
    await read.getByRole('button', { name: 'Keep it one list' }).click();
    await expect(typed).toHaveValue(/layer: All in one\n200 g plain biscuits/);
    await expect(base).toHaveCount(0);
    await expect(read.getByRole('region', { name: 'All in one' }).getByText('90 g', { exact: true })).toBeVisible();
});

test('a page in Spanish is read row by row, and kept in its own words', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill(`Natillas de la casa
Para 4 personas

750 ml de leche entera
4 yemas
100 g de azúcar
25 g de maicena

Calentar la leche. Mezclar las yemas con el azúcar y la maicena.
Añadir la leche y cocer a fuego lento sin dejar de remover hasta que espese. Enfriar.`);
    const read = page.getByRole('region', { name: 'As it is read' });
    await expect(read.getByText('Read as Spanish. Each name is likely, not sure: look it over.')).toBeVisible();
    await expect(page.getByLabel('Portions')).toHaveAttribute('placeholder', '4');
    for (const food of ['Whole milk', 'Egg yolk', 'Caster or granulated sugar', 'Cornflour (maize starch)']) {
        await expect(read.getByText(food, { exact: true })).toBeVisible();
    }
    await expect(read.getByText('likely', { exact: true })).toHaveCount(4);
    await axe(page);
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Natillas de la casa', level: 1 })).toBeVisible();
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByText(/Calentar la leche\./)).toBeVisible();
});
