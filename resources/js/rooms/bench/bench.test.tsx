import { cleanup, fireEvent, render as drawn, screen, within } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Formula, Rail, Reading, Route, Warning } from '../../api/types';
import { As } from '../../shared/as';
import { DietList } from './DietList';
import { LedgerLine } from './LedgerLine';
import type { LedgerRow } from './ledger';
import { AllergenLine } from './PortionFacts';
import { PropertyRow } from './PropertyRow';
import { RouteDetail } from './RouteDetail';
import { RouteRow } from './RouteRow';
import { WhoPays } from './WhoPays';
import { TypeLine } from './TypeLine';
import { WatchPanel } from './WatchPanel';

afterEach(cleanup);

const render = (what: ReactElement) => drawn(what, { wrapper: As });

const BY_REGIME = { eu: { contains: {}, may_contain: {} }, us: { contains: {}, may_contain: {} } };
const reading = (part: Partial<Reading>) => ({ diets: {}, questions: [], allergens: { unknown: [], contains: [], may_contain: [], by_regime: BY_REGIME }, ...part }) as Reading;

const rail = (part: Partial<Rail>): Rail => ({ property: 'set', unit: 'GE %', target: 1.4, now: 1.31, tolerance: 0.25, residual: -0.4, met: true, target_word: 'soft slice', now_word: 'soft slice', reach: [1.1, 1.8], low: 1, high: 2, ...part });

const route: Route = {
    id: 'cornflour-agar', name: 'Cornflour and agar', mouth: 'short, clean bite', fit: 94.2, met: true, standing: 'met', chance: 0.86, hash: 'a1', debts: [], words: [], near: [], packets: [], guesses: [], questions: [], names: {}, rails: { 0: [rail({})] }, blocked_by: [],
    changes: [{ layer: 'Curd', out: [{ ingredient: 'egg-yolk', name: 'Egg yolk', grams: 108 }], in: [{ ingredient: 'agar', name: 'Agar powder', grams: 1.6 }], why: 'Egg yolk gave 71 % of the set.' }],
    to_buy: [{ ingredient: 'cornflour', name: 'Cornflour', tier: 1, where: 'any grocer' }, { ingredient: 'agar', name: 'Agar powder', tier: 2, where: 'baker’s or health shop' }],
    steps: ['Curd: boil 2–3 min.'], method: [], effort_min: 25, wait_h: 8, new_allergens: ['soybeans'], risks: 1, watch: [], cost_minor: 48, contains: [], layers: [], portion: {} as Route['portion'],
    diets: { vegan: { met: false, because: [], unproven: ['Plant butter: is it free of milk protein?'], proven: [] } },
    section: { width_mm: 70, cut: false, height_mm: 20, fill: 0.9, shape: 'round', layers: [] },
    formula: { title: 'x', family: 'curd', measures: 'us', portions: 12, serve_at_c: 6, layers: [], method: [] },
};

describe('the diets', () => {
    it('say met, not met or unproven, with the reason', () => {
        render(
            <DietList
                names={{}}
                reading={reading({
                    diets: {
                        vegan: { met: false, because: ['Butter'], unproven: ['Chocolate: milk solids?'], proven: [] },
                        eggless: { met: true, because: [], unproven: [], proven: [] },
                        'gluten-free': { met: false, because: [], unproven: ['Oats: certified?'], proven: [] },
                    },
                    allergens: { unknown: [], contains: ['milk', 'nuts'], may_contain: ['peanuts'], by_regime: BY_REGIME },
                })}
            />,
        );
        const [vegan, eggless, gluten] = screen.getAllByRole('listitem');
        expect(vegan?.textContent).toContain('not met');
        expect(vegan?.textContent).toContain('Butter');
        expect(vegan?.textContent).not.toContain('milk solids');
        expect(eggless?.textContent).toMatch(/✓ met$/);
        expect(gluten?.textContent).toContain('? unproven');
        expect(gluten?.textContent).toContain('certified?');
        expect(screen.getByText('Contains: milk, nuts.')).toBeTruthy();
        expect(screen.getByText(/no diet is an allergy statement/)).toBeTruthy();
    });
});

