import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useQuery } from '@tanstack/react-query';
import { whyQuery } from '../../api/queries';
import { ProblemNote } from '../ProblemNote';
import { Waiting } from '../Waiting';
import { traceFigure } from './figure';
import { whySentence } from './sentence';
import { TraceTree } from './TraceTree';

/** The trace of one number, from the portion down to the packet. */
export function WhyDialog({ version, revision, path, onClose }: { version: number; revision: number; path: string; onClose: () => void }) {
    const { data, error, isPending, refetch } = useQuery(whyQuery(version, revision, path));
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="why-title">
            <DialogTitle id="why-title" className="name">
                {data ? `${data.label}: ${traceFigure(data)}` : 'Why?'}
            </DialogTitle>
            <DialogContent>
                {isPending && <Waiting what="the trace" />}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data && (
                    <>
                        <p style={{ marginTop: 0, fontSize: 'var(--text-lead)' }}>{whySentence(data)}</p>
                        {data.words && <p style={{ marginTop: 0, color: 'var(--ink-soft)' }}>How it is reckoned: {data.words}.</p>}
                        <Box sx={{ fontSize: 'var(--text-plain)' }}>
                            {data.inputs.map((input, n) => (
                                <TraceTree key={`${input.label}${n}`} step={input} open={data.inputs.length < 4} whole={input.unit === data.unit ? data.value : null} />
                            ))}
                        </Box>
                    </>
                )}
            </DialogContent>
            <DialogActions>
                <Button variant="contained" onClick={onClose}>
                    Close
                </Button>
            </DialogActions>
        </Dialog>
    );
}
