import type { ShelfIngredient } from '../../api/types';

const KINDS: Record<string, string> = {
    water: 'Water', starch: 'Starch', dextrin: 'Other carbohydrate', allulose: 'Allulose', fibre: 'Fibre', alcohol: 'Alcohol', salt: 'Salt', ash: 'Minerals', saturates: 'of it saturates', insoluble: 'of it insoluble', particles: 'counted as particles',
};
const FAMILIES: Record<string, string> = { protein: 'Protein', fat: 'Fat', sugar: 'Sugar', polyol: 'Polyol', acid: 'Acid', active: 'Sweetener active' };
/** Parts that are inside others and do not weigh again. */
const INSIDE = ['saturates', 'insoluble', 'particles'];

export const BARS: { id: string; name: string; tone: string }[] = [
    { id: 'water', name: 'water', tone: '#b9d6e6' },
    { id: 'protein', name: 'protein', tone: '#c39ad1' },
    { id: 'fat', name: 'fat', tone: '#e5b878' },
    { id: 'sugar', name: 'sugars', tone: '#f3cf63' },
    { id: 'starch', name: 'starch and dextrin', tone: '#ecdfc0' },
    { id: 'polyol', name: 'polyols and allulose', tone: '#9fd0c0' },
    { id: 'fibre', name: 'fibre', tone: '#b3c98d' },
    { id: 'acid', name: 'acids', tone: '#7fb596' },
    { id: 'alcohol', name: 'alcohol', tone: '#c9b4a0' },
    { id: 'ash', name: 'salt and minerals', tone: '#c3c9d2' },
];

const BAR_OF: Record<string, string> = { starch: 'starch', dextrin: 'starch', allulose: 'polyol', salt: 'ash' };

export function partName(part: string): string {
    const [family = '', kind = ''] = part.split('.');
    return kind ? `${FAMILIES[family] ?? family}: ${kind.replaceAll('-', ' ')}` : (KINDS[part] ?? part);
}

export const partUnit = (part: string) => (part.startsWith('active.') ? 'mg' : 'g');

/** The stacked bar: g per 100 g by what a developer thinks in. */
export function barsOf(parts: Pick<ShelfIngredient['parts'][number], 'part' | 'grams'>[]): { id: string; name: string; tone: string; grams: number }[] {
    const sums: Record<string, number> = {};
    for (const { part, grams } of parts) {
        if (INSIDE.includes(part) || part.startsWith('active.')) continue;
        const family = part.split('.')[0] ?? part;
        const bar = BAR_OF[family] ?? family;
        sums[bar] = (sums[bar] ?? 0) + grams;
    }
    return BARS.filter((bar) => (sums[bar.id] ?? 0) >= 0.05).map((bar) => ({ ...bar, grams: sums[bar.id] ?? 0 }));
}
