import Box from '@mui/material/Box';
import type { ReactNode } from 'react';

/** What is on its way, said, and its shape drawn where it will stand. */
export function Waiting({ what, children }: { what: string; children?: ReactNode }) {
    return (
        <Box role="status" sx={{ p: children ? 0 : 4, color: 'var(--ink-soft)' }}>
            <Box sx={children ? { p: 1 } : {}}>Fetching {what}…</Box>
            {children}
        </Box>
    );
}

/** The outline of something that is not there yet. */
export function Outline({ height }: { height: number }) {
    return <Box aria-hidden sx={{ height, border: '1.5px dashed var(--line)', borderRadius: '11px', bgcolor: 'var(--panel)', opacity: 0.7 }} />;
}

/** Cards where cards will be. */
export function CardsWaiting({ what, count = 6 }: { what: string; count?: number }) {
    return (
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(250px, 1fr))' }}>
            <Box role="status" sx={{ gridColumn: '1 / -1', color: 'var(--ink-soft)' }}>
                Fetching {what}…
            </Box>
            {Array.from({ length: count }, (_, n) => (
                <Outline key={n} height={288} />
            ))}
        </Box>
    );
}

/** Lines where lines will be. */
export function LinesWaiting({ count = 6 }: { count?: number }) {
    return (
        <Box aria-hidden sx={{ display: 'grid', gap: 1, p: 1 }}>
            {Array.from({ length: count }, (_, n) => (
                <Box key={n} sx={{ height: 18, borderRadius: '6px', bgcolor: 'var(--sunk)', width: `${95 - ((n * 17) % 40)}%` }} />
            ))}
        </Box>
    );
}

/** The Bench before its dish is there: its panels stand where they will. */
export function BenchWaiting() {
    return (
        <Box sx={{ p: '10px 14px 12px', display: 'grid', gap: '10px', gridTemplateColumns: { xs: '1fr', lg: '276px minmax(340px, 1fr) 456px' } }}>
            <Box role="status" sx={{ gridColumn: '1 / -1', color: 'var(--ink-soft)' }}>
                Fetching the dish…
            </Box>
            {[420, 420, 420].map((height, n) => (
                <Outline key={n} height={height} />
            ))}
        </Box>
    );
}
