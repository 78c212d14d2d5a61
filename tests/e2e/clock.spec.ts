import ICAL from 'ical.js';
import type { Page } from '@playwright/test';
import { axe, expect, test } from './room';

/** A service on Saturday the 5th, at half past seven, made new. */
async function newService(page: Page, name: string): Promise<void> {
    await page.goto('/clock');
    await page.getByRole('button', { name: 'A new service' }).click();
    await page.getByLabel('What it is called').fill(name);
    await page.getByLabel('When it is on the table').fill('2026-12-05T19:30');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
}

async function make(page: Page, dish: string, option: RegExp): Promise<void> {
    await page.getByRole('button', { name: 'What is made', exact: true }).click();
    await page.getByLabel('One more dish').fill(dish);
    await page.getByRole('option', { name: option }).click();
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
}

test('from who comes to a plan that is ticked off, moved and made anew', async ({ page }) => {
    await page.clock.setFixedTime(new Date('2026-12-05T08:30:00'));
    await newService(page, 'The long table');
    await page.getByRole('link', { name: 'Who comes' }).first().click();
    const first = page.getByRole('listitem', { name: 'Group 1' });
    await first.getByLabel('How many').fill('3');
    await first.getByLabel('Diets').click();
    await page.getByRole('option', { name: 'Vegan' }).click();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'More who are alike' }).click();
    await page.getByRole('listitem', { name: 'Group 2' }).getByLabel('How many').fill('19');
    await expect(page.getByRole('heading', { name: '22 covers' })).toBeVisible();
    await page.getByLabel('Over and above').fill('10 %');
    await page.getByLabel('Of which dish').fill('cardamom');
    await page.getByRole('option', { name: 'Cardamom set custard' }).click();
    await expect(page.getByRole('option')).toHaveCount(0);
    await page.getByRole('button', { name: 'Find the fewest versions' }).click();
    await expect(page.getByText('One version for all 22.')).toBeVisible();
    await expect(page.getByText('Vegan 1, 25 portions, for 3 vegan; 19 who eat anything')).toBeVisible();
    await axe(page);
    await page.getByRole('button', { name: 'Put it on the Clock' }).click();

    // The plan: in time, every step once in the lanes and once in the running order.
    await expect(page.getByRole('status').getByText(/^In time/)).toBeVisible();
    const steps = page.getByRole('group', { name: 'Steps in time' }).getByRole('button');
    const rows = page.getByRole('region', { name: 'The running order' }).getByRole('listitem');
    await expect(rows.first()).toBeVisible();
    expect(await steps.count()).toBe(await rows.count());
    await expect(page.getByRole('region', { name: 'To fetch' }).getByRole('row').first()).toBeVisible();
    await axe(page);
    for (const by of ['by station', 'by cook']) {
        await page.getByRole('combobox', { name: 'Lanes' }).click();
        await page.getByRole('option', { name: by }).click();
        await expect(page.getByRole('group', { name: by === 'by cook' ? 'Cook 1' : 'Fridge' })).toBeVisible();
    }
    await page.getByRole('combobox', { name: 'Lanes' }).click();
    await page.getByRole('option', { name: 'by dish' }).click();

    // By keyboard: arrows go from step to step, Alt and an arrow moves one.
    const at = (name: RegExp) => steps.and(page.getByRole('button', { name }));
    const fill = at(/: Custard: fill in/);
    const from = async () => ((await fill.getAttribute('aria-label')) ?? '').slice(0, 5);
    const was = await from();
    await fill.click();
    await page.keyboard.press('Alt+ArrowRight');
    await expect(fill).toHaveAccessibleName(/not to be moved/);
    const moved = await from();
    const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
    expect((minutes(moved) - minutes(was) + 1440) % 1440).toBe(5);
    await page.keyboard.press('ArrowLeft');
    expect(await page.evaluate(() => document.activeElement?.getAttribute('data-block'))).not.toBeNull();
    await page.getByRole('button', { name: 'Take it back' }).click();
    await expect(fill).not.toHaveAccessibleName(/not to be moved/);
    expect(await from()).toBe(was);

    // Drawn with the mouse, and let go again.
    await fill.scrollIntoViewIfNeeded();
    const box = await fill.boundingBox();
    if (!box) throw new Error('the step is not drawn');
    await page.mouse.move(box.x + 2, box.y + 8);
    await page.mouse.down();
    await page.mouse.move(box.x + 42, box.y + 8, { steps: 4 });
    await page.mouse.up();
    await expect(fill).toHaveAccessibleName(/not to be moved/);
    expect(await from()).not.toBe(was);
    await page.getByRole('region', { name: 'At hand' }).getByRole('button', { name: 'Let it move' }).click();
    await expect(fill).not.toHaveAccessibleName(/not to be moved/);

    // Ticked off, late: it is planned anew from what happened.
    const spare = async () => (await page.getByRole('status').getByText(/to spare/).textContent()) ?? '';
    const before = await spare();
    await rows.getByRole('button', { name: /^Done/ }).first().click();
    await expect(rows.filter({ has: page.getByText('done', { exact: true }) }).first()).toBeVisible();
    await page.clock.setFixedTime(new Date('2026-12-05T11:50:00'));
    await page.reload();
    await expect(page.getByRole('status').getByText(/to spare/)).toBeVisible();
    expect(await spare()).not.toBe(before);
    await page.clock.setFixedTime(new Date('2026-12-05T18:50:00'));
    await page.reload();
    await expect(page.getByRole('alert').getByText('It cannot be kept as it stands.')).toBeVisible();
    await expect(page.getByRole('alert').getByText(/erve at \d\d:\d\d on 5 December|erve at \d\d:\d\d on 6 December/)).toBeVisible();
});

