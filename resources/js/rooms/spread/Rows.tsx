import Box from '@mui/material/Box';
import type { Facts } from '../../api/types';
import { oneDecimal } from '../../shared/numbers';

/** What a portion holds, in the order every column has it. */
export const factRows = (portion: Facts): [string, string][] => [
    ['Energy', `${Math.round(portion.kcal)} kcal`],
    ...([['Net carbs', 'net_carbs_g'], ['Sugars', 'sugars_g'], ['Fat', 'fat_g'], ['Saturates', 'saturates_g'], ['Fibre', 'fibre_g'], ['Protein', 'protein_g']] as const).map(([name, fact]): [string, string] => [name, `${oneDecimal(portion[fact])} g`]),
];

/** Names and figures under one another. */
export function Rows({ rows }: { rows: [string, string][] }) {
    return (
        <Box component="dl" sx={{ m: 0, fontSize: 14, display: 'grid', gridTemplateColumns: 'minmax(0, auto) minmax(0, 1fr)', '& dt, & dd': { m: 0, py: '2px', borderTop: '1px solid var(--line)', lineHeight: 1.3 }, '& dd': { textAlign: 'right', fontWeight: 650, pl: 0.75 } }}>
            {rows.map(([name, value]) => (
                <Box key={name} sx={{ display: 'contents' }}>
                    <dt>{name}</dt>
                    <dd>{value}</dd>
                </Box>
            ))}
        </Box>
    );
}
