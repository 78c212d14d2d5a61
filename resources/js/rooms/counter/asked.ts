import type { Asked } from '../../api/queries';
import { ALLERGENS, DIETS, FAMILIES } from '../../api/words';

export interface Choice {
    value: string;
    word: string;
}

/** What a list can be narrowed by, with the words for each choice; '' is first and leaves it open. */
export const FILTERS: { key: Exclude<keyof Asked, 'q'>; label: string; choices: Choice[] }[] = [
    { key: 'diet', label: 'Diet', choices: [{ value: '', word: 'any diet' }, ...DIETS.map((diet) => ({ value: diet.id, word: diet.name }))] },
    { key: 'free', label: 'Clear of', choices: [{ value: '', word: 'any allergen' }, ...ALLERGENS.map((one) => ({ value: one, word: `clear of ${one}` }))] },
    { key: 'family', label: 'Family', choices: [{ value: '', word: 'any family' }, ...FAMILIES.map((one) => ({ value: one, word: one }))] },
    {
        key: 'state', label: 'State',
        choices: [
            { value: '', word: 'on the counter' },
            { value: 'due', word: 'due within a week' },
            { value: 'waiting', word: 'waits for somebody' },
            { value: 'open', word: 'lines not understood or guessed' },
            { value: 'off', word: 'came out otherwise' },
            { value: 'unmade', word: 'not made yet' },
            { value: 'foretold', word: 'came out as foretold' },
            { value: 'away', word: 'put away' },
        ],
    },
    {
        key: 'sort', label: 'Order',
        choices: [
            { value: '', word: 'last worked on first' },
            { value: 'due', word: 'soonest due first' },
            { value: 'name', word: 'by name' },
            { value: 'made', word: 'newest first' },
        ],
    },
];

/** What is asked, out of the address of the room. */
export function askedOf(params: URLSearchParams): Asked {
    const of = (key: keyof Asked) => params.get(key) ?? '';
    return { q: of('q'), family: of('family'), diet: of('diet'), free: of('free'), state: of('state'), sort: of('sort') };
}

/** "two dishes that are vegan, clear of milk": how many, and what they were asked by. */
export function foundWords(total: number, asked: Asked): string {
    const how = total === 1 ? 'one dish' : `${total} dishes`;
    const by = FILTERS.filter((one) => one.key !== 'sort' && asked[one.key] !== '').map((one) => one.choices.find((choice) => choice.value === asked[one.key])?.word ?? asked[one.key]);
    const words = [...(asked.q ? [`“${asked.q}”`] : []), ...by];
    return words.length === 0 ? `${how} on the counter` : `${how} found: ${words.join(', ')}`;
}
