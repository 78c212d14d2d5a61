import type { Formula, FormulaLine, Job, Side, Warning } from '../../api/types';
import { newId } from '../../shared/ids';
import { sharesOf } from './shares';

/** Pin, grams, name. */
export const COLUMNS = '24px 84px minmax(110px, 1fr)';

export interface LedgerRow {
    key: string;
    /** Where the line stands in the version; null for one that has left. */
    at: { layer: number; line: number } | null;
    ingredient: string | null;
    name: string;
    grams: number;
    /** Grams in the original, where it stood there with another mass. */
    was: number | null;
    /** Its part of its layer by mass, 0…1. */
    share: number;
    isNew: boolean;
    jobs: Record<Job, number> | null;
    /** Its part of each job of its layer, so that those of all lines add up to 1. */
    shares: Partial<Record<Job, number>>;
    setBy: Record<string, number>;
    line: FormulaLine;
}

export interface LedgerLayer {
    name: string;
    index: number;
    rows: LedgerRow[];
}

/** The version's lines, and among them, struck through, what the original held and the version does not: the debt to be paid. */
export function ledger(now: Side, original: Side | null): LedgerLayer[] {
    return now.formula.layers.map((layer, index) => {
        const reading = now.reading.layers[index];
        const before = original?.formula.layers.findIndex((l) => l.id === layer.id) ?? -1;
        const oldLayer = before >= 0 ? original?.formula.layers[before] : undefined;
        const oldReading = before >= 0 ? original?.reading.layers[before] : undefined;
        const mass = layer.lines.reduce((sum, line) => sum + (line.grams ?? 0), 0);
        const oldMass = oldLayer?.lines.reduce((sum, line) => sum + (line.grams ?? 0), 0) ?? 0;
        const does = partsOf(reading?.lines ?? []);
        const did = partsOf(oldReading?.lines ?? []);
        const rows = layer.lines.map((line, n): LedgerRow => {
            const old = oldLayer?.lines.find((l) => l.id === line.id && l.ingredient === line.ingredient) ?? oldLayer?.lines.find((l) => l.ingredient !== null && l.ingredient === line.ingredient);
            const was = old?.grams ?? null;
            return {
                key: line.id ?? `${index}-${n}-${line.ingredient ?? line.text}`,
                at: { layer: index, line: n },
                ingredient: line.ingredient,
                name: line.ingredient ? (now.names[line.ingredient] ?? line.ingredient) : line.text,
                grams: line.grams ?? 0,
                was: was !== null && Math.abs(was - (line.grams ?? 0)) > 0.05 ? was : null,
                isNew: oldLayer !== undefined && old === undefined,
                jobs: reading?.lines[n]?.jobs ?? null,
                share: mass > 0 ? (line.grams ?? 0) / mass : 0,
                shares: does[n] ?? {},
                setBy: reading?.lines[n]?.set_by ?? {},
                line,
            };
        });
        const gone = (oldLayer?.lines ?? []).flatMap((line, n): LedgerRow[] =>
            line.ingredient === null || layer.lines.some((l) => l.ingredient === line.ingredient)
                ? []
                : [
                      {
                          key: `gone-${line.id ?? `${index}-${n}`}`,
                          at: null,
                          ingredient: line.ingredient,
                          name: original?.names[line.ingredient] ?? line.ingredient,
                          grams: line.grams ?? 0,
                          was: null,
                          isNew: false,
                          jobs: oldReading?.lines[n]?.jobs ?? null,
                          share: oldMass > 0 ? (line.grams ?? 0) / oldMass : 0,
                          shares: did[n] ?? {},
                          setBy: oldReading?.lines[n]?.set_by ?? {},
                          line,
                      },
                  ],
        );
        return { name: layer.name, index, rows: [...gone, ...rows] };
    });
}

/** Each line's part of each job it does. */
function partsOf(lines: readonly { jobs: Record<Job, number> | null }[]): Partial<Record<Job, number>>[] {
    const jobs = [...new Set(lines.flatMap((line) => Object.keys(line.jobs ?? {}) as Job[]))].map((job) => ({ job, shares: sharesOf(lines, job).shares }));
    return lines.map((_, n) => Object.fromEntries(jobs.filter(({ shares }) => (shares[n] ?? 0) > 0).map(({ job, shares }) => [job, shares[n]])));
}

/** The formula with one line changed. */
export function withLine(formula: Formula, at: { layer: number; line: number }, change: Partial<FormulaLine> | null): Formula {
    return {
        ...formula,
        layers: formula.layers.map((layer, l) =>
            l !== at.layer
                ? layer
                : { ...layer, lines: layer.lines.flatMap((line, n) => (n !== at.line ? [line] : change === null ? [] : [{ ...line, ...change }])) },
        ),
    };
}

