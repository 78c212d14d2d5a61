import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { Mark } from '../api/types';

const SHORT: Record<Mark, string> = { pub: 'published', trade: 'common practice', mem: 'from memory', packet: 'packet', meas: 'measured', est: 'estimated' };
const COLOUR: Record<Mark, string> = { pub: 'var(--herb)', trade: 'var(--cobalt)', mem: 'var(--ink-soft)', packet: 'var(--herb)', meas: 'var(--herb)', est: 'var(--yolk)' };

/** A source in parts: what stands before, the paragraph of the page of practice it points to, and what stands after. */
export function practiceOf(source: string): { before: string; title: string; id: string; after: string } | null {
    const found = /^(.*?)practice: ([a-z -]+?)(?= and |[;,.()]|$)(.*)$/.exec(source);
    if (!found) return null;
    const [, before = '', title = '', after = ''] = found;
    return { before, title, id: title.trim().replaceAll(' ', '-'), after };
}

/** Where a value comes from, in a word, with the source said in full beside it or on hover; what the trade knows can be opened. */
export function SourceMark({ mark, source, full = false }: { mark: Mark; source: string; full?: boolean }) {
    const practice = practiceOf(source);
    return (
        <Box component="span" title={source} sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
            <Box component="span" sx={{ color: COLOUR[mark], fontWeight: 650 }}>
                {SHORT[mark]}
            </Box>
            {full && ': '}
            {full && !practice && source}
            {full && practice && (
                <>
                    {practice.before}
                    <Link to={`/practice#${practice.id}`}>practice: {practice.title}</Link>
                    {practice.after}
                </>
            )}
        </Box>
    );
}
