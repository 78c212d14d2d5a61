import type { BenchData, Job, Rail } from '../../api/types';
import { sharesOf } from './shares';

export interface Share {
    ingredient: string;
    name: string;
    /** Of 100; those of a side add up to 100 with what is left out as noise. */
    of100: number;
}

export interface PayRow {
    property: string;
    rail: Rail | null;
    job: Job | null;
    was: Share[];
    is: Share[];
    /** By how much taking each line away by itself says more than there is: what lines only do together, of 100. */
    together: number;
}

/** Which job of a line each property is the sum of; the others have no line to name. */
const JOB_OF: Partial<Record<string, Job>> = { set: 'set', sweetness: 'sweet', acid: 'acid', fat: 'fat', 'firm fat': 'firm', protein: 'protein', air: 'air' };

/** Who does a job in a layer, largest first, as shares of 100; an ingredient that stands on two lines is one. */
export function doersOf(lines: readonly { ingredient: string | null; jobs: Record<Job, number> | null }[], job: Job, names: Record<string, string>): { shares: Share[]; together: number } {
    const { shares, together } = sharesOf(lines, job);
    const by = new Map<string, number>();
    lines.forEach(({ ingredient }, n) => {
        const share = shares[n] ?? 0;
        if (ingredient !== null && share > 0) by.set(ingredient, (by.get(ingredient) ?? 0) + share * 100);
    });
    return { shares: [...by].map(([ingredient, of100]) => ({ ingredient, name: names[ingredient] ?? ingredient, of100 })).sort((a, b) => b.of100 - a.of100), together: together * 100 };
}

/** One row a property of a layer: how it stands, who did it and who does it; worst first, or as a kitchen names them. */
export function payRows(data: BenchData, layer: number, isWorstFirst: boolean): PayRow[] {
    const reading = data.now.reading.layers[layer];
    if (!reading) return [];
    const isOriginal = data.original.version_id === data.version.id;
    const id = data.now.formula.layers[layer]?.id;
    const before = isOriginal ? -1 : data.original.formula.layers.findIndex((one) => one.id === id);
    const old = data.original.reading.layers[before];
    const row = (property: string, rail: Rail | null): PayRow => {
        const job = JOB_OF[property] ?? null;
        const is = job ? doersOf(reading.lines, job, data.now.names) : { shares: [], together: 0 };
        const was = job && old ? doersOf(old.lines, job, data.original.names) : { shares: [], together: 0 };
        return { property, rail, job, was: was.shares, is: is.shares, together: is.together };
    };
    // What the original has no such layer of is told by itself, as the original is.
    if (isOriginal || !old) return Object.keys(JOB_OF).map((property) => row(property, null)).filter((one) => one.is.length > 0);
    const rows = (data.rails[layer] ?? []).map((rail) => row(rail.property, rail));
    return isWorstFirst ? rows.sort((a, b) => rank(b) - rank(a)) : rows;
}

/** What is not met stands first, the further off the earlier; what is met stays in the kitchen's order. */
const rank = ({ rail }: PayRow) => (rail && !rail.met ? Math.abs(rail.residual) : 0);

/** Lengths of the two bars in 100 of the longer, and what nobody pays. */
export function lengths(rail: Rail): { was: number; is: number; unpaid: number } {
    const scale = Math.max(rail.target, rail.now);
    if (scale <= 0) return { was: 0, is: 0, unpaid: 0 };
    const was = (rail.target / scale) * 100;
    const is = (rail.now / scale) * 100;
    return { was, is, unpaid: !rail.met && rail.now < rail.target ? was - is : 0 };
}

/** How far a beam leans, in degrees: three tolerances are as far as it goes. */
export const lean = (residual: number): number => Math.max(-1, Math.min(1, residual / 3)) * 16;
