import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Problem } from '../../api/client';
import type { Card } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { TrialRow } from '../../shared/trial/TrialRow';
import { PullList } from './PullList';
import { RecipeCard } from './RecipeCard';

afterEach(cleanup);

const card: Card = {
    is_own_words: false, quarrels: [], kitchen: { may_carry: [], words: 'Made where nuts are handled, with nothing shared' },
    title: 'Curd tartlet', version: 'Vegan 1', version_id: 2, revision: 3, portions: 12, portion_g: 68.2, serve_at_c: 6, tins: ['12 x round 70 x 20 mm'],
    brief: { diets: ['vegan'], net_carbs_g: null, protein_g: null, kcal: null },
    ingredients: [{ layer: 'Curd', treat: 'boiled 2 min, stirred', lines: [{ grams: 0.96, name: 'Agar powder', note: 'boiled', made_of: [] }, { grams: 163.5, name: 'Passion-fruit juice', note: '', made_of: [{ grams: 10, name: 'Pulp' }] }] }],
    open: [], final: true, steps: ['Boil it.'], own_method: [], pull: [{ place: 'Dry store', lines: [{ ingredient: 'sugar', name: 'Sugar', grams: 65, for: [{ what: 'Curd', grams: 20 }, { what: 'House praline', grams: 45 }] }] }], preparations: [{ name: 'House praline', grams: 60, steps: ['Caramelise it.'], keeps_days: 60 }], facts: [{ name: 'Energy', unit: 'kJ', portion: '1087', per_100g: '1600' }], contains: ['gluten'], may_contain: ['nuts'],
    diets: [{ diet: 'vegan', standing: 'unproven', why: ['Plant butter: is it free of milk protein?'] }, { diet: 'keto', standing: 'not met', why: ['Sugar'] }],
    cautions: ['Keep at 5 °C or below.'],
    schools_at_work: [{ question: 'juice', words: 'Juice', choice: 'bottled or frozen is fine', acts: 'method: how the juice is named' }, { question: 'market', words: 'Sold in', choice: 'EU', acts: 'routes: which sweeteners may be used' }],
};

describe('the card', () => {
    it('says which choice of school acts on the method, and no other', () => {
        render(<RecipeCard card={card} />);
        expect(screen.getByTitle(/Schools/).textContent).toBe('By your school: juice, bottled or frozen is fine');
    });
    it('holds grams as a scale shows them, method, facts, allergens and cautions', () => {
        render(<RecipeCard card={card} />);
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
        const { container } = render(<RecipeCard card={{ ...card, final: false, open: ['What is “moonlit sugar”? It is read as a guess.'], contains: [] }} />);
        expect(screen.getByRole('alert').textContent).toContain('Not final');
        expect(screen.getByRole('alert').textContent).toContain('moonlit sugar');
        expect(container.textContent).not.toContain('Contains:');
        expect(container.textContent).toContain('Unknown until every line is answered.');
    });
    it('fetches each ingredient once and says for what', () => {
        render(<PullList card={card} />);
        expect(screen.getByText('65 g')).toBeTruthy();
        expect(screen.getByText('Curd 20 g, House praline 45 g')).toBeTruthy();
        expect(screen.getByText(/goes into House praline is counted here/)).toBeTruthy();
    });
    it('speaks of the diets that were asked for, never of unproven as met', () => {
        const { container } = render(<RecipeCard card={card} />);
        expect(container.textContent).toContain('Vegan: unproven. Plant butter: is it free of milk protein?');
        expect(container.textContent).not.toContain('Keto');
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
