import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useWrite } from '../../api/useWrite';
import { studioQuery } from '../../api/queries';
import type { Studio } from '../../api/types';
import { ALLERGENS, SHARED } from '../../api/words';
import { currencies } from '../../shared/money';
import { typedNumber } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';

/** What the studio is called, and what it reckons in. */
export function StudioDialog({ studio, onClose }: { studio: Studio; onClose: () => void }) {
    const client = useQueryClient();
    const [form, setForm] = useState(studio);
    const all = useMemo(() => currencies(), []);
    const write = useWrite(studio.revision);
    const keep = useMutation({
        mutationFn: () => write<Studio>('PUT', 'studio', { name: form.name, currency: form.currency, kitchen: form.kitchen, measures: form.measures.filter((one) => one.name.trim() !== '') }),
        onSuccess: (kept) => {
            client.setQueryData(studioQuery().queryKey, kept);
            void client.invalidateQueries({ queryKey: ['version'] });
            void client.invalidateQueries({ queryKey: ['card'] });
            void client.invalidateQueries({ queryKey: ['making'] });
            onClose();
        },
    });
    const tick = (list: 'handles' | 'shares', key: string, words: string) => (
        <label key={key} style={{ display: 'inline-flex', gap: 6, alignItems: 'center', minHeight: 'var(--press-usual)', marginRight: 10 }}>
            <input type="checkbox" checked={form.kitchen[list].includes(key)} onChange={(e) => setForm({ ...form, kitchen: { ...form.kitchen, [list]: e.target.checked ? [...form.kitchen[list], key] : form.kitchen[list].filter((one) => one !== key) } })} />
            {words}
        </label>
    );
    const measure = (n: number, part: Partial<Studio['measures'][number]>) => setForm({ ...form, measures: form.measures.map((at, i) => (i === n ? { ...at, ...part } : at)) });
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="studio-title">
            <DialogTitle id="studio-title" className="name">
                The studio
            </DialogTitle>
            <DialogContent>
                <Box component="form" id="studio-form" sx={{ display: 'grid', gap: 1.5, pt: 1 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); keep.mutate(); }}>
                    <TextField autoFocus size="small" label="Name" value={form.name} onChange={(e) => setForm({ ...form, name: e.target.value })} error={form.name.trim() === ''} helperText={form.name.trim() === '' ? 'A studio needs a name' : undefined} />
                    <Autocomplete
                        options={all} value={all.find((one) => one.code === form.currency) ?? null} onChange={(_, one) => one && setForm({ ...form, currency: one.code })} disableClearable={false}
                        getOptionLabel={(one) => `${one.code}, ${one.name}`} isOptionEqualToValue={(a, b) => a.code === b.code}
                        renderInput={(params) => <TextField {...params} size="small" label="Costs are reckoned in" helperText="Prices stay the figures they are: nothing is converted." />}
                    />
                </Box>
                <Box component="fieldset" sx={{ border: '1px solid var(--line)', borderRadius: '9px', mt: 2, p: '6px 12px 10px' }}>
                    <legend>What this kitchen handles</legend>
                    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5 }}>
                        {ALLERGENS.map((one) => tick('handles', one, one))}
                    </Box>
                </Box>
                <Box component="fieldset" sx={{ border: '1px solid var(--line)', borderRadius: '9px', mt: 1.5, p: '6px 12px 10px' }}>
                    <legend>What its dishes share</legend>
                    {Object.entries(SHARED).map(([key, words]) => tick('shares', key, words))}
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>Where something is shared, what is handled may be carried into any dish: it is said with its allergens. How much is never computed; a label follows your local authority.</Box>
                </Box>
                <Box component="fieldset" sx={{ border: '1px solid var(--line)', borderRadius: '9px', mt: 1.5, p: '6px 12px 10px', display: 'grid', gap: 0.75 }}>
                    <legend>Its own measures</legend>
                    {form.measures.map((one, n) => (
                        <Box key={`${form.measures.length} ${n}`} sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                            <TextField size="small" value={one.name} onChange={(e) => measure(n, { name: e.target.value })} slotProps={{ htmlInput: { 'aria-label': `Name of measure ${n + 1}`, maxLength: 30 } }} placeholder="ladle" sx={{ width: 180 }} />
                            <TextField
                                size="small" defaultValue={String(one.ml)} slotProps={{ htmlInput: { 'aria-label': `ml of measure ${n + 1}`, inputMode: 'decimal' } }} sx={{ width: 90 }}
                                onChange={(e) => {
                                    const ml = typedNumber(e.target.value);
                                    measure(n, { ml: ml === null || Number.isNaN(ml) ? 0 : ml });
                                }}
                            />
                            <span>ml</span>
                            <Button onClick={() => setForm({ ...form, measures: form.measures.filter((_, i) => i !== n) })} aria-label={`Take measure ${n + 1} out`}>Take it out</Button>
                        </Box>
                    ))}
                    {form.measures.length < 12 && <Button onClick={() => setForm({ ...form, measures: [...form.measures, { name: '', ml: 100 }] })} sx={{ justifySelf: 'start' }}>Add a measure</Button>}
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>What is weighed is said in them too, where a quarter of one comes within 5 % of it.</Box>
                </Box>
                {keep.error && <ProblemNote error={keep.error} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Leave it</Button>
                <Button type="submit" form="studio-form" variant="contained" disabled={form.name.trim() === '' || keep.isPending}>
                    Keep it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
