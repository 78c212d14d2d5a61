import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Rail } from '../../api/types';
import { lean } from './payers';
import { movedTarget, railName, railUnit, verdictColour } from './railWords';

const W = 46;
const H = 28;
/** Pixels a pan is drawn through for all of a property's range, three tolerances either way. */
const TRAVEL = 60;

/** A small balance: the left pan holds what is wanted, the right what there is. Level is met. Where it may be wanted otherwise, the right pan is drawn up or down, or moved with the arrow keys. */
export function Beam({ rail, onWant }: { rail: Rail; onWant?: ((value: number) => void) | undefined }) {
    const [share, setShare] = useState(0);
    const value = movedTarget(rail, share);
    const release = (moved: number) => {
        setShare(0);
        const wanted = movedTarget(rail, moved);
        if (Math.abs(wanted - rail.target) > 0.004) onWant?.(wanted);
    };
    // More wanted lifts what there is.
    const degrees = lean(rail.residual - share * 6);
    const colour = rail.met ? 'var(--cobalt)' : verdictColour(rail);
    const drawing = (
        <svg width={W} height={H} viewBox={`0 0 ${W} ${H}`} aria-hidden style={{ display: 'block', overflow: 'visible' }}>
            <path d={`M${W / 2} 9 l4.5 17 h-9 z`} fill={colour} />
            <g transform={`rotate(${degrees} ${W / 2} 9)`} stroke={colour} strokeWidth={2.2} fill="none" strokeLinecap="round">
                <path d={`M5 9 H${W - 5}`} />
                <path d="M1 15 L5 9 L9 15 Z" strokeWidth={1.6} fill="var(--panel)" />
                <path d={`M${W - 9} 15 L${W - 5} 9 L${W - 1} 15 Z`} strokeWidth={1.6} fill={colour} />
            </g>
        </svg>
    );
    if (!onWant) return <Box sx={{ width: W }}>{drawing}</Box>;
    return (
        <Box
            component="span" role="slider" tabIndex={0} aria-label={`Wanted: ${railName(rail)}`} aria-orientation="vertical" aria-valuenow={value} aria-valuetext={`${value} ${railUnit(rail)}`} aria-valuemin={0} aria-valuemax={Math.max(100, value)} title="Draw it up for more, down for less"
            onPointerDown={(e: React.PointerEvent<HTMLElement>) => {
                const from = e.clientY;
                let moved = 0;
                const move = (at: PointerEvent) => {
                    moved = Math.max(-0.5, Math.min(0.5, (from - at.clientY) / TRAVEL));
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
            sx={{ position: 'relative', width: W, display: 'block', cursor: 'ns-resize', touchAction: 'none', borderRadius: '6px' }}
        >
            {drawing}
            {share !== 0 && (
                <Box component="b" sx={{ position: 'absolute', left: 0, top: -16, fontSize: 'var(--text-small)', bgcolor: 'var(--panel)', px: 0.5, borderRadius: '4px', border: '1px solid var(--line)', whiteSpace: 'nowrap', zIndex: 2 }}>
                    {value} {railUnit(rail)}
                </Box>
            )}
        </Box>
    );
}
