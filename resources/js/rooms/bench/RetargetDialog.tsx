import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Slider from '@mui/material/Slider';
import { useState } from 'react';
import type { Aims, BenchData } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { useMade } from './useMade';
import { counted } from '../../shared/numbers';

const AIMS: { key: keyof Aims; name: string; less: string; more: string; same: number; min: number; max: number; step: number }[] = [
    { key: 'set', name: 'Set', less: 'softer', more: 'firmer', same: 0, min: -2, max: 2, step: 0.25 },
    { key: 'sweetness', name: 'Sweetness', less: 'less sweet', more: 'sweeter', same: 1, min: 0.5, max: 1.5, step: 0.05 },
    { key: 'sharpness', name: 'Sharpness', less: 'milder', more: 'sharper', same: 1, min: 0.5, max: 1.5, step: 0.05 },
    { key: 'richness', name: 'Richness', less: 'leaner', more: 'richer', same: 1, min: 0.5, max: 1.5, step: 0.05 },
];

const SAME: Aims = { set: 0, sweetness: 1, sharpness: 1, richness: 1 };

/** The same ingredients weighed for something else, as a version beside. */
export function RetargetDialog({ data, onClose, onMade }: { data: BenchData; onClose: () => void; onMade: (version: number) => void }) {
    const [aims, setAims] = useState<Aims>(SAME);
    const make = useMade(`versions/${data.version.id}/retarget`, (made) => {
        onClose();
        onMade(made);
    });
    const words = (key: keyof Aims) => (key === 'set' ? (aims.set === 0 ? 'as it is' : `${aims.set > 0 ? '+' : '−'}${counted(Math.abs(aims.set), 'step')}`) : aims[key] === 1 ? 'as it is' : `${Math.round(aims[key] * 100)} %`);
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="retarget-title">
            <DialogTitle id="retarget-title" className="name">
                {data.version.name}, but otherwise
            </DialogTitle>
            <DialogContent>
                {make.error && <ProblemNote error={make.error} />}
                {AIMS.map(({ key, name, less, more, same, min, max, step }) => (
                    <Box key={key} sx={{ display: 'grid', gridTemplateColumns: '92px 76px 1fr 64px 84px', alignItems: 'center', gap: 1.25, py: 0.75 }}>
                        <strong>{name}</strong>
                        <span style={{ textAlign: 'right', color: 'var(--ink-soft)' }}>{less}</span>
                        <Slider aria-label={name} value={aims[key]} min={min} max={max} step={step} marks={[{ value: same }]} track={false} valueLabelDisplay="off" getAriaValueText={() => words(key)} onChange={(_, value) => setAims({ ...aims, [key]: value })} />
                        <span style={{ color: 'var(--ink-soft)' }}>{more}</span>
                        <span>{words(key)}</span>
                    </Box>
                ))}
                <p style={{ color: 'var(--ink-soft)', marginBottom: 0 }}>Lines that are pinned stay; the others move up to three fifths. It becomes a version of its own.</p>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" disabled={make.isPending || JSON.stringify(aims) === JSON.stringify(SAME)} onClick={() => make.mutate({ diets: [], aims })}>
                    Make it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
