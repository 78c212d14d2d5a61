import { describe, expect, it } from 'vitest';
import type { Formula, Route } from '../api/types';
import { gramByGram, ordered } from './routeOrder';

const formula = (lines: Record<string, number>): Formula =>
    ({ title: 'x', family: 'curd', measures: 'metric', portions: 1, serve_at_c: 5, method: [], measured: [], layers: [{ id: 'L', name: 'Curd', treat: 'none', air: null, tin: null, loss: null, lines: Object.entries(lines).map(([ingredient, grams]) => ({ ingredient, grams })) }] }) as unknown as Formula;
const route = (part: Partial<Route>): Route => ({ fit: 90, cost_minor: 50, effort_min: 20, wait_h: 4, risks: 1, names: {}, words: [], debts: [], ...part }) as Route;

describe('the order of routes', () => {
    const debt = (state: string, critical = false) => ({ state, critical }) as Route['debts'][number];
    const thing = (tier: number) => ({ ingredient: 'x', name: 'x', tier, where: '' });
    const all = [
        route({ name: 'a', fit: 80, cost_minor: 40, risks: 2, to_buy: [thing(1), thing(1)], debts: [debt('lost'), debt('paid'), debt('short')] }),
        route({ name: 'b', fit: 95, effort_min: 10, cost_minor: 60, to_buy: [thing(3)], debts: [debt('lost', true)] }),
        route({ name: 'c', fit: 80, wait_h: 1, risks: 0, to_buy: [thing(2)], debts: [debt('short')] }),
    ];
    const names = (order: Parameters<typeof ordered>[1]) => ordered(all, order).map((one) => one.name).join('');
    it('is the one the user goes by, and otherwise as it came', () => {
        expect(names('sheet')).toBe('abc');
        expect(names('plate')).toBe('cab');
        expect(names('shop')).toBe('cab');
        expect(names('fit')).toBe('bac');
        expect(names('cost')).toBe('acb');
        expect(names('time')).toBe('bca');
        expect(names('mind')).toBe('cba');
    });
});

describe('gram by gram', () => {
    it('holds what left, what came and what stays in one row each', () => {
        const rows = gramByGram(formula({ egg: 100, sugar: 50 }), { egg: 'Whole egg' }, [route({ formula: formula({ agar: 2, sugar: 48 }), names: { agar: 'Agar' } }), route({ formula: formula({ cornflour: 20, sugar: 50 }) })]);
        expect(rows.map(({ name, was, grams }) => [name, was, ...grams])).toEqual([['Whole egg', 100, null, null], ['sugar', 50, 48, 50], ['Agar', null, 2, null], ['cornflour', null, null, 20]]);
    });
});
