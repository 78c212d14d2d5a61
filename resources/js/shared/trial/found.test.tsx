import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { Trial } from '../../api/types';
import { Choice } from './Choice';
import { compareStep } from './compareStep';
import { emptyFound, foundOf, isSaid, noLayer, said } from './foundDraft';

const trial = {
    made_on: '2026-11-20', sweetness: null, sharpness: 'right', remark: '', verdict: 'change', next: 'a yolk more',
    found: { layers: [{ layer_id: 'a', u: 4.1, sd: 0.2, protocol: 'P3', value: 2.5, force_g: 100 }], grain: null, ph: 6.4, brix: null, height_mm: null, weep_g: 0, colour: null, cut: 'clean', keeps: [{ day: 3, words: 'loose' }] },
} as unknown as Trial;

describe('what was found', () => {
    it('is nothing until somebody says something', () => {
        const draft = emptyFound('2026-11-20');
        expect(isSaid(draft)).toBe(false);
        expect(said(draft)).toMatchObject({ made_on: '2026-11-20', layers: [], sweetness: null, ph: null, keeps: [] });
        expect(isSaid({ ...draft, weep_g: '0' })).toBe(true);
        expect(isSaid({ ...draft, layers: { a: { ...noLayer, protocol: 'P1' } } })).toBe(false);
    });
    it('comes back as it was said', () => {
        expect(said(foundOf(trial))).toMatchObject({ layers: [{ layer_id: 'a', protocol: 'P3', value: 2.5, force_g: 100 }], ph: 6.4, weep_g: 0, cut: 'clean', keeps: [{ day: 3, words: 'loose' }], sweetness: null, verdict: 'change' });
    });
    it('sends what is no number as it was typed, so that it is refused with its place', () => {
        expect(said({ ...emptyFound('2026-11-20'), ph: 'sour' }).ph).toBe('sour');
    });
    it('says nothing of what nobody judged', () => {
        expect(compareStep({ set_step: null, predicted: { step_index: 3 } }).words).toBe('');
        expect(compareStep({ set_step: 4, predicted: { step_index: 3 } }).words).toBe('1 step firmer');
    });
    it('is preset nowhere', () => {
        render(<Choice legend="Sweetness" options={[{ value: 'right', word: 'right' }]} value="" onChange={() => undefined} />);
        expect(screen.getByRole('radio', { name: 'right' })).toHaveProperty('checked', false);
    });
});
