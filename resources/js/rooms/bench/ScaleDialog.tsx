import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Problem } from '../../api/client';
import type { BenchData } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { useMade } from './useMade';

/** Scaled by portions or by the volume of another tin, or the same mass cut otherwise. */
export function ScaleDialog({ data, onClose, onMade }: { data: BenchData; onClose: () => void; onMade: (version: number) => void }) {
    const { portions } = data.now.formula;
    const tins = [...new Set(data.now.formula.layers.flatMap((layer) => (layer.tin ? [layer.tin] : [])))];
    const [form, setForm] = useState({ portions: '', cut: '', tin: '' });
    const make = useMade(`versions/${data.version.id}/scale`, (made) => {
        onClose();
        onMade(made);
    });
    const problem = make.error instanceof Problem ? make.error : null;
    const rows: { key: 'portions' | 'tin' | 'cut'; label: string; help: string; body: () => Record<string, unknown>; press: string }[] = [
        { key: 'portions', label: 'Portions', help: `now ${portions}; every line by one factor`, body: () => ({ portions: Number(form.portions) }), press: 'Scale' },
        { key: 'tin', label: 'Tin', help: `now ${tins.join('; ') || 'none stated'}; by volume, heights and setting times follow`, body: () => ({ tin: form.tin }), press: 'Into this tin' },
        { key: 'cut', label: 'Cut into', help: 'the same mass in more or fewer portions; only their size changes', body: () => ({ cut_into: Number(form.cut) }), press: 'Cut' },
    ];
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="scale-title">
            <DialogTitle id="scale-title" className="name">
                {data.version.name} in another tin or number
            </DialogTitle>
            <DialogContent>
                {problem && <ProblemNote error={problem} />}
                {rows.map(({ key, label, help, body, press }) => (
                    <Box component="form" key={key} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); make.mutate(body()); }} sx={{ display: 'grid', gridTemplateColumns: '1fr 120px', gap: 1.5, py: 1, alignItems: 'start' }}>
                        <TextField size="small" label={label} value={form[key]} placeholder={key === 'tin' ? 'round 200 x 60 mm · 12 x round 70 x 20 mm' : undefined} onChange={(e) => setForm({ ...form, [key]: e.target.value })} helperText={help} />
                        <Button type="submit" variant="outlined" disabled={form[key].trim() === '' || make.isPending} sx={{ minHeight: 'var(--press-large)' }}>
                            {press}
                        </Button>
                    </Box>
                ))}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
            </DialogActions>
        </Dialog>
    );
}
