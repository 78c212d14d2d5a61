import { describe, expect, it } from 'vitest';
import { headRows, wholeText } from './wholeText';

const EMPTY = { title: '', family: '', measures: '', portions: '', serveAt: '' };

describe('the typed lines', () => {
    it('stand under as many rows as the page adds', () => {
        const fields = { ...EMPTY, title: 'Pot', family: 'curd', serveAt: '6' };
        expect(wholeText(fields, 'first').split('\n').indexOf('first')).toBe(headRows(fields));
        expect(wholeText(fields, 'first')).toContain('serve at: 6 C');
    });
    it('speak for themselves where the page says nothing', () => {
        expect(wholeText(EMPTY, 'first')).toBe('first');
        expect(headRows(EMPTY)).toBe(0);
    });
    it('of another form stay as they are', () => {
        expect(wholeText({ ...EMPTY, title: 'Pot' }, '{"@type": "Recipe"}')).toBe('{"@type": "Recipe"}');
    });
});
