import { axe, expect, OF_SIZE, test, token } from './room';

test('a version is made at the stove: weighed, mended, timed, probed, with the line cut in the middle, and stands as a record', async ({ page, context, faults }) => {
    faults.expected.push(/ERR_INTERNET_DISCONNECTED|Failed to fetch/, /422/);
    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto('/pass');
    await page.getByRole('link', { name: /Passion-fruit curd tartlet.*Original|Original.*Passion-fruit/ }).first().click();
    await page.getByRole('button', { name: 'Make it' }).click();
    const step = page.locator('#step-title');
    await expect(step).toHaveText(/weigh everything/i);
    await axe(page, [...OF_SIZE]);

    // Everything of the layer is weighed out here; what came short is mended by what is left.
    const flour = page.getByRole('listitem', { name: /wheat flour/ });
    const butter = page.getByRole('listitem', { name: /^butter/ });
    const asked = async (of: typeof butter) => parseFloat((await of.locator('.figure').textContent()) ?? '');
    const full = await asked(butter);
    await flour.getByLabel('Scale, g').or(flour.getByLabel(/^Weighed of/)).fill(String(Math.round((await asked(flour)) * 0.8)));
    await flour.getByRole('button', { name: /^Keep/ }).click();
    await expect(flour.getByText(/short/)).toBeVisible();
    await page.getByRole('button', { name: /Take the rest × 0\.8/ }).click();
    await expect(flour.getByText(/short/)).toHaveCount(0);
    expect(await asked(butter)).toBeCloseTo(full * 0.8, 0);
    // The rows settle once the server has heard it: a press between them would meet a button that moves.
    const heard = page.waitForResponse((answer) => /\/events$/.test(answer.url()) && answer.request().method() === 'POST');
    await butter.getByRole('button', { name: /As asked/ }).click();
    await heard;
    await expect(butter.getByText(/weighed/)).toBeVisible();
    await page.getByRole('button', { name: 'Done, next' }).click();
    await expect(step).not.toHaveText(/weigh everything/i);

    // The line is cut: what is said stands, is kept, and is said once when it is back.
    // What was said before it is heard first, so that two are left.
    await expect(page.getByText(/kept here/)).toHaveCount(0);
    await context.setOffline(true);
    await page.getByLabel('What was seen or tasted').fill('the flour sack ran out');
    await page.keyboard.press('Enter');
    await expect(page.getByText('the flour sack ran out')).toBeVisible();
    await page.getByRole('button', { name: 'Done, next' }).click();
    await expect(page.getByText(/2 notes kept here until the server is back/)).toBeVisible();
    // Opened anew without a line: the stove is there, and so is what was said.
    await page.reload();
    await expect(page.getByText(/2 notes kept here until the server is back/)).toBeVisible();
    await expect(page.getByText(/2 of \d+ steps done|3 of \d+ steps done/)).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText(/kept here/)).toHaveCount(0);
    // With a line it is the server's word again that counts, not what was kept: another device said something meanwhile.
    const at = page.url().split('/').pop() ?? '';
    expect((await page.request.post(`/api/runs/${at}/events`, { headers: { 'X-XSRF-TOKEN': await token(page), Accept: 'application/json' }, data: { events: [{ client_id: 'Y'.repeat(26), kind: 'note', step: 'a2', body: { text: 'said from the other tablet' }, at: '2026-12-05T10:00:00' }] } })).ok()).toBe(true);
    await page.reload();
    await expect(page.getByText(/2 of \d+ steps done|3 of \d+ steps done/)).toBeVisible();
    await page.getByText(/^All \d+ steps$/).click();
    await page.getByRole('button', { name: /^(done|a2)\s*Crust\s*line/i }).click();
    await expect(page.getByText(/said from the other tablet/)).toBeVisible();
    await page.getByText(/^All \d+ steps$/).click();

    // There is not enough of something: another is taken, and what is left is balanced anew.
    await page.getByText(/^All \d+ steps$/).click();
    await page.getByRole('button', { name: /blend in .*butter/ }).click();
    await page.getByText(/^All \d+ steps$/).click();
    const instead = page.getByRole('listitem', { name: /^butter/ });
    await instead.getByRole('button', { name: /^Take another for/ }).click();
    await instead.getByLabel(/^What instead of/).fill('moonlight');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/Not taken down/)).toBeVisible();
    await instead.getByRole('button', { name: /^Take another for/ }).click();
    await instead.getByLabel(/^What instead of/).fill('plant butter block');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/plant butter block was taken for butter/)).toBeVisible();
    await expect(page.getByRole('listitem', { name: /^plant butter/ })).toBeVisible();
    await axe(page, [...OF_SIZE]);

    // A step is gone to, timed, probed.
    await page.getByText(/^All \d+ steps$/).click();
    await page.getByRole('button', { name: /heat .*passion-fruit juice/ }).click();
    await expect(page.getByText(/^To 82 °C|To/).first()).toBeVisible();
    await page.getByLabel('Probe, °C').fill('81,5');
    await page.getByRole('button', { name: 'Note it' }).click();
    await expect(page.getByText(/last 81.5 °C/)).toBeVisible();
    await page.getByRole('button', { name: /rest it cold/ }).click();
    await page.getByRole('button', { name: /^Time 30 min/ }).click();
    await expect(page.getByRole('list', { name: 'Timers' }).getByText(/29:5\d|30:00/)).toBeVisible();
    await axe(page, [...OF_SIZE]);

    // It is made: a record, a table, and it stands among what was made.
    await page.getByRole('button', { name: 'Stop here, it is made' }).click();
    await expect(page.getByRole('heading', { name: 'The record' })).toBeVisible();
    await expect(page.getByRole('cell', { name: 'the flour sack ran out' })).toHaveCount(1);
    await expect(page.getByRole('cell', { name: /81.5 °C/ })).toBeVisible();
    const table = await (await page.request.get((await page.getByRole('link', { name: 'As a table' }).getAttribute('href')) ?? '')).text();
    expect(table).toContain('the flour sack ran out');
    expect(table.split('the flour sack ran out')).toHaveLength(2);
    await axe(page);
    await page.goto('/stove');
    await expect(page.getByRole('region', { name: 'Made', exact: true }).getByRole('link', { name: /Passion-fruit curd tartlet/ }).first()).toBeVisible();
});

