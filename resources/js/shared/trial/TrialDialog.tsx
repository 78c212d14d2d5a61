import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { Trial } from '../../api/types';
import { ProblemNote } from '../ProblemNote';
import { LADDER } from '../words';
import { LotChoice } from './LotChoice';
import { TrialRow } from './TrialRow';

const JUST = ['too little', 'right', 'too much'] as const;

/** Notes what came out, and sets it beside what was foretold. */
export function TrialDialog({ version, title, trials, onClose }: { version: number; title: string; trials: Trial[]; onClose: () => void }) {
    const client = useQueryClient();
    const [step, setStep] = useState<number | null>(null);
    const [sweetness, setSweetness] = useState<string>('right');
    const [sharpness, setSharpness] = useState<string>('right');
    const [remark, setRemark] = useState('');
    const [lots, setLots] = useState<number[]>([]);
    const [madeOn, setMadeOn] = useState(() => new Date().toLocaleDateString('sv-SE'));
    const note = useMutation({
        mutationFn: () => call<Trial>('POST', `versions/${version}/trials`, { made_on: madeOn, set_step: step, sweetness, sharpness, remark, lots }),
        onSuccess: async () => {
            setStep(null);
            setRemark('');
            await client.invalidateQueries({ queryKey: versionQuery(version).queryKey });
            await client.invalidateQueries({ queryKey: ['dishes'] });
            await client.invalidateQueries({ queryKey: ['trials'] });
            await client.invalidateQueries({ queryKey: ['lots'] });
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
                <Choice legend="How did it set?" options={LADDER.map((word, n) => ({ value: String(n), word }))} value={step === null ? '' : String(step)} onChange={(value) => setStep(Number(value))} />
                <Choice legend="Sweetness" options={JUST.map((word) => ({ value: word, word }))} value={sweetness} onChange={setSweetness} />
                <Choice legend="Sharpness" options={JUST.map((word) => ({ value: word, word }))} value={sharpness} onChange={setSharpness} />
                <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 170px', gap: 1.5, mt: 1.5 }}>
                    <TextField multiline minRows={2} size="small" label="Remark" value={remark} onChange={(e) => setRemark(e.target.value)} />
                    <TextField size="small" type="date" label="Made on" value={madeOn} onChange={(e) => setMadeOn(e.target.value)} slotProps={{ inputLabel: { shrink: true } }} />
                </Box>
                <LotChoice version={version} chosen={lots} onChange={setLots} />
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" onClick={() => note.mutate()} disabled={step === null || note.isPending}>
                    Note it
                </Button>
            </DialogActions>
        </Dialog>
    );
}

function Choice({ legend, options, value, onChange }: { legend: string; options: { value: string; word: string }[]; value: string; onChange: (value: string) => void }) {
    return (
        <Box component="fieldset" sx={{ border: 0, p: 0, m: '12px 0 0' }}>
            <legend style={{ fontWeight: 650, padding: 0, marginBottom: 4 }}>{legend}</legend>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
                {options.map((option) => (
                    <Box
                        component="label" key={option.value}
                        sx={{
                            border: '1.5px solid var(--rim)', borderRadius: '9px', px: 1.25, minHeight: 'var(--press-large)', display: 'inline-flex', alignItems: 'center', cursor: 'pointer', position: 'relative',
                            ...(value === option.value && { bgcolor: 'var(--cobalt)', color: 'var(--on-cobalt)', fontWeight: 650 }),
                            '&:focus-within': { outline: '3px solid var(--cobalt)', outlineOffset: '2px' },
                        }}
                    >
                        <input type="radio" name={legend} value={option.value} checked={value === option.value} onChange={() => onChange(option.value)} style={{ position: 'absolute', opacity: 0 }} />
                        {option.word}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
