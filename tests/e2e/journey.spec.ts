import { axe, expect, openBench, rail, sweetness, test } from './room';

const CURD = ['For the base:', '150 g plain biscuits', '2 oz butter, melted', '', 'For the curd:', 'juice of 3 lemons', '4–5 egg yolks', '3/4 cup caster sugar', '1 stick butter', 'a handful of moonbeams'].join('\n');

test('a typed curd becomes a vegan version that sets, is changed, balanced, printed and tried', async ({ page }) => {
    // Types it in, in mixed measures.
    await page.goto('/');
    await page.getByRole('link', { name: 'New dish' }).click();
    await page.getByLabel('Name of the dish').fill('Lemon pot');
    await page.getByLabel('Ingredient lines').fill(CURD);
    const read = page.getByRole('region', { name: 'As it is read' });
    await expect(read.getByText('3 × 43.8 g juice a fruit = 131.4 g')).toBeVisible();
    await expect(read.getByText('2 ounce = 56.7 g')).toBeVisible();
    await expect(read.getByText('a handful of moonbeams')).toBeVisible();
    await expect(read.getByText('not understood.')).toBeVisible();
    await read.getByRole('region', { name: 'Curd' }).getByLabel('What is done to it').click();
    await page.getByRole('option', { name: 'Cooked to 82 °C, stirred' }).click();
    await expect(page.getByLabel('Ingredient lines')).toHaveValue(/treat: cook to 82 C stirred/);

    // The draft outlives the page.
    await page.reload();
    await expect(page.getByLabel('Name of the dish')).toHaveValue('Lemon pot');
    await expect(page.getByLabel('Ingredient lines')).toHaveValue(/moonbeams/);
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Lemon pot', level: 1 })).toBeVisible();

    // Reads it: set, mechanisms, diets and why.
    await expect(page.getByText(/heated egg/)).toBeVisible();
    await page.getByRole('tab', { name: 'Diets' }).click();
    await expect(page.getByRole('tabpanel').getByText('Butter, unsalted; Egg yolk').first()).toBeVisible();

    // The line that was not understood is still there, and goes out.
    await page.locator('[data-row="unread"]').getByRole('button').click();
    await page.getByRole('button', { name: 'Take this line out' }).click();
    await expect(page.locator('[data-row="unread"]')).toHaveCount(0);

    // Asks for it vegan and compares at least three routes.
    await page.getByRole('button', { name: 'Vegan', exact: true }).click();
    const routes = page.getByRole('region', { name: 'Routes and swaps' });
    await expect(routes.getByRole('article').nth(2)).toBeVisible();
    await routes.getByRole('button', { name: /^Why: / }).first().click();
    const detail = page.getByRole('dialog');
    await expect(detail.getByText(/Egg yolk gave \d+ % of/)).toBeVisible();
    await expect(detail.getByText('Who pays', { exact: true })).toBeVisible();
    await expect(detail.getByText('Fit by property')).toBeVisible();
    await detail.getByRole('button', { name: 'Take it' }).click();
    await expect(page.getByRole('link', { name: 'Vegan 1' })).toHaveAttribute('aria-current', 'page');
    await expect(page.locator('[data-row="gone"]').filter({ hasText: 'Egg yolk' })).toBeVisible();
    await expect(rail(page, 'set')).toContainText('met');

    // Changes a gram figure: everything follows at once.
    await page.getByRole('tab', { name: 'Reading' }).click();
    const sugar = page.getByLabel('Grams of Caster or granulated sugar');
    const before = await sweetness(page).textContent();
    await sugar.fill('120');
    await sugar.press('Enter');
    await expect(sugar).toHaveValue('120');
    await expect(sweetness(page)).not.toHaveText(before ?? '');
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    // Opened again, the arrows are the figure's.
    await sugar.press('Enter');
    await sugar.press('ArrowUp');
    await expect(sugar).toHaveValue('121');

    // Holds that line and balances the rest.
    await page.getByRole('button', { name: 'Pin Caster or granulated sugar' }).click();
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    await page.getByRole('button', { name: 'Balance again' }).click();
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    await expect(sugar).toHaveValue('121');

    // Takes it back and forth.
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();

    // The card.
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    const card = page.getByRole('article', { name: 'Card of Lemon pot, Vegan 1' });
    await expect(card.getByRole('cell', { name: '121 g', exact: true })).toBeVisible();
    await expect(card.getByText(/full boil and hold it \d min/)).toBeVisible();
    await expect(card.getByText(/gluten/).first()).toBeVisible();
    // The pot was free of soy, and no route brings any unasked.
    await expect(card.getByText(/soybeans/)).toHaveCount(0);
    await expect(card.getByText(/FDA Food Code 3-501.14/)).toBeVisible();
    const paper = await page.pdf({ format: 'A4' });
    expect(paper.length).toBeGreaterThan(10_000);

    // A trial: foretold and found side by side.
    await page.getByRole('link', { name: 'To the Bench' }).click();
    await page.getByRole('button', { name: 'Note a trial' }).click();
    await page.getByRole('dialog').getByText('spoonable', { exact: true }).click();
    await page.getByLabel('Remark').fill('Set overnight; a shade soft.');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByRole('dialog').getByText('foretold', { exact: true })).toBeVisible();
    await expect(page.getByRole('dialog').getByText('Set overnight; a shade soft.')).toBeVisible();

    // Another day, another browser window: it is all there.
    const later = await page.context().newPage();
    await later.goto('/notebook');
    await expect(later.getByText('Lemon pot, Vegan 1')).toBeVisible();
    await later.goto('/');
    await later.getByRole('article', { name: 'Lemon pot' }).getByRole('link', { name: /^Vegan 1/ }).click();
    await expect(later.getByLabel('Grams of Caster or granulated sugar')).toHaveValue('121');
});

