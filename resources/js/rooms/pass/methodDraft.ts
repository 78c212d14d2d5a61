import type { Method } from '../../api/types';
import { newId } from '../../shared/ids';

export interface DraftStep {
    id: string;
    /** The step of the making it tells; none for one that was added, or is gone. */
    step: string | null;
    text: string;
    /** As the formula asks for it; '' where it asks for no such step. */
    now: string;
    why: string;
}

export const drafted = (method: Method): DraftStep[] => method.steps.map((one) => ({ id: one.is_own || one.id.length > 20 ? one.id : newId(), step: one.step, text: one.text, now: one.now, why: one.why }));

/** How many of the draft tell the same step: more than one where it was parted. */
export const partsOf = (draft: readonly DraftStep[], step: string): number => draft.filter((one) => one.step === step).length;

export const moved = (draft: readonly DraftStep[], from: number, by: -1 | 1): DraftStep[] => {
    const to = from + by;
    const [one, other] = [draft[from], draft[to]];
    if (one === undefined || other === undefined) return [...draft];
    return draft.map((at, i) => (i === from ? other : i === to ? one : at));
};

/** Parted where a sentence ends nearest its middle; where there is only one, the second part is still to be written. */
export function parted(draft: readonly DraftStep[], at: number): DraftStep[] {
    const one = draft[at];
    if (one === undefined) return [...draft];
    const ends = [...one.text.matchAll(/[.;]\s+(?=\S)/g)].map((found) => found.index + found[0].length);
    const middle = one.text.length / 2;
    const cut = ends.sort((a, b) => Math.abs(a - middle) - Math.abs(b - middle))[0] ?? one.text.length;
    return [...draft.slice(0, at), { ...one, text: one.text.slice(0, cut).trim() }, { ...one, id: newId(), text: one.text.slice(cut).trim(), why: '' }, ...draft.slice(at + 1)];
}

export const added = (draft: readonly DraftStep[], at: number): DraftStep[] => [...draft.slice(0, at + 1), { id: newId(), step: null, text: '', now: '', why: '' }, ...draft.slice(at + 1)];

/** Whether it can be taken out: any step can, but the last that is left. */
export const canGo = (draft: readonly DraftStep[], at: number): boolean => draft[at] !== undefined && draft.length > 1;

/** A step that was taken out, put back at the end, from where it is moved to its place. */
export const putBack = (draft: readonly DraftStep[], out: Method['out'][number]): DraftStep[] => [...draft, { id: newId(), step: out.step, text: out.text, now: out.text, why: '' }];

/** What is sent: parts nobody wrote are left out. */
export const asTyped = (draft: readonly DraftStep[]) => draft.filter((one) => one.text.trim() !== '' || (one.step !== null && partsOf(draft, one.step) === 1)).map(({ id, step, text }) => ({ id, step, text: text.trim() }));
