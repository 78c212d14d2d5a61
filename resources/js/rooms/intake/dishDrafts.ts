import { newId } from '../../shared/ids';
import { own } from '../../shared/own';
import type { Head } from './wholeText';

/** A dish that is being typed and not kept yet. */
export interface Draft extends Head {
    id: string;
    lines: string;
}

/** Drafts from which on none is begun empty beside them, until one is kept or thrown away. */
export const MOST = 30;

const KEY = 'new-dishes';

export const begun = (lines = ''): Draft => ({ id: newId(), title: '', family: '', measures: '', portions: '', serveAt: '', lines });

export const isEmpty = (draft: Draft): boolean => draft.lines.trim() === '' && draft.title.trim() === '';

/** What a draft is called where one is chosen: its name, or how it begins. */
export function called(draft: Draft): string {
    const first = draft.title.trim() || (draft.lines.split('\n').find((row) => row.trim() !== '') ?? '').trim();
    return first === '' ? 'an empty one' : first.length > 44 ? `${first.slice(0, 43)}…` : first;
}

function isDraft(one: unknown): one is Draft {
    return typeof one === 'object' && one !== null && 'lines' in one && typeof one.lines === 'string' && 'id' in one && typeof one.id === 'string';
}

/** Drafts of whoever is signed in, the one that was typed in last first. */
export function kept(): Draft[] {
    try {
        const all: unknown = JSON.parse(localStorage.getItem(own(KEY)) ?? '[]');
        return Array.isArray(all) ? all.filter(isDraft).map((one) => ({ ...begun(), ...one })) : [];
    } catch {
        return [];
    }
}

export function keep(drafts: readonly Draft[]): void {
    localStorage.setItem(own(KEY), JSON.stringify(drafts.filter((one) => !isEmpty(one))));
}

/** With one of them the first, which is the one that is typed in. */
export const turned = (drafts: readonly Draft[], to: Draft): Draft[] => [to, ...drafts.filter((one) => one.id !== to.id && !isEmpty(one))];

/** With what was just brought in the first: beside what was there, or where it stood already. Nothing that was typed is written over. */
export const withText = (drafts: readonly Draft[], lines: string): Draft[] => turned(drafts, drafts.find((one) => one.lines === lines) ?? begun(lines));
