import { axe, expect, openBench, test } from './room';

test('a trial says what was looked at, keeps its picture, and is corrected on record', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await openBench(page, 'Frozen quince bar', 'Vegan 1');
    await page.getByRole('button', { name: 'Note a trial' }).click();
    const dialog = page.getByRole('dialog', { name: /^Note a trial/ });
    // Nothing is preset as judged, and nothing is no trial.
    await expect(dialog.getByRole('radio', { checked: true })).toHaveCount(0);
    await expect(dialog.getByRole('button', { name: 'Note it' })).toBeDisabled();
    await dialog.getByRole('combobox', { name: /measured by/ }).first().click();
    await page.getByRole('option', { name: 'weighted dowel' }).click();
    await dialog.getByLabel(/: mm deep/).fill('9');
    await dialog.getByLabel('Load, g').fill('100');
    await dialog.getByRole('button', { name: 'Note it' }).click();
    await expect(dialog.getByRole('alert')).toContainText('1 to 5');
    await dialog.getByLabel(/: mm deep/).fill('1.5');
    await dialog.getByText('Measured, looked at, kept').click();
    await dialog.getByText('a little grainy', { exact: true }).click();
    await dialog.getByLabel('Wept, g of 100 g in 24 h').fill('0.2');
    await dialog.getByText('change it', { exact: true }).click();
    await dialog.getByLabel('What to change next').fill('less ice: a spoon of glycerol');
    await axe(page);
    await dialog.getByRole('button', { name: 'Note it' }).click();
    await expect(dialog.getByText('a little grainy · wept 0.2 g of 100 g in a day')).toBeVisible();
    await dialog.getByRole('button', { name: 'Close' }).click();

    await page.getByRole('link', { name: 'Notebook' }).click();
    await page.getByLabel('Find a trial').fill('quince');
    await expect(page.getByRole('article')).toHaveCount(1);
    const row = page.getByRole('article').locator('..');
    await expect(row.getByText('not judged')).toHaveCount(2);
    const picture = await page.screenshot({ clip: { x: 0, y: 0, width: 300, height: 200 } });
    await row.locator('input[type=file]').setInputFiles({ name: 'cut face.png', mimeType: 'image/png', buffer: picture });
    await expect(row.getByRole('img', { name: 'cut face' })).toBeVisible();
    await row.locator('input[type=file]').setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('not a picture') });
    await expect(row.getByRole('alert')).toContainText('choose a picture');

    await row.getByRole('button', { name: /^Correct the trial/ }).click();
    const correct = page.getByRole('dialog', { name: /^Correct/ });
    await correct.getByText('keep it', { exact: true }).click();
    await correct.getByLabel('Why it is said otherwise').fill('tasted again when thawed a little');
    await correct.getByRole('button', { name: 'Correct it' }).click();
    await expect(row.getByText(/Corrected by Ilka.*tasted again when thawed a little. Before: verdict change/)).toBeVisible();
    // What is next opens the Bench, where the change is a revision.
    await row.getByRole('link', { name: 'less ice: a spoon of glycerol' }).click();
    await expect(page.getByRole('note')).toContainText('less ice: a spoon of glycerol');
    await page.getByRole('button', { name: 'Done', exact: true }).click();
    await expect(page.getByRole('note')).toHaveCount(0);
});

test('a factor is looked at, taken over, named where it acts, and let go', async ({ page }) => {
    await page.goto('/notebook?view=sure');
    await expect(page.getByText('One factor is proposed')).toBeVisible();
    const agar = page.getByRole('region', { name: 'agar', exact: true });
    await agar.getByRole('button', { name: 'Read with it' }).press('Enter');
    await expect(agar.getByText(/^In use: × 0\.\d\d, taken over by Ilka/)).toBeVisible();
    await openBench(page, 'Rhubarb buttermilk cream', 'Vegan 1');
    await page.getByRole('tab', { name: 'Reading' }).click();
    await expect(page.getByText(/Read with this kitchen’s own agar × 0\./)).toBeVisible();
    await page.goto('/notebook?view=sure');
    await agar.getByRole('button', { name: 'Let it go' }).click();
    await expect(page.getByText('One factor is proposed')).toBeVisible();
});

