import { beforeEach, describe, expect, it } from 'vitest';
import type { Run, RunEvent } from '../../api/types';
import { minuteOf } from '../../shared/moment';
import { doneIn, timersOf, weighedAt, withUnsent } from './fold';

let n = 0;
const event = (kind: RunEvent['kind'], step = '', body?: RunEvent['body'], at = '2026-12-05T10:00:00'): RunEvent => ({ client_id: String((n += 1)).padStart(26, '0'), kind, step, at, ...(body ? { body } : {}) });

const run = {
    finished_at: null, events: [], layers: ['Curd', 'Top'],
    weighing: [
        { layer: 0, step: 'a2', ingredient: 'milk', name: 'whole milk', asked: 400, tolerance: 12, weighed: null, is_off: false, solution: null },
        { layer: 0, step: 'a3', ingredient: 'sugar', name: 'sugar', asked: 100, tolerance: 2, weighed: 100, is_off: false, solution: null },
        { layer: 1, step: 'b2', ingredient: 'cream', name: 'cream', asked: 200, tolerance: 4, weighed: null, is_off: false, solution: null },
    ],
    making: { steps: [{ id: 'a1', kind: 'weigh', layer: 'Curd' }, { id: 'a2', kind: 'boil', layer: 'Curd' }], critical: [], stops: [] },
} as unknown as Run;

describe('a run with what the server has not heard', () => {
    beforeEach(() => (n = 0));

    it('stands as it will when it is heard, and counts nothing twice', () => {
        const said = [event('weighed', 'a2', { ingredient: 'milk', grams: 387.9 }), event('scaled', '', { layer: 1, factor: 0.5 }), event('done', 'a1')];
        const now = withUnsent(run, said);
        expect(now.weighing.map((line) => [line.asked, line.weighed, line.is_off])).toEqual([[400, 387.9, true], [100, 100, false], [100, null, false]]);
        expect([...doneIn(now)]).toEqual(['a1']);
        const heard = { ...now, events: now.events };
        expect(withUnsent(heard, said).events).toHaveLength(3);
        expect(withUnsent(heard, said).weighing[2]?.asked).toBe(100);
    });

    it('is off only beyond what matters, by both sides', () => {
        const at = (grams: number) => withUnsent(run, [event('weighed', 'a2', { ingredient: 'milk', grams })]).weighing[0]?.is_off;
        expect([at(388), at(387.9), at(412), at(412.1)]).toEqual([false, true, false, true]);
    });

    it('is finished when that was said here', () => {
        expect(withUnsent(run, [event('finished')]).finished_at).not.toBeNull();
        expect(withUnsent(run, []).finished_at).toBeNull();
    });

    it('takes back what was done after all', () => {
        expect([...doneIn(withUnsent(run, [event('done', 'a1'), event('done', 'a2'), event('undone', 'a1')]))]).toEqual(['a2']);
    });

    it('weighs all of a layer where everything is weighed, else what goes in', () => {
        const [weigh, boil] = run.making.steps;
        if (!weigh || !boil) throw new Error('no steps');
        expect(weighedAt(run, weigh).map((line) => line.ingredient)).toEqual(['milk', 'sugar']);
        expect(weighedAt(run, boil).map((line) => line.ingredient)).toEqual(['milk']);
    });

    it('times by the clock on the wall, the latest of each step, until it is done', () => {
        const started = [event('timer', 'a2', { minutes: 5 }), event('timer', 'a2', { minutes: 30 }, '2026-12-05T10:10:00')];
        expect(timersOf(withUnsent(run, started), minuteOf)).toEqual([{ step: 'a2', minutes: 30, over: minuteOf('2026-12-05T10:40:00') }]);
        expect(timersOf(withUnsent(run, [...started, event('done', 'a2')]), minuteOf)).toEqual([]);
    });
});
