import { store } from './store';

/** Keys as they are, where nobody chose another; a key of its own for every command. */
export interface Keys {
    /** Whether single keys do anything at all. */
    on: boolean;
    /** The key chosen for a command, by its id; '' where it has none. */
    own: Readonly<Record<string, string>>;
}

const PLACE = 'keys';
const chosen = store(read(), (next) => localStorage.setItem(PLACE, JSON.stringify(next)));

function read(): Keys {
    try {
        const kept = JSON.parse(localStorage.getItem(PLACE) ?? '{}') as Partial<Keys>;
        return { on: kept.on !== false, own: kept.own ?? {} };
    } catch {
        // What stands there was not written by us.
        return { on: true, own: {} };
    }
}

export const useKeys = chosen.use;

export const switchKeys = (on: boolean): void => chosen.set({ ...chosen.get(), on });

export const allAsTheyWere = (): void => chosen.set({ on: true, own: {} });

interface HasKey {
    id: string;
    key?: string;
}

/** The key a command answers to; '' where it has none or keys are switched off. */
export function keyOf(command: HasKey, keys: Keys): string {
    return keys.on ? (keys.own[command.id] ?? command.key ?? '') : '';
}

/** Why a key cannot be a command's: '' where it can. */
export function keyWrong(key: string, command: HasKey, all: readonly (HasKey & { name: string })[], keys: Keys): string {
    if (key.length !== 1 || key === ' ') return 'One letter, figure or sign';
    const other = all.find((one) => one.id !== command.id && keyOf(one, keys) === key);
    return other ? `${key} is for “${other.name}”` : '';
}

/** Gives a command a key of its own, or none. */
export function giveKey(command: HasKey, key: string): void {
    const now = chosen.get();
    chosen.set({ ...now, own: { ...now.own, [command.id]: key } });
}
