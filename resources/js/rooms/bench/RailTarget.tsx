import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Rail } from '../../api/types';
import { movedTarget, railName } from './railWords';

/** The mark of what is wanted: drag it along its rail, or move it with the arrow keys. */
export function RailTarget({ rail, onWant }: { rail: Rail; onWant: (value: number) => void }) {
    const [share, setShare] = useState(0);
    const value = movedTarget(rail, share);
    const release = (moved: number) => {
        setShare(0);
        const wanted = movedTarget(rail, moved);
        if (Math.abs(wanted - rail.target) > 0.004) onWant(wanted);
    };
    return (
        <Box
            component="span" role="slider" tabIndex={0} aria-label={`Wanted: ${railName(rail)}`} aria-valuenow={value} aria-valuetext={`${value} ${rail.unit}`} aria-valuemin={0} aria-valuemax={100} title="Drag to what is wanted"
            onPointerDown={(e: React.PointerEvent<HTMLElement>) => {
                const length = e.currentTarget.parentElement?.clientWidth ?? 200;
                const from = e.clientX;
                let moved = 0;
                const move = (at: PointerEvent) => {
                    moved = Math.max(-0.5, Math.min(0.5, (at.clientX - from) / length));
                    setShare(moved);
                };
                const up = () => {
                    window.removeEventListener('pointermove', move);
                    window.removeEventListener('pointerup', up);
                    release(moved);
                };
                window.addEventListener('pointermove', move);
                window.addEventListener('pointerup', up);
                e.preventDefault();
            }}
            onKeyDown={(e: React.KeyboardEvent) => {
                const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[e.key];
                if (step === undefined) return;
                e.preventDefault();
                e.stopPropagation();
                release(step / 12);
            }}
            sx={{
                position: 'absolute', left: `calc(${50 + share * 100}% - 12px)`, top: -6, width: 24, height: 24, cursor: 'ew-resize', touchAction: 'none', display: 'grid', placeItems: 'center', zIndex: 1,
                '&::before': { content: '""', width: 9, height: 9, border: '2px solid var(--herb)', bgcolor: 'var(--panel)', transform: 'rotate(45deg)', boxSizing: 'border-box' },
            }}
        >
            {share !== 0 && (
                <Box component="b" sx={{ position: 'absolute', top: -17, fontSize: 13, bgcolor: 'var(--panel)', px: 0.5, borderRadius: '4px' }}>
                    {value}
                </Box>
            )}
        </Box>
    );
}
