import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type Page } from '@playwright/test';
import { axe, expect, openBench, test } from './room';

/** A paper as Chromium prints it, read back by poppler: its pages, their size in points, its words. */
async function printed(page: Page): Promise<{ pages: number; size: number[]; text: string }> {
    const file = join(mkdtempSync(join(tmpdir(), 'paper-')), 'paper.pdf');
    await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
    const info = execFileSync('pdfinfo', [file], { encoding: 'utf8' });
    return {
        pages: Number(/^Pages:\s+(\d+)/m.exec(info)?.[1]),
        size: (/^Page size:\s+([\d.]+) x ([\d.]+)/m.exec(info)?.slice(1) ?? []).map((one) => Math.round(Number(one))),
        text: execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }),
    };
}

const words = (text: string): string[] => text.normalize('NFKC').toLowerCase().match(/[\p{L}\p{N}]{2,}/gu) ?? [];

const SHEETS = { A4: [595, 842], 'US Letter': [612, 792] };

for (const [sheet, size] of Object.entries(SHEETS)) {
    test(`every paper prints whole on ${sheet}: one or two pages, numbered, with its revision and the day`, async ({ page }) => {
        await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
        await page.getByRole('link', { name: 'Card', exact: true }).click();
        if (sheet !== 'A4') {
            await page.getByLabel('Sheet').click();
            await page.getByRole('option', { name: sheet }).click();
        }
        for (const [paper, says] of [['Recipe card', 'Nutrition, computed'], ['Batch card', 'weighed, g'], ['Method', 'Done when'], ['Pull list', '12 portions'], ['Label', 'Ingredients:'], ['Cost', 'What goes in'], ['Specification', 'Not answered here']] as const) {
            await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: new RegExp(`^${paper}`) }).click();
            const article = page.getByRole('article').first();
            await expect(article.getByText(says).first()).toBeVisible();
            if (sheet === 'A4') await axe(page);
            await page.emulateMedia({ media: 'print' });
            const shown = words(await article.innerText());
            const is = await printed(page);
            await page.emulateMedia({ media: 'screen' });
            expect(is.size.map((one, n) => Math.abs(one - (size[n] ?? 0)) <= 1), `${paper} on ${sheet}`).toEqual([true, true]);
            expect(is.pages, `${paper} on ${sheet}`).toBeLessThanOrEqual(2);
            // The foot of every page says what it is, of which revision and day, and which page of how many.
            expect(is.text.match(/Vegan 1, revision 1 of \d+ \w+ \d{4}\. .*, printed \d+ \w+ \d{4}/g) ?? []).toHaveLength(is.pages);
            for (let n = 1; n <= is.pages; n += 1) expect(is.text).toContain(`${n} of ${is.pages}`);
            // Nothing that stands on the screen is cut off: words that a line breaks are joined.
            const there = words(is.text);
            const joined = there.join('');
            expect(shown.filter((word) => !there.includes(word) && !joined.includes(word)), `${paper} on ${sheet}`).toEqual([]);
        }
    });
}

test('a paper of a dish with a guess says so on its face, and of US measures beside the grams', async ({ page }) => {
    await page.goto('/');
    await page.getByLabel('Recipe lines').fill('Moonlit pot\n\nserves 4\n300 g milk\n100 g moonlit sugar dust');
    await page.getByRole('button', { name: 'Read it' }).click();
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    await page.getByLabel('Measures').click();
    await page.getByRole('option', { name: 'grams and US' }).click();
    await expect(page.getByText(/\d[⅛¼⅜½⅝¾⅞]? oz/).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Print, marked not final' })).toBeEnabled();
    for (const paper of ['Recipe card', 'Batch card', 'Label', 'Specification', 'Pull list']) {
        await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: new RegExp(`^${paper}`) }).click();
        await expect(page.getByRole('alert').getByText('Not final: not to be cooked, sold or labelled from.')).toBeVisible();
    }
    const is = await printed(page);
    expect(is.text).toContain('NOT FINAL');
});

