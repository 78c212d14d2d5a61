import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { call, wrongIn } from '../../api/client';
import type { Service } from '../../api/types';
import { fieldsOf } from '../../shared/fields';
import { ProblemNote } from '../../shared/ProblemNote';
import { minuteOf, momentOf, wallNow } from '../../shared/moment';

/** A name and a moment; what is made and where is said in its room. */
export function NewService({ onClose }: { onClose: () => void }) {
    const client = useQueryClient();
    const go = useNavigate();
    const [form, setForm] = useState(() => ({ name: '', serve_at: `${momentOf(minuteOf(wallNow()) + 1440).slice(0, 10)}T19:30` }));
    const keep = useMutation({
        mutationFn: () => call<Service>('POST', 'services', form),
        onSuccess: async (made) => {
            client.setQueryData(['service', made.id], made);
            await client.invalidateQueries({ queryKey: ['services'] });
            await go(`/clock/${made.id}`);
        },
    });
    const field = fieldsOf(form, setForm, wrongIn(keep.error));
    return (
        <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="new-service">
            <DialogTitle id="new-service" className="name">A new service</DialogTitle>
            <DialogContent>
                <Box
                    component="form" id="new-service-form" sx={{ display: 'grid', gap: 1.5, pt: 1 }}
                    onSubmit={(e: React.SyntheticEvent) => {
                        e.preventDefault();
                        keep.mutate();
                    }}
                >
                    <TextField autoFocus size="small" label="What it is called" placeholder="Saturday evening, the long table" {...field('name')} />
                    <TextField size="small" type="datetime-local" label="When it is on the table" {...field('serve_at', 'By the clock on the kitchen’s wall.')} slotProps={{ inputLabel: { shrink: true } }} />
                </Box>
                {keep.error && <ProblemNote error={keep.error} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Leave it</Button>
                <Button type="submit" form="new-service-form" variant="contained" disabled={form.name.trim() === '' || form.serve_at === '' || keep.isPending}>
                    Write it down
                </Button>
            </DialogActions>
        </Dialog>
    );
}
