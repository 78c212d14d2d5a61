import { axe, expect, test } from './room';

test('a method is told in own words: reworded, parted, added to, moved within what needs what, its amounts following the formula', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await page.goto('/pass');
    await page.getByRole('link', { name: 'Card of Rhubarb buttermilk cream, Original' }).click();
    await page.getByRole('link', { name: /^Method/ }).click();
    await page.getByRole('button', { name: 'In your own words' }).click();
    const dialog = page.getByRole('dialog', { name: 'In your own words' });
    const words = dialog.getByRole('textbox');
    await expect(words.first()).toBeVisible();
    const first = await words.count();
    // A step that names its rhubarb.
    const texts = await words.evaluateAll((all) => all.map((one) => (one as HTMLTextAreaElement).value));
    const n = texts.findIndex((text) => /\d g rhubarb/.test(text) && /boil|cook|heat/i.test(text)) + 1;
    expect(n).toBeGreaterThan(0);
    const amount = /([\d.]+) g rhubarb/.exec(texts[n - 1] ?? '')?.[1] ?? '';
    await dialog.getByLabel(`Words of step ${n}`, { exact: true }).fill(`Stew ${amount} g rhubarb with the sugar. Stop while the pieces still stand.`);
    await dialog.getByRole('button', { name: `Part step ${n}`, exact: true }).click();
    await expect(words).toHaveCount(first + 1);
    await dialog.getByRole('button', { name: `Add after step ${n + 1}`, exact: true }).click();
    await page.keyboard.press('Tab');
    await dialog.getByLabel(`Words of step ${n + 2}`, { exact: true }).fill('Taste it before the sugar is all in.');
    await axe(page);
    // What comes before something it needs is refused, and nothing typed is lost.
    for (let i = n; i > 1; i -= 1) await dialog.getByRole('button', { name: `Earlier: step ${i}`, exact: true }).click();
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog.getByRole('alert')).toContainText(/needs .* done before/);
    for (let i = 1; i < n; i += 1) await dialog.getByRole('button', { name: `Later: step ${i}`, exact: true }).click();
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    const steps = page.getByRole('region', { name: 'The making, step by step' });
    await expect(steps.getByText(`Stew ${amount} g rhubarb with the sugar.`)).toBeVisible();
    await expect(steps.getByText('Stop while the pieces still stand.')).toBeVisible();
    await page.getByRole('link', { name: /^Recipe card/ }).click();
    await expect(page.getByText('In the studio’s own words.')).toBeVisible();
    // For other portions the amount in the words is another.
    await page.getByRole('button', { name: 'Make it' }).click();
    await page.getByText(/^All \d+ steps$/).click();
    await expect(page.getByRole('button', { name: /Stew .* Stop while the pieces still stand/ })).toBeVisible();
    await page.goBack();
    await page.getByRole('link', { name: /^Method/ }).click();
    await page.getByRole('button', { name: 'In your own words' }).click();
    await dialog.getByRole('button', { name: 'All as the formula tells it' }).click();
    await expect(dialog).toHaveCount(0);
    await page.getByRole('link', { name: /^Recipe card/ }).click();
    await expect(page.getByText('In the studio’s own words.')).toHaveCount(0);
});

test('a step of a pasted method is taken out and stays out, and the making follows', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill(`Plain set cream
Serves 4

400 g double cream
60 g sugar
3 leaves gelatine

Method
Soak the gelatine in cold water for 5 minutes.
Warm the cream with the sugar to 60 °C.
Stir in the gelatine.
Strain it through the old blue cloth.
Pour into 4 glasses and chill for at least 4 hours.`);
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Plain set cream', level: 1 })).toBeVisible();
    await page.getByRole('link', { name: 'Card' }).click();
    await page.getByRole('link', { name: /^Method/ }).click();
    const steps = page.getByRole('region', { name: 'The making, step by step' });
    await expect(steps.getByText('Strain it through the old blue cloth.')).toBeVisible();
    await page.getByRole('button', { name: 'In your own words' }).click();
    const dialog = page.getByRole('dialog', { name: 'In your own words' });
    await expect(dialog.getByText('This is the method the dish came with.', { exact: false })).toBeVisible();
    await expect(dialog.getByRole('textbox')).toHaveCount(5);
    await dialog.getByRole('button', { name: 'Take step 4 out', exact: true }).press('Enter');
    await dialog.getByLabel('Words of step 4', { exact: true }).fill('Pour into 4 glasses and chill overnight.');
    await axe(page);
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(steps.getByText('Strain it')).toHaveCount(0);
    await expect(steps.getByText(/8 h at least/)).toBeVisible();
    await page.reload();
    await expect(steps.getByText('Pour into 4 glasses.')).toBeVisible();
    await expect(steps.getByText('Strain it')).toHaveCount(0);
});

