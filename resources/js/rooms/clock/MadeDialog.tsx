import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { dishesQuery } from '../../api/queries';
import type { DishSummary, Service, ServiceItem } from '../../api/types';
import { DIETS } from '../../api/words';
import { typedCount } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { dietName } from '../../shared/words';
import { useChange } from './useService';

type Row = Pick<ServiceItem, 'version_id' | 'dish' | 'version' | 'diets'> & { id: number | null; portions: string };

/** Which versions are made, for how many, and what one must be free for. */
export function MadeDialog({ service, onClose }: { service: Service; onClose: () => void }) {
    const [rows, setRows] = useState<Row[]>(service.items.map((item) => ({ ...item, portions: String(item.portions) })));
    const [sought, setSought] = useState('');
    const dishes = useQuery({ ...dishesQuery(sought), placeholderData: keepPreviousData }).data ?? [];
    const choices = dishes.flatMap((dish: DishSummary) => dish.versions.map((version) => ({ id: version.id, dish: dish.title, version: version.name })));
    const change = useChange(service);
    const set = (n: number, over: Partial<Row>) => setRows(rows.map((row, at) => (at === n ? { ...row, ...over } : row)));
    const bad = (row: Row) => typedCount(row.portions) === null;
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="made-title">
            <DialogTitle id="made-title" className="name">What is made</DialogTitle>
            <DialogContent>
                <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1, pt: 1 }}>
                    {rows.map((row, n) => (
                        <Box component="li" key={row.id ?? `new ${row.version_id} ${n}`} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
                            <Box sx={{ flex: '1 1 220px' }}><strong>{row.dish}</strong>, {row.version}</Box>
                            <TextField size="small" label="Portions" value={row.portions} onChange={(e) => set(n, { portions: e.target.value })} error={bad(row)} sx={{ width: 110 }} slotProps={{ htmlInput: { inputMode: 'numeric', 'aria-label': `Portions of ${row.dish}, ${row.version}` } }} />
                            <Autocomplete
                                multiple size="small" options={DIETS.map((one) => one.id)} getOptionLabel={dietName} value={row.diets} onChange={(_, diets) => set(n, { diets })} disableCloseOnSelect sx={{ flex: '1 1 230px' }}
                                renderInput={(params) => <TextField {...params} label="Must be" placeholder={row.diets.length === 0 ? 'nothing in particular' : ''} slotProps={{ ...params.slotProps, htmlInput: { ...params.slotProps.htmlInput, 'aria-label': `Must be: ${row.dish}, ${row.version}` } }} />}
                            />
                            <Button size="small" onClick={() => setRows(rows.filter((_, at) => at !== n))} aria-label={`Leave out ${row.dish}, ${row.version}`}>Leave out</Button>
                        </Box>
                    ))}
                </Box>
                <Autocomplete
                    options={choices} getOptionLabel={(one) => `${one.dish}, ${one.version}`} getOptionKey={(one) => one.id} isOptionEqualToValue={(a, b) => a.id === b.id} filterOptions={(all) => all}
                    value={null} inputValue={sought} blurOnSelect clearOnBlur noOptionsText="No dish answers to that."
                    onInputChange={(_, value, why) => setSought(why === 'selectOption' || why === 'reset' ? '' : value)}
                    onChange={(_, one) => one && setRows([...rows, { id: null, version_id: one.id, dish: one.dish, version: one.version, portions: '12', diets: [] }])}
                    renderInput={(params) => <TextField {...params} size="small" label="One more dish" placeholder="Type a dish, an ingredient, a diet" />}
                    sx={{ mt: 2 }}
                />
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', mt: 1 }}>
                    Who must be free of something comes first at each ring, bowl and oven, or it is cleaned in between. A plan is no proof: traces are for packets and hands.
                </Box>
                {change.error && <ProblemNote error={change.error} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Leave it</Button>
                <Button variant="contained" disabled={rows.some(bad) || change.isPending} onClick={() => change.mutate({ items: rows.map(({ id, version_id, portions, diets }) => ({ id, version_id, portions: Number(portions), diets })) }, { onSuccess: onClose })}>
                    Keep it
                </Button>
            </DialogActions>
        </Dialog>
    );
}
