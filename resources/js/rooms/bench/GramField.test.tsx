import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { GramField } from './GramField';

afterEach(cleanup);

function field(value = 100) {
    const onChange = vi.fn();
    render(<GramField label="Grams of sugar" value={value} onChange={onChange} />);
    return { input: screen.getByLabelText<HTMLInputElement>('Grams of sugar'), onChange };
}

describe('a gram figure', () => {
    it.each(['Enter', 'blur'])('is told once, when it is whole: on %s, with comma or point', (how) => {
        const { input, onChange } = field();
        for (const value of ['1', '12', '12,', '12,5']) fireEvent.change(input, { target: { value } });
        expect(onChange).not.toHaveBeenCalled();
        if (how === 'Enter') fireEvent.keyDown(input, { key: 'Enter' });
        else fireEvent.blur(input);
        expect(onChange).toHaveBeenCalledTimes(1);
        expect(onChange).toHaveBeenCalledWith(12.5);
    });

    it('is told nothing where it is left as it was', () => {
        const { input, onChange } = field();
        fireEvent.change(input, { target: { value: '1' } });
        fireEvent.change(input, { target: { value: '100' } });
        fireEvent.blur(input);
        expect(onChange).not.toHaveBeenCalled();
    });

    it.each(['-1', 'lots', '', '100001'])('marks “%s”, keeps it typed and tells nobody', (typed) => {
        const { input, onChange } = field();
        fireEvent.change(input, { target: { value: typed } });
        expect(onChange).not.toHaveBeenCalled();
        expect(input.getAttribute('aria-invalid')).toBe('true');
        fireEvent.blur(input);
        expect(input.value).toBe(typed);
    });

    it('says why beside it, and Enter does not make it vanish', () => {
        const { input } = field();
        fireEvent.change(input, { target: { value: 'abc' } });
        expect(screen.getByRole('alert').textContent).toBe('A number from 0 to 100000');
        fireEvent.keyDown(input, { key: 'Enter' });
        expect(input.value).toBe('abc');
    });

    it('asks back what can hardly be meant, on both sides of the leap', () => {
        const { input, onChange } = field();
        fireEvent.change(input, { target: { value: '9999' } });
        fireEvent.blur(input);
        expect(onChange).toHaveBeenLastCalledWith(9999);
        fireEvent.change(input, { target: { value: '99999' } });
        expect(onChange).toHaveBeenLastCalledWith(9999);
        expect(screen.getByRole('alert').textContent).toBe('99999 g? Enter if it is');
        fireEvent.blur(input);
        expect(input.value).toBe('99999');
        fireEvent.keyDown(input, { key: 'Enter' });
        expect(onChange).toHaveBeenLastCalledWith(99999);
    });

    it('does not take a comma in threes for a decimal or a thousand', () => {
        const { input, onChange } = field();
        fireEvent.change(input, { target: { value: '1,000' } });
        expect(onChange).not.toHaveBeenCalled();
        expect(screen.getByRole('alert').textContent).toBe('1000 or 1.000? Write it without the comma');
    });

    it('of a batch that large already is not asked back', () => {
        const { input, onChange } = field(9000);
        fireEvent.change(input, { target: { value: '20000' } });
        fireEvent.blur(input);
        expect(onChange).toHaveBeenLastCalledWith(20000);
        expect(screen.queryByRole('alert')).toBeNull();
    });

    it('is opened with Enter, then nudged with the arrow keys; before that the arrows are the ledger’s', () => {
        const { input, onChange } = field();
        fireEvent.keyDown(input, { key: 'ArrowUp' });
        expect(onChange).not.toHaveBeenCalled();
        expect(input.hasAttribute('data-typing')).toBe(false);
        fireEvent.keyDown(input, { key: 'Enter' });
        expect(input.hasAttribute('data-typing')).toBe(true);
        fireEvent.keyDown(input, { key: 'ArrowUp' });
        expect(onChange).toHaveBeenLastCalledWith(101);
        fireEvent.keyDown(input, { key: 'ArrowDown' });
        expect(onChange).toHaveBeenLastCalledWith(99);
    });

    it('gives up what was typed on Escape', () => {
        const { input } = field();
        fireEvent.change(input, { target: { value: 'lots' } });
        fireEvent.keyDown(input, { key: 'Escape' });
        expect(input.value).toBe('100');
    });
});
