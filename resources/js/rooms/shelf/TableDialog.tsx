import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { SHELF_COLUMNS } from '../../api/words';
import { ProblemNote } from '../../shared/ProblemNote';
import { columnsFor, headOf, isOurs } from './columns';

interface Imported {
    dry: boolean;
    rows: { row: number; name: string; action: 'added' | 'changed' | 'as it was' | 'refused'; reasons: Record<string, string>; estimates: string[] }[];
}

const REMEMBERED = 'shelf-columns';

/** What was said of columns before, on this machine. */
function remembered(): Record<string, string> {
    try {
        const kept: unknown = JSON.parse(localStorage.getItem(REMEMBERED) ?? '{}');
        return typeof kept === 'object' && kept !== null ? Object.fromEntries(Object.entries(kept).filter((one): one is [string, string] => typeof one[1] === 'string')) : {};
    } catch {
        return {};
    }
}

/** Own ingredients as a table: out as a file, in with a look at what it would do first. */
export function TableDialog({ onClose }: { onClose: () => void }) {
    const client = useQueryClient();
    const [csv, setCsv] = useState('');
    const [said, setSaid] = useState<Record<string, string>>(remembered);
    const head = headOf(csv);
    const columns = isOurs(head) ? {} : columnsFor(head, said);
    const look = useMutation({ mutationFn: (text: string) => call<Imported>('POST', 'shelf/import', { csv: text, dry: true, columns: isOurs(headOf(text)) ? {} : columnsFor(headOf(text), said) }) });
    const take = useMutation({
        mutationFn: () => call<Imported>('POST', 'shelf/import', { csv, dry: false, columns }),
        onSuccess: () => {
            // What was said of a column holds for the next table that has one of that name.
            localStorage.setItem(REMEMBERED, JSON.stringify({ ...remembered(), ...columns }));
            return client.invalidateQueries({ queryKey: ['shelf'] });
        },
    });
    const rows = (take.data ?? look.data)?.rows ?? [];
    const count = (action: string) => rows.filter((row) => row.action === action).length;
    const useful = count('added') + count('changed');
    const read = async (file: File | undefined) => {
        if (!file) return;
        const text = await file.text();
        setCsv(text);
        take.reset();
        look.mutate(text);
    };
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="table-title">
            <DialogTitle id="table-title" className="name">
                Own ingredients as a table
            </DialogTitle>
            <DialogContent>
                <p style={{ marginTop: 0 }}>
                    <a href="/api/shelf/own.csv" download>
                        Take them out as a file
                    </a>{' '}
                    (comma-separated; opens in any spreadsheet). To bring some in, choose a file of any columns, or paste its rows. Nothing is kept until you have seen what it would do.
                </p>
                <Box component="label" sx={{ display: 'block', mb: 1 }}>
                    <span style={{ fontWeight: 650 }}>A file</span> <input type="file" accept=".csv,text/csv" onChange={(e) => void read(e.target.files?.[0])} />
                </Box>
                <label htmlFor="csv" style={{ fontWeight: 650 }}>
                    Or its rows
                </label>
                <Box
                    component="textarea" id="csv" rows={5} spellCheck={false} value={csv} placeholder={'name,like,energy_kj,fat_g,carbohydrate_g,sugars_g,protein_g\nHill oat drink,oat-milk,180,1.5,6.5,3.4,0.8'}
                    onChange={(e: React.ChangeEvent<HTMLTextAreaElement>) => {
                        setCsv(e.target.value);
                        take.reset();
                        look.reset();
                    }}
                    sx={{ display: 'block', width: '100%', boxSizing: 'border-box', mt: 0.5, font: 'inherit', fontSize: 'var(--text-plain)', border: '1px solid var(--line)', borderRadius: '8px', p: 1, bgcolor: 'var(--panel)', color: 'var(--ink)', '&::placeholder': { color: 'var(--ink-soft)', opacity: 1 } }}
                />
                {csv.trim() !== '' && !isOurs(head) && (
                    <Box component="fieldset" sx={{ border: '1px solid var(--line)', borderRadius: '9px', mt: 1.5, p: '6px 12px 12px' }}>
                        <legend>Which column is which</legend>
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mb: 1.25 }}>Guessed by their names, or as you said the last time; change what is wrong. It is remembered on this machine.</Box>
                        <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(230px, 1fr))', gap: 1.25 }}>
                            {head.map((theirs, n) => (
                                <TextField key={`${theirs} ${n}`} select size="small" label={theirs === '' ? `column ${n + 1}` : `“${theirs}”`} value={columns[theirs] ?? ''} onChange={(e) => { setSaid({ ...said, ...columns, [theirs]: e.target.value }); look.reset(); take.reset(); }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                                    <MenuItem value="">left out</MenuItem>
                                    {SHELF_COLUMNS.map((ours) => <MenuItem key={ours.id} value={ours.id}>{ours.words}</MenuItem>)}
                                </TextField>
                            ))}
                        </Box>
                    </Box>
                )}
                {(look.error ?? take.error) && <ProblemNote error={look.error ?? take.error} />}
                {rows.length > 0 && (
                    <Box aria-live="polite" sx={{ mt: 1.5 }}>
                        <strong>
                            {take.data ? 'Done: ' : 'It would: '}
                            {count('added')} added, {count('changed')} changed, {count('as it was')} as they were, {count('refused')} refused.
                        </strong>
                        <Box component="ul" sx={{ listStyle: 'none', m: '6px 0 0', p: 0, maxHeight: 220, overflow: 'auto' }} tabIndex={0}>
                            {rows.map((row) => (
                                <Box component="li" key={row.row} sx={{ borderTop: '1px solid var(--line)', py: '3px', fontSize: 'var(--text-plain)' }}>
                                    row {row.row} <strong>{row.name || 'without a name'}</strong>: <span style={{ color: row.action === 'refused' ? 'var(--beet)' : 'var(--herb)', fontWeight: 650 }}>{row.action}</span>
                                    {Object.entries(row.reasons).map(([column, reason]) => (
                                        <div key={column} style={{ color: 'var(--beet)' }}>
                                            {column}: {reason}
                                        </div>
                                    ))}
                                    {row.estimates.length > 0 && <div style={{ color: 'var(--ink-soft)' }}>estimated: {row.estimates.join('; ')}</div>}
                                </Box>
                            ))}
                        </Box>
                    </Box>
                )}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="outlined" onClick={() => look.mutate(csv)} disabled={csv.trim() === '' || look.isPending}>
                    See what it would do
                </Button>
                <Button variant="contained" onClick={() => take.mutate()} disabled={!look.data || useful === 0 || take.isPending || take.isSuccess}>
                    Bring {useful > 0 ? useful : 'them'} in
                </Button>
            </DialogActions>
        </Dialog>
    );
}
