import { DIETS, type Diet } from '../api/words';

/** Words of the trade are the core's: `../api/words` is made from it by bin/openapi. */
export * from '../api/words';

export const dietName = (id: string) => DIETS.find((diet) => diet.id === (id as Diet))?.name ?? id;

const PIECES: Record<string, string> = { curd: 'piece', cream: 'cut', mousse: 'pot', cheesecake: 'cut', custard: 'cup' };

/** What a portion of a kind of dish is called. */
export const pieceOf = (family: string) => PIECES[family] ?? 'portion';

/** A name, and what stands after its comma or in brackets: the finer print, which may be cut short. */
export function nameParts(name: string): [string, string] {
    const at = name.search(/, | \(/);
    return at < 0 ? [name, ''] : [name.slice(0, at), name.slice(at)];
}
