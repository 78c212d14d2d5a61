import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { call } from '../../api/client';
import { teachingQuery } from '../../api/queries';
import type { BenchData, Formula, PotLadder } from '../../api/types';
import { LADDER } from '../../api/words';
import { inPercent, typedOrText } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';

/** Lays out a bench test of a dose: which line, which steps, how many pots. */
export function PotsDialog({ data, formula, onClose }: { data: BenchData; formula: Formula; onClose: () => void }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const sets = formula.layers.flatMap((layer, n) => (data.now.reading.layers[n]?.set.ge == null ? [] : [{ layer, at: n }]));
    const first = sets[0];
    const [form, setForm] = useState({ asked: 'set', layer: first?.layer.id ?? '', line: '', second: '', wanted: first === undefined ? 4 : Math.min(5, Math.max(1, data.now.reading.layers[first.at]?.set.step_index ?? 4)), pots: 5, step: '1.28', pot_g: '80' });
    const teaching = useQuery({ ...teachingQuery(data.version.id), enabled: data.version.parent_id !== null });
    const layer = formula.layers.find((one) => one.id === form.layer);
    const lines = layer?.lines.filter((line) => line.ingredient !== null) ?? [];
    const name = (slug: string | null | undefined) => (slug == null ? '' : (data.now.names[slug] ?? slug));
    const begin = useMutation({
        mutationFn: () => call<PotLadder>('POST', `versions/${data.version.id}/ladders`, { asked: form.asked, layer_id: form.layer, lines: [form.line, form.second].filter(Boolean), wanted: form.wanted, pots: form.pots, step: typedOrText(form.step) ?? 0, pot_g: typedOrText(form.pot_g) ?? 0 }),
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: ['ladders'] });
            void navigate('/notebook?view=pots');
        },
    });
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="pots-title">
            <DialogTitle id="pots-title" className="name">
                Find a dose in small pots
            </DialogTitle>
            <DialogContent>
                {(teaching.data?.length ?? 0) > 0 && (
                    <Box sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '9px', p: '8px 12px', mb: 1.5 }}>
                        <strong>What would teach most for this brief</strong>
                        {teaching.data?.slice(0, 3).map((one) => (
                            <div key={one.mechanism}>
                                {one.name}: the route “{one.instead ?? one.first}” would set within a step {inPercent(one.would_be)} of the time instead of {inPercent(one.chance)}
                                {one.instead !== null && `, and come before “${one.first}”`}.
                            </div>
                        ))}
                    </Box>
                )}
                {begin.error && <ProblemNote error={begin.error} />}
                {sets.length === 0 ? (
                    'Nothing in this dish sets.'
                ) : (
                    <Box component="form" id="pots-form" sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, pt: 0.75 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); begin.mutate(); }}>
                        <TextField select size="small" label="What is looked for" value={form.asked} onChange={(e) => setForm({ ...form, asked: e.target.value })}>
                            <MenuItem value="set">how it sets</MenuItem>
                            <MenuItem value="sweetness">how sweet it is</MenuItem>
                            <MenuItem value="sharpness">how sharp it is</MenuItem>
                        </TextField>
                        <TextField select size="small" label="Layer" value={form.layer} onChange={(e) => setForm({ ...form, layer: e.target.value, line: '', second: '' })}>
                            {sets.map((one) => <MenuItem key={one.layer.id} value={one.layer.id}>{one.layer.name}</MenuItem>)}
                        </TextField>
                        <TextField select size="small" label="Stepped" value={form.line} onChange={(e) => setForm({ ...form, line: e.target.value })}>
                            {lines.map((line) => <MenuItem key={line.id} value={line.id}>{name(line.ingredient)}</MenuItem>)}
                        </TextField>
                        <TextField select size="small" label="Together with" value={form.second} onChange={(e) => setForm({ ...form, second: e.target.value })} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                            <MenuItem value="">nothing else</MenuItem>
                            {lines.filter((line) => line.id !== form.line).map((line) => <MenuItem key={line.id} value={line.id}>{name(line.ingredient)}</MenuItem>)}
                        </TextField>
                        {form.asked === 'set' && (
                            <TextField select size="small" label="Wanted" value={form.wanted} onChange={(e) => setForm({ ...form, wanted: Number(e.target.value) })}>
                                {LADDER.slice(1, 6).map((word, n) => <MenuItem key={word} value={n + 1}>{word}</MenuItem>)}
                            </TextField>
                        )}
                        <TextField select size="small" label="Pots" value={form.pots} onChange={(e) => setForm({ ...form, pots: Number(e.target.value) })}>
                            {[3, 4, 5].map((n) => <MenuItem key={n} value={n}>{n}</MenuItem>)}
                        </TextField>
                        <TextField size="small" label="From pot to pot, times" value={form.step} onChange={(e) => setForm({ ...form, step: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                        <TextField size="small" label="A pot, g" value={form.pot_g} onChange={(e) => setForm({ ...form, pot_g: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                    </Box>
                )}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button type="submit" form="pots-form" variant="contained" disabled={form.line === '' || begin.isPending}>
                    Lay them out
                </Button>
            </DialogActions>
        </Dialog>
    );
}
