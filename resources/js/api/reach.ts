import { store } from '../shared/store';

/** Whether anybody answers: the server and its store are there, the server is not, or it is and its store is not. */
export type Reach = 'here' | 'server' | 'store';

const reach = store<Reach>('here');

export const tellReach = reach.set;

/** What an answer says of who is there; 0 is none at all. */
export function reachOf(status: number, code: string): Reach {
    if (status === 0 || status === 502 || status === 504) return 'server';
    return code === 'store-away' ? 'store' : 'here';
}

export const useReach = reach.use;
