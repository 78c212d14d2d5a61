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
import { call } from '../../api/client';
import { studioQuery } from '../../api/queries';
import type { Studio } from '../../api/types';
import { currencies } from '../../shared/money';
import { ProblemNote } from '../../shared/ProblemNote';

/** What the studio is called, and what it reckons in. */
export function StudioDialog({ studio, onClose }: { studio: Studio; onClose: () => void }) {
    const client = useQueryClient();
    const [form, setForm] = useState(studio);
    const all = useMemo(() => currencies(), []);
    const keep = useMutation({
        mutationFn: () => call<Studio>('PUT', 'studio', form),
        onSuccess: (kept) => {
            client.setQueryData(studioQuery().queryKey, kept);
            onClose();
        },
    });
    return (
        <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="studio-title">
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