test('a file is dropped, seen line by line, mended and kept; it goes out and comes in to another studio as the same dish', async ({ page, faults }) => {
    await page.goto('/');
    const panel = page.getByRole('region', { name: 'Paste a recipe' });
    // What is no recipe is refused by what it is.
    await panel.getByLabel('A recipe’s file').setInputFiles({ name: 'dish.docx', mimeType: 'application/zip', buffer: Buffer.from([0x50, 0x4b, 3, 4, 0, 0]) });
    await expect(page.getByRole('alert')).toContainText('is packed');
    const page1 = `<html><head><meta charset="utf-8"><script>document.title = 'owned'</script><script type="application/ld+json">${JSON.stringify([
        { '@context': 'https://schema.org', '@type': 'Recipe', name: 'Lantern lime pots', recipeYield: 'Serves 6', recipeIngredient: ['400 g whipping cream', '120 g sugar', '75 g lime juice', '1 glow of starlight syrup'], recipeInstructions: [{ '@type': 'HowToStep', text: 'Boil the cream and sugar 2 min, stir in the juice, chill.' }] },
        { '@type': 'Recipe', name: 'Plain shortbread', recipeYield: 8, recipeIngredient: ['150 g plain flour', '100 g butter', '50 g sugar'], recipeInstructions: 'Rub, press, bake at 160 C for 25 minutes.' },
    ])}</script></head></html>`;
    // Dropped as from a desktop.
    const data = await page.evaluateHandle((text) => {
        const transfer = new DataTransfer();
        transfer.items.add(new File([text], 'two recipes.html', { type: 'text/html' }));
        return transfer;
    }, page1);
    // Anywhere on the Counter.
    await page.getByRole('heading', { level: 1 }).dispatchEvent('drop', { dataTransfer: data });
    await expect(page.getByRole('heading', { name: 'New dish' })).toBeVisible();
    const read = page.getByRole('region', { name: 'As it is read' });
    await expect(read.getByText('Lime juice').first()).toBeVisible();
    await axe(page);
    // The other recipe of the file, and back.
    await read.getByLabel('One of 2 recipes in the file').click();
    await page.getByRole('option', { name: 'Plain shortbread' }).click();
    await expect(read.getByText('Plain wheat flour').first()).toBeVisible();
    // However long it is read, the focus stays with what was chosen.
    await page.route('**/api/readings', async (route) => {
        if (/"recipe":1[,}]/.test(route.request().postData() ?? '')) await new Promise((go) => setTimeout(go, 2500));
        await route.continue();
    });
    await read.getByLabel('One of 2 recipes in the file').click();
    await page.getByRole('option', { name: 'Lantern lime pots' }).click();
    await expect(read.getByText('Lime juice').first()).toBeVisible();
    // What is not understood is mended where it stands.
    const lines = page.getByLabel('Recipe, or ingredient lines');
    await expect(lines).toHaveValue(/starlight syrup/);
    await lines.fill((await lines.inputValue()).replace(/.*starlight syrup.*/, '20 g golden syrup'));
    await expect(read.getByText('Golden syrup').first()).toBeVisible();
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Lantern lime pots', level: 1 })).toBeVisible();
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    await expect(page.getByRole('article', { name: 'Card of Lantern lime pots, Original' }).getByRole('cell', { name: '20 g', exact: true })).toBeVisible();
    // Out, whole.
    await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: /^Files/ }).click();
    await axe(page);
    const take = async () => {
        const coming = page.waitForEvent('download');
        await page.getByRole('link', { name: /^Take lantern-lime-pots-original-\d+\.json$/ }).click();
        return readFileSync(await (await coming).path(), 'utf8');
    };
    const out = await take();
    // And in, at another studio: one of its own, brought in from this one's archive.
    await page.goto('/studio');
    const archive = page.getByRole('region', { name: 'The studio as a file' });
    const zip = page.waitForEvent('download');
    await archive.getByRole('link', { name: 'Take the whole studio along' }).click();
    await archive.getByLabel('Bring one in, as a studio of its own').setInputFiles(await (await zip).path());
    await archive.getByRole('button', { name: 'Bring it in' }).click();
    await archive.getByRole('button', { name: 'Go there' }).click();
    await expect(page.getByLabel('Studio', { exact: true })).toBeVisible();
    await page.goto('/');
    await panel.getByLabel('A recipe’s file').setInputFiles({ name: 'lantern.json', mimeType: 'application/json', buffer: Buffer.from(out) });
    await expect(read.getByText('Golden syrup').first()).toBeVisible();
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('heading', { name: 'Lantern lime pots', level: 1 })).toBeVisible();
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: /^Files/ }).click();
    type Dish = { title: string; portions: number; family: string; layers: { name: string; treat: string; lines: { ingredient: string; grams: number }[] }[]; method: { text: string }[] };
    const same = (text: string) => {
        const dish = JSON.parse(text) as Dish;
        return { title: dish.title, portions: dish.portions, family: dish.family, layers: dish.layers.map((one) => [one.name, one.treat, one.lines.map((line) => [line.ingredient, line.grams])]), method: dish.method.map((one) => one.text) };
    };
    expect(same(await take())).toEqual(same(out));
    faults.expected.push(/^$/);
    await page.goto('/studio');
    await page.getByLabel('Studio', { exact: true }).click();
    await page.getByRole('option').first().click();
});

