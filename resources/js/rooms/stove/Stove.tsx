import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { runsQuery } from '../../api/queries';
import type { RunHead } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { counted, longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { RunRoom } from './RunRoom';

/** What is being made, and what was. */
export function Stove() {
    const { runId } = useParams();
    return runId === undefined ? <Runs /> : <RunRoom id={Number(runId)} key={runId} />;
}

function Runs() {
    const { data, error, isPending, refetch } = useQuery(runsQuery());
    const parts: [string, RunHead[]][] = [['Being made', (data ?? []).filter((run) => run.finished_at === null)], ['Made', (data ?? []).filter((run) => run.finished_at !== null)]];
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 900 }}>
            <RoomName style={{ margin: '0 0 10px' }}>Stove</RoomName>
            <Panel>
                {isPending && <Waiting what="what is made"><LinesWaiting /></Waiting>}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data?.length === 0 && (
                    <div>Nothing is being made. Open a version on the <Link to="/pass">Pass</Link> and press “Make it”, or take a dish of a service from the <Link to="/clock">Clock</Link>.</div>
                )}
                {parts.filter(([, all]) => all.length > 0).map(([name, all]) => (
                    <Box key={name} component="section" aria-label={name} sx={{ mb: 1 }}>
                        <h2 className="name" style={{ margin: '2px 0', fontSize: 'var(--text-title)' }}>{name}</h2>
                        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { borderTop: '1px solid var(--line)', py: 1, display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' } }}>
                            {all.map((run) => (
                                <li key={run.id}>
                                    <Link to={`/stove/${run.id}`} className="name" style={{ fontSize: 'var(--text-title)' }}>{run.dish}, {run.version}</Link>
                                    <span>{counted(run.portions, 'portion')}</span>
                                    <Box component="span" sx={{ color: 'var(--ink-soft)' }}>{run.who}, {longDay(run.started_at)}</Box>
                                </li>
                            ))}
                        </Box>
                    </Box>
                ))}
            </Panel>
        </Box>
    );
}
