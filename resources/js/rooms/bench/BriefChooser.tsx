import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Brief, Diet } from '../../api/types';
import { DIETS, FIVE } from '../../shared/words';
import { LIMITS, limitOf, type LimitKey } from './brief';

interface Props {
    brief: Brief;
    limits: Partial<Record<LimitKey, string>>;
    without: string;
    onDiet: (id: Diet) => void;
    onLimit: (key: LimitKey, text: string) => void;
    onWithout: (text: string) => void;
    onAsk: () => void;
}

const FIRST: readonly Diet[] = [...FIVE, 'vegetarian', 'dairy-free'];

/** Diets as chips, the rarer ones and the limits of a portion behind one press. */
export function BriefChooser({ brief, limits, without, onDiet, onLimit, onWithout, onAsk }: Props) {
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const more = DIETS.filter(({ id }) => !FIRST.includes(id));
    const set = more.filter(({ id }) => brief.diets.includes(id)).length + Object.values(limits).filter((text) => text.trim() !== '').length + (without.trim() ? 1 : 0);
    const chip = (id: Diet, name: string) => (
        <Box
            component="button" type="button" key={id} aria-pressed={brief.diets.includes(id)} onClick={() => onDiet(id)}
            sx={{
                font: 'inherit', fontSize: 'var(--text-small)', border: '1.5px solid var(--rim)', borderRadius: '9px', px: 0.9, minHeight: 'var(--press-usual)', cursor: 'pointer',
                bgcolor: brief.diets.includes(id) ? 'var(--cobalt)' : 'transparent', color: brief.diets.includes(id) ? 'var(--on-cobalt)' : 'var(--ink)', fontWeight: brief.diets.includes(id) ? 650 : 400,
            }}
        >
            {id === 'vegetarian' ? 'No gelatin' : name}
        </Box>
    );
    return (
        <>
            {DIETS.filter(({ id }) => FIRST.includes(id)).map(({ id, name }) => chip(id, name))}
            <Button variant="outlined" aria-haspopup="dialog" onClick={(e) => setAnchor(e.currentTarget)} sx={{ minHeight: 'var(--press-usual)', py: 0 }}>
                More and limits{set > 0 ? ` (${set})` : ''}
            </Button>
            <Popover open={anchor !== null} anchorEl={anchor} onClose={() => { setAnchor(null); onAsk(); }} anchorOrigin={{ vertical: 'top', horizontal: 'left' }} transformOrigin={{ vertical: 'bottom', horizontal: 'left' }} slotProps={{ paper: { role: 'dialog', 'aria-label': 'More diets, and limits of a portion' } }}>
                <Box component="form" onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); setAnchor(null); onAsk(); }} sx={{ p: 2, width: 430 }}>
                    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mb: 1.75 }}>{more.map(({ id, name }) => chip(id, name))}</Box>
                    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.25 }}>
                        {LIMITS.map(({ key, label }) => (
                            <TextField
                                key={key} size="small" label={label} value={limits[key] ?? ''} onChange={(e) => onLimit(key, e.target.value)}
                                error={(limits[key] ?? '').trim() !== '' && limitOf(limits[key]) === null} helperText={(limits[key] ?? '').trim() !== '' && limitOf(limits[key]) === null ? 'a number, 0 or more' : undefined}
                                slotProps={{ htmlInput: { 'aria-label': `Limit for one portion: ${label}`, inputMode: 'decimal' } }}
                            />
                        ))}
                    </Box>
                    <TextField size="small" fullWidth label="Not on hand, or not to be eaten" placeholder="soybeans, agar, coconut-oil" value={without} onChange={(e) => onWithout(e.target.value)} helperText="allergens or shelf names, with commas" sx={{ mt: 1.5 }} />
                    <Button type="submit" variant="contained" sx={{ mt: 1.5 }}>
                        Find routes
                    </Button>
                </Box>
            </Popover>
        </>
    );
}
