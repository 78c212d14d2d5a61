import { store } from './store';

/** Whose window this is: what somebody typed and has not sent is theirs, on a device that others use as well. */
const who = store<number>(0);

export const tellWho = who.set;

/** Where something of whoever is signed in is kept on this device. */
export const own = (key: string, of = who.get()): string => `of-${of}:${key}`;
