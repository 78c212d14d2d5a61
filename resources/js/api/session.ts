import { useSyncExternalStore } from 'react';

/** Whether the server said, since it was last asked who is signed in, that nobody is. */
let isOut = false;
const listeners = new Set<() => void>();

export function tellOut(next: boolean): void {
    if (next === isOut) return;
    isOut = next;
    listeners.forEach((listener) => listener());
}

export function useIsOut(): boolean {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => isOut,
    );
}

/** The token of the session, which a write must bring with it; '' before there is one. */
export function sessionToken(cookies = document.cookie): string {
    const found = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(cookies)?.[1];
    return found ? decodeURIComponent(found) : '';
}
