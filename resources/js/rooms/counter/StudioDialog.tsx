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
import { ProblemNote } from '../../shared/ProblemNote';

/** What the studio is called, and what it reckons in. */
export function StudioDialog({ studio, onClose }: { studio: Studio; onClose: () => void }) {
    const client = useQueryClient();
    const [form, setForm] = useState(studio);
    const all = useMemo(() => currencies(), []);
    const write = useWrite(studio.revision);
    const keep = useMutation({
        mutationFn: () => write<Studio>('PUT', 'studio', { name: form.name, currency: form.currency, kitchen: form.kitchen }),
        onSuccess: (kept) => {
            client.setQueryData(studioQuery().queryKey, kept);
            void client.invalidateQueries({ queryKey: ['version'] });
            void client.invalidateQueries({ queryKey: ['card'] });
            onClose();
        },
    });
    const tick = (list: 'handles' | 'shares', key: string, words: string) => (
        <label key={key} style={{ display: 'inline-flex', gap: 6, alignItems: 'center', minHeight: 'var(--press-usual)', marginRight: 10 }}>
            <input type="checkbox" checked={form.kitchen[list].includes(key)} onChange={(e) => setForm({ ...form, kitchen: { ...form.kitchen, [list]: e.target.checked ? [...form.kitchen[list], key] : form.kitchen[list].filter((one) => one !== key) } })} />
            {words}
        </label>
    );
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
