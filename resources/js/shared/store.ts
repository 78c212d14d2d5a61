import { useSyncExternalStore } from 'react';

/** One value that stands outside the components: whoever uses it is drawn anew when it is another. */
export interface Store<T> {
    get: () => T;
    set: (next: T) => void;
    use: () => T;
}

/** @param kept is told of every value that is set, to keep it where it outlives the page */
export function store<T>(first: T, kept?: (next: T) => void): Store<T> {
    let now = first;
    const listeners = new Set<() => void>();
    const get = () => now;
    const subscribe = (listener: () => void) => {
        listeners.add(listener);
        return () => listeners.delete(listener);
    };
    return {
        get,
        set: (next) => {
            if (Object.is(next, now)) return;
            now = next;
            kept?.(next);
            listeners.forEach((listener) => listener());
        },
        use: () => useSyncExternalStore(subscribe, get),
    };
}
