import { axe, expect, openBench, rail, test } from './room';

test('one dish against five diets, each opened to the Bench with a press', async ({ page }) => {
    await page.goto('/spread');
    await page.getByLabel('Dish').click();
    await page.getByRole('option', { name: 'Cardamom set custard' }).click();
    const vegan = page.getByRole('article', { name: 'Vegan' });
    await expect(vegan.getByText(/fit/)).toBeVisible();
    for (const diet of ['Eggless', 'Gluten-free', 'Keto', 'High protein']) await expect(page.getByRole('article', { name: diet })).toContainText(/fit|Out of reach/, { timeout: 20_000 });
    await expect(page.getByRole('article', { name: 'Eggless' }).getByText('milk', { exact: true })).toBeVisible();
    await expect(vegan.getByText('milk', { exact: true })).toHaveCount(0);
    await axe(page);
    const over = await page.evaluate(() => { const main = document.querySelector('main'); return main ? main.scrollWidth - main.clientWidth : null; });
    expect(over).toBe(0);
    // Several are taken at once, by mouse and by keyboard; each leads to its version.
    await page.getByRole('checkbox', { name: 'Take Eggless' }).check();
    await page.getByRole('checkbox', { name: 'Take Vegan' }).focus();
    await page.keyboard.press('Space');
    await page.getByRole('button', { name: 'Take the 2 ticked' }).click();
    const all = page.getByRole('button', { name: 'Take them all the same' });
    const taken = page.getByRole('link', { name: 'Taken: to the Bench' });
    await expect(all.or(taken.first())).toBeVisible();
    if (await all.isVisible()) await all.click();
    await expect(taken).toHaveCount(2);
    await page.getByRole('article', { name: 'Eggless' }).getByRole('link', { name: 'Taken: to the Bench' }).click();
    await expect(page.getByRole('link', { name: /^Eggless \d/ }).last()).toHaveAttribute('aria-current', 'page');
});

test('two diets at once stand beside the five, and one version that serves several is named', async ({ page }) => {
    await page.goto('/spread');
    await page.getByLabel('Dish').click();
    await page.getByRole('option', { name: 'Rhubarb buttermilk cream' }).click();
    await page.getByRole('button', { name: 'Beside them' }).click();
    const pair = page.getByRole('article', { name: 'Vegan and gluten-free' });
    await expect(pair).toContainText(/fit|Out of reach/, { timeout: 30_000 });
    await expect(page.getByText(/^Solved/)).toHaveCount(0, { timeout: 30_000 });
    const several = page.getByRole('region', { name: 'One for several' });
    await expect(several).toContainText(/One for [2-5] of 5: .*(vegan|eggless|gluten-free|keto|high protein)/i);
    // What is unproven opens what has to be asked.
    await pair.getByRole('button', { name: /^unproven/ }).first().click();
    await expect(page.getByRole('dialog', { name: 'What has to be asked' })).toContainText('a packet or a certificate has not been asked yet');
    await axe(page);
    await page.keyboard.press('Escape');
    await page.reload();
    await expect(pair).toBeVisible();
    await page.getByRole('button', { name: 'Leave out Vegan and gluten-free' }).click();
    await expect(pair).toHaveCount(0);
});

test('a brief out of reach says by how much, and the nearest is one press away', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Original');
    await page.getByRole('button', { name: 'Vegan', exact: true }).click();
    await page.getByRole('button', { name: /^More and limits/ }).click();
    await page.getByLabel('Limit for one portion: kcal, at most').fill('60');
    await page.getByRole('button', { name: 'Find routes' }).click();
    await expect(page.getByText('No route keeps this brief.')).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText(/over 60 kcal by \d+/)).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: /^Accept at most .* kcal/ }).click();
    await expect(page.getByRole('region', { name: 'Routes and swaps' }).getByRole('article').first()).toBeVisible({ timeout: 20_000 });
});

test('a version is retargeted, scaled, compared, noted, and a rail dragged', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    const tool = async (name: string) => {
        await page.getByRole('button', { name: 'This version' }).click();
        await page.getByRole('menuitem', { name }).click();
    };
    // A rail, by keyboard: what is wanted moves, and balancing follows it.
    const wanted = page.getByRole('slider', { name: 'Wanted: Sweetness' });
    await wanted.focus();
    await wanted.press('ArrowLeft');
    await expect(page.getByText('Wanted otherwise than the original: sweetness.')).toBeVisible();
    await page.getByRole('button', { name: 'Balance again' }).click();
    await expect(rail(page, 'sweetness')).toContainText('met');
    await page.getByRole('button', { name: 'As the original' }).click();
    await expect(page.getByText('Wanted otherwise than the original')).toHaveCount(0);
    // Taking back goes over rails and weighings alike.
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByText('Wanted otherwise than the original: sweetness.')).toBeVisible();
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(page.getByText('Wanted otherwise than the original')).toHaveCount(0);

    await tool('Notes');
    await page.getByRole('textbox', { name: 'Notes' }).fill('Try a pinch more salt.');
    await page.getByRole('button', { name: 'Keep them' }).click();

    await tool('Compare with another version');
    const compare = page.getByRole('dialog', { name: /beside another version/ });
    await expect(compare.getByRole('row', { name: /^Vegan not met/ })).toBeVisible();
    await axe(page);
    await compare.getByRole('button', { name: 'Close' }).click();

    await tool('Schools');
    await expect(page.getByRole('dialog').getByText('nutrition: what is taken off carbohydrate')).toBeVisible();
    await axe(page);
    await page.getByRole('combobox', { name: 'Net carbs, dish' }).click();
    await page.getByRole('option', { name: 'all polyols whole' }).click();
    await page.getByRole('button', { name: 'Keep them' }).click();
    await expect(page.getByText('By your school: net carbs, all polyols whole')).toBeVisible();

    await tool('Another tin or number');
    await page.getByLabel('Portions').fill('24');
    await page.getByRole('button', { name: 'Scale' }).click();
    await expect(page.getByRole('link', { name: 'For 24 1' })).toHaveAttribute('aria-current', 'page');
    await expect(page.getByText('24 portions')).toBeVisible();

    await tool('Softer, sharper, less sweet…');
    const sweet = page.getByRole('slider', { name: 'Sweetness', exact: true });
    await sweet.focus();
    for (let n = 0; n < 4; n++) await sweet.press('ArrowLeft');
    await expect(page.getByRole('dialog').getByText('80 %')).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByRole('link', { name: 'Less sweet 1' })).toHaveAttribute('aria-current', 'page');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Notes' }).click();
    await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('');
});
