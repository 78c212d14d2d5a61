import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { FormulaLayer, FormulaLine, Side, TextReading } from '../../api/types';
import { counted, grams, oneDecimal } from '../../shared/numbers';
import { WhatIsIt, written } from '../../shared/WhatIsIt';
import { ReadMethod } from './ReadMethod';

/** What was typed into a box of a layer and not understood, with the mend. */
export interface Refused {
    layer: number;
    heading: 'treat' | 'tin' | 'loss';
    value: string;
    words: string;
}

interface Props {
    reading: TextReading;
    /** A box whose value was not understood: it stays as it was typed, and nothing else is touched. */
    refused: Refused | null;
    onHeading: (layer: number, heading: 'treat' | 'tin' | 'loss' | 'whole', value: string) => void;
    onReplace: (from: string, to: string) => void;
    /** Shows words where they stand in the text. */
    onFind: (words: string) => void;
}

/** Every typed line beside its grams and the trace of how it got there. */
export function ReadLines({ reading: side, refused, onHeading, onReplace, onFind }: Props) {
    const { treatments, inferred, aside } = side;
    const why = (what: 'treat' | 'tin' | 'loss', layer: number) => inferred.find((one) => one.what === what && one.layer === layer)?.because;
    const spoken = inferred.find((one) => one.what === 'language')?.value;
    return (
        <>
            {spoken && (
                <Box sx={{ fontSize: 'var(--text-plain)', color: 'var(--ink-soft)', pb: 0.5 }}>
                    Read as {new Intl.DisplayNames(['en'], { type: 'language' }).of(spoken) ?? spoken}. Each name is likely, not sure: look it over.
                </Box>
            )}
            {inferred.some((one) => one.what === 'layer') && (
                <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap', fontSize: 'var(--text-plain)', color: 'var(--ink-soft)', pb: 0.5 }}>
                    The list has no headings: it is parted as the method works it.
                    <Button size="small" onClick={() => onHeading(0, 'whole', '')}>
                        Keep it one list
                    </Button>
                </Box>
            )}
            {side.formula.layers.map((layer, n) => {
                const reading = side.reading.layers[n];
                const known = treatments.some((t) => t.words === layer.treat);
                return (
                    <Box component="section" key={`${layer.name}${n}`} aria-label={layer.name} sx={{ mb: 2 }}>
                        <Box sx={{ display: 'flex', alignItems: 'flex-start', gap: 1.25, borderBottom: '1.5px solid var(--rim)', pb: 0.75, pt: 0.75, flexWrap: 'wrap' }}>
                            <Box sx={{ flex: '1 1 180px' }}>
                                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>
                                    {layer.name}
                                </h2>
                                {reading && (
                                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>
                                        {Math.round(reading.mass_g)} g · {reading.set.step}
                                        {reading.ph !== null && reading.set.ge !== null ? ` · pH ${reading.ph.toFixed(1)}` : ''} · {oneDecimal(reading.se)} SE
                                    </Box>
                                )}
                            </Box>
                            <TextField
                                select size="small" label="What is done to it" value={layer.treat}
                                onChange={(e) => onHeading(n, 'treat', e.target.value)} sx={{ minWidth: 190 }}
                                color={wantsHeat(layer) ? 'warning' : 'primary'} focused={wantsHeat(layer) || undefined}
                                helperText={wantsHeat(layer) ? 'Egg or starch here is usually heated' : why('treat', n) ? <Said words={why('treat', n) ?? ''} /> : undefined}
                            >
                                {treatments.map((t) => (
                                    <MenuItem key={t.words} value={t.words}>
                                        {t.name}
                                    </MenuItem>
                                ))}
                                {!known && <MenuItem value={layer.treat}>{side.treated[n] ?? layer.treat}</MenuItem>}
                            </TextField>
                            <TinField key={layer.tin ?? ''} refused={refused?.layer === n && refused.heading === 'tin' ? refused : null} tin={layer.tin ?? ''} because={why('tin', n)} onTin={(value) => onHeading(n, 'tin', value)} />
                        </Box>
                        {layer.loss && (
                            <Box sx={{ fontSize: 'var(--text-plain)', py: 0.5 }}>
                                {layer.loss}{why('loss', n) ? `, as read: ${why('loss', n) ?? ''}` : ''}{' '}
                                <Button size="small" onClick={() => onHeading(n, 'loss', 'none')}>
                                    Nothing is lost
                                </Button>
                            </Box>
                        )}
                        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                            {layer.lines.map((line, k) => (
                                <ReadLine key={`${k}${line.text}${line.ingredient ?? ''}`} line={line} side={side} onReplace={onReplace} />
                            ))}
                        </Box>
                    </Box>
                );
            })}
            {side.method.sentences.length > 0 && <ReadMethod method={side.method} onFind={onFind} />}
            {aside.length > 0 && (
                <Box component="details" sx={{ color: 'var(--ink-soft)', mb: 1 }}>
                    <summary>
                        Set aside, no part of the dish: {counted(aside.length, 'row')}
                    </summary>
                    <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                        {aside.map((row, n) => (
                            <li key={n}>{row}</li>
                        ))}
                    </Box>
                </Box>
            )}
        </>
    );
}

