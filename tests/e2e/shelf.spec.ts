import { axe, expect, openBench, sweetness, test } from './room';

test('the shelf is searched, an ingredient read, a packet corrects it and old versions keep their values', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await openBench(page, 'Bay-leaf cream slice', 'Original');
    const fat = page.getByRole('row', { name: /^Fat, g/ });
    const before = await fat.textContent();
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Shelf' }).click();
    await page.getByLabel('Find an ingredient').fill('full cream mil');
    await page.getByRole('link', { name: /^Whole milk/ }).first().click();
    await expect(page.getByRole('heading', { name: 'Whole milk' })).toBeVisible();
    await expect(page.getByRole('img', { name: /100 g hold 87.8 g water/ })).toBeVisible();
    await page.getByRole('button', { name: /^Show all \d+ values/ }).click();
    await expect(page.getByRole('row', { name: /Protein: casein 2.6 g/ })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Bay-leaf cream slice, Original' })).toBeVisible();

    // Impossible figures are refused where they stand; what is typed stays.
    await page.getByRole('button', { name: 'Correct from a packet' }).click();
    const packet = page.getByRole('dialog', { name: 'Correct Whole milk from a packet' });
    for (const [field, value] of [['Energy, kJ', '330'], ['Fat, g', '5'], ['Carbohydrate, g', '4.8'], ['of which sugars, g', '6'], ['Protein, g', '3.4']] as const) await packet.getByLabel(field, { exact: true }).fill(value);
    await expect(packet.getByText('6 g sugars in 4.8 g carbohydrate cannot be')).toBeVisible();
    await axe(page);
    await packet.getByLabel('of which sugars, g').fill('4.8');
    await expect(packet.getByText('They agree.')).toBeVisible();
    await expect(packet.getByText('water: what is left to 100 g')).toBeVisible();
    await packet.getByLabel('Which packet, and when read').fill('1 l carton, 12 Nov 2026');
    await packet.getByRole('button', { name: 'Keep the correction' }).click();
    await expect(page.getByText('The reference row stands behind it unchanged')).toBeVisible();

    // The version made before keeps its values, shows what would change, and takes it when asked.
    await page.getByRole('link', { name: 'Bay-leaf cream slice, Original' }).click();
    await expect(page.getByText('Computed with the shelf as it was.')).toBeVisible();
    expect(await fat.textContent()).toBe(before);
    await page.getByRole('button', { name: 'See what would change' }).click();
    await expect(page.getByText(/fat [\d.]+ g → [\d.]+ g a portion/)).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: 'Take today’s shelf' }).click();
    await expect(page.getByText('Computed with the shelf as it was.')).toHaveCount(0);
    expect(await fat.textContent()).not.toBe(before);

    await page.goto('/shelf/milk');
    await page.getByRole('button', { name: 'Back to the reference' }).click();
    await expect(page.getByText('The reference row stands behind it unchanged')).toHaveCount(0);
});

test('filters narrow the shelf by job and diet', async ({ page }) => {
    await page.goto('/shelf');
    const list = page.getByRole('region', { name: 'Ingredients' }).getByRole('list');
    await expect(list.getByRole('listitem').first()).toBeVisible();
    const all = (await list.getAttribute('aria-label')) ?? '';
    expect(parseInt(all)).toBeGreaterThan(300);
    // Only what is near the window is in the page; the last is reached by the wheel.
    expect(await list.getByRole('listitem').count()).toBeLessThan(80);
    await list.locator('..').evaluate((frame) => frame.scrollTo(0, frame.scrollHeight));
    await expect(list.locator(`[aria-posinset="${parseInt(all)}"]`)).toBeVisible();
    await page.getByLabel('What it does').click();
    await page.getByRole('option', { name: 'sets', exact: true }).click();
    await page.getByLabel('Fits').click();
    await page.getByRole('option', { name: 'Vegan' }).click();
    await expect(page.getByRole('link', { name: /^Agar powder/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /^Gelatin/ })).toHaveCount(0);
    await page.getByLabel('Find an ingredient').fill('moonbeam');
    await expect(page.getByText('Nothing on the shelf answers to that.')).toBeVisible();
    await page.getByRole('button', { name: 'Show all of it' }).click();
    await expect(list).toHaveAccessibleName(all);
});

