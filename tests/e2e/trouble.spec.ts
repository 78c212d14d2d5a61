import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { expect, openBench, test } from './room';

const KEPT = /^kept \d\d:\d\d$/;

test('ten thousand pasted lines get a clear answer and stay on the page', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await page.goto('/new');
    const text = Array.from({ length: 10_000 }, () => '1 g sugar').join('\n');
    // As one paste: typing it key by key would try the browser, not the page.
    await page.getByLabel('Ingredient lines').evaluate((area: HTMLTextAreaElement, value) => {
        Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')?.set?.call(area, value);
        area.dispatchEvent(new Event('input', { bubbles: true }));
    }, text);
    await expect(page.getByRole('alert')).toContainText('one dish takes at most 400');
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('alert').first()).toContainText('Split it into dishes');
    expect((await page.getByLabel('Ingredient lines').inputValue()).length).toBe(text.length);
});

test('an empty dish is refused with the mend', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill('');
    await page.getByRole('button', { name: 'Keep it and open the Bench' }).click();
    await expect(page.getByRole('alert')).toContainText('ingredient line');
    await expect(page.getByRole('alert')).toContainText('120 g lemon juice');
});

test('text in another script and an absurd mass stay, marked, with the reason', async ({ page }) => {
    await page.goto('/new');
    await page.getByLabel('Ingredient lines').fill('200 г сахара\n-5 g sugar\n1000000 kg sugar\n5 blorps of sugar');
    const read = page.getByRole('region', { name: 'As it is read' });
    await expect(read.getByText('write its name in English')).toBeVisible();
    await expect(read.getByText('cannot be negative')).toBeVisible();
    await expect(read.getByText('between 0 and 100000 g')).toBeVisible();
    // What is chosen keeps the words that were typed, and no amount is made up for it.
    const choice = read.getByRole('button', { name: /^Caster or granulated sugar/ });
    await expect(choice).toBeDisabled();
    await read.getByLabel('How much, g').last().fill('25');
    await choice.click();
    await expect(page.getByLabel('Ingredient lines')).toHaveValue(/5 blorps of sugar → 25 g sugar/);
    await expect(read.getByText('25 g, weighed')).toBeVisible();
});

test('two windows on one version never overwrite each other silently', async ({ page, context, faults }) => {
    faults.expected.push(/412/);
    await openBench(page, 'Roasted-hazelnut mousse pot', 'Original');
    const url = page.url();
    const other = await context.newPage();
    await other.goto(url);
    await expect(other.getByLabel('Grams of Hazelnut paste')).toHaveValue('120');
    await page.getByLabel('Grams of Hazelnut paste').fill('130');
    await page.getByLabel('Grams of Hazelnut paste').press('Enter');
    await expect(page.getByText(KEPT)).toBeVisible();
    await other.getByLabel('Grams of Hazelnut paste').fill('110');
    await other.getByLabel('Grams of Hazelnut paste').press('Enter');
    await expect(other.getByRole('alert')).toContainText('changed in another window');
    await expect(other.getByLabel('Grams of Hazelnut paste')).toHaveValue('110');
    await other.getByRole('button', { name: 'Keep mine as a new version' }).click();
    await expect(other.getByRole('link', { name: 'Variant 1' })).toHaveAttribute('aria-current', 'page');
    await expect(other.getByLabel('Grams of Hazelnut paste')).toHaveValue('110');
    await page.reload();
    await expect(page.getByLabel('Grams of Hazelnut paste')).toHaveValue('130');
});

test('two windows on one note: the second is told, keeps what it typed, and keeps it when it means it', async ({ page, context, faults }) => {
    faults.expected.push(/412/);
    await openBench(page, 'Cardamom set custard', 'Original');
    const notes = async (window: Page) => {
        await window.getByRole('button', { name: 'This version' }).click();
        await window.getByRole('menuitem', { name: 'Notes' }).click();
        return window.getByRole('textbox', { name: 'Notes' });
    };
    const other = await context.newPage();
    await other.goto(page.url());
    const [mine, theirs] = [await notes(page), await notes(other)];
    await mine.fill('Less cardamom.');
    await page.getByRole('button', { name: 'Keep them' }).click();
    await expect(mine).toHaveCount(0);
    await theirs.fill('More cardamom.');
    await other.getByRole('button', { name: 'Keep them' }).click();
    await expect(other.getByRole('alert')).toContainText('changed in another window');
    await expect(theirs).toHaveValue('More cardamom.');
    await expect(await notes(page)).toHaveValue('Less cardamom.');
    await other.getByRole('button', { name: 'Keep them' }).click();
    await expect(theirs).toHaveCount(0);
    await page.reload();
    await expect(await notes(page)).toHaveValue('More cardamom.');
});

