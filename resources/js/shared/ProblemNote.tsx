import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Problem } from '../api/client';

/** A fault told plainly: what, where, and the mend. */
export function ProblemNote({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
    const problem = error instanceof Problem ? error : new Problem(0, {});
    // Most refusals name their place and their mend in one sentence; they are not said twice.
    const isSaid = (what: string) => problem.message.toLowerCase().includes(what.toLowerCase().replace(/\.$/, ''));
    return (
        <Box role="alert" sx={{ border: '1.5px solid var(--beet)', bgcolor: 'var(--beet-wash)', color: 'var(--ink)', borderRadius: '10px', p: '10px 14px', my: 1 }}>
            <strong>{problem.message}</strong>
            {problem.field && !isSaid(problem.field) && <span> ({problem.field})</span>}
            {!isSaid(problem.mend) && <div>{problem.mend}</div>}
            {onRetry && (
                <Button variant="outlined" onClick={onRetry} sx={{ mt: 1 }}>
                    Try again
                </Button>
            )}
        </Box>
    );
}
