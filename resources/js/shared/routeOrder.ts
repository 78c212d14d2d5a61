import type { Formula, Route } from '../api/types';
import { ifWords } from './routeWords';

export const ORDERS = [
    { id: 'sheet', name: 'as a kitchen would choose' },
    { id: 'plate', name: 'least lost first' },
    { id: 'fit', name: 'best fit first' },
    { id: 'shop', name: 'fewest to buy first' },
    { id: 'cost', name: 'cheapest first' },
    { id: 'time', name: 'least work first' },
    { id: 'mind', name: 'fewest to mind first' },
] as const;
export type Order = (typeof ORDERS)[number]['id'];

/** What nobody pays, the critical before all else. */
function lost(route: Route): number {
    const unpaid = route.debts.filter((debt) => debt.state !== 'paid');
    // What only a packet knows comes after what is surely met, and before what is lost.
    return 100 * (route.words.length + unpaid.filter((debt) => debt.critical).length) + (ifWords(route).length > 0 ? 20 : 0) + unpaid.length;
}

/** Routes by what the user goes by; where two are the same, as they came. */
export function ordered(routes: readonly Route[], order: Order): Route[] {
    const by: Record<Order, (route: Route) => number> = {
        // As the engine puts them: what holds and is weighed tomorrow first.
        sheet: () => 0,
        plate: lost,
        fit: (route) => -route.fit,
        // One from a supplier is further to go than three from the grocer.
        shop: (route) => route.to_buy.reduce((sum, one) => sum + ([0, 1, 1.5, 4, 8][one.tier] ?? 8), 0),
        cost: (route) => route.cost_minor,
        time: (route) => route.effort_min + route.wait_h / 1000,
        mind: (route) => route.risks,
    };
    return [...routes].sort((a, b) => by[order](a) - by[order](b));
}

export interface GramRow {
    layer: string;
    ingredient: string;
    name: string;
    was: number | null;
    grams: (number | null)[];
}

/** Every ingredient of the dish and of some routes, gram by gram, layer by layer; what leaves in all of them stands where it stood. */
export function gramByGram(original: Formula, names: Record<string, string>, routes: readonly Route[]): GramRow[] {
    const rows = new Map<string, GramRow>();
    const put = (formula: Formula, known: Record<string, string>, set: (row: GramRow, grams: number) => void) => {
        for (const layer of formula.layers)
            for (const line of layer.lines) {
                if (line.ingredient === null) continue;
                const key = `${layer.id ?? layer.name} ${line.ingredient}`;
                const row = rows.get(key) ?? { layer: layer.name, ingredient: line.ingredient, name: known[line.ingredient] ?? line.ingredient, was: null, grams: routes.map(() => null) };
                set(row, line.grams ?? 0);
                rows.set(key, row);
            }
    };
    put(original, names, (row, grams) => (row.was = (row.was ?? 0) + grams));
    routes.forEach((route, n) => put(route.formula, route.names, (row, grams) => (row.grams[n] = (row.grams[n] ?? 0) + grams)));
    const place = new Map(original.layers.map((layer, n) => [layer.name, n]));
    return [...rows.values()].sort((a, b) => (place.get(a.layer) ?? 99) - (place.get(b.layer) ?? 99));
}
