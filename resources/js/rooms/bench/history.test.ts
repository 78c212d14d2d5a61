import { describe, expect, it } from 'vitest';
import type { Formula } from '../../api/types';
import { done, nothingDone, stepped } from './history';

const formula = (title: string) => ({ title }) as Formula;

function moved(...asked: Parameters<typeof stepped>) {
    const step = stepped(...asked);
    if (!step) throw new Error('there was nothing to go to');
    return step;
}

describe('going back and forth', () => {
    it('goes over weighings and rails in the order they were made', () => {
        const history = done(done(nothingDone, { formula: formula('a') }), { wanted: {} });
        const now = { formula: formula('b'), wanted: { Curd: { sweetness: 20 } } };
        const back = moved(history, 'back', now);
        expect(back.to).toEqual({ wanted: {} });
        const further = moved(back.history, 'back', { ...now, wanted: {} });
        expect(further.to).toEqual({ formula: formula('a') });
        expect(stepped(further.history, 'back', now)).toBeNull();
        const forth = moved(further.history, 'forth', { formula: formula('a'), wanted: {} });
        expect(forth.to).toEqual({ formula: formula('b') });
        expect(stepped(forth.history, 'forth', { formula: formula('b'), wanted: {} })?.to).toEqual({ wanted: { Curd: { sweetness: 20 } } });
    });
    it('forgets what was taken back once something new is done', () => {
        const back = moved(done(nothingDone, { formula: formula('a') }), 'back', { formula: formula('b'), wanted: {} });
        expect(done(back.history, { formula: formula('a') }).future).toEqual([]);
    });
    it('remembers fifty steps', () => {
        let history = nothingDone;
        for (let n = 0; n < 60; n++) history = done(history, { formula: formula(String(n)) });
        expect(history.past).toHaveLength(50);
        expect(history.past[0]).toEqual({ formula: formula('10') });
    });
});
