import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Weighing } from '../../api/types';
import { grams } from '../../shared/numbers';
import type { Say } from './StepAtWork';
import { PRESS } from './press';
import type { AtHand } from './useInstruments';

interface Props {
    at: AtHand;
    /** What is weighed next; none where everything is. */
    line: Weighing | undefined;
    /** The lot it comes from, where one was said. */
    lot: number | undefined;
    say: Say;
}

const STATE = { stable: 'stands still', moving: 'moving', over: 'more than it can weigh', gone: 'does not answer' } as const;

/** The live weight over what is asked, and how near it must be: a bar whose green part is what may be taken. */
export function ScaleAtWork({ at, line, lot, say }: Props) {
    const scale = at.shown?.scale ?? null;
    if (scale === null) return null;
    const weight = scale.grams;
    const off = weight === null || line === undefined ? null : weight - line.asked;
    const isNear = off !== null && line !== undefined && Math.abs(off) <= line.tolerance + 1e-9;
    // The hand of the simulation pours about what is asked: within what is near enough, as a careful one does.
    const pour = (of: Weighing) => void at.act((shown) => ({ do: 'put', grams: Math.max(0, of.asked - (shown?.scale?.grams ?? 0) + (Math.random() - 0.5) * Math.min(of.tolerance, of.asked * 0.02)) }));
    const lies = weight === null ? '– – –' : `${weight.toFixed(1).replace('-', '−')} g`;
    // What was taken lies on it until it is tared, and is none of what comes next.
    const mayTake = scale.state === 'stable' && weight !== null && weight > 0 && !at.isActing;
    const end = line === undefined ? 1 : Math.max(line.asked * 1.25, weight ?? 0);
    return (
        <Box role="group" aria-label="Scale" sx={{ display: 'grid', gap: 1 }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <Box component="strong" className="figure" sx={{ fontSize: 'var(--text-live)', lineHeight: 1, minWidth: 190, color: scale.state === 'stable' && isNear ? 'var(--herb)' : undefined }}>
                    {lies}
                </Box>
                <span>{STATE[scale.state]}{scale.is_low && <strong style={{ color: 'var(--yolk)' }}>, battery low</strong>}</span>
                {line && <span>of <strong>{grams(line.asked)} g</strong> {line.name}{off !== null && scale.state === 'stable' && !isNear && (weight ?? 0) > line.tolerance && <strong style={{ color: 'var(--beet)' }}>, {grams(Math.abs(off))} g {off > 0 ? 'over' : 'to go'}</strong>}</span>}
            </Box>
            {scale.state === 'gone' && <div role="alert">The scale does not answer: weigh on another and type it in below.</div>}
            {scale.state === 'over' && <div role="alert">More than 5 kg lies on it: take some off, and weigh in parts.</div>}
            {line && weight !== null && (
                <Box component="svg" viewBox="0 0 600 26" preserveAspectRatio="none" role="img" aria-label={`${weight.toFixed(1)} of ${grams(line.asked)} g, near enough within ${grams(line.tolerance)} g`} sx={{ width: '100%', height: 26, display: 'block' }}>
                    <rect x={0} y={5} width={600} height={16} fill="var(--ground)" stroke="var(--rim)" />
                    <rect x={(600 * Math.max(0, line.asked - line.tolerance)) / end} y={1} width={Math.max(3, (1200 * line.tolerance) / end)} height={24} fill="none" stroke="var(--herb)" strokeWidth={2.5} />
                    <rect x={0} y={9} width={Math.max(0, Math.min(600, (600 * weight) / end))} height={8} fill={isNear ? 'var(--herb)' : 'var(--cobalt)'} />
                </Box>
            )}
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                {at.shown?.is_simulated && line && <Button variant="outlined" onClick={() => pour(line)} disabled={weight === null || isNear} sx={PRESS}>Pour {line.name}</Button>}
                {line && (
                    <Button
                        variant="contained" disabled={!mayTake} sx={PRESS}
                        onClick={() => {
                            say('weighed', line.step, { ingredient: line.ingredient, grams: weight ?? 0, ...(lot === undefined ? {} : { lot }) });
                            void at.act({ do: 'tare' });
                        }}
                    >
                        Take {weight !== null && weight > 0 && `${lies} of `}{line.name}
                    </Button>
                )}
                <Button variant="outlined" onClick={() => void at.act({ do: 'tare' })} disabled={weight === null} sx={PRESS}>Tare</Button>
                {at.shown?.is_simulated && <Button variant="outlined" onClick={() => void at.act({ do: 'clear' })} sx={PRESS}>Take all off</Button>}
            </Box>
        </Box>
    );
}
