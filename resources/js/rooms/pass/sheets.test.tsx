import { cleanup, fireEvent, render, screen, within } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Cost, FileForm, Menu as MenuOf, MenuRow, Specification } from '../../api/types';
import { As } from '../../shared/as';
import { card } from './card.fixture';
import { CostSheet } from './CostSheet';
import { FilesSheet } from './FilesSheet';
import { Menu } from './Menu';
import { SpecificationSheet } from './SpecificationSheet';

type Answer = (method: string, url: string, body: unknown) => unknown;

/** What the server is asked, in order; each is answered by what stands in the test. */
function serving(answer: Answer) {
    const asked: [string, string, unknown][] = [];
    vi.stubGlobal('fetch', (url: string, init: RequestInit = {}) => {
        const body: unknown = typeof init.body === 'string' ? JSON.parse(init.body) : undefined;
        asked.push([init.method ?? 'GET', url, body]);
        return Promise.resolve(new Response(JSON.stringify(answer(init.method ?? 'GET', url, body)), { headers: { 'Content-Type': 'application/json' } }));
    });
    return asked;
}

function shown(what: ReactNode, at = '/') {
    return render(<As><MemoryRouter initialEntries={[at]}>{what}</MemoryRouter></As>);
}

beforeEach(() => localStorage.clear());
afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});

const cost: Cost = {
    currency: 'EUR', portions: 12, as_of: '2026-11-27', dates: ['2026-09-16', '2026-11-18'], since: null, labour_minor: 1200, energy_minor: 60, packaging_minor: 0, batch_minor: 2400, portion_minor: 200, unpriced: [], said: 3, studio_revision: 5,
    lines: [{ ingredient: 'butter', name: 'Butter', grams_bought: 86, minor: 1140, by: { supplier: 'Pier', article: '250 g', dated_on: '2026-11-18', minor_per_kg: 1200 } }], beside: [{ version_id: 1, version: 'Original', portion_minor: 160, unpriced: 0 }, { version_id: 2, version: 'Vegan 1', portion_minor: 200, unpriced: 0 }],
    rates: { labour: null, energy: null, packaging: 0, tax_word: 'VAT', tax_percent: 20 }, assumed: { labour: 1800, energy: 30 }, sells_minor: null, left_minor: null, left_percent: null,
};

describe('what it costs', () => {
    it('is told by whose price, beside the original, and says nothing of a margin nobody gave a price for', async () => {
        serving(() => cost);
        const { container } = shown(<CostSheet card={card} size="a4" />);
        expect(await screen.findByRole('row', { name: /Butter 86 €11\.40 48 Pier, 18 November 2026/ })).toBeTruthy();
        expect(within(screen.getByRole('table', { name: 'Cost by version' })).getByRole('row', { name: /Vegan 1 €2\.00 \+25 %/ })).toBeTruthy();
        expect(container.textContent).not.toContain('is left');
        expect(screen.queryByRole('alert')).toBeNull();
    });
    it('is called less than it will cost where a price is missing', async () => {
        serving(() => ({ ...cost, unpriced: ['Moon dust'] }));
        shown(<CostSheet card={card} size="a4" />);
        expect((await screen.findByRole('alert')).textContent).toBe('Less than it will cost: nobody has a price for Moon dust.');
    });
    it('says why it changed, the largest first, and that nothing did', async () => {
        const since = { date: '2026-09-16', portion_minor: 180, percent: 11.1, because: [{ ingredient: 'butter', name: 'Butter', minor: 200, percent: 9.26 }, { ingredient: 'milk', name: 'Milk', minor: -40, percent: -1.85 }] };
        serving(() => ({ ...cost, since }));
        const { container, unmount } = shown(<CostSheet card={card} size="a4" />);
        expect(await screen.findByText(/because of butter \(\+9\.3 %\), milk \(−1\.9 %\)/)).toBeTruthy();
        expect(container.textContent).toContain('+11 %');
        unmount();
        serving(() => ({ ...cost, since: { ...since, percent: 0, because: [] } }));
        shown(<CostSheet card={card} size="a4" />);
        expect(await screen.findByText(/nothing in it changed its price/)).toBeTruthy();
    });
    it('sends a price in minor units, and what is no number as it was typed', async () => {
        const asked = serving((method) => (method === 'PUT' ? { ...cost, sells_minor: 450 } : cost));
        shown(<CostSheet card={card} size="a4" />);
        const field = await screen.findByLabelText(/^Sells for/);
        fireEvent.change(field, { target: { value: '4,50' } });
        fireEvent.click(screen.getByRole('button', { name: 'Keep the price' }));
        await vi.waitFor(() => expect(asked.find(([method]) => method === 'PUT')?.[2]).toEqual({ minor: 450 }));
        fireEvent.change(screen.getByLabelText(/^Sells for/), { target: { value: 'a fiver' } });
        fireEvent.click(screen.getByRole('button', { name: 'Keep the price' }));
        await vi.waitFor(() => expect(asked.filter(([method]) => method === 'PUT').at(-1)?.[2]).toEqual({ minor: 'a fiver' }));
    });
    it('tells what is left without the tax, a loss as one', async () => {
        serving(() => ({ ...cost, sells_minor: 180, left_minor: -50, left_percent: -33.3 }));
        const { container } = shown(<CostSheet card={card} size="a4" />);
        await screen.findByRole('table', { name: 'Cost by line' });
        expect(container.textContent).toContain('Of €1.80 (VAT of 20 % in it) -€0.50 is left, -33 %');
    });
});