test('small pots are laid out, judged, and their dose becomes a revision', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await openBench(page, 'Night-sky lime icebox pie', 'Vegan 1');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Find a dose in small pots' }).click();
    const dialog = page.getByRole('dialog', { name: 'Find a dose in small pots' });
    await expect(dialog.getByText('What would teach most for this brief')).toBeVisible({ timeout: 30_000 });
    await dialog.getByRole('combobox', { name: 'Stepped' }).click();
    await page.getByRole('option', { name: 'Agar powder' }).click();
    await dialog.getByLabel('From pot to pot, times').fill('3');
    await dialog.getByRole('button', { name: 'Lay them out' }).click();
    await expect(dialog.getByRole('alert')).toContainText('1.15 to 1.6');
    await dialog.getByLabel('From pot to pot, times').fill('1.3');
    await axe(page);
    await dialog.getByRole('button', { name: 'Lay them out' }).click();
    const ladder = page.getByRole('region', { name: 'Night-sky lime icebox pie, Vegan 1: agar powder' });
    const pots = page.getByRole('region', { name: 'Pots of Night-sky lime icebox pie' });
    const found = pots.getByRole('textbox');
    await expect(found).toHaveCount(5);
    for (const [n, said] of ['2, 2', '3', '3.5', '4, 5', '5'].entries()) await found.nth(n).fill(said);
    await ladder.getByRole('button', { name: 'Note what was found' }).click();
    await expect(ladder.getByText(/Without any model: between/)).toBeVisible();
    await ladder.getByRole('button', { name: 'Take it over as a revision' }).click();
    await expect(page.getByRole('heading', { name: 'Night-sky lime icebox pie', level: 1 })).toBeVisible();
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'How it came about' }).click();
    await expect(page.getByText(/^Agar powder .* → /)).toBeVisible();
});

test('what went wrong is told by its numbers, with what would decide and what to do', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await openBench(page, 'Night-sky lime icebox pie', 'Vegan 1');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Something went wrong…' }).click();
    const dialog = page.getByRole('dialog', { name: /^Something went wrong/ });
    await dialog.getByLabel('What is wrong').fill('moonstruck');
    await dialog.getByRole('button', { name: 'Find out why' }).click();
    await expect(dialog.getByRole('alert')).toContainText('did you mean');
    await dialog.getByLabel('What is wrong').fill('did not set');
    await dialog.getByText('What is known of how it was made').click();
    await dialog.getByLabel('minutes out').fill('300');
    await dialog.getByRole('button', { name: 'Find out why' }).press('Enter');
    await expect(dialog.getByText(/trials here set by agar came out softer than foretold/).first()).toBeVisible();
    await expect(dialog.getByText('Would decide:').first()).toBeVisible();
    await axe(page);
    // What can be computed becomes a revision at a press, and can be undone; the rest is changed by hand, its words at hand.
    await dialog.getByLabel('What is wrong').fill('weeps');
    await dialog.getByRole('button', { name: 'Find out why' }).press('Enter');
    await expect(dialog.getByText('In this formula:').first()).toBeVisible();
    await dialog.getByRole('button', { name: 'Make it a revision' }).first().click();
    await expect(dialog.getByRole('status')).toContainText('a revision of its own');
    // What was worked out for the others was of the formula before.
    await expect(dialog.getByRole('button', { name: 'Make it a revision' })).toHaveCount(0);
    await dialog.getByLabel('What is wrong').fill('skin');
    await dialog.getByRole('button', { name: 'Find out why' }).press('Enter');
    await dialog.getByRole('link', { name: 'Change it by hand' }).first().click();
    await expect(page.getByRole('note')).toContainText('To change');
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeEnabled();
});