test('what the kitchen lacks is named, and mended where it is said', async ({ page, faults }) => {
    faults.expected.push(/422/);
    await page.clock.setFixedTime(new Date('2026-12-04T09:00:00'));
    await newService(page, 'No oven tonight');
    await make(page, 'cardamom', /Cardamom set custard, Original/);
    await expect(page.getByRole('status').getByText(/^In time/)).toBeVisible();
    await page.getByRole('button', { name: 'Kitchen' }).click();
    await page.getByLabel('Ovens').fill('0');
    await page.getByLabel('When somebody is there').fill('9 to 25:00');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByText(/a day ends at 24:00|write a time of day/).first()).toBeVisible();
    await page.getByLabel('When somebody is there').fill('08:00–16:00, 18:00–23:30');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('alert').getByText('Have 1 oven.')).toBeVisible();
    await page.getByRole('button', { name: 'Kitchen' }).click();
    await page.getByLabel('Ovens').fill('2');
    await page.getByRole('button', { name: 'Keep it' }).click();
    await expect(page.getByRole('status').getByText(/^In time/)).toBeVisible();
    await page.getByRole('button', { name: 'Take it away' }).click();
    await expect(page.getByRole('heading', { name: 'Clock', level: 1 })).toBeVisible();
    await expect(page.getByRole('link', { name: 'No oven tonight' })).toHaveCount(0);
});

test('the plan goes into a calendar that another reader of calendars understands', async ({ page }) => {
    await page.goto('/clock');
    await page.getByRole('link', { name: 'Night of the long exposure' }).click();
    await expect(page.getByRole('region', { name: 'The running order' })).toBeVisible();
    const address = (await page.getByRole('link', { name: 'Calendar' }).getAttribute('href')) ?? '';
    const text = await (await page.request.get(address)).text();
    const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(events.length).toBeGreaterThan(20);
    for (const event of events) {
        expect(event.summary).not.toBe('');
        expect(event.startDate.zone.tzid).toBe('floating');
        expect(event.endDate.compare(event.startDate)).toBeGreaterThanOrEqual(0);
    }
    const served = events.find((event) => event.summary === 'Night of the long exposure is served');
    expect([served?.startDate.hour, served?.startDate.minute]).toEqual([21, 30]);
});
