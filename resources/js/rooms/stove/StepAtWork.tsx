import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { MakingStep, Run, RunEvent } from '../../api/types';
import { grams, minutes, oneDecimal, typedNumber } from '../../shared/numbers';
import type { InWords } from '../../shared/ownWords';
import { ended } from '../../shared/routeWords';
import { otherWays, withoutLayer } from '../../shared/stepWords';
import { weighedAt } from './fold';
import { HeatCurve } from './HeatCurve';
import { InstrumentsAtWork } from './InstrumentsAtWork';
import { WeighRow } from './WeighRow';
import { PRESS_ON } from './press';

export type Say = (kind: RunEvent['kind'], step?: string, body?: RunEvent['body']) => void;

interface Props {
    run: Run;
    step: MakingStep;
    /** In own words, where somebody wrote some. */
    words: InWords | undefined;
    isDone: boolean;
    /** The how-manieth it is. */
    place: number;
    say: Say;
    onBack: (() => void) | null;
    onDone: () => void;
}

/** The step that is done now: what to do, what goes in, until what is seen, and what was found. */
export function StepAtWork({ run, step, words, isDone, place, say, onBack, onDone }: Props) {
    const [celsius, setCelsius] = useState('');
    const [text, setText] = useState('');
    const lines = weighedAt(run, step);
    const batches = run.batches[step.id] ?? 1;
    const heat = run.heat.find((one) => one.step === step.id);
    const [lots, setLots] = useState<Readonly<Record<string, number>>>({});
    const layer = run.layers.indexOf(step.layer);
    const mends = run.mends.filter((mend) => mend.layer === layer && run.weighing.some((line) => line.layer === layer && line.is_off));
    const read = typedNumber(celsius);
    const isRead = read !== null && !Number.isNaN(read) && read >= -60 && read <= 350;
    const last = run.events.filter((event) => event.kind === 'temperature' && event.step === step.id).at(-1);
    const notes = run.events.filter((event) => event.kind === 'note' && event.step === step.id);
    return (
        <Box component="section" aria-labelledby="step-title" sx={{ bgcolor: 'var(--panel)', border: '2px solid var(--rim)', borderRadius: '14px', p: { xs: '12px', sm: '16px 22px' }, display: 'grid', gap: 1.5 }}>
            <div>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-head)' }}>
                    {place} of {run.making.steps.length}{step.layer && ` · ${step.layer}`}{isDone && <strong style={{ color: 'var(--herb)' }}> · done</strong>}
                </Box>
                <Box component="h2" id="step-title" sx={{ m: 0, fontSize: 'var(--text-stove)', lineHeight: 1.2, fontWeight: 600, '&::first-letter': { textTransform: 'uppercase' } }}>
                    {words?.texts.join(' ') ?? withoutLayer(step.layer, step.text)}
                </Box>
                {step.is_new === true && step.kind !== 'weigh' && <Box component="strong" sx={{ fontSize: 'var(--text-head)', color: 'var(--cobalt)' }}>not so in the original</Box>}
                {words?.quarrels.map((one) => <Box key={one.quarrel} role="status" sx={{ color: 'var(--yolk)', fontSize: 'var(--text-head)' }}><strong>{ended(one.why)}</strong> {one.is_own && <>The formula asks: {withoutLayer(step.layer, one.now)}</>}</Box>)}
                {words?.also.map((one) => <Box key={one.id} sx={{ fontSize: 'var(--text-title)' }}>{one.text} {one.why && <strong style={{ color: 'var(--yolk)' }}>{ended(one.why)}</strong>}</Box>)}
                {step.target_c !== null && <Box sx={{ fontSize: 'var(--text-stove)' }}>{step.kind === 'bake' ? 'Oven' : 'To'} <strong>{Math.round(step.target_c)} °C</strong></Box>}
                {batches > 1 && <Box sx={{ fontSize: 'var(--text-title)', mt: 0.5 }}>In <strong>{batches} batches</strong>: one does not fit the bowl or the oven. {lines.length > 0 && <>Each takes {lines.map((line) => `${grams(line.asked / batches)} g ${line.name}`).join(', ')}.</>}</Box>}
                {step.between && <Box sx={{ fontSize: 'var(--text-head)', color: 'var(--ink-soft)', mt: 0.5 }}>On the way: {step.between}.</Box>}
                {step.kind !== 'weigh' && step.endpoint && <Box sx={{ fontSize: 'var(--text-title)', mt: 0.5 }}>Done when: <strong>{step.endpoint}</strong></Box>}
                {step.reason && <Box sx={{ fontSize: 'var(--text-head)', color: 'var(--ink-soft)' }}>Why: {step.reason}.</Box>}
                {step.goes_wrong && step.kind !== 'weigh' && <Box sx={{ fontSize: 'var(--text-head)', color: 'var(--ink-soft)' }}>If {step.goes_wrong}: {step.rescue}.</Box>}
                {step.ways.length > 0 && <Box sx={{ fontSize: 'var(--text-head)', color: 'var(--ink-soft)' }}>{otherWays(step.ways)}.</Box>}
            </div>
            <InstrumentsAtWork run={run.id} step={step} lines={lines} lots={lots} heat={heat} say={say} />
            {heat && <HeatCurve heat={heat} />}
            {lines.length > 0 && (
                <Box component="ul" aria-label="To weigh" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                    {lines.map((line) => (
                        <WeighRow
                            key={`${line.step} ${line.ingredient} ${line.asked}`} line={line} say={say} lot={lots[line.ingredient]}
                            onLot={(lot) => setLots(Object.fromEntries(Object.entries({ ...lots, [line.ingredient]: lot }).filter((pair): pair is [string, number] => pair[1] !== undefined)))}
                        />
                    ))}
                </Box>
            )}
            {mends.map((mend) => (
                <Box key={mend.layer} role="status" sx={{ border: '2px solid var(--yolk)', borderRadius: '9px', p: '10px 14px', fontSize: 'var(--text-head)' }}>
                    <strong style={{ color: 'var(--yolk)' }}>Off what was asked.</strong> {mend.text}
                    <div><Button variant="outlined" onClick={() => say('scaled', '', { layer: mend.layer, factor: mend.factor })} sx={{ ...PRESS_ON, mt: 1 }}>Take the rest × {mend.factor.toPrecision(3)}</Button></div>
                </Box>
            ))}
            <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-start' }}>
                {(heat !== undefined || step.target_c !== null || step.station === 'hob' || step.station === 'oven') && (
                    <Box
                        component="form" sx={{ display: 'flex', gap: 1, alignItems: 'flex-start' }}
                        onSubmit={(e: React.SyntheticEvent) => {
                            e.preventDefault();
                            if (!isRead) return;
                            say('temperature', step.id, { celsius: read });
                            setCelsius('');
                        }}
                    >
                        <TextField label="Probe, °C" value={celsius} onChange={(e) => setCelsius(e.target.value)} error={celsius !== '' && !isRead} helperText={last ? `last ${last.body.celsius === undefined ? '' : oneDecimal(last.body.celsius)} °C at ${last.at.slice(11, 16)}` : undefined} slotProps={{ htmlInput: { inputMode: 'decimal' } }} sx={{ width: 190 }} />
                        <Button type="submit" variant="outlined" disabled={!isRead} sx={PRESS_ON}>Note it</Button>
                    </Box>
                )}
                {step.wait_min.best >= 1 && (
                    <Button variant="outlined" onClick={() => say('timer', step.id, { minutes: step.wait_min.best })} sx={PRESS_ON}>
                        Time {minutes(step.wait_min.best)}
                    </Button>
                )}
            </Box>
            <Box
                component="form" sx={{ display: 'flex', gap: 1 }}
                onSubmit={(e: React.SyntheticEvent) => {
                    e.preventDefault();
                    if (text.trim() === '') return;
                    say('note', step.id, { text: text.trim() });
                    setText('');
                }}
            >
                <TextField label="What was seen or tasted" value={text} onChange={(e) => setText(e.target.value)} slotProps={{ htmlInput: { maxLength: 500 } }} sx={{ flex: 1 }} />
                <Button type="submit" variant="outlined" disabled={text.trim() === ''} sx={PRESS_ON}>Keep</Button>
            </Box>
            {notes.length > 0 && <Box component="ul" sx={{ m: 0, pl: 2.5 }}>{notes.map((note) => <li key={note.client_id}>{note.at.slice(11, 16)}, {note.body.text}</li>)}</Box>}
            <Box sx={{ display: 'flex', gap: 1.5 }}>
                {onBack && <Button variant="outlined" onClick={onBack} sx={PRESS_ON}>Back</Button>}
                {isDone && <Button onClick={() => say('undone', step.id)} sx={PRESS_ON}>Not done after all</Button>}
                <Button variant="contained" onClick={onDone} sx={{ ...PRESS_ON, flex: 1 }}>{isDone ? 'Next' : 'Done, next'}</Button>
            </Box>
        </Box>
    );
}
