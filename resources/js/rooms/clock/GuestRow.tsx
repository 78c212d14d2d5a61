import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { Guests } from '../../api/types';
import { ALLERGENS, DIETS } from '../../api/words';
import { dietName } from '../../shared/words';

type Row = Omit<Guests, 'count'> & { count: string };

/** So many, and what they may eat, as it is said across a counter. */
export function guestWords(guests: Guests): string {
    const wants = [...guests.diets.map((diet) => dietName(diet).toLowerCase()), ...guests.without.map((one) => `no ${one}`)];
    return `${guests.count} ${wants.length === 0 ? 'who eat anything' : wants.join(', ')}`;
}

/** Guests who are alike in what they may eat. */
export function GuestRow({ row, n, isWrong, onSet, onOut }: { row: Row; n: number; isWrong: boolean; onSet: (over: Partial<Row>) => void; onOut: (() => void) | null }) {
    return (
        <Box component="li" aria-label={`Group ${n + 1}`} sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'flex-start' }}>
            <TextField size="small" label="How many" value={row.count} onChange={(e) => onSet({ count: e.target.value })} error={isWrong} helperText={isWrong ? 'A whole number' : undefined} sx={{ width: 104 }} slotProps={{ htmlInput: { inputMode: 'numeric' } }} />
            <Autocomplete
                multiple size="small" options={DIETS.map((one) => one.id)} getOptionLabel={dietName} value={row.diets} onChange={(_, diets) => onSet({ diets })} disableCloseOnSelect
                renderInput={(params) => <TextField {...params} label="Diets" placeholder={row.diets.length === 0 ? 'anything' : ''} />} sx={{ flex: '1 1 260px' }}
            />
            <Autocomplete
                multiple size="small" options={[...ALLERGENS]} value={row.without} onChange={(_, without) => onSet({ without })} disableCloseOnSelect
                renderInput={(params) => <TextField {...params} label="Without" placeholder={row.without.length === 0 ? 'no allergen named' : ''} />} sx={{ flex: '1 1 260px' }}
            />
            {onOut && <Button onClick={onOut} aria-label={`Leave out group ${n + 1}`}>Leave out</Button>}
        </Box>
    );
}