const cell = (allergen: string, state: MenuRow['eu'][number]['state'], because: string[] = []) => ({ allergen, state, because });
const row = (version_id: number, version: string, milk: MenuRow['eu'][number], part: Partial<MenuRow> = {}): MenuRow => ({
    version_id, dish_id: 1, dish: 'Curd tartlet', version, revision: 1, final: true, open: [], eu: [milk, cell('nuts', 'none')], us: [cell('tree nuts', 'none')], portion: { mass_g: 68.2, kcal: 260, net_carbs_g: 26.3, sugars_g: 16.7, protein_g: 1.6 },
    diets: [{ diet: 'vegan', standing: 'not met', why: ['Butter'] }], ...part,
});
const menu: MenuOf = {
    of: 'Tea room', kitchen: '', next: null, states: { contains: 'contains it', may: 'packets warn of it', unknown: 'not known', kitchen: 'may be carried in', none: 'in none of its lines' },
    rows: [row(1, 'Original', cell('milk', 'contains', ['Butter'])), row(2, 'Vegan 1', cell('milk', 'unknown', ['Plant butter']), { final: false, diets: [{ diet: 'vegan', standing: 'unproven', why: ['Plant butter?'] }, { diet: 'reduced-sugar', standing: 'met', why: [] }] })],
};

describe('the menu', () => {
    it('says for each what is in it, lists what has to be asked, and calls nothing free', async () => {
        serving((_, url) => (url.includes('services') ? [] : menu));
        const { container } = shown(<Menu />, '/menu');
        const table = await screen.findByRole('table', { name: 'Allergens by version' });
        expect(within(within(table).getByRole('row', { name: /^Curd tartlet, Original/ })).getByRole('img', { name: 'milk: contains' })).toBeTruthy();
        expect(within(table).getByRole('row', { name: /^Curd tartlet, Vegan 1 not final/ })).toBeTruthy();
        expect(screen.getByText(/^Plant butter: milk/)).toBeTruthy();
        expect(container.textContent).toContain('nothing is known of cross-contact');
        expect(container.textContent).not.toMatch(/free of|safe|✓/);
    });
    it('stands for the law that is asked for', async () => {
        serving((_, url) => (url.includes('services') ? [] : menu));
        shown(<Menu />, '/menu');
        await screen.findByRole('columnheader', { name: 'milk' });
        fireEvent.mouseDown(screen.getByLabelText('By the law of'));
        fireEvent.click(await screen.findByRole('option', { name: 'the United States (nine)' }));
        expect(await screen.findByRole('columnheader', { name: 'tree nuts' })).toBeTruthy();
        expect(screen.queryByRole('columnheader', { name: 'milk' })).toBeNull();
    });
    it('of one dish puts its versions side by side, a diet that is no question of one as none', async () => {
        const asked = serving(() => menu);
        shown(<Menu />, '/menu?dish=1');
        const table = await screen.findByRole('table', { name: 'Versions beside each other' });
        expect(asked.some(([, url]) => url.endsWith('menu?dish=1'))).toBe(true);
        expect(within(table).getByRole('row', { name: 'Vegan no ask first' })).toBeTruthy();
        expect(within(table).getByRole('row', { name: 'Reduced sugar – yes, by its lines' })).toBeTruthy();
        expect(within(table).getByRole('row', { name: /^milk.*Butter.*Plant butter$/ })).toBeTruthy();
    });
    it('goes on where there is more, and is not printed half', async () => {
        const asked = serving((_, url) => (url.includes('services') ? [] : url.includes('after=2') ? { ...menu, rows: [row(3, 'Keto 1', cell('milk', 'none'))] } : { ...menu, next: 2 }));
        shown(<Menu />, '/menu');
        const more = await screen.findByRole('button', { name: 'More of the menu' });
        expect(screen.getByRole('button', { name: 'Print it' })).toHaveProperty('disabled', true);
        fireEvent.click(more);
        expect(await screen.findByRole('row', { name: /Keto 1/ })).toBeTruthy();
        expect(screen.getByRole('button', { name: 'Print it' })).toHaveProperty('disabled', false);
        expect(asked.some(([, url]) => url.includes('after=2'))).toBe(true);
    });
});

