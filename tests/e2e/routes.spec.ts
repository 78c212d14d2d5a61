import { axe, expect, openBench, test } from './room';

test('routes are put in the order one goes by, and two stand side by side before one is taken', async ({ page }) => {
    await openBench(page, 'Night-sky lime icebox pie', 'Original');
    await page.getByRole('button', { name: 'Vegan', exact: true }).click();
    const routes = page.getByRole('region', { name: 'Routes and swaps' });
    await expect(routes.getByRole('article').nth(1)).toBeVisible({ timeout: 20_000 });
    const costs = async () => (await routes.getByRole('article').allTextContents()).map((text) => Number(/([\d.]+) each/.exec(text)?.[1]));
    await page.getByLabel('Order of routes').selectOption('cheapest first');
    const cheapest = await costs();
    expect(cheapest.length).toBeGreaterThan(1);
    expect(cheapest).toEqual([...cheapest].sort((a, b) => a - b));
    await expect(page.getByRole('button', { name: 'Tick two to put side by side' })).toBeDisabled();
    await routes.getByRole('checkbox').nth(0).press('Space');
    await routes.getByRole('checkbox').nth(1).press('Space');
    await page.getByRole('button', { name: 'Put 2 side by side' }).click();
    const beside = page.getByRole('dialog', { name: 'Side by side' });
    await expect(beside.getByRole('row', { name: /^Condensed milk/ })).toContainText('397 g');
    await expect(beside.getByRole('row', { name: /^Condensed milk/ }).getByText('out')).toHaveCount(2);
    await axe(page);
    await beside.getByRole('button', { name: /Take / }).first().click();
    await expect(page.getByRole('navigation', { name: 'Versions' }).locator('a[aria-current=page]')).toHaveText(/^Vegan \d/);
});

test('a term explains itself on focus and on hover, and all of them stand on one page', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    // By keyboard: what is pressed with a mouse is not explained at every press.
    await page.keyboard.press('Tab');
    await page.locator('[data-rail="sweetness"]').getByText('Sweetness', { exact: true }).focus();
    await expect(page.getByRole('tooltip')).toContainText('as the sugar that would taste as sweet');
    await axe(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('tooltip')).toHaveCount(0);
    await page.locator('[data-rail="set"]').getByText('Set', { exact: true }).hover();
    await expect(page.getByRole('tooltip')).toContainText('How firmly it holds');
    await page.goto('/words');
    await page.getByLabel('Find a word').fill('certificate has not');
    await expect(page.getByRole('term')).toHaveText(['Unproven']);
    await page.getByLabel('Find a word').fill('');
    await axe(page);
});

test('a job says who did it and who does it, and its line is lit with it', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    const set = page.locator('[data-rail="set"]');
    await expect(set.getByRole('img', { name: /^Who did it: Egg yolk \d+ %/ })).toBeVisible();
    await expect(set.getByRole('img', { name: /^Who does it: / })).toBeVisible();
    const shares = [...((await set.getByRole('img', { name: /^Who did it/ }).getAttribute('aria-label')) ?? '').matchAll(/(\d+) %/g)].map((one) => Number(one[1]));
    expect(Math.abs(shares.reduce((sum, share) => sum + share, 0) - 100)).toBeLessThanOrEqual(3);
    await expect(page.locator('[data-rail="protein"]')).toContainText('nobody pays');
    const line = page.getByRole('region', { name: 'Ledger' }).locator('[data-row]').filter({ has: page.getByLabel('Grams of Cornflour (maize starch)') });
    // What would pay comes a moment later and moves the rows down: the mouse is not to be left behind.
    await expect(page.locator('[data-rail="protein"]')).toContainText('would pay it');
    const before = await line.evaluate((el) => getComputedStyle(el).backgroundColor);
    await page.locator('[data-rail="set"]').getByText('Cornflour').hover();
    await expect.poll(() => line.evaluate((el) => getComputedStyle(el).backgroundColor)).not.toBe(before);
    await page.getByRole('button', { name: 'worst first' }).click();
    await expect(page.locator('[data-rail]').first()).toHaveAttribute('data-rail', 'set');
    await page.getByRole('button', { name: 'in the kitchen’s order' }).click();
    await expect(page.locator('[data-rail]').first()).toHaveAttribute('data-rail', 'fat');
});

test('anything is found and done by a word, from the keyboard', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByRole('article').first()).toBeVisible();
    await page.keyboard.press('Control+k');
    const finder = page.getByRole('dialog', { name: 'Find or do' });
    await axe(page);
    await page.keyboard.type('curd veg');
    await expect(finder.getByRole('option').first()).toContainText('Passion-fruit curd tartlet, Vegan 1');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Passion-fruit curd tartlet', level: 1 })).toBeVisible();
    await page.keyboard.press('Control+k');
    await page.keyboard.type('list key');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('dialog', { name: 'Keys on the Bench' })).toContainText('Balance again');
    await page.keyboard.press('Escape');
    await page.keyboard.press('Control+k');
    await page.keyboard.type('whole mil');
    await expect(finder.getByRole('option', { name: /^Whole milk/ }).first()).toBeVisible();
    await page.keyboard.type(' zzz');
    await expect(finder.getByText('Nothing answers to')).toBeVisible();
    for (let n = 0; n < 4; n += 1) await page.keyboard.press('Backspace');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /^Whole milk/ })).toBeVisible();
});

test('the making of a version says what enters when, what is watched, and what is not so in the original', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    await page.getByRole('link', { name: 'Card' }).or(page.getByRole('button', { name: 'Card' })).first().click();
    await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: /^Method/ }).click();
    const making = page.getByRole('region', { name: 'The making, step by step' });
    const curd = making.getByRole('list', { name: 'Steps of Curd' });
    await expect(curd.getByText(/bring to a full boil/)).toBeVisible();
    await expect(curd.getByText('not so in the original').first()).toBeVisible();
    await expect(making.getByText(/what sets it dissolves: 95 °C and over/)).toBeVisible();
    await expect(curd.getByText(/^fill in \d+ g/i)).toBeVisible();
    await axe(page);
});
