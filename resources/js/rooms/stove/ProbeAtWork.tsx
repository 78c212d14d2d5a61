import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useEffect, useRef } from 'react';
import type { Heat, MakingStep } from '../../api/types';
import { isWorthKeeping } from './curve';
import type { Say } from './StepAtWork';
import { PRESS } from './press';
import type { AtHand } from './useInstruments';

const PLACE = { pan: 'pot', oven: 'middle, in the oven', cold: 'middle, in the cold' } as const;
const STATE = { steady: 'steady', moving: 'moving', air: 'in the air, not in the mass', gone: 'does not answer' } as const;
const SPEEDS = [1, 20, 200];

/** The live temperature, kept as it moves, so that the curve is in the record. */
export function ProbeAtWork({ at, heat, step, say }: { at: AtHand; heat: Heat; step: MakingStep; say: Say }) {
    const probe = at.shown?.probe ?? null;
    const last = useRef<{ celsius: number; seconds: number } | null>(null);
    const { state, celsius, elapsed } = probe ?? { state: 'gone', celsius: null, elapsed: null };
    const isIn = (state === 'steady' || state === 'moving') && celsius !== null && elapsed !== null;
    useEffect(() => {
        // The first moments are the probe's own warming, not the mass's.
        if (!isIn || elapsed < 12 || !isWorthKeeping(last.current, celsius, elapsed)) return;
        last.current = { celsius, seconds: elapsed };
        say('temperature', step.id, { celsius, seconds: Math.round(elapsed) });
    }, [isIn, celsius, elapsed, say, step.id]);
    if (probe === null) return null;
    const simulated = at.shown?.is_simulated ?? false;
    return (
        <Box role="group" aria-label="Probe" sx={{ display: 'grid', gap: 1 }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <Box component="strong" className="figure" sx={{ fontSize: 'var(--text-live)', lineHeight: 1, minWidth: 190 }}>{celsius === null ? '– – –' : `${celsius.toFixed(1)} °C`}</Box>
                <span>{STATE[probe.state]}{probe.is_low && <strong style={{ color: 'var(--yolk)' }}>, battery low</strong>}</span>
                {elapsed !== null && <span>in for {elapsed < 90 ? `${Math.round(elapsed)} s` : `${Math.round(elapsed / 60)} min`}</span>}
            </Box>
            {probe.state === 'gone' && <div role="alert">The probe does not answer: read another and type it in below.</div>}
            {probe.state === 'air' && elapsed !== null && <div role="alert">The probe hangs in the air: put it back into the {PLACE[heat.where]}. What it reads is not kept.</div>}
            {simulated && (
                <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center' }}>
                    {elapsed === null ? (
                        <Button variant="outlined" onClick={() => { last.current = null; void at.act({ do: 'dip', step: step.id }); }} sx={PRESS}>Put the probe into the {PLACE[heat.where]}</Button>
                    ) : (
                        <Button variant="outlined" onClick={() => void at.act({ do: 'lift' })} sx={PRESS}>Take the probe out</Button>
                    )}
                    <ToggleButtonGroup exclusive size="small" value={at.shown?.speed ?? 1} aria-label="How fast the simulated pot goes" onChange={(_, speed: number | null) => { if (speed !== null) void at.act({ do: 'speed', speed }); }}>
                        {SPEEDS.map((speed) => <ToggleButton key={speed} value={speed} sx={{ minHeight: 'var(--press-stove)', px: 2, textTransform: 'none', fontSize: 'var(--text-head)' }}>{speed === 1 ? 'as a clock' : `${speed} × faster`}</ToggleButton>)}
                    </ToggleButtonGroup>
                </Box>
            )}
        </Box>
    );
}
