import Box from '@mui/material/Box';

/** Links that stand only while they have the focus, over what the Tab key would walk through first. */
export function SkipTo({ places }: { places: [id: string, words: string][] }) {
    return (
        <Box component="nav" aria-label="Skip to" className="no-print" sx={{ position: 'fixed', top: 6, left: 6, zIndex: 1400, display: 'flex', gap: '6px' }}>
            {places.map(([id, words]) => (
                <Box
                    key={id} component="a" href={`#${id}`}
                    onClick={(e: React.MouseEvent) => {
                        e.preventDefault();
                        const to = document.getElementById(id);
                        // The first thing in it that can be used; the place itself where there is none.
                        (to?.querySelector<HTMLElement>('[data-cell], a[href], button:not(:disabled), input') ?? to)?.focus();
                    }}
                    sx={{ bgcolor: 'var(--panel)', border: '2px solid var(--cobalt)', borderRadius: '8px', px: 1.5, py: '6px', fontWeight: 650, '&:not(:focus)': { position: 'absolute', left: -9999 } }}
                >
                    {words}
                </Box>
            ))}
        </Box>
    );
}
