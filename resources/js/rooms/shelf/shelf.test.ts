import { describe, expect, it } from 'vitest';
import type { ShelfEntry } from '../../api/types';
import { shareOf, traceFigure } from '../../shared/why/figure';
import { filterShelf, NO_FILTERS } from './filters';
import { EMPTY_FORM, isWorthChecking, packetOf } from './packetForm';
import { barsOf, partName } from './parts';

const entry = (part: Partial<ShelfEntry>): ShelfEntry => ({ id: 'x', name: 'X', group: 'dairy', names: [], jobs: [], not: [], ask: [], mark: 'mem', source: '', own: null, ...part });

describe('the shelf is filtered', () => {
    const shelf = [
        entry({ id: 'cream', name: 'Whipping cream', names: ['malai', 'heavy cream'], jobs: ['whips'], not: ['vegan'] }),
        entry({ id: 'creme', name: 'Crème fraîche', names: [], not: ['vegan'] }),
        entry({ id: 'agar', name: 'Agar powder', group: 'agent', jobs: ['sets'] }),
        entry({ id: 'own-x', name: 'Hill cream', own: 'own' }),
    ];
    const ids = (part: object) => filterShelf(shelf, { ...NO_FILTERS, ...part }).map((one) => one.id);
    it.each([
        ['every word, in any name', { words: 'heavy cre' }, ['cream']],
        ['without regard to accents or case', { words: 'CREME' }, ['creme']],
        ['a kitchen name in another English', { words: 'malai' }, ['cream']],
        ['names that begin with it first', { words: 'hill' }, ['own-x']],
        ['by job', { job: 'sets' }, ['agar']],
        ['by diet', { diet: 'vegan' }, ['agar', 'own-x']],
        ['own only', { own: true }, ['own-x']],
        ['nothing found', { words: 'moonbeam' }, []],
    ])('%s', (_, part, expected) => expect(ids(part)).toEqual(expected));
});

describe('a packet form', () => {
    it('sends figures as numbers, commas and all, and what is empty as not printed', () => {
        const packet = packetOf({ ...EMPTY_FORM, name: ' Hill ', values: { fat_g: '1,5', salt_g: '' }, price: '2,60' });
        expect(packet).toMatchObject({ name: 'Hill', fat_g: 1.5, salt_g: null, price_minor_per_kg: 260, serving_g: null });
    });
    it('leaves what is no number for the server to refuse by name', () => expect(packetOf({ ...EMPTY_FORM, values: { fat_g: 'lots' } }).fat_g).toBe('lots'));
    it.each([
        ['nothing typed', EMPTY_FORM, false],
        ['a name and a figure', { ...EMPTY_FORM, name: 'A', values: { fat_g: '1' } }, true],
        ['per serving without its grams', { ...EMPTY_FORM, name: 'A', values: { fat_g: '1' }, perServing: true }, false],
    ])('%s', (_, form, worth) => expect(isWorthChecking(form)).toBe(worth));
});

describe('a composition', () => {
    it('stacks what weighs and leaves out what is inside it', () => {
        const bars = barsOf([{ part: 'water', grams: 60 }, { part: 'fat.milk', grams: 36 }, { part: 'saturates', grams: 23 }, { part: 'protein.casein', grams: 2 }, { part: 'active.sucralose', grams: 900 }, { part: 'salt', grams: 0.1 }, { part: 'ash', grams: 0.4 }]);
        expect(bars.map((bar) => [bar.id, bar.grams])).toEqual([['water', 60], ['protein', 2], ['fat', 36], ['ash', 0.5]]);
    });
    it('has words', () => expect([partName('protein.casein'), partName('saturates'), partName('water')]).toEqual(['Protein: casein', 'of it saturates', 'Water']));
});

describe('a trace figure', () => {
    it.each([
        [{ value: 261.4, unit: 'kcal' }, '261 kcal'],
        [{ value: 3.276, unit: '' }, '3.28'],
        [{ value: 0.0456, unit: 'g' }, '0.046 g'],
        [{ value: 41.2, unit: 'minor units' }, '€0.41'],
        [{ value: null, unit: '°C' }, 'none'],
    ])('%o', (step, words) => expect(traceFigure(step)).toBe(words));
    it('is a share only of a sum', () => {
        expect(shareOf({ value: 25 }, 100)).toBe(0.25);
        expect(shareOf({ value: 250 }, 100)).toBeNull();
        expect(shareOf({ value: -2 }, 100)).toBeNull();
        expect(shareOf({ value: null }, 100)).toBeNull();
    });
});
