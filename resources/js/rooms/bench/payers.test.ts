import { describe, expect, it } from 'vitest';
import type { Job, Rail } from '../../api/types';
import { lean, lengths, doersOf } from './payers';

const line = (ingredient: string | null, set: number) => ({ ingredient, jobs: ingredient ? ({ set } as Record<Job, number>) : null });
const rail = (part: Partial<Rail>): Rail => ({ property: 'set', unit: 'GE %', target: 1, now: 1, tolerance: 0.25, residual: 0, met: true, target_word: '', now_word: '', reach: [0.9, 1.2], low: null, high: null, ...part });

describe('who does a job', () => {
    it('is told in shares of 100, whatever taking each away alone adds up to', () => {
        const { shares, together } = doersOf([line('cornflour', 0.8), line('egg', 0.6), line('sugar', 0.2), line(null, 1)], 'set', { egg: 'Whole egg' });
        expect(shares.map((share) => share.name)).toEqual(['cornflour', 'Whole egg', 'sugar']);
        expect(shares.reduce((sum, share) => sum + share.of100, 0)).toBeCloseTo(100);
        expect(together).toBeCloseTo(60);
        expect(doersOf([line('cornflour', 0.7), line('egg', 0.3)], 'set', {}).together).toBeCloseTo(0);
    });

    it('leaves noise out and counts one ingredient on two lines as one', () => {
        const { shares } = doersOf([line('egg', 0.5), line('egg', 0.49), line('salt', 0.005)], 'set', {});
        expect(shares).toHaveLength(1);
        expect(shares[0]?.of100).toBeGreaterThan(99);
        expect(doersOf([line('salt', 0)], 'set', {}).shares).toEqual([]);
    });
});

describe('two bars on one scale', () => {
    it('hatch what nobody pays, and only where it is missed', () => {
        expect(lengths(rail({ now: 0.5, met: false }))).toEqual({ was: 100, is: 50, unpaid: 50 });
        expect(lengths(rail({ now: 0.95 }))).toEqual({ was: 100, is: 95, unpaid: 0 });
        expect(lengths(rail({ now: 2, met: false }))).toEqual({ was: 50, is: 100, unpaid: 0 });
        expect(lengths(rail({ now: 0, target: 0 }))).toEqual({ was: 0, is: 0, unpaid: 0 });
    });

    it('lean with the deviation, three tolerances at most', () => {
        expect(lean(0)).toBe(0);
        expect(lean(1.5)).toBeCloseTo(8);
        expect(lean(-3)).toBe(-16);
        expect(lean(40)).toBe(16);
    });
});