describe('files', () => {
    it('say what each cannot hold, and that one holds everything', async () => {
        const forms: FileForm[] = [{ form: 'json', words: 'All of it', name: 'a.json', bytes: 8200, lost: [] }, { form: 'csv', words: 'A table', name: 'a.csv', bytes: 900, lost: ['tins: round', 'ids: of lines'] }];
        serving(() => forms);
        const { container } = shown(<FilesSheet version={2} />);
        expect((await screen.findByRole('link', { name: 'Take a.json' })).getAttribute('href')).toBe('/api/versions/2/files/json');
        expect(container.textContent).toContain('a.json, 8.0 kBHolds everything.');
        expect(container.textContent).toContain('a.csv, 900 bytesCannot hold tins: round; ids: of lines.');
    });
});

describe('a specification', () => {
    it('puts what is not answered before what is said, and tells why only of diets that may be or were asked for', async () => {
        const asked: Specification = {
            questions: ['No shelf-life test.'], kitchen: '', storage: { celsius: 5, days: 3, frozen: false, why: ['Curd: egg'] }, layers: [{ layer: 'Curd', grams: 400, percent: 71, treated: 'cooked to 82 °C, stirred', ph: null, water_activity: 0.951, water: 44, set: 'holds or pipes' }],
            diets: [{ diet: 'vegan', standing: 'not met', why: ['Butter'] }, { diet: 'keto', standing: 'not met', why: ['Sugar'] }, { diet: 'nut-free', standing: 'met', why: [] }],
        };
        const label = { ingredients: { text: '', list: [{ name: 'butter', grams: 80, percent: 12.34, quid: null, class: null, allergens: ['milk'] }, { name: 'salt', grams: 0.1, percent: 0.04, quid: null, class: null, allergens: [] }] }, allergens: { contains: ['milk'], may_contain: [], unknown: [], statement: null }, nutrition: { serving_g: 68, servings: 12, rows: [{ key: 'fat', name: 'Fat', within: '', per_100g: { value: 1, printed: '24 g' }, per_serving: { value: 1, printed: '16 g' }, dv: null }] }, edition: 'as recalled' };
        serving((_, url) => (url.includes('specification') ? asked : label));
        shown(<SpecificationSheet card={card} size="a4" />);
        const first = await screen.findByText('No shelf-life test.');
        const composition = screen.getByRole('table', { name: 'Composition' });
        expect(first.compareDocumentPosition(composition) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
        expect(within(composition).getByRole('row', { name: 'salt < 0.1' })).toBeTruthy();
        expect(screen.getByRole('row', { name: /^Curd, cooked to 82 °C, stirred 71 not known 0\.95 44 holds or pipes$/ })).toBeTruthy();
        const diets = screen.getByRole('table', { name: 'Diets' });
        // It was made to be vegan and is not: that has its reason. Keto was never asked for.
        expect(within(diets).getByRole('row', { name: 'Vegan not met Butter' })).toBeTruthy();
        expect(within(diets).queryByRole('row', { name: /^Keto/ })).toBeNull();
        expect(screen.getByText(/^Not met: keto\.$/)).toBeTruthy();
        expect(screen.getByText(/An estimate: no shelf-life test was made/)).toBeTruthy();
    });
});
