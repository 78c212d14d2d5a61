import { useState } from 'react';
import type { Brief, Route } from '../../api/types';

export interface Chosen {
    route: Route;
    brief: Brief;
    name: string;
}

export interface Ticked {
    all: Chosen[];
    has: (route: Route) => boolean;
    toggle: (one: Chosen) => void;
    clear: () => void;
    /** Versions that were taken, by the hash of their route. */
    taken: ReadonlyMap<string, number>;
    took: (hash: string, version: number) => void;
}

/** Routes ticked to be taken together, and those that were. */
export function useTicked(): Ticked {
    const [all, setAll] = useState<Chosen[]>([]);
    const [taken, setTaken] = useState<ReadonlyMap<string, number>>(new Map());
    const has = (route: Route) => all.some((one) => one.route.hash === route.hash);
    return {
        all, has, taken,
        toggle: (one) => setAll((was) => (was.some((other) => other.route.hash === one.route.hash) ? was.filter((other) => other.route.hash !== one.route.hash) : [...was, one])),
        clear: () => setAll([]),
        took: (hash, version) => setTaken((was) => new Map([...was, [hash, version]])),
    };
}
