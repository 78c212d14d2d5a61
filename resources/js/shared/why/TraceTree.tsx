import Box from '@mui/material/Box';
import { useState } from 'react';
import type { TraceStep } from '../../api/types';
import { SourceMark } from '../SourceMark';
import { shareOf, traceFigure } from './figure';

/** One step with what went into it; opened by a press, a level at a time. */
export function TraceTree({ step, open: atFirst = false, whole }: { step: TraceStep; open?: boolean; whole: number | null }) {
    const [open, setOpen] = useState(atFirst);
    const share = shareOf(step, whole);
    const has = step.inputs.length > 0;
    const line = (
        <>
            <span style={{ fontWeight: 650 }}>{step.label}</span>
            <span style={{ fontWeight: 650, whiteSpace: 'nowrap' }}>{traceFigure(step)}</span>
        </>
    );
    const grid = { display: 'grid', gridTemplateColumns: '16px minmax(0, 1fr) auto', gap: 1, alignItems: 'baseline', width: '100%', textAlign: 'left' } as const;
    return (
        <Box sx={{ borderTop: '1px solid var(--line)', py: '4px' }}>
            {has ? (
                <Box component="button" type="button" aria-expanded={open} onClick={() => setOpen(!open)} sx={{ ...grid, font: 'inherit', color: 'inherit', border: 0, background: 'none', p: 0, cursor: 'pointer', '&:hover': { color: 'var(--cobalt)' } }}>
                    <span aria-hidden>{open ? '▾' : '▸'}</span>
                    {line}
                </Box>
            ) : (
                <Box sx={grid}>
                    <span />
                    {line}
                </Box>
            )}
            <Box sx={{ pl: 3, color: 'var(--ink-soft)' }}>
                {step.words} {step.source && <SourceMark mark={step.source.mark} source={step.source.source} full />}
                {share !== null && share < 0.9995 && <Box aria-hidden sx={{ height: 5, borderRadius: '3px', bgcolor: 'var(--sunk)', mt: '2px', maxWidth: 320 }}><Box sx={{ width: `${share * 100}%`, height: '100%', borderRadius: '3px', bgcolor: 'var(--rim)' }} /></Box>}
            </Box>
            {open && has && (
                <Box sx={{ pl: 2.5, mt: 0.5 }}>
                    {step.inputs.map((input, n) => (
                        // Only what is measured alike can be a part of it.
                        <TraceTree key={`${input.label}${n}`} step={input} whole={input.unit === step.unit ? step.value : null} />
                    ))}
                </Box>
            )}
        </Box>
    );
}