test('eggless has its own routes, which keep the dairy', async ({ page }) => {
    await openBench(page, 'Cardamom set custard', 'Original');
    await page.getByRole('button', { name: 'Eggless', exact: true }).click();
    const routes = page.getByRole('region', { name: 'Routes and swaps' });
    await expect(routes.getByRole('article').nth(2)).toBeVisible();
    await routes.getByRole('button', { name: /^Take it: / }).first().click();
    await expect(page.getByRole('link', { name: 'Eggless 1' })).toHaveAttribute('aria-current', 'page');
    await page.getByRole('tab', { name: 'Diets' }).click();
    await expect(page.getByRole('tabpanel').getByRole('listitem').filter({ hasText: 'Eggless' })).toContainText('met');
    await expect(page.getByLabel('Grams of Whole milk')).toBeVisible();
});

test('a cure is pressed, says what it does, and its warning goes', async ({ page }) => {
    await openBench(page, 'Roasted-hazelnut mousse pot', 'Original');
    const watch = page.getByRole('region', { name: 'Watch' });
    await expect(watch.getByText(/the egg white stays raw/)).toBeVisible();
    await watch.getByRole('button', { name: 'Take pasteurised egg white instead' }).click();
    await expect(watch.getByText(/the egg white stays raw/)).toHaveCount(0);
    await expect(page.getByRole('region', { name: 'Ledger' }).getByText('Pasteurised egg white').first()).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(watch.getByText(/the egg white stays raw/)).toBeVisible();
});

test('the Bench can be worked from the keyboard alone', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys on the Bench' })).toBeVisible();
    await page.keyboard.press('Escape');
    await page.keyboard.press('g');
    const first = page.locator('[data-grams]').first();
    await expect(first).toBeFocused();
    const was = Number(await first.inputValue());
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowUp');
    await expect(first).toHaveValue(String(was + 1));
    await page.keyboard.press('Escape');
    // Over the ledger with the arrows: to the name, down a row, back to its grams; the figure stays as it is.
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('[data-row=line] [data-cell=name]').first()).toBeFocused();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('ArrowDown');
    await expect(page.locator('[data-grams]').nth(1)).toBeFocused();
    await page.keyboard.press('ArrowUp');
    await expect(first).toBeFocused();
    await expect(first).toHaveValue(String(was + 1));
    await page.keyboard.press('Escape');
    await page.keyboard.press('u');
    await expect(first).toHaveValue(String(was));
    await page.keyboard.press('r');
    await expect(page.getByRole('button', { name: 'Vegan', exact: true })).toBeFocused();
    await page.keyboard.press('Tab');
    await page.keyboard.press('Space');
    await expect(page.getByRole('button', { name: 'Eggless', exact: true })).toHaveAttribute('aria-pressed', 'true');
});

test('a figure typed sign by sign is one write and one step back; a nudge asks for nothing but its write', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    const field = page.getByLabel('Grams of Passion-fruit juice');
    const was = await field.inputValue();
    await page.waitForLoadState('networkidle');
    const asked: string[] = [];
    page.on('request', (request) => { if (request.url().includes('/api/')) asked.push(request.method()); });
    await field.click();
    await field.selectText();
    await field.pressSequentially('135', { delay: 120 });
    await expect(field).toHaveValue('135');
    expect(asked).toEqual([]);
    await field.press('Enter');
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    expect(asked.filter((method) => method !== 'GET')).toEqual(['PATCH']);
    await page.getByRole('button', { name: /^Undo/ }).first().click();
    await expect(field).toHaveValue(was);
    await page.waitForLoadState('networkidle');
    asked.length = 0;
    await field.focus();
    await field.press('Enter');
    for (let n = 0; n < 6; n++) {
        const answered = page.waitForResponse((r) => r.request().method() === 'PATCH');
        await field.press(n % 2 === 0 ? 'ArrowUp' : 'ArrowDown');
        await (await answered).finished();
        await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    }
    expect(asked.filter((method) => method === 'PATCH')).toHaveLength(6);
    expect(asked.filter((method) => method !== 'PATCH' && method !== 'GET')).toEqual([]);
});

test('a label is read for one market and another, with what keeps it from being final first', async ({ page }) => {
    await page.goto('/pass/1/label');
    const label = page.getByRole('article', { name: /^Label of/ });
    await expect(label.getByText(/^Ingredients: /)).toBeVisible();
    await expect(label.getByRole('row', { name: /^Salt/ })).toBeVisible();
    await label.getByRole('combobox', { name: 'Sold in' }).press('Enter');
    await page.getByRole('option', { name: 'United States' }).click();
    await expect(label.getByText(/^Contains: /)).toBeVisible();
    await expect(label.getByText('Not final:')).toBeVisible();
    await expect(label.getByRole('row', { name: /^Vitamin D.*not known/ })).toBeVisible();
    await axe(page);
});
