import { describe, expect, it } from 'vitest';
import { suggested } from './ReadLines';
import { HEAD_ROWS, wholeText } from './wholeText';

describe('the typed lines', () => {
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