test('two versions are tasted blind: laid out, tasted on a phone by a code alone, closed and counted', async ({ page, browser }) => {
    await openBench(page, 'Bay-leaf cream slice', 'Eggless 1');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'Taste it blind' }).click();
    await page.getByLabel('What is to be found out').fill('Which slice is liked better?');
    await page.getByRole('combobox', { name: 'How it is asked' }).click();
    await page.getByRole('option', { name: 'Which of two' }).click();
    await page.getByLabel('Sample B').fill('bay-leaf');
    await page.getByRole('option', { name: 'Bay-leaf cream slice, Original' }).click();
    await page.getByLabel('Tasters').fill('2');
    await axe(page);
    await page.getByRole('button', { name: 'Lay it out' }).click();
    await expect(page.getByText('so few can show nothing, whatever they say.')).toBeVisible();
    await expect(page.getByText('0 of 2 have answered')).toBeVisible();
    const address = (await page.getByRole('link', { name: /\/table\// }).getAttribute('href')) ?? '';
    // A phone of somebody nobody knows.
    for (let n = 0; n < 2; ++n) {
        const context = await browser.newContext({ viewport: { width: 390, height: 844 }, reducedMotion: 'reduce' });
        const phone = await context.newPage();
        await phone.goto(address);
        await phone.getByRole('button', { name: 'Sit down' }).click();
        await expect(phone.getByText(/milk/)).toBeVisible();
        expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
        await axe(phone);
        await phone.getByRole('button', { name: 'I have read it and may taste these' }).click();
        await phone.getByRole('radio').first().check({ force: true });
        await axe(phone);
        await phone.getByRole('button', { name: 'That is my answer' }).click();
        await expect(phone.getByText(/^Thank you/)).toBeVisible();
        await phone.goto('/notebook');
        await expect(phone.getByRole('heading', { name: 'Notebook' })).toHaveCount(0);
        await context.close();
    }
    await expect(page.getByText('2 of 2 have answered')).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: /^Show what is poured/ }).click();
    await expect(page.getByRole('region', { name: 'Sheets of the tasters' })).toBeVisible();
    await page.getByRole('button', { name: 'Close and count' }).click();
    await expect(page.getByRole('region', { name: 'Result' })).toContainText('No more than chance may give');
});

test('a dish is a tree, and any two of it stand beside each other', async ({ page }) => {
    await openBench(page, 'Rhubarb buttermilk cream', 'Vegan 1');
    await page.getByRole('button', { name: 'This version' }).click();
    await page.getByRole('menuitem', { name: 'How it came about' }).click();
    await expect(page.getByText('Xanthan gum', { exact: false }).first()).toBeVisible();
    const beside = page.getByRole('button', { name: /^Put beside: trial/ });
    await beside.first().press('Enter');
    await beside.nth(2).press('Enter');
    const both = page.getByRole('region', { name: 'Beside each other' });
    await expect(both.getByRole('heading', { name: /^What changed/ })).toBeVisible();
    await axe(page);
});

test('a cook foretells, sees the answer with its why, and what has faded is asked again, by keyboard', async ({ page }) => {
    await page.goto('/foretell');
    await page.getByRole('button', { name: 'Ask me how it sets when something leaves' }).press('Enter');
    await page.getByRole('radio', { name: 'pours' }).press('Space');
    await page.getByRole('button', { name: 'That is what I say' }).press('Enter');
    await expect(page.getByText(/^With it: .* GE %/)).toBeVisible();
    await expect(page.getByText(/of the last 1/)).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: 'Ask me which is sweeter' }).press('Enter');
    await page.getByRole('button', { name: /: less sweet$/ }).first().press('Enter');
    await page.getByRole('button', { name: 'That is what I say' }).press('Enter');
    await expect(page.getByText(/as sweet as .* % sugar/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Ask me how much sets it' }).press('Enter');
    await page.getByLabel('Grams').fill('4');
    await page.getByRole('button', { name: 'That is what I say' }).press('Enter');
    await expect(page.getByText(/^With what you said it comes to/)).toBeVisible();
});
