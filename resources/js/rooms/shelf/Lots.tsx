import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { call, Problem, wrongIn } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { lotsQuery, madeOfLotQuery } from '../../api/queries';
import type { Lot } from '../../api/types';
import { fieldsOf } from '../../shared/fields';
import { counted, grams, longDay } from '../../shared/numbers';
import { ended } from '../../shared/routeWords';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { useRemoval } from '../../shared/useRemoval';
import { Only } from '../../shared/Only';

/** Lots of an ingredient that came in, and what was made of each: what a recall is answered from. */
export function Lots({ ingredient }: { ingredient: string }) {
    const client = useQueryClient();
    const { data, error, isPending, refetch } = useQuery(lotsQuery(ingredient));
    const [form, setForm] = useState({ code: '', came_on: new Date().toLocaleDateString('sv-SE'), best_before: '' });
    const set = (part: Partial<typeof form>) => setForm((was) => ({ ...was, ...part }));
    const note = useMutation({
        mutationFn: () => call<Lot>('POST', `shelf/${ingredient}/lots`, { code: form.code, came_on: form.came_on || null, best_before: form.best_before || null }),
        onSuccess: async () => {
            set({ code: '', best_before: '' });
            await client.invalidateQueries({ queryKey: ['lots'] });
        },
    });
    const errors = wrongIn(note.error);
    const field = fieldsOf(form, setForm, errors);
    const wrong = note.error instanceof Problem && note.error.field === 'code' ? note.error.message : errors.code;
    return (
        <Box component="section" aria-label="Lots">
            <h3 style={{ margin: '0 0 4px', fontSize: 'var(--text-lead)' }}>Lots</h3>
            {isPending && <Waiting what="the lots" />}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data?.length === 0 && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>No lot is noted. Note one when it comes in, choose it when a trial is noted, and a recall names what was made of it.</Box>}
            {data?.map((lot) => (
                <LotRow key={lot.id} lot={lot} />
            ))}
            <Box component="form" onSubmit={(e) => { e.preventDefault(); note.mutate(); }} sx={{ display: 'flex', gap: 1, mt: 1.25, flexWrap: 'wrap', alignItems: 'flex-start' }}>
                <TextField size="small" label="Lot, as printed" value={form.code} onChange={(e) => set({ code: e.target.value })} error={wrong !== undefined} helperText={wrong} sx={{ width: 150 }} />
                <TextField size="small" type="date" label="Came on" {...field('came_on')} slotProps={{ inputLabel: { shrink: true } }} sx={{ width: 150 }} />
                <TextField size="small" type="date" label="Best before" {...field('best_before')} slotProps={{ inputLabel: { shrink: true } }} sx={{ width: 150 }} />
                <Only to="record"><Button type="submit" variant="outlined" disabled={form.code.trim() === '' || note.isPending}>
                    Note the lot
                </Button></Only>
            </Box>
            {note.error && wrong === undefined && Object.keys(errors).length === 0 && <ProblemNote error={note.error} />}
        </Box>
    );
}

