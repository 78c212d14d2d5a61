import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { trialsQuery } from '../../api/queries';
import type { Notebook } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { Sought } from '../../shared/Sought';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { compareStep } from '../../shared/trial/compareStep';
import { CorrectDialog } from '../../shared/trial/TrialDialog';
import { TrialPhotos } from '../../shared/trial/TrialPhotos';
import { TrialRow } from '../../shared/trial/TrialRow';
import { Only } from '../../shared/Only';

type Entry = Notebook['trials'][number];

/** Every trial, foretold against found. */
export function Trials() {
    const [asked, setAsked] = useState({ q: '', found: '' });
    const [correcting, setCorrecting] = useState<Entry | null>(null);
    const isAsked = asked.q !== '' || asked.found !== '';
    const { data: pages, error, isPending, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({ ...trialsQuery(asked), placeholderData: keepPreviousData });
    const data = pages?.pages.flatMap((page) => page.trials);
    const judged = (data ?? []).filter((trial) => trial.set_step !== null && trial.predicted.step_index !== null);
    const on = judged.filter((trial) => compareStep(trial).same).length;
    return (
        <Panel>
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1 }}>
                <Box sx={{ flex: 1, fontSize: 'var(--text-lead)' }}>
                    {judged.length > 0 && !isAsked && (
                        <>
                            <strong>
                                {on} of {judged.length}
                            </strong>{' '}
                            {hasNextPage ? 'shown here set as foretold; earlier ones stand below.' : 'set as foretold.'}
                        </>
                    )}
                </Box>
                <Sought label="Find a trial" placeholder="Dish, version, remark, 2026-11" value={asked.q} onAsk={(q) => setAsked({ ...asked, q })} />
                <TextField select size="small" value={asked.found} onChange={(e) => setAsked({ ...asked, found: e.target.value })} slotProps={{ htmlInput: { 'aria-label': 'How it came out' }, select: { displayEmpty: true } }} sx={{ minWidth: 190 }}>
                    <MenuItem value="">however it came out</MenuItem>
                    <MenuItem value="softer">softer than foretold</MenuItem>
                    <MenuItem value="firmer">firmer than foretold</MenuItem>
                    <MenuItem value="foretold">as foretold</MenuItem>
                </TextField>
            </Box>
            {isPending && <Waiting what="the trials"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data?.length === 0 && isAsked && <div>No trial answers to that. Try a shorter word, or a month such as 2026-11.</div>}
            {data?.length === 0 && !isAsked && (
                <div>
                    No trial is noted yet. Open a version on the <Link to="/bench">Bench</Link>, make it, and press “Note a trial”.
                </div>
            )}
            {data?.map((trial) => (
                <Box key={trial.id}>
                    <TrialRow trial={trial} title={`${trial.dish}, ${trial.version}`} />
                    {trial.next !== '' && (
                        <Box sx={{ mb: 0.5 }}>
                            Next: <Link to={`/bench/${trial.version_id}?next=${encodeURIComponent(trial.next)}`}>{trial.next}</Link>
                        </Box>
                    )}
                    <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'end', flexWrap: 'wrap', pb: 1 }}>
                        <TrialPhotos trial={trial} />
                        <Link to={`/bench/${trial.version_id}`}>Open {trial.version} on the Bench</Link>
                        <Only to="record"><Button size="small" onClick={() => setCorrecting(trial)} aria-label={`Correct the trial of ${trial.dish}, ${trial.version}, ${trial.made_on}`}>
                            Correct
                        </Button></Only>
                    </Box>
                </Box>
            ))}
            {hasNextPage && (
                <Button variant="outlined" onClick={() => void fetchNextPage()} disabled={isFetchingNextPage} sx={{ mt: 1 }}>
                    Earlier trials
                </Button>
            )}
            {correcting && <CorrectDialog trial={correcting} title={`${correcting.dish}, ${correcting.version}`} onClose={() => setCorrecting(null)} />}
        </Panel>
    );
}
