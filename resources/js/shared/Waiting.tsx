import Box from '@mui/material/Box';

export function Waiting({ what }: { what: string }) {
    return (
        <Box role="status" sx={{ p: 4, color: 'var(--ink-soft)' }}>
            Fetching {what}…
        </Box>
    );
}
