import { describe, expect, it } from 'vitest';
import type { Making, MakingStep } from '../api/types';
import { inWords, type Told } from './ownWords';

const step = (id: string): MakingStep => ({
    id, layer: 'Curd', kind: 'cook', text: `Curd: ${id} is done.`, lines: [], target_c: null, endpoint: '', hands_on_min: 1, wait_min: { least: 0, best: 0, most: 0 }, station: 'hob', tools: [], after: [], hold_max_min: null, reason: '', goes_wrong: '', rescue: '', operation: 'cook_to', origin: 'drafted', sentence: null, inputs: [], product_g: 0, oven: [], between: '', ways: [], loss_g: 0, loses: '',
});
const told = (part: Partial<Told>): Told => ({ id: 'x', step: 'a1', text: '', is_own: false, quarrel: null, now: '', why: '', ...part });
const making = (said: Told[]): Making => ({ steps: [step('a1'), step('a2'), step('a3')], critical: [], stops: [], told: said, sentences: [], raw: [], kinds: [], heat: [] });

describe('a making in own words', () => {
    it('is told as the formula asks for it where nobody wrote any', () => {
        const all = inWords(making([]));
        expect(all.map((one) => one.texts)).toEqual([['a1 is done.'], ['a2 is done.'], ['a3 is done.']]);
        expect(all.every((one) => !one.isOwn)).toBe(true);
    });
    it('keeps the order of the words, joins parts, and hangs what was added on what stands before it', () => {
        const all = inWords(making([
            told({ step: 'a2', text: 'Curd: a2 is done.' }), told({ id: 'n', step: null, text: 'Wash up.', is_own: true }), told({ step: 'a1', text: 'First half.', is_own: true }), told({ step: 'a1', text: 'Second half.', is_own: true }), told({ step: 'a3' }),
        ]));
        expect(all.map((one) => one.step.id)).toEqual(['a2', 'a1', 'a3']);
        expect(all[0]?.also.map((one) => one.text)).toEqual(['Wash up.']);
        expect(all[1]?.texts).toEqual(['First half.', 'Second half.']);
    });
    it('says each thing that does not agree once, and leaves no step out', () => {
        const all = inWords(making([told({ is_own: true, text: 'One.', quarrel: 'changed' }), told({ is_own: true, text: 'Two.', quarrel: 'changed' }), told({ id: 'g', step: null, text: 'Old.', is_own: true, quarrel: 'gone' })]));
        expect(all.map((one) => one.step.id)).toEqual(['a1', 'a2', 'a3']);
        expect(all[0]?.quarrels).toHaveLength(1);
        expect(all[0]?.also[0]?.quarrel).toBe('gone');
    });
    it('keeps what stands before the first step', () => {
        expect(inWords(making([told({ step: null, text: 'Tie your apron.', is_own: true }), told({})]))[0]?.also.map((one) => one.text)).toEqual(['Tie your apron.']);
    });
});
