import { describe, expect, it } from 'vitest';
import type { FormulaLine, Side } from '../../api/types';
import { cured, ledger, nudged, withLine, withTyped } from './ledger';

const line = (ingredient: string | null, grams: number): FormulaLine => ({ text: ingredient ?? 'a wisp', ingredient, grams, trace: '', confidence: 'sure', prep: [], pinned: false, reason: null, suggestions: [] });
const jobs = { set: 0.5, sweet: 0, fat: 0, acid: 0, air: 0, protein: 0, firm: 0, water: 0, brown: 0, colour: 0 };

function side(lines: FormulaLine[], name = 'Curd'): Side {
    return {
        formula: { title: 'x', family: 'curd', measures: 'metric', portions: 1, serve_at_c: 5, method: [], layers: [{ name, treat: 'none', air: null, tin: null, loss: null, lines }] },
        reading: { layers: [{ name, lines: lines.map((l) => ({ ...l, jobs: l.ingredient ? jobs : null })) }] },
        section: {},
        names: { 'egg-yolk': 'Egg yolk', sugar: 'Sugar', agar: 'Agar' },
    } as unknown as Side;
}

describe('the ledger', () => {
    const original = side([line('egg-yolk', 100), line('sugar', 142)]);
    const now = side([line('agar', 2), line('sugar', 138)]);

    it('keeps what left, struck through, with its ribbon', () => {
        const [gone] = ledger(now, original)[0]?.rows ?? [];
        expect(gone).toMatchObject({ at: null, name: 'Egg yolk', grams: 100, jobs });
    });

    it('says what a kept line was and what is new', () => {
        const rows = ledger(now, original)[0]?.rows ?? [];
        expect(rows.find((r) => r.ingredient === 'sugar')).toMatchObject({ was: 142, isNew: false });
        expect(rows.find((r) => r.ingredient === 'agar')).toMatchObject({ was: null, isNew: true });
    });

    it('calls nothing new or gone when there is no original to compare with', () => {
        expect(ledger(original, null)[0]?.rows.every((r) => !r.isNew && r.at !== null && r.was === null)).toBe(true);
    });

    it('takes a difference under what a scale shows as none', () => {
        expect(ledger(side([line('sugar', 142.04)]), original)[0]?.rows.find((r) => r.ingredient === 'sugar')?.was).toBeNull();
        expect(ledger(side([line('sugar', 142.1)]), original)[0]?.rows.find((r) => r.ingredient === 'sugar')?.was).toBe(142);
    });

    it('gives shares of the layer', () => {
        expect(ledger(original, null)[0]?.rows.map((r) => r.share)).toEqual([100 / 242, 142 / 242]);
    });

    it('keeps a line that was not understood in its place', () => {
        const rows = ledger(side([line(null, 0), line('sugar', 5)]), null)[0]?.rows ?? [];
        expect(rows[0]).toMatchObject({ ingredient: null, name: 'a wisp', at: { layer: 0, line: 0 } });
    });

    it('changes, adds and takes out without touching what it was given', () => {
        const before = JSON.stringify(original.formula);
        expect(withLine(original.formula, { layer: 0, line: 1 }, { grams: 150 }).layers[0]?.lines[1]?.grams).toBe(150);
        expect(withLine(original.formula, { layer: 0, line: 0 }, null).layers[0]?.lines).toHaveLength(1);
        expect(withTyped(original.formula, 0, '2 tbsp cornflour').layers[0]?.lines.at(-1)).toMatchObject({ text: '2 tbsp cornflour', ingredient: null });
        expect(JSON.stringify(original.formula)).toBe(before);
    });
});

describe('a cure', () => {
    const { formula } = side([line('agar', 2), line('sugar', 138)]);
    it.each([
        ['boil-apart', 'boiled'],
        ['heat', 'heated'],
    ])('%s touches its own line and layer alone, once', (action, prep) => {
        const warning = { layer: 0, cure: { action, ingredient: 'agar' } };
        const lines = cured(cured(formula, warning), warning).layers[0]?.lines;
        expect(lines?.map((l) => l.prep)).toEqual([[prep], []]);
        expect(cured(formula, { ...warning, layer: 1 })).toEqual(formula);
    });
    it('boils the whole layer where that is the cure', () => {
        expect(cured(formula, { layer: 0, cure: { action: 'boil-layer', ingredient: '', for: 'boil 2 min stirred' } }).layers[0]?.treat).toBe('boil 2 min stirred');
    });
    it('adds, weighs and swaps what it says', () => {
        const after = (cure: Parameters<typeof cured>[1]['cure']) => cured(formula, { layer: 0, cure }).layers[0];
        expect(after({ action: 'add', ingredient: 'turmeric', grams: 0.3 })?.lines.at(-1)).toMatchObject({ ingredient: 'turmeric', grams: 0.3, prep: [] });
        expect(after({ action: 'add', ingredient: 'gellan', grams: 1.2, prep: ['heated'] })?.lines.at(-1)?.prep).toEqual(['heated']);
        expect(after({ action: 'weigh', ingredient: 'sugar', grams: 120 })?.lines.map((l) => l.grams)).toEqual([2, 120]);
        expect(after({ action: 'swap', ingredient: 'sugar', for: 'allulose', grams: 1.4 })?.lines[1]).toMatchObject({ ingredient: 'allulose', grams: 193.2, text: '' });
        expect(after({ action: 'cook', ingredient: '', grams: 80, for: 'cook to 80 C stirred; whip' })?.treat).toBe('cook to 80 C stirred; whip');
    });
    it('heats otherwise, takes more tins, and scales the whole dish', () => {
        const after = (cure: Parameters<typeof cured>[1]['cure'], layer: number | null = 0) => cured(formula, { layer, cure }).layers[0];
        expect(after({ action: 'treat', ingredient: '', for: 'bake 135 C' })?.treat).toBe('bake 135 C');
        expect(after({ action: 'tin', ingredient: '', for: '2 x round 200 x 60 mm' })?.tin).toBe('2 x round 200 x 60 mm');
        expect(after({ action: 'scale', ingredient: '', grams: 0.5 }, null)?.lines.map((l) => l.grams)).toEqual([1, 69]);
    });
    it('is nothing where none is known', () => {
        expect(cured(formula, { layer: 0, cure: null })).toBe(formula);
        expect(cured(formula, { layer: null, cure: { action: 'heat', ingredient: 'agar' } })).toBe(formula);
    });
});

describe('a nudge', () => {
    it.each([
        [100, true, 101], [99.5, true, 100], [10, false, 9.5], [9.9, true, 10], [1, false, 0.9], [0.5, true, 0.51], [0, false, 0],
    ])('%s g, up %s, is %s g', (grams, up, expected) => {
        expect(nudged(grams, up)).toBeCloseTo(expected, 6);
    });
});