/** The formula with a typed line at the end of a layer; the server reads it. */
export function withTyped(formula: Formula, layer: number, text: string): Formula {
    const line: FormulaLine = { id: newId(), text, ingredient: null, grams: null, trace: '', confidence: 'guess', prep: [], pinned: false, reason: null, suggestions: [] };
    return { ...formula, layers: formula.layers.map((l, n) => (n === layer ? { ...l, lines: [...l.lines, line] } : l)) };
}

/** The formula with a layer's lines in one: what the kitchen makes of them before. */
export function withPreparation(formula: Formula, layer: number, ingredient: string, name: string, mass: number): Formula {
    const line: FormulaLine = { id: newId(), text: name, ingredient, grams: mass, trace: `${mass} g of ${name}, made before`, confidence: 'sure', prep: [], pinned: false, reason: null, suggestions: [] };
    return { ...formula, layers: formula.layers.map((l, n) => (n === layer ? { ...l, treat: 'none', loss: null, lines: [line] } : l)) };
}

/** The formula with what pays a job put in: on the line it stands on already, or on one of its own. */
export function withPaid(formula: Formula, layer: number, of: { ingredient: string; grams: number; prep: string[]; name: string }, job: string): Formula {
    return {
        ...formula,
        layers: formula.layers.map((one, n) => {
            if (n !== layer) return one;
            const at = one.lines.findIndex((line) => line.ingredient === of.ingredient);
            if (at >= 0) return { ...one, lines: one.lines.map((line, l) => (l === at ? { ...line, grams: Math.round(((line.grams ?? 0) + of.grams) * 100) / 100 } : line)) };
            const line: FormulaLine = { id: newId(), text: of.name, ingredient: of.ingredient, grams: of.grams, trace: `put in to pay for the ${job}`, confidence: 'sure', prep: of.prep, pinned: false, reason: null, suggestions: [] };
            return { ...one, lines: [...one.lines, line] };
        }),
    };
}

/** The formula with a warning's own cure applied; as it was where the warning knows none. */
export function cured(formula: Formula, { cure, layer: at }: Pick<Warning, 'cure' | 'layer'>): Formula {
    if (cure?.action === 'scale') {
        const scaled = (line: FormulaLine): FormulaLine => ({ ...line, grams: line.grams === null ? null : Math.round(line.grams * (cure.grams ?? 1) * 100) / 100 });
        return { ...formula, layers: formula.layers.map((layer) => ({ ...layer, lines: layer.lines.map(scaled) })) };
    }
    if (!cure || at === null) return formula;
    return { ...formula, layers: formula.layers.map((layer, n) => (n === at ? curedLayer(layer, cure) : layer)) };
}

function curedLayer(layer: Formula['layers'][number], cure: NonNullable<Warning['cure']>): Formula['layers'][number] {
    const mend = (change: (line: FormulaLine) => Partial<FormulaLine>) => ({ ...layer, lines: layer.lines.map((line) => (line.ingredient === cure.ingredient ? { ...line, ...change(line) } : line)) });
    switch (cure.action) {
        case 'boil-layer':
        case 'cook':
        case 'treat':
            return { ...layer, treat: cure.for ?? layer.treat };
        case 'tin':
            return { ...layer, tin: cure.for ?? layer.tin };
        case 'weigh':
            return mend(() => ({ grams: cure.grams ?? 0 }));
        case 'swap':
            // A share of the mass where the other is stronger or weaker; its words go, for it is another thing.
            return mend((line) => ({ ingredient: cure.for ?? line.ingredient, grams: Math.round((line.grams ?? 0) * (cure.grams ?? 1) * 100) / 100, text: '', trace: 'put in by a cure' }));
        case 'add':
            return { ...layer, lines: [...layer.lines, { id: newId(), text: '', ingredient: cure.ingredient, grams: cure.grams ?? 0, trace: 'put in by a cure', confidence: 'sure', prep: cure.prep ?? [], pinned: false, reason: null, suggestions: [] }] };
        default: {
            const prep = cure.action === 'heat' ? 'heated' : 'boiled';
            return mend((line) => ({ prep: [...new Set([...line.prep, prep])] }));
        }
    }
}

/** What the kitchen measured of a fruit, on the dish; neither value takes the entry away. */
export function withMeasured(formula: Formula, ingredient: string, brix: number | null, acid: number | null): Formula {
    const others = (formula.measured ?? []).filter((one) => one.ingredient !== ingredient);
    return { ...formula, measured: brix === null && acid === null ? others : [...others, { ingredient, brix, acid }] };
}

/** One nudge of the arrow keys: a hundredth of the mass, at least what a scale shows. */
export function nudged(grams: number, up: boolean): number {
    const step = grams >= 100 ? 1 : grams >= 10 ? 0.5 : grams >= 1 ? 0.1 : 0.01;
    return Math.max(0, Math.round((grams + (up ? step : -step)) * 100) / 100);
}
