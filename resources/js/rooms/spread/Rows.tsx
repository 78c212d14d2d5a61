import Box from '@mui/material/Box';

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
