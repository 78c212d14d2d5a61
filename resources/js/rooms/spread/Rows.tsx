import Box from '@mui/material/Box';
import type { Facts } from '../../api/types';
import { oneDecimal } from '../../shared/numbers';

/** What a portion holds, in the order every column has it. */
export const factRows = (portion: Facts): [string, string][] => [
    ['Energy', `${Math.round(portion.kcal)} kcal`],
    ...([['Net carbs', 'net_carbs_g'], ['Sugars', 'sugars_g'], ['Fat', 'fat_g'], ['Saturates', 'saturates_g'], ['Fibre', 'fibre_g'], ['Protein', 'protein_g']] as const).map(([name, fact]): [string, string] => [name, `${oneDecimal(portion[fact])} g`]),
];

/** How a layer sets and how sweet it is; a base has no GE and is told by its cut alone. */
export const layerRow = (name: string, set: string, ge: number | null, se: number): [string, string] => [name, ge === null ? set : `${set}, ${oneDecimal(se)} SE`];

/** Names with what is said of them, the words of `layers` under their names and figures beside theirs. */
export function Rows({ layers, rows }: { layers: [string, string][]; rows: [string, string][] }) {
    return (
        <Box component="dl" sx={{ m: 0, fontSize: 'var(--text-plain)', display: 'grid', gridTemplateColumns: 'auto minmax(0, 1fr)', '& dt, & dd': { m: 0, lineHeight: 1.25 }, '& dt': { borderTop: '1px solid var(--line)', pt: '2px' }, '& dd': { fontWeight: 650, pb: '1px' } }}>
            {layers.map(([name, value]) => (
                <Box key={name} sx={{ display: 'contents', '& dt, & dd': { gridColumn: '1 / -1' }, '& dt': { fontSize: 'var(--text-small)', color: 'var(--ink-soft)' } }}>
                    <dt>{name}</dt>
                    <dd>{value}</dd>
                </Box>
            ))}
            {rows.map(([name, value]) => (
                <Box key={name} sx={{ display: 'contents', '& dd': { textAlign: 'right', pl: 0.75, pt: '2px', borderTop: '1px solid var(--line)' } }}>
                    <dt>{name}</dt>
                    <dd>{value}</dd>
                </Box>
            ))}
        </Box>
    );
}
