import { createContext, useContext } from 'react';

/** Opens the trace of a number, by its path in the reading; null where no version is at hand. */
export const WhyContext = createContext<((path: string) => void) | null>(null);

export const useWhy = () => useContext(WhyContext);
