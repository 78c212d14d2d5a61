import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { As } from './as';
import { Only, useMay } from './Only';

afterEach(cleanup);

function Said() {
    const may = useMay();
    return <p>{(['read', 'record', 'develop', 'govern'] as const).filter(may).join(' ')}</p>;
}

describe('controls of those who may', () => {
    it.each([['owner', true, true], ['cook', true, false], ['reader', false, false]] as const)('%s: records %s, develops %s', (role, records, develops) => {
        const press = vi.fn();
        render(
            <As role={role}>
                <Only to="record"><button onClick={press}>note</button></Only>
                <Only to="develop"><input aria-label="grams" /></Only>
            </As>,
        );
        screen.getByRole('button', { name: 'note' }).click();
        expect(press).toHaveBeenCalledTimes(records ? 1 : 0);
        expect(screen.getByRole('textbox', { name: 'grams' }).matches(':disabled')).toBe(!develops);
    });
    it('say why they are grey', () => {
        render(<As role="cook"><Only to="develop"><button>take</button></Only></As>);
        expect(screen.getByTitle('As cook you may not change dishes or ingredients. Ask an owner of the studio.').contains(screen.getByRole('button'))).toBe(true);
    });
    it('are told by what the server says of whoever looks', () => {
        const { container } = render(<As role="cook"><Said /></As>);
        expect(container.textContent).toBe('read record');
    });
});
