import type { Answer, Brief, Diet, Route } from '../../api/types';
import { standing } from '../../shared/standing';
import { dietName } from '../../shared/words';

/** Diets asked for together; one alone is a list of one. */
export type Together = readonly Diet[];

export const briefFor = (diets: Together): Brief => ({ diets: [...diets], net_carbs_g: null, protein_g: null, kcal: null, sugars_g: null, fat_g: null });

export const together = (diets: Together): string => diets.map((diet, n) => (n === 0 ? dietName(diet) : dietName(diet).toLowerCase())).join(' and ');

export const keyOf = (diets: Together): string => [...diets].sort().join('.');

/** Pairs out of the address: "vegan.keto,eggless.gluten-free"; what is no diet is left out. */
export function pairsOf(text: string, known: readonly string[]): Together[] {
    const seen = new Set<string>();
    return text
        .split(',')
        .map((pair) => [...new Set(pair.split('.').filter((one): one is Diet => known.includes(one)))])
        .filter((pair) => pair.length > 1 && !seen.has(keyOf(pair)) && seen.add(keyOf(pair)));
}

/** The route a column shows: the first, as the engine puts them. */
export const bestOf = (answer: Answer | undefined): Route | undefined => answer?.routes[0];

/** The better it stands, the higher. */
const rank = (route: Route): number => ({ met: 3, met_if: 2, met_but: 1, missed: 0 })[route.standing];

export interface Serves {
    route: Route;
    /** The brief it was made for, which it is taken with. */
    made: Together;
    met: Diet[];
    /** Met once packets have answered. */
    ask: Diet[];
}

/** Which single route serves most of the diets asked for: those that serve several, the most first, then as the engine puts them; none that is missed. */
export function servesSeveral(answers: readonly { made: Together; answer: Answer | undefined }[], asked: readonly Diet[], most = 2): Serves[] {
    const all = answers.flatMap(({ made, answer }) =>
        (answer?.routes ?? []).map((route): Serves => {
            const of = (state: string) => asked.filter((diet) => route.diets[diet] !== undefined && standing(route.diets[diet]) === state);
            return { route, made, met: of('met'), ask: of('unproven') };
        }),
    );
    const several = all.filter(({ route, met, ask }) => route.standing !== 'missed' && met.length + ask.length > 1);
    const best = several
        .map((one, n) => ({ one, n }))
        .sort((a, b) => b.one.met.length + b.one.ask.length - (a.one.met.length + a.one.ask.length) || rank(b.one.route) - rank(a.one.route) || b.one.met.length - a.one.met.length || a.n - b.n)
        .map(({ one }) => one);
    // What serves no diet that a better one does not serve already adds nothing.
    const shown: Serves[] = [];
    for (const one of best) {
        const served = [...one.met, ...one.ask];
        if (shown.length < most && !shown.some((other) => served.every((diet) => other.met.includes(diet) || other.ask.includes(diet)))) shown.push(one);
    }
    return shown;
}
