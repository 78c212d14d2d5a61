import { describe, expect, it } from 'vitest';
import type { TraceStep } from '../../api/types';
import { ingredientOf } from '../Unproven';
import { whySentence } from './sentence';

const step = (label: string, value: number | null, unit = 'g', inputs: TraceStep[] = [], mark?: 'pub' | 'trade' | 'mem' | 'est'): TraceStep =>
    ({ label, value, unit, words: '', inputs, source: mark ? { mark, words: mark, source: 'a table' } : null });

describe('why, in a sentence', () => {
    it('names what most of it comes from, the largest first, and leaves noise out', () => {
        const said = whySentence(step('Fat', 100, 'g', [step('Salt', 0.4), step('Cream', 60), step('Butter', 39.6)]));
        expect(said).toBe('Fat is 100 g: Cream (60 %) and Butter (40 %).');
    });
    it('counts the rest beyond three', () => {
        expect(whySentence(step('Fat', 100, 'g', [step('A', 40), step('B', 30), step('C', 20), step('D', 6), step('E', 4)]))).toContain('A (40 %), B (30 %), C (20 %) and 2 more.');
    });
    it('goes down a chain of one to the sum that stands behind it', () => {
        expect(whySentence(step('Set', 0.5, 'GE', [step('Firmness', 0.5, 'GE', [step('Agar', 0.3, 'GE'), step('Starch', 0.2, 'GE')])]))).toBe('Set is 0.5 GE: Agar (60 %) and Starch (40 %).');
    });
    it('says the weakest thing it stands on', () => {
        expect(whySentence(step('Fat', 2, 'g', [step('A', 1, 'g', [], 'pub'), step('B', 1, 'g', [], 'mem')]))).toContain('only as sure as B, which is known from memory.');
        expect(whySentence(step('Fat', 2, 'g', [step('A', 1, 'g', [], 'pub'), step('B', 1, 'g', [], 'trade')]))).toContain('common practice for B.');
        expect(whySentence(step('Fat', 2, 'g', [step('A', 2, 'g', [], 'pub')]))).toContain('Everything it stands on is published');
        expect(whySentence(step('Fat', 2))).toBe('Fat is 2 g.');
    });
});

describe('the question behind "unproven"', () => {
    it('leads to the ingredient it begins with, the longest name first', () => {
        const names = { a: 'Chocolate', b: 'Chocolate, dark 55 %' };
        expect(ingredientOf('Chocolate, dark 55 %: is it made beside milk?', { ...names, c: 'Chocolate, dark' })).toBe('b');
        expect(ingredientOf('Chocolate: is it?', names)).toBe('a');
        expect(ingredientOf('Certified ingredients and a kitchen without cross-contact', names)).toBeNull();
    });
});
