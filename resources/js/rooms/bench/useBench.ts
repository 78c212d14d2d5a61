import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { BenchData, Formula } from '../../api/types';
import { done, nothingDone, stepped, type Wanted } from './history';
import { Saver } from './saver';

/** A version on the bench: shows what is typed at once, saves it through a {@link Saver}, and can go back and forth over it. */
export function useBench(id: number) {
    const client = useQueryClient();
    const query = useQuery(versionQuery(id));
    const [saver] = useState(() => {
        const key = versionQuery(id).queryKey;
        return new Saver(id, {
            send: (revision, formula, rebalance) => call<BenchData>(rebalance ? 'POST' : 'PATCH', `versions/${id}${rebalance ? '/rebalance' : ''}`, { revision, formula }),
            revision: () => client.getQueryData(key)?.version.revision ?? null,
            saved: (data) => {
                client.setQueryData(key, data);
                void client.invalidateQueries({ queryKey: ['dishes'] });
                void client.invalidateQueries({ queryKey: ['card', id] });
            },
        });
    });
    const { typed, state } = useSyncExternalStore(saver.subscribe, saver.snapshot);
    const [history, setHistory] = useState(nothingDone);
    const data = query.data;
    const formula = typed ?? data?.now.formula ?? null;

    const revision = data?.version.revision;
    useEffect(() => {
        if (revision !== undefined) saver.resume(revision);
    }, [revision, saver]);

    const edit = (next: Formula, rebalance = false) => {
        if (formula) setHistory(done(history, { formula }));
        saver.put(next, rebalance);
    };
    const setWanted = (wanted: Wanted) => {
        void saver.alone((now) => call<BenchData>('PUT', `versions/${id}/wanted`, { revision: now, wanted })).catch(() => query.refetch());
    };
    /** Goes one step back or forth, over formulas and over what was wanted of a rail alike. */
    const step = (way: 'back' | 'forth') => {
        if (!data || !formula) return;
        const taken = stepped(history, way, { formula, wanted: data.version.wanted });
        if (!taken) return;
        setHistory(taken.history);
        if ('formula' in taken.to) saver.put(taken.to.formula);
        else setWanted(taken.to.wanted);
    };
    /** Sets what is wanted of a layer's property by hand; a null takes back everything wanted of the layer. */
    const want = (layer: string, property: string, value: number | null) => {
        if (!data) return;
        setHistory(done(history, { wanted: data.version.wanted }));
        const { [layer]: had = {}, ...others } = data.version.wanted;
        setWanted(value === null ? others : { ...others, [layer]: { ...had, [property]: value } });
    };
    const takeTheirs = async () => {
        saver.letGo();
        setHistory(nothingDone);
        await query.refetch();
    };
    /** Makes a new version beside this one of what is typed, and answers its id. */
    const keepMine = async (): Promise<number | null> => {
        if (!typed || !data) return null;
        const made = await call<BenchData>('POST', `versions/${id}/versions`, { ...data.version.brief, formula: typed });
        saver.letGo();
        await client.invalidateQueries({ queryKey: ['dishes'] });
        await client.invalidateQueries({ queryKey: versionQuery(id).queryKey });
        return made.version.id;
    };

    return { query, data, formula, state, edit, want, undo: () => step('back'), redo: () => step('forth'), canUndo: history.past.length > 0, canRedo: history.future.length > 0, takeTheirs, keepMine, setDown: () => saver.letGo() };
}
