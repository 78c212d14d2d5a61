import Box from '@mui/material/Box';
import type { SchoolAtWork } from '../api/types';

/** Where practitioners disagree and this studio or dish chose otherwise than usual: said where the choice acts. */
export function SchoolsAtWork({ schools, acts, sx }: { schools: SchoolAtWork[]; acts: 'nutrition' | 'set' | 'routes' | 'rails' | 'method'; sx?: object }) {
    const here = schools.filter((school) => school.acts.split(':')[0]?.includes(acts));
    if (here.length === 0) return null;
    return (
        <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', lineHeight: 1.3, ...sx }} title="Chosen under This version › Schools">
            By your school:{' '}
            {here.map((school, n) => (
                <span key={school.question}>
                    {n > 0 && '; '}
                    {school.words.toLowerCase()}, <span style={{ color: 'var(--ink)' }}>{school.choice}</span>
                </span>
            ))}
        </Box>
    );
}
