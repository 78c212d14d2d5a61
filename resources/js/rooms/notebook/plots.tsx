import Box from '@mui/material/Box';
import type { LearnedFactor, Learning, Reliability } from '../../api/types';

const FROM = Math.log(0.5);
const TO = Math.log(2);
const at = (factor: number) => `${(100 * (Math.min(TO, Math.max(FROM, Math.log(factor))) - FROM)) / (TO - FROM)}%`;

/** A factor and its interval between half and double, with the shipped model's 1 in the middle. */
export function FactorBar({ factor }: { factor: LearnedFactor }) {
    return (
        <Box aria-hidden sx={{ position: 'relative', height: 20, my: 0.5 }}>
            <Box sx={{ position: 'absolute', top: 9, left: 0, right: 0, height: 2, bgcolor: 'var(--line)' }} />
            <Box sx={{ position: 'absolute', top: 2, left: '50%', width: 2, height: 16, bgcolor: 'var(--ink-soft)' }} />
            <Box sx={{ position: 'absolute', top: 6, left: at(factor.low), width: `calc(${at(factor.high)} - ${at(factor.low)})`, height: 8, borderRadius: 4, bgcolor: factor.proposed ? 'var(--yolk-fill)' : 'var(--cobalt-wash)', border: '1px solid var(--rim)', boxSizing: 'border-box' }} />
            <Box sx={{ position: 'absolute', top: 3, left: `calc(${at(factor.factor)} - 2px)`, width: 4, height: 14, borderRadius: 2, bgcolor: 'var(--ink)' }} />
        </Box>
    );
}

const SIZE = 260;
const PAD = 34;
const x = (v: number) => PAD + v * (SIZE - PAD - 24);
const y = (v: number) => SIZE - PAD - v * (SIZE - PAD - 8);

/** Foretold chance against how often it came: each class with its own uncertainty, and what chance alone would give were it true. No line through them. */
export function ReliabilityPlot({ of }: { of: Reliability }) {
    return (
        <figure style={{ margin: 0 }}>
            <svg width={SIZE} height={SIZE} viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label={`How often it came, by the chance that was foretold: ${of.classes.map((one) => `${Math.round(100 * one.forecast)} % foretold, ${Math.round(100 * one.came)} % came, of ${one.n}`).join('; ')}`}>
                <rect x={x(0)} y={y(1)} width={x(1) - x(0)} height={y(0) - y(1)} fill="none" stroke="var(--line)" />
                <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke="var(--ink-soft)" strokeDasharray="4 4" />
                {of.classes.map((one) => (
                    <g key={one.forecast}>
                        <rect x={x(one.forecast) - 6} y={y(one.expected_high)} width={12} height={Math.max(1, y(one.expected_low) - y(one.expected_high))} fill="var(--cobalt-wash)" />
                        <line x1={x(one.forecast)} y1={y(one.low)} x2={x(one.forecast)} y2={y(one.high)} stroke="var(--ink)" strokeWidth={1.5} />
                        <circle cx={x(one.forecast)} cy={y(one.came)} r={4.5} fill="var(--yolk-fill)" stroke="var(--ink)" />
                        <text x={x(one.forecast) + 8} y={y(one.came) + 4} fontSize={12} fill="var(--ink)">{one.n}</text>
                    </g>
                ))}
                {[0, 0.5, 1].map((tick) => (
                    <g key={tick} fontSize={12} fill="var(--ink-soft)">
                        <text x={x(tick)} y={SIZE - PAD + 16} textAnchor="middle">{100 * tick} %</text>
                        <text x={PAD - 5} y={y(tick) + 4} textAnchor="end">{100 * tick}</text>
                    </g>
                ))}
                <text x={x(0.5)} y={SIZE - 4} textAnchor="middle" fontSize={12} fill="var(--ink)">chance foretold</text>
            </svg>
            <figcaption style={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>How often it came (%), by the chance foretold. Beside each mark its number of trials; the bar is its own 95 %, the pale block what would be seen were the chance true.</figcaption>
        </figure>
    );
}

/** Every trial of a mechanism by how far it was off, three steps either way. */
export function OffPlot({ row }: { row: Learning['residuals'][number] }) {
    const place = (off: number) => 50 + (50 * Math.max(-3, Math.min(3, off))) / 3;
    const side = row.mean < -0.15 ? 'softer' : row.mean > 0.15 ? 'firmer' : 'on the whole as foretold';
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: '120px 1fr', gap: 1, alignItems: 'center', borderTop: '1px solid var(--line)', py: 0.5 }}>
            <Box sx={{ fontSize: 'var(--text-plain)' }}>
                <strong>{row.name}</strong>
                <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>{row.n} trials, {side === 'on the whole as foretold' ? side : `${Math.abs(row.mean).toFixed(1)} ${side}`}</Box>
            </Box>
            <svg width="100%" height={34} role="img" aria-label={`${row.name}: ${row.points.map((one) => `${one.dish} ${one.off > 0 ? '+' : ''}${one.off.toFixed(1)}`).join(', ')}`}>
                <line x1="0" x2="100%" y1={17} y2={17} stroke="var(--line)" />
                {[-2, -1, 1, 2].map((tick) => <line key={tick} x1={`${place(tick)}%`} x2={`${place(tick)}%`} y1={13} y2={21} stroke="var(--line)" />)}
                <line x1="50%" x2="50%" y1={4} y2={30} stroke="var(--ink-soft)" />
                {row.points.map((one, n) => <circle key={`${one.trial_id} ${one.layer}`} cx={`${place(one.off)}%`} cy={17 + ((n % 3) - 1) * 6} r={4} fill="var(--yolk-fill)" stroke="var(--ink)" strokeWidth={0.8}><title>{`${one.dish}, ${one.layer}: ${one.off.toFixed(1)} steps`}</title></circle>)}
                <line x1={`${place(row.mean)}%`} x2={`${place(row.mean)}%`} y1={6} y2={28} stroke="var(--beet)" strokeWidth={2.5} />
            </svg>
        </Box>
    );
}
