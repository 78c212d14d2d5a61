import { useState } from 'react';

/** A choice that this machine remembers. */
export function useStored<T extends string>(key: string, of: (text: string | null) => T): [T, (value: T) => void] {
    const [value, setValue] = useState<T>(() => of(localStorage.getItem(key)));
    return [value, (next) => {
        localStorage.setItem(key, next);
        setValue(next);
    }];
}
