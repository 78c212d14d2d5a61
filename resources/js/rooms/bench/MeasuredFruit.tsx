import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { typedNumber } from '../../shared/numbers';

interface Props {
    brix: number | null;
    acid: number | null;
    onMeasured: (brix: number | null, acid: number | null) => void;
    onKept: () => void;
}

/** A fruit as this kitchen found it: it takes the table's place on this dish. */
export function MeasuredFruit({ brix, acid, onMeasured, onKept }: Props) {
    const [form, setForm] = useState({ brix: brix?.toString() ?? '', acid: acid?.toString() ?? '' });
    const values = { brix: typedNumber(form.brix), acid: typedNumber(form.acid) };
    const wrong = {
        brix: values.brix !== null && !(values.brix >= 1 && values.brix <= 80),
        acid: values.acid !== null && !(values.acid >= 0 && values.acid <= 15),
    };
    return (
        <Box component="form" onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); if (!wrong.brix && !wrong.acid) { onMeasured(values.brix, values.acid); onKept(); } }} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', my: 1.25 }}>
            <TextField size="small" label="Measured °Brix" value={form.brix} onChange={(e) => setForm({ ...form, brix: e.target.value })} error={wrong.brix} helperText={wrong.brix ? '1 to 80' : undefined} />
            <TextField size="small" label="Acid, % citric" value={form.acid} onChange={(e) => setForm({ ...form, acid: e.target.value })} error={wrong.acid} helperText={wrong.acid ? '0 to 15' : undefined} />
            <Button type="submit" variant="outlined" sx={{ minHeight: 'var(--press-large)' }} disabled={wrong.brix || wrong.acid}>
                Use it
            </Button>
        </Box>
    );
}
