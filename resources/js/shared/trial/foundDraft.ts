import type { Trial } from '../../api/types';
import { typedOrText } from '../numbers';

/** How a layer was found to set: a step, or a measure by a protocol; '' where nobody looked. */
export interface LayerDraft {
    step: string;
    protocol: string;
    value: string;
    /** Load on the probe in g; '' where the protocol asks for none. */
    force: string;
}

/** What is typed of a trial before it is noted; '' is what nobody judged. */
export interface FoundDraft {
    made_on: string;
    layers: Record<string, LayerDraft>;
    sweetness: string;
    sharpness: string;
    grain: string;
    ph: string;
    brix: string;
    height_mm: string;
    weep_g: string;
    colour: string;
    cut: string;
    keeps: Record<number, string>;
    verdict: string;
    next: string;
    remark: string;
}

export const noLayer: LayerDraft = { step: '', protocol: '', value: '', force: '' };

export const emptyFound = (made_on: string): FoundDraft => ({ made_on, layers: {}, sweetness: '', sharpness: '', grain: '', ph: '', brix: '', height_mm: '', weep_g: '', colour: '', cut: '', keeps: {}, verdict: '', next: '', remark: '' });

/** A trial as it was noted, to be said otherwise. */
export function foundOf(trial: Trial): FoundDraft {
    const text = (value: number | string | null) => (value === null ? '' : String(value));
    return {
        made_on: trial.made_on,
        layers: Object.fromEntries(trial.found.layers.map((one) => [one.layer_id, { step: one.step_index === undefined ? '' : String(one.step_index), protocol: one.protocol ?? '', value: text(one.value ?? null), force: text(one.force_g ?? null) }])),
        sweetness: trial.sweetness ?? '', sharpness: trial.sharpness ?? '', grain: trial.found.grain ?? '', ph: text(trial.found.ph), brix: text(trial.found.brix), height_mm: text(trial.found.height_mm), weep_g: text(trial.found.weep_g),
        colour: trial.found.colour ?? '', cut: trial.found.cut ?? '', keeps: Object.fromEntries(trial.found.keeps.map((one) => [one.day, one.words])), verdict: trial.verdict ?? '', next: trial.next, remark: trial.remark,
    };
}

/** What is sent: only what was said. What is no number goes as it was typed, and is refused with its place. */
export function said(draft: FoundDraft): Record<string, unknown> {
    const number = typedOrText;
    const word = (text: string) => (text === '' ? null : text);
    return {
        made_on: draft.made_on,
        layers: Object.entries(draft.layers).flatMap(([layer_id, one]): Record<string, unknown>[] => {
            if (one.protocol !== '') return one.value.trim() === '' ? [] : [{ layer_id, protocol: one.protocol, value: number(one.value), ...(one.force !== '' && { force_g: number(one.force) }) }];
            return one.step === '' ? [] : [{ layer_id, step_index: Number(one.step) }];
        }),
        sweetness: word(draft.sweetness), sharpness: word(draft.sharpness), grain: word(draft.grain), ph: number(draft.ph), brix: number(draft.brix), height_mm: number(draft.height_mm), weep_g: number(draft.weep_g), colour: word(draft.colour), cut: word(draft.cut),
        keeps: Object.entries(draft.keeps).flatMap(([day, words]) => (words.trim() === '' ? [] : [{ day: Number(day), words }])), verdict: word(draft.verdict), next: word(draft.next), remark: word(draft.remark),
    };
}

/** Whether anything was found. */
export const isSaid = (draft: FoundDraft): boolean => Object.entries(said(draft)).some(([key, value]) => key !== 'made_on' && value !== null && !(Array.isArray(value) && value.length === 0));
