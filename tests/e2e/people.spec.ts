import type { Page } from '@playwright/test';
import { axe, expect, openBench, test, token } from './room';

const PORT = process.env.TRANSMUTA_PORT ?? '8080';

test('nobody sees anything before they are in; the demo is one press away, by keyboard too', async ({ page, context, faults }) => {
    faults.expected.push(/401/);
    await context.clearCookies();
    await page.goto('/shelf/butter');
    await expect(page.getByRole('heading', { name: 'Who is at the counter?' })).toBeVisible();
    await expect(page.getByText('Butter, unsalted')).toHaveCount(0);
    await axe(page);
    await page.getByLabel('E-mail').fill('nobody@kitchen.example');
    await page.getByLabel('Password').fill('not the words');
    faults.expected.push(/422/);
    await page.keyboard.press('Enter');
    await expect(page.getByText('Nobody signs in with that address and password.')).toBeVisible();
    await page.getByRole('button', { name: 'Look around the demo' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Butter, unsalted' })).toBeVisible();
});

/**
 * Presses, in every room, whatever can be pressed, one after the other, and answers what was refused for want of a right: nothing that is live
 * may be, whatever a control is called and whoever adds one.
 */
async function pressedInVain(page: Page): Promise<string[]> {
    const refused: string[] = [];
    let pressed = '';
    page.on('response', (response) => {
        if (response.status() === 403) refused.push(`${pressed}: ${response.request().method()} ${new URL(response.url()).pathname}`);
    });
    const bench = (await page.getByRole('article', { name: 'Cardamom set custard' }).getByRole('link').first().getAttribute('href')) ?? '';
    const version = bench.split('/').pop() ?? '';
    const live = 'main :is(button, [role="menuitem"], [role="tab"]):not(:disabled):not([aria-disabled="true"])';
    let count = 0;
    for (const room of ['/', bench, `/spread/${version}`, '/shelf/butter', '/clock', '/stove', '/notebook', '/notebook?view=pots', '/notebook?view=sure', '/panel', `/pass/${version}`, `/pass/${version}/method`, `/pass/${version}/cost`]) {
        await page.goto(room);
        await expect(page.getByRole('heading').first()).toBeVisible();
        await page.waitForLoadState('networkidle');
        for (let n = 0; n < Math.min(90, await page.locator(live).count()); n++) {
            const one = page.locator(live).nth(n);
            const name = (await one.getAttribute('aria-label').catch(() => null)) ?? (await one.textContent().catch(() => '')) ?? '';
            if (!(await one.isVisible()) || /print/i.test(name)) continue;
            pressed = `${room} “${name.trim()}”`;
            await one.click({ timeout: 2000, force: true }).catch(() => undefined);
            count++;
            // A menu, then a dialog that its press may have opened.
            await page.keyboard.press('Escape');
            await page.keyboard.press('Escape');
            if (new URL(page.url()).pathname !== room.split('?')[0]) await page.goto(room);
        }
    }
    expect(count).toBeGreaterThan(50);
    return refused;
}

test('a link asks somebody in as taster, who looks and changes nothing; an owner sees who did what', async ({ page, browser, faults }) => {
    await page.goto('/studio');
    await expect(page.getByRole('heading', { name: 'Who works here' })).toBeVisible();
    // A list that opens while the rest of the page is still arriving is closed by it.
    await expect(page.getByText('here, now')).toBeVisible();
    await page.getByLabel('Ask somebody in as').click();
    await page.getByRole('option', { name: /^taster/ }).click();
    await page.getByRole('button', { name: 'Make a link' }).click();
    const address = (await page.locator('code').first().textContent()) ?? '';
    expect(address).toContain('/join/');
    await axe(page);

    const other = await browser.newContext({ baseURL: `http://127.0.0.1:${PORT}`, reducedMotion: 'reduce' });
    const guest = await other.newPage();
    await guest.goto(address);
    await expect(guest.getByText('You are asked in as taster.')).toBeVisible();
    await axe(guest);
    await guest.getByLabel('How you sign').fill('Odd');
    await guest.getByLabel('E-mail').fill(`odd${Date.now()}@kitchen.example`);
    await guest.getByLabel('A password, twelve characters or more').fill('short');
    await guest.getByRole('button', { name: 'Join' }).click();
    await expect(guest.getByText('Twelve characters or more:')).toBeVisible();
    await guest.getByLabel('A password, twelve characters or more').fill('some plain words');
    await guest.keyboard.press('Enter');
    await expect(guest.getByRole('article', { name: 'Cardamom set custard' })).toBeVisible();
    await guest.getByRole('button', { name: 'What to do with Cardamom set custard' }).click();
    await expect(guest.getByRole('menuitem', { name: 'Put it away' })).toHaveAttribute('aria-disabled', 'true');
    await guest.keyboard.press('Escape');
    expect(await pressedInVain(guest)).toEqual([]);
    await guest.goto('/');
    await guest.getByRole('link', { name: 'You: Odd' }).click();
    await expect(guest.getByRole('heading', { name: 'Who works here' })).toHaveCount(0);
    // The link is used up.
    await guest.goto(address);
    await expect(guest.getByText('This link leads nowhere any more')).toBeVisible();
    await other.close();

    await page.reload();
    await expect(page.getByText('Odd', { exact: true }).first()).toBeVisible();
    await expect(page.getByText('made a link to join').first()).toBeVisible();
    faults.expected.push(/404/);
});

test('a session that ends while somebody types is begun again over the room, and what was typed is kept', async ({ page, context, faults }) => {
    faults.expected.push(/401/, /419/);
    await openBench(page, 'Bay-leaf cream slice', 'Eggless 1');
    const first = page.locator('[data-grams]').first();
    await expect(first).toBeVisible();
    await context.clearCookies();
    await first.fill('123');
    await first.press('Enter');
    const again = page.getByRole('dialog', { name: 'Sign in again' });
    await expect(again).toBeVisible();
    await again.getByRole('button', { name: 'Look around the demo' }).click();
    await expect(again).toHaveCount(0);
    await expect(first).toHaveValue('123');
    await expect(page.getByText(/^kept \d\d:\d\d$/)).toBeVisible({ timeout: 20_000 });
    await page.reload();
    await expect(first).toHaveValue('123');
    await page.getByRole('button', { name: 'Undo' }).click();
});

test('a page from elsewhere can do nothing here, though somebody is signed in', async ({ page, faults }) => {
    faults.expected.push(/./);
    await page.goto('/');
    await expect(page.getByRole('article').first()).toBeVisible();
    const before = (await (await page.request.get('/api/dishes')).json()) as { id: number }[];
    const victim = before[0]?.id ?? 0;
    await page.route('http://elsewhere.example/**', (route) =>
        route.fulfill({
            contentType: 'text/html',
            body: `<title>bait</title>
                <form id="f" method="post" action="http://127.0.0.1:${PORT}/api/dishes/${victim}"><input name="_method" value="DELETE"></form>
                <form id="g" method="post" enctype="text/plain" action="http://127.0.0.1:${PORT}/api/dishes/${victim}/copies"><input name='{"a":"' value='"}'></form>
                <iframe id="i" src="http://127.0.0.1:${PORT}/" name="in"></iframe>`,
        }),
    );
    for (const form of ['f', 'g']) {
        await page.goto('http://elsewhere.example/bait');
        await page.evaluate((id) => (document.getElementById(id) as HTMLFormElement).submit(), form);
        // What it is answered stands in its place: it was turned away.
        await page.waitForURL(new RegExp(`127.0.0.1:${PORT}/api/`));
        await expect(page.locator('body')).toContainText('Another page asked for this');
    }
    await page.goto('http://elsewhere.example/bait');
    const tried = await page.evaluate(async ([port, id]) => {
        const outcome: string[] = [];
        for (const [method, type] of [['POST', 'text/plain'], ['DELETE', 'application/json'], ['GET', '']] as const) {
            try {
                const answer = await fetch(`http://127.0.0.1:${port}/api/dishes/${id}`, { method, credentials: 'include', ...(type && { headers: { 'Content-Type': type } }) });
                outcome.push(`${method} read ${answer.status}`);
            } catch {
                outcome.push(`${method} refused`);
            }
        }
        return outcome;
    }, [PORT, String(victim)] as const);
    expect(tried).toEqual(['POST refused', 'DELETE refused', 'GET refused']);
    // Framed, it shows nothing of ours.
    const framed = page.frame('in');
    expect(framed ? await framed.locator('body').innerText().catch(() => '') : '').not.toContain('counter');
    await page.goto('/');
    const after = (await (await page.request.get('/api/dishes')).json()) as { id: number }[];
    expect(after.map((dish) => dish.id).sort()).toEqual(before.map((dish) => dish.id).sort());
    // A write of our own page without the session's token is refused as well.
    expect((await page.request.delete(`/api/dishes/${victim}`)).status()).toBe(419);
    expect(await token(page)).not.toBe('');
});

test('the whole studio is taken along as a file and brought in as another, by keyboard', async ({ page, faults }) => {
    await page.goto('/studio');
    const panel = page.getByRole('region', { name: 'The studio as a file' });
    const coming = page.waitForEvent('download');
    await panel.getByRole('link', { name: 'Take the whole studio along' }).click();
    const file = await (await coming).path();
    const field = panel.getByLabel('Bring one in, as a studio of its own');
    await field.setInputFiles({ name: 'holiday.zip', mimeType: 'application/zip', buffer: Buffer.from('no zip at all') });
    faults.expected.push(/422/);
    await panel.getByRole('button', { name: 'Bring it in' }).click();
    await expect(panel.getByText(/give a ZIP file that was exported from a studio/i)).toBeVisible();
    await field.setInputFiles(file);
    await panel.getByRole('button', { name: 'Bring it in' }).focus();
    await page.keyboard.press('Enter');
    await expect(panel.getByRole('status')).toContainText(/Observatory tea room is there: \d+ dishes, \d+ versions, \d+ trials/);
    await axe(page);
    await panel.getByRole('button', { name: 'Go there' }).focus();
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Studio', { exact: true })).toBeVisible();
    await page.goto('/');
    await expect(page.getByRole('article', { name: 'Cardamom set custard' })).toBeVisible();
    await page.getByRole('article', { name: 'Cardamom set custard' }).getByRole('link').first().click();
    await expect(page.getByRole('heading', { name: 'Cardamom set custard', level: 1 })).toBeVisible();
    // Back to where the others work.
    await page.goto('/studio');
    await page.getByLabel('Studio', { exact: true }).click();
    await page.getByRole('option').first().click();
    await expect(page.getByText('brought a studio in').first()).toBeVisible();
});
