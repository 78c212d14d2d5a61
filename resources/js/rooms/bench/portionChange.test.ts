import { describe, expect, it } from 'vitest';
import { portionChange } from './portionChange';

describe('a portion of a route', () => {
    it('says energy that changed by a fifth, either way', () => {
        expect(portionChange({ kcal: 157, protein_g: 10 }, { kcal: 247, protein_g: 10 })).toEqual(['247 kcal, was 157']);
        expect(portionChange({ kcal: 100, protein_g: 1 }, { kcal: 119.9, protein_g: 1 })).toEqual([]);
        expect(portionChange({ kcal: 100, protein_g: 1 }, { kcal: 120, protein_g: 1 })).toHaveLength(1);
        expect(portionChange({ kcal: 100, protein_g: 1 }, { kcal: 80, protein_g: 1 })).toHaveLength(1);
    });

    it('says protein that was lost by a third and a gram, never what was won', () => {
        expect(portionChange({ kcal: 100, protein_g: 12 }, { kcal: 100, protein_g: 8 })).toEqual(['protein 8.0 g, was 12.0']);
        expect(portionChange({ kcal: 100, protein_g: 12 }, { kcal: 100, protein_g: 8.1 })).toEqual([]);
        expect(portionChange({ kcal: 100, protein_g: 1.5 }, { kcal: 100, protein_g: 0.6 })).toEqual([]);
        expect(portionChange({ kcal: 100, protein_g: 4 }, { kcal: 100, protein_g: 14 })).toEqual([]);
    });
});
