import Box from '@mui/material/Box';
import type { ReactNode } from 'react';
import { useWhy } from './WhyContext';

/** A number that answers "why?" when it is pressed. */
export function Why({ path, of, children }: { path: string; of: string; children: ReactNode }) {
    const open = useWhy();
    if (!open) return <>{children}</>;
    return (
        <Box
            component="button" type="button" onClick={() => open(path)} title={`Why is ${of} this?`} aria-haspopup="dialog"
            sx={{
                font: 'inherit', color: 'inherit', border: 0, background: 'none', p: 0, cursor: 'pointer', minWidth: 24, minHeight: 'var(--press-small)', textAlign: 'inherit',
                '&:hover, &:focus-visible': { color: 'var(--cobalt)', textDecoration: 'underline dotted', textUnderlineOffset: '3px' },
            }}
        >
            {children}
            <span className="sr-only">, why is {of} this?</span>
        </Box>
    );
}
