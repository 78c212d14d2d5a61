import Box from '@mui/material/Box';
import { useId, useState } from 'react';
import { grams as shown, typedNumber, typedWrong } from '../../shared/numbers';
import { nudged } from './ledger';

const MOST = 100000;
/** A leap this large, to this much, is asked back before it counts. */
const LEAP = { times: 20, grams: 10000 };

/** A gram figure: typed, and kept when it is left or on Enter, as one change; or nudged with the arrow keys. What cannot be a mass is kept as typed with its reason, and what can hardly be meant is asked back. */
export function GramField({ label, value, onChange }: { label: string; value: number; onChange: (value: number) => void }) {
    const [typed, setTyped] = useState<string | null>(null);
    /** Typed in: the arrows are the figure's. Reached by the arrows it is only looked at until Enter, a figure or a press of the pointer. */
    const [isOpen, setOpen] = useState(false);
    const parsed = typed === null ? value : (typedNumber(typed) ?? NaN);
    const isMass = (number: number) => Number.isFinite(number) && number >= 0 && number <= MOST;
    const isLeap = (number: number) => number >= LEAP.grams && number > LEAP.times * value;
    const wrong = typed !== null && !isMass(parsed);
    const asked = typed !== null && !wrong && isLeap(parsed);
    /** What stands there counts now; what does not yet make a mass, or was not answered, stays as it was typed. */
    const keep = (isMeant: boolean) => {
        if (typed === null || wrong || (asked && !isMeant)) return;
        setTyped(null);
        if (parsed !== value) onChange(parsed);
    };
    const says = useId();
    const reason = wrong ? typedWrong(typed) || `A number from 0 to ${MOST}` : asked ? `${parsed} g? Enter if it is` : '';
    return (
        <Box sx={{ display: 'flex', alignItems: 'center', gap: '3px', position: 'relative' }}>
            <Box
                component="input" data-grams data-cell="grams" data-typing={isOpen || undefined} inputMode="decimal" aria-label={label} aria-invalid={wrong || asked || undefined} aria-describedby={reason === '' ? undefined : says}
                value={typed ?? shown(value)}
                onChange={(e: React.ChangeEvent<HTMLInputElement>) => {
                    setOpen(true);
                    setTyped(e.target.value);
                }}
                onPointerDown={() => setOpen(true)}
                onBlur={() => {
                    setOpen(false);
                    keep(false);
                }}
                onKeyDown={(e: React.KeyboardEvent<HTMLInputElement>) => {
                    if (e.altKey) return;
                    if (!isOpen && !wrong && !asked && e.key === 'Enter') {
                        e.preventDefault();
                        setOpen(true);
                        e.currentTarget.select();
                        return;
                    }
                    if (!isOpen && e.key.startsWith('Arrow')) return;
                    if (e.key === 'ArrowUp' || e.key === 'ArrowDown') {
                        e.preventDefault();
                        const next = nudged(wrong ? value : parsed, e.key === 'ArrowUp');
                        setTyped(null);
                        onChange(next);
                    } else if (e.key === 'Escape' || (e.key === 'Enter' && !wrong)) {
                        if (e.key === 'Enter') keep(true);
                        else setTyped(null);
                        // The cell stays where it is, to be walked on from; Escape once more leaves the ledger.
                        if (e.key === 'Escape' && !isOpen) e.currentTarget.blur();
                        setOpen(false);
                    }
                }}
                sx={{
                    width: 64, boxSizing: 'border-box', textAlign: 'right', font: 'inherit', fontSize: 'var(--text-lead)', fontVariantNumeric: 'tabular-nums', color: 'var(--ink)', bgcolor: 'transparent', border: '1px solid transparent', borderRadius: '5px', p: '1px 4px',
                    '&:hover': { borderColor: 'var(--line)' }, '&[data-typing]': { boxShadow: 'inset 0 -2px 0 var(--cobalt)' }, '&:focus': { borderColor: 'var(--cobalt)', bgcolor: 'var(--panel)' }, '&[aria-invalid]': { borderColor: 'var(--beet)', bgcolor: 'var(--beet-wash)' },
                }}
            />
            <span>g</span>
            {reason !== '' && (
                <Box id={says} role="alert" sx={{ position: 'absolute', top: '100%', left: 0, zIndex: 3, bgcolor: 'var(--beet-wash)', color: 'var(--beet)', border: '1px solid var(--beet)', borderRadius: '6px', px: 0.75, fontSize: 'var(--text-small)', whiteSpace: 'nowrap' }}>
                    {reason}
                </Box>
            )}
        </Box>
    );
}
