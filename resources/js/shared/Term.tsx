import Box from '@mui/material/Box';
import Tooltip from '@mui/material/Tooltip';
import type { ReactNode } from 'react';
import { GLOSSARY } from './words';

/** A term that explains itself where it stands: on hover, on focus, on touch; a cook's words first, the figure after. */
export function Term({ of, children }: { of: string; children: ReactNode }) {
    const said = GLOSSARY[of];
    if (!said) return <>{children}</>;
    return (
        <Tooltip
            describeChild enterTouchDelay={0} leaveTouchDelay={8000}
            title={
                <Box sx={{ fontSize: 'var(--text-small)', lineHeight: 1.35 }}>
                    <strong>{said.name}.</strong> {said.plain} {said.figure}
                </Box>
            }
        >
            <Box component="span" tabIndex={0} sx={{ textDecoration: 'underline dotted', textDecorationColor: 'var(--ink-soft)', textUnderlineOffset: '3px', cursor: 'help' }}>
                {children}
            </Box>
        </Tooltip>
    );
}
