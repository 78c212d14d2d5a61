import { render, screen, within } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Making, MakingStep } from '../../api/types';
import { As } from '../../shared/as';
import { card } from './card.fixture';
import { MakingSteps } from './MakingSteps';

const step = (part: Partial<MakingStep>): MakingStep => ({
    id: 'a1', layer: 'Curd', kind: 'cook', text: 'Curd: heat 164 g juice, stirring, to 82 °C.', lines: [{ ingredient: 'lemon-juice', grams: 164 }], target_c: 82, endpoint: 'coats the spoon', hands_on_min: 6.4,
    wait_min: { least: 0, best: 0, most: 0 }, station: 'hob', tools: [], after: [], hold_max_min: 30, reason: 'it thickens from 76 and curdles at 89 °C', goes_wrong: 'flecks', rescue: 'strain it', operation: 'cook_to', origin: 'drafted', sentence: null, inputs: [], product_g: 164, oven: [], between: '', ways: [], loss_g: 0, loses: '', ...part,
});

function shown(making: Making) {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify(making))));
    render(<As><MakingSteps card={card} size="a4" /></As>);
    return screen.findByRole('list', { name: 'Steps of Curd' });
}

describe('the making', () => {
    afterEach(() => {
        vi.unstubAllGlobals();
        document.body.innerHTML = '';
    });
    it('says what is done, until what is seen, why, how long and how it is saved', async () => {
        const list = await shown({ steps: [step({}), step({ id: 'a2', kind: 'chill', text: 'Curd: film on its face.', hands_on_min: 0.5, wait_min: { least: 112, best: 312, most: 4320 }, target_c: 5, hold_max_min: null, reason: '', is_new: true })], critical: [{ layer: 'Curd', what: 'curdles', celsius: 88.6, low: null, high: null }], stops: [], told: [], sentences: [], raw: [], kinds: [], heat: [] });
        const [cook, chill] = within(list).getAllByRole('listitem');
        expect(cook?.textContent).toContain('heat 164 g juice, stirring, to 82 °C.Done when: coats the spoon. Why: it thickens from 76 and curdles at 89 °C. If flecks: strain it.');
        expect(cook?.textContent).toContain('6 min at the hob');
        expect(cook?.textContent).toContain('may wait 30 min');
        expect(cook?.textContent).not.toContain('not so in the original');
        expect(chill?.textContent).toContain('then 5 h (2 h at least)');
        expect(chill?.textContent).toContain('not so in the original');
        expect(chill?.textContent).not.toContain('at the fridge');
        expect(screen.getByText(/curdles: 89 °C/)).toBeTruthy();
    });
    it('says before the first step what must not be made as it stands', async () => {
        const list = await shown({ steps: [step({})], critical: [], stops: [{ layer: 'Curd', text: 'Curd: the egg yolk stays raw.' }, { layer: 'Crust', text: 'Crust: elsewhere' }], told: [], sentences: [], raw: [], kinds: [], heat: [] });
        const alert = screen.getByRole('alert');
        expect(alert.textContent).toBe('Not as it stands: the egg yolk stays raw.');
        expect(alert.compareDocumentPosition(list) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
    });
});
