import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import type { Run } from '../../api/types';
import { minuteOf } from '../../shared/moment';
import { ring } from '../../shared/ring';
import { useWallMinute } from '../../shared/useWallMinute';
import { timersOf } from './fold';

const two = (value: number) => String(value).padStart(2, '0');

/** Timers that run, by the clock on the wall: they run on when the screen sleeps or the server starts anew. */
export function Timers({ run, onGo }: { run: Run; onGo: (step: string) => void }) {
    const timers = timersOf(run, minuteOf);
    const rung = useRef(new Set<string>());
    const now = useWallMinute(1_000, timers.length > 0);
    const over = timers.filter((timer) => timer.over <= now).map((timer) => `${timer.step} ${timer.over}`).join(',');
    useEffect(() => {
        const fresh = over.split(',').filter((one) => one !== '' && !rung.current.has(one));
        fresh.forEach((one) => rung.current.add(one));
        if (fresh.length > 0) ring();
    }, [over]);
    if (timers.length === 0) return null;
    return (
        <Box component="ul" aria-label="Timers" sx={{ listStyle: 'none', m: 0, p: 0, display: 'flex', gap: 1, flexWrap: 'wrap' }}>
            {timers.map((timer) => {
                const left = timer.over - now;
                const isOver = left <= 0;
                const step = run.making.steps.find((one) => one.id === timer.step);
                const s = Math.abs(Math.round(left * 60));
                return (
                    <Box component="li" key={timer.step} role={isOver ? 'alert' : undefined} sx={{ border: isOver ? '4px solid var(--beet)' : '2px solid var(--rim)', borderRadius: isOver ? '4px' : '28px', bgcolor: 'var(--panel)', p: '4px 6px 4px 16px', display: 'flex', alignItems: 'center', gap: 1 }}>
                        <Box component="strong" className="figure" sx={{ fontSize: 'var(--text-name)', color: isOver ? 'var(--beet)' : undefined }}>
                            {isOver ? 'Over by ' : ''}{s >= 3600 ? `${Math.floor(s / 3600)}:${two(Math.floor((s % 3600) / 60))}:${two(s % 60)}` : `${Math.floor(s / 60)}:${two(s % 60)}`}
                        </Box>
                        <Button onClick={() => onGo(timer.step)} sx={{ minHeight: 'var(--press-stove)', maxWidth: 300, textAlign: 'left', lineHeight: 1.15 }}>{step?.text ?? timer.step}</Button>
                    </Box>
                );
            })}
        </Box>
    );
}
