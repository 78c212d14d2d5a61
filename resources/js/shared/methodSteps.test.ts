import { describe, expect, it } from 'vitest';
import { addedAt, againstOriginal, joined, partedAt, put, reworded, takenOut } from './methodSteps';

const steps = [{ id: 'a', text: 'Boil the milk.' }, { id: 'b', text: 'Whisk the yolks. Pour on the milk.' }, { id: 'c', text: 'Chill.' }];
const words = (of: { text: string }[]) => of.map((one) => one.text);

describe('steps of a method', () => {
    it('are reworded, and one without words is taken out', () => {
        expect(words(reworded(steps, 2, ' Chill overnight. '))).toEqual(['Boil the milk.', 'Whisk the yolks. Pour on the milk.', 'Chill overnight.']);
        expect(words(reworded(steps, 1, '  '))).toEqual(['Boil the milk.', 'Chill.']);
        expect(words(takenOut(steps, 0))).toEqual(['Whisk the yolks. Pour on the milk.', 'Chill.']);
    });

    it('are parted at the caret and joined again', () => {
        const parted = partedAt(steps, 1, 'Whisk the yolks. Pour on the milk.', 16);
        expect(words(parted)).toEqual(['Boil the milk.', 'Whisk the yolks.', 'Pour on the milk.', 'Chill.']);
        expect(parted[1]?.id).toBe('b');
        expect(parted[2]?.id).toHaveLength(26);
        expect(words(joined(parted, 2, 'Pour on the milk.'))).toEqual(words(steps));
        expect(words(partedAt(steps, 0, 'Boil the milk.', 0))).toEqual(words(steps));
        expect(words(joined(steps, 0, 'Boil the milk.'))).toEqual(words(steps));
    });

    it('are moved before another place, and none is lost', () => {
        expect(words(put(steps, 0, 3))).toEqual(['Whisk the yolks. Pour on the milk.', 'Chill.', 'Boil the milk.']);
        expect(words(put(steps, 2, 0))).toEqual(['Chill.', 'Boil the milk.', 'Whisk the yolks. Pour on the milk.']);
        expect(put(steps, 0, 9)).toBe(steps);
        expect(put(steps, 7, 0)).toBe(steps);
        expect(words(put(steps, 1, 1))).toEqual(words(steps));
    });

    it('are added where something is written', () => {
        expect(words(addedAt(steps, 1, 'Strain.'))).toEqual(['Boil the milk.', 'Strain.', 'Whisk the yolks. Pour on the milk.', 'Chill.']);
        expect(addedAt(steps, 1, ' ')).toBe(steps);
    });

    it('stand against the original: changed, new, and gone where they stood', () => {
        const rows = againstOriginal([{ id: 'a', text: 'Boil the oat milk.' }, { id: 'n', text: 'Slake the cornflour.' }, { id: 'c', text: 'Chill.' }], steps);
        expect(rows.map((row) => [row.text, row.was, row.at])).toEqual([
            ['Boil the oat milk.', 'Boil the milk.', 0],
            ['Whisk the yolks. Pour on the milk.', 'Whisk the yolks. Pour on the milk.', null],
            ['Slake the cornflour.', null, 1],
            ['Chill.', 'Chill.', 2],
        ]);
        expect(againstOriginal(steps, null).every((row) => row.was === row.text && row.at !== null)).toBe(true);
    });
});
