import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wrongIn } from '../../api/client';
import { sessionsQuery } from '../../api/queries';
import { fieldsOf } from '../../shared/fields';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';

/** Where one is signed in, ended one by one or all at once; and another password. */
export function Sessions() {
    const client = useQueryClient();
    const sessions = useQuery(sessionsQuery());
    const fresh = { onSuccess: () => client.invalidateQueries({ queryKey: ['sessions'] }) };
    const end = useMutation({ mutationFn: (id: string) => call<undefined>('DELETE', `sessions/${id}`), ...fresh });
    const all = useMutation({ mutationFn: () => call<undefined>('DELETE', 'sessions'), ...fresh });
    const [form, setForm] = useState({ current: '', password: '' });
    const change = useMutation({
        mutationFn: () => call<undefined>('PUT', 'password', form),
        onSuccess: async () => {
            setForm({ current: '', password: '' });
            await client.invalidateQueries({ queryKey: ['sessions'] });
        },
    });
    const wrong = wrongIn(change.error);
    const field = fieldsOf(form, setForm, wrong);
    return (
        <Panel component="section" aria-labelledby="sessions-title">
            <h2 id="sessions-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>
                Where you are signed in
            </h2>
            {(sessions.error ?? end.error ?? all.error) && <ProblemNote error={sessions.error ?? end.error ?? all.error} />}
            {sessions.data?.map((one) => (
                <Box key={one.id} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', borderTop: '1px solid var(--line)', py: 0.5, fontSize: 'var(--text-plain)' }}>
                    <Box sx={{ flex: 1, minWidth: 0, overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' }} title={one.browser}>
                        {one.is_this ? <strong>here, now</strong> : new Date(one.seen_at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })} · {one.browser || 'a browser that does not say'}
                    </Box>
                    {!one.is_this && <Button size="small" onClick={() => end.mutate(one.id)}>end it</Button>}
                </Box>
            ))}
            {(sessions.data?.length ?? 0) > 1 && (
                <Button variant="outlined" onClick={() => all.mutate()} sx={{ mt: 1 }}>
                    Sign out everywhere else
                </Button>
            )}
            <Box component="form" sx={{ display: 'grid', gap: 1.25, mt: 2, maxWidth: 360 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); change.mutate(); }}>
                <TextField size="small" type="password" autoComplete="current-password" label="Password now" {...field('current')} />
                <TextField size="small" type="password" autoComplete="new-password" label="Another, twelve characters or more" {...field('password')} />
                {change.error && Object.keys(wrong).length === 0 && <ProblemNote error={change.error} />}
                {change.isSuccess && <Box role="status" sx={{ color: 'var(--herb)' }}>It is changed, and you are signed out everywhere else.</Box>}
                <Button type="submit" variant="outlined" disabled={change.isPending || form.current === '' || form.password === ''} sx={{ justifySelf: 'start' }}>
                    Change it
                </Button>
            </Box>
        </Panel>
    );
}
