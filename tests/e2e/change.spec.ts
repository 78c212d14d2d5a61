import { axe, expect, openBench, test } from './room';

const KEPT = /kept \d\d:\d\d/;

test('a layer is renamed, treated, given a tin in inches, moved, split and taken out, and each is undone', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await openBench(page, 'Bay-leaf cream slice', 'Original');
    const ledger = page.getByRole('region', { name: 'Ledger' });
    const layers = ledger.getByRole('heading', { level: 2 });
    const names = async () => layers.allTextContents();
    const first = await names();
    await ledger.getByRole('button', { name: 'Change the layer Bay cream' }).click();
    const dialog = page.getByRole('dialog');
    await axe(page);
    await dialog.getByLabel('Name', { exact: true }).fill('Laurel cream');
    await dialog.getByLabel('Tin, or glasses').fill('moon pan');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog.getByRole('alert')).toContainText('round 200 x 60 mm');
    await expect(dialog.getByLabel('Name', { exact: true })).toHaveValue('Laurel cream');
    await dialog.getByLabel('Tin, or glasses').fill('rect 12 x 8 x 2 in');
    await dialog.getByLabel('What is done to it').fill('boil 3 min stirred');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
    await expect(ledger.getByText('rect 304.8 x 203.2 x 50.8 mm')).toBeVisible();
    await expect(ledger.getByRole('heading', { name: 'Laurel cream' })).toBeVisible();

    const at = (await names()).indexOf('Laurel cream');
    expect(at).toBeGreaterThan(0);
    await ledger.getByRole('button', { name: 'Change the layer Laurel cream' }).click();
    await dialog.getByRole('button', { name: 'Lower' }).click();
    await expect(dialog).toHaveCount(0);
    expect((await names()).indexOf('Laurel cream')).toBe(at - 1);

    await ledger.getByRole('button', { name: 'Change the layer Laurel cream' }).click();
    await dialog.getByRole('button', { name: 'Split' }).click();
    await dialog.getByRole('checkbox').first().check();
    await dialog.getByLabel('Name of the new layer').fill('Infusion');
    await dialog.getByRole('button', { name: 'Split them off' }).click();
    await expect(ledger.getByRole('heading', { name: 'Infusion' })).toBeVisible();
    await ledger.getByRole('button', { name: 'Change the layer Infusion' }).click();
    await dialog.getByRole('button', { name: 'Take it out' }).click();
    await expect(ledger.getByRole('heading', { name: 'Infusion' })).toHaveCount(0);
    for (let n = 0; n < 4; n += 1) {
        await page.getByRole('button', { name: 'Undo' }).click();
        await expect(page.getByText(KEPT)).toBeVisible();
    }
    await expect.poll(names).toEqual(first);
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
});

