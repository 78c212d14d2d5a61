import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { TrialRow } from '../../shared/trial/TrialRow';
import { BatchCard } from './BatchCard';
import { card } from './card.fixture';
import { footed } from '../../shared/sheets';
import { paperOf } from './papers';
import { PullList } from './PullList';
import { RecipeCard } from './RecipeCard';

afterEach(cleanup);

describe('the card', () => {
    it('says which choice of school acts on the method, and no other', () => {
        render(<RecipeCard card={card} size="a4" us={false} />);
        expect(screen.getByTitle(/Schools/).textContent).toBe('By your school: juice, bottled or frozen is fine');
    });
    it('holds grams as a scale shows them, method, facts, allergens and cautions', () => {
        render(<RecipeCard card={card} size="a4" us={false} />);
        expect(screen.getByText('0.96 g')).toBeTruthy();
        expect(screen.getByText('163.5 g')).toBeTruthy();
        expect(screen.getByText('boiled 2 min, stirred')).toBeTruthy();
        expect(screen.getByText('of 10 g Pulp')).toBeTruthy();
        expect(screen.getByText('House praline, 60 g, made before')).toBeTruthy();
        expect(screen.getByRole('row', { name: /Energy, kJ 1087 1600/ })).toBeTruthy();
        expect(screen.getByText('Contains: gluten.')).toBeTruthy();
        expect(screen.getByText('Keep at 5 °C or below.')).toBeTruthy();
    });
    it('says it is not final while a line is not answered, and states no allergen as all there is', () => {
        const { container } = render(<RecipeCard card={{ ...card, final: false, open: ['What is “moonlit sugar”? It is read as a guess.'], contains: [] }} size="a4" us={false} />);
        expect(screen.getByRole('alert').textContent).toContain('Not final');
        expect(screen.getByRole('alert').textContent).toContain('moonlit sugar');
        expect(container.textContent).not.toContain('Contains:');
        expect(container.textContent).toContain('Unknown until every line is answered.');
    });
    it('fetches each ingredient once and says for what', () => {
        render(<PullList card={card} size="a4" />);
        expect(screen.getByText('65 g')).toBeTruthy();
        expect(screen.getByText('Curd 20 g, House praline 45 g')).toBeTruthy();
        expect(screen.getByText(/goes into House praline is counted here/)).toBeTruthy();
    });
    it('speaks of the diets that were asked for, never of unproven as met', () => {
        const { container } = render(<RecipeCard card={card} size="a4" us={false} />);
        expect(container.textContent).toContain('Vegan: unproven. Plant butter: is it free of milk protein?');
        expect(container.textContent).not.toContain('Keto');
    });
});