function LotRow({ lot }: { lot: Lot }) {
    const client = useQueryClient();
    const [open, setOpen] = useState(false);
    const [reason, setReason] = useState<string | null>(null);
    const done = async () => {
        setReason(null);
        await client.invalidateQueries({ queryKey: ['lots'] });
        await client.invalidateQueries({ queryKey: ['version'] });
        await client.invalidateQueries({ queryKey: ['trials'] });
    };
    const { told } = useRemoval();
    const write = useWrite(lot.revision);
    const recall = useMutation({ mutationFn: (recalled: boolean) => write<Lot>('PUT', `lots/${lot.id}/recall`, { recalled, reason }), onSuccess: done });
    const remove = useMutation({ mutationFn: () => call<undefined>('DELETE', `lots/${lot.id}`), onSuccess: async () => { await done(); told('lots', lot.id, `Lot ${lot.code}`); } });
    const failed = recall.error ?? remove.error;
    return (
        <Box component="article" aria-label={`Lot ${lot.code}`} sx={{ borderTop: '1px solid var(--line)', py: '4px', fontSize: 'var(--text-plain)' }}>
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <strong>{lot.code}</strong>
                <Box component="span" sx={{ flex: 1, minWidth: 160 }}>
                    {[lot.came_on && `came ${longDay(lot.came_on)}`, lot.best_before && `best before ${longDay(lot.best_before)}`].filter(Boolean).join(', ') || 'no dates'}
                    {lot.is_past && <strong style={{ color: 'var(--yolk)' }}> past its date</strong>}
                </Box>
                {lot.trials + lot.runs > 0 ? (
                    <Button aria-expanded={open} onClick={() => setOpen(!open)} sx={{ minHeight: 'var(--press-small)', py: 0 }}>
                        {[lot.runs > 0 && counted(lot.runs, 'run'), lot.trials > 0 && counted(lot.trials, 'trial')].filter(Boolean).join(' and ')} made of it
                    </Button>
                ) : (
                    <Only to="record"><Button onClick={() => remove.mutate()} disabled={remove.isPending} sx={{ minHeight: 'var(--press-small)', py: 0 }} aria-label={`Take lot ${lot.code} away`}>
                        Take away
                    </Button></Only>
                )}
                {lot.recalled_on === null ? (
                    <Only to="record"><Button color="error" onClick={() => setReason('')} sx={{ minHeight: 'var(--press-small)', py: 0 }} aria-label={`Call lot ${lot.code} back`}>
                        Call back
                    </Button></Only>
                ) : (
                    <Only to="record"><Button onClick={() => recall.mutate(false)} disabled={recall.isPending} sx={{ minHeight: 'var(--press-small)', py: 0 }} aria-label={`Withdraw the recall of lot ${lot.code}`}>
                        Withdraw recall
                    </Button></Only>
                )}
            </Box>
            {lot.recalled_on !== null && (
                <Box sx={{ color: 'var(--beet)' }}>
                    <strong>Called back {longDay(lot.recalled_on)}.</strong> {lot.recall_reason && `${ended(lot.recall_reason)} `}Keep it apart, and do what your local code asks for what was served of it.
                </Box>
            )}
            {reason !== null && (
                <Box component="form" onSubmit={(e) => { e.preventDefault(); recall.mutate(true); }} sx={{ display: 'flex', gap: 1, my: 0.75 }}>
                    <TextField size="small" label="Why, in the maker’s words" value={reason} onChange={(e) => setReason(e.target.value)} sx={{ flex: 1 }} autoFocus />
                    <Button type="submit" variant="contained" color="error" disabled={recall.isPending}>
                        Call it back
                    </Button>
                    <Button onClick={() => setReason(null)}>Leave it</Button>
                </Box>
            )}
            {failed && <ProblemNote error={failed} />}
            {(open || lot.recalled_on !== null) && lot.trials + lot.runs > 0 && <MadeOf lot={lot} />}
        </Box>
    );
}

function MadeOf({ lot }: { lot: Lot }) {
    const { data, error } = useQuery(madeOfLotQuery(lot.id));
    if (error) return <ProblemNote error={error} />;
    return (
        <Box component="ul" aria-label={`Made of lot ${lot.code}`} sx={{ m: 0, pl: 2.25, lineHeight: '26px' }}>
            {data?.map((made) => (
                <li key={made.run_id === null ? `trial ${made.trial_id}` : `run ${made.run_id}`}>
                    <Link to={made.run_id === null ? `/bench/${made.version_id}` : `/stove/${made.run_id}`}>
                        {made.dish}, {made.version}
                    </Link>{' '}
                    revision {made.revision}, made {longDay(made.made_on)}, {made.grams > 0 ? `${grams(made.grams)} g of it` : 'inside a preparation'}
                </li>
            ))}
        </Box>
    );
}