test('a layer is added and lines moved into it by keyboard, by choice and by drag', async ({ page }) => {
    await openBench(page, 'Cardamom set custard', 'Original');
    const ledger = page.getByRole('region', { name: 'Ledger' });
    await ledger.getByLabel('Add a layer').fill('Jelly');
    await page.keyboard.press('Enter');
    const jelly = ledger.getByRole('region', { name: 'Jelly' });
    await expect(jelly).toBeVisible();
    await jelly.getByLabel('Add a line to Jelly').fill('100 g water');
    await page.keyboard.press('Enter');
    await expect(jelly.getByLabel('Grams of Water')).toHaveValue('100');
    const custard = ledger.getByRole('region').filter({ has: page.getByLabel('Grams of Caster or granulated sugar') }).first();
    // By keyboard, over the edge.
    const lines = await custard.locator('[data-row]').count();
    for (let n = 0; n < lines; n += 1) {
        if ((await jelly.getByLabel('Grams of Caster or granulated sugar').count()) > 0) break;
        const sugar = ledger.getByLabel('Grams of Caster or granulated sugar');
        const place = () => ledger.locator('[data-grams]').evaluateAll((all) => all.findIndex((one) => one.getAttribute('aria-label') === 'Grams of Caster or granulated sugar'));
        const [was, inJelly] = [await place(), await jelly.getByLabel('Grams of Caster or granulated sugar').count()];
        await sugar.focus();
        await expect(sugar).toBeFocused();
        await page.keyboard.press('Alt+ArrowDown');
        // Each press moves it once: a place further down, or over the edge.
        await expect.poll(async () => (await place()) - was + (await jelly.getByLabel('Grams of Caster or granulated sugar').count()) - inJelly).toBe(1);
        await expect(page.getByText(KEPT)).toBeVisible();
    }
    await expect(jelly.getByLabel('Grams of Caster or granulated sugar')).toHaveValue('90');
    // By choice, back.
    await jelly.getByRole('button', { name: /^Caster or granulated sugar/ }).click();
    await page.getByRole('dialog').getByLabel('Layer').click();
    const read = page.waitForResponse((answer) => answer.request().method() === 'PATCH');
    await page.getByRole('option', { name: 'Custard' }).click();
    await read;
    await expect(custard.getByLabel('Grams of Caster or granulated sugar')).toHaveValue('90');
    // By drag, once the rows say what they do now: their words, and with them their height, come with the reading.
    await expect(custard.getByRole('button', { name: /^Caster or granulated sugar.*sweet/ })).toBeVisible();
    await page.waitForTimeout(300);
    await custard.getByRole('button', { name: /^Caster or granulated sugar/ }).dragTo(jelly.getByRole('button', { name: /^Water/ }));
    await expect(jelly.getByLabel('Grams of Caster or granulated sugar')).toHaveValue('90');
    // Another thing in its place, in any kitchen's words; pressed once the rows stand still again.
    await expect(jelly.getByRole('button', { name: /^Caster or granulated sugar.*sweet/ })).toBeVisible();
    await expect(page.getByText(KEPT)).toBeVisible();
    await jelly.getByRole('button', { name: /^Caster or granulated sugar/ }).click();
    await page.getByRole('button', { name: 'Write it anew' }).click();
    await page.getByLabel('The line, in any kitchen’s words').fill('2 tbsp honey');
    await page.keyboard.press('Enter');
    await expect(jelly.getByLabel('Grams of Honey')).toBeVisible();
    // All of it back, step by step.
    const undo = page.getByRole('button', { name: 'Undo' });
    await expect(undo).toBeEnabled();
    while (await undo.isEnabled()) {
        // It may have come to the beginning between the look and the press.
        await undo.click({ timeout: 3000 }).catch(() => undefined);
        await expect(page.getByText(KEPT)).toBeVisible();
    }
    await expect(custard.getByLabel('Grams of Caster or granulated sugar')).toHaveValue('90');
    await expect(jelly).toHaveCount(0);
});

test('name, kind, portions and serving are changed by keyboard, and what cannot be stays with its reason', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await openBench(page, 'Roasted-hazelnut mousse pot', 'Nut-free 1');
    await page.getByRole('button', { name: 'This version' }).focus();
    await page.keyboard.press('Enter');
    await page.keyboard.press('Enter');
    const dialog = page.getByRole('dialog', { name: 'Name, kind and portions' });
    await axe(page);
    await dialog.getByLabel('Portions').fill('2.5');
    await expect(dialog.getByText('A whole number from 1 to 10000')).toBeVisible();
    await expect(dialog.getByRole('button', { name: 'Keep it' })).toBeDisabled();
    await dialog.getByLabel('or g in each').fill('60');
    await expect(dialog.getByText(/^makes \d+ of [\d.]+ g$/)).toBeVisible();
    await dialog.getByLabel('This version').fill('Seed pot');
    await dialog.getByLabel('Dish', { exact: true }).fill('Lantern mousse pot');
    await dialog.getByLabel('Served at, °C').fill('8');
    await page.keyboard.press('Enter');
    await expect(dialog).toHaveCount(0);
    await expect(page.getByRole('heading', { name: 'Lantern mousse pot', level: 1 })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Seed pot' })).toBeVisible();
    // A name is one version's.
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Name, kind and portions' }).click();
    await dialog.getByLabel('This version').fill('original');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog.getByRole('alert')).toContainText('another version of this dish is called that');
    await dialog.getByLabel('This version').fill('Nut-free 1');
    await dialog.getByLabel('Dish', { exact: true }).fill('Roasted-hazelnut mousse pot');
    await dialog.getByRole('button', { name: 'Keep it' }).click();
    await expect(dialog).toHaveCount(0);
});

