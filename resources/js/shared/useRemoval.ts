import { useQueryClient } from '@tanstack/react-query';
import { call } from '../api/client';
import type { Removed } from '../api/types';
import { notice } from './notice';

/** Kinds of things that go to the drawer, by the word of their address. */
export type Kind = 'dishes' | 'versions' | Removed['others'][number]['kind'];

/** What goes to the drawer and comes back: removed, said with the way back, and asked for again wherever it was shown. */
export function useRemoval() {
    const client = useQueryClient();
    const fresh = () => Promise.all([['dishes'], ['removed'], ['version'], ['trials'], ['services'], ['service'], ['ladders'], ['tastings'], ['lots'], ['price-lists']].map((queryKey) => client.invalidateQueries({ queryKey })));
    const back = async (what: Kind, id: number) => {
        await call<undefined>('PUT', `removed/${what}/${id}`);
        // What was said of it is no longer so.
        notice(null);
        await fresh();
    };
    /** Of what was just taken away: said, with the way back. */
    const told = (what: Kind, id: number, name: string, how = 'is taken away. It lies in the drawer on the Counter') => {
        void client.invalidateQueries({ queryKey: ['removed'] });
        notice({ text: `${name} ${how}.`, back: { word: 'Bring it back', act: () => void back(what, id).catch(() => notice({ text: `${name} could not be brought back.` })) } });
    };
    const remove = async (what: 'dishes' | 'versions', id: number, name: string, after?: () => void) => {
        try {
            await call<undefined>('DELETE', `${what}/${id}`);
        } catch (error) {
            notice({ text: error instanceof Error ? error.message : 'It could not be removed.' });
            return;
        }
        // What is gone must not be asked for again by a room that still stands.
        after?.();
        if (what === 'versions') client.removeQueries({ queryKey: ['version', id] });
        await client.invalidateQueries({ queryKey: ['dishes'] });
        told(what, id, name, 'is removed');
    };
    return { remove, told, back, fresh };
}
