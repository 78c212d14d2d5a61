import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import type { Asked } from '../../api/queries';
import { FILTERS } from './asked';

/** What the dishes on the counter are narrowed by; what is chosen stands in the address, so that it can be gone back to. */
export function Finder({ asked, onAsk }: { asked: Asked; onAsk: (change: Partial<Asked>) => void }) {
    const narrowed = FILTERS.filter((one) => one.key !== 'sort' && asked[one.key] !== '');
    return (
        <Box role="group" aria-label="Which dishes" sx={{ display: 'flex', columnGap: 1, rowGap: 1.5, flexWrap: 'wrap', alignItems: 'center' }}>
            {FILTERS.map((filter) => (
                <TextField
                    key={filter.key} select size="small" label={filter.label} value={asked[filter.key]} onChange={(e) => onAsk({ [filter.key]: e.target.value })}
                    sx={{ minWidth: 138, ...(asked[filter.key] !== '' && filter.key !== 'sort' && { '& .MuiInputBase-root': { bgcolor: 'var(--cobalt-wash)', fontWeight: 650 } }) }}
                    slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true, notched: true } }}
                >
                    {filter.choices.map((choice) => (
                        <MenuItem key={choice.value} value={choice.value}>
                            {choice.word}
                        </MenuItem>
                    ))}
                </TextField>
            ))}
            {(narrowed.length > 0 || asked.q !== '') && (
                <Button variant="outlined" onClick={() => onAsk({ q: '', diet: '', free: '', family: '', state: '' })}>
                    Show all
                </Button>
            )}
        </Box>
    );
}
