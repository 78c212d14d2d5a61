import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useInfiniteQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { trialsQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { compareStep } from '../../shared/trial/compareStep';
import { TrialRow } from '../../shared/trial/TrialRow';

/** Every trial, foretold against found. */
export function Notebook() {
    const { data: pages, error, isPending, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery(trialsQuery());
    const data = pages?.pages.flatMap((page) => page.trials);
    const on = (data ?? []).filter((trial) => compareStep(trial).same).length;
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 900 }}>
            <h1 className="name" style={{ margin: '0 0 10px', fontSize: 25 }}>
                Notebook
            </h1>
            <Panel>
                {isPending && <Waiting what="the trials" />}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data?.length === 0 && (
                    <div>
                        No trial is noted yet. Open a version on the <Link to="/bench">Bench</Link>, make it, and press “Note a trial”.
                    </div>
                )}
                {data && data.length > 0 && (
                    <Box sx={{ pb: 1, fontSize: 16 }}>
                        <strong>
                            {on} of {data.length}
                        </strong>{' '}
                        {hasNextPage ? 'shown here set as foretold; earlier ones stand below.' : 'set as foretold.'}
                    </Box>
                )}
                {data?.map((trial) => (
                    <Box key={trial.id}>
                        <TrialRow trial={trial} title={`${trial.dish}, ${trial.version}`} />
                        <Link to={`/bench/${trial.version_id}`}>Open {trial.version} on the Bench</Link>
                    </Box>
                ))}
                {hasNextPage && (
                    <Button variant="outlined" onClick={() => void fetchNextPage()} disabled={isFetchingNextPage} sx={{ mt: 1 }}>
                        Earlier trials
                    </Button>
                )}
            </Panel>
        </Box>
    );
}
