import { useSyncExternalStore } from 'react';

/** Whether anybody answers: the server and its store are there, the server is not, or it is and its store is not. */
export type Reach = 'here' | 'server' | 'store';

let now: Reach = 'here';
const listeners = new Set<() => void>();

export function tellReach(next: Reach): void {
    if (next === now) return;
    now = next;
    listeners.forEach((listener) => listener());
}

/** What an answer says of who is there; 0 is none at all. */
export function reachOf(status: number, code: string): Reach {
    if (status === 0 || status === 502 || status === 504) return 'server';
    return code === 'store-away' ? 'store' : 'here';
}

export function useReach(): Reach {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => now,
    );
}
