import type { Debt, Route } from '../api/types';
import { nameParts } from './words';

/** How a route stands, in the word a cook would use. */
export const STANDING: Record<Route['standing'], { word: string; colour: string; mark: string }> = {
    met: { word: 'Met', colour: 'var(--herb)', mark: '●' },
    met_if: { word: 'Met, if', colour: 'var(--herb)', mark: '◑' },
    met_but: { word: 'Met, but', colour: 'var(--yolk)', mark: '◐' },
    missed: { word: 'Missed', colour: 'var(--beet)', mark: '○' },
};

/** What is short or lost first, critical before the rest; what packets have to say; then what merely differs. */
export function firstWords(route: Route): string[] {
    return [...route.words, ...ifWords(route), ...route.debts.filter((debt) => !debt.critical && debt.state !== 'paid').map((debt) => `${debt.layer}: ${debt.why}`)];
}

/** What packets have to say before it is met: each question once, the diet it hangs on before it. */
export const ifWords = (route: Route): string[] => (route.standing === 'met_if' ? route.packets : []);

/** The words as a sentence; those that end as one already are left. */
export const ended = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}${/[.?!]$/.test(words) ? '' : '.'}`;

/** What is asked once more before a route is taken; '' where nothing is. */
export function asked(route: Route): string {
    return route.questions.length > 0 ? `It ${route.questions.join(', ')}` : route.guesses.length > 0 ? 'Made on a guess' : '';
}

/** The jobs that changed hands, worst first: who did them, who does them now, and what nobody does. */
export function whoPays(route: Route): Debt[] {
    return route.debts.filter((debt) => debt.state !== 'paid' || debt.from.join() !== debt.by.join());
}

/** "egg yolk and butter", in short names. */
export function named(ids: string[], names: Record<string, string>): string {
    const short = ids.slice(0, 3).map((id) => nameParts(names[id] ?? id)[0].toLowerCase());
    return short.length < 2 ? (short[0] ?? '') : `${short.slice(0, -1).join(', ')} and ${short[short.length - 1] ?? ''}`;
}
