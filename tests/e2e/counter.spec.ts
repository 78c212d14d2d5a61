import { axe, expect, openBench, rail, test } from './room';

const card = 'Roasted-hazelnut mousse pot';

test('dishes are found by diet, allergen, family, state and what is in them, and gone back to', async ({ page }) => {
    await page.goto('/');
    const dishes = page.getByRole('feed', { name: 'Dishes' }).getByRole('article');
    await expect(dishes.first()).toBeVisible();
    const all = await dishes.count();
    await page.getByLabel('Diet').click();
    await page.getByRole('option', { name: 'Vegan', exact: true }).click();
    await expect(page.getByText(/dishes found: Vegan/)).toBeVisible();
    await expect(page.getByText('cross-contact in the kitchen is another matter')).toBeVisible();
    await page.getByLabel('Clear of').click();
    await page.getByRole('option', { name: 'clear of milk' }).click();
    await expect(page.getByText(/found: Vegan, clear of milk/)).toBeVisible();
    await expect(page.getByRole('article', { name: 'Rhubarb buttermilk cream' }).getByRole('link', { name: /^Vegan 1 · ask the packets/ })).toBeVisible();
    await expect(page.getByRole('article', { name: 'Blackcurrant baked cheesecake' })).toHaveCount(0);
    await axe(page);
    // What was asked stands in the address.
    await page.reload();
    await expect(page.getByText(/found: Vegan, clear of milk/)).toBeVisible();
    await page.goBack();
    await expect(page.getByText(/dishes found: Vegan$/)).toBeVisible();
    await page.getByRole('button', { name: 'Show all' }).click();
    await expect(dishes).toHaveCount(all);
    // By the keyboard alone: what is in it.
    await page.getByLabel('Find a dish').focus();
    await page.keyboard.type('rhubarb');
    await expect(page.getByText(/dish(es)? found: “rhubarb”/)).toBeVisible();
    await page.getByLabel('Find a dish').fill('xylophone');
    await expect(page.getByText('No dish answers to that.')).toBeVisible();
});

test('what is next is said, found by whom it waits for, done, and taken back', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: `What to do with ${card}` }).click();
    await page.getByRole('menuitem', { name: 'Say what is next' }).click();
    const dialog = page.getByRole('dialog', { name: `What is next with ${card}` });
    await dialog.getByLabel('What is to be done').fill('weigh the air again');
    await dialog.getByLabel('By when').fill('2026-01-15');
    await dialog.getByLabel('Who or what it waits for').fill('Solvei');
    await axe(page);
    await dialog.getByLabel('What is to be done').press('Enter');
    await expect(dialog).toHaveCount(0);
    const next = page.getByRole('region', { name: 'What is next' });
    await expect(next.getByText('weigh the air again')).toBeVisible();
    await expect(next.getByText(/days late/).first()).toBeVisible();
    await next.getByLabel('Waits for').click();
    await page.getByRole('option', { name: 'Solvei' }).click();
    await expect(next.getByRole('listitem')).toHaveCount(1);
    await page.getByLabel('Find a dish').fill('Solvei');
    await expect(page.getByText('one dish found: “Solvei”')).toBeVisible();
    await page.getByRole('button', { name: 'Show all' }).click();
    // Done, by the keyboard, and not yet.
    await next.getByRole('button', { name: /^Done: weigh the air again/ }).focus();
    await page.keyboard.press('Enter');
    await expect(next.getByText('weigh the air again')).toHaveCount(0);
    await page.getByRole('button', { name: 'Not yet' }).click();
    await next.getByLabel('Waits for').click();
    await page.getByRole('option', { name: 'Solvei' }).click();
    await next.getByText('weigh the air again').click();
    await page.getByRole('button', { name: 'Take it away' }).click();
    await expect(next.getByText('weigh the air again')).toHaveCount(0);
});

