import Box from '@mui/material/Box';
import type { PacketCheck } from '../../api/types';
import { CompositionBar } from './CompositionBar';

/** What the typed panel makes: its bar, its energy against the packet's, and what had to be estimated. */
export function PacketMade({ check, refused, waiting }: { check: PacketCheck | null; refused: boolean; waiting: boolean }) {
    return (
        <Box component="section" aria-label="What it makes" aria-live="polite" sx={{ bgcolor: 'var(--sunk)', borderRadius: '10px', p: '12px 14px', fontSize: 'var(--text-plain)' }}>
            <h3 style={{ margin: '0 0 6px', fontSize: 'var(--text-lead)' }}>What it makes</h3>
            {(waiting || !check) && !refused && <Box sx={{ color: 'var(--ink-soft)' }}>Type the name and the figures on the packet; leave out what is not printed. What is missing is estimated from the ingredient it is most like, and marked.</Box>}
            {refused && <Box sx={{ color: 'var(--beet)' }}>It cannot be as typed: see the marked figures.</Box>}
            {check && !refused && !waiting && (
                <>
                    <CompositionBar parts={check.ingredient.parts} />
                    <p style={{ margin: '10px 0 4px' }}>
                        <strong>{check.computed_kj} kJ</strong> from its parts
                        {check.stated_kj !== null && `, ${check.stated_kj} kJ on the packet`}.{' '}
                        {check.energy_note ? <span style={{ color: 'var(--yolk)' }}>{check.energy_note}</span> : check.stated_kj !== null && <span style={{ color: 'var(--herb)' }}>They agree.</span>}
                    </p>
                    {check.estimates.length > 0 && (
                        <>
                            <strong>Estimated</strong>
                            <ul style={{ margin: '2px 0 0', paddingLeft: 18 }}>
                                {check.estimates.map((one) => (
                                    <li key={one.field}>{one.words}</li>
                                ))}
                            </ul>
                        </>
                    )}
                </>
            )}
        </Box>
    );
}
