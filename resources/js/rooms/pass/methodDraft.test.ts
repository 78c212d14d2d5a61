import { describe, expect, it } from 'vitest';
import { added, asTyped, canGo, drafted, moved, parted, putBack, type DraftStep } from './methodDraft';

const one = (step: string | null, text: string): DraftStep => ({ id: text, step, text, now: text, why: '' });
const draft = [one('a1', 'Weigh it.'), one('a2', 'Heat it. Stir it well. Take it off.'), one('a3', 'Fill it')];

describe('a method that is being written', () => {
    it('is moved a place at a time, and never over an end', () => {
        expect(moved(draft, 1, -1).map((at) => at.step)).toEqual(['a2', 'a1', 'a3']);
        expect(moved(draft, 0, -1)).toEqual(draft);
        expect(moved(draft, 2, 1)).toEqual(draft);
    });
    it('is parted where a sentence ends nearest the middle', () => {
        const two = parted(draft, 1);
        expect(two.map((at) => at.text)).toEqual(['Weigh it.', 'Heat it. Stir it well.', 'Take it off.', 'Fill it']);
        expect(two.map((at) => at.step)).toEqual(['a1', 'a2', 'a2', 'a3']);
        expect(new Set(two.map((at) => at.id)).size).toBe(4);
        expect(parted(draft, 2).map((at) => at.text)).toEqual(['Weigh it.', 'Heat it. Stir it well. Take it off.', 'Fill it', '']);
    });
    it('may lose any step but the last, and get it back', () => {
        expect(draft.map((_, i) => canGo(draft, i))).toEqual([true, true, true]);
        expect(canGo(draft.slice(0, 1), 0)).toBe(false);
        const back = putBack(draft.slice(0, 2), { step: 'a3', text: 'Fill it', breaks: '' });
        expect(back.map((at) => [at.step, at.text])).toEqual([['a1', 'Weigh it.'], ['a2', 'Heat it. Stir it well. Take it off.'], ['a3', 'Fill it']]);
    });
    it('sends no part nobody wrote, and every step', () => {
        expect(asTyped(parted(draft, 2)).map((at) => at.step)).toEqual(['a1', 'a2', 'a3']);
        expect(asTyped(added(draft, 0)).map((at) => at.step)).toEqual(['a1', 'a2', 'a3']);
        expect(asTyped([one('a1', ' '), one('a1', 'x')]).map((at) => at.text)).toEqual(['x']);
    });
    it('gives what the formula tells an id of its own', () => {
        const [first, second] = drafted({ said: 1, is_own: true, is_formulas: false, out: [], steps: [{ id: 'a1', step: 'a1', text: 'x', is_own: false, quarrel: 'new', now: 'x', why: '' }, { id: '01ABCDEFGHJKMNPQRSTVWXYZ00', step: 'a2', text: 'y', is_own: true, quarrel: null, now: 'z', why: '' }] });
        expect(first?.id).toHaveLength(26);
        expect(second?.id).toBe('01ABCDEFGHJKMNPQRSTVWXYZ00');
    });
});
