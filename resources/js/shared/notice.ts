import { useSyncExternalStore } from 'react';

export interface Notice {
    text: string;
    /** What takes it back, with the word on its button. */
    back?: { word: string; act: () => void };
}

let now: Notice | null = null;
const listeners = new Set<() => void>();

/** Says at the foot of the screen what was done, and how it is taken back. */
export function notice(next: Notice | null): void {
    now = next;
    listeners.forEach((listener) => listener());
}

export function useNotice(): Notice | null {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => now,
    );
}
