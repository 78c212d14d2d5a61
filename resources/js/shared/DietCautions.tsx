import Box from '@mui/material/Box';
import { DIETS, type Diet } from './words';

/** Who must not rely on the diets that are chosen, and whom they ask: where the choice is made. */
export function DietCautions({ diets }: { diets: readonly Diet[] }) {
    const chosen = DIETS.filter(({ id }) => diets.includes(id));
    if (chosen.length === 0) return null;
    return (
        <Box role="note" aria-label="Who must not rely on it" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', lineHeight: 1.3, my: 0.5 }}>
            {chosen.map(({ id, caution }) => (
                <div key={id}>{caution}</div>
            ))}
        </Box>
    );
}
