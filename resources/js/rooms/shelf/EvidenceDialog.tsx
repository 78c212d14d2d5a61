import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wrongIn } from '../../api/client';
import type { Evidence, ShelfIngredient } from '../../api/types';
import { fieldsOf } from '../../shared/fields';
import { ProblemNote } from '../../shared/ProblemNote';
import { dietName } from '../../shared/words';

/** Notes what a packet or certificate says about a diet: what, when, until when, who. */
export function EvidenceDialog({ ingredient, diet, onClose }: { ingredient: ShelfIngredient; diet: string; onClose: () => void }) {
    const client = useQueryClient();
    const [form, setForm] = useState({ note: '', seen_on: new Date().toLocaleDateString('sv-SE'), expires_on: '', who: localStorage.getItem('who') ?? '' });
    const keep = useMutation({
        mutationFn: (meets: boolean) => call<Evidence>('POST', `shelf/${ingredient.id}/evidence`, { ...form, diet, meets, expires_on: form.expires_on || null }),
        onSuccess: async () => {
            localStorage.setItem('who', form.who);
            await client.invalidateQueries({ queryKey: ['shelf'] });
            await client.invalidateQueries({ queryKey: ['version'] });
            onClose();
        },
    });
    const errors = wrongIn(keep.error);
    const field = fieldsOf(form, setForm, errors);
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
                    <TextField size="small" label="What you saw" placeholder="words on the packet, or the certificate and its number" {...field('note')} multiline />
                    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: 1.5 }}>
                        <TextField size="small" label="Who looked" {...field('who')} />
                        <TextField size="small" type="date" label="Seen on" {...field('seen_on')} slotProps={{ inputLabel: { shrink: true } }} />
                        <TextField size="small" type="date" label="Good until" {...field('expires_on', 'empty: until the next packet')} slotProps={{ inputLabel: { shrink: true } }} />
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
