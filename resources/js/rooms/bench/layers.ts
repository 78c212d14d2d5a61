import type { Formula, FormulaLayer, FormulaLine } from '../../api/types';
import { newId } from '../../shared/ids';

export interface LineAt {
    layer: number;
    line: number;
}

/** The formula with something of a layer changed: its name, what is done to it, its tin, its loss. */
export function withLayer(formula: Formula, index: number, change: Partial<FormulaLayer>): Formula {
    return { ...formula, layers: formula.layers.map((layer, n) => (n === index ? { ...layer, ...change } : layer)) };
}

/** A new layer on top. */
export function withNewLayer(formula: Formula, name: string): Formula {
    return { ...formula, layers: [...formula.layers, { id: newId(), name, treat: 'none', air: null, tin: null, loss: null, lines: [] }] };
}

export function withoutLayer(formula: Formula, index: number): Formula {
    return { ...formula, layers: formula.layers.filter((_, n) => n !== index) };
}

/** A layer one place up or down the section. */
export function withLayerMoved(formula: Formula, index: number, to: number): Formula {
    const layers = [...formula.layers];
    const [moved] = layers.splice(index, 1);
    if (moved) layers.splice(Math.max(0, Math.min(to, layers.length)), 0, moved);
    return { ...formula, layers };
}

/** Some of a layer's lines in a layer of their own above it, treated as it is; as it was where all or none are chosen. */
export function withSplit(formula: Formula, index: number, chosen: readonly number[], name: string): Formula {
    const layer = formula.layers[index];
    const takes = layer?.lines.filter((_, n) => chosen.includes(n)) ?? [];
    if (!layer || takes.length === 0 || takes.length === layer.lines.length) return formula;
    const rest = { ...layer, lines: layer.lines.filter((_, n) => !chosen.includes(n)) };
    return { ...formula, layers: [...formula.layers.slice(0, index), rest, { ...layer, id: newId(), name, loss: null, lines: takes }, ...formula.layers.slice(index + 1)] };
}

/** A line taken from where it stands and put before another place. */
export function withLineMoved(formula: Formula, from: LineAt, to: LineAt): Formula {
    const line: FormulaLine | undefined = formula.layers[from.layer]?.lines[from.line];
    if (!line || !formula.layers[to.layer]) return formula;
    const at = from.layer === to.layer && to.line > from.line ? to.line - 1 : to.line;
    return {
        ...formula,
        layers: formula.layers.map((layer, n) => {
            const lines = n === from.layer ? layer.lines.filter((_, k) => k !== from.line) : layer.lines;
            return n === to.layer ? { ...layer, lines: [...lines.slice(0, at), line, ...lines.slice(at)] } : { ...layer, lines };
        }),
    };
}

/** One place up or down, over the edge of a layer into the next; null where there is none. */
export function oneFurther(formula: Formula, from: LineAt, up: boolean): LineAt | null {
    const lines = formula.layers[from.layer]?.lines.length ?? 0;
    if (up) {
        if (from.line > 0) return { layer: from.layer, line: from.line - 1 };
        return from.layer > 0 ? { layer: from.layer - 1, line: formula.layers[from.layer - 1]?.lines.length ?? 0 } : null;
    }
    if (from.line < lines - 1) return { layer: from.layer, line: from.line + 2 };
    return from.layer < formula.layers.length - 1 ? { layer: from.layer + 1, line: 0 } : null;
}
