import type { Diet, Family } from '../api/types';

/** Words of the trade, in one place. */
export const LADDER = ['pours', 'coats a spoon', 'spoonable', 'holds or pipes', 'soft slice', 'clean slice', 'hard'] as const;

export const DIETS: readonly { id: Diet; name: string }[] = [
    { id: 'vegan', name: 'Vegan' },
    { id: 'eggless', name: 'Eggless' },
    { id: 'gluten-free', name: 'Gluten-free' },
    { id: 'keto', name: 'Keto' },
    { id: 'high-protein', name: 'High protein' },
    { id: 'vegetarian', name: 'No gelatin (vegetarian)' },
    { id: 'dairy-free', name: 'Dairy-free' },
    { id: 'nut-free', name: 'Nut-free' },
    { id: 'soy-free', name: 'Soy-free' },
    { id: 'alcohol-free', name: 'Alcohol-free' },
    { id: 'reduced-sugar', name: 'Reduced sugar' },
    { id: 'low-fat', name: 'Low fat' },
    { id: 'raw', name: 'Raw' },
];

/** The five that a dish is asked for most, side by side in the Spread. */
export const FIVE: readonly Diet[] = ['vegan', 'eggless', 'gluten-free', 'keto', 'high-protein'];

/** Diets that are a matter of how much a portion holds: no ingredient meets or misses them by itself. */
export const BY_AMOUNT: readonly string[] = ['high-protein', 'reduced-sugar', 'low-fat'];

export const dietName = (id: string) => DIETS.find((diet) => diet.id === id)?.name ?? id;

export const FAMILIES: readonly Family[] = ['curd', 'cream', 'mousse', 'cheesecake', 'custard', 'other'];

export const MEASURES = [
    { id: 'metric', name: 'Metric (cup 250 ml, spoon 15)' },
    { id: 'us', name: 'US (cup 237 ml, spoon 14.8)' },
    { id: 'au', name: 'Australian (cup 250 ml, spoon 20)' },
    { id: 'uk', name: 'UK (imperial ounces and pints)' },
    { id: 'in', name: 'Indian (cup 240 ml, spoon 15)' },
    { id: 'ca', name: 'Canadian (cup 250 ml, imperial pint)' },
] as const;

export const MECHANISMS: Record<string, string> = {
    egg: 'egg, heated', gelatin: 'gelatin', agar: 'agar', iota: 'iota carrageenan', kappa: 'kappa carrageenan', 'lm-pectin': 'low-methoxyl pectin',
    'hm-pectin': 'high-methoxyl pectin', starch: 'starch', soy: 'soy protein', whey: 'heat-set whey', fat: 'firm fat', citrus: 'casein set by acid',
    concentrate: 'milk boiled down', caramel: 'boiled sugar', cultured: 'soured casein', powder: 'protein powder', particles: 'fibre and particles', air: 'air', frozen: 'ice', chia: 'chia', flax: 'flax',
    psyllium: 'psyllium', xanthan: 'gum', gellan: 'gellan', konjac: 'konjac', methylcellulose: 'methylcellulose',
};

/** What an ingredient is taken for. */
export const JOBS: Record<string, string> = {
    sets: 'sets', thickens: 'thickens', sweetens: 'sweetens', enriches: 'enriches', whips: 'whips', sours: 'sours', protein: 'brings protein', flavours: 'flavours', base: 'makes a base', fruit: 'fruit',
};

/** Regulation (EU) No 1169/2011 Annex II. */
export const ALLERGENS = ['gluten', 'crustaceans', 'eggs', 'fish', 'peanuts', 'soybeans', 'milk', 'nuts', 'celery', 'mustard', 'sesame', 'sulphites', 'lupin', 'molluscs'];

/** A name, and what stands after its comma or in brackets: the finer print, which may be cut short. */
export function nameParts(name: string): [string, string] {
    const at = name.search(/, | \(/);
    return at < 0 ? [name, ''] : [name.slice(0, at), name.slice(at)];
}
