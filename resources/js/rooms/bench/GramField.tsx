import Box from '@mui/material/Box';
import { useState } from 'react';
import { grams as shown } from '../../shared/numbers';
import { nudged } from './ledger';

/** A gram figure: typed, or nudged with the arrow keys. What cannot be a mass is marked and kept as typed. */
export function GramField({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
    const [typed, setTyped] = useState<string | null>(null);
    const parsed = typed === null ? value : Number(typed.replace(',', '.'));
    const wrong = typed !== null && (typed.trim() === '' || !Number.isFinite(parsed) || parsed < 0 || parsed > 100000);
    const put = (text: string) => {
        setTyped(text);
        const number = Number(text.replace(',', '.'));
        if (text.trim() !== '' && Number.isFinite(number) && number >= 0 && number <= 100000) onChange(number);
    };
    return (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: '3px' }}>
            <Box
                component="input" data-grams inputMode="decimal" aria-label={label} aria-invalid={wrong || undefined} title={wrong ? 'Give a mass between 0 and 100000 g' : undefined}
                value={typed ?? shown(value)}
                onChange={(e: React.ChangeEvent<HTMLInputElement>) => put(e.target.value)}
                onBlur={() => {
                    if (!wrong) setTyped(null);
                }}
                onKeyDown={(e: React.KeyboardEvent<HTMLInputElement>) => {
                    if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
                        e.preventDefault();
                        const next = nudged(wrong ? value : parsed, e.key === 'ArrowUp');
                        setTyped(null);
                        onChange(next);
                    } else if (e.key === 'Enter' || e.key === 'Escape') {
                        setTyped(null);
                        e.currentTarget.blur();
                    }
                }}
                sx={{
                    width: 64, boxSizing: 'border-box', textAlign: 'right', font: 'inherit', fontSize: 16, fontVariantNumeric: 'tabular-nums', color: 'var(--ink)', bgcolor: 'transparent', border: '1px solid transparent', borderRadius: '5px', p: '1px 4px',
                    '&:hover': { borderColor: 'var(--line)' }, '&:focus': { borderColor: 'var(--cobalt)', bgcolor: 'var(--panel)' }, '&[aria-invalid]': { borderColor: 'var(--beet)', bgcolor: 'var(--beet-wash)' },
                }}
            />
            <span>g</span>
        </Box>
    );
}
