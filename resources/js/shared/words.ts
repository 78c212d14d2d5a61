import { DIETS, type Diet } from '../api/words';

/** Words of the trade are the core's: `../api/words` is made from it by bin/openapi. */
export * from '../api/words';

export const dietName = (id: string) => DIETS.find((diet) => diet.id === (id as Diet))?.name ?? id;

/** A name, and what stands after its comma or in brackets: the finer print, which may be cut short. */
export function nameParts(name: string): [string, string] {
    const at = name.search(/, | \(/);
    return at < 0 ? [name, ''] : [name.slice(0, at), name.slice(at)];
}
