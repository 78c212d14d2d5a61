import { afterEach, describe, expect, it } from 'vitest';
import { neighbour, walk } from './roving';

function grid(): HTMLElement {
    document.body.innerHTML = `<div id="grid">
        <div data-row><button data-cell="pin" id="p1"></button><input data-cell="grams" id="g1" value="12"><button data-cell="name" id="n1"></button></div>
        <div data-row="gone"><button data-cell="name" id="n2"></button></div>
        <div data-row><button data-cell="pin" id="p3"></button><input data-cell="grams" id="g3" value="34"><button data-cell="name" id="n3"></button></div>
        <div data-row></div>
    </div>`;
    return document.getElementById('grid') ?? document.body;
}

const at = (id: string) => document.getElementById(id) ?? document.body;

afterEach(() => (document.body.innerHTML = ''));

describe('walking the ledger', () => {
    it('goes across a row and stops at its ends', () => {
        const of = grid();
        expect(neighbour(of, at('p1'), 'ArrowRight')?.id).toBe('g1');
        expect(neighbour(of, at('n1'), 'ArrowRight')).toBeNull();
        expect(neighbour(of, at('p1'), 'ArrowLeft')).toBeNull();
        expect(neighbour(of, at('g1'), 'End')?.id).toBe('n1');
        expect(neighbour(of, at('g1'), 'Home')?.id).toBe('p1');
    });

    it('keeps to its column where a row has it, and stops at the edges', () => {
        const of = grid();
        expect(neighbour(of, at('n1'), 'ArrowDown')?.id).toBe('n2');
        expect(neighbour(of, at('g1'), 'ArrowDown')?.id).toBe('n2');
        expect(neighbour(of, at('n2'), 'ArrowDown')?.id).toBe('n3');
        expect(neighbour(of, at('g3'), 'ArrowDown')).toBeNull();
        expect(neighbour(of, at('p1'), 'ArrowUp')).toBeNull();
        expect(neighbour(of, at('g1'), 'Enter')).toBeNull();
    });

    it('leaves a figure that is typed in alone, and what is no cell', () => {
        const of = grid();
        expect(walk(of, { key: 'ArrowRight', target: at('p1') })).toBe(true);
        expect(document.activeElement?.id).toBe('g1');
        at('g1').setAttribute('data-typing', 'true');
        expect(walk(of, { key: 'ArrowRight', target: at('g1') })).toBe(false);
        expect(walk(of, { key: 'ArrowRight', target: of })).toBe(false);
        expect(document.activeElement?.id).toBe('g1');
    });
});
