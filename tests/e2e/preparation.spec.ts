import { axe, expect, openBench, test } from './room';

test('a praline is made, stands beside the bought one, goes into a dish, and its change is proposed there', async ({ page }) => {
    await page.goto('/shelf');
    await page.getByRole('button', { name: 'Make a preparation' }).click();
    const make = page.getByRole('dialog', { name: 'Make a preparation' });
    await make.getByLabel('Name').fill('Dome praline');
    await make.getByLabel('What goes in').fill('200 g hazelnuts\n200 g caster sugar\n\nMethod\nCaramelise the sugar, add the nuts, cool and blend.');
    await make.getByLabel('What would be bought instead').fill('praline paste');
    await page.getByRole('option', { name: 'Praline paste (half sugar)' }).click();
    await expect(make.getByText('Contains nuts.')).toBeVisible();
    await axe(page);
    await make.getByRole('button', { name: 'Keep it on the shelf' }).click();
    await expect(page.getByRole('heading', { name: 'Dome praline' })).toBeVisible();
    const here = page.getByRole('region', { name: 'Made here' });
    await expect(here.getByText('Caramelise the sugar, add the nuts, cool and blend.')).toBeVisible();
    await expect(here.getByRole('row', { name: /bought: Praline paste/ })).toBeVisible();
    await axe(page);

    // Into a dish, whose card opens it.
    await page.goto('/new');
    await page.getByLabel('Name of the dish').fill('Dome pot');
    await page.getByLabel('Ingredient lines').fill('300 ml double cream\n90 g dome praline');
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Dome pot', level: 1 })).toBeVisible();
    const bench = page.url();
    await page.getByRole('link', { name: 'Card' }).click();
    await expect(page.getByText('of 45 g Hazelnuts, roasted, 45 g Caster or granulated sugar')).toBeVisible();
    await expect(page.getByText('Dome praline, 90 g, made before')).toBeVisible();

    // Its change waits in the dish until it is asked for.
    await page.goto('/shelf/own-dome-praline');
    await page.getByRole('button', { name: 'Change the preparation' }).click();
    await page.getByLabel('What goes in').fill('300 g hazelnuts\n100 g caster sugar');
    await page.getByRole('button', { name: 'Keep it on the shelf' }).click();
    await expect(here.getByText('750 g')).toBeVisible();
    await page.goto(bench);
    await expect(page.getByText('Computed with the shelf as it was.')).toBeVisible();
});

test('a layer is kept as a preparation and stands as one line, and undo brings its lines back', async ({ page }) => {
    await openBench(page, 'Blackcurrant baked cheesecake', 'Original');
    const ledger = page.getByRole('region', { name: 'Ledger' });
    const lines = await ledger.locator('[data-row="line"]').count();
    await ledger.getByRole('button', { name: /^Keep .* as a preparation$/ }).first().click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Its name').fill('Comet crumb');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(ledger.getByRole('button', { name: /^Comet crumb/ })).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(ledger.locator('[data-row="line"]')).toHaveCount(lines);
});

test('what a value marked common practice rests on can be opened', async ({ page }) => {
    await page.goto('/practice#setting');
    await expect(page.getByRole('heading', { name: 'Setting' })).toBeVisible();
    await expect(page.getByText(/full only after 6–16 h in the cold/)).toBeVisible();
    await axe(page);
});
