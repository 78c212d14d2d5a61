import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Answer } from '../../api/types';

/** No route keeps the brief: what stands in the way, by how much, and the nearest that can be had, each one press away. */
export function OutOfReach({ answer, onAccept }: { answer: Answer | undefined; onAccept: (proposal: Answer['proposals'][number]) => void }) {
    if (!answer) return null;
    const more = [...answer.blocked.slice(1).map((one) => one.reason), ...(answer.blocked[0]?.because ?? [])].slice(0, 2);
    return (
        <Box role="status" sx={{ fontSize: 'var(--text-plain)', maxWidth: 900 }}>
            <strong>No route keeps this brief.</strong> {answer.blocked[0]?.reason}.
            {answer.proposals.length > 0 && (
                <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'center', mt: 0.75 }}>
                    <span>The nearest that can be had:</span>
                    {answer.proposals.map((proposal) => (
                        <Button key={proposal.words} variant="outlined" onClick={() => onAccept(proposal)} sx={{ minHeight: 'var(--press-usual)', py: 0 }}>
                            {proposal.words}
                        </Button>
                    ))}
                </Box>
            )}
            {more.length > 0 && (
                <ul style={{ margin: '6px 0 0', paddingLeft: 18, color: 'var(--ink-soft)' }}>
                    {more.map((text) => (
                        <li key={text}>{text}.</li>
                    ))}
                </ul>
            )}
        </Box>
    );
}
