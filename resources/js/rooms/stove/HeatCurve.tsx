import Box from '@mui/material/Box';
import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffect, useRef } from 'react';
import type { Heat } from '../../api/types';
import { ring } from '../../shared/ring';
import { drawn } from './curve';

/** In the picture's own units, which on each screen are about its pixels: so that what is written in it is read. */
const WIDE = { width: 560, height: 220, gap: 19, beside: 235, size: 15 };
const NARROW = { width: 200, height: 180, gap: 16, beside: 146, size: 13 };
const TONE = { alarm: { border: '4px solid var(--beet)', radius: '3px' }, good: { border: '2px solid var(--herb)', radius: '20px' }, told: { border: '1px solid var(--line)', radius: '9px' } } as const;
const INK = { reach: 'var(--herb)', not_over: 'var(--beet)', told: 'var(--ink-soft)' } as const;

/** What was read over what the models expect, in the window of this formula, and what it says; what must not wait rings, is said, and has a shape of its own. */
export function HeatCurve({ heat }: { heat: Heat }) {
    const { width, height, gap, beside, size } = useMediaQuery('(max-width: 599px)') ? NARROW : WIDE;
    const { expected, read, last, marks, ticks } = drawn(heat, width, height, gap);
    const alarms = heat.said.filter((one) => one.tone === 'alarm').length;
    const before = useRef(alarms);
    useEffect(() => {
        if (alarms > before.current) ring();
        before.current = alarms;
    }, [alarms]);
    return (
        <Box sx={{ display: 'grid', gap: 1 }}>
            <Box component="svg" viewBox={`0 0 ${width + beside} ${height + 26}`} role="img" aria-label={`Temperature of this step: ${heat.marks.map((mark) => `${mark.what} ${Math.round(mark.celsius)} °C`).join(', ')}${heat.read.length > 0 ? `; last read ${heat.read.at(-1)?.celsius.toFixed(1)} °C` : ''}`} sx={{ width: '100%', height: 'auto', display: 'block', bgcolor: 'var(--panel)' }}>
                <rect x={0} y={0} width={width} height={height} fill="none" stroke="var(--line)" />
                {marks.map((mark) => (
                    <g key={`${mark.what} ${mark.celsius}`}>
                        <line x1={0} x2={width} y1={mark.y} y2={mark.y} stroke={INK[mark.kind]} strokeWidth={mark.kind === 'told' ? 1 : 2} strokeDasharray={mark.kind === 'not_over' ? '3 3' : undefined} />
                        <text x={width + 8} y={mark.label + 5} fontSize={size} fill={INK[mark.kind]} fontWeight={mark.kind === 'told' ? 400 : 650}>{/°C/.test(mark.what) ? mark.what : `${mark.what} ${Math.round(mark.celsius)} °C`}</text>
                    </g>
                ))}
                {ticks.map((tick) => (
                    <g key={tick.words}>
                        <line x1={tick.x} x2={tick.x} y1={height} y2={height + 5} stroke="var(--ink-soft)" />
                        <text x={tick.x} y={height + 20} fontSize={size - 1} textAnchor="middle" fill="var(--ink-soft)">{tick.words}</text>
                    </g>
                ))}
                <path d={expected} fill="none" stroke="var(--ink-soft)" strokeWidth={1.5} strokeDasharray="7 5" />
                {read !== '' && <path d={read} fill="none" stroke="var(--cobalt)" strokeWidth={3.5} />}
                {last && <circle cx={last.x} cy={last.y} r={6} fill="var(--cobalt)" />}
            </Box>
            <Box sx={{ color: 'var(--ink-soft)' }}>Dashed: what the model expects. Solid: what the probe read. A guide for where to look, never a proof of a safe temperature.</Box>
            {heat.said.map((one) => (
                <Box key={one.text} role={one.tone === 'alarm' ? 'alert' : undefined} sx={{ border: TONE[one.tone].border, borderRadius: TONE[one.tone].radius, p: '8px 14px', fontSize: 'var(--text-head)', fontWeight: one.tone === 'alarm' ? 650 : 400 }}>
                    {one.text}
                </Box>
            ))}
        </Box>
    );
}
