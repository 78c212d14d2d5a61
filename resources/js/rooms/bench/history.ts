import type { BenchData, Formula } from '../../api/types';

export type Wanted = BenchData['version']['wanted'];

/** One thing that can be gone back to: what was weighed, or what was wanted of the rails. */
export type Step = { formula: Formula } | { wanted: Wanted };

export interface History {
    past: Step[];
    future: Step[];
}

const REMEMBERED = 50;

export const nothingDone: History = { past: [], future: [] };

/** Something was changed: what it was before is remembered, and what was taken back is forgotten. */
export const done = (history: History, before: Step): History => ({ past: [...history.past.slice(1 - REMEMBERED), before], future: [] });

/** One step back or forth: where to go, and the history with what is left behind; null at the end of it. */
export function stepped({ past, future }: History, way: 'back' | 'forth', now: { formula: Formula; wanted: Wanted }): { to: Step; history: History } | null {
    const to = way === 'back' ? past.at(-1) : future[0];
    if (!to) return null;
    const left: Step = 'formula' in to ? { formula: now.formula } : { wanted: now.wanted };
    return { to, history: way === 'back' ? { past: past.slice(0, -1), future: [left, ...future] } : { past: [...past, left], future: future.slice(1) } };
}
