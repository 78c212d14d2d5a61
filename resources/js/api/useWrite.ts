import { useRef } from 'react';
import { call, Problem } from './client';

/** What an answer says of how often the thing was changed. */
const countOf = (answer: unknown): number | null => {
    if (typeof answer !== 'object' || answer === null) return null;
    const { edition, revision, said } = answer as { edition?: unknown; revision?: unknown; said?: unknown };
    // What names a revision it was made of counts its own changes as editions.
    return [edition, revision, said].find((one) => typeof one === 'number') ?? null;
};

/**
 * Writes over something as it was when this was opened. Where somebody else has changed it since, that is told and nothing is overwritten;
 * whoever presses again has been told, and means it.
 *
 * @param opened the revision of it that is shown; null where there is nothing yet
 */
export function useWrite(opened: number | null) {
    const seen = useRef(opened);
    return async <T>(method: 'PUT' | 'PATCH', path: string, body: unknown): Promise<T> => {
        try {
            const answer = await call<T>(method, path, body, undefined, seen.current ?? undefined);
            seen.current = countOf(answer) ?? seen.current;
            return answer;
        } catch (problem) {
            if (problem instanceof Problem && problem.revision !== null) seen.current = problem.revision;
            throw problem;
        }
    };
}
