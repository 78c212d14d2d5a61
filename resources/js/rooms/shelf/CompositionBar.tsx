import Box from '@mui/material/Box';
import { oneDecimal } from '../../shared/numbers';
import { barsOf } from './parts';

/** What 100 g hold, as one stacked bar with its words under it. */
export function CompositionBar({ parts }: { parts: { part: string; grams: number }[] }) {
    const bars = barsOf(parts);
    const sum = Math.max(100, bars.reduce((all, bar) => all + bar.grams, 0));
    const words = bars.map((bar) => `${oneDecimal(bar.grams)} g ${bar.name}`);
    return (
        <Box>
            <Box role="img" aria-label={`100 g hold ${words.join(', ')}`} sx={{ display: 'flex', height: 30, borderRadius: '7px', overflow: 'hidden', border: '1.5px solid var(--rim)', bgcolor: 'var(--sunk)' }}>
                {bars.map((bar) => (
                    <Box key={bar.id} sx={{ width: `${(bar.grams / sum) * 100}%`, bgcolor: bar.tone, color: '#231c0c', fontSize: 'var(--text-fine)', fontWeight: 650, display: 'grid', placeItems: 'center', overflow: 'hidden', borderRight: '1px solid rgb(0 0 0 / 0.15)' }}>
                        {bar.grams / sum > 0.07 ? oneDecimal(bar.grams) : ''}
                    </Box>
                ))}
            </Box>
            <Box component="ul" aria-hidden sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.75, m: '6px 0 0', p: 0, listStyle: 'none', fontSize: 'var(--text-plain)' }}>
                {bars.map((bar) => (
                    <Box component="li" key={bar.id} sx={{ display: 'flex', alignItems: 'center', gap: 0.6 }}>
                        <Box component="i" sx={{ width: 11, height: 11, borderRadius: '3px', bgcolor: bar.tone, border: '1px solid rgb(0 0 0 / 0.25)' }} />
                        {bar.name} {oneDecimal(bar.grams)} g
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