test('a service prints its plan, what to fetch and what to buy as a paper each, of two pages at most', async ({ page }) => {
    // What stands on the paper at the moment it is printed.
    await page.addInitScript(() => {
        window.print = () => {
            document.documentElement.dataset.printed = [...document.querySelectorAll('main h2')].filter((one) => !one.closest('.no-print')).map((one) => one.textContent).join(', ');
        };
    });
    await page.goto('/clock/1');
    await expect(page.getByRole('heading', { name: 'The running order' })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'To fetch' })).toBeVisible();
    for (const [press, stands] of [['Print: to fetch', 'To fetch'], ['Print: to buy', 'To buy'], ['Print: plan', 'The running order']] as const) {
        await page.getByRole('button', { name: press }).click();
        expect(await page.evaluate(() => document.documentElement.dataset.printed)).toBe(stands);
    }
    await page.emulateMedia({ media: 'print' });
    // The key for printing takes the plan.
    const plan = await printed(page);
    expect(plan.pages).toBeLessThanOrEqual(2);
    expect(plan.text).toMatch(/The running order/);
    expect(plan.text).not.toMatch(/To fetch|To buy/);
    expect(plan.text.match(/on the table .*\. Plan, printed \d+ \w+ \d{4}/g) ?? []).toHaveLength(plan.pages);
});

test('what a packet lists opens it on the label, its sulphites are weighed, and a large pot has its second column', async ({ page }) => {
    await page.goto('/');
    await page.getByLabel('Recipe lines').fill('Saltmarsh biscuit pot\n\nserves 4\nfamily: cheesecake\n560 g cream cheese\n240 g whipping cream\n120 g ginger biscuits\n80 g sultanas');
    await page.getByRole('button', { name: 'Read it' }).click();
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: /^Label/ }).click();
    const label = page.getByRole('article', { name: /^Label of/ });
    await expect(label.getByText(/what it is made of is read off its packet/)).toContainText('sulphites, mg/kg not known');
    const correct = async (found: string, fill: [string, string][], may?: string) => {
        await page.goto('/shelf');
        await page.getByLabel('Find an ingredient').fill(found);
        await page.getByRole('link', { name: new RegExp(found, 'i') }).first().click();
        await page.getByRole('button', { name: 'Correct from a packet' }).click();
        const packet = page.getByRole('dialog', { name: /^Correct/ });
        for (const [field, value] of fill) await packet.getByLabel(field).fill(value);
        await expect(packet.getByRole('button', { name: 'Keep the correction' })).toBeEnabled();
        if (may) await axe(page);
        await packet.getByRole('button', { name: 'Keep the correction' }).click();
        await expect(packet).toBeHidden();
    };
    const at = page.url();
    await correct('ginger', [['Its ingredients, as printed', 'wheat flour, sugar, rapeseed oil, ground ginger 2 %, salt'], ['Which packet, and when read', 'box of 2 kg, 20 Nov 2026']], 'looked at');
    await expect(page.getByText('Its packet lists: wheat flour, sugar')).toBeVisible();
    await correct('sultanas', [['Sulphites, mg SO₂ per kg', '900']]);
    // What a version was computed with stays until somebody takes the correction over.
    await page.goto(at);
    await label.getByText('By the shelf as it was.').waitFor();
    await label.getByRole('link', { name: 'Take today’s shelf on the Bench' }).click();
    await page.getByRole('button', { name: 'See what would change' }).click();
    await page.getByRole('button', { name: 'Take today’s shelf' }).click();
    await expect(page.getByText('Computed with the shelf as it was.')).toBeHidden();
    await page.goto(at);
    await expect(label.getByText('By the shelf as it was.')).toBeHidden();
    await expect(label.getByText(/\(wheat flour, sugar, rapeseed oil, ground ginger 2 %, salt\)/)).toBeVisible();
    await expect(label.getByText(/sultanas|raisins/i).first()).toContainText('(sulphites)');
    await label.getByRole('combobox', { name: 'Sold in' }).press('Enter');
    await page.getByRole('option', { name: 'United States' }).click();
    await expect(label.getByText(/^Contains: .*sulfites/)).toBeVisible();
    await expect(label.getByRole('columnheader', { name: 'all 250 g' })).toBeVisible();
    await expect(label.getByText('8 servings in all')).toBeVisible();
    await axe(page);
});

