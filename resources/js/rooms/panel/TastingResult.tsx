import Box from '@mui/material/Box';
import type { Tasting } from '../../api/types';
import { inPercent } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';

type Result = NonNullable<Tasting['result']>;

/** What it came to, with what so many tasters could have shown. */
export function TastingResult({ data, result }: { data: Tasting; result: Result }) {
    const of = result.evaluation;
    return (
        <Panel component="section" aria-label="Result">
            <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>Result</h2>
            {result.answered < data.tasters && <Box sx={{ color: 'var(--yolk)' }}>{result.answered} of {data.tasters} answered: closed before all had.</Box>}
            {result.words.map((word, n) => <Box key={word} sx={n === 1 ? { fontSize: 'var(--text-lead)', fontWeight: 650 } : undefined}>{word}</Box>)}
            {of && (
                <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: 'auto 1fr', columnGap: 1.5, m: 0, mt: 1, '& dt': { color: 'var(--ink-soft)' }, '& dd': { m: 0, fontVariantNumeric: 'tabular-nums' } }}>
                    <dt>By chance alone</dt><dd>p {of.p_value < 0.0001 ? '< 0.0001' : of.p_value.toFixed(4)}, {of.sided}-sided; {of.critical === null ? 'no count of so few could have shown it' : `${of.critical} were needed`}</dd>
                    <dt>Who can tell</dt><dd>{inPercent(of.p_d.value)} of such tasters ({inPercent(of.p_d.low)} to {inPercent(of.p_d.high)}, 95 %)</dd>
                    <dt>How far apart (d′)</dt><dd>{of.d_prime.value === null ? 'further than can be told' : of.d_prime.value.toFixed(2)} ({(of.d_prime.low ?? 0).toFixed(2)} to {of.d_prime.high === null ? 'no limit' : of.d_prime.high.toFixed(2)})</dd>
                    <dt>Power it had</dt><dd>{inPercent(of.power_here)} to find what {inPercent(of.pd)} can tell{of.tasters_needed && `; ${inPercent(of.power)} takes ${of.tasters_needed.safe}`}</dd>
                </Box>
            )}
            {result.judged.map((sample) => (
                <Box key={sample.letter} component="section" aria-label={sample.name} sx={{ mt: 1 }}>
                    <strong>{sample.name}</strong>{sample.liking !== null && `: liked ${sample.liking.toFixed(1)} of 9 by ${sample.n}`}
                    {sample.attributes.map((one) => (
                        <Box key={one.attribute} sx={{ display: 'grid', gridTemplateColumns: '110px 220px 1fr', gap: 1, alignItems: 'center', py: 0.5 }}>
                            <span>{one.attribute}</span>
                            <Box role="img" aria-label={`too little ${inPercent(one.shares.low)}, right ${inPercent(one.shares.right)}, too much ${inPercent(one.shares.high)}`} sx={{ display: 'flex', height: 16, border: '1px solid var(--rim)', borderRadius: '8px', overflow: 'hidden' }}>
                                <Box sx={{ width: `${100 * one.shares.low}%`, bgcolor: 'var(--cobalt-wash)' }} />
                                <Box sx={{ width: `${100 * one.shares.right}%`, bgcolor: 'var(--herb-wash)' }} />
                                <Box sx={{ width: `${100 * one.shares.high}%`, bgcolor: 'var(--yolk-wash)' }} />
                            </Box>
                            <span style={{ fontSize: 'var(--text-small)' }}>
                                {one.sides.map((side) => `${side.side} ${inPercent(side.share)}${side.drop === null ? '' : `, liked ${side.drop.toFixed(1)} less`}${side.acts ? (side.judged ? ': worth moving' : ': may be worth moving, of too few to judge') : ''}`).join('; ')}
                            </span>
                        </Box>
                    ))}
                </Box>
            ))}
        </Panel>
    );
}
