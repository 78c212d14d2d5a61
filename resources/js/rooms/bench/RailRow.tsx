import Box from '@mui/material/Box';
import type { Rail } from '../../api/types';
import { Why } from '../../shared/why/Why';
import { RailTarget } from './RailTarget';
import { railName, railPath, railPlace, railUnit, railVerdict } from './railWords';

const digits = (rail: Rail) => (rail.property.startsWith('set') || rail.property === 'pH' || rail.property === 'acid' ? 2 : 1);

/** A property on its rail: hollow mark for what is wanted, solid for now, shaded for the tolerance, a bar for how sure it is. */
export function RailRow({ rail, layer, onWant }: { rail: Rail; layer?: number; onWant?: ((value: number) => void) | undefined }) {
    const verdict = railVerdict(rail);
    const place = railPlace(rail.residual);
    const band = rail.low !== null && rail.high !== null;
    return (
        <Box sx={{ py: '3px' }} data-rail={rail.property}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 0.75, fontSize: 14.5, whiteSpace: 'nowrap' }}>
                <strong>{railName(rail)}</strong>
                <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 13 }}>
                    {rail.now_word || railUnit(rail)}
                </Box>
                <Box sx={{ flex: 1 }} />
                <strong>{layer !== undefined && railPath(rail) ? <Why path={`layers.${layer}.${railPath(rail)}`} of={railName(rail)}>{rail.now.toFixed(digits(rail))}</Why> : rail.now.toFixed(digits(rail))}</strong>
                <Box component="span" sx={{ color: 'var(--ink-soft)' }}>
                    / {rail.target.toFixed(digits(rail))}
                </Box>
                <Box component="span" sx={{ fontSize: 13, fontWeight: 700, color: rail.met ? 'var(--herb)' : Math.abs(rail.residual) > 2 ? 'var(--beet)' : 'var(--yolk)', minWidth: 34, textAlign: 'right' }}>
                    {verdict}
                </Box>
            </Box>
            <Box sx={{ position: 'relative', height: 13, '& i': { position: 'absolute', display: 'block' } }}>
                <Box component="i" sx={{ left: '34%', width: '32%', top: 2, bottom: 2, bgcolor: 'var(--herb-wash)' }} />
                <Box component="i" sx={{ left: 0, right: 0, top: 6, height: '1.5px', bgcolor: 'var(--line)' }} />
                {band && <Box component="i" sx={{ left: `${Math.max(0, place - 22)}%`, right: `${Math.max(0, 78 - place)}%`, top: 5.5, height: '2.5px', bgcolor: 'var(--cobalt)', opacity: 0.45 }} />}
                {onWant ? <RailTarget rail={rail} onWant={onWant} /> : <Box component="i" sx={{ left: 'calc(50% - 1px)', width: 2, top: 0, bottom: 0, bgcolor: 'var(--herb)' }} />}
                <Box component="i" sx={{ left: `calc(${place}% - 5px)`, width: 10, height: 10, top: 1.5, borderRadius: '50%', bgcolor: 'var(--cobalt)' }} />
            </Box>
        </Box>
    );
}
