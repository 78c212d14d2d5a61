import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wrongIn } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { waitingQuery } from '../../api/queries';
import type { Errand } from '../../api/types';
import { fieldsOf } from '../../shared/fields';
import { ProblemNote } from '../../shared/ProblemNote';

interface Props {
    dish: { id: number; title: string };
    /** Present where it is said otherwise; absent where it is new. */
    errand?: Errand | undefined;
    onClose: () => void;
}

/** What is next with a dish, by when, and who is waited for. */
export function ErrandDialog({ dish, errand, onClose }: Props) {
    const client = useQueryClient();
    const people = useQuery(waitingQuery()).data?.people ?? [];
    const [form, setForm] = useState({ words: errand?.words ?? '', due_on: errand?.due_on ?? '', waits_for: errand?.waits_for ?? '' });
    const said = { ...form, due_on: form.due_on === '' ? null : form.due_on };
    const done = {
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: ['dishes'] });
            onClose();
        },
    };
    const write = useWrite(errand?.revision ?? null);
    const keep = useMutation({
        mutationFn: () => (errand ? write<Errand>('PUT', `errands/${errand.id}`, said) : call<Errand>('POST', `dishes/${dish.id}/errands`, said)),
        ...done,
    });
    const takeAway = useMutation({
        mutationFn: () => call<undefined>('DELETE', `errands/${errand?.id ?? 0}`),
        ...done,
    });
    const wrong = wrongIn(keep.error);
    const field = fieldsOf(form, setForm, wrong);
    return (
        <Dialog open onClose={onClose} maxWidth="xs" fullWidth aria-labelledby="errand-title">
            <DialogTitle id="errand-title" className="name">
                What is next with {dish.title}
            </DialogTitle>
            <DialogContent>
                <Box
                    component="form" id="errand-form" sx={{ display: 'grid', gap: 1.5, pt: 1 }}
                    onSubmit={(e: React.SyntheticEvent) => {
                        e.preventDefault();
                        keep.mutate();
                    }}
                >
                    <TextField autoFocus size="small" label="What is to be done" placeholder="bake again at 95 °C, ask the maker about gluten" {...field('words')} />
                    <TextField size="small" type="date" label="By when" {...field('due_on', 'Leave it empty where no day is set.')} slotProps={{ inputLabel: { shrink: true } }} />
                    <Autocomplete
                        freeSolo options={people} inputValue={form.waits_for} onInputChange={(_, value) => setForm({ ...form, waits_for: value })}
                        renderInput={(params) => <TextField {...params} size="small" label="Who or what it waits for" error={'waits_for' in wrong} helperText={wrong.waits_for ?? 'A person, a delivery, an answer.'} />}
                    />
                </Box>
                {(keep.error ?? takeAway.error) && <ProblemNote error={keep.error ?? takeAway.error} />}
            </DialogContent>
            <DialogActions>
                {errand && (
                    <Button color="error" onClick={() => takeAway.mutate()} sx={{ mr: 'auto' }}>
                        Take it away
                    </Button>
                )}
                <Button onClick={onClose}>Leave it</Button>
                <Button type="submit" form="errand-form" variant="contained" disabled={form.words.trim() === '' || keep.isPending}>
                    Keep it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
