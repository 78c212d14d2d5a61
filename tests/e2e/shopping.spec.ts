import { axe, expect, test } from './room';

test('a service is bought for in whole packs, by the latest list of a supplier that is read in', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await page.goto('/clock/1');
    const buy = page.getByRole('region', { name: 'To buy' });
    await expect(buy.getByText(/About €[\d.,]+ in whole packs/)).toBeVisible();
    await expect(buy.getByText(/Only because of a diet:/)).toBeVisible();
    await expect(buy.getByRole('row', { name: /Eggs in shell.*egg yolk/i })).toContainText(/× Eggs/);
    await buy.getByRole('button', { name: 'Price lists' }).click();
    const dialog = page.getByRole('dialog', { name: 'Price lists' });
    await expect(dialog.getByText('Pier Stores (simulated)').first()).toBeVisible();
    await dialog.getByLabel('Supplier').fill('Mill on the hill');
    await dialog.getByLabel('or the table itself').fill('ingredient,article,pack_g,price\nplain wheat flour,Mill flour,2500,cheap');
    await dialog.getByRole('button', { name: 'Read it in' }).click();
    await expect(dialog.getByRole('alert')).toContainText('line 2');
    await expect(dialog.getByLabel('Supplier')).toHaveValue('Mill on the hill');
    await dialog.getByLabel('or the table itself').fill('ingredient,article,pack_g,price\nplain wheat flour,Mill flour,300,0.40');
    await dialog.getByRole('button', { name: 'Read it in' }).click();
    await expect(dialog.getByRole('list', { name: 'Lists that are there' }).getByText('Mill on the hill')).toBeVisible();
    await axe(page);
    await dialog.getByRole('button', { name: 'Close' }).click();
    await expect(buy.getByRole('row', { name: /Plain wheat flour/ })).toContainText('1 × Mill flour');
    const table = await (await page.request.get((await buy.getByRole('link', { name: 'As a table' }).getAttribute('href')) ?? '')).text();
    expect(table).toContain('Mill on the hill');
    // As it was.
    await buy.getByRole('button', { name: 'Price lists' }).click();
    await dialog.getByRole('button', { name: /Take the list of Mill on the hill/ }).click();
    await expect(dialog.getByText('Mill on the hill')).toHaveCount(0);
});

test('who is not served by any version is served by a route that is made from there', async ({ page }) => {
    await page.goto('/clock/1/covers');
    await page.getByRole('button', { name: 'More who are alike' }).click();
    const rows = page.getByRole('listitem');
    await rows.last().getByLabel('How many').fill('2');
    await rows.last().getByLabel('Diets').fill('keto');
    await page.getByRole('option', { name: 'Keto' }).click();
    await page.getByLabel('Of which dish').fill('Rhubarb');
    await page.getByRole('option', { name: /Rhubarb/ }).click();
    await page.getByRole('button', { name: 'Find the fewest versions' }).click();
    await expect(page.getByText(/Not served by any version of Rhubarb/)).toBeVisible();
    await expect(page.getByText(/A route would serve/).or(page.getByText(/No route serves them either/)).first()).toBeVisible({ timeout: 20_000 });
    await axe(page);
    const take = page.getByRole('button', { name: 'Make that version' });
    if ((await take.count()) > 0) {
        const served = page.getByText(/A route would serve/);
        const before = await served.count();
        await take.first().click();
        await expect(served).toHaveCount(before - 1, { timeout: 20_000 });
    }
    // As it was.
    await rows.last().getByRole('button', { name: 'Leave out' }).click();
    await page.getByRole('button', { name: 'Keep who comes' }).click();
});
