import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useWrite } from '../../api/useWrite';
import { versionQuery } from '../../api/queries';
import type { BenchData, Notes } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';

export function NotesDialog({ data, onClose }: { data: BenchData; onClose: () => void }) {
    const client = useQueryClient();
    const [notes, setNotes] = useState(data.version.notes);
    const write = useWrite(data.version.said);
    const keep = useMutation({
        mutationFn: () => write<Notes>('PUT', `versions/${data.version.id}/notes`, { notes }),
        onSuccess: (kept) => {
            client.setQueryData<BenchData>(versionQuery(data.version.id).queryKey, (was) => was && { ...was, version: { ...was.version, notes: kept.notes, said: kept.said ?? was.version.said } });
            onClose();
        },
    });
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="notes-title">
            <DialogTitle id="notes-title" className="name">
                Notes on {data.version.name}
            </DialogTitle>
            <DialogContent>
                {keep.error && <ProblemNote error={keep.error} />}
                <TextField multiline minRows={5} fullWidth value={notes} onChange={(e) => setNotes(e.target.value)} slotProps={{ htmlInput: { 'aria-label': 'Notes' } }} placeholder="What to try next, what a guest said, which packet was used" />
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" onClick={() => keep.mutate()} disabled={keep.isPending}>
                    Keep them
                </Button>
            </DialogActions>
        </Dialog>
    );
}
