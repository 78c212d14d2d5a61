import type { Facts } from '../../api/types';

/** From this on a portion is another one to who counts it: energy up or down by a fifth, protein down by a third and a gram. */
const ENERGY = 0.2;
const PROTEIN = { share: 1 / 3, grams: 1 };

/** What a portion of a route holds otherwise, where somebody who counts would mind; no verdict of the route says it. */
export function portionChange(was: Pick<Facts, 'kcal' | 'protein_g'>, now: Pick<Facts, 'kcal' | 'protein_g'>): string[] {
    const said: string[] = [];
    if (was.kcal > 0 && Math.abs(now.kcal - was.kcal) >= ENERGY * was.kcal) said.push(`${Math.round(now.kcal)} kcal, was ${Math.round(was.kcal)}`);
    if (was.protein_g - now.protein_g >= Math.max(PROTEIN.grams, PROTEIN.share * was.protein_g)) said.push(`protein ${now.protein_g.toFixed(1)} g, was ${was.protein_g.toFixed(1)}`);
    return said;
}
