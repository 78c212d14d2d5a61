import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { FormulaLayer, FormulaLine, Side, TreatmentChoice } from '../../api/types';
import { grams, oneDecimal } from '../../shared/numbers';
import { WhatIsIt, written } from '../../shared/WhatIsIt';

interface Props {
    side: Side;
    treatments: TreatmentChoice[];
    onHeading: (layer: number, heading: 'treat' | 'tin', value: string) => void;
    onReplace: (from: string, to: string) => void;
}

/** Every typed line beside its grams and the trace of how it got there. */
export function ReadLines({ side, treatments, onHeading, onReplace }: Props) {
    return (
        <>
            {side.formula.layers.map((layer, n) => {
                const reading = side.reading.layers[n];
                const known = treatments.some((t) => t.words === layer.treat);
                return (
                    <Box component="section" key={`${layer.name}${n}`} aria-label={layer.name} sx={{ mb: 2 }}>
                        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.25, borderBottom: '1.5px solid var(--rim)', pb: 0.75, flexWrap: 'wrap' }}>
                            <h2 className="name" style={{ margin: 0, fontSize: 18 }}>
                                {layer.name}
                            </h2>
                            {reading && (
                                <Box sx={{ color: 'var(--ink-soft)', fontSize: 14 }}>
                                    {Math.round(reading.mass_g)} g · {reading.set.step}
                                    {reading.ph !== null && reading.set.ge !== null ? ` · pH ${reading.ph.toFixed(1)}` : ''} · {oneDecimal(reading.se)} SE
                                </Box>
                            )}
                            <Box sx={{ flex: 1 }} />
                            <TextField
                                select size="small" label="What is done to it" value={layer.treat}
                                onChange={(e) => onHeading(n, 'treat', e.target.value)} sx={{ minWidth: 190 }}
                                color={wantsHeat(layer) ? 'warning' : 'primary'} focused={wantsHeat(layer) || undefined}
                                helperText={wantsHeat(layer) ? 'Egg or starch here is usually heated' : undefined}
                            >
                                {treatments.map((t) => (
                                    <MenuItem key={t.words} value={t.words}>
                                        {t.name}
                                    </MenuItem>
                                ))}
                                {!known && <MenuItem value={layer.treat}>{side.treated[n] ?? layer.treat}</MenuItem>}
                            </TextField>
                        </Box>
                        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                            {layer.lines.map((line, k) => (
                                <ReadLine key={`${k}${line.text}${line.ingredient ?? ''}`} line={line} side={side} onReplace={onReplace} />
                            ))}
                        </Box>
                    </Box>
                );
            })}
        </>
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
            <Box sx={{ textAlign: 'right', fontSize: 17, fontWeight: 650 }}>{unread ? '?' : `${grams(line.grams ?? 0)} g`}</Box>
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
                            <Box component="span" sx={{ ml: 1, px: 0.75, borderRadius: '6px', fontSize: 13, bgcolor: 'var(--yolk-wash)', color: 'var(--yolk)', fontWeight: 650 }}>
                                {guess ? 'a guess: is it?' : 'likely'}
                            </Box>
                        )}
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 13.5 }}>
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
