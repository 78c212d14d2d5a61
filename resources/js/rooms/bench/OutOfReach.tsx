import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Answer } from '../../api/types';

/** No route keeps the brief: what stands in the way, by how much, and the nearest that can be had, each one press away. */
export function OutOfReach({ answer, onAccept }: { answer: Answer | undefined; onAccept: (proposal: Answer['proposals'][number]) => void }) {
    if (!answer) return null;
    return (
        <Box role="status" sx={{ fontSize: 14.5, maxWidth: 900 }}>
            <strong>No route keeps this brief.</strong> {answer.blocked[0]}.
            {answer.proposals.length > 0 && (
                <Box sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'center', mt: 0.75 }}>
                    <span>The nearest that can be had:</span>
                    {answer.proposals.map((proposal) => (
                        <Button key={proposal.words} variant="outlined" onClick={() => onAccept(proposal)} sx={{ minHeight: 28, py: 0 }}>
                            {proposal.words}
                        </Button>
                    ))}
                </Box>
            )}
            {answer.blocked.length > 1 && (
                <ul style={{ margin: '6px 0 0', paddingLeft: 18, color: 'var(--ink-soft)' }}>
                    {answer.blocked.slice(1, 3).map((text) => (
                        <li key={text}>{text}.</li>
                    ))}
                </ul>
            )}
        </Box>
    );
}
