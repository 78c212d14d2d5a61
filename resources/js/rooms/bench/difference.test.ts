import { describe, expect, it } from 'vitest';
import type { Comparison, FormulaLine } from '../../api/types';
import { lines } from './Difference';

const line = (ingredient: string | null, grams: number | null): FormulaLine => ({ id: '', text: '', ingredient, grams, trace: '', confidence: 'sure', prep: [], pinned: false, reason: null, suggestions: [] });
const side = (layers: [string, string, [string | null, number | null][]][]) =>
    ({ names: { sugar: 'Sugar', cream: 'Cream 36 %' }, formula: { layers: layers.map(([id, name, of]) => ({ id, name, lines: of.map(([ingredient, grams]) => line(ingredient, grams)) })) } }) as unknown as Comparison['a'];

describe('what differs in the lines', () => {
    it('tells two layers of one name apart', () => {
        const a = side([['A', 'Cream', [['sugar', 40]]], ['B', 'Cream', [['sugar', 10]]]]);
        const b = side([['A', 'Cream', [['sugar', 40]]], ['B', 'Cream', [['sugar', 25]]]]);
        expect(lines({ a, b })).toEqual([['Cream: Sugar', '10 g', '25 g']]);
        const both = side([['A', 'Cream', [['sugar', 41]]], ['B', 'Cream', [['sugar', 25]]]]);
        expect(lines({ a, b: both })).toHaveLength(2);
    });
    it('finds a layer again wherever it stands and whatever it is called', () => {
        const a = side([['A', 'Base', [['cream', 5]]], ['B', 'Top', [['sugar', 10]]]]);
        const b = side([['B', 'Crown', [['sugar', 12]]], ['A', 'Base', [['cream', 5]]]]);
        expect(lines({ a, b })).toEqual([['Crown: Sugar', '10 g', '12 g']]);
    });
    it('adds up what a layer holds twice and leaves out what is not understood', () => {
        const a = side([['A', 'Base', [['sugar', 10], ['sugar', 5], [null, null]]]]);
        const b = side([['A', 'Base', [['sugar', 15.02]]]]);
        expect(lines({ a, b })).toEqual([]);
    });
    it('says what came and what went', () => {
        const a = side([['A', 'Base', [['sugar', 10]]]]);
        const b = side([['A', 'Base', [['cream', 20]]]]);
        expect(lines({ a, b })).toEqual([['Base: Sugar', '10 g', '–'], ['Base: Cream 36 %', '–', '20 g']]);
    });
});
