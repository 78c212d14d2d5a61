import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { FORMS } from '../../api/words';
import type { FormulaLine } from '../../api/types';

/** Longest note a line keeps, in characters; the core cuts there. */
const MOST_NOTE = 400;

/** The forms a line goes in as, which change what it does, and what the kitchen says of it. */
export function LineDetail({ line, onChange }: { line: FormulaLine; onChange: (part: Partial<FormulaLine>) => void }) {
    const [note, setNote] = useState(line.note ?? '');
    const keep = () => {
        if (note.trim() !== (line.note ?? '')) onChange({ note: note.trim() });
    };
    return (
        <Box sx={{ display: 'grid', gap: 1.25, mt: 1.5 }}>
            <TextField
                select size="small" label="Form" fullWidth value={line.prep}
                onChange={(e) => onChange({ prep: [...(e.target.value as unknown as string[])] })}
                slotProps={{ inputLabel: { shrink: true }, select: { multiple: true, displayEmpty: true, notched: true, renderValue: (value) => (value as string[]).map((one) => FORMS.find((form) => form.id === one)?.name ?? one).join(', ') || 'as it is' } }}
            >
                {FORMS.map((form) => (
                    <MenuItem key={form.id} value={form.id}>
                        {form.name}
                    </MenuItem>
                ))}
            </TextField>
            <TextField
                size="small" label="Note" placeholder="strain twice; keep 20 g back" fullWidth value={note} onChange={(e) => setNote(e.target.value)} onBlur={keep}
                onKeyDown={(e) => e.key === 'Enter' && keep()}
                slotProps={{ htmlInput: { maxLength: MOST_NOTE } }}
            />
        </Box>
    );
}
