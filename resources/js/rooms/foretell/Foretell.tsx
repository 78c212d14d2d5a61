import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { schoolQuery } from '../../api/queries';
import type { Exercise } from '../../api/types';
import { LADDER } from '../../api/words';
import { RoomName } from '../../shared/RoomName';
import { inPercent, typedOrText } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { Choice } from '../../shared/trial/Choice';

/** A dish, a question, then the computed answer with its why. Ten minutes a day. */
export function Foretell() {
    const client = useQueryClient();
    const progress = useQuery(schoolQuery());
    const [asked, setAsked] = useState<Exercise | null>(null);
    const ask = useMutation({ mutationFn: (skill: string | null) => call<Exercise>('POST', 'exercises', skill === null ? {} : { skill }), onSuccess: setAsked });
    const answer = useMutation({
        mutationFn: (said: unknown) => call<Exercise>('POST', `exercises/${asked?.id ?? 0}/answer`, { answer: said }),
        onSuccess: async (now) => {
            setAsked(now);
            await client.invalidateQueries({ queryKey: schoolQuery().queryKey });
        },
    });
    const failed = ask.error ?? answer.error ?? progress.error;
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 1120 }}>
            <RoomName style={{ margin: '0 0 10px' }}>Foretell</RoomName>
            <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: '1fr 320px' }, alignItems: 'start' }}>
                <Panel>
                    {failed && <ProblemNote error={failed} />}
                    {asked === null && (
                        <>
                            <p style={{ marginTop: 0, fontSize: 'var(--text-lead)' }}>Say first what will happen; then see what the models say, and why. What is asked comes from this kitchen’s own dishes and trials.</p>
                            <Button variant="contained" onClick={() => ask.mutate(null)} disabled={ask.isPending}>Ask me</Button>
                        </>
                    )}
                    {asked && <OneExercise key={`${asked.id} ${asked.answered}`} exercise={asked} busy={answer.isPending} onAnswer={(said) => answer.mutate(said)} />}
                    {asked?.answered && (
                        <Box sx={{ mt: 1.5, display: 'flex', gap: 1 }}>
                            <Button variant="contained" onClick={() => ask.mutate(null)} disabled={ask.isPending}>What has faded most</Button>
                            <Button variant="outlined" onClick={() => ask.mutate(asked.question.skill)} disabled={ask.isPending}>Another of these</Button>
                        </Box>
                    )}
                </Panel>
                <Panel component="section" aria-label="How it goes">
                    <h2 className="name" style={{ margin: '0 0 4px', fontSize: 'var(--text-title)' }}>How it goes</h2>
                    {progress.data?.map((one) => (
                        <Box key={one.skill} sx={{ borderTop: '1px solid var(--line)', py: 0.75 }}>
                            <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
                                <strong style={{ flex: 1 }}>{one.words}</strong>
                                <Button size="small" onClick={() => ask.mutate(one.skill)} disabled={ask.isPending} aria-label={`Ask me ${one.words}`}>Ask</Button>
                            </Box>
                            <Box aria-hidden sx={{ height: 7, borderRadius: 4, bgcolor: 'var(--sunk)', overflow: 'hidden', my: 0.5 }}>
                                <Box sx={{ width: `${100 * one.strength}%`, height: '100%', bgcolor: one.is_due ? 'var(--yolk-fill)' : 'var(--herb)' }} />
                            </Box>
                            <span style={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
                                {one.recent === null ? 'not asked yet' : `${inPercent(one.recent)} of the last ${Math.min(8, one.n)}${one.is_due ? '; fading, ask again' : '; fresh'}`}
                            </span>
                        </Box>
                    ))}
                </Panel>
            </Box>
        </Box>
    );
}

