/**
 * The axis of a plan. Hours in which nobody has anything to do are folded to a narrow strip: a night of setting takes no more room than it asks
 * of anybody, and two minutes of folding can still be seen.
 */
export interface Fold {
    from: number;
    to: number;
    /** Where it stands, px. */
    x: number;
    width: number;
}

export interface Axis {
    width: number;
    x: (minute: number) => number;
    minute: (x: number) => number;
    folds: readonly Fold[];
    /** Minutes that are marked, each inside a stretch of work. */
    marks: readonly number[];
}

/** px of a folded stretch. */
const FOLDED = 54;

/** min of quiet from which it is folded. */
const QUIET = 40;

/** min left open on both sides of what is done. */
const MARGIN = 6;

/** px between two marks, at least. */
const APART = 52;

/** px the hour beside a mark takes, which must not run into what follows. */
const LABEL = 38;

const STEPS = [5, 10, 15, 30, 60, 120, 180, 360];

/**
 * @param busy what somebody or a machine does, min
 * @param room px there are; more is taken where a minute would be under `least` px
 */
export function axisOf(busy: readonly { from: number; to: number }[], room: number, least = 2): Axis {
    const stretches: { from: number; to: number }[] = [];
    for (const one of [...busy].sort((a, b) => a.from - b.from)) {
        const last = stretches.at(-1);
        if (last && one.from - MARGIN <= last.to + QUIET) last.to = Math.max(last.to, one.to + MARGIN);
        else stretches.push({ from: one.from - MARGIN, to: one.to + MARGIN });
    }
    const worked = stretches.reduce((sum, one) => sum + one.to - one.from, 0);
    const scale = Math.max(least, (room - Math.max(0, stretches.length - 1) * FOLDED) / Math.max(1, worked));
    const placed: { from: number; to: number; x: number; width: number }[] = [];
    let x = 0;
    for (const one of stretches) {
        const width = (one.to - one.from) * scale;
        placed.push({ ...one, x, width });
        x += width + FOLDED;
    }
    const folds = placed.slice(1).map((one, n): Fold => ({ from: placed[n]?.to ?? 0, to: one.from, x: one.x - FOLDED, width: FOLDED }));
    const all = [...placed, ...folds].sort((a, b) => a.from - b.from);
    const first = all[0];
    const last = all.at(-1);
    const at = (minute: number): number => {
        if (!first || !last) return 0;
        if (minute <= first.from) return 0;
        const here = all.find((one) => minute <= one.to) ?? last;
        return here.x + (Math.min(minute, here.to) - here.from) / (here.to - here.from) * here.width;
    };
    const back = (px: number): number => {
        if (!first || !last) return 0;
        const here = all.find((one) => px <= one.x + one.width) ?? last;
        return here.from + (Math.max(0, Math.min(px - here.x, here.width)) / here.width) * (here.to - here.from);
    };
    const step = STEPS.find((one) => one * scale >= APART) ?? 720;
    const marks = placed.flatMap((one) => {
        const found: number[] = [];
        for (let mark = Math.ceil(one.from / step) * step; mark <= one.to; mark += step) if ((one.to - mark) * scale >= LABEL) found.push(mark);
        return found;
    });
    return { width: last ? last.x + last.width : 0, x: at, minute: back, folds, marks };
}
