import Box from '@mui/material/Box';
import type { Mark } from '../api/types';

const SHORT: Record<Mark, string> = { pub: 'published', trade: 'common practice', mem: 'from memory', packet: 'packet', meas: 'measured', est: 'estimated' };
const COLOUR: Record<Mark, string> = { pub: 'var(--herb)', trade: 'var(--cobalt)', mem: 'var(--ink-soft)', packet: 'var(--herb)', meas: 'var(--herb)', est: 'var(--yolk)' };

/** Where a value comes from, in a word, with the source said in full beside it or on hover. */
export function SourceMark({ mark, source, full = false }: { mark: Mark; source: string; full?: boolean }) {
    return (
        <Box component="span" title={source} sx={{ fontSize: 13, color: 'var(--ink-soft)' }}>
            <Box component="span" sx={{ color: COLOUR[mark], fontWeight: 650 }}>
                {SHORT[mark]}
            </Box>
            {full && `: ${source}`}
        </Box>
    );
}