test('the store going away mid-save loses nothing', async ({ page, faults }) => {
    faults.expected.push(/503/, /Failed to load resource/);
    await openBench(page, 'Bay-leaf cream slice', 'Original');
    await page.route('**/api/versions/*', async (route) => {
        if (route.request().method() !== 'PATCH') return route.fallback();
        return route.fulfill({ status: 503, contentType: 'application/problem+json', body: JSON.stringify({ type: 'urn:transmuta:problem:store-away', detail: 'The store cannot be reached, so nothing was saved.' }) });
    });
    const milk = page.getByLabel('Grams of Whole milk');
    await milk.fill('999');
    await milk.press('Enter');
    await expect(page.getByText('kept on this machine, trying again')).toBeVisible();
    await expect(milk).toHaveValue('999');
    // The browser is closed while the store is away; the change comes back with it.
    await page.unroute('**/api/versions/*');
    await page.reload();
    await expect(milk).toHaveValue('999');
    await expect(page.getByText(KEPT)).toBeVisible();
    await page.evaluate(() => {
        if (Object.keys(localStorage).some((key) => key.includes('draft:'))) throw new Error('the draft was left behind');
    });
});

test('the real database stopped and started again: the change waits and is kept', async ({ page, faults }) => {
    test.skip(process.env.TRANSMUTA_VAR === undefined, 'bin/test says which database may be stopped');
    faults.expected.push(/50[0-9]/, /Failed to load resource/);
    await openBench(page, 'Blackcurrant baked cheesecake', 'Original');
    const servers = (command: string) => execFileSync('bash', ['-c', `. bin/lib.sh; ${command}`], { stdio: 'ignore' });
    const cheese = page.getByLabel('Grams of Cream cheese, full fat');
    servers('stop_pid "$VAR/mariadb.pid"');
    await cheese.fill('690');
    await cheese.press('Enter');
    await expect(page.getByText('kept on this machine, trying again')).toBeVisible();
    await expect(cheese).toHaveValue('690');
    servers('mariadb_up');
    await expect(page.getByText(KEPT)).toBeVisible();
    await page.reload();
    await expect(cheese).toHaveValue('690');
});

test('a mass that cannot be is marked where it stands', async ({ page }) => {
    await openBench(page, 'Cardamom set custard', 'Original');
    const sugar = page.getByLabel('Grams of Caster or granulated sugar');
    await sugar.fill('-3');
    await expect(sugar).toHaveAttribute('aria-invalid', 'true');
    await expect(sugar).toHaveValue('-3');
    await sugar.press('Escape');
    await expect(sugar).toHaveValue('90');
});

test('on a slow line something stands before any script has come, and shapes stand where the dishes will', async ({ page }) => {
    const gates = { scripts: () => {}, dishes: () => {} };
    const scripts = new Promise<void>((go) => (gates.scripts = go));
    const dishes = new Promise<void>((go) => (gates.dishes = go));
    await page.route('**/build/assets/*.js', async (route) => {
        await scripts;
        await route.continue();
    });
    await page.route('**/api/dishes*', async (route) => {
        await dishes;
        await route.continue();
    });
    await page.goto('/', { waitUntil: 'commit' });
    // Painted while every script is still held back.
    await expect(page.getByText('Laying out the counter…')).toBeVisible();
    await expect.poll(() => page.evaluate(() => performance.getEntriesByName('first-contentful-paint').length)).toBe(1);
    gates.scripts();
    await expect(page.getByText('Fetching the dishes…')).toBeVisible();
    await expect(page.getByRole('article')).toHaveCount(0);
    gates.dishes();
    await expect(page.getByRole('article').first()).toBeVisible();
});

test('a server that is away is told as away, and what was shown comes back with it', async ({ page, faults }) => {
    faults.expected.push(/Failed to load resource/);
    await page.goto('/');
    await expect(page.getByRole('article').first()).toBeVisible();
    await page.route('**/api/**', (route) => route.abort());
    await page.getByRole('link', { name: 'Shelf' }).click();
    const bar = page.getByRole('alert').filter({ hasText: 'The server does not answer.' });
    await expect(bar).toContainText('What you type stays on this screen', { timeout: 15_000 });
    await page.getByRole('link', { name: 'Counter' }).click();
    await expect(page.getByText('Nothing waits')).toHaveCount(0);
    await page.unroute('**/api/**');
    await bar.getByRole('button', { name: 'Try now' }).click();
    await expect(bar).toHaveCount(0);
    await expect(page.getByRole('article').first()).toBeVisible();
    // The server is there and its store is not.
    await page.route('**/api/dishes*', (route) => route.fulfill({ status: 503, contentType: 'application/problem+json', body: JSON.stringify({ type: 'urn:transmuta:problem:store-away', detail: 'The store cannot be reached, so nothing was saved.' }) }));
    await page.getByLabel('Find a dish').fill('curd');
    await expect(page.getByRole('alert').filter({ hasText: 'its store is away' })).toBeVisible({ timeout: 15_000 });
    await page.unroute('**/api/dishes*');
    await expect(page.getByRole('alert').filter({ hasText: 'its store is away' })).toHaveCount(0, { timeout: 15_000 });
});
