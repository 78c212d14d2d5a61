import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useRef, useState } from 'react';
import { call } from '../../api/client';
import type { AtInstruments, Instruments } from '../../api/types';
import { notice } from '../../shared/notice';

/** How often the scale and the probe are looked at, ms: a hand that pours sees it follow. */
const EVERY = 700;

export interface AtHand {
    /** What they show; undefined until they have answered, null while nobody answers. */
    shown: Instruments | null | undefined;
    /** Whether something is being done with them, so that what they show is about to change. */
    isActing: boolean;
    /** Does one thing after the other: what depends on what they show is worked out when it is its turn. */
    act: (what: AtInstruments | ((shown: Instruments | undefined) => AtInstruments)) => Promise<void>;
}

/** The scale and the probe beside a run, looked at again and again while they are wanted. */
export function useInstruments(run: number, isWanted: boolean): AtHand {
    const client = useQueryClient();
    const queryKey = ['instruments', run];
    const { data, isError } = useQuery({
        queryKey, queryFn: ({ signal }) => call<Instruments>('GET', `runs/${run}/instruments`, undefined, signal), enabled: isWanted, refetchInterval: EVERY, retry: false, gcTime: 0,
        // Without a line it fails at once: a figure that stands still is not a weight.
        networkMode: 'always',
    });
    const [waiting, setWaiting] = useState(0);
    const last = useRef(Promise.resolve());
    const act = useCallback<AtHand['act']>((what) => {
        const key = ['instruments', run];
        const done = last.current.then(async () => {
            try {
                const answer = await call<Instruments>('POST', `runs/${run}/instruments`, typeof what === 'function' ? what(client.getQueryData<Instruments>(key)) : what);
                // A look that was taken before it was done, and comes back after, would show what no longer lies there.
                await client.cancelQueries({ queryKey: key });
                client.setQueryData(key, answer);
            } catch (error) {
                notice({ text: error instanceof Error ? error.message : 'The instrument did not answer.' });
            }
            setWaiting((n) => n - 1);
        });
        setWaiting((n) => n + 1);
        last.current = done;
        return done;
    }, [client, run]);
    return { shown: isError ? null : data, isActing: waiting > 0, act };
}
