import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wrongIn } from '../../api/client';
import { tokensQuery } from '../../api/queries';
import type { MadeToken } from '../../api/types';
import { fieldsOf } from '../../shared/fields';
import { counted, longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';

const MAY = [
    { id: 'read', words: 'read', roles: ['owner', 'developer', 'cook', 'taster', 'reader'] },
    { id: 'record', words: 'note trials and lots, too', roles: ['owner', 'developer', 'cook'] },
    { id: 'develop', words: 'change dishes, too', roles: ['owner', 'developer'] },
    { id: 'govern', words: 'everything', roles: ['owner'] },
];

/** Tokens for one's scripts: told once, taken back at any time. */
export function Tokens({ role }: { role: string }) {
    const client = useQueryClient();
    const tokens = useQuery(tokensQuery());
    const [form, setForm] = useState({ name: '', may: 'read', days: 90 });
    const [told, setTold] = useState<MadeToken | null>(null);
    const fresh = () => client.invalidateQueries({ queryKey: ['tokens'] });
    const make = useMutation({
        mutationFn: () => call<MadeToken>('POST', 'tokens', form),
        onSuccess: async (made) => {
            setTold(made);
            setForm({ ...form, name: '' });
            await fresh();
        },
    });
    const back = useMutation({ mutationFn: (id: number) => call<undefined>('DELETE', `tokens/${id}`), onSuccess: fresh });
    const wrong = wrongIn(make.error);
    const field = fieldsOf(form, setForm, wrong);
    return (
        <Panel component="section" aria-labelledby="tokens-title">
            <h2 id="tokens-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>
                Tokens for your scripts
            </h2>
            {(tokens.error ?? back.error) && <ProblemNote error={tokens.error ?? back.error} />}
            {tokens.data?.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>None yet. A token lets a script of yours read or write here, at this studio only, for so much and no more.</Box>}
            {tokens.data?.map((one) => (
                <Box key={one.id} sx={{ display: 'flex', gap: 1, alignItems: 'baseline', borderTop: '1px solid var(--line)', py: 0.5, fontSize: 'var(--text-plain)' }}>
                    <Box sx={{ flex: 1 }}>
                        <strong>{one.name}</strong>, may {MAY.find((may) => may.id === one.may)?.words ?? one.may}; {one.used_at ? `last used ${longDay(one.used_at)}` : 'never used'}
                        {one.expires_at && `, until ${longDay(one.expires_at)}`}
                    </Box>
                    <Button size="small" onClick={() => back.mutate(one.id)} aria-label={`Take back ${one.name}`}>take back</Button>
                </Box>
            ))}
            <Box component="form" sx={{ display: 'flex', gap: 1, mt: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); make.mutate(); }}>
                <TextField size="small" label="What it is for" {...field('name')} sx={{ flex: 1, minWidth: 150 }} />
                <TextField select size="small" label="It may" value={form.may} onChange={(e) => setForm({ ...form, may: e.target.value })} sx={{ minWidth: 150 }}>
                    {MAY.filter((one) => one.roles.includes(role)).map((one) => (
                        <MenuItem key={one.id} value={one.id}>
                            {one.words}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField select size="small" label="For" value={form.days} onChange={(e) => setForm({ ...form, days: Number(e.target.value) })} sx={{ minWidth: 110 }}>
                    {[7, 90, 366].map((days) => (
                        <MenuItem key={days} value={days}>
                            {counted(days, 'day')}
                        </MenuItem>
                    ))}
                </TextField>
                <Button type="submit" variant="outlined" disabled={form.name.trim() === '' || make.isPending}>
                    Make it
                </Button>
            </Box>
            {make.error && Object.keys(wrong).length === 0 && <ProblemNote error={make.error} />}
            {told && (
                <Box role="status" sx={{ bgcolor: 'var(--yolk-wash)', borderRadius: '8px', p: '8px 12px', mt: 1, overflowWrap: 'anywhere' }}>
                    Told only now; send it as “Authorization: Bearer …”:
                    <Box component="code" sx={{ display: 'block', mt: 0.5, userSelect: 'all' }}>{told.secret}</Box>
                </Box>
            )}
        </Panel>
    );
}