describe('the papers', () => {
    it('stand under their address, the card where it is none', () => {
        expect([paperOf('batch'), paperOf(undefined), paperOf('moon')]).toEqual(['batch', 'card', 'card']);
    });
    it('say at the foot what they are, whatever a dish is called', () => {
        expect(footed('Curd "2" \\ 50 %\n')).toBe('"Curd ”2”  50 %"');
        const { container } = render(<RecipeCard card={{ ...card, final: false, open: ['What is it?'] }} size="letter" us={false} />);
        const style = container.querySelector('style')?.textContent ?? '';
        expect(style).toContain('size: letter');
        expect(style).toContain('Curd tartlet, Vegan 1, revision 3 of 20 November 2026');
        expect(style).toContain('NOT FINAL');
    });
    it('hold US measures beside the grams where they are asked for', () => {
        const { rerender } = render(<RecipeCard card={card} size="a4" us={false} />);
        expect(screen.queryByText('5¾ oz · ⅔ cup')).toBeNull();
        rerender(<RecipeCard card={card} size="a4" us />);
        expect(screen.getByText('5¾ oz · ⅔ cup')).toBeTruthy();
    });
    it('carry the formula in a code where it fits', () => {
        const { container, rerender } = render(<RecipeCard card={card} size="a4" us={false} />);
        expect(container.querySelector('svg')).toBeNull();
        rerender(<RecipeCard card={{ ...card, qr: 'title: Curd tartlet' }} size="a4" us={false} />);
        expect(screen.getByTitle('The formula as text')).toBeTruthy();
    });
    it('weigh a batch for as many portions as are made, and keep what cannot be meant', () => {
        vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify({ steps: [], critical: [{ layer: 'Curd', what: 'core', celsius: null, low: 71, high: null }], stops: [], told: [] }))));
        render(<QueryClientProvider client={new QueryClient()}><BatchCard card={card} size="a4" us={false} /></QueryClientProvider>);
        expect(screen.getByRole('row', { name: /Passion-fruit juice 163.5/ })).toBeTruthy();
        fireEvent.change(screen.getByLabelText('Portions of this batch'), { target: { value: '24' } });
        expect(screen.getByRole('row', { name: /Passion-fruit juice 327/ })).toBeTruthy();
        expect(screen.getByText('24 portions of 68 g')).toBeTruthy();
        fireEvent.change(screen.getByLabelText('Portions of this batch'), { target: { value: 'lots' } });
        expect(screen.getByText('A whole number from 1 to 2000')).toBeTruthy();
        expect(screen.getByRole('row', { name: /Passion-fruit juice 163.5/ })).toBeTruthy();
        vi.unstubAllGlobals();
    });
});

describe('a trial', () => {
    it('stands beside what was foretold', () => {
        render(<TrialRow title="Curd tartlet, Vegan 1" trial={{ id: 1, edition: 1, run_id: null, who: 'Ilka', verdict: 'change', next: '', corrections: [], photos: [], found: { layers: [], grain: null, ph: 3.2, brix: null, height_mm: null, weep_g: 0, colour: null, cut: null, keeps: [{ day: 2, words: 'looser' }] }, version_id: 2, revision: 3, made_on: '2026-11-18', set_step: 2, set_word: 'spoonable', sweetness: 'right', sharpness: 'too much', lots: [], remark: 'Soft.', predicted: { layer: 'Curd', ge: 0.93, step_index: 3, step: 'holds or pipes', se: 29.1, ph: null, layers: [] } }} />);
        expect(screen.getByText(/holds or pipes/)).toBeTruthy();
        expect(screen.getByText('1 step softer')).toBeTruthy();
        expect(screen.getByText('18 November 2026, Ilka')).toBeTruthy();
        // What was looked at is told, nothing among it too; what was not looked at is not.
        expect(screen.getByText('pH 3.2 · wept 0 g of 100 g in a day · day 2: looser')).toBeTruthy();
        expect(screen.getByText('no pH')).toBeTruthy();
    });
});

describe('a fault', () => {
    it('names the place and the mend', () => {
        render(<ProblemNote error={new Problem(422, { detail: 'That cannot be right.', field: 'line 3', mend: 'Write it like so.' })} />);
        expect(screen.getByRole('alert').textContent).toBe('That cannot be right. (line 3)Write it like so.');
    });
    it('says a place and a mend once, where the sentence has them', () => {
        render(<ProblemNote error={new Problem(422, { detail: 'line 2, price: "cheap" cannot be right; give a price with at most two decimals.', field: 'line 2, price', mend: 'Give a price with at most two decimals.' })} />);
        expect(screen.getByRole('alert').textContent).toBe('line 2, price: "cheap" cannot be right; give a price with at most two decimals.');
    });
    it('is told plainly when nobody answered', () => {
        render(<ProblemNote error={new TypeError('x')} />);
        expect(screen.getByRole('alert').textContent).toContain('nothing typed is lost');
        expect(new Problem(0, {}).isPassing).toBe(true);
        expect(new Problem(499, {}).isPassing).toBe(false);
        expect(new Problem(500, {}).isPassing).toBe(true);
    });
});
