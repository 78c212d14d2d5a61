import { describe, expect, it } from 'vitest';
import { columnsFor, headOf, isOurs } from './columns';

describe('columns of a table', () => {
    it('are read off its first row, whatever stands between', () => {
        expect(headOf('\uFEFFName,"Fat, g",Sugars\r\nA,1,2')).toEqual(['name', 'fat, g', 'sugars']);
        expect(headOf('Produkt;Fett (g);"a ""b"""\nx')).toEqual(['produkt', 'fett (g)', 'a "b"']);
        expect(headOf('name')).toEqual(['name']);
    });
    it('are ours where they are called so, with a name among them', () => {
        expect(isOurs(['name', 'fat_g'])).toBe(true);
        expect(isOurs(['fat_g'])).toBe(false);
        expect(isOurs(['name', 'fett'])).toBe(false);
    });
    it('are guessed by what others call them, each of ours once', () => {
        expect(columnsFor(['product', 'energy (kj)', 'energy (kcal)', 'fat', 'of which saturates', 'carbohydrate', 'of which sugars', 'price'], {})).toEqual({
            product: 'name', 'energy (kj)': 'energy_kj', 'energy (kcal)': 'energy_kcal', fat: 'fat_g', 'of which saturates': 'saturates_g', carbohydrate: 'carbohydrate_g', 'of which sugars': 'sugars_g', price: '',
        });
        expect(columnsFor(['product', 'item'], {})).toEqual({ product: 'name', item: '' });
    });
    it('are as it was said before, before any guess', () => {
        expect(columnsFor(['fett', 'item', 'fat'], { fett: 'fat_g' })).toEqual({ fett: 'fat_g', item: 'name', fat: '' });
        expect(columnsFor(['fat'], { fat: '' })).toEqual({ fat: '' });
    });
});
