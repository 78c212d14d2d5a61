import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { learningQuery } from '../../api/queries';
import type { LearnedFactor, Learning } from '../../api/types';
import { useWrite } from '../../api/useWrite';
import { longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { FactorBar, OffPlot, ReliabilityPlot } from './plots';
import { Only } from '../../shared/Only';

/** What the trials say of this kitchen: its factors, whether its chances came true, how far each mechanism was off. */
export function HowSure() {
    const { data, error, refetch, isPending } = useQuery(learningQuery());
    if (isPending) return <Waiting what="what the trials say"><LinesWaiting /></Waiting>;
    if (error) return <ProblemNote error={error} onRetry={() => void refetch()} />;
    if (data.trials === 0 && data.factors.length === 0) return <Panel>No set was found yet. Three trials of one mechanism are the least that can say something of this kitchen.</Panel>;
    return (
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, alignItems: 'start' }}>
            <Factors data={data} />
            <Box sx={{ display: 'grid', gap: 1.5 }}>
                <CameTrue data={data} />
                <Panel>
                    <h2 className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>How far off, by what sets it</h2>
                    <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', mb: 1 }}>Each mark is a trial: steps softer to the left, firmer to the right, of what the shipped model says.</Box>
                    {data.residuals.map((row) => <OffPlot key={row.mechanism} row={row} />)}
                </Panel>
            </Box>
        </Box>
    );
}

function Factors({ data }: { data: Learning }) {
    const client = useQueryClient();
    const write = useWrite(data.revision);
    const put = useMutation({
        mutationFn: ({ mechanism, use }: { mechanism: string; use: boolean }) => write<Learning>('PUT', `factors/${mechanism}`, { use }),
        onSuccess: async (now) => {
            client.setQueryData(learningQuery().queryKey, now);
            // Every reading may be another now.
            await client.invalidateQueries();
        },
    });
    const proposed = data.factors.filter((one) => one.proposed && one.in_use === null).length;
    return (
        <Panel>
            <h2 className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>This kitchen’s factors</h2>
            <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', mb: 1 }}>
                By how much each mechanism sets firmer or softer here than the shipped model says, drawn towards 1 until trials say otherwise. Nothing is put to use by itself.
            </Box>
            {put.error && <ProblemNote error={put.error} />}
            {proposed > 0 && <Box sx={{ bgcolor: 'var(--yolk-wash)', borderRadius: '9px', p: '6px 10px', mb: 1, fontWeight: 650 }}>{proposed === 1 ? 'One factor is proposed' : `${proposed} factors are proposed`}: look at it, and take it over or leave it.</Box>}
            {data.factors.map((one) => (
                <Box key={one.mechanism} component="section" aria-label={one.name} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
                    <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap' }}>
                        <strong style={{ flex: 1, fontSize: 'var(--text-lead)' }}>{one.name}</strong>
                        <Box sx={{ fontVariantNumeric: 'tabular-nums', fontSize: 'var(--text-lead)' }}>× {one.factor.toFixed(2)}</Box>
                        <Box sx={{ color: 'var(--ink-soft)', fontVariantNumeric: 'tabular-nums' }}>{one.low.toFixed(2)} to {one.high.toFixed(2)}</Box>
                    </Box>
                    <FactorBar factor={one} />
                    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', fontSize: 'var(--text-plain)' }}>
                        <span style={{ flex: 1 }}>{words(one)}</span>
                        {one.in_use !== null && <Only to="develop"><Button variant="outlined" onClick={() => put.mutate({ mechanism: one.mechanism, use: false })} disabled={put.isPending}>Let it go</Button></Only>}
                        {one.proposed && (one.in_use === null || Math.abs(one.in_use.factor - one.factor) > 0.005) && (
                            <Only to="develop"><Button variant="contained" onClick={() => put.mutate({ mechanism: one.mechanism, use: true })} disabled={put.isPending}>
                                {one.in_use === null ? 'Read with it' : 'Read with the newer one'}
                            </Button></Only>
                        )}
                    </Box>
                    {one.in_use !== null && (
                        <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--herb)' }}>
                            In use: × {one.in_use.factor.toFixed(2)}, taken over by {one.in_use.who} on {longDay(one.in_use.on)} from {one.in_use.n} batches.
                        </Box>
                    )}
                </Box>
            ))}
            {data.packets.length > 0 && (
                <>
                    <h2 className="name" style={{ margin: '10px 0 4px', fontSize: 'var(--text-title)' }}>Single packets</h2>
                    <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>Told, not read with: the next packet may be another.</Box>
                    {data.packets.map((one) => (
                        <Box key={`${one.lot_id} ${one.mechanism}`} sx={{ borderTop: '1px solid var(--line)', py: 0.5, fontVariantNumeric: 'tabular-nums' }}>
                            {one.name} {one.code}: {one.mechanism_name} × {one.factor.toFixed(2)} ({one.low.toFixed(2)} to {one.high.toFixed(2)}), {one.n} batches{one.proposed && <strong>, otherwise than the model says</strong>}
                        </Box>
                    ))}
                </>
            )}
        </Panel>
    );
}

