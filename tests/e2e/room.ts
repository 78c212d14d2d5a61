import { test as base, expect, type Page } from '@playwright/test';
import axeCore, { type AxeResults } from 'axe-core';

/** The token of the session, as the interface sends it. */
export async function token(page: Page): Promise<string> {
    const found = (await page.context().cookies()).find((cookie) => cookie.name === 'XSRF-TOKEN');
    return decodeURIComponent(found?.value ?? '');
}

/**
 * Says so as an error when what had the focus is gone, or can no longer be pressed, and nothing has taken it over for a second and a half.
 * Reads the page by itself, with nothing of the interface's own keeper.
 */
function watchFocus(): void {
    let last: Element | null = null;
    let nowhere = 0;
    setInterval(() => {
        const at = document.activeElement;
        if (at && at !== document.body) {
            last = at;
            nowhere = 0;
            return;
        }
        const isLost = last !== null && document.hasFocus() && (!last.isConnected || last.matches(':disabled'));
        nowhere = isLost ? nowhere + 1 : 0;
        if (nowhere === 15) console.error(`The focus is lost; it stood on ${last?.outerHTML.slice(0, 160)}`);
    }, 100);
}

/** Every test fails on a console error, an uncaught fault or a lost focus, but for the errors it says it makes. */
export const test = base.extend<{ faults: { expected: RegExp[] } }>({
    faults: [
        async ({ page }, use) => {
            // Everybody of these is at the tea room; who is not says so by signing out.
            await page.request.get('/api/session');
            await page.request.post('/api/session/demo', { headers: { 'X-XSRF-TOKEN': await token(page) } });
            await page.addInitScript(watchFocus);
            const faults = { expected: [] as RegExp[] };
            const seen: string[] = [];
            page.on('console', (message) => {
                if (message.type() === 'error') seen.push(message.text());
            });
            page.on('pageerror', (error) => seen.push(error.message));
            await use(faults);
            expect(seen.filter((text) => !faults.expected.some((pattern) => pattern.test(text)))).toEqual([]);
        },
        { auto: true },
    ],
});

export { expect };

/** What the width of a screen can break; the other rules do not look at it. */
export const OF_SIZE = ['target-size', 'color-contrast', 'scrollable-region-focusable', 'aria-hidden-focus', 'button-name', 'link-name', 'label'];

/** What a width between two others can break: its colours are theirs. */
export const OF_WIDTH = OF_SIZE.filter((rule) => rule !== 'color-contrast');

/** What the colours of a dress can break. */
export const OF_DRESS = ['color-contrast', 'link-in-text-block'];

const EVERY = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** Scans the page as it stands; violations alone are worked out in full, and no style sheet is fetched again: no rule of these reads one. */
export async function axe(page: Page, rules?: string[]): Promise<void> {
    // Put in by the debugger's own way, which the content policy of the page does not forbid.
    await page.evaluate(`if (!window.axe) { ${axeCore.source} }`);
    const violations = await page.evaluate(
        async ([type, values]) => {
            const { axe: scanner } = window as unknown as { axe: { run: (root: Document, options: object) => Promise<AxeResults> } };
            const found = await scanner.run(document, { runOnly: { type, values }, resultTypes: ['violations'], preload: false });
            return found.violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(' | ')}`);
        },
        rules ? (['rule', rules] as const) : (['tag', EVERY] as const),
    );
    expect(violations).toEqual([]);
}

/** Where the Bench of a version was found. */
const BENCHES = new Map<string, string>();

/** The Bench of a version: found on the Counter the first time, gone to by its address after. */
export async function openBench(page: Page, dish: string, version: string): Promise<void> {
    const known = BENCHES.get(`${dish}: ${version}`);
    if (known === undefined) {
        await page.goto('/');
        await page.getByRole('article', { name: dish, exact: true }).getByRole('link', { name: new RegExp(`^${version}`) }).click();
        await page.waitForURL(/\/bench\/\d+/);
        BENCHES.set(`${dish}: ${version}`, new URL(page.url()).pathname);
    } else {
        await page.goto(known);
    }
    await expect(page.getByRole('heading', { name: dish, level: 1 })).toBeVisible();
}

/** To another room within the page, as a link leads there: nothing is loaded anew. */
export async function walk(page: Page, to: string): Promise<void> {
    const left = await page.title();
    await page.evaluate((path) => {
        history.pushState({}, '', path);
        dispatchEvent(new PopStateEvent('popstate', { state: {} }));
    }, to);
    await expect(page).not.toHaveTitle(left);
}

export const rail = (page: Page, property: string) => page.locator(`[data-rail="${property}"]`);

/** The layer's sweetness in the Reading tab. */
export const sweetness = (page: Page) => page.getByRole('tabpanel').getByRole('button', { name: /why is the sweetness this/ });
