import { axe, expect, openBench, test } from './room';

const kept = /^kept \d\d:\d\d$/;

test('history outlives a reload, is read and compared, and any of it is taken again', async ({ page }) => {
    await openBench(page, 'Rhubarb buttermilk cream', 'Vegetarian 1');
    const sugar = page.getByLabel(/^Grams of Caster or granulated sugar/).first();
    const was = await sugar.inputValue();
    await sugar.fill('77');
    await sugar.press('Enter');
    await expect(page.getByText(kept)).toBeVisible();
    await sugar.fill('88');
    await sugar.press('Enter');
    await expect(page.getByText(kept)).toBeVisible();

    // Another day: what was done can still be taken back, one after the other, and brought again.
    await page.reload();
    await expect(sugar).toHaveValue('88');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sugar).toHaveValue('77');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sugar).toHaveValue(was);
    await page.reload();
    await page.getByRole('button', { name: 'Redo' }).click();
    await expect(sugar).toHaveValue('77');

    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'History' }).click();
    const history = page.getByRole('dialog', { name: 'History of Vegetarian 1' });
    await expect(history.getByRole('listitem', { name: 'Revision 2' })).toContainText('→ 77 g');
    await expect(history.getByRole('listitem', { name: 'Revision 2' })).toContainText('as it stands');
    await history.getByRole('checkbox', { name: 'Compare revision 1' }).check();
    await history.getByRole('checkbox', { name: 'Compare revision 3' }).check();
    const beside = history.getByRole('region', { name: 'Revision 1 beside revision 3' });
    await expect(beside.getByText(/Caster or granulated sugar .* → 88 g/)).toBeVisible();
    await axe(page);
    await history.getByRole('button', { name: 'Restore revision 3' }).click();
    await expect(history.getByRole('listitem', { name: 'Revision 4' })).toContainText('Restored revision 3');
    await history.getByRole('button', { name: 'Close' }).click();
    await expect(sugar).toHaveValue('88');
});

test('an original changed says who is held against what was, and holds them anew', async ({ page }) => {
    await openBench(page, 'Frozen quince bar', 'Original');
    const first = page.locator('[data-grams]').first();
    await first.fill('50');
    await first.press('Enter');
    await expect(page.getByText(kept)).toBeVisible();
    const note = page.getByRole('status').filter({ hasText: 'held against the original as it was before' });
    await expect(note).toContainText('Vegan 1, Gluten-free 1');

    await page.getByRole('navigation', { name: 'Versions' }).getByRole('link', { name: 'Vegan 1' }).click();
    await expect(page.getByText('The original has changed since.')).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: 'Hold it against the original as it is now' }).click();
    await expect(page.getByText('The original has changed since.')).toHaveCount(0);

    await page.getByRole('navigation', { name: 'Versions' }).getByRole('link', { name: 'Original' }).click();
    await page.getByRole('button', { name: 'Hold it against this one' }).click();
    await expect(page.getByText(/held against the original as it was/)).toHaveCount(0);
});
