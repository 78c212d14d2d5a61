import { describe, expect, it } from 'vitest';
import { HEAD_ROWS, wholeText } from './wholeText';

describe('the typed lines', () => {
    it('stand under a head of a known number of rows', () => {
        const whole = wholeText({ title: '', family: 'curd', measures: 'us', portions: '', serveAt: '' }, 'first');
        expect(whole.split('\n').indexOf('first')).toBe(HEAD_ROWS);
        expect(whole).toContain('title: Untitled dish');
        expect(whole).toContain('portions: 1');
    });
});
