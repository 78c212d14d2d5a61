import { describe, expect, it } from 'vitest';
import type { Plan, PlanStep, ServiceItem } from '../../api/types';
import { axisOf } from './axis';
import { marginOf } from './CoversRoom';
import { windowsOf } from './KitchenDialog';
import { blocksOf, busyOf, lanesOf } from './lanes';
import { clockOf, dayOf, minuteOf, momentOf, wallNow } from '../../shared/moment';

const at = (clock: string, day = '05') => minuteOf(`2026-12-${day}T${clock}`);

const step = (over: Partial<PlanStep>): PlanStep => ({ item: 0, step: 'a1', kind: 'weigh', start: '2026-12-05T10:00:00', end: '2026-12-05T10:05:00', hands_on_min: 5, station: 'bench', unit: 1, cook: 1, text: 'Weigh.', state: 'planned', layer: '', endpoint: '', target_c: null, ...over });

describe('moments', () => {
    it('are those of the wall, whatever zone this machine is in', () => {
        expect(momentOf(minuteOf('2026-03-29T02:30:15'))).toBe('2026-03-29T02:30:15');
        expect(clockOf(at('09:05'))).toBe('09:05');
        expect(clockOf(at('09:59') + 0.99)).toBe('09:59');
        expect(dayOf(at('23:59'))).toBe('Sat 5 Dec');
        expect(wallNow(new Date(2026, 11, 5, 7, 3, 9))).toBe('2026-12-05T07:03:09');
    });
});

describe('the axis', () => {
    const axis = axisOf([{ from: at('20:00', '04'), to: at('21:00', '04') }, { from: at('18:00'), to: at('19:30') }, { from: at('18:10'), to: at('18:20') }], 1000);

    it('folds what asks nothing of anybody', () => {
        expect(axis.folds).toHaveLength(1);
        expect(axis.folds[0]?.width).toBe(54);
        expect(axis.folds[0]?.to).toBe(at('17:54'));
        expect(axis.width).toBeCloseTo(1000);
    });

    it('grows with time, and leads back', () => {
        let last = -1;
        for (let minute = at('19:54', '04'); minute <= at('19:36'); minute += 7) {
            expect(axis.x(minute)).toBeGreaterThan(last);
            last = axis.x(minute);
            expect(axis.minute(last)).toBeCloseTo(minute, 3);
        }
    });

    it('takes more room rather than let a minute vanish, and none for nothing', () => {
        expect(axisOf([{ from: 0, to: 1000 }], 100, 2).width).toBe(2024);
        expect(axisOf([], 500)).toMatchObject({ width: 0, folds: [], marks: [] });
    });

    it('marks only what is worked, and no two marks lie on each other', () => {
        const marks = axis.marks.map((mark) => axis.x(mark));
        expect(marks.length).toBeGreaterThan(3);
        marks.slice(1).forEach((mark, n) => expect(mark - (marks[n] ?? 0)).toBeGreaterThanOrEqual(50));
        axis.marks.forEach((mark) => expect(axis.folds.some((fold) => mark > fold.from && mark < fold.to)).toBe(false));
    });
});

describe('lanes', () => {
    const plan = {
        steps: [
            step({}),
            step({ step: 'a2', start: '2026-12-05T10:02:00', end: '2026-12-05T10:12:00', hands_on_min: 10, cook: 2, station: 'hob', unit: 2 }),
            step({ step: 'a3', start: '2026-12-05T10:12:00', end: '2026-12-05T16:13:00', hands_on_min: 1, station: 'fridge', cook: 1 }),
            step({ item: 1, start: '2026-12-05T11:00:00', end: '2026-12-05T11:05:00' }),
            step({ item: null, step: 'preheat1', kind: 'preheat', station: 'oven', hands_on_min: 0, cook: null, start: '2026-12-05T11:00:00', end: '2026-12-05T11:20:00' }),
        ],
    } as Plan;
    const items = [{ dish: 'Pot', version: 'Original' }, { dish: 'Tart', version: 'Vegan 1' }] as ServiceItem[];
    const blocks = blocksOf(plan);

    it('hold every step once, and none on another', () => {
        for (const by of ['dish', 'station'] as const) {
            const lanes = lanesOf(blocks, items, by);
            expect(lanes.flatMap((lane) => lane.rows.flat())).toHaveLength(5);
            lanes.forEach((lane) => lane.rows.forEach((row) => row.slice(1).forEach((block, n) => expect(block.from).toBeGreaterThanOrEqual(row[n]?.to ?? 0))));
        }
        expect(lanesOf(blocks, items, 'dish').map((lane) => lane.name)).toEqual(['Pot, Original', 'Tart, Vegan 1', 'Kitchen']);
        expect(lanesOf(blocks, items, 'station').map((lane) => lane.name)).toEqual(['Bench', 'Ring 2', 'Oven 1', 'Fridge']);
        expect(lanesOf(blocks, items, 'cook').map((lane) => [lane.name, lane.rows.flat().length])).toEqual([['Cook 1', 3], ['Cook 2', 1]]);
    });

    it('are busy only where hands or a machine are', () => {
        expect(busyOf(blocks)[2]).toEqual({ from: at('10:12'), to: at('10:13') });
        expect(busyOf(blocks)[4]).toEqual({ from: at('11:00'), to: at('11:20') });
    });
});

describe('the hours of a kitchen', () => {
    it('are read as they are typed', () => {
        expect(windowsOf('8-16 and 18:00 – 23:30')).toEqual([['08:00', '16:00'], ['18:00', '23:30']]);
        expect(windowsOf('07:00 to 9:30, noon to 14')).toEqual([['07:00', '09:30'], ['noon', '14:00']]);
        expect(windowsOf(' ')).toEqual([]);
    });
});

describe('the margin', () => {
    it('is a share or a number of portions, and nothing else', () => {
        expect(['10 %', '0,5%', '2', '', '1.5', '120 %', 'some'].map(marginOf)).toEqual([0.1, 0.005, 2, 0, null, null, null]);
    });
});
