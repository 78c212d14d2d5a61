import { store } from '../shared/store';

/** Whether the server said, since it was last asked who is signed in, that nobody is. */
const out = store(false);

export const tellOut = out.set;

export const useIsOut = out.use;

/** The token of the session, which a write must bring with it; '' before there is one. */
export function sessionToken(cookies = document.cookie): string {
    const found = /(?:^|;\s*)XSRF-TOKEN=([^;]+)/.exec(cookies)?.[1];
    return found ? decodeURIComponent(found) : '';
}
