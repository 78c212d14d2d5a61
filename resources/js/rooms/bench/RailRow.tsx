import Box from '@mui/material/Box';
import type { Rail } from '../../api/types';
import { railName, railPlace, railUnit, railVerdict } from './railWords';

const digits = (rail: Rail) => (rail.property.startsWith('set') || rail.property === 'pH' || rail.property === 'acid' ? 2 : 1);

/** A property on its rail: hollow mark for what is wanted, solid for now, shaded for the tolerance, a bar for how sure it is. */
export function RailRow({ rail }: { rail: Rail }) {
    const verdict = railVerdict(rail);
    const place = railPlace(rail.residual);
    const band = rail.low !== null && rail.high !== null;
    return (
        <Box sx={{ py: '3px' }} data-rail={rail.property}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 0.75, fontSize: 14.5 }}>
                <strong>{railName(rail)}</strong>
                <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 13 }}>
                    {rail.now_word || railUnit(rail)}
                </Box>
                <Box sx={{ flex: 1 }} />
                <strong>{rail.now.toFixed(digits(rail))}</strong>
                <Box component="span" sx={{ color: 'var(--ink-soft)' }}>
                    / {rail.target.toFixed(digits(rail))}
                </Box>
                <Box component="span" sx={{ fontSize: 13, fontWeight: 700, color: rail.met ? 'var(--herb)' : Math.abs(rail.residual) > 2 ? 'var(--beet)' : 'var(--yolk)', minWidth: 34, textAlign: 'right' }}>
                    {verdict}
                </Box>
            </Box>
            <svg viewBox="0 0 100 9" preserveAspectRatio="none" style={{ width: '100%', height: 13, display: 'block' }} aria-hidden>
                <rect x="34" y="1" width="32" height="7" fill="var(--herb-wash)" />
                <path d="M0 4.5H100" stroke="var(--line)" strokeWidth="1" />
                {band && <path d={`M${Math.max(0, place - 22)} 4.5H${Math.min(100, place + 22)}`} stroke="var(--cobalt)" strokeWidth="1.6" opacity="0.45" />}
                <path d="M50 0.5V8.5" stroke="var(--herb)" strokeWidth="0.9" />
                <ellipse cx={place} cy="4.5" rx="1.8" ry="3.4" fill="var(--cobalt)" />
            </svg>
        </Box>
    );
}
