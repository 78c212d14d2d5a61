import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { filesQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';

/** The version in the forms others read, each with what it cannot hold. */
export function FilesSheet({ version }: { version: number }) {
    const { data, error, isPending, refetch } = useQuery(filesQuery(version));
    return (
        <Panel component="section" aria-label="Files" sx={{ maxWidth: 760 }}>
            {isPending && <Waiting what="the files"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data?.map((one) => (
                <Box key={one.form} sx={{ display: 'grid', gridTemplateColumns: '1fr auto', gap: 1.5, alignItems: 'start', py: 1.25, borderBottom: '1px solid var(--line)', '&:last-child': { border: 0 } }}>
                    <div>
                        <strong>{one.words}</strong> <span style={{ color: 'var(--ink-soft)' }}>{one.name}, {one.bytes < 1024 ? `${one.bytes} bytes` : `${(one.bytes / 1024).toFixed(1)} kB`}</span>
                        {one.lost.length === 0 ? <div>Holds everything.</div> : <div>Cannot hold {one.lost.join('; ')}.</div>}
                    </div>
                    <Button variant="outlined" component="a" href={`/api/versions/${version}/files/${one.form}`} download={one.name} aria-label={`Take ${one.name}`}>
                        Take it
                    </Button>
                </Box>
            ))}
        </Panel>
    );
}
