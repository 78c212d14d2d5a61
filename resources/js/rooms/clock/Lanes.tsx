import Box from '@mui/material/Box';
import { useLayoutEffect, useRef, useState } from 'react';
import type { Service } from '../../api/types';
import { minutes } from '../../shared/numbers';
import { axisOf, type Axis } from './axis';
import { busyOf, lanesOf, type Block, type By, type Lane } from './lanes';
import { clockOf, dayOf, minuteOf, momentOf } from '../../shared/moment';
import { useWallMinute } from '../../shared/useWallMinute';
import { useSay } from './useService';
import { useMay } from '../../shared/Only';

interface Props {
    blocks: readonly Block[];
    service: Service;
    by: By;
    /** The block at hand. */
    at: string | null;
    onAt: (key: string) => void;
    isOver: boolean;
}

const ROW = 24;

/** px a lane takes, so that two lines of its name fit. */
const heightOf = (lane: Lane): number => Math.max(lane.rows.length * ROW, 36);

/** min by which a step is moved with the keys. */
const NUDGE = 5;

/** Lanes of the plan: hands solid, waiting hatched, quiet hours folded. Arrows go from step to step, Alt and an arrow moves one, and it may be drawn. */
/** Pixels that stand between the margins of a printed sheet: what is wider would shrink the whole of it. */
const PRINTED = 660;

export function Lanes({ blocks, service, by, at, onAt, isOver }: Props) {
    const frame = useRef<HTMLDivElement>(null);
    const [room, setRoom] = useState(900);
    const now = useWallMinute(30_000, !isOver);
    useLayoutEffect(() => {
        const measure = () => setRoom(Math.max(320, (frame.current?.clientWidth ?? 1060) - 4));
        measure();
        window.addEventListener('resize', measure);
        return () => window.removeEventListener('resize', measure);
    }, []);
    const axis = axisOf(busyOf(blocks), room);
    const lanes = lanesOf(blocks, service.items, by);
    const order = lanes.flatMap((lane) => lane.rows.flat()).sort((a, b) => a.from - b.from);
    const stop = order.some((block) => block.key === at) ? at : order[0]?.key;
    const isOurs = useMay()('record');
    const say = useSay(service);
    const move = (block: Block, by: number) => {
        if (!isOurs || block.step.item === null || block.step.kind === 'clean' || block.step.state === 'done' || block.step.state === 'begun') return;
        say.mutate({ step: block.step, state: 'locked', at: momentOf(block.from + by) });
    };
    const go = (key: string) => {
        onAt(key);
        frame.current?.querySelector<HTMLElement>(`[data-block="${key}"]`)?.focus();
    };
    const onKey = (e: React.KeyboardEvent, block: Block) => {
        const towards = e.key === 'ArrowLeft' ? -1 : e.key === 'ArrowRight' ? 1 : 0;
        if (towards === 0) return;
        e.preventDefault();
        if (e.altKey) move(block, towards * NUDGE);
        else {
            const next = order[order.indexOf(block) + towards];
            if (next) go(next.key);
        }
    };
    const served = minuteOf(service.serve_at);
    return (
        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '92px 1fr', sm: '150px 1fr' }, '@media print': { zoom: `${Math.min(1, PRINTED / (150 + axis.width))}` } }}>
            <div>
                <Box sx={{ height: 34 }} />
                {lanes.map((lane) => (
                    <Box key={lane.name} sx={{ height: heightOf(lane), borderTop: '1px solid var(--line)', fontSize: 'var(--text-small)', lineHeight: 1.15, pr: 1, pt: '2px', boxSizing: 'border-box', overflow: 'hidden', display: '-webkit-box', WebkitBoxOrient: 'vertical', WebkitLineClamp: Math.floor(heightOf(lane) / 17) }}>
                        {lane.name}
                    </Box>
                ))}
            </div>
            <Box ref={frame} tabIndex={-1} sx={{ overflowX: 'auto', position: 'relative', outlineOffset: '-3px' }}>
                <Box role="group" aria-label="Steps in time" sx={{ position: 'relative', width: axis.width, minWidth: '100%' }}>
                    <Marks axis={axis} height={34 + lanes.reduce((sum, lane) => sum + heightOf(lane), 0)} now={isOver ? null : now} served={served} />
                    <Box sx={{ height: 34 }} />
                    {lanes.map((lane) => (
                        <Box key={lane.name} role="group" aria-label={lane.name} sx={{ borderTop: '1px solid var(--line)', height: heightOf(lane), boxSizing: 'border-box' }}>
                            {lane.rows.map((row, n) => (
                                <Box key={n} sx={{ position: 'relative', height: ROW, boxSizing: 'border-box' }}>
                                    {row.map((block) => (
                                        <Bar key={block.key} block={block} axis={axis} handsOnly={by === 'cook'} isAt={block.key === at} isStop={block.key === stop} onAt={() => onAt(block.key)} onKey={(e) => onKey(e, block)} onMove={(by) => move(block, by)} />
                                    ))}
                                </Box>
                            ))}
                        </Box>
                    ))}
                </Box>
            </Box>
        </Box>
    );
}