test('a dish is put away, found there, and put back', async ({ page }) => {
    await page.goto('/');
    const dish = page.getByRole('article', { name: 'Night-sky lime icebox pie' });
    await dish.getByRole('button', { name: /^What to do with/ }).click();
    await page.getByRole('menuitem', { name: 'Put it away' }).click();
    await expect(dish).toHaveCount(0);
    // Put away, it is still gone to by a word.
    await page.keyboard.press('Control+k');
    await page.keyboard.type('night-sky');
    await expect(page.getByRole('option', { name: /Night-sky lime icebox pie, Original.*put away/ })).toBeVisible();
    await page.keyboard.press('Escape');
    await page.getByLabel('State').click();
    await page.getByRole('option', { name: 'put away' }).click();
    await expect(dish).toBeVisible();
    await dish.getByRole('button', { name: /^What to do with/ }).focus();
    await page.keyboard.press('Enter');
    await page.getByRole('menuitem', { name: 'Back on the counter' }).click();
    await expect(dish).toHaveCount(0);
    await page.getByRole('button', { name: 'Show all' }).click();
    await expect(dish).toBeVisible();
});

test('the studio’s currency is written wherever a cost stands', async ({ page }) => {
    await page.goto('/');
    const choose = async (code: RegExp) => {
        await page.getByRole('button', { name: 'Change the studio' }).click();
        const field = page.getByLabel('Costs are reckoned in');
        await field.fill(code.source.replace('^', ''));
        await page.getByRole('option', { name: code }).first().click();
        await page.getByRole('button', { name: 'Keep it' }).click();
        await expect(page.getByRole('dialog')).toHaveCount(0);
    };
    await choose(/^JPY/);
    await openBench(page, 'Passion-fruit curd tartlet', 'Original');
    await expect(page.getByRole('button', { name: /^¥\d+\s*, why is Cost this/ })).toBeVisible();
    await page.goto('/');
    await choose(/^EUR/);
    await openBench(page, 'Passion-fruit curd tartlet', 'Original');
    await expect(page.getByRole('button', { name: /^€\d+\.\d\d\s*, why is Cost this/ })).toBeVisible();
});

test('a line takes a note and a form, and the card shows them', async ({ page }) => {
    await openBench(page, 'Cardamom set custard', 'Original');
    await page.getByRole('region', { name: 'Ledger' }).getByRole('button', { name: /^Whole milk/ }).click();
    const why = page.getByRole('dialog', { name: /^Why: Whole milk/ });
    await why.getByLabel('Note').fill('keep 20 g back');
    await why.getByLabel('Note').press('Enter');
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    await why.getByLabel('Form').click();
    await page.getByRole('option', { name: 'heated before it goes in' }).click();
    await page.keyboard.press('Escape');
    await axe(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('region', { name: 'Ledger' }).getByText('“keep 20 g back”')).toBeVisible();
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByText(/heated, keep 20 g back/)).toBeVisible();
    await page.goBack();
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('“keep 20 g back”')).toHaveCount(0);
});

test('what nobody pays is named with what would pay it, and is put in with a press', async ({ page }) => {
    // On a copy, so that the dish itself stays as it was.
    await page.goto('/');
    await page.getByRole('button', { name: 'What to do with Rhubarb buttermilk cream' }).first().click();
    await page.getByRole('menuitem', { name: 'Make a copy' }).click();
    await openBench(page, 'Rhubarb buttermilk cream, copy', 'Vegan 1');
    const agar = page.getByLabel('Grams of Agar powder');
    const before = Number(await agar.inputValue());
    await agar.fill('0.8');
    await agar.press('Enter');
    const set = rail(page, 'set');
    await expect(set).toContainText('softer');
    await expect(set).toContainText(/g Agar powder would pay it/);
    await set.getByRole('button', { name: 'or otherwise' }).click();
    await expect(set).toContainText(/Cornflour .* would pay it/);
    // Rows that are scrolled half under the bar are no targets of their own.
    await page.getByRole('region', { name: 'Ledger' }).evaluate((ledger) => {
        ledger.scrollTo(0, 0);
    });
    await axe(page);
    await set.getByRole('button', { name: /^Put in .* g of Agar powder/ }).focus();
    await page.keyboard.press('Enter');
    await expect(set).toContainText('met');
    expect(Math.abs(Number(await agar.inputValue()) - before)).toBeLessThan(0.4);
    await page.goto('/');
    await page.getByRole('button', { name: 'What to do with Rhubarb buttermilk cream, copy' }).click();
    await page.getByRole('menuitem', { name: 'Remove' }).click();
    await expect(page.getByRole('article', { name: 'Rhubarb buttermilk cream, copy' })).toHaveCount(0);
});

