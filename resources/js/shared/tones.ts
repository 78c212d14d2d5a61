import type { FormulaLine } from '../api/types';

/** Colour of a layer by what colours it most, for the drawn section only. */
const TONES: [RegExp, string, number][] = [
    [/blackcurrant|blueberry/, '#7b3a63', 0.12],
    [/raspberry|strawberry/, '#dd7f8e', 0.12],
    [/rhubarb/, '#e9a3ad', 0.12],
    [/cocoa-powder/, '#7a5236', 0.03],
    [/chocolate-(55|70)|milk-chocolate/, '#9a6c4c', 0.12],
    [/hazelnut|almond-butter|peanut/, '#c19a6c', 0.12],
    [/turmeric/, '#f3c84f', 0.0003],
    [/egg-yolk/, '#f6cd5b', 0.05],
    [/passion-fruit|mango/, '#f5d271', 0.12],
    [/puff-pastry|biscuit|flour|oats|almond-flour/, '#dcbc8c', 0.25],
    [/pistachio/, '#c7cf9a', 0.12],
    [/^egg$/, '#f1dfae', 0.08],
];

const PLAIN = '#f0e6cf';

export function toneOf(lines: Pick<FormulaLine, 'ingredient' | 'grams'>[]): string {
    const mass = lines.reduce((sum, line) => sum + (line.grams ?? 0), 0);
    if (mass <= 0) return PLAIN;
    for (const [pattern, tone, least] of TONES) {
        const grams = lines.filter((line) => line.ingredient && pattern.test(line.ingredient)).reduce((sum, line) => sum + (line.grams ?? 0), 0);
        if (grams / mass >= least && grams > 0) return tone;
    }
    return PLAIN;
}

/** Ink that can be read on a tone. */
export function inkOn(tone: string): string {
    const [r = 255, g = 255, b = 255] = [1, 3, 5].map((at) => parseInt(tone.slice(at, at + 2), 16));
    return 0.299 * r + 0.587 * g + 0.114 * b < 135 ? '#ffffff' : '#2d2411';
}
