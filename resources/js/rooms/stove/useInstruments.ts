import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { call } from '../../api/client';
import type { AtInstruments, Instruments } from '../../api/types';
import { notice } from '../../shared/notice';

/** How often the scale and the probe are looked at, ms: a hand that pours sees it follow. */
const EVERY = 700;

export interface AtHand {
    /** What they show; undefined until they have answered, null while nobody answers. */
    shown: Instruments | null | undefined;
    act: (what: AtInstruments) => Promise<void>;
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
    const act = useCallback(async (what: AtInstruments) => {
        try {
            client.setQueryData(['instruments', run], await call<Instruments>('POST', `runs/${run}/instruments`, what));
        } catch (error) {
            notice({ text: error instanceof Error ? error.message : 'The instrument did not answer.' });
        }
    }, [client, run]);
    return { shown: isError ? null : data, act };
}
