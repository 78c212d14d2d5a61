import Box from '@mui/material/Box';
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
import type { BenchData, Comparison } from '../../api/types';
import { grams, money } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { toneOf } from '../../shared/tones';
import { SmallSection } from '../../shared/SmallSection';
import { Waiting } from '../../shared/Waiting';
import { dietName } from '../../shared/words';

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

function Difference({ of }: { of: Comparison }) {
    const { a, b, changes } = of;
    const figure = (unit: string, value: number) => (unit === 'minor units' ? money(value) : `${value} ${unit}`);
    const rows: [string, string, string][] = [
        ...changes.portion.map((one): [string, string, string] => [`${one.what}, a portion`, figure(one.unit, one.was), figure(one.unit, one.now)]),
        ...changes.layers.map((one): [string, string, string] => [`${one.layer}: ${one.what.toLowerCase()}`, one.was, one.now]),
        ...changes.diets.map((one): [string, string, string] => [dietName(one.diet), one.was, one.now]),
        ...lines(of),
    ];
    return (
        <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', fontSize: 14.5, '& td, & th': { borderTop: '1px solid var(--line)', py: '3px', px: 0.75, textAlign: 'left', verticalAlign: 'top' }, '& th': { fontWeight: 400 } }}>
            <thead>
                <tr>
                    <td style={{ borderTop: 0 }} />
                    {[a, b].map((side) => (
                        <td key={side.id} style={{ borderTop: 0, width: '34%' }}>
                            <Box sx={{ height: 96 }}>
                                <SmallSection section={side.section} tones={side.formula.layers.map((layer) => toneOf(layer.lines))} title={`${side.name}, cut`} />
                            </Box>
                            <strong>{side.name}</strong>
                        </td>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map(([what, was, now]) => (
                    <tr key={what}>
                        <th scope="row">{what}</th>
                        <td>{was}</td>
                        <td style={{ fontWeight: 650 }}>{now}</td>
                    </tr>
                ))}
                {rows.length === 0 && (
                    <tr>
                        <td colSpan={3}>They read alike.</td>
                    </tr>
                )}
            </tbody>
        </Box>
    );
}

/** Lines whose mass differs, by layer and ingredient. */
function lines({ a, b }: Comparison): [string, string, string][] {
    const masses = (side: Comparison['a']) => new Map(side.formula.layers.flatMap((layer) => layer.lines.flatMap((line) => (line.ingredient ? [[`${layer.name}: ${side.names[line.ingredient] ?? line.ingredient}`, line.grams ?? 0] as const] : []))));
    const [was, now] = [masses(a), masses(b)];
    return [...new Set([...was.keys(), ...now.keys()])].flatMap((key): [string, string, string][] => {
        const [x, y] = [was.get(key), now.get(key)];
        return Math.abs((x ?? 0) - (y ?? 0)) < 0.05 ? [] : [[key, x === undefined ? '–' : `${grams(x)} g`, y === undefined ? '–' : `${grams(y)} g`]];
    });
}
