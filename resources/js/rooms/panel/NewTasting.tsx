import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { call } from '../../api/client';
import { dishesQuery } from '../../api/queries';
import type { Tasting } from '../../api/types';
import { typedAs, typedOrText } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { METHODS, type MethodId } from './methods';

interface Choice {
    id: number;
    label: string;
}

/** What is asked of whom: fixed before anybody tastes. */
export function NewTasting({ first, onClose }: { first: number | null; onClose: () => void }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const [sought, setSought] = useState('');
    const dishes = useQuery(dishesQuery());
    const found = useQuery({ ...dishesQuery(sought), enabled: sought.length > 1 });
    const all = [...new Map([...(dishes.data ?? []), ...(found.data ?? [])].map((dish) => [dish.id, dish])).values()].flatMap((dish) => dish.versions.map((version): Choice => ({ id: version.id, label: `${dish.title}, ${version.name}` })));
    const [chosen, setChosen] = useState<(Choice | null)[]>([]);
    const samples = chosen.length > 0 ? chosen : [all.find((one) => one.id === first) ?? null, null];
    const [form, setForm] = useState({ title: '', method: 'triangle' as MethodId, question: '', sided: 'two', expects: 'A', tasters: '24', alpha: '0.05', power: '0.8', pd: '30', attributes: 'sweetness, firmness, sharpness' });
    const lay = useMutation({
        mutationFn: () =>
            call<Tasting>('POST', 'tastings', {
                title: form.title, method: form.method, question: form.question, sided: form.method === 'paired' ? form.sided : 'one', ...(form.method === 'paired' && form.sided === 'one' && { expects: form.expects }),
                tasters: typedOrText(form.tasters), alpha: typedOrText(form.alpha), power: typedOrText(form.power), pd: typedAs(form.pd, (percent) => percent / 100),
                attributes: form.method === 'just-right' ? form.attributes.split(',').map((one) => one.trim()).filter(Boolean) : [],
                samples: samples.flatMap((one) => (one === null ? [] : [{ version_id: one.id }])),
            }),
        onSuccess: async (made) => {
            await client.invalidateQueries({ queryKey: ['tastings'] });
            void navigate(`/panel/${made.id}`);
        },
    });
    const method = METHODS.find((one) => one.id === form.method);
    const set = (change: Partial<typeof form>) => setForm({ ...form, ...change });
    const put = (n: number, choice: Choice | null) => setChosen(samples.map((one, at) => (at === n ? choice : one)));
    return (
        <Panel component="form" aria-label="Lay a tasting out" sx={{ display: 'grid', gap: 1.5, maxWidth: 760 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); lay.mutate(); }}>
            {lay.error && <ProblemNote error={lay.error} />}
            <TextField size="small" label="What is to be found out" value={form.title} onChange={(e) => set({ title: e.target.value })} placeholder="Is the vegan curd told apart?" slotProps={{ htmlInput: { maxLength: 160 } }} />
            <Box>
                <TextField select size="small" fullWidth label="How it is asked" value={form.method} onChange={(e) => set({ method: e.target.value as MethodId })}>
                    {METHODS.map((one) => <MenuItem key={one.id} value={one.id}>{one.name}</MenuItem>)}
                </TextField>
                <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', mt: 0.5 }}>{method?.when}</Box>
            </Box>
            {samples.map((sample, n) => (
                <Autocomplete key={n} options={all} value={sample} onChange={(_, value) => put(n, value)} onInputChange={(_, value) => setSought(value)} isOptionEqualToValue={(a, b) => a.id === b.id} renderInput={(params) => <TextField {...params} size="small" label={`Sample ${String.fromCharCode(65 + n)}`} />} />
            ))}
            {form.method === 'just-right' && samples.length < 6 && <Button variant="outlined" onClick={() => setChosen([...samples, null])}>One more sample</Button>}
            {form.method === 'paired' && (
                <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '2fr 1fr' }}>
                    <TextField size="small" label="Question" value={form.question} onChange={(e) => set({ question: e.target.value })} placeholder="Which do you prefer?" />
                    <TextField select size="small" label="Direction" value={form.sided === 'two' ? 'two' : form.expects} onChange={(e) => set(e.target.value === 'two' ? { sided: 'two' } : { sided: 'one', expects: e.target.value })}>
                        <MenuItem value="two">not known beforehand</MenuItem>
                        <MenuItem value="A">A is expected</MenuItem>
                        <MenuItem value="B">B is expected</MenuItem>
                    </TextField>
                </Box>
            )}
            {form.method === 'just-right' && <TextField size="small" label="Of what, commas between" value={form.attributes} onChange={(e) => set({ attributes: e.target.value })} />}
            <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fit, minmax(150px, 1fr))' }}>
                <TextField size="small" label="Tasters" value={form.tasters} onChange={(e) => set({ tasters: e.target.value })} slotProps={{ htmlInput: { inputMode: 'numeric' } }} />
                {form.method !== 'just-right' && (
                    <>
                        <TextField size="small" label="Who can tell, % not to be missed" value={form.pd} onChange={(e) => set({ pd: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                        <TextField size="small" label="Wanted power, 0 to 1" value={form.power} onChange={(e) => set({ power: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                        <TextField size="small" label="Error allowed (α)" value={form.alpha} onChange={(e) => set({ alpha: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                    </>
                )}
            </Box>
            <Box sx={{ display: 'flex', gap: 1, justifyContent: 'end' }}>
                <Button onClick={onClose}>Leave it</Button>
                <Button type="submit" variant="contained" disabled={lay.isPending || form.title.trim() === '' || samples.every((one) => one === null)}>
                    Lay it out
                </Button>
            </Box>
        </Panel>
    );
}
