import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, Problem } from '../../api/client';
import type { Evidence, ShelfIngredient } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { dietName } from '../../shared/words';

/** Notes what a packet or certificate says about a diet: what, when, until when, who. */
export function EvidenceDialog({ ingredient, diet, onClose }: { ingredient: ShelfIngredient; diet: string; onClose: () => void }) {
    const client = useQueryClient();
    const [form, setForm] = useState({ note: '', seen_on: new Date().toLocaleDateString('sv-SE'), expires_on: '', who: localStorage.getItem('who') ?? '' });
    const set = (part: Partial<typeof form>) => setForm((was) => ({ ...was, ...part }));
    const keep = useMutation({
        mutationFn: (meets: boolean) => call<Evidence>('POST', `shelf/${ingredient.id}/evidence`, { ...form, diet, meets, expires_on: form.expires_on || null }),
        onSuccess: async () => {
            localStorage.setItem('who', form.who);
            await client.invalidateQueries({ queryKey: ['shelf'] });
            await client.invalidateQueries({ queryKey: ['version'] });
            onClose();
        },
    });
    const errors = keep.error instanceof Problem ? keep.error.errors : {};
    const question = ingredient.diets.find((one) => one.diet === diet)?.why;
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="evidence-title">
            <DialogTitle id="evidence-title" className="name">
                {ingredient.name}: {dietName(diet)}?
            </DialogTitle>
            <DialogContent>
                <p style={{ marginTop: 0 }}>{question}</p>
                {keep.error && Object.keys(errors).length === 0 && <ProblemNote error={keep.error} />}
                <Box sx={{ display: 'grid', gap: 1.75, mt: 1 }}>
                    <TextField size="small" label="What you saw" placeholder="words on the packet, or the certificate and its number" value={form.note} onChange={(e) => set({ note: e.target.value })} error={'note' in errors} helperText={errors.note} multiline />
                    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1.5 }}>
                        <TextField size="small" label="Who looked" value={form.who} onChange={(e) => set({ who: e.target.value })} error={'who' in errors} helperText={errors.who} />
                        <TextField size="small" type="date" label="Seen on" value={form.seen_on} onChange={(e) => set({ seen_on: e.target.value })} error={'seen_on' in errors} helperText={errors.seen_on} slotProps={{ inputLabel: { shrink: true } }} />
                        <TextField size="small" type="date" label="Good until" value={form.expires_on} onChange={(e) => set({ expires_on: e.target.value })} error={'expires_on' in errors} helperText={errors.expires_on ?? 'empty: until the next packet'} slotProps={{ inputLabel: { shrink: true } }} />
                    </Box>
                </Box>
                <p style={{ color: 'var(--ink-soft)', marginBottom: 0 }}>It answers for this ingredient only. It is no allergy statement, and says nothing of what it met in the kitchen.</p>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="outlined" color="error" onClick={() => keep.mutate(false)} disabled={keep.isPending}>
                    It does not meet it
                </Button>
                <Button variant="contained" onClick={() => keep.mutate(true)} disabled={keep.isPending}>
                    It meets it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
