import { useEffect } from 'react';
import { store } from './store';

export interface Command {
    id: string;
    /** In a cook's words: what is sought and shown. */
    name: string;
    /** The key that does it in its room, where it has one. */
    key?: string;
    act: () => void;
}

const registered = store<readonly Command[]>([]);

/** What a room can do while it stands: found by name in the palette, and done by its key. */
export function useCommands(commands: readonly Command[]): void {
    useEffect(() => {
        registered.set([...registered.get(), ...commands]);
        return () => registered.set(registered.get().filter((one) => !commands.includes(one)));
    }, [commands]);
}

export const useRegistered = registered.use;

/** Whether every word that is sought begins a word of the name. */
export function answers(name: string, sought: string): boolean {
    const parted = (text: string) => text.toLowerCase().split(/[\s,()/-]+/).filter(Boolean);
    const words = parted(name);
    return parted(sought).every((part) => words.some((word) => word.startsWith(part)));
}