test('a dish of a service goes to the stove, and the stove fits a phone', async ({ page }) => {
    await page.goto('/clock/1');
    await page.getByRole('region', { name: 'The running order' }).getByRole('button', { name: /Cardamom set custard/ }).filter({ hasNotText: 'Clean it down' }).first().click();
    await page.getByRole('region', { name: 'At hand' }).getByRole('button', { name: 'Make it' }).click();
    await expect(page.getByText(/5 portions · 0 of \d+ steps done/)).toBeVisible();
    await page.setViewportSize({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    expect(await page.getByRole('main').evaluate((el) => el.scrollWidth - el.clientWidth)).toBeLessThanOrEqual(0);
    // Wet fingers: everything that is pressed in the step is at least 44 px high.
    for (const button of await page.getByRole('region').getByRole('button').all()) expect((await button.boundingBox())?.height ?? 44).toBeGreaterThanOrEqual(44);
    await axe(page, [...OF_SIZE]);
});

test('what is refused of a run is told, and what was said beside it is kept', async ({ page, context, faults }) => {
    faults.expected.push(/ERR_INTERNET_DISCONNECTED|Failed to fetch/, /422/);
    await page.goto('/pass');
    await page.getByRole('link', { name: /Cardamom set custard/ }).first().click();
    await page.getByRole('button', { name: 'Make it' }).click();
    await expect(page.locator('#step-title')).toBeVisible();
    const run = page.url().split('/').pop() ?? '';
    await context.setOffline(true);
    await page.getByRole('button', { name: 'Done, next' }).click();
    await page.getByLabel('What was seen or tasted').fill('a hair of cardamom too much');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/2 notes kept here/)).toBeVisible();
    // Somebody else calls it made meanwhile.
    const over = await page.request.post(`/api/runs/${run}/events`, { headers: { 'X-XSRF-TOKEN': await token(page), Accept: 'application/json' }, data: { events: [{ client_id: 'Z'.repeat(26), kind: 'finished', at: '2026-12-05T10:00:00' }] } });
    expect(over.ok()).toBe(true);
    await context.setOffline(false);
    await expect(page.getByText(/Not taken down/)).toBeVisible({ timeout: 20_000 });
    await expect(page.getByRole('cell', { name: 'a hair of cardamom too much' })).toBeVisible();
    await expect(page.getByText(/kept here/)).toHaveCount(0);
});

