import type { SystemStyleObject, Theme } from '@mui/system';
import Box, { type BoxProps } from '@mui/material/Box';

/** An enamel panel: cool white with a thin cobalt rim. */
export function Panel({ sx, ...rest }: BoxProps) {
    return (
        <Box
            {...rest}
            // Positioned, so that words only a screen reader meets scroll with it and do not lengthen the page.
            sx={[{ position: 'relative', bgcolor: 'var(--panel)', border: '1.5px solid var(--rim)', borderRadius: '11px', p: '12px 14px', minWidth: 0 }, ...(Array.isArray(sx) ? (sx as readonly SystemStyleObject<Theme>[]) : [sx as SystemStyleObject<Theme>])]}
        />
    );
}
