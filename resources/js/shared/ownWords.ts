import type { Making, MakingStep } from '../api/types';
import { withoutLayer } from './stepWords';

export type Told = Making['told'][number];

export interface InWords {
    step: MakingStep;
    /** What is done, in own words where somebody wrote some; more than one where the step was parted. */
    texts: string[];
    isOwn: boolean;
    /** Where words and formula do not agree. */
    quarrels: Told[];
    /** What somebody added after it, and what the formula has no step for any more. */
    also: Told[];
}

/** The steps in the order and the words they are told in; as the formula asks for them where nobody wrote any. */
export function inWords(making: Making): InWords[] {
    const byId = new Map(making.steps.map((step) => [step.id, step]));
    const all = new Map<string, InWords>();
    const before: Told[] = [];
    let last: InWords | undefined;
    for (const told of making.told) {
        const step = told.step === null ? undefined : byId.get(told.step);
        if (step === undefined) {
            (last?.also ?? before).push(told);
            continue;
        }
        const known = all.get(step.id) ?? { step, texts: [], isOwn: false, quarrels: [], also: [] };
        if (told.is_own) {
            known.texts = known.isOwn ? [...known.texts, withoutLayer(step.layer, told.text)] : [withoutLayer(step.layer, told.text)];
            known.isOwn = true;
        }
        if (told.quarrel !== null && known.quarrels.every((one) => one.quarrel !== told.quarrel)) known.quarrels.push(told);
        all.set(step.id, known);
        last = known;
    }
    for (const step of making.steps) if (!all.has(step.id)) all.set(step.id, { step, texts: [], isOwn: false, quarrels: [], also: [] });
    const list = [...all.values()].map((one) => (one.texts.length === 0 ? { ...one, texts: [withoutLayer(one.step.layer, one.step.text)] } : one));
    const first = list[0];
    return first === undefined ? list : [{ ...first, also: [...before, ...first.also] }, ...list.slice(1)];
}
