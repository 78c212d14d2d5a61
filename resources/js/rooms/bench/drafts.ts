import { own } from '../../shared/own';
import type { Formula } from '../../api/types';

const key = (version: number) => own(`draft:${version}`);

/** What could not be saved, on this machine, with the revision it was based on. */
export function keepDraft(version: number, revision: number, formula: Formula): void {
    localStorage.setItem(key(version), JSON.stringify({ revision, formula }));
}

export function keptDraft(version: number): { revision: number; formula: Formula } | null {
    try {
        const draft = JSON.parse(localStorage.getItem(key(version)) ?? 'null') as { revision?: unknown; formula?: unknown } | null;
        return draft && typeof draft.revision === 'number' && typeof draft.formula === 'object' && draft.formula !== null ? (draft as { revision: number; formula: Formula }) : null;
    } catch {
        return null;
    }
}

export function forgetDraft(version: number): void {
    localStorage.removeItem(key(version));
}
