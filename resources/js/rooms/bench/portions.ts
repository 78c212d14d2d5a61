import { typedNumber } from '../../shared/numbers';

const MOST = 10000;

/** Portions as they are asked for, by number or by the grams in each; with why they cannot be, where they cannot. */
export function portionsOf(number: string, each: string, mass: number): { count: number; reason: string } {
    if (each.trim() !== '') {
        const grams = typedNumber(each) ?? NaN;
        if (!Number.isFinite(grams) || grams <= 0) return { count: 1, reason: 'A number of grams above 0' };
        if (grams > mass) return { count: 1, reason: `All of it weighs ${Math.round(mass)} g` };
        const count = Math.max(1, Math.round(mass / grams));
        return count > MOST ? { count: 1, reason: `That would be ${count} portions: at most ${MOST}` } : { count, reason: '' };
    }
    const count = Number(number);
    return Number.isInteger(count) && count >= 1 && count <= MOST ? { count, reason: '' } : { count: 1, reason: `A whole number from 1 to ${MOST}` };
}
