import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { BenchData, Formula } from '../../api/types';
import { Saver } from './saver';
import { useMay } from '../../shared/Only';

/** A version on the bench: shows what is typed at once, saves it through a {@link Saver}, and goes back and forth over the history that the server keeps. */
export function useBench(id: number) {
    const client = useQueryClient();
    const query = useQuery(versionQuery(id));
    const [saver] = useState(() => {
        const key = versionQuery(id).queryKey;
        return new Saver(id, {
            send: (revision, formula, rebalance, once) => call<BenchData>(rebalance ? 'POST' : 'PATCH', `versions/${id}${rebalance ? '/rebalance' : ''}`, { formula }, undefined, revision, once),
            revision: () => client.getQueryData(key)?.version.revision ?? null,
            saved: (data) => {
                client.setQueryData(key, data);
                for (const stale of [['dishes'], ['card', id], ['history', id]]) void client.invalidateQueries({ queryKey: stale });
            },
        });
    });
    const { typed, state } = useSyncExternalStore(saver.subscribe, saver.snapshot);
    const data = query.data;
    const formula = typed ?? data?.now.formula ?? null;

    const revision = data?.version.revision;
    useEffect(() => {
        if (revision !== undefined) saver.resume(revision);
    }, [revision, saver]);

    const isOurs = useMay()('develop');
    /** Who may not change dishes changes nothing here either; the controls that would are grey ({@link Only}). */
    const edit = (next: Formula, rebalance = false) => {
        if (isOurs) saver.put(next, rebalance);
    };
    /** Another write of the whole version, once what is typed is kept; where it is refused, what the server has is shown. */
    const write = (send: (revision: number) => Promise<BenchData>) => void saver.alone(send).catch(() => query.refetch());
    /** A write of the server's own over the version, once what is typed is kept, or why it cannot be. */
    const alone = (send: (revision: number) => Promise<BenchData>) => saver.alone(send);
    /** Keeps a formula now, or tells why it cannot be: for a dialog that stays open until it is. */
    const keep = (next: Formula) => alone((now) => call<BenchData>('PATCH', `versions/${id}`, { formula: next }, undefined, now));
    const step = (way: 'undo' | 'redo') =>
        write(async (now) => {
            // Pressed twice, the second finds what the first left: there may be nothing more to go back to.
            const left = client.getQueryData(versionQuery(id).queryKey);
            if (left && !left.version.standing[way === 'undo' ? 'can_undo' : 'can_redo']) return left;
            return call<BenchData>('POST', `versions/${id}/${way}`, undefined, undefined, now);
        });
    /** Sets what is wanted of a layer's property by hand; a null takes back everything wanted of the layer. */
    const want = (layer: string, property: string, value: number | null) => {
        if (!data) return;
        const { [layer]: had = {}, ...others } = data.version.wanted;
        const wanted = value === null ? others : { ...others, [layer]: { ...had, [property]: value } };
        write((now) => call<BenchData>('PUT', `versions/${id}/wanted`, { wanted }, undefined, now));
    };
    /** An earlier state again, as a new revision. */
    const restore = (number: number) => write((now) => call<BenchData>('POST', `versions/${id}/revisions/${number}/restore`, undefined, undefined, now));
    const takeTheirs = async () => {
        saver.letGo();
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
    const isUnderWay = state.kind === 'saving';

    return {
        query, data, formula, state, edit, keep, alone, want, restore, takeTheirs, keepMine,
        undo: () => step('undo'), redo: () => step('redo'),
        canUndo: isOurs && (isUnderWay || (data?.version.standing.can_undo ?? false)), canRedo: isOurs && !isUnderWay && (data?.version.standing.can_redo ?? false),
        setDown: () => saver.letGo(),
    };
}
