import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { priceListsQuery } from '../../api/queries';
import type { PriceList } from '../../api/types';
import { today } from '../../shared/days';
import { counted, longDay } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { useRemoval } from '../../shared/useRemoval';
import { Only } from '../../shared/Only';

/** What suppliers sell and for how much, read in from a table of theirs; the latest of each counts. */
export function PriceLists({ onClose }: { onClose: () => void }) {
    const client = useQueryClient();
    const { data, error } = useQuery(priceListsQuery());
    const [form, setForm] = useState({ supplier: '', dated_on: today(), text: '' });
    const [file, setFile] = useState('');
    const fresh = () => {
        void client.invalidateQueries({ queryKey: ['price-lists'] });
        void client.invalidateQueries({ queryKey: ['service'] });
    };
    const add = useMutation({
        mutationFn: () => call<PriceList>('POST', 'price-lists', form),
        onSuccess: () => {
            fresh();
            setForm({ ...form, supplier: '', text: '' });
            setFile('');
        },
    });
    const { told } = useRemoval();
    const remove = useMutation({
        mutationFn: (list: PriceList) => call<undefined>('DELETE', `price-lists/${list.id}`),
        onSuccess: (_, list) => {
            fresh();
            told('price-lists', list.id, `The list of ${list.supplier}`);
        },
    });
    const read = async (chosen: File | undefined) => {
        if (!chosen) return;
        setFile(chosen.name);
        setForm({ ...form, text: await chosen.text(), supplier: form.supplier || chosen.name.replace(/\.\w+$/, '') });
    };
    const failed = error ?? remove.error;
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="lists-title">
            <DialogTitle id="lists-title" className="name">Price lists</DialogTitle>
            <DialogContent>
                {failed && <ProblemNote error={failed} />}
                {data?.length === 0 && <div>No list is there yet.</div>}
                <Box component="ul" aria-label="Lists that are there" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { display: 'flex', gap: 1, alignItems: 'baseline', borderTop: '1px solid var(--line)', py: 0.5 } }}>
                    {data?.map((list) => (
                        <li key={list.id}>
                            <strong style={{ flex: 1 }}>{list.supplier}</strong>
                            <span>{longDay(list.dated_on)}, {counted(list.articles, 'pack')}</span>
                            <Only to="develop"><Button color="error" onClick={() => remove.mutate(list)} disabled={remove.isPending} aria-label={`Take the list of ${list.supplier}, ${list.dated_on}, away`}>Take away</Button></Only>
                        </li>
                    ))}
                </Box>
                <Box component="form" id="list-form" sx={{ display: 'grid', gap: 1.25, mt: 2 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); add.mutate(); }}>
                    <TextField size="small" label="Supplier" value={form.supplier} onChange={(e) => setForm({ ...form, supplier: e.target.value })} slotProps={{ htmlInput: { maxLength: 120 } }} />
                    <TextField size="small" type="date" label="Prices of" value={form.dated_on} onChange={(e) => setForm({ ...form, dated_on: e.target.value })} slotProps={{ inputLabel: { shrink: true } }} />
                    <label>
                        <span style={{ fontWeight: 650 }}>A file</span> <input type="file" accept=".csv,text/csv" onChange={(e) => void read(e.target.files?.[0])} /> {file}
                    </label>
                    <TextField size="small" multiline minRows={3} maxRows={8} label="or the table itself" placeholder={'ingredient,article,pack_g,price\nsugar,Caster 1 kg,1000,1.35'} value={form.text} onChange={(e) => setForm({ ...form, text: e.target.value })} slotProps={{ inputLabel: { shrink: true } }} />
                    <div>Columns: ingredient as the shelf names it, article, pack_g, price. <a href="/api/price-lists/simulated.csv" download>A list of a supplier that is not there</a> shows the form.</div>
                </Box>
                {add.error && <ProblemNote error={add.error} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Only to="develop"><Button type="submit" form="list-form" variant="contained" disabled={form.supplier.trim() === '' || form.text.trim() === '' || add.isPending}>Read it in</Button></Only>
            </DialogActions>
        </Dialog>
    );
}
