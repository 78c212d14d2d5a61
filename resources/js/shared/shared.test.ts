import { otherWays } from './stepWords';
import { newId } from './ids';
import { describe, expect, it } from 'vitest';
import type { Facts, Rail, Waiting } from '../api/types';
import { standing } from './standing';
import { verdict } from '../rooms/bench/PortionFacts';
import { movedTarget, railVerdict } from '../rooms/bench/railWords';
import { askedOf, foundWords } from '../rooms/counter/asked';
import { behind, decisions } from '../rooms/counter/decisions';
import { dayWords, today } from './days';
import { compareStep } from './trial/compareStep';
import { money } from './money';
import { grams, typedNumber, typedOrText } from './numbers';
import { fitScale, heightBelow } from './sectionScale';
import { inkOn, toneOf } from './tones';
import { nameParts } from './words';

describe('figures', () => {
    it.each([[0, '0'], [0.354, '0.35'], [0.999, '1.00'], [1, '1'], [12.34, '12.3'], [99.9, '99.9'], [100.44, '100.4'], [999.94, '999.9'], [1000.4, '1000']])('%s g reads %s', (value, text) => {
        expect(grams(value)).toBe(text);
    });
    it('money is in the studio’s currency, in its own minor units', () => {
        expect(money(48)).toBe('€0.48');
        expect(money(48, 'JPY')).toBe('¥48');
        expect(money(1234, 'KWD')).toContain('1.234');
    });
});

describe('a rail', () => {
    const rail = (residual: number, property = 'set') => ({ property, residual, met: Math.abs(residual) <= 1 }) as Rail;
    it('says in words which way it is off', () => {
        expect(railVerdict(rail(1))).toBe('met');
        expect(railVerdict(rail(-1.01))).toBe('softer');
        expect(railVerdict(rail(1.01))).toBe('firmer');
        expect(railVerdict(rail(-2, 'fat'))).toBe('leaner');
        expect(railVerdict(rail(2, 'acid'))).toBe('sharper');
    });
});

describe('a diet', () => {
    it('has three states', () => {
        expect(standing({ met: true, because: [], unproven: [], proven: [] })).toBe('met');
        expect(standing({ met: false, because: ['Butter'], unproven: ['x'], proven: [] })).toBe('not met');
        expect(standing({ met: false, because: [], unproven: ['x'], proven: [] })).toBe('unproven');
    });
});

describe('the portion against its brief', () => {
    const facts = (part: Partial<Facts>) => ({ kcal: 0, net_carbs_g: 0, protein_g: 0, cost_minor: 0, ...part }) as Facts;
    const brief = { diets: [], net_carbs_g: 5, protein_g: 15, kcal: 250 };
    it('holds on both sides of each limit', () => {
        expect(verdict('net_carbs_g', facts({ net_carbs_g: 5 }), null, brief)).toEqual({ text: 'within 5', bad: false });
        expect(verdict('net_carbs_g', facts({ net_carbs_g: 5.01 }), null, brief)).toEqual({ text: 'over 5', bad: true });
        expect(verdict('protein_g', facts({ protein_g: 15 }), null, brief)?.bad).toBe(false);
        expect(verdict('protein_g', facts({ protein_g: 14.9 }), null, brief)?.bad).toBe(true);
        expect(verdict('kcal', facts({ kcal: 250.1 }), null, brief)?.bad).toBe(true);
    });
    it('compares the cost with the original', () => {
        expect(verdict('cost_minor', facts({ cost_minor: 80 }), facts({ cost_minor: 100 }), brief)?.text).toBe('20 % less');
        expect(verdict('cost_minor', facts({ cost_minor: 100 }), facts({ cost_minor: 100 }), brief)).toBeNull();
        expect(verdict('fat_g', facts({}), null, brief)).toBeNull();
    });
});

describe('what needs a decision', () => {
    const one = (part: Partial<Waiting['decisions'][number]>) => ({ kind: 'unmade' as const, version_id: 2, dish: 'Curd', version: 'Vegan 1', open_lines: 0, found: null, is_softer: null, ...part });
    const in_all = { off: 0, open: 0, unmade: 0 };
    it('is told in words, and what stands behind the list is counted', () => {
        expect(decisions({ decisions: [one({ kind: 'open', open_lines: 2 })] })[0]?.text).toBe('has 2 lines not understood or only guessed');
        expect(decisions({ decisions: [one({ kind: 'open', open_lines: 1 })] })[0]?.text).toBe('has a line not understood or only guessed');
        expect(decisions({ decisions: [one({})] })[0]?.text).toBe('has not been made yet');
        expect(decisions({ decisions: [one({ kind: 'off', is_softer: true, found: 'spoonable' })] })[0]?.text).toBe('came out softer than predicted: spoonable');
        expect(behind({ decisions: [one({})], in_all: { ...in_all, unmade: 3 } })).toEqual([{ kind: 'unmade', words: '2 more not made yet' }]);
        expect(behind({ decisions: [one({})], in_all: { ...in_all, unmade: 1 } })).toEqual([]);
    });
});

