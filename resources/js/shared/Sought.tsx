import TextField from '@mui/material/TextField';
import { useEffect, useState } from 'react';

/** A field to find something by: what is typed is asked for a moment after the last key. */
export function Sought({ label, placeholder, value, onAsk }: { label: string; placeholder: string; value: string; onAsk: (sought: string) => void }) {
    const [typed, setTyped] = useState(value);
    const [seen, setSeen] = useState(value);
    if (seen !== value) {
        // What is asked was changed from elsewhere: gone back to, or all shown again.
        setSeen(value);
        if (typed.trim() !== value) setTyped(value);
    }
    useEffect(() => {
        const wait = setTimeout(() => {
            if (typed.trim() !== value) onAsk(typed.trim());
        }, 150);
        return () => clearTimeout(wait);
    }, [typed, value, onAsk]);
    return <TextField size="small" placeholder={placeholder} value={typed} onChange={(e) => setTyped(e.target.value)} sx={{ width: 260, maxWidth: '100%' }} slotProps={{ htmlInput: { 'aria-label': label, type: 'search' } }} />;
}
