import type { Rail } from '../../api/types';

const NAMES: Record<string, { name: string; under: string; over: string }> = {
    set: { name: 'Set', under: 'softer', over: 'firmer' },
    'set at 20 °C': { name: 'At 20 °C', under: 'softer', over: 'firmer' },
    sweetness: { name: 'Sweetness', under: 'less sweet', over: 'sweeter' },
    acid: { name: 'Sharpness', under: 'milder', over: 'sharper' },
    pH: { name: 'Acidity', under: 'lower', over: 'higher' },
    fat: { name: 'Richness', under: 'leaner', over: 'richer' },
    'firm fat': { name: 'Firm fat', under: 'softer', over: 'harder' },
    water: { name: 'Moisture', under: 'drier', over: 'wetter' },
    'sugar body': { name: 'Sugar body', under: 'thinner', over: 'heavier' },
    protein: { name: 'Protein', under: 'less', over: 'more' },
    air: { name: 'Air', under: 'denser', over: 'lighter' },
    emulsion: { name: 'Free fat', under: 'held', over: 'may split' },
    'dry structure': { name: 'Dry parts', under: 'will not stand', over: 'drier' },
};

const UNITS: Record<string, string> = { set: 'GE', 'set at 20 °C': 'GE', sweetness: 'SE', acid: 'acid %', pH: 'pH', fat: 'fat %', 'firm fat': '% of layer', water: 'water %', 'sugar body': '%', protein: '%', air: 'air %', emulsion: 'g unheld', 'dry structure': 'g in 100 g' };

const PATHS: Record<string, string> = { set: 'set', 'set at 20 °C': 'set_20c', sweetness: 'se', acid: 'fruit_acid', pH: 'ph', fat: 'fat', 'firm fat': 'firm_fat', water: 'water', 'sugar body': 'bulk', protein: 'protein', air: 'air' };

/** Where the reading keeps what this rail shows, for its "why?". */
export const railPath = (rail: Rail) => PATHS[rail.property];
export const railName = (rail: Pick<Rail, 'property'>) => NAMES[rail.property]?.name ?? rail.property;
export const railUnit = (rail: Pick<Rail, 'property' | 'unit'>) => UNITS[rail.property] ?? rail.unit;

/** How it stands, in words: met, or which way it is off. */
export function railVerdict(rail: Rail): string {
    if (rail.met) return 'met';
    const words = NAMES[rail.property];
    return rail.residual < 0 ? (words?.under ?? 'less') : (words?.over ?? 'more');
}

/** The colour of that word. */
export const verdictColour = (rail: Rail) => (rail.met ? 'var(--herb)' : Math.abs(rail.residual) > 2 ? 'var(--beet)' : 'var(--yolk)');

/** Properties whose target can be set by hand, by the word the server knows them by. */
const WANTED: Record<string, string> = { set: 'set', sweetness: 'sweetness', acid: 'acid', fat: 'fat', water: 'water', protein: 'protein' };

export const wantedKey = (rail: Pick<Rail, 'property'>) => WANTED[rail.property];

/** A target drawn by a share of its way, −½ to the least and ½ to the most it is drawn to in one go. */
export function movedTarget({ target, reach: [least, most] }: Pick<Rail, 'target' | 'reach'>, share: number): number {
    return Math.round((target + 2 * Math.abs(share) * ((share < 0 ? least : most) - target)) * 100) / 100;
}
