import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { BenchData, Formula } from '../../api/types';
import { Saver } from './saver';

const REMEMBERED = 50;

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
    const [past, setPast] = useState<Formula[]>([]);
    const [future, setFuture] = useState<Formula[]>([]);
    const data = query.data;
    const formula = typed ?? data?.now.formula ?? null;

    const revision = data?.version.revision;
    useEffect(() => {
        if (revision !== undefined) saver.resume(revision);
    }, [revision, saver]);

    const edit = (next: Formula, rebalance = false) => {
        if (formula) setPast([...past.slice(1 - REMEMBERED), formula]);
        setFuture([]);
        saver.put(next, rebalance);
    };
    const undo = () => {
        const previous = past.at(-1);
        if (!previous || !formula) return;
        setPast(past.slice(0, -1));
        setFuture([formula, ...future]);
        saver.put(previous);
    };
    const redo = () => {
        const next = future[0];
        if (!next || !formula) return;
        setFuture(future.slice(1));
        setPast([...past, formula]);
        saver.put(next);
    };
    /** Sets what is wanted of a layer's property by hand; a null takes back everything wanted of the layer. */
    const want = (layer: string, property: string, value: number | null) => {
        if (!data) return;
        const { [layer]: had = {}, ...others } = data.version.wanted;
        const wanted = value === null ? others : { ...others, [layer]: { ...had, [property]: value } };
        void call<BenchData>('PUT', `versions/${id}/wanted`, { revision: data.version.revision, wanted })
            .then((kept) => client.setQueryData(versionQuery(id).queryKey, kept))
            .catch(() => query.refetch());
    };
    const takeTheirs = async () => {
        saver.letGo();
        setPast([]);
        setFuture([]);
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

    return { query, data, formula, state, edit, want, undo, redo, canUndo: past.length > 0, canRedo: future.length > 0, takeTheirs, keepMine, setDown: () => saver.letGo() };
}
