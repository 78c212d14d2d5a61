import { describe, expect, it } from 'vitest';
import type { Route } from '../../api/types';
import { buying, shopping } from './toBuy';

const route = (...things: [string, number, string][]) => ({ to_buy: things.map(([name, tier, where]) => ({ ingredient: name, name, tier, where })) }) as Route;

describe('what a route has bought', () => {
    it('is counted, with the shop furthest away', () => {
        expect(buying(route())).toBe('nothing to buy');
        expect(buying(route(['Cornflour', 1, 'any grocer'], ['Oat milk', 1, 'any grocer']))).toBe('2\u00a0to\u00a0buy, any grocer');
        expect(buying(route(['Cornflour', 1, 'any grocer'], ['Agar powder', 2, 'baker’s or health shop']))).toBe('2\u00a0to\u00a0buy, 1\u00a0from a baker’s or health shop');
        expect(buying(route(['Allulose', 3, 'pastry supplier']))).toBe('1\u00a0to\u00a0buy, pastry supplier');
    });

    it('is listed by shop', () => {
        expect(shopping(route())).toBe('nothing');
        expect(shopping(route(['Cornflour', 1, 'any grocer'], ['Oat milk', 1, 'any grocer'], ['Agar powder', 2, 'baker’s or health shop']))).toBe('Cornflour; Oat milk: any grocer. Agar powder: baker’s or health shop.');
    });
});
