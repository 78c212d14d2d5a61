import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Drawer from '@mui/material/Drawer';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { call } from '../../api/client';
import { removedQuery } from '../../api/queries';
import { counted, longDay } from '../../shared/numbers';
import { notice } from '../../shared/notice';
import { ProblemNote } from '../../shared/ProblemNote';
import type { Removed } from '../../api/types';
import { useRemoval, type Kind } from '../../shared/useRemoval';
import { Waiting } from '../../shared/Waiting';
import { Only } from '../../shared/Only';

/** What was removed: brought back, or removed for good, which alone asks twice. */
export function RemovedDrawer({ onClose }: { onClose: () => void }) {
    const { data, error, isPending, refetch } = useQuery(removedQuery());
    // The drawer says it all, and where it stands the notice would lie over it.
    useEffect(() => notice(null), []);
    const all = [
        ...(data?.dishes ?? []).map((dish) => ({ what: 'dishes' as const, id: dish.id, name: dish.title, of: `with ${counted(dish.versions, 'version')}`, at: dish.removed_at })),
        ...(data?.others ?? []).map((one) => ({ what: one.kind, id: one.id, name: one.name, of: KINDS[one.kind], at: one.removed_at })),
        ...(data?.versions ?? []).map((version) => ({ what: 'versions' as const, id: version.id, name: version.name, of: `of ${version.dish}`, at: version.removed_at })),
    ].sort((a, b) => b.at.localeCompare(a.at));
    return (
        <Drawer anchor="right" open onClose={onClose} slotProps={{ paper: { role: 'dialog', 'aria-label': 'Removed', sx: { width: 420, maxWidth: '100vw', p: 2 } } }}>
            <Box sx={{ display: 'flex', alignItems: 'baseline' }}>
                <h2 className="name" style={{ margin: 0, flex: 1 }}>
                    Removed
                </h2>
                <Button onClick={onClose}>Close</Button>
            </Box>
            {isPending && <Waiting what="what was removed" />}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && all.length === 0 && <p>Nothing was removed.</p>}
            {all.map((one) => (
                <RemovedRow key={`${one.what}${one.id}`} {...one} />
            ))}
        </Drawer>
    );
}

/** What each kind is called. */
const KINDS: Record<Removed['others'][number]['kind'], string> = { services: 'a service', ladders: 'small pots', tastings: 'a tasting', lots: 'a lot', 'price-lists': 'a price list' };

function RemovedRow({ what, id, name, of, at }: { what: Kind; id: number; name: string; of: string; at: string }) {
    const { back, fresh } = useRemoval();
    const [asking, setAsking] = useState(false);
    const restore = useMutation({ mutationFn: () => back(what, id) });
    const gone = useMutation({ mutationFn: () => call<undefined>('DELETE', `removed/${what}/${id}`), onSuccess: fresh });
    const failed = restore.error ?? gone.error;
    return (
        <Box component="article" aria-label={name} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
            <strong>{name}</strong> <span style={{ color: 'var(--ink-soft)' }}>{of}, removed {longDay(at)}</span>
            {failed && <ProblemNote error={failed} />}
            {asking ? (
                <Box sx={{ mt: 0.5 }}>
                    {what === 'dishes' || what === 'versions' ? 'Its revisions and trials go with it, and cannot be brought back.' : 'It cannot be brought back then.'}
                    <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
                        <Button variant="contained" color="error" onClick={() => gone.mutate()} disabled={gone.isPending}>
                            Remove it for good
                        </Button>
                        <Button onClick={() => setAsking(false)}>Leave it</Button>
                    </Box>
                </Box>
            ) : (
                <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
                    <Only to="record"><Button variant="outlined" onClick={() => restore.mutate()} disabled={restore.isPending}>
                        Bring it back
                    </Button></Only>
                    <Only to="govern"><Button color="error" onClick={() => setAsking(true)}>
                        Remove for good…
                    </Button></Only>
                </Box>
            )}
        </Box>
    );
}
