import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { call, Problem } from '../../api/client';
import { runQuery } from '../../api/queries';
import type { Run, RunEvent } from '../../api/types';
import { newId } from '../../shared/ids';
import { wallNow } from '../../shared/moment';
import { own } from '../../shared/own';
import { notice } from '../../shared/notice';
import { keepRun, keepStove } from '../../shared/offline';
import { withUnsent } from './fold';

const AGAIN = 4_000;

const keyOf = (id: number) => own(`run-${id}-unsent`);

function kept(id: number): RunEvent[] {
    try {
        return JSON.parse(localStorage.getItem(keyOf(id)) ?? '[]') as RunEvent[];
    } catch {
        return [];
    }
}

/**
 * A run, and what is said of it. What is said stands at once and is kept on this device until the server has heard it: the line may be gone, the
 * page be closed, the answer be lost, and it is still said once.
 */
export function useRun(id: number) {
    const client = useQueryClient();
    const query = useQuery({ ...runQuery(id), refetchOnReconnect: true });
    useEffect(() => void keepStove(), []);
    useEffect(() => {
        if (query.data) void keepRun(id, query.data);
    }, [id, query.data]);
    const [unsent, setUnsent] = useState<readonly RunEvent[]>(() => kept(id));
    const sending = useRef(false);
    // After a refusal they go one by one, so that only what is refused is lost.
    const oneByOne = useRef(false);
    const keep = useCallback((next: readonly RunEvent[]) => {
        if (next.length === 0) localStorage.removeItem(keyOf(id));
        else localStorage.setItem(keyOf(id), JSON.stringify(next));
        setUnsent(next);
    }, [id]);
    const send = useCallback(async () => {
        const waiting = kept(id);
        if (sending.current || waiting.length === 0) return;
        const all = oneByOne.current ? waiting.slice(0, 1) : waiting;
        sending.current = true;
        try {
            const run = await call<Run>('POST', `runs/${id}/events`, { events: all });
            client.setQueryData(['run', id], run);
            const heard = new Set(all.map((event) => event.client_id));
            keep(kept(id).filter((event) => !heard.has(event.client_id)));
            if (kept(id).length === 0) oneByOne.current = false;
            void client.invalidateQueries({ queryKey: ['runs'] });
        } catch (error) {
            // Nobody answered: it stays and is sent again. Refused: it never will be taken, and that is told.
            if (error instanceof Problem && !error.isPassing && oneByOne.current) {
                keep(kept(id).filter((event) => event.client_id !== all[0]?.client_id));
                notice({ text: `Not taken down: ${error.message}` });
            } else if (error instanceof Problem && !error.isPassing) oneByOne.current = true;
        } finally {
            sending.current = false;
        }
    }, [client, id, keep]);
    useEffect(() => {
        const timer = setInterval(() => void send(), AGAIN);
        const now = () => void send();
        window.addEventListener('online', now);
        const first = setTimeout(now, 0);
        return () => {
            clearInterval(timer);
            clearTimeout(first);
            window.removeEventListener('online', now);
        };
    }, [send]);
    const say = useCallback((kind: RunEvent['kind'], step = '', body?: RunEvent['body']) => {
        keep([...kept(id), { client_id: newId(), kind, step, at: wallNow(), ...(body === undefined ? {} : { body }) }]);
        void send();
    }, [id, keep, send]);
    return { run: query.data ? withUnsent(query.data, unsent) : undefined, error: query.error, isPending: query.isPending, refetch: query.refetch, unsent: unsent.length, say };
}