test('what stands below the curves does not move when they come', async ({ page }) => {
    let bring = () => {};
    const held = new Promise<void>((go) => (bring = go));
    await page.route(/CurveChart/, async (route) => {
        await held;
        await route.continue();
    });
    await page.goto('/shelf/chocolate-55');
    const answer = page.getByRole('button', { name: 'Answer for Vegan' });
    await expect(answer).toBeVisible();
    await expect(page.getByRole('img', { name: /^Solid fat/ })).toHaveCount(0);
    await page.evaluate(() => document.fonts.ready);
    const before = (await answer.boundingBox())?.y ?? 0;
    bring();
    await expect(page.getByRole('img', { name: /^Solid fat/ })).toBeVisible();
    const after = (await answer.boundingBox())?.y ?? 0;
    expect(Math.abs(after - before)).toBeLessThan(12);
});

test('a packet answers for a diet until it runs out, and a table goes in after a look', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await page.goto('/shelf/chocolate-55');
    await page.getByRole('button', { name: 'Answer for Vegan' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: 'It meets it' }).click();
    await expect(dialog.getByText('Say what you saw')).toBeVisible();
    await dialog.getByLabel('What you saw').fill('no milk in the list');
    await dialog.getByLabel('Who looked').fill('Ana');
    await axe(page);
    await dialog.getByRole('button', { name: 'It meets it' }).click();
    await expect(page.getByText(/no milk in the list; Ana/)).toBeVisible();
    await page.getByRole('button', { name: 'Withdraw' }).click();
    await expect(page.getByText(/no milk in the list; Ana/)).toHaveCount(0);

    await page.getByRole('button', { name: 'Table in or out' }).click();
    await page.getByLabel('Or its rows').fill('name,like,energy_kj,fat_g,carbohydrate_g,sugars_g,protein_g\nHill oat drink,oat-milk,180,1.5,6.5,3.4,0.8\nBad,oat-milk,,1,2,9,1');
    await page.getByRole('button', { name: 'See what it would do' }).click();
    await expect(page.getByText('It would: 1 added, 0 changed, 0 as they were, 1 refused.')).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: 'Bring 1 in' }).click();
    await expect(page.getByText('Done: 1 added')).toBeVisible();
    await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
    await page.getByLabel('Find an ingredient').fill('hill oat');
    await page.getByRole('link', { name: /^Hill oat drink/ }).click();
    await page.getByRole('button', { name: 'Take it off the shelf' }).click();
    await expect(page.getByRole('heading', { name: 'Choose an ingredient' })).toBeVisible();
});

test('a number answers why down to the packet, by keyboard', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Original');
    await page.getByRole('button', { name: /why is Energy this/ }).first().press('Enter');
    const why = page.getByRole('dialog', { name: /Energy of one portion: \d+ kcal/ });
    await expect(why).toBeVisible();
    await why.getByRole('button', { name: /^▸ ?Energy|^Energy/ }).first().press('Enter');
    await expect(why.getByText('g of each part × its factor (Regulation (EU) No 1169/2011 Annex XIV)').first()).toBeVisible();
    await why.getByRole('button', { name: /fat/ }).first().press('Enter');
    await expect(why.getByText('energy factor').first()).toBeVisible();
    await expect(why.getByText('published').first()).toBeVisible();
    await axe(page);
    await page.keyboard.press('Escape');
    await page.getByRole('tab', { name: 'Reading' }).click();
    await page.getByRole('button', { name: /why is heated egg this/ }).click();
    await expect(page.getByRole('dialog').getByText('slope', { exact: true })).toBeVisible();
    await page.keyboard.press('Escape');
    await page.getByRole('tab', { name: 'Label' }).click();
    await expect(page.getByText('One portion, US rules')).toBeVisible();
    await axe(page);
});

