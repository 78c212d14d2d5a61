import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { openLinksQuery, peopleQuery } from '../../api/queries';
import type { MadeLink, Person } from '../../api/types';
import { longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';

/** As what somebody works here, with what that lets them do. */
const ROLES: { id: Person['role']; may: string }[] = [
    { id: 'owner', may: 'everything, and who works here' },
    { id: 'developer', may: 'changes dishes and ingredients' },
    { id: 'cook', may: 'notes trials, lots and what is next' },
    { id: 'taster', may: 'looks, and tastes' },
    { id: 'reader', may: 'looks' },
];

/** Who works here; a link asks somebody in, or has one person choose another password. */
export function People() {
    const client = useQueryClient();
    const people = useQuery(peopleQuery());
    const [role, setRole] = useState<Person['role']>('cook');
    const [told, setTold] = useState<{ words: string; link: MadeLink } | null>(null);
    const fresh = { onSettled: () => client.invalidateQueries({ queryKey: ['people'] }) };
    const change = useMutation({ mutationFn: (one: Person) => call<Person>('PUT', `people/${one.id}`, { role: one.role }, undefined, one.revision), ...fresh });
    const remove = useMutation({ mutationFn: (id: number) => call<undefined>('DELETE', `people/${id}`), ...fresh });
    const invite = useMutation({ mutationFn: () => call<MadeLink>('POST', 'people/links', { role }), ...fresh, onSuccess: (link) => setTold({ words: `Whoever opens it first joins as ${role}.`, link }) });
    const reset = useMutation({ mutationFn: (one: Person) => call<MadeLink>('POST', `people/${one.id}/links`), ...fresh, onSuccess: (link, one) => setTold({ words: `With it ${one.name} chooses another password.`, link }) });
    const links = useQuery(openLinksQuery());
    const withdraw = useMutation({ mutationFn: (id: number) => call<undefined>('DELETE', `people/links/${id}`), ...fresh, onSuccess: () => setTold(null) });
    const [leaving, setLeaving] = useState<number | null>(null);
    const error = people.error ?? change.error ?? remove.error ?? invite.error ?? reset.error ?? links.error ?? withdraw.error;
    const choices = ROLES.map((one) => (
        <MenuItem key={one.id} value={one.id}>
            {one.id}: {one.may}
        </MenuItem>
    ));
    return (
        <Panel component="section" aria-labelledby="people-title">
            <h2 id="people-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>
                Who works here
            </h2>
            {people.isPending && <Waiting what="the people"><LinesWaiting count={3} /></Waiting>}
            {error && <ProblemNote error={error} />}
            {people.data?.map((one) => (
                <Box key={one.id} sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: '1px solid var(--line)', py: 0.75, flexWrap: 'wrap' }}>
                    <Box sx={{ flex: 1, minWidth: 140 }}>
                        <strong>{one.name}</strong>
                        {one.is_you && ' (you)'}
                        <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>{one.email}</Box>
                    </Box>
                    <TextField select size="small" value={one.role} onChange={(e) => change.mutate({ ...one, role: e.target.value as Person['role'] })} slotProps={{ htmlInput: { 'aria-label': `As what ${one.name} works here` }, select: { renderValue: (value) => String(value) } }} sx={{ minWidth: 126 }}>
                        {choices}
                    </TextField>
                    {!one.is_you && <Button size="small" onClick={() => reset.mutate(one)} aria-label={`Another password for ${one.name}`}>password</Button>}
                    <Button size="small" color="error" onClick={() => (leaving === one.id ? remove.mutate(one.id) : setLeaving(one.id))} aria-label={leaving === one.id ? `${one.name} leaves for good` : `${one.name} leaves`}>
                        {leaving === one.id ? 'really?' : 'leaves'}
                    </Button>
                </Box>
            ))}
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', borderTop: '1px solid var(--line)', pt: 1.25, mt: 0.5, flexWrap: 'wrap' }}>
                <TextField select size="small" label="Ask somebody in as" value={role} onChange={(e) => setRole(e.target.value as Person['role'])} sx={{ minWidth: 200, flex: 1 }}>
                    {choices}
                </TextField>
                <Button variant="outlined" onClick={() => invite.mutate()} disabled={invite.isPending}>
                    Make a link
                </Button>
            </Box>
            {links.data !== undefined && links.data.length > 0 && (
                <Box component="section" aria-label="Links that are out" sx={{ borderTop: '1px solid var(--line)', pt: 1, mt: 1.25 }}>
                    <strong>Links that are out</strong>
                    {links.data.map((one) => (
                        <Box key={one.id} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                            <Box sx={{ flex: 1 }}>
                                {one.role === null ? `Another password for ${one.name ?? 'somebody'}` : `Joins as ${one.role}: ${ROLES.find((as) => as.id === one.role)?.may ?? ''}`}, until {longDay(one.expires_at)}
                            </Box>
                            <Button size="small" color="error" onClick={() => withdraw.mutate(one.id)} disabled={withdraw.isPending} aria-label={one.role === null ? `Withdraw the link for ${one.name ?? 'somebody'}` : `Withdraw the link that joins as ${one.role}`}>withdraw</Button>
                        </Box>
                    ))}
                </Box>
            )}
            {told && (
                <Box role="status" sx={{ bgcolor: 'var(--yolk-wash)', borderRadius: '8px', p: '8px 12px', mt: 1, overflowWrap: 'anywhere' }}>
                    {told.words} It is good for one use until {longDay(told.link.expires_at)}, and is told only now:
                    <Box component="code" sx={{ display: 'block', mt: 0.5, userSelect: 'all' }}>{location.origin + told.link.path}</Box>
                </Box>
            )}
        </Panel>
    );
}
