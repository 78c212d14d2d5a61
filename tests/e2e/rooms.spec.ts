import { axe, expect, OF_DRESS, OF_SIZE, openBench, test } from './room';

test.describe('every room', () => {
    for (const dim of ['light', 'dark']) {
        // The dress changes colours and nothing else: what they cannot break is looked at once.
        const rules = dim === 'light' ? undefined : OF_DRESS;
        const ofSize = dim === 'light' ? OF_SIZE : OF_DRESS;
        test(`passes the axe scan, ${dim}`, async ({ page }) => {
            // Ten screens, each scanned whole, beside another part of the tests.
            test.setTimeout(180_000);
            await page.addInitScript((value) => localStorage.setItem('dim', value), dim);
            await page.goto('/');
            await expect(page.getByRole('article', { name: 'Passion-fruit curd tartlet' })).toBeVisible();
            await axe(page, rules);
            await page.goto('/new');
            await page.getByLabel('Ingredient lines').fill('120 g lemon juice\n5 blorps of sugar\n2 tbsp cornflower');
            await expect(page.getByText('not understood')).toBeVisible();
            await axe(page, rules);
            await openBench(page, 'Blackcurrant baked cheesecake', 'Eggless 1');
            await expect(page.getByRole('region', { name: 'Ledger' })).toBeVisible();
            await axe(page, rules);
            for (const tab of ['Reading', 'Diets', 'Label']) {
                await page.getByRole('tab', { name: tab }).click();
                await axe(page, rules);
            }
            await page.getByRole('button', { name: 'Note a trial' }).click();
            await axe(page, rules);
            await page.goto('/shelf/butter');
            await expect(page.getByRole('heading', { name: 'Butter, unsalted' })).toBeVisible();
            await expect(page.getByRole('img', { name: /^Solid fat/ })).toBeVisible();
            await axe(page, rules);
            await page.goto('/notebook');
            await expect(page.getByText('set as foretold')).toBeVisible();
            await axe(page, rules);
            await page.goto('/pass');
            await page.getByRole('link', { name: 'Card of Cardamom set custard, Original' }).click();
            await expect(page.getByRole('heading', { name: 'Method' })).toBeVisible();
            await axe(page, rules);
        });

        for (const [size, width, height] of [['a phone', 390, 844], ['a tablet', 820, 1180]] as const) {
            test(`passes the axe scan on ${size}, ${dim}`, async ({ page }) => {
                test.setTimeout(180_000);
                await page.addInitScript((value) => localStorage.setItem('dim', value), dim);
                await page.setViewportSize({ width, height });
                await openBench(page, 'Blackcurrant baked cheesecake', 'Eggless 1');
                await axe(page, ofSize);
                for (const [room, seen] of [['/', 'article'], ['/new', 'textbox'], ['/spread', 'combobox'], ['/shelf/butter', 'heading'], ['/notebook', 'heading'], ['/clock', 'heading'], ['/clock/1', 'listitem'], ['/clock/1/covers', 'listitem'], ['/pass/1', 'table'], ['/words', 'heading'], ['/practice', 'heading']] as const) {
                    await page.goto(room);
                    await expect(page.getByRole('main').getByRole(seen).first()).toBeVisible();
                    await axe(page, ofSize);
                }
            });
        }
    }

    test('the first load is small', async ({ page }) => {
        await page.goto('/');
        await expect(page.getByRole('article').first()).toBeVisible();
        const loaded = await page.evaluate(() => performance.getEntriesByType('resource').filter((one) => /\.(js|css)$/.test(new URL(one.name).pathname)).reduce((sum, one) => sum + (one as PerformanceResourceTiming).encodedBodySize, 0));
        console.log(`first load: ${Math.round(loaded / 1000)} kB of script and style`);
        expect(loaded).toBeGreaterThan(50_000);
        expect(loaded).toBeLessThan(250_000);
    });

    test('says plainly that an address leads nowhere', async ({ page }) => {
        await page.goto('/attic');
        await expect(page.getByRole('heading', { name: 'There is no such room' })).toBeVisible();
        await axe(page);
    });

    test('the Bench fits 1280 by 800 without scrolling the page', async ({ page }) => {
        await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
        await expect(page.getByRole('heading', { name: 'Watch' })).toBeVisible();
        const over = await page.evaluate(() => {
            const main = document.querySelector('main');
            return main ? [main.scrollHeight - main.clientHeight, main.scrollWidth - main.clientWidth] : null;
        });
        expect(over).toEqual([0, 0]);
    });

    test('the Bench of an original, with routes on it, fits as well', async ({ page }) => {
        await openBench(page, 'Passion-fruit curd tartlet', 'Original');
        await page.getByRole('button', { name: 'Keto', exact: true }).click();
        await expect(page.getByRole('article').first()).toBeVisible();
        const over = await page.evaluate(() => [document.documentElement.scrollHeight - innerHeight, document.documentElement.scrollWidth - innerWidth]);
        expect(over).toEqual([0, 0]);
    });

    for (const [name, width, height] of [['a phone', 390, 844], ['a tablet', 820, 1180], ['150 % on a laptop', 853, 533]] as const) {
        test(`fits the width of ${name}, and the grams stand first on the Bench`, async ({ page }) => {
            await page.setViewportSize({ width, height });
            await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
            const top = async (label: string) => (await page.getByRole('region', { name: label }).boundingBox())?.y ?? 0;
            expect(await top('Ledger')).toBeLessThan(await top('Section and portion'));
            expect((await page.getByLabel('Grams of Plain wheat flour').boundingBox())?.y ?? 9999).toBeLessThan(height);
            await page.getByRole('button', { name: 'Hide the section' }).click();
            await expect(page.locator('#section')).toBeHidden();
            await page.getByRole('button', { name: 'Show the section' }).click();
            await expect(page.locator('#section')).toBeVisible();
            for (const room of ['/', '/new', '/spread', '/shelf/butter', '/notebook', '/clock', '/clock/1', '/clock/1/covers', '/pass', '/practice']) {
                await page.goto(room);
                await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
                expect(await page.evaluate(() => document.documentElement.scrollWidth), room).toBeLessThanOrEqual(width);
                const main = await page.getByRole('main').evaluate((el) => el.scrollWidth - el.clientWidth);
                expect(main, room).toBeLessThanOrEqual(0);
            }
        });
    }

    test('the Bench is usable on a tablet', async ({ page }) => {
        await page.setViewportSize({ width: 820, height: 1180 });
        await openBench(page, 'Passion-fruit curd tartlet', 'Vegan 1');
        await page.getByLabel('Grams of Passion-fruit juice').scrollIntoViewIfNeeded();
        await expect(page.getByLabel('Grams of Passion-fruit juice')).toBeVisible();
        expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);
    });
});
