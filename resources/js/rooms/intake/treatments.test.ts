import { describe, expect, it } from 'vitest';
import { suggested } from './ReadLines';
import { HEAD_ROWS, layerStarts, setLayerHeading, wholeText } from './treatments';

const TEXT = 'For the base:\n100 g biscuits\n\nlayer: Curd\ntreat: none\n120 g lemon juice';

describe('layers of a typed text', () => {
    it('begin at their headings', () => {
        expect(layerStarts(TEXT)).toEqual([0, 3]);
    });

    it('begin at the first line where there is no heading', () => {
        expect(layerStarts('100 g sugar\n50 g butter')).toEqual([-1]);
        expect(layerStarts('100 g sugar\nFor the top:\n50 g butter')).toEqual([-1, 1]);
    });

    it('do not count while they are empty', () => {
        expect(layerStarts('For the base:\nFor the curd:\n50 g sugar')).toEqual([1]);
        expect(layerStarts('')).toEqual([]);
    });

    it('take a treatment, in place of the one they had', () => {
        expect(setLayerHeading(TEXT, 1, 'treat', 'boil 2 min stirred')).toBe(TEXT.replace('treat: none', 'treat: boil 2 min stirred'));
        expect(setLayerHeading(TEXT, 0, 'treat', 'bake 150 C still')).toBe(TEXT.replace('For the base:\n', 'For the base:\ntreat: bake 150 C still\n'));
        expect(setLayerHeading(TEXT, 1, 'treat', '')).toBe(TEXT.replace('treat: none\n', ''));
        expect(setLayerHeading('50 g sugar', 0, 'treat', 'melt')).toBe('treat: melt\n50 g sugar');
        expect(setLayerHeading(TEXT, 9, 'treat', 'melt')).toBe(TEXT);
    });

    it('stand under a head of a known number of rows', () => {
        const whole = wholeText({ title: '', family: 'curd', measures: 'us', portions: '', serveAt: '' }, 'first');
        expect(whole.split('\n').indexOf('first')).toBe(HEAD_ROWS);
        expect(whole).toContain('title: Untitled dish');
        expect(whole).toContain('portions: 1');
    });
});

describe('a suggestion', () => {
    it.each([
        ['30 g passion nectar', 'Passion-fruit juice', '30 g Passion-fruit juice'],
        ['2 tbsp cornflower', 'Cornflour', '2 tbsp Cornflour'],
        ['1/2 cup melk', 'Whole milk', '1/2 cup Whole milk'],
        ['salt', 'Salt', '50 g Salt'],
    ])('keeps the amount of “%s”', (text, name, expected) => {
        expect(suggested(text, name)).toBe(expected);
    });
});