test('a version and a dish are copied, removed, and brought back from the drawer', async ({ page, faults }) => {
    faults.expected.push(/404/);
    await openBench(page, 'Dark-hours chestnut pot', 'Original');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Make a copy beside it' }).click();
    await expect(page.getByRole('link', { name: 'Variant 1' })).toHaveAttribute('aria-current', 'page');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Remove this version' }).click();
    await expect(page.getByText('Dark-hours chestnut pot, Variant 1 is removed.')).toBeVisible();
    await expect(page.getByRole('link', { name: 'Variant 1' })).toHaveCount(0);
    await axe(page);
    await page.getByRole('button', { name: 'Bring it back' }).click();
    await expect(page.getByRole('link', { name: 'Variant 1' })).toBeVisible();

    await page.goto('/');
    await page.getByRole('button', { name: 'What to do with Dark-hours chestnut pot' }).click();
    await page.getByRole('menuitem', { name: 'Make a copy' }).click();
    const copy = page.getByRole('article', { name: 'Dark-hours chestnut pot, copy' });
    await expect(copy).toBeVisible();
    await expect(copy.getByRole('link', { name: 'Variant 1' })).toBeVisible();
    await page.getByRole('button', { name: 'What to do with Dark-hours chestnut pot, copy' }).click();
    await page.getByRole('menuitem', { name: 'Remove' }).click();
    await expect(copy).toHaveCount(0);
    await page.reload();
    await page.getByRole('button', { name: 'Removed', exact: true }).click();
    const drawer = page.getByRole('dialog', { name: 'Removed' });
    await axe(page);
    await drawer.getByRole('article', { name: 'Dark-hours chestnut pot, copy' }).getByRole('button', { name: 'Bring it back' }).click();
    await expect(drawer.getByText('Nothing was removed.')).toBeVisible();
    await drawer.getByRole('button', { name: 'Close' }).click();
    await expect(copy).toBeVisible();
    // For good, and only then is anything asked.
    await page.getByRole('button', { name: 'What to do with Dark-hours chestnut pot, copy' }).click();
    await page.getByRole('menuitem', { name: 'Remove' }).click();
    await expect(copy).toHaveCount(0);
    await page.getByRole('button', { name: 'Removed', exact: true }).click();
    await drawer.getByRole('button', { name: 'Remove for good…' }).click();
    await drawer.getByRole('button', { name: 'Remove it for good' }).click();
    await expect(drawer.getByText('Nothing was removed.')).toBeVisible();
});

test('an absurd mass is asked back before it counts', async ({ page }) => {
    await openBench(page, 'Cardamom set custard', 'Original');
    const sugar = page.getByLabel('Grams of Caster or granulated sugar');
    await sugar.fill('99999');
    await expect(page.getByText('99999 g? Enter if it is')).toBeVisible();
    await axe(page);
    await sugar.press('Escape');
    await expect(sugar).toHaveValue(/^\d+$/);
    await sugar.fill('abc');
    await sugar.press('Enter');
    await expect(sugar).toHaveValue('abc');
    await expect(page.getByText('A number from 0 to 100000')).toBeVisible();
    await sugar.press('Escape');
});
