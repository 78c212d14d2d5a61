import type { Brief, Diet } from '../../api/types';
import { typedNumber } from '../../shared/numbers';
import { dietName } from '../../shared/words';

export type LimitKey = 'net_carbs_g' | 'protein_g' | 'kcal' | 'sugars_g' | 'fat_g';

export const LIMITS: { key: LimitKey; label: string }[] = [
    { key: 'net_carbs_g', label: 'net carbs, at most g' },
    { key: 'protein_g', label: 'protein, at least g' },
    { key: 'kcal', label: 'kcal, at most' },
    { key: 'sugars_g', label: 'sugars, at most g' },
    { key: 'fat_g', label: 'fat, at most g' },
];

/** A limit as typed; null where it is empty or no number from 0 up. */
export function limitOf(text: string | undefined): number | null {
    const number = typedNumber(text ?? '');
    return number !== null && Number.isFinite(number) && number >= 0 ? number : null;
}

export function briefOf(diets: Diet[], limits: Partial<Record<LimitKey, string>>, without = ''): Brief {
    const names = without.split(',').map((one) => one.trim().toLowerCase().replaceAll(' ', '-')).filter(Boolean);
    return {
        diets, net_carbs_g: limitOf(limits.net_carbs_g), protein_g: limitOf(limits.protein_g), kcal: limitOf(limits.kcal), sugars_g: limitOf(limits.sugars_g), fat_g: limitOf(limits.fat_g),
        ...(names.length > 0 ? { without: names } : {}),
    };
}

const WORDS: Record<LimitKey, (value: number) => string> = {
    net_carbs_g: (g) => `net carbs at most ${g} g`,
    protein_g: (g) => `protein at least ${g} g`,
    kcal: (kcal) => `at most ${kcal} kcal`,
    sugars_g: (g) => `sugars at most ${g} g`,
    fat_g: (g) => `fat at most ${g} g`,
};

/** What was asked for, a few words each: diets, limits of a portion, what is left out. */
export function briefWords(brief: Brief): string[] {
    const limits = LIMITS.flatMap(({ key }) => {
        const value = brief[key];
        return typeof value === 'number' ? [`${WORDS[key](value)} a portion`] : [];
    });
    return [...brief.diets.map(dietName), ...limits, ...(brief.without ?? []).map((one) => `without ${one.replaceAll('-', ' ')}`)];
}

export const asksSomething = (brief: Brief) => brief.diets.length > 0 || (brief.without ?? []).length > 0 || LIMITS.some(({ key }) => (brief[key] ?? null) !== null);

/** What was typed, of a brief that was offered. */
export function typedOf(brief: Brief): { diets: Diet[]; limits: Partial<Record<LimitKey, string>>; without: string } {
    return {
        diets: brief.diets,
        limits: Object.fromEntries(LIMITS.flatMap(({ key }) => (typeof brief[key] === 'number' ? [[key, String(brief[key])]] : []))),
        without: (brief.without ?? []).join(', '),
    };
}