test('steps of a method are changed on the Bench as lines are: by key, by drag, undone; what breaks is said, and a route tells what it changed', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill(`Rose set cream
Serves 4

300 g whole milk
200 g double cream
60 g sugar
3 leaves gelatine
10 g rose water

Method
Soak the gelatine in cold water for 5 minutes.
Warm the milk with the sugar to 60 °C and stir in the gelatine. Leave to cool.
Stir in the rose water.
Whip the cream softly and fold it in.
Pour into 4 glasses and chill for at least 4 hours.`);
    // A sentence as it is read leads to where it stands in the text.
    await page.getByRole('button', { name: 'Stir in the rose water.' }).click();
    expect(await page.locator('#lines').evaluate((field: HTMLTextAreaElement) => field.value.slice(field.selectionStart, field.selectionEnd))).toBe('Stir in the rose water.');
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Rose set cream', level: 1 })).toBeVisible();
    await page.getByRole('tab', { name: 'Method' }).click();
    const list = page.getByRole('list', { name: 'Steps of the method' });
    const step = (n: number) => list.getByRole('button', { name: new RegExp(`^Step ${n}:`) });
    await expect(list.getByRole('button')).toHaveCount(5);
    await expect(list.getByText(/warm milk, sugar · 60 °C/)).toBeVisible();
    await axe(page);
    // Parted at the cursor, joined again, by key alone.
    await step(2).press('Enter');
    const field = page.getByLabel('Words of step 2');
    await field.evaluate((area: HTMLTextAreaElement) => { const at = area.value.indexOf(' Leave to cool.'); area.setSelectionRange(at, at); });
    await axe(page);
    await field.press('Control+Enter');
    await expect(step(3)).toHaveText('Leave to cool.');
    await expect(step(3)).toBeFocused();
    await step(3).press('Enter');
    await page.getByLabel('Words of step 3').press('Home');
    await page.getByLabel('Words of step 3').press('Backspace');
    await expect(step(2)).toHaveText('Warm the milk with the sugar to 60 °C and stir in the gelatine. Leave to cool.');
    await expect(list.getByRole('button')).toHaveCount(5);
    // Moved by key, and by drag.
    await step(3).press('Alt+ArrowDown');
    await expect(step(4)).toHaveText('Stir in the rose water.');
    await step(4).dragTo(step(3));
    await expect(step(3)).toHaveText('Stir in the rose water.');
    // What the words no longer do is said; undo brings them back.
    await step(2).press('Enter');
    await page.getByLabel('Words of step 2').fill('Whisk the milk with the sugar and the gelatine.');
    await page.getByLabel('Words of step 2').press('Enter');
    await expect(page.getByText(/no step of the method melts the gelatin/)).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(step(2)).toHaveText('Warm the milk with the sugar to 60 °C and stir in the gelatine. Leave to cool.');
    await expect(page.getByText(/no step of the method melts the gelatin/)).toHaveCount(0);
    // Taken out it stays out; a step is added.
    await step(3).press('Delete');
    await expect(list.getByText('Stir in the rose water.')).toHaveCount(0);
    await page.getByLabel('Another step').fill('Serve with a rose petal.');
    await page.getByLabel('Another step').press('Enter');
    await expect(step(5)).toHaveText('Serve with a rose petal.');
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    await page.reload();
    await page.getByRole('tab', { name: 'Method' }).click();
    await expect(list.getByText('Stir in the rose water.')).toHaveCount(0);
    await expect(step(5)).toHaveText('Serve with a rose petal.');
    await expect(list.getByRole('button')).toHaveCount(5);
    // The version a route makes tells what it changed of the method.
    await page.getByRole('button', { name: 'Vegan', exact: true }).click();
    const routes = page.getByRole('region', { name: 'Routes and swaps' });
    await expect(routes.getByRole('article').nth(1)).toBeVisible();
    await routes.getByRole('button', { name: /^Why: / }).first().click();
    await page.getByRole('dialog').getByRole('button', { name: /Take it/ }).click();
    await expect(page.getByRole('link', { name: 'Vegan 1' })).toHaveAttribute('aria-current', 'page');
    await page.getByRole('tab', { name: 'Method' }).click();
    await expect(list.getByText(/^was /).first()).toBeVisible();
    await expect(list.getByText('Serve with a rose petal.')).toBeVisible();
    // And so do its card and the stove.
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    const whips = page.getByRole('listitem').filter({ hasText: /Whip the / });
    await expect(whips.getByText('not so in the original')).toBeVisible();
    await expect(page.getByRole('listitem').filter({ hasText: 'Serve with a rose petal.' }).getByText('not so in the original')).toHaveCount(0);
    await page.getByRole('button', { name: 'Make it' }).click();
    await page.getByRole('button', { name: 'Done, next' }).click();
    await expect(page.locator('#step-title')).not.toHaveText(/weigh everything/i);
    await expect(page.getByText('not so in the original').first()).toBeVisible();
});

test('amounts are said in the studio’s own measures', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Change the studio' }).click();
    const dialog = page.getByRole('dialog', { name: 'The studio' });
    await dialog.getByRole('button', { name: 'Add a measure' }).click();
    await dialog.getByLabel('Name of measure 1').fill('ladle');
    await dialog.getByLabel('ml of measure 1').fill('80');
    await axe(page);
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await page.goto('/pass');
    await page.getByRole('link', { name: 'Card of Passion-fruit curd tartlet, Original' }).click();
    await page.getByRole('link', { name: /^Method/ }).click();
    await expect(page.getByText(/In your measures: .*ladles? of/).first()).toBeVisible();
});
