import type { Waiting } from '../../api/types';

export interface Decision {
    key: string;
    mark: string;
    title: string;
    text: string;
    to: string;
}

/** What asks for somebody, in words; the worst stands first as it came. */
export function decisions(waiting: Pick<Waiting, 'decisions'>): Decision[] {
    return waiting.decisions.map((one) => ({
        key: `${one.kind}${one.version_id}`,
        mark: one.kind === 'unmade' ? '○' : '◆',
        title: `${one.dish}, ${one.version.replace(/ (\d+)$/, '\u00a0$1')}`,
        text:
            one.kind === 'off' ? `came out ${one.is_softer ? 'softer' : 'firmer'} than predicted: ${one.found ?? ''}`
            : one.kind === 'open' ? `has ${one.open_lines === 1 ? 'a line' : `${one.open_lines} lines`} not understood or only guessed`
            : 'has not been made yet',
        to: `/bench/${one.version_id}`,
    }));
}

const MORE: [keyof Waiting['in_all'], string][] = [['off', 'that came out otherwise'], ['open', 'with open lines'], ['unmade', 'not made yet']];

/** How many of each kind stand behind those that are listed. */
export function behind(waiting: Pick<Waiting, 'decisions' | 'in_all'>): { kind: string; words: string }[] {
    return MORE.flatMap(([kind, words]) => {
        const more = waiting.in_all[kind] - waiting.decisions.filter((one) => one.kind === kind).length;
        return more > 0 ? [{ kind, words: `${more} more ${words}` }] : [];
    });
}
