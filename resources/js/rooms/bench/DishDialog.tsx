import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useWrite } from '../../api/useWrite';
import type { BenchData, DishSummary, Formula, Measures } from '../../api/types';
import { oneDecimal, typedNumber } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { FAMILIES, MEASURES } from '../../shared/words';
import { portionsOf } from './portions';

interface Props {
    data: BenchData;
    formula: Formula;
    onKeep: (formula: Formula) => Promise<void>;
    onClose: () => void;
}

/** What is true of the whole: its name and kind, how many it makes, how cold it is eaten, whose cups. */
export function DishDialog({ data, formula, onKeep, onClose }: Props) {
    const client = useQueryClient();
    const mass = data.now.reading.layers.reduce((sum, layer) => sum + layer.mass_g, 0);
    const [form, setForm] = useState({ title: data.version.dish_title, family: data.version.family, portions: String(formula.portions), each: '', serve: String(formula.serve_at_c), measures: formula.measures, name: data.version.name });
    const [error, setError] = useState<unknown>(null);
    const [busy, setBusy] = useState(false);
    const say = useWrite(data.version.said);
    const change = useWrite(data.version.dish_revision);
    const set = (part: Partial<typeof form>) => setForm((was) => ({ ...was, ...part }));
    const portions = portionsOf(form.portions, form.each, mass);
    const serve = typedNumber(form.serve) ?? NaN;
    const wrong = {
        title: form.title.trim() === '' ? 'A dish needs a name' : '',
        name: form.name.trim() === '' ? 'A version needs a name' : '',
        portions: portions.reason,
        serve: !Number.isFinite(serve) || serve < -30 || serve > 90 ? 'A temperature between −30 and 90 °C' : '',
    };
    const keep = async () => {
        setBusy(true);
        setError(null);
        try {
            if (form.name.trim() !== data.version.name) await say('PUT', `versions/${data.version.id}/name`, { name: form.name });
            if (portions.count !== formula.portions || serve !== formula.serve_at_c || form.measures !== formula.measures) await onKeep({ ...formula, portions: portions.count, serve_at_c: serve, measures: form.measures });
            if (form.title.trim() !== data.version.dish_title || form.family !== data.version.family) await change<DishSummary>('PATCH', `dishes/${data.version.dish_id}`, { title: form.title, family: form.family });
            await client.invalidateQueries({ queryKey: ['version'] });
            await client.invalidateQueries({ queryKey: ['dishes'] });
            onClose();
        } catch (problem) {
            setError(problem);
        } finally {
            setBusy(false);
        }
    };
    const isWrong = Object.values(wrong).some((reason) => reason !== '');
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="dish-title">
            <DialogTitle id="dish-title" className="name">
                Name, kind and portions
            </DialogTitle>
            <DialogContent>
                <Box component="form" id="dish-form" onSubmit={(e) => { e.preventDefault(); if (!isWrong) void keep(); }} sx={{ display: 'grid', gap: 1.75, pt: 1, gridTemplateColumns: '1fr 1fr' }}>
                    {error !== null && <Box sx={{ gridColumn: '1 / -1' }}><ProblemNote error={error} /></Box>}
                    <TextField size="small" label="Dish" value={form.title} onChange={(e) => set({ title: e.target.value })} error={wrong.title !== ''} helperText={wrong.title} sx={{ gridColumn: '1 / -1' }} />
                    <TextField size="small" label="This version" value={form.name} onChange={(e) => set({ name: e.target.value })} error={wrong.name !== ''} helperText={wrong.name} />
                    <TextField select size="small" label="Kind" value={form.family} onChange={(e) => set({ family: e.target.value })}>
                        {FAMILIES.map((family) => <MenuItem key={family} value={family}>{family}</MenuItem>)}
                    </TextField>
                    <TextField size="small" label="Portions" value={form.portions} inputMode="numeric" onChange={(e) => set({ portions: e.target.value, each: '' })} error={wrong.portions !== '' && form.each === ''} helperText={form.each === '' ? wrong.portions || `${oneDecimal(mass / portions.count)} g each` : undefined} />
                    <TextField size="small" label="or g in each" value={form.each} inputMode="decimal" onChange={(e) => set({ each: e.target.value })} error={wrong.portions !== '' && form.each !== ''} helperText={form.each !== '' ? wrong.portions || `makes ${portions.count} of ${oneDecimal(mass / portions.count)} g` : 'such as 35'} />
                    <TextField size="small" label="Served at, °C" value={form.serve} inputMode="decimal" onChange={(e) => set({ serve: e.target.value })} error={wrong.serve !== ''} helperText={wrong.serve} />
                    <TextField select size="small" label="Cups and spoons" value={form.measures} onChange={(e) => set({ measures: e.target.value as Measures })}>
                        {MEASURES.map((one) => <MenuItem key={one.id} value={one.id}>{one.name}</MenuItem>)}
                    </TextField>
                </Box>
                <p style={{ color: 'var(--ink-soft)', marginBottom: 0 }}>The mass stays as it is. For more or less of it, use “Another tin or number”.</p>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button type="submit" form="dish-form" variant="contained" disabled={busy || isWrong}>
                    Keep it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