test('a key is given another command’s place, refused where it is taken, and all are switched off', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    await page.keyboard.press('?');
    const dialog = page.getByRole('dialog', { name: 'Keys on the Bench' });
    await dialog.getByRole('button', { name: /choose another for: To the first gram/ }).click();
    await page.keyboard.press('b');
    await expect(dialog.getByText('b is for “Balance again, pinned lines held”')).toBeVisible();
    await page.keyboard.press('w');
    await expect(dialog.getByRole('button', { name: /^w: choose another for: To the first gram/ })).toBeVisible();
    await axe(page);
    await dialog.getByRole('button', { name: 'Close' }).click();
    await page.keyboard.press('w');
    await expect(page.locator('[data-grams]').first()).toBeFocused();
    await page.keyboard.press('Escape');
    await page.keyboard.press('?');
    await dialog.getByLabel('Single keys are on').click();
    await dialog.getByRole('button', { name: 'Close' }).click();
    await page.keyboard.press('w');
    await expect(page.locator('[data-grams]').first()).not.toBeFocused();
    await page.getByRole('button', { name: 'Keys' }).click();
    await dialog.getByRole('button', { name: 'As they were' }).click();
    await expect(dialog.getByLabel('Single keys are on')).toBeChecked();
});

test('the first Tab leads past the rooms, and on the Bench to its parts', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    await page.locator('body').click({ position: { x: 640, y: 4 } });
    await page.keyboard.press('Tab');
    for (let n = 0; n < 40; n++) {
        if (await page.getByRole('link', { name: 'To who pays' }).evaluate((link) => link === document.activeElement)) break;
        await page.keyboard.press('Tab');
    }
    await expect(page.getByRole('link', { name: 'To who pays' })).toBeInViewport();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('tab', { name: 'Who pays' })).toBeFocused();
});

test('trials and cards are found by a word', async ({ page }) => {
    await page.goto('/notebook');
    await page.getByLabel('Find a trial').fill('blackcurrant');
    await expect(page.getByText(/Softer in the middle/)).toBeVisible();
    await expect(page.getByText(/Held its edge when piped/)).toHaveCount(0);
    await page.getByLabel('Find a trial').fill('');
    await page.getByLabel('How it came out').click();
    await page.getByRole('option', { name: 'as foretold', exact: true }).click();
    await expect(page.getByText(/Held its edge when piped/)).toBeVisible();
    await axe(page);
    await page.goto('/pass');
    await page.getByLabel('Find a card').fill('quince');
    await expect(page.getByRole('link', { name: /^Card of Frozen quince bar, Vegan 1/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /^Card of Cardamom/ })).toHaveCount(0);
    await axe(page);
});

test('of five thousand dishes only those near the window are in the page, and all are reached by wheel and by Tab', async ({ page }) => {
    const real = (await (await page.request.get('/api/dishes')).json()) as { id: number; title: string }[];
    const many = Array.from({ length: 5000 }, (_, n) => ({ ...real[n % real.length], id: n + 1, title: `Pot ${n + 1}` }));
    await page.route(/\/api\/dishes(\?|$)/, async (route) => {
        const from = Number(new URL(route.request().url()).searchParams.get('cursor') ?? 0);
        const next = from + 500 < many.length ? { 'X-Next': String(from + 500) } : {};
        await route.fulfill({ json: many.slice(from, from + 500), headers: { 'X-Total': String(many.length), ...next } });
    });
    await page.goto('/');
    const feed = page.getByRole('feed', { name: 'Dishes' });
    const cards = feed.getByRole('article');
    await expect(cards.first()).toHaveAttribute('aria-setsize', '5000');
    // By Tab, past what was drawn at first.
    await feed.getByRole('link', { name: 'Pot 1', exact: true }).focus();
    const at = () => page.evaluate(() => Number(document.activeElement?.closest('article')?.getAttribute('aria-posinset') ?? 0));
    for (let n = 0; n < 150; n += 1) await page.keyboard.press('Tab');
    expect(await at()).toBeGreaterThan(20);
    // By wheel, with the focus kept where it was.
    const held = await at();
    await page.mouse.move(500, 500);
    await expect
        .poll(async () => {
            await page.mouse.wheel(0, 40_000);
            return Number(await cards.last().getAttribute('aria-posinset'));
        }, { timeout: 40_000, intervals: [50] })
        .toBe(5000);
    expect(await cards.count()).toBeLessThan(60);
    expect(await at()).toBe(held);
    await expect(feed.getByRole('link', { name: 'Pot 5000' })).toBeInViewport();
    await axe(page);
});