function OneExercise({ exercise, busy, onAnswer }: { exercise: Exercise; busy: boolean; onAnswer: (said: unknown) => void }) {
    const { question } = exercise;
    const [said, setSaid] = useState('');
    const [order, setOrder] = useState(() => question.options.map((one) => one.id));
    const move = (at: number, by: number) => {
        const to = at + by;
        const next = [...order];
        [next[at], next[to]] = [next[to] ?? '', next[at] ?? ''];
        setOrder(next);
    };
    const option = (id: string) => question.options.find((one) => one.id === id);
    const send = () => onAnswer(question.form === 'order' ? order : question.form === 'pick' ? said : (typedOrText(said) ?? said));
    return (
        <Box>
            <Box sx={{ fontSize: 'var(--text-lead)', fontWeight: 650, mb: 1 }}>{question.prompt}</Box>
            {question.given.map((one) => <Lines key={one.name} name={one.name} lines={one.lines} />)}
            {!exercise.answered && (
                <>
                    {question.form === 'step' && <Choice legend="I say" options={question.options.map((one) => ({ value: one.id, word: one.text }))} value={said} onChange={setSaid} />}
                    {question.form === 'pick' && (
                        <Box sx={{ display: 'grid', gap: 1, gridTemplateColumns: 'repeat(auto-fit, minmax(220px, 1fr))' }}>{question.options.map((one) => <Lines key={one.id} name={one.text} lines={one.lines} />)}</Box>
                    )}
                    {question.form === 'pick' && <Choice legend="I say" options={question.options.map((one) => ({ value: one.id, word: one.text }))} value={said} onChange={setSaid} />}
                    {question.form === 'grams' && <TextField size="small" label="Grams" value={said} onChange={(e) => setSaid(e.target.value)} sx={{ mt: 1 }} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />}
                    {question.form === 'order' && (
                        <Box component="ol" sx={{ pl: 3, m: 0 }}>
                            {order.map((id, n) => (
                                <Box component="li" key={id} sx={{ py: 0.5 }}>
                                    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
                                        <Box sx={{ flex: 1 }}>
                                            <strong>{option(id)?.text}</strong>
                                            <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>{option(id)?.lines.join(', ')}</Box>
                                        </Box>
                                        <Button variant="outlined" disabled={n === 0} onClick={() => move(n, -1)} aria-label={`${option(id)?.text ?? ''}: sweeter`}>↑</Button>
                                        <Button variant="outlined" disabled={n === order.length - 1} onClick={() => move(n, 1)} aria-label={`${option(id)?.text ?? ''}: less sweet`}>↓</Button>
                                    </Box>
                                </Box>
                            ))}
                        </Box>
                    )}
                    <Button variant="contained" sx={{ mt: 1.5 }} onClick={send} disabled={busy || (question.form !== 'order' && said.trim() === '')}>That is what I say</Button>
                </>
            )}
            {exercise.answered && <Told exercise={exercise} />}
        </Box>
    );
}

function Told({ exercise }: { exercise: Exercise }) {
    const score = exercise.score ?? 0;
    const text = (id: string | undefined) => exercise.question.options.find((one) => one.id === id)?.text ?? '';
    const { answer } = exercise;
    return (
        <Box aria-live="polite">
            <Box sx={{ fontSize: 'var(--text-title)', fontWeight: 650, color: score >= 0.75 ? 'var(--herb)' : score >= 0.4 ? 'var(--yolk)' : 'var(--beet)' }}>
                {score >= 0.99 ? 'Just so.' : score >= 0.75 ? 'Near.' : score >= 0.4 ? 'Some way off.' : 'No.'} {inPercent(score)}
            </Box>
            {answer?.step !== undefined && <div>It {answer.step === 0 ? 'pours' : `is “${LADDER[answer.step] ?? ''}”`}.</div>}
            {answer?.pick !== undefined && <div>{text(answer.pick)} does.</div>}
            {exercise.came_to !== null && <div>With what you said it comes to “{exercise.came_to}”.</div>}
            <ul style={{ margin: '6px 0', paddingLeft: 20 }}>{exercise.why.map((one) => <li key={one}>{one}</li>)}</ul>
        </Box>
    );
}

function Lines({ name, lines }: { name: string; lines: string[] }) {
    return (
        <Box sx={{ border: '1.5px solid var(--line)', borderRadius: '9px', p: '8px 12px', mb: 1 }}>
            <strong>{name}</strong>
            <Box sx={{ fontVariantNumeric: 'tabular-nums', columns: lines.length > 6 ? 2 : 1 }}>{lines.map((line) => <div key={line}>{line}</div>)}</Box>
        </Box>
    );
}
