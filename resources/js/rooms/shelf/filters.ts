import type { ShelfEntry } from '../../api/types';

export interface Filters {
    words: string;
    job: string;
    diet: string;
    own: boolean;
}

export const NO_FILTERS: Filters = { words: '', job: '', diet: '', own: false };

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Ingredients that answer to every typed word by their name or any of their kitchen names; names that begin with the first word come first. */
export function filterShelf(shelf: ShelfEntry[], filters: Filters): ShelfEntry[] {
    const words = plain(filters.words).split(/\s+/).filter(Boolean);
    const found = shelf.filter((entry) => {
        if (filters.job && !entry.jobs.includes(filters.job)) return false;
        if (filters.diet && entry.not.includes(filters.diet)) return false;
        if (filters.own && entry.own === null) return false;
        if (words.length === 0) return true;
        const names = [entry.name, ...entry.names, entry.group].map(plain);
        return words.every((word) => names.some((name) => name.includes(word)));
    });
    const first = words[0] ?? '';
    const rank = (entry: ShelfEntry) => (first === '' ? 1 : plain(entry.name).startsWith(first) ? 0 : 1);
    return found.sort((a, b) => rank(a) - rank(b) || a.name.localeCompare(b.name));
}