function Marks({ axis, height, now, served }: { axis: Axis; height: number; now: number | null; served: number }) {
    return (
        <Box aria-hidden sx={{ position: 'absolute', inset: 0, pointerEvents: 'none', fontSize: 'var(--text-fine)', color: 'var(--ink-soft)', '& > *': { position: 'absolute' } }}>
            {axis.folds.map((fold) => (
                <Box key={fold.from} sx={{ left: fold.x, width: fold.width, top: 0, height, bgcolor: 'var(--sunk)', textAlign: 'center', boxSizing: 'border-box', borderInline: '1px dashed var(--line)', pt: '2px', lineHeight: 1.1 }}>
                    {minutes(fold.to - fold.from)}
                    <br />
                    folded
                </Box>
            ))}
            {axis.marks.map((mark, n) => {
                const before = axis.marks[n - 1];
                const said = before !== undefined && dayOf(mark) === dayOf(before) ? null : dayOf(mark);
                return (
                    <Box key={mark} sx={{ left: axis.x(mark), top: 0, height, borderLeft: '1px solid var(--line)', pl: '3px', whiteSpace: 'nowrap', lineHeight: 1.2 }}>
                        {said !== null && <strong>{said}</strong>}
                        <div style={said === null ? { marginTop: 15 } : undefined}>{clockOf(mark)}</div>
                    </Box>
                );
            })}
            <Box sx={{ left: axis.x(served), top: 0, height, borderLeft: '3px double var(--rim)' }} />
            {now !== null && axis.width > 0 && axis.x(now) > 0 && <Box data-now sx={{ left: axis.x(now) - 1, top: 16, height: height - 16, borderLeft: '2px solid var(--beet)' }} />}
        </Box>
    );
}

interface BarProps {
    block: Block;
    axis: Axis;
    /** Only what somebody does is drawn. */
    handsOnly: boolean;
    isAt: boolean;
    /** Whether Tab stops at it. */
    isStop: boolean;
    onAt: () => void;
    onKey: (e: React.KeyboardEvent) => void;
    onMove: (minutes: number) => void;
}

const STATE = { planned: '', begun: ', begun', done: ', done', locked: ', not to be moved' } as const;

function Bar({ block, axis, handsOnly, isAt, isStop, onAt, onKey, onMove }: BarProps) {
    const [drawn, setDrawn] = useState<{ from: number; by: number } | null>(null);
    const start = axis.x(block.from);
    const hands = Math.max(3, axis.x(block.hands) - start);
    const width = Math.max(6, (handsOnly ? 0 : axis.x(block.to)) - start, hands);
    const { step } = block;
    const isDone = step.state === 'done';
    const colour = isDone ? 'var(--herb)' : step.kind === 'clean' || step.kind === 'preheat' ? 'var(--ink-soft)' : 'var(--cobalt)';
    const movable = step.item !== null && step.kind !== 'clean' && (step.state === 'planned' || step.state === 'locked');
    return (
        <Box
            component="button" type="button" data-block={block.key} tabIndex={isStop ? 0 : -1} aria-pressed={isAt}
            aria-label={`${clockOf(block.from)} to ${clockOf(block.to)}${STATE[step.state]}: ${step.text}`}
            title={`${clockOf(block.from)}–${clockOf(block.to)}  ${step.text}`}
            onClick={onAt} onKeyDown={onKey}
            onPointerDown={(e: React.PointerEvent) => {
                if (!movable || e.button !== 0) return;
                e.currentTarget.setPointerCapture(e.pointerId);
                setDrawn({ from: e.clientX, by: 0 });
            }}
            onPointerMove={(e: React.PointerEvent) => drawn && setDrawn({ ...drawn, by: e.clientX - drawn.from })}
            onPointerUp={() => {
                const by = drawn?.by ?? 0;
                setDrawn(null);
                if (Math.abs(by) > 4) onMove(Math.round(axis.minute(start + by) - block.from));
            }}
            onPointerCancel={() => setDrawn(null)}
            sx={{
                position: 'absolute', left: start, top: 3, width, height: ROW - 6, p: 0, overflow: 'hidden', boxSizing: 'border-box', borderRadius: '3px', cursor: movable ? 'grab' : 'pointer', font: 'inherit', textAlign: 'left', touchAction: 'none',
                border: `1px solid ${colour}`, background: isDone ? 'var(--herb-wash)' : `repeating-linear-gradient(135deg, ${colour} 0 1.5px, var(--panel) 1.5px 6px)`,
                ...(step.state === 'begun' ? { border: '2px solid var(--herb)' } : {}),
                ...(step.state === 'locked' ? { borderLeft: '5px solid var(--yolk-fill)' } : {}),
                ...(isAt ? { outline: '2px solid var(--ink)', outlineOffset: '1px', zIndex: 2 } : {}),
                ...(drawn ? { transform: `translateX(${drawn.by}px)`, zIndex: 3, opacity: 0.85 } : {}),
            }}
        >
            {block.step.hands_on_min > 0 && (
                <Box component="span" aria-hidden sx={{ position: 'absolute', inset: '0 auto 0 0', width: hands, bgcolor: isDone ? 'var(--herb)' : colour, opacity: isDone ? 0.55 : 1, color: 'var(--on-cobalt)', fontSize: 'var(--text-fine)', lineHeight: `${ROW - 8}px`, pl: hands > 20 ? '3px' : 0, whiteSpace: 'nowrap', overflow: 'hidden' }}>
                    {hands > 20 && step.item !== null && step.kind !== 'clean' && !isDone ? step.step : ''}
                </Box>
            )}
        </Box>
    );
}
