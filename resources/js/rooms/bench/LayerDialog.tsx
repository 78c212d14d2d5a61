import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Formula } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { TINS, TREATMENTS } from '../../shared/words';
import { withLayer, withLayerMoved, withoutLayer, withSplit } from './layers';
import { WordsField } from './WordsField';

interface Props {
    formula: Formula;
    index: number;
    /** Keeps the formula; refused where the server cannot read it. */
    onKeep: (formula: Formula) => Promise<void>;
    onClose: () => void;
    onMoved: (to: number) => void;
}

/** Everything of a layer: its name, place, what is done to it, its tin and loss; split, or taken away. */
export function LayerDialog({ formula, index, onKeep, onClose, onMoved }: Props) {
    const layer = formula.layers[index];
    const [form, setForm] = useState({ name: layer?.name ?? '', treat: layer?.treat ?? 'none', tin: layer?.tin ?? '', loss: layer?.loss ?? '' });
    const [chosen, setChosen] = useState<number[] | null>(null);
    const [splitName, setSplitName] = useState('');
    const [error, setError] = useState<unknown>(null);
    const [busy, setBusy] = useState(false);
    if (!layer) return null;
    const set = (part: Partial<typeof form>) => setForm((was) => ({ ...was, ...part }));
    const changed = withLayer(formula, index, { name: form.name.trim(), treat: form.treat.trim() || 'none', air: form.treat.trim() === layer.treat ? layer.air : null, tin: form.tin.trim() || null, loss: form.loss.trim() || null });
    const keep = (next: Formula, to = index) => {
        setBusy(true);
        setError(null);
        onKeep(next)
            .then(() => {
                onMoved(to);
                onClose();
            })
            .catch(setError)
            .finally(() => setBusy(false));
    };
    const last = formula.layers.length - 1;
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="layer-title">
            <DialogTitle id="layer-title" className="name">
                Layer {index + 1} of {formula.layers.length}: {layer.name}
            </DialogTitle>
            <DialogContent>
                <Box component="form" id="layer-form" onSubmit={(e) => { e.preventDefault(); if (form.name.trim() !== '') keep(changed); }} sx={{ display: 'grid', gap: 1.75, pt: 1 }}>
                    {error !== null && <ProblemNote error={error} />}
                    <TextField size="small" label="Name" value={form.name} onChange={(e) => set({ name: e.target.value })} error={form.name.trim() === ''} helperText={form.name.trim() === '' ? 'A layer needs a name' : undefined} />
                    <WordsField label="What is done to it" value={form.treat} onChange={(treat) => set({ treat })} offered={TREATMENTS} helperText="several in order with semicolons: boil 2 min; bake 150 C" />
                    <WordsField label="Tin, or glasses" value={form.tin} onChange={(tin) => set({ tin })} offered={TINS} placeholder="9 inch springform" helperText="mm, cm or inches, or by volume: 12 x round 8 x 2 cm, six 150 ml glasses; the mass stays" />
                    <TextField size="small" label="What it loses" value={form.loss} onChange={(e) => set({ loss: e.target.value })} placeholder="reduce by 1/4" helperText="reduce by 25 %, reduce to 850 g, bake 8 %, strain 12 %, trim 5 %; empty for nothing" />
                </Box>
                {chosen !== null && (
                    <Box component="fieldset" sx={{ border: '1.5px solid var(--rim)', borderRadius: '9px', mt: 2, p: '8px 12px' }}>
                        <legend style={{ fontWeight: 650 }}>Lines for a layer of their own</legend>
                        {layer.lines.map((line, n) => (
                            <Box component="label" key={line.id ?? n} sx={{ display: 'flex', gap: 1, minHeight: 'var(--press-usual)', alignItems: 'center' }}>
                                <input type="checkbox" checked={chosen.includes(n)} onChange={(e) => setChosen(e.target.checked ? [...chosen, n] : chosen.filter((one) => one !== n))} />
                                {line.text || line.ingredient}
                            </Box>
                        ))}
                        <Box sx={{ display: 'flex', gap: 1, mt: 1 }}>
                            <TextField size="small" label="Name of the new layer" value={splitName} onChange={(e) => setSplitName(e.target.value)} sx={{ flex: 1 }} />
                            <Button variant="contained" disabled={busy || splitName.trim() === '' || chosen.length === 0 || chosen.length === layer.lines.length} onClick={() => keep(withSplit(formula, index, chosen, splitName.trim()), index + 1)}>
                                Split them off
                            </Button>
                        </Box>
                    </Box>
                )}
            </DialogContent>
            <DialogActions sx={{ flexWrap: 'wrap', gap: 0.5 }}>
                <Button disabled={busy || index === last} onClick={() => keep(withLayerMoved(formula, index, index + 1), index + 1)} title="One place nearer the top of the section">
                    Higher
                </Button>
                <Button disabled={busy || index === 0} onClick={() => keep(withLayerMoved(formula, index, index - 1), index - 1)} title="One place nearer the bottom of the section">
                    Lower
                </Button>
                <Button disabled={busy || layer.lines.length < 2} aria-expanded={chosen !== null} onClick={() => setChosen(chosen === null ? [] : null)}>
                    Split
                </Button>
                <Button color="error" disabled={busy || formula.layers.length === 1} onClick={() => keep(withoutLayer(formula, index), Math.max(0, index - 1))}>
                    Take it out
                </Button>
                <Box sx={{ flex: 1 }} />
                <Button onClick={onClose}>Close</Button>
                <Button type="submit" form="layer-form" variant="contained" disabled={busy || form.name.trim() === ''}>
                    Keep it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
