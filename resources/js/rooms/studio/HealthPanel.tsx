import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { healthQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';

/** Whether everything is in order, for whoever keeps it running. */
export function HealthPanel() {
    const { data, error, refetch } = useQuery(healthQuery());
    return (
        <Panel component="section" aria-labelledby="health-title">
            <h2 id="health-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>
                {data ? (data.is_well ? 'Everything is in order' : 'Something wants looking after') : 'Is everything in order?'}
            </h2>
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data?.checks.map((one) => (
                <Box key={one.what} sx={{ display: 'grid', gridTemplateColumns: '20px 110px 1fr', borderTop: '1px solid var(--line)', py: '3px', fontSize: 'var(--text-plain)' }}>
                    <span style={{ color: one.is_well ? 'var(--herb)' : 'var(--yolk)', fontWeight: 700 }}>{one.is_well ? '✓' : '!'}</span>
                    <span>{one.what}</span>
                    <span>
                        {!one.is_well && <span className="sr-only">not well: </span>}
                        {one.says}
                    </span>
                </Box>
            ))}
        </Panel>
    );
}