describe('the allergens of a portion', () => {
    it('name what a swap brought in', () => {
        const original = reading({ allergens: { unknown: [], contains: ['eggs', 'gluten'], may_contain: [], by_regime: BY_REGIME } });
        const { container } = render(<AllergenLine kitchen={{ may_carry: [], words: '' }} now={reading({ allergens: { unknown: [], contains: ['gluten', 'soybeans'], may_contain: ['nuts'], by_regime: BY_REGIME } })} original={original} />);
        expect(container.textContent).toBe('Contains gluten, soybeans. New: soybeans. Packets may warn of nuts.');
    });
    it('say so when there is none', () => {
        const { container } = render(<AllergenLine kitchen={{ may_carry: [], words: '' }} now={reading({})} original={null} />);
        expect(container.textContent).toBe('Contains no listed allergen.');
    });
});

describe('a property', () => {
    it('says now, wanted and which way it is off', () => {
        const { container } = render(<PropertyRow rail={rail({ residual: 2.4, met: false, now: 2 })} />);
        expect(container.textContent).toContain('soft slice, 2.00 of 1.40 GE');
        expect(screen.getByText('firmer')).toBeTruthy();
    });
});

describe('a route', () => {
    it('shows fit, risk, cost, effort and waiting, and says unproven as unproven', () => {
        const take = vi.fn();
        render(<RouteRow was={route.portion} beside={false} full={false} onBeside={vi.fn()} route={route} diets={['vegan']} busy={false} onTake={take} onOpen={vi.fn()} />);
        const card = screen.getByRole('article', { name: 'Cornflour and agar' });
        expect(card.textContent).toContain('fit 94 · sets as aimed 86 % · 1 to mind · 2\u00a0to\u00a0buy, 1\u00a0from a baker’s or health shop · €0.48 each · 25 min + 8 h');
        expect(card.textContent).toContain('Vegan unproven');
        fireEvent.click(screen.getByRole('button', { name: 'Take it: Cornflour and agar' }));
        expect(take).toHaveBeenCalledOnce();
    });

    it('asks packets before a route is met', () => {
        const hangs: Route = { ...route, standing: 'met_if', packets: ['Vegan: Plant butter: is it free of milk protein?', 'Vegan: a', 'Vegan: b'] };
        render(<RouteRow was={route.portion} beside={false} full={false} onBeside={vi.fn()} route={hangs} diets={['vegan']} busy={false} onTake={vi.fn()} onOpen={vi.fn()} />);
        expect(screen.getByRole('article', { name: 'Cornflour and agar' }).textContent).toMatch(/Met, if: Vegan: Plant butter.*And 1 more to ask of packets/);
    });

    it('says what is short before what it is good for, and asks before it brings what the dish was free of', () => {
        const take = vi.fn();
        const but: Route = { ...route, standing: 'met_but', words: ['Curd: less sweet: sweetness 20 SE, was 37 SE'], questions: ['brings soybeans'] };
        render(<RouteRow was={route.portion} beside={false} full={false} onBeside={vi.fn()} route={but} diets={['vegan']} busy={false} onTake={take} onOpen={vi.fn()} />);
        const card = screen.getByRole('article', { name: 'Cornflour and agar' });
        expect(card.textContent).toMatch(/Met, but: Curd: less sweet.*Short, clean bite\./);
        fireEvent.click(screen.getByRole('button', { name: 'Take it: Cornflour and agar' }));
        expect(take).not.toHaveBeenCalled();
        fireEvent.click(screen.getByRole('button', { name: /It brings soybeans\. Take it all the same/ }));
        expect(take).toHaveBeenCalledOnce();
    });

    it('names who did a job and who does it, and what nobody pays', () => {
        const debt = { job: 'set', layer: 'Curd', layer_index: 0, amount: 1.4, unit: 'GE %', paid: 1.3, from: ['egg-yolk'], by: ['agar'], critical: true, state: 'paid' as const, why: '' };
        const lost = { ...debt, job: 'sweetness', unit: 'SE', by: [], state: 'lost' as const, why: 'sweetness lost, less sweet: 3 of 31 SE' };
        const same = { ...debt, job: 'acid', unit: '%', by: ['egg-yolk'] };
        render(<WhoPays route={{ ...route, debts: [lost, debt, same], names: { 'egg-yolk': 'Egg yolk', agar: 'Agar powder' } }} />);
        const rows = screen.getAllByRole('row').map((row) => row.textContent);
        expect(rows[1]).toContain('sweetness lost, less sweet');
        expect(rows[2]).toBe('setegg yolkagar powder');
        expect(rows).toHaveLength(3);
    });

    it('explains each swap, what it adds, how near it comes and how it is made', () => {
        render(<RouteDetail route={{ ...route, blocked_by: ['Curd · sweetness: 20 of 37 SE'] }} onClose={vi.fn()} onTake={vi.fn()} />);
        const dialog = within(screen.getByRole('dialog'));
        expect(dialog.getByText('out: 108 g Egg yolk')).toBeTruthy();
        expect(dialog.getByText('in: 1.6 g Agar powder')).toBeTruthy();
        expect(dialog.getByText('Egg yolk gave 71 % of the set.')).toBeTruthy();
        expect(dialog.getByText('Adds the allergen: soybeans.')).toBeTruthy();
        expect(dialog.getByText('Curd · sweetness: 20 of 37 SE')).toBeTruthy();
        expect(dialog.getByText('Curd: boil 2–3 min.')).toBeTruthy();
    });
});

