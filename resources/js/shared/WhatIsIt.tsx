import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Candidate, FormulaLine } from '../api/types';
import { typedNumber } from './numbers';

interface Props {
    line: FormulaLine;
    candidates: Record<string, Candidate>;
    /** The guess is right as it is. */
    onConfirm: () => void;
    /** The line in other words; an arrow keeps what was written: "2 cups moon sugar → caster sugar". */
    onText: (text: string) => void;
}

/** Everything after an arrow is what a cook has said it is. */
export function written(text: string): string {
    return text.replace(/\s*(?:->|=>|→).*$/u, '');
}

/** Whether a line says how much of it there is. */
export function hasAmount(line: Pick<FormulaLine, 'text' | 'reason'>): boolean {
    return !/No amount|not an amount|does not know what one|no bulk density|weigh it|unit ".+" is not known/i.test(line.reason ?? '') && /\d|½|¼|¾|⅓|⅔/.test(written(line.text));
}

/** Answers a line that is a guess or not understood: confirm it, choose what is near, or write it anew. Nothing is ever made up. */
export function WhatIsIt({ line, candidates, onConfirm, onText }: Props) {
    const [amount, setAmount] = useState('');
    const [again, setAgain] = useState<string | null>(null);
    const amountKnown = hasAmount(line);
    const wrongAmount = amount !== '' && !((typedNumber(amount) ?? 0) > 0);
    const others = [...new Set([...(line.ingredient === null ? [] : [line.ingredient]), ...line.suggestions])].filter((id) => candidates[id] && id !== line.ingredient).slice(0, 5);
    const guess = line.ingredient === null ? undefined : candidates[line.ingredient];
    const choose = (called: string) => onText(`${written(line.text)} → ${amountKnown ? '' : `${typedNumber(amount)} g `}${called}`);
    return (
        <Box sx={{ display: 'flex', flexDirection: 'column', gap: 0.75, alignItems: 'flex-start', mt: 0.5 }}>
            {guess && (
                <Button variant="contained" onClick={onConfirm}>
                    Yes, it is {guess.name}
                </Button>
            )}
            {!amountKnown && line.ingredient === null && others.length > 0 && (
                <TextField
                    size="small" label="How much, g" value={amount} onChange={(e) => setAmount(e.target.value)} inputMode="decimal" sx={{ width: 150 }} error={wrongAmount}
                    helperText={wrongAmount ? 'A number of grams' : amount === '' ? 'Needed before it is chosen' : undefined}
                />
            )}
            {others.length > 0 && (
                <Box component="ul" aria-label={`What “${line.text}” may be`} sx={{ listStyle: 'none', m: 0, p: 0, display: 'flex', flexDirection: 'column', gap: 0.5 }}>
                    {others.map((id) => (
                        <li key={id}>
                            <Button variant="outlined" disabled={!amountKnown && (amount === '' || wrongAmount)} onClick={() => choose(candidates[id]?.called ?? id)} sx={{ justifyContent: 'flex-start', textAlign: 'left' }}>
                                {candidates[id]?.name}
                                <Box component="span" sx={{ fontWeight: 400, color: 'var(--ink-soft)', ml: 1, fontSize: 'var(--text-small)' }}>
                                    {candidates[id]?.glance}
                                </Box>
                            </Button>
                        </li>
                    ))}
                </Box>
            )}
            {again === null ? (
                <Button onClick={() => setAgain(line.text)}>Write it anew</Button>
            ) : (
                <Box component="form" onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); if (again.trim() !== '') onText(again.trim()); }} sx={{ display: 'flex', gap: 0.75, width: '100%' }}>
                    <TextField size="small" label="The line" value={again} onChange={(e) => setAgain(e.target.value)} autoFocus sx={{ flex: 1, minWidth: 220 }} />
                    <Button type="submit" variant="outlined">
                        Read it
                    </Button>
                </Box>
            )}
        </Box>
    );
}
