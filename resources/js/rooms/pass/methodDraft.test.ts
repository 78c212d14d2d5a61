import { describe, expect, it } from 'vitest';
import { added, asTyped, canGo, drafted, moved, parted, type DraftStep } from './methodDraft';

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
    it('leaves nothing out that the dish needs', () => {
        expect(canGo(draft, 0)).toBe(false);
        expect(canGo(parted(draft, 1), 1)).toBe(true);
        expect(canGo(added(draft, 0), 1)).toBe(true);
    });
    it('sends no part nobody wrote, and every step', () => {
        expect(asTyped(parted(draft, 2)).map((at) => at.step)).toEqual(['a1', 'a2', 'a3']);
        expect(asTyped(added(draft, 0)).map((at) => at.step)).toEqual(['a1', 'a2', 'a3']);
        expect(asTyped([one('a1', ' '), one('a1', 'x')]).map((at) => at.text)).toEqual(['x']);
    });
    it('gives what the formula tells an id of its own', () => {
        const [first, second] = drafted({ said: 1, is_own: true, steps: [{ id: 'a1', step: 'a1', text: 'x', is_own: false, quarrel: 'new', now: 'x', why: '' }, { id: '01ABCDEFGHJKMNPQRSTVWXYZ00', step: 'a2', text: 'y', is_own: true, quarrel: null, now: 'z', why: '' }] });
        expect(first?.id).toHaveLength(26);
        expect(second?.id).toBe('01ABCDEFGHJKMNPQRSTVWXYZ00');
    });
});