test('a measured fruit takes the place of the table on its dish', async ({ page }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
    await page.getByRole('tab', { name: 'Reading' }).click();
    const before = await sweetness(page).textContent();
    await page.getByRole('region', { name: 'Ledger' }).getByRole('button', { name: /^Passion-fruit juice/ }).click();
    await page.getByLabel('Measured °Brix').fill('20');
    await page.getByRole('button', { name: 'Use it' }).click();
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible();
    await expect(sweetness(page)).not.toHaveText(before ?? '');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(sweetness(page)).toHaveText(before ?? '');
});

test('a lot is noted, a trial made of it, and a recall names the trial', async ({ page }) => {
    await page.goto('/shelf/milk');
    const lots = page.getByRole('region', { name: 'Lots' });
    await expect(lots.getByText('No lot is noted.')).toBeVisible();
    await lots.getByLabel('Lot, as printed').fill('m 118');
    await lots.getByLabel('Best before').fill('2026-12-24');
    await page.keyboard.press('Enter');
    await expect(lots.getByRole('article', { name: 'Lot M 118' })).toContainText('best before 24 December 2026');
    await openBench(page, 'Bay-leaf cream slice', 'Original');
    await page.getByRole('button', { name: 'Note a trial' }).click();
    const trial = page.getByRole('dialog', { name: /^Note a trial/ });
    await trial.getByText('soft slice', { exact: true }).click();
    await trial.getByLabel(/Whole milk: M 118/).check();
    await trial.getByRole('button', { name: 'Note it' }).click();
    await expect(trial.getByRole('article').first()).toContainText('Made of Whole milk M 118');
    await axe(page);
    await page.goto('/shelf/milk');
    await lots.getByRole('button', { name: 'Call lot M 118 back' }).click();
    await lots.getByLabel('Why, in the maker’s words').fill('Metal found');
    await page.keyboard.press('Enter');
    await expect(lots.getByText(/^Called back \d/)).toBeVisible();
    await expect(lots.getByRole('list', { name: 'Made of lot M 118' })).toContainText(/Bay-leaf cream slice, Original revision \d+, made .*, [\d.]+ g of it/);
    await axe(page);
    await page.goto('/notebook');
    await expect(page.getByText('(called back: Metal found)')).toBeVisible();
});

test('a plain spreadsheet says which column is which, and is remembered', async ({ page, faults }) => {
    faults.expected.push(/422/);
    const bring = async (name: string) => {
        await page.goto('/shelf');
        await page.getByRole('button', { name: 'Table in or out' }).click();
        const dialog = page.getByRole('dialog', { name: 'Own ingredients as a table' });
        await dialog.getByLabel('A file').setInputFiles({ name: 'theirs.csv', mimeType: 'text/csv', buffer: Buffer.from(`Produkt;Energie kJ;Fett;of which saturates;Carbs;Sugars;Protein;Regal\n${name};1500;20;12,5;30;25;5;links\n`) });
        return dialog;
    };
    let dialog = await bring('Lantern spread');
    await expect(dialog.getByLabel('“carbs”')).toContainText('carbohydrate');
    // Nobody says which is the name yet.
    await expect(dialog.getByRole('alert')).toContainText('does not name the columns');
    await dialog.getByLabel('“produkt”').click();
    await page.getByRole('option', { name: 'name', exact: true }).click();
    await dialog.getByLabel('“fett”').click();
    await page.getByRole('option', { name: 'fat', exact: true }).click();
    await dialog.getByRole('button', { name: 'See what it would do' }).click();
    await expect(dialog.getByText(/^It would: 1 added/)).toBeVisible();
    await axe(page);
    await dialog.getByRole('button', { name: 'Bring 1 in' }).click();
    await expect(dialog.getByText(/^Done: 1 added/)).toBeVisible();
    dialog = await bring('Lantern butter');
    await expect(dialog.getByLabel('“produkt”')).toContainText('name');
    await expect(dialog.getByText(/^It would: 1 added/)).toBeVisible();
});