/** Words of the method that something is taken from. */
function Said({ words }: { words: string }) {
    return <span title={words}>as read: {words.length > 34 ? `${words.slice(0, 33)}…` : words}</span>;
}

/** The vessel of a layer, written as a kitchen does; kept when the field is left. */
function TinField({ tin, because, refused, onTin }: { tin: string; because: string | undefined; refused: Refused | null; onTin: (value: string) => void }) {
    const [text, setText] = useState(tin);
    const isRefused = refused !== null && refused.value === text.trim();
    return (
        <TextField
            size="small" label="Vessel" value={text} onChange={(e) => setText(e.target.value)} placeholder="23 cm springform" sx={{ width: 190 }}
            onBlur={() => text.trim() !== tin && onTin(text.trim())} onKeyDown={(e) => e.key === 'Enter' && text.trim() !== tin && onTin(text.trim())}
            error={isRefused} slotProps={{ inputLabel: { shrink: true } }} helperText={isRefused ? refused.words : because ? <Said words={because} /> : undefined}
        />
    );
}

/** Raw egg or uncooked starch in a layer to which nothing is done: most likely the treatment was not said yet. */
function wantsHeat(layer: FormulaLayer): boolean {
    return layer.treat === 'none' && layer.lines.some((line) => /^egg|cornflour|starch|custard-powder|plain-flour/.test(line.ingredient ?? ''));
}

function ReadLine({ line, side, onReplace }: { line: FormulaLine; side: Side; onReplace: Props['onReplace'] }) {
    const unread = line.ingredient === null;
    const guess = !unread && line.confidence === 'guess';
    const answer = (
        <WhatIsIt
            line={line} candidates={side.candidates} onText={(text) => onReplace(line.text, text)}
            onConfirm={() => onReplace(line.text, `${written(line.text)} → ${side.candidates[line.ingredient ?? '']?.called ?? ''}`)}
        />
    );
    return (
        <Box
            component="li"
            sx={{ display: 'grid', gridTemplateColumns: '84px 1fr', gap: 1.5, py: 0.6, borderBottom: '1px solid var(--line)', ...((unread || guess) && { bgcolor: 'var(--yolk-wash)', mx: -1, px: 1, borderRadius: '6px' }) }}
        >
            <Box sx={{ textAlign: 'right', fontSize: 'var(--text-head)', fontWeight: 650 }}>{unread ? '?' : `${grams(line.grams ?? 0)} g`}</Box>
            <Box>
                {unread ? (
                    <>
                        <strong>{line.text}</strong> <span>not understood. {line.reason}</span>
                        {answer}
                    </>
                ) : (
                    <>
                        <span>
                            {side.names[line.ingredient ?? ''] ?? line.ingredient}
                            {line.prep.length > 0 && `, ${line.prep.join(', ')}`}
                        </span>
                        {line.confidence !== 'sure' && (
                            <Box component="span" sx={{ ml: 1, px: 0.75, borderRadius: '6px', fontSize: 'var(--text-small)', bgcolor: 'var(--yolk-wash)', color: 'var(--yolk)', fontWeight: 650 }}>
                                {guess ? 'a guess: is it?' : 'likely'}
                            </Box>
                        )}
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>
                            {guess && <span>written “{written(line.text)}”: </span>}
                            {line.trace}
                            {line.doubt ? `; ${line.doubt}` : ''}
                        </Box>
                        {guess && answer}
                    </>
                )}
            </Box>
        </Box>
    );
}