/** What a factor says, in words: why it is proposed, or what is missing. */
function words(one: LearnedFactor): string {
    const batches = one.n === 1 ? '1 batch bears on it' : `${one.n} batches bear on it`;
    if (one.proposed) return `${one.factor < 1 ? 'Softer' : 'Firmer'} here: ${batches}; with it ${Math.round(100 * one.gain)} % less is missed of trials it has not seen.`;
    if (one.n < 3) return `${batches}: three are the least.`;
    if (one.low <= 1 && one.high >= 1) return `${batches}; 1 lies within, so it may be as shipped.`;
    return `${batches}; it foretells trials it has not seen no better.`;
}

function CameTrue({ data }: { data: Learning }) {
    const of = data.reliability;
    return (
        <Panel>
            <h2 className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>Do the chances come true?</h2>
            {of === null && <div>No trial has a chance that was kept before it was found.</div>}
            {of && (
                <>
                    <Box sx={{ mb: 0.5 }}>
                        Of {of.n} sets that were foretold, the likeliest step came in <strong>{of.came}</strong>; the chances said {of.said.toFixed(0)}.{' '}
                        {of.p !== null && (of.p < 0.05 ? <strong style={{ color: 'var(--beet)' }}>They are not to be trusted as they stand (p {of.p.toFixed(3)}).</strong> : <span>Nothing speaks against them (p {of.p.toFixed(2)}), which is no proof.</span>)}
                    </Box>
                    {of.skill !== null && of.skill < 0.05 && <Box sx={{ color: 'var(--yolk)', fontWeight: 650, mb: 0.5 }}>So far they foretell a single step no better than knowing how often it comes.</Box>}
                    {of.classes.length > 0 ? <ReliabilityPlot of={of} /> : <Box sx={{ color: 'var(--ink-soft)' }}>Under twenty forecasts a curve would say more than is known.</Box>}
                    <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 1.5, m: 0, mt: 1, fontSize: 'var(--text-small)', '& dd': { m: 0, fontVariantNumeric: 'tabular-nums' } }}>
                        <dt>Brier score</dt><dd>{of.brier.toFixed(3)} (0 is perfect; knowing only how often it comes gives {of.uncertainty.toFixed(3)})</dd>
                        <dt>Reliability</dt><dd>{of.reliability.toFixed(3)}, where perfect chances would show about {of.expected.toFixed(3)}</dd>
                        <dt>Over the whole ladder</dt><dd>{of.ranked.toFixed(2)} (ranked probability score, 0 is perfect)</dd>
                    </Box>
                    <Box sx={{ mt: 0.5, fontSize: 'var(--text-small)' }}>
                        What these mean: <Link to="/words">words</Link>.
                    </Box>
                </>
            )}
        </Panel>
    );
}
