import type { Heat } from '../../api/types';

export interface Drawn {
    expected: string;
    read: string;
    last: { x: number; y: number } | null;
    marks: { what: string; celsius: number; kind: Heat['marks'][number]['kind']; y: number; label: number }[];
    ticks: { x: number; words: string }[];
}

const ROUND = [1, 2, 5, 10, 15, 30, 60, 120, 240, 480];

/** Where everything of a step's temperatures stands in a picture of this size; the marks far enough apart to be read, `gap` px at least. */
export function drawn(heat: Heat, width: number, height: number, gap: number): Drawn {
    const minutes = Math.max(heat.expected.at(-1)?.minute ?? 1, heat.read.at(-1)?.minute ?? 0, 0.5);
    const all = [...heat.expected, ...heat.read].map((point) => point.celsius).concat(heat.marks.map((mark) => mark.celsius));
    const [low, high] = [Math.min(...all) - 3, Math.max(...all) + 3];
    const x = (minute: number) => (minute / minutes) * width;
    const y = (celsius: number) => height - ((celsius - low) / (high - low)) * height;
    const path = (points: Heat['read']) => points.map((point, i) => `${i === 0 ? 'M' : 'L'}${x(point.minute).toFixed(1)} ${y(point.celsius).toFixed(1)}`).join('');
    const last = heat.read.at(-1);
    const step = ROUND.find((one) => minutes / one <= 6) ?? 480;
    const ticks = [];
    for (let at = step; at < minutes; at += step) ticks.push({ x: x(at), words: at >= 60 && step % 60 === 0 ? `${at / 60} h` : `${at} min` });
    // From the top down: one that would stand on another is told under it.
    let free = 0;
    const marks = [...heat.marks].reverse().map((mark) => {
        const label = Math.max(y(mark.celsius), free);
        free = label + gap;
        return { ...mark, y: y(mark.celsius), label };
    });
    return { expected: path(heat.expected), read: path(heat.read), last: last ? { x: x(last.minute), y: y(last.celsius) } : null, marks, ticks };
}

/** Whether a reading is worth keeping beside the one that was kept last: it moved, or a while went by. */
export function isWorthKeeping(last: { celsius: number; seconds: number } | null, celsius: number, seconds: number): boolean {
    if (last === null || seconds < last.seconds) return true;
    const moved = Math.abs(celsius - last.celsius);
    return moved >= 1 || (seconds - last.seconds >= 120 && moved >= 0.3);
}
