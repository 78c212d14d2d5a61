import { LADDER } from '../api/words';

/** Chances of the steps as they are said: "clean slice 78 %, soft slice 15 %", the likeliest first, what is under a twentieth left out. */
export function chanceWords(chances: readonly number[]): string {
    return chances
        .map((chance, step) => ({ chance, word: LADDER[step] ?? '' }))
        .filter((one) => one.chance >= 0.05)
        .sort((a, b) => b.chance - a.chance)
        .map((one) => `${one.word} ${Math.round(100 * one.chance)} %`)
        .join(', ');
}