test('the allergens of the whole menu, of one service and of the range of a dish, with what to ask, printed', async ({ page }) => {
    await page.goto('/pass');
    await page.getByRole('link', { name: 'Allergens of the menu' }).click();
    const matrix = page.getByRole('table', { name: 'Allergens by version' });
    const vegan = matrix.getByRole('row', { name: /^Passion-fruit curd tartlet, Vegan 1/ });
    await expect(vegan.getByRole('img', { name: 'gluten: contains' })).toBeVisible();
    await expect(vegan.getByRole('img', { name: 'milk: unknown' })).toBeVisible();
    await expect(page.getByText(/Plant butter.*: milk/).first()).toBeVisible();
    await axe(page);
    const many = await matrix.getByRole('row').count();
    const is = await printed(page);
    expect(is.size).toEqual([842, 595]);
    expect(is.text).toContain('Rhubarb buttermilk cream, Vegan 1');
    expect(is.text).toContain('in none of its lines');
    await page.getByLabel('By the law of').click();
    await page.getByRole('option', { name: 'the United States (nine)' }).click();
    await expect(matrix.getByRole('columnheader', { name: 'tree nuts' })).toBeVisible();
    await page.getByLabel('Of', { exact: true }).click();
    await page.getByRole('option').nth(1).click();
    await expect(matrix.getByRole('row').nth(1)).toBeVisible();
    await expect.poll(() => matrix.getByRole('row').count()).toBeLessThan(many);
    await page.getByRole('link', { name: 'All cards' }).click();
    await page.getByRole('link', { name: 'The range of Passion-fruit curd tartlet' }).click();
    const range = page.getByRole('table', { name: 'Versions beside each other' });
    await expect(range.getByRole('row', { name: /^Vegan no ask first no$/ })).toBeVisible();
    await expect(range.getByRole('row', { name: /^Reduced sugar –/ })).toBeVisible();
    await axe(page);
});

test('what a portion costs, why it is dearer than it was, and what is left of its price', async ({ page, faults }) => {
    await openBench(page, 'Passion-fruit curd tartlet', 'Original');
    await page.getByRole('link', { name: 'Card', exact: true }).click();
    await page.getByRole('navigation', { name: 'Papers' }).getByRole('link', { name: /^Cost/ }).click();
    const sheet = page.getByRole('article', { name: /^Cost of/ });
    await expect(sheet.getByRole('row', { name: /^All that is bought/ })).toBeVisible();
    await sheet.getByLabel('Against those of').click();
    await page.getByRole('option').nth(1).click();
    await expect(sheet.getByText(/^It was .* because of .*butter/)).toBeVisible();
    faults.expected.push(/422/);
    await sheet.getByLabel(/^Sells for/).fill('4,50 or so');
    await sheet.getByRole('button', { name: 'Keep the price' }).click();
    await expect(sheet.getByRole('alert')).toBeVisible();
    await expect(sheet.getByLabel(/^Sells for/)).toHaveValue('4,50 or so');
    await sheet.getByLabel(/^Sells for/).fill('4,50');
    await sheet.getByRole('button', { name: 'Keep the price' }).press('Enter');
    await expect(sheet.getByText(/^Of .4\.50 \(no tax in it\)/)).toBeVisible();
    await sheet.getByText('What this studio reckons with').click();
    const form = sheet.getByRole('form', { name: 'What this studio reckons with' });
    await form.getByLabel('Tax is called').fill('VAT');
    await form.getByLabel('Tax in a price, %').fill('20');
    await form.getByRole('button', { name: 'Reckon so' }).click();
    await expect(sheet.getByText(/^Of .4\.50 \(VAT of 20 % in it\)/)).toBeVisible();
    await axe(page);
});
