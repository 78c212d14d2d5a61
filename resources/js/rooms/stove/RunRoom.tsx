import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { RoomName } from '../../shared/RoomName';
import { counted } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { inWords, type InWords } from '../../shared/ownWords';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { doneIn } from './fold';
import { RunRecord } from './RunRecord';
import { StepAtWork } from './StepAtWork';
import { Timers } from './Timers';
import { useRun } from './useRun';
import { Only } from '../../shared/Only';

/** One step at a time, in type that is read from an arm's length; what is said is kept when the line is gone. */
export function RunRoom({ id }: { id: number }) {
    const { run, error, isPending, refetch, unsent, say } = useRun(id);
    const [chosen, setChosen] = useState<string | null>(null);
    useAwake(run !== undefined && run.finished_at === null);
    if (isPending) return <Box sx={{ p: 2 }}><Waiting what="the run"><LinesWaiting /></Waiting></Box>;
    if (!run) return <Box sx={{ p: 2 }}>{error && <ProblemNote error={error} onRetry={() => void refetch()} />}</Box>;
    const words = inWords(run.making);
    const steps = words.map((one) => one.step);
    const done = doneIn(run);
    const next = steps.find((step) => !done.has(step.id));
    const at = steps.find((step) => step.id === chosen) ?? next ?? steps.at(-1);
    return (
        <Box sx={{ p: { xs: '8px', sm: '12px 16px' }, display: 'grid', gap: 1.25, alignContent: 'start', maxWidth: 980, mx: 'auto' }}>
            <Box component="header" sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <RoomName tab={`${run.dish}, ${run.version} at the stove`} style={{ fontSize: 'var(--text-name)', flex: '1 1 260px' }}>{run.dish}, {run.version}</RoomName>
                <span>{counted(run.portions, 'portion')} · {done.size} of {steps.length} steps done</span>
                {unsent > 0 && <strong role="status" style={{ color: 'var(--yolk)' }}>{counted(unsent, 'note')} kept here until the server is back</strong>}
            </Box>
            {run.making.stops.map((one) => (
                <Box key={one.text} role="alert" sx={{ border: '2px solid var(--beet)', borderRadius: '9px', p: '8px 14px', bgcolor: 'var(--panel)', fontSize: 'var(--text-head)' }}>
                    <strong style={{ color: 'var(--beet)' }}>Not as it stands:</strong> {one.text}
                </Box>
            ))}
            {run.swaps.map((one) => <Box key={one} role="status" sx={{ border: '2px solid var(--yolk)', borderRadius: '9px', p: '8px 14px', bgcolor: 'var(--panel)', fontSize: 'var(--text-head)' }}>{one}</Box>)}
            <Timers run={run} onGo={setChosen} />
            {run.finished_at !== null ? <RunRecord run={run} /> : (
                <>
                    <Only to="record">
                    {at && (
                        <StepAtWork
                            key={at.id} run={run} step={at} words={words.find((one) => one.step.id === at.id)} isDone={done.has(at.id)} place={steps.indexOf(at) + 1} say={say}
                            onBack={steps.indexOf(at) > 0 ? () => setChosen(steps[steps.indexOf(at) - 1]?.id ?? null) : null}
                            onDone={() => {
                                if (!done.has(at.id)) say('done', at.id);
                                setChosen(steps.slice(steps.indexOf(at) + 1).find((step) => !done.has(step.id))?.id ?? null);
                            }}
                        />
                    )}
                    </Only>
                    <Order words={words} done={done} at={at?.id ?? ''} onGo={setChosen} />
                    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                        <Only to="record"><Button variant={next === undefined ? 'contained' : 'outlined'} onClick={() => say('finished')} sx={{ minHeight: 'var(--press-stove)', px: 3 }}>
                            {next === undefined ? 'It is made' : 'Stop here, it is made'}
                        </Button></Only>
                        <Button component={Link} to="/stove" sx={{ minHeight: 'var(--press-stove)' }}>Leave it standing</Button>
                    </Box>
                </>
            )}
        </Box>
    );
}

/** Asks the device to leave its screen on; one that cannot goes dark, and nothing is lost. */
function useAwake(wanted: boolean) {
    useEffect(() => {
        if (!wanted || !('wakeLock' in navigator)) return;
        let lock: WakeLockSentinel | null = null;
        let isOver = false;
        const ask = () => {
            if (document.visibilityState !== 'visible') return;
            navigator.wakeLock.request('screen').then(
                (got) => {
                    if (isOver) void got.release();
                    else lock = got;
                },
                () => undefined,
            );
        };
        ask();
        document.addEventListener('visibilitychange', ask);
        return () => {
            isOver = true;
            document.removeEventListener('visibilitychange', ask);
            void lock?.release();
        };
    }, [wanted]);
}

function Order({ words, done, at, onGo }: { words: readonly InWords[]; done: ReadonlySet<string>; at: string; onGo: (step: string) => void }) {
    return (
        <details>
            <Box component="summary" sx={{ minHeight: 'var(--press-stove)', display: 'list-item', pt: '14px', cursor: 'pointer', fontSize: 'var(--text-head)' }}>All {words.length} steps</Box>
            <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {words.map(({ step, texts }) => (
                    <li key={step.id}>
                        <Box
                            component="button" type="button" onClick={() => onGo(step.id)} aria-current={step.id === at ? 'step' : undefined}
                            sx={{ font: 'inherit', color: 'inherit', width: '100%', textAlign: 'left', border: 0, borderTop: '1px solid var(--line)', bgcolor: step.id === at ? 'var(--cobalt-wash)' : 'transparent', p: '12px 8px', cursor: 'pointer', display: 'flex', gap: 1.5 }}
                        >
                            <strong style={{ width: 60, flex: 'none', color: done.has(step.id) ? 'var(--herb)' : 'var(--ink-soft)' }}>{done.has(step.id) ? 'done' : step.id}</strong>
                            <span><strong>{step.layer}</strong> {texts.join(' ')}</span>
                        </Box>
                    </li>
                ))}
            </Box>
        </details>
    );
}
