import { describe, expect, it } from 'vitest';
import { asksSomething, briefOf, briefWords, limitOf, typedOf } from './brief';

describe('a typed limit', () => {
    it.each([
        ['6', 6], ['6,5', 6.5], [' 0 ', 0], ['', null], [undefined, null], ['six', null], ['-1', null],
    ])('%s is %s', (text, value) => {
        expect(limitOf(text)).toBe(value);
    });
});

describe('a brief', () => {
    it('names what is not on hand as the shelf does', () => {
        expect(briefOf(['vegan'], {}, 'Coconut oil, soybeans , ').without).toEqual(['coconut-oil', 'soybeans']);
        expect(briefOf(['vegan'], {}).without).toBeUndefined();
    });
    it('asks something once there is a diet, a limit or something to do without', () => {
        expect(asksSomething(briefOf([], {}))).toBe(false);
        expect(asksSomething(briefOf([], { kcal: '0' }))).toBe(true);
        expect(asksSomething(briefOf([], { kcal: 'few' }))).toBe(false);
        expect(asksSomething(briefOf([], {}, 'agar'))).toBe(true);
        expect(asksSomething(briefOf(['keto'], {}))).toBe(true);
    });
    it('comes back as it was typed', () => {
        expect(typedOf(briefOf(['keto'], { net_carbs_g: '6,5' }, 'agar'))).toEqual({ diets: ['keto'], limits: { net_carbs_g: '6.5' }, without: 'agar' });
    });
});

describe('a brief in words', () => {
    it('names diets, limits of a portion and what is left out', () => {
        expect(briefWords({ diets: ['keto', 'gluten-free'], net_carbs_g: 8, protein_g: null, kcal: 250, sugars_g: null, fat_g: null, without: ['peanut-butter'] })).toEqual([
            'Keto', 'Gluten-free', 'net carbs at most 8 g a portion', 'at most 250 kcal a portion', 'without peanut butter',
        ]);
        expect(briefWords({ diets: [], net_carbs_g: null, protein_g: 0, kcal: null, sugars_g: null, fat_g: null })).toEqual(['protein at least 0 g a portion']);
    });
});