describe('a day', () => {
    it('is said as it is across a counter', () => {
        expect(dayWords('2026-11-26', '2026-11-26')).toBe('today');
        expect(dayWords('2026-11-27', '2026-11-26')).toBe('tomorrow');
        expect(dayWords('2026-11-25', '2026-11-26')).toBe('a day late');
        expect(dayWords('2026-10-31', '2026-11-02')).toBe('2 days late');
        expect(dayWords('2026-12-03', '2026-11-26')).toBe('Thu 3 Dec');
        expect(dayWords('2027-01-02', '2026-11-26')).toContain('2027');
        expect(today(new Date(2026, 0, 5, 23, 59))).toBe('2026-01-05');
    });
});

describe('what dishes are asked by', () => {
    it('is read from the address and said', () => {
        const asked = askedOf(new URLSearchParams('diet=vegan&free=milk&sort=name'));
        expect(asked).toEqual({ q: '', family: '', diet: 'vegan', free: 'milk', state: '', sort: 'name' });
        expect(foundWords(2, asked)).toBe('2 dishes found: Vegan, clear of milk');
        expect(foundWords(1, askedOf(new URLSearchParams('q=egg')))).toBe('one dish found: “egg”');
        expect(foundWords(10, askedOf(new URLSearchParams('')))).toBe('10 dishes on the counter');
    });
});

describe('a trial', () => {
    const trial = (set_step: number, step_index: number | null) => compareStep({ set_step, predicted: { step_index } });
    it('is told in steps of the ladder', () => {
        expect(trial(3, 3)).toEqual({ same: true, words: '✓ as foretold' });
        expect(trial(2, 3).words).toBe('1 step softer');
        expect(trial(5, 3).words).toBe('2 steps firmer');
        expect(trial(5, null).words).toBe('');
    });
});

describe('the drawn section', () => {
    it('is never stretched', () => {
        expect(fitScale({ widthMm: 100, heightMm: 20, width: 200, height: 100 })).toBe(2);
        expect(fitScale({ widthMm: 100, heightMm: 100, width: 200, height: 100 })).toBe(1);
        expect(fitScale({ widthMm: 0, heightMm: 1, width: 1, height: 1 })).toBe(1);
        expect(heightBelow([{ height_mm: 3 }, { height_mm: 4 }, { height_mm: 5 }], 2)).toBe(7);
    });
    it('takes its colour from what colours most', () => {
        expect(toneOf([{ ingredient: 'blackcurrant', grams: 250 }, { ingredient: 'sugar', grams: 70 }])).toBe('#7b3a63');
        expect(toneOf([{ ingredient: 'cream-36', grams: 100 }])).toBe(toneOf([]));
        expect(inkOn('#7b3a63')).toBe('#ffffff');
        expect(inkOn('#f0e6cf')).not.toBe('#ffffff');
    });
});

describe('a name', () => {
    it.each([
        ['Butter, unsalted', 'Butter', ', unsalted'], ['Cornflour (maize starch)', 'Cornflour', ' (maize starch)'], ['Salt', 'Salt', ''],
    ])('%s is %s and its finer print', (name, short, finer) => {
        expect(nameParts(name)).toEqual([short, finer]);
    });
});

describe('an id', () => {
    it('is a ULID that sorts by its time and comes only once', () => {
        const ids = Array.from({ length: 200 }, () => newId());
        expect(new Set(ids).size).toBe(200);
        for (const id of ids) expect(id).toMatch(/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/);
        expect(newId(1_000) < newId(2_000)).toBe(true);
        expect(newId(0).slice(0, 10)).toBe('0000000000');
    });
});

describe('a typed number', () => {
    it('takes a point or a comma, and says when it is none or could be two', () => {
        expect(typedNumber('12,5')).toBe(12.5);
        expect(typedNumber(' −18 ')).toBe(-18);
        expect(typedNumber('  ')).toBeNull();
        expect(typedNumber('1,25')).toBe(1.25);
        expect(typedNumber('1,2500')).toBe(1.25);
        for (const wrong of ['1,250', '12,000,000', 'lots', '12 g', '½']) expect(typedNumber(wrong), wrong).toBeNaN();
    });

    it('is sent as it stands where it is none', () => {
        expect(typedOrText('1,250')).toBe('1,250');
        expect(typedOrText('abc')).toBe('abc');
        expect(typedOrText('')).toBeNull();
        expect(typedOrText('2,5')).toBe(2.5);
    });
});

describe('a target drawn by hand', () => {
    const rail = { target: 2, reach: [1.2, 3.6] as [number, number] };
    it.each([[0, 2], [0.5, 3.6], [-0.5, 1.2], [0.25, 2.8], [-0.25, 1.6]])('a share of %s is %s', (share, value) => expect(movedTarget(rail, share)).toBe(value));
});

describe('other means', () => {
    it('tells how long each takes, and what cannot be used', () => {
        expect(otherWays([{ by: 'by hand', minutes: 8, note: '' }, { by: 'microwave', minutes: null, note: '' }, { by: 'stick', minutes: 120, note: 'in two bowls' }])).toBe('Otherwise: by hand about 8 min; not by microwave; stick about 2 h (in two bowls)');
    });
});
