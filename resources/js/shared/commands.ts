import { useEffect, useSyncExternalStore } from 'react';

export interface Command {
    id: string;
    /** In a cook's words: what is sought and shown. */
    name: string;
    /** The key that does it in its room, where it has one. */
    key?: string;
    act: () => void;
}

let registered: readonly Command[] = [];
const listeners = new Set<() => void>();

function tell(next: readonly Command[]): void {
    registered = next;
    listeners.forEach((listener) => listener());
}

/** What a room can do while it stands: found by name in the palette, and done by its key. */
export function useCommands(commands: readonly Command[]): void {
    useEffect(() => {
        tell([...registered, ...commands]);
        return () => tell(registered.filter((one) => !commands.includes(one)));
    }, [commands]);
}

export function useRegistered(): readonly Command[] {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => registered,
    );
}

/** Whether every word that is sought begins a word of the name. */
export function answers(name: string, sought: string): boolean {
    const parted = (text: string) => text.toLowerCase().split(/[\s,()/-]+/).filter(Boolean);
    const words = parted(name);
    return parted(sought).every((part) => words.some((word) => word.startsWith(part)));
}
