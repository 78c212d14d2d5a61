import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { ProblemNote } from '../../shared/ProblemNote';
import { Only } from '../../shared/Only';

interface Props {
    version: number;
    layer: number;
    name: string;
    /** The layer holds the preparation now, and nothing else. */
    onKept: (id: string, name: string, grams: number) => void;
}

/** A layer becomes an ingredient of the shelf, to be used again in other dishes; here it stands as one line. */
export function LayerKeeper({ version, layer, name, onKept }: Props) {
    const [open, setOpen] = useState(false);
    const [called, setCalled] = useState(name);
    const client = useQueryClient();
    const keep = useMutation({
        mutationFn: () => call<{ id: string; name: string; grams: number }>('POST', `versions/${version}/layers/${layer}/preparation`, { name: called }),
        onSuccess: async (made) => {
            setOpen(false);
            onKept(made.id, made.name, made.grams);
            await client.invalidateQueries({ queryKey: ['shelf'] });
        },
    });
    return (
        <>
            <Only to="develop"><Button
                size="small" onClick={(e) => { e.stopPropagation(); setOpen(true); }} aria-label={`Keep ${name} as a preparation`} title="It becomes an ingredient of your shelf, to be used again"
                sx={{ whiteSpace: 'nowrap', flex: 'none', minHeight: 'var(--press-small)', py: 0, fontWeight: 400, color: 'var(--ink-soft)' }}
            >
                as a preparation
            </Button></Only>
            <Dialog open={open} onClose={() => setOpen(false)} onClick={(e) => e.stopPropagation()} slotProps={{ paper: { 'aria-label': `Keep ${name} as a preparation` } }}>
                <DialogTitle>Keep {name} as a preparation</DialogTitle>
                <DialogContent sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
                    <div>It goes on your shelf with its lines and steps, and stands here as one line. Undo brings the lines back; the preparation stays on the shelf.</div>
                    <TextField size="small" label="Its name" value={called} onChange={(e) => setCalled(e.target.value)} autoFocus />
                    {keep.error && <ProblemNote error={keep.error} />}
                </DialogContent>
                <DialogActions>
                    <Button onClick={() => setOpen(false)}>Leave it</Button>
                    <Button variant="contained" disabled={called.trim() === '' || keep.isPending} onClick={() => keep.mutate()}>
                        Keep it
                    </Button>
                </DialogActions>
            </Dialog>
        </>
    );
}
