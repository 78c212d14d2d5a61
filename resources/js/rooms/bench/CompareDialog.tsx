import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { compareQuery } from '../../api/queries';
import type { BenchData } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { Difference } from './Difference';

/** Any two versions of the dish, side by side: what differs in the portion, the layers, the diets and the lines. */
export function CompareDialog({ data, onClose }: { data: BenchData; onClose: () => void }) {
    const others = data.lineage.filter((one) => one.id !== data.version.id);
    const [other, setOther] = useState<number | null>(others[0]?.id ?? null);
    const compare = useQuery({ ...compareQuery(other ?? 0, data.version.id), enabled: other !== null });
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="compare-title">
            <DialogTitle id="compare-title" className="name">
                {data.version.name} beside another version
            </DialogTitle>
            <DialogContent>
                {others.length === 0 ? (
                    'There is no other version of this dish yet.'
                ) : (
                    <TextField select size="small" label="Compare with" value={other ?? ''} onChange={(e) => setOther(Number(e.target.value))} sx={{ my: 1, width: 260 }}>
                        {others.map((one) => (
                            <MenuItem key={one.id} value={one.id}>
                                {one.name}
                            </MenuItem>
                        ))}
                    </TextField>
                )}
                {compare.isLoading && <Waiting what="both versions" />}
                {compare.error && <ProblemNote error={compare.error} />}
                {compare.data && <Difference of={compare.data} />}
            </DialogContent>
            <DialogActions>
                <Button variant="contained" onClick={onClose}>
                    Close
                </Button>
            </DialogActions>
        </Dialog>
    );
}
