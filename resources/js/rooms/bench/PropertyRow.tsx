import Box from '@mui/material/Box';
import type { Rail } from '../../api/types';
import { Beam } from './Beam';
import { PayFigures } from './PayFigures';
import { railName, railVerdict, verdictColour } from './railWords';

/** A property by itself, where no lines are named: its balance, what there is of what was, and how it stands. */
export function PropertyRow({ rail }: { rail: Rail }) {
    return (
        <Box data-rail={rail.property} sx={{ display: 'grid', gridTemplateColumns: '46px 1fr auto', columnGap: 1, alignItems: 'center', borderTop: '1px solid var(--line)', py: '3px' }}>
            <Beam rail={rail} />
            <Box sx={{ lineHeight: 1.2 }}>
                <strong style={{ fontSize: 'var(--text-plain)' }}>{railName(rail)}</strong>
                <Box sx={{ fontSize: 'var(--text-fine)', color: 'var(--ink-soft)' }}>
                    <PayFigures rail={rail} />
                </Box>
            </Box>
            <Box sx={{ fontSize: 'var(--text-small)', fontWeight: 700, color: verdictColour(rail) }}>{railVerdict(rail)}</Box>
        </Box>
    );
}
