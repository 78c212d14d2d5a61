import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { runsOfQuery, versionQuery } from '../../api/queries';
import type { Trial } from '../../api/types';
import { useWrite } from '../../api/useWrite';
import { today } from '../days';
import { counted } from '../numbers';
import { ProblemNote } from '../ProblemNote';
import { emptyFound, foundOf, isSaid, said } from './foundDraft';
import { FoundForm } from './FoundForm';
import { LotChoice } from './LotChoice';
import { TrialRow } from './TrialRow';

interface Props {
    version: number;
    title: string;
    /** Layers whose set can be judged. */
    layers: { id: string; name: string }[];
    trials: Trial[];
    onClose: () => void;
}

/** Notes what came out, and sets it beside what was foretold. */
export function TrialDialog({ version, title, layers, trials, onClose }: Props) {
    const client = useQueryClient();
    const [draft, setDraft] = useState(() => emptyFound(today()));
    const [lots, setLots] = useState<number[]>([]);
    const [run, setRun] = useState<number | ''>('');
    const runs = useQuery(runsOfQuery(version)).data ?? [];
    const note = useMutation({
        mutationFn: () => call<Trial>('POST', `versions/${version}/trials`, { ...said(draft), lots, ...(run !== '' && { run_id: run }) }),
        onSuccess: async () => {
            setDraft(emptyFound(draft.made_on));
            await refreshed(client, version);
        },
    });
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="trial-title">
            <DialogTitle id="trial-title" className="name">
                Note a trial: {title}
            </DialogTitle>
            <DialogContent>
                {trials.map((trial) => (
                    <TrialRow key={trial.id} trial={trial} />
                ))}
                {note.error && <ProblemNote error={note.error} />}
                <FoundForm draft={draft} layers={layers} onChange={setDraft} />
                {runs.length > 0 && (
                    <TextField select size="small" label="Made in this run" value={run} onChange={(e) => setRun(e.target.value === '' ? '' : Number(e.target.value))} sx={{ mt: 1.5, minWidth: 260 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                        <MenuItem value="">no run: as the version stands</MenuItem>
                        {runs.map((one) => (
                            <MenuItem key={one.id} value={one.id}>
                                {one.started_at.slice(0, 10)}, revision {one.revision}, {counted(one.portions, 'portion')}
                            </MenuItem>
                        ))}
                    </TextField>
                )}
                <LotChoice version={version} chosen={lots} onChange={setLots} />
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" onClick={() => note.mutate()} disabled={!isSaid(draft) || note.isPending}>
                    Note it
                </Button>
            </DialogActions>
        </Dialog>
    );
}

/** Says a trial otherwise; what stood there stays on record. */
export function CorrectDialog({ trial, title, onClose }: { trial: Trial; title: string; onClose: () => void }) {
    const client = useQueryClient();
    const write = useWrite(trial.edition);
    const [draft, setDraft] = useState(() => foundOf(trial));
    const [why, setWhy] = useState('');
    const layers = trial.predicted.layers.length > 0 ? trial.predicted.layers.map((one) => ({ id: one.layer_id, name: one.layer })) : [{ id: trial.predicted.layer_id ?? '', name: trial.predicted.layer }];
    const correct = useMutation({
        mutationFn: () => write<Trial>('PUT', `trials/${trial.id}`, { ...said(draft), why }),
        onSuccess: async () => {
            await refreshed(client, trial.version_id);
            onClose();
        },
    });
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="correct-title">
            <DialogTitle id="correct-title" className="name">
                Correct the trial of {title}
            </DialogTitle>
            <DialogContent>
                {correct.error && <ProblemNote error={correct.error} />}
                <FoundForm draft={draft} layers={layers} onChange={setDraft} />
                <TextField size="small" fullWidth label="Why it is said otherwise" value={why} onChange={(e) => setWhy(e.target.value)} sx={{ mt: 1.5 }} slotProps={{ htmlInput: { maxLength: 400 } }} />
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" onClick={() => correct.mutate()} disabled={!isSaid(draft) || correct.isPending}>
                    Correct it
                </Button>
            </DialogActions>
        </Dialog>
    );
}

async function refreshed(client: ReturnType<typeof useQueryClient>, version: number): Promise<void> {
    for (const queryKey of [versionQuery(version).queryKey, ['dishes'], ['trials'], ['lots']]) await client.invalidateQueries({ queryKey });
}
