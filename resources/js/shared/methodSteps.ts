import type { Formula } from '../api/types';
import { newId } from './ids';

/** A step of the maker's own method, with what the original says there: null where the original has no such step. */
export interface StepRow {
    id: string;
    text: string;
    was: string | null;
    /** Its place among the steps as they are, from 0; null where only the original has it. */
    at: number | null;
}

type Steps = Formula['method'];

/** The steps as they are, with those of the original that are gone where they stood. */
export function againstOriginal(now: Steps, original: Steps | null): StepRow[] {
    const rows = now.map((step, at): StepRow => {
        const was = original?.find((one) => one.id !== undefined && one.id !== '' && one.id === step.id)?.text;
        return { id: step.id ?? '', text: step.text, was: original === null ? step.text : (was ?? original.find((one) => one.text === step.text)?.text ?? null), at };
    });
    if (original === null) return rows;
    let at = 0;
    for (const one of original) {
        const found = rows.findIndex((row) => row.at !== null && (row.id === one.id || row.text === one.text));
        if (found >= 0) at = found + 1;
        else rows.splice(at++, 0, { id: `out-${one.id ?? one.text}`, text: one.text, was: one.text, at: null });
    }
    return rows;
}

export const reworded = (steps: Steps, at: number, text: string): Steps => (text.trim() === '' ? takenOut(steps, at) : steps.map((step, n) => (n === at ? { ...step, text: text.trim() } : step)));

export const takenOut = (steps: Steps, at: number): Steps => steps.filter((_, n) => n !== at);

/** Put before another place. */
export function put(steps: Steps, from: number, to: number): Steps {
    const step = steps[from];
    if (step === undefined || to < 0 || to > steps.length) return steps;
    const rest = takenOut(steps, from);
    const at = to > from ? to - 1 : to;
    return [...rest.slice(0, at), step, ...rest.slice(at)];
}

/** Parted where the caret stands; the first part keeps the name of the step. */
export function partedAt(steps: Steps, at: number, text: string, caret: number): Steps {
    const [before, after] = [text.slice(0, caret).trim(), text.slice(caret).trim()];
    if (before === '' || after === '') return reworded(steps, at, text);
    return steps.flatMap((step, n) => (n === at ? [{ ...step, text: before }, { id: newId(), text: after }] : [step]));
}

/** Joined to the one before it; the first of all stays. */
export function joined(steps: Steps, at: number, text: string): Steps {
    const before = steps[at - 1];
    if (before === undefined) return reworded(steps, at, text);
    return steps.flatMap((step, n) => (n === at - 1 ? [{ ...before, text: `${before.text.trim()} ${text.trim()}`.trim() }] : n === at ? [] : [step]));
}

export const addedAt = (steps: Steps, at: number, text: string): Steps => (text.trim() === '' ? steps : [...steps.slice(0, at), { id: newId(), text: text.trim() }, ...steps.slice(at)]);
