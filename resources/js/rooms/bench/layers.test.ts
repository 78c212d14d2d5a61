import { describe, expect, it } from 'vitest';
import type { Formula } from '../../api/types';
import { oneFurther, withLayer, withLayerMoved, withLineMoved, withNewLayer, withoutLayer, withSplit } from './layers';

const formula: Formula = {
    title: 'x', family: 'curd', measures: 'metric', portions: 1, serve_at_c: 5, method: [], measured: [],
    layers: [['a', 'b', 'c'], ['d']].map((names, n) => ({
        id: `L${n}`, name: `Layer ${n}`, treat: 'none', air: null, tin: null, loss: null,
        lines: names.map((text) => ({ id: text, text, ingredient: text, grams: 1, trace: '', confidence: 'sure' as const, prep: [], pinned: false, reason: null, suggestions: [] })),
    })),
};
const lines = (of: Formula) => of.layers.map((layer) => layer.lines.map((line) => line.id).join(''));

describe('layers', () => {
    it('are named, added on top, taken away and moved', () => {
        expect(withLayer(formula, 1, { name: 'Curd' }).layers[1]?.name).toBe('Curd');
        const more = withNewLayer(formula, 'Jelly');
        expect(more.layers.map((layer) => layer.name)).toEqual(['Layer 0', 'Layer 1', 'Jelly']);
        expect(new Set(more.layers.map((layer) => layer.id)).size).toBe(3);
        expect(lines(withoutLayer(formula, 0))).toEqual(['d']);
        expect(lines(withLayerMoved(formula, 0, 1))).toEqual(['d', 'abc']);
        expect(lines(withLayerMoved(formula, 0, 9))).toEqual(['d', 'abc']);
    });

    it('split off some of their lines, never all or none', () => {
        const split = withSplit(formula, 0, [1], 'Middle');
        expect(lines(split)).toEqual(['ac', 'b', 'd']);
        expect(split.layers[1]?.id).not.toBe('L0');
        expect(withSplit(formula, 0, [], 'x')).toBe(formula);
        expect(withSplit(formula, 0, [0, 1, 2], 'x')).toBe(formula);
    });
});

describe('a line', () => {
    it('is put before another place, in its layer or the next', () => {
        expect(lines(withLineMoved(formula, { layer: 0, line: 0 }, { layer: 0, line: 2 }))).toEqual(['bac', 'd']);
        expect(lines(withLineMoved(formula, { layer: 0, line: 2 }, { layer: 0, line: 0 }))).toEqual(['cab', 'd']);
        expect(lines(withLineMoved(formula, { layer: 0, line: 1 }, { layer: 1, line: 0 }))).toEqual(['ac', 'bd']);
        expect(lines(withLineMoved(formula, { layer: 1, line: 0 }, { layer: 0, line: 3 }))).toEqual(['abcd', '']);
        expect(withLineMoved(formula, { layer: 0, line: 7 }, { layer: 1, line: 0 })).toBe(formula);
    });

    it('goes one place on, over the edge, and there and back is where it was', () => {
        expect(oneFurther(formula, { layer: 0, line: 0 }, true)).toBeNull();
        expect(oneFurther(formula, { layer: 1, line: 0 }, false)).toBeNull();
        const down = oneFurther(formula, { layer: 0, line: 2 }, false);
        expect(down).toEqual({ layer: 1, line: 0 });
        const moved = down && withLineMoved(formula, { layer: 0, line: 2 }, down);
        expect(moved && lines(moved)).toEqual(['ab', 'cd']);
        const back = moved && oneFurther(moved, { layer: 1, line: 0 }, true);
        expect(moved && back && lines(withLineMoved(moved, { layer: 1, line: 0 }, back))).toEqual(['abc', 'd']);
        const one = oneFurther(formula, { layer: 0, line: 0 }, false);
        expect(one && lines(withLineMoved(formula, { layer: 0, line: 0 }, one))).toEqual(['bac', 'd']);
    });
});
