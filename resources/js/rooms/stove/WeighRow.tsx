import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Weighing } from '../../api/types';
import { grams, typedNumber } from '../../shared/numbers';
import type { Say } from './StepAtWork';

/** A line to weigh: how much, how near, and what the scale said. */
export function WeighRow({ line, lot, onLot, say }: { line: Weighing; lot: number | undefined; onLot: (lot: number | undefined) => void; say: Say }) {
    const [typed, setTyped] = useState('');
    const [instead, setInstead] = useState<string | null>(null);
    const amount = typedNumber(typed);
    const isRight = amount !== null && !Number.isNaN(amount) && amount >= 0 && amount <= 1e6;
    const keep = (weighed: number) => {
        say('weighed', line.step, { ingredient: line.ingredient, grams: weighed, ...(lot === undefined ? {} : { lot }) });
        setTyped('');
    };
    return (
        <Box component="li" aria-label={line.name} sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr auto' }, gap: 1, alignItems: 'center', borderTop: '1px solid var(--line)', py: 1 }}>
            <div>
                <Box component="span" className="figure" sx={{ fontSize: 'var(--text-stove)', fontWeight: 650, mr: 1.5 }}>{grams(line.asked)} g</Box>
                <Box component="span" sx={{ fontSize: 'var(--text-name)' }}>{line.name}</Box>
                {/* As high weighed as before: nothing moves under a finger that is on its way to the next button. */}
                <Box sx={{ color: 'var(--ink-soft)', display: 'flex', alignItems: 'center', columnGap: 1.5, flexWrap: 'wrap', minHeight: 'var(--press-stove)' }}>
                    <span>± {grams(line.tolerance)} g{line.solution && `; ${line.solution}`}</span>
                    {line.weighed !== null && (
                        <strong style={{ color: line.is_off ? 'var(--beet)' : 'var(--herb)' }}>weighed {grams(line.weighed)} g{line.is_off && `, ${grams(Math.abs(line.weighed - line.asked))} g ${line.weighed > line.asked ? 'over' : 'short'}`}</strong>
                    )}
                    {line.weighed === null && instead === null && <Button onClick={() => setInstead('')} aria-label={`Take another for ${line.name}`} sx={{ minHeight: 'var(--press-stove)', px: 0 }}>Take another</Button>}
                </Box>
                {line.weighed === null && instead !== null && (
                    <Box
                        component="form" sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', mt: 1.25 }}
                        onSubmit={(e: React.SyntheticEvent) => {
                            e.preventDefault();
                            if (instead.trim() === '') return;
                            say('swapped', line.step, { ingredient: line.ingredient, to: instead.trim() });
                            setInstead(null);
                        }}
                    >
                        <TextField autoFocus label="What instead" value={instead} onChange={(e) => setInstead(e.target.value)} slotProps={{ htmlInput: { 'aria-label': `What instead of ${line.name}`, maxLength: 120 } }} sx={{ width: 200 }} />
                        <Button type="submit" variant="contained" disabled={instead.trim() === ''} sx={{ minHeight: 'var(--press-stove)' }}>Take it</Button>
                        <Button onClick={() => setInstead(null)} sx={{ minHeight: 'var(--press-stove)' }}>Leave it</Button>
                    </Box>
                )}
                {line.lots.length > 0 && (
                    <Box component="label" sx={{ display: 'inline-flex', gap: 1, alignItems: 'center', minHeight: 'var(--press-stove)' }}>
                        Lot
                        <Box component="select" value={lot ?? ''} onChange={(e: React.ChangeEvent<HTMLSelectElement>) => onLot(e.target.value === '' ? undefined : Number(e.target.value))} aria-label={`Lot of ${line.name}`} sx={{ font: 'inherit', color: 'inherit', bgcolor: 'var(--panel)', border: '1px solid var(--rim)', borderRadius: '7px', minHeight: 44, px: 1 }}>
                            <option value="">not said</option>
                            {line.lots.map((one) => <option key={one.id} value={one.id}>{one.code}{one.is_recalled && ', called back'}</option>)}
                        </Box>
                        {line.lots.some((one) => one.id === lot && one.is_recalled) && <strong role="alert" style={{ color: 'var(--beet)' }}>Called back: do not use it.</strong>}
                    </Box>
                )}
            </div>
            <Box
                component="form" sx={{ display: 'flex', gap: 1 }}
                onSubmit={(e: React.SyntheticEvent) => {
                    e.preventDefault();
                    if (isRight) keep(amount);
                }}
            >
                <TextField label="Scale, g" value={typed} onChange={(e) => setTyped(e.target.value)} error={typed !== '' && !isRight} slotProps={{ htmlInput: { inputMode: 'decimal', 'aria-label': `Weighed of ${line.name}, g` } }} sx={{ width: 120 }} />
                {typed === '' ? (
                    <Button variant="outlined" onClick={() => keep(Math.round(line.asked * 100) / 100)} aria-label={`As asked: ${line.name}`} sx={{ minHeight: 'var(--press-stove)' }}>As asked</Button>
                ) : (
                    <Button type="submit" variant="contained" disabled={!isRight} aria-label={`Keep what was weighed of ${line.name}`} sx={{ minHeight: 'var(--press-stove)' }}>Keep</Button>
                )}
            </Box>
        </Box>
    );
}
