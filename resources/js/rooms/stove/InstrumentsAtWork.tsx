import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { AtInstruments, Heat, MakingStep, Weighing } from '../../api/types';
import { typedNumber } from '../../shared/numbers';
import { ProbeAtWork } from './ProbeAtWork';
import { ScaleAtWork } from './ScaleAtWork';
import type { Say } from './StepAtWork';
import { PRESS } from './press';
import { useInstruments } from './useInstruments';

interface Props {
    run: number;
    step: MakingStep;
    lines: readonly Weighing[];
    lots: Readonly<Record<string, number>>;
    heat: Heat | undefined;
    say: Say;
}

const KEPT = 'stove-instruments';
const TROUBLE: [string, AtInstruments][] = [
    ['Probe out of the pot', { do: 'trouble', of: 'probe', trouble: 'out' }],
    ['Probe battery low', { do: 'trouble', of: 'probe', trouble: 'battery' }],
    ['Probe gone', { do: 'trouble', of: 'probe', trouble: 'gone' }],
    ['Probe well', { do: 'trouble', of: 'probe', trouble: 'none' }],
    ['Scale battery low', { do: 'trouble', of: 'scale', trouble: 'battery' }],
    ['Scale gone', { do: 'trouble', of: 'scale', trouble: 'gone' }],
    ['Scale well', { do: 'trouble', of: 'scale', trouble: 'none' }],
];

/** The scale and the probe at this step, where somebody wants them; what is kept from simulated ones says so in the record. */
export function InstrumentsAtWork({ run, step, lines, lots, heat, say }: Props) {
    const [isOn, setOn] = useState(() => localStorage.getItem(KEPT) === 'on');
    const at = useInstruments(run, isOn);
    const [typed, setTyped] = useState('');
    const put = typedNumber(typed);
    const isRight = put !== null && !Number.isNaN(put) && Math.abs(put) <= 10_000;
    if (lines.length === 0 && !heat) return null;
    const turn = () => {
        localStorage.setItem(KEPT, isOn ? 'off' : 'on');
        setOn(!isOn);
    };
    const isSimulated = at.shown?.is_simulated === true;
    const sayIt: Say = (kind, of, body) => say(kind, of, isSimulated ? { ...body, simulated: true } : body);
    const next = lines.find((line) => line.weighed === null);
    return (
        <Box component="section" aria-label="Scale and probe" sx={{ border: isOn ? '2px dashed var(--yolk)' : 0, borderRadius: '9px', p: isOn ? '10px 14px' : 0, display: 'grid', gap: 1.5 }}>
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
                <Button variant={isOn ? 'text' : 'outlined'} onClick={turn} aria-pressed={isOn} sx={PRESS}>{isOn ? 'Type it in instead' : `Use the ${[lines.length > 0 && 'scale', heat && 'probe'].filter(Boolean).join(' and the ')}`}</Button>
                {isOn && isSimulated && <strong style={{ color: 'var(--yolk)' }}>Simulated: no real scale or probe is connected, and the record will say so.</strong>}
                {isOn && (at.shown === null || at.shown?.is_there === false) && <strong role="status" style={{ color: 'var(--yolk)' }}>No scale or probe answers. Type in what yours say.</strong>}
            </Box>
            {isOn && at.shown?.is_there && (
                <>
                    {lines.length > 0 && <ScaleAtWork at={at} line={next} lot={next && lots[next.ingredient]} say={sayIt} />}
                    {heat && <ProbeAtWork at={at} heat={heat} step={step} say={sayIt} />}
                    {isSimulated && (
                        <details>
                            <Box component="summary" sx={{ minHeight: 'var(--press-stove)', pt: '16px', cursor: 'pointer', fontSize: 'var(--text-head)' }}>What the simulation does</Box>
                            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', pt: 1 }}>
                                {lines.length > 0 && (
                                    <Box
                                        component="form" sx={{ display: 'flex', gap: 1 }}
                                        onSubmit={(e: React.SyntheticEvent) => {
                                            e.preventDefault();
                                            if (!isRight) return;
                                            void at.act({ do: 'put', grams: put });
                                            setTyped('');
                                        }}
                                    >
                                        <TextField label="Put on, g" value={typed} onChange={(e) => setTyped(e.target.value)} error={typed !== '' && !isRight} slotProps={{ htmlInput: { inputMode: 'decimal' } }} sx={{ width: 140 }} />
                                        <Button type="submit" variant="outlined" disabled={!isRight} sx={PRESS}>Put it on</Button>
                                    </Box>
                                )}
                                {TROUBLE.filter(([, what]) => (what.of === 'scale' ? lines.length > 0 : heat !== undefined)).map(([words, what]) => <Button key={words} variant="outlined" onClick={() => void at.act(what)} sx={PRESS}>{words}</Button>)}
                            </Box>
                        </details>
                    )}
                </>
            )}
        </Box>
    );
}