test('weighed on the simulated scale, followed by the simulated probe with the line cut in the middle, trouble told, and the record says it was simulated', async ({ page, context, faults }) => {
    test.setTimeout(150_000);
    faults.expected.push(/ERR_INTERNET_DISCONNECTED|Failed to fetch/);
    await page.setViewportSize({ width: 820, height: 1180 });
    await page.goto('/pass');
    await page.getByRole('link', { name: /Passion-fruit curd tartlet.*Original|Original.*Passion-fruit/ }).first().click();
    await page.getByRole('button', { name: 'Make it' }).click();
    const step = page.locator('#step-title');
    await expect(step).toHaveText(/weigh everything/i);
    const both = page.getByRole('region', { name: 'Scale and probe' });
    await both.getByRole('button', { name: 'Use the scale' }).click();
    await expect(both.getByText(/Simulated: no real scale or probe is connected/)).toBeVisible();
    const scale = both.getByRole('group', { name: 'Scale' });
    // A scale that is slow to be tared: what was taken still lies on it, and is none of what comes next.
    await page.route('**/instruments', async (route) => {
        if (route.request().postData()?.includes('tare')) await new Promise((go) => setTimeout(go, 1500));
        await route.continue();
    });
    for (const name of ['plain wheat flour', 'butter, unsalted']) {
        await expect(scale.getByRole('button', { name: new RegExp(`^Take .*${name}`) })).toBeDisabled();
        await scale.getByRole('button', { name: `Pour ${name}` }).click();
        await expect(scale.locator('.figure')).toHaveText(/^[1-9]/);
        await expect(scale.getByText('stands still')).toBeVisible();
        await expect(scale.getByRole('button', { name: `Pour ${name}` })).toBeDisabled();
        await scale.getByRole('button', { name: new RegExp(`^Take [\\d.]+ g of ${name}`) }).click();
        await expect(page.getByRole('listitem', { name }).getByText(/weighed/)).toBeVisible();
    }
    await axe(page, [...OF_SIZE]);
    // Too much is seen, and what lies on it beyond its end is not shown.
    await both.getByText('What the simulation does').click();
    await both.getByLabel('Put on, g').fill('6000');
    await page.keyboard.press('Enter');
    await expect(both.getByRole('alert')).toContainText('More than 5 kg');
    await scale.getByRole('button', { name: 'Take all off' }).click();
    await expect(both.getByRole('alert')).toHaveCount(0);
    await both.getByRole('button', { name: 'Scale gone' }).click();
    await expect(both.getByRole('alert')).toContainText('does not answer');
    await both.getByRole('button', { name: 'Scale well' }).click();

    // To the pot; twenty times as fast as a clock.
    await page.getByText(/^All \d+ steps$/).click();
    await page.getByRole('button', { name: /heat .*passion-fruit juice/ }).click();
    const probe = both.getByRole('group', { name: 'Probe' });
    await probe.getByRole('button', { name: '20 × faster' }).click();
    await probe.getByRole('button', { name: 'Put the probe into the pot' }).click();
    await expect(page.getByText(/82 °C in about \d+ min/)).toBeVisible();
    await expect(page.getByText(/Heat on the egg is not reckoned/)).toBeVisible();
    // The line is cut: no probe answers, and what was read is still there when it is back.
    await context.setOffline(true);
    await expect(both.getByText(/No scale or probe answers/)).toBeVisible();
    await context.setOffline(false);
    await expect(probe).toBeVisible();
    await both.getByText('What the simulation does').click();
    await both.getByRole('button', { name: 'Probe out of the pot' }).click();
    await expect(probe.getByRole('alert')).toContainText('put it back into the pot');
    await both.getByRole('button', { name: 'Probe well' }).click();
    await axe(page, [...OF_SIZE]);
    // A pot that is forgotten is told before it curdles and after.
    await expect(page.getByRole('alert').filter({ hasText: /curdl/ })).toBeVisible({ timeout: 60_000 });
    await probe.getByRole('button', { name: 'Take the probe out' }).click();
    await page.getByRole('button', { name: 'Stop here, it is made' }).click();
    await expect(page.getByRole('cell', { name: /plain wheat flour \(simulated\)/ })).toBeVisible();
    expect(await page.getByRole('cell', { name: /°C, .*\(simulated\)/ }).count()).toBeGreaterThan(10);
    await axe(page);
});

test('a run that somebody is in the middle of is gone on with', async ({ page }) => {
    await page.goto('/stove');
    await page.getByRole('region', { name: 'Being made' }).getByRole('listitem').filter({ hasText: 'Matteo' }).getByRole('link', { name: /Passion-fruit curd tartlet/ }).click();
    await expect(page.getByText(/24 portions · \d+ of \d+ steps done/)).toBeVisible();
    await expect(page.getByText(/smells of the fruit/)).toBeVisible();
    await expect(page.getByText(/82 °C in about \d+ min, by the model and the pace so far/)).toBeVisible();
    await axe(page, [...OF_SIZE]);
});
