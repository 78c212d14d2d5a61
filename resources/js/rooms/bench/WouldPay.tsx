import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Payment } from '../../api/types';
import { grams } from '../../shared/numbers';
import { railName } from './railWords';
import { Only } from '../../shared/Only';

/** What would pay what nobody pays: the first in a line, the others a press away; each put in beside what is there, with what it moves. */
export function WouldPay({ payments, property, onPay }: { payments: Payment[]; property: string; onPay: (payment: Payment, property: string) => void }) {
    const [all, setAll] = useState(false);
    return (
        <Box sx={{ gridColumn: '2 / -1', fontSize: 'var(--text-small)', lineHeight: 1.3, color: 'var(--ink-soft)' }}>
            {(all ? payments : payments.slice(0, 1)).map((payment) => (
                <Box key={payment.ingredient} sx={{ display: 'flex', gap: 0.75, alignItems: 'baseline' }}>
                    <span style={{ flex: 1 }}>{wouldPay(payment)}</span>
                    <Only to="develop"><Button size="small" onClick={() => onPay(payment, property)} aria-label={`Put in ${grams(payment.grams)} g of ${payment.name}`} sx={{ flex: 'none', minHeight: 'var(--press-small)', minWidth: 0, py: 0 }}>
                        put it in
                    </Button></Only>
                </Box>
            ))}
            {payments.length > 1 && (
                <Box component="button" type="button" onClick={() => setAll(!all)} sx={{ font: 'inherit', color: 'var(--cobalt)', border: 0, background: 'none', p: 0, minHeight: 'var(--press-small)', cursor: 'pointer', textDecoration: 'underline' }}>
                    {all ? 'the first only' : 'or otherwise'}
                </Box>
            )}
        </Box>
    );
}

/** "2.1 g agar would pay it, but then sharpness is off". */
export function wouldPay({ name, grams: mass, pays, moves, note }: Payment): string {
    const how = pays >= 1 ? 'would pay it' : `would pay ${Math.round(pays * 100)} % of it`;
    const off = moves.map((one) => railName({ property: one }).toLowerCase());
    return `${grams(mass)} g ${name} ${how}${off.length > 0 ? `, but then ${off.join(' and ')} ${off.length === 1 ? 'is' : 'are'} off` : ''}${note ? ` (${note})` : ''}`;
}
