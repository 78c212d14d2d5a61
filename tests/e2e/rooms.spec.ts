import type { Page } from '@playwright/test';
import { axe, expect, OF_DRESS, OF_SIZE, OF_WIDTH, openBench, test, walk } from './room';

test.describe('every room', () => {
    const SIZES = [['a laptop', 1280, 800], ['a tablet', 820, 1180], ['a phone', 390, 844]] as const;
    const ROOMS = [
        ['/', 'article'], ['/spread', 'combobox'], ['/clock', 'heading'], ['/clock/1', 'listitem'], ['/clock/1/covers', 'listitem'], ['/pass/1', 'table'], ['/words', 'heading'], ['/practice', 'heading'],
        ['/notebook', 'article'], ['/notebook?view=sure', 'img'], ['/notebook?view=pots', 'table'], ['/tree/1', 'listitem'], ['/panel', 'article'], ['/panel/1', 'definition'], ['/foretell', 'progressbar'],
    ] as const;

    for (const dim of ['light', 'dark'] as const) {
        // Opened once and scanned at every size: what a width cannot break is looked at on the laptop alone, and so is what a dress cannot.
        const scan = async (page: Page) => {
            for (const [size, width, height] of SIZES) {
                if (dim === 'dark' && size === 'a tablet') continue;
                await page.setViewportSize({ width, height });
                await axe(page, dim === 'dark' ? OF_DRESS : size === 'a laptop' ? undefined : size === 'a tablet' ? OF_WIDTH : OF_SIZE);
            }
            await page.setViewportSize({ width: 1280, height: 800 });
        };
        test(`passes the axe scan, ${dim}`, async ({ page }) => {
            // Some twenty screens, each scanned whole, beside another part of the tests.
            test.setTimeout(240_000);
            await page.addInitScript((value) => localStorage.setItem('dim', value), dim);
            for (const [room, seen] of ROOMS) {
                await (room === '/' ? page.goto(room) : walk(page, room));
                await expect(seen === 'progressbar' ? page.getByText('not asked yet').first() : page.getByRole('main').getByRole(seen).first()).toBeVisible();
                await scan(page);
            }
            await walk(page, '/new');
            await page.getByLabel('Ingredient lines').fill('120 g lemon juice\n5 blorps of sugar\n2 tbsp cornflower');
            await expect(page.getByText('not understood')).toBeVisible();
            await scan(page);
            await openBench(page, 'Blackcurrant baked cheesecake', 'Eggless 1');
            await expect(page.getByRole('region', { name: 'Ledger' })).toBeVisible();
            await scan(page);
            for (const tab of ['Reading', 'Diets', 'Label']) {
                await page.getByRole('tab', { name: tab }).click();
                await axe(page, dim === 'dark' ? OF_DRESS : undefined);
            }
            await page.getByRole('button', { name: 'Note a trial' }).click();
            await scan(page);
            await walk(page, '/shelf/butter');
            await expect(page.getByRole('heading', { name: 'Butter, unsalted' })).toBeVisible();
            await expect(page.getByRole('img', { name: /^Solid fat/ })).toBeVisible();
            await scan(page);
        });
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
                await walk(page, room);
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