describe('the watch', () => {
    const warning: Warning = { rule: 'agar-must-boil', severity: 'stop', text: 'The agar never boils.', layer: 0, cure: { action: 'boil-apart', ingredient: 'agar' }, cure_words: 'Boil the agar powder apart' };
    it('offers the cure it knows and only that', () => {
        const cure = vi.fn();
        render(<WatchPanel watch={[warning, { ...warning, severity: 'note', text: 'Softens warm.', cure: null, cure_words: null }]} onCure={cure} />);
        fireEvent.click(screen.getByRole('button', { name: 'Boil the agar powder apart' }));
        expect(cure).toHaveBeenCalledWith(warning);
        expect(screen.getAllByRole('button')).toHaveLength(1);
        expect(screen.getAllByRole('listitem')[0]?.textContent).toContain('Stop: ');
    });
    it('says so when nothing stands out', () => {
        render(<WatchPanel watch={[]} onCure={vi.fn()} />);
        expect(screen.getByText('Nothing stands out in this version.')).toBeTruthy();
    });
});

describe('a ledger line', () => {
    const empty = { treat: 'none', air: null, tin: null, loss: null, lines: [] };
    const around = { layers: [], onMove: vi.fn(), formula: { title: 'x', family: 'curd', measures: 'metric', portions: 1, serve_at_c: 5, method: [], measured: [], layers: [{ ...empty, name: 'Base' }, { ...empty, name: 'Curd' }] } satisfies Formula };
    const line = { text: '4 large egg yolks', ingredient: 'egg-yolk', grams: 68, trace: '4 × 17 g', confidence: 'sure' as const, prep: [], pinned: false, reason: null, suggestions: [] };
    const row: LedgerRow = { key: 'k', at: { layer: 1, line: 2 }, ingredient: 'egg-yolk', name: 'Egg yolk', grams: 68, was: 70, share: 0.12, isNew: false, shares: { set: 0.6, fat: 0.23, protein: 0.6, colour: 0.9 }, jobs: { set: 0.71, sweet: 0, fat: 0.23, acid: 0, air: 0, protein: 0.6, firm: 0, water: 0, brown: 0, colour: 0.9 }, setBy: { egg: 0.61, fat: 0.1 }, line };

    it('pins, tells why, and is taken out', () => {
        const onLine = vi.fn();
        render(<MemoryRouter><LedgerLine {...around} row={row} candidates={{}} onLine={onLine} /></MemoryRouter>);
        fireEvent.click(screen.getByRole('button', { name: 'Pin Egg yolk' }));
        expect(onLine).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, { pinned: true });
        fireEvent.click(screen.getByRole('button', { name: /Egg yolk was 70 g/ }));
        const why = within(screen.getByRole('dialog'));
        expect(why.getByText('4 × 17 g')).toBeTruthy();
        expect(why.getByText(/12 % of its layer/)).toBeTruthy();
        expect(why.getByText(/60 % of the set \(by egg, fat\), 23 % of the fat, 60 % of the protein, 90 % of the colour/)).toBeTruthy();
        fireEvent.click(why.getByRole('button', { name: 'Take this line out' }));
        expect(onLine).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, null);
    });

    it('is moved by Alt and an arrow, and read anew from other words', () => {
        const onMove = vi.fn();
        const onLine = vi.fn();
        const full = { ...around.formula, layers: around.formula.layers.map((layer, n) => (n === 1 ? { ...layer, lines: [line, line, line] } : layer)) };
        render(<MemoryRouter><LedgerLine {...around} formula={full} onMove={onMove} row={row} candidates={{}} onLine={onLine} /></MemoryRouter>);
        fireEvent.keyDown(screen.getByRole('textbox'), { key: 'ArrowUp', altKey: true });
        expect(onMove).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, { layer: 1, line: 1 });
        fireEvent.keyDown(screen.getByRole('textbox'), { key: 'ArrowDown', altKey: true });
        expect(onMove).toHaveBeenCalledTimes(1);
        expect(onLine).not.toHaveBeenCalled();
        fireEvent.click(screen.getByRole('button', { name: /Egg yolk was 70 g/ }));
        fireEvent.click(screen.getByRole('button', { name: 'Write it anew' }));
        fireEvent.change(screen.getByLabelText('The line, in any kitchen’s words'), { target: { value: '2 whole eggs' } });
        fireEvent.click(screen.getByRole('button', { name: 'Read it' }));
        expect(onLine).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, expect.objectContaining({ text: '2 whole eggs', ingredient: null, grams: null }));
    });

    it('that has left keeps its ribbon and cannot be weighed', () => {
        render(<LedgerLine {...around} row={{ ...row, at: null }} candidates={{}} onLine={vi.fn()} />);
        expect(screen.queryByRole('textbox')).toBeNull();
        expect(screen.getByText(/held 60 %, protein 60 %, rich 23 %/)).toBeTruthy();
        expect(screen.getByText('out')).toBeTruthy();
    });

    it('that is not understood offers what may be meant', () => {
        const onLine = vi.fn();
        render(<LedgerLine {...around} row={{ ...row, ingredient: null, name: '30 g passion nectar', jobs: null, line: { ...line, text: '30 g passion nectar', ingredient: null, reason: 'No ingredient answers.', suggestions: ['passion-fruit-juice'] } }} candidates={{ 'passion-fruit-juice': { name: 'Passion-fruit juice', called: 'passion-fruit juice', glance: 'water 86, sugars 11 g' } }} onLine={onLine} />);
        fireEvent.click(screen.getByRole('button', { name: /passion nectar/ }));
        fireEvent.click(screen.getByRole('button', { name: /^Passion-fruit juice/ }));
        expect(onLine).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, expect.objectContaining({ text: '30 g passion nectar → passion-fruit juice', ingredient: null, grams: null }));
    });

    it('without an amount asks for one, and makes none up', () => {
        const onLine = vi.fn();
        render(<LedgerLine {...around} row={{ ...row, ingredient: null, name: 'salt', jobs: null, line: { ...line, text: 'salt', ingredient: null, reason: 'No amount was given; write one.', suggestions: ['salt'] } }} candidates={{ salt: { name: 'Salt', called: 'salt', glance: 'next to nothing' } }} onLine={onLine} />);
        fireEvent.click(screen.getByRole('button', { name: /^salt/ }));
        const choice = screen.getByRole<HTMLButtonElement>('button', { name: /^Salt/ });
        expect(choice.disabled).toBe(true);
        fireEvent.change(screen.getByLabelText('How much, g'), { target: { value: '2,5' } });
        fireEvent.click(choice);
        expect(onLine).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, expect.objectContaining({ text: 'salt → 2.5 g salt' }));
    });

    it('that is a guess says at what, and is confirmed with one press', () => {
        const onLine = vi.fn();
        render(<MemoryRouter><LedgerLine {...around} row={{ ...row, line: { ...line, text: '4 moon yolks', confidence: 'guess', doubt: 'read as Egg yolk, which does not account for "moon"' } }} candidates={{ 'egg-yolk': { name: 'Egg yolk', called: 'egg yolk', glance: 'fat 27 g' } }} onLine={onLine} /></MemoryRouter>);
        fireEvent.click(screen.getByRole('button', { name: /^Egg yolk.*a guess/ }));
        expect(screen.getByText(/written “4 moon yolks”: press/)).toBeTruthy();
        expect(screen.getByText(/does not account for "moon"/)).toBeTruthy();
        fireEvent.click(screen.getByRole('button', { name: 'Yes, it is Egg yolk' }));
        expect(onLine).toHaveBeenLastCalledWith({ layer: 1, line: 2 }, { confidence: 'sure', doubt: null });
    });
});

describe('one more line', () => {
    it('is told trimmed, and an empty one is not', () => {
        const typed = vi.fn();
        render(<TypeLine layer="Curd" onTyped={typed} />);
        const input = screen.getByLabelText<HTMLInputElement>('Add a line to Curd');
        fireEvent.submit(input);
        expect(typed).not.toHaveBeenCalled();
        fireEvent.change(input, { target: { value: '  2 tbsp cornflour ' } });
        fireEvent.submit(input);
        expect(typed).toHaveBeenCalledWith('2 tbsp cornflour');
        expect(input.value).toBe('');
    });
});
