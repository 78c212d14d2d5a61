import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import type { DishSummary } from '../../api/types';
import { DishCard } from './DishCard';

/** px: the least width of a card, its least height, and what stands between two. */
const CARD = { width: 250, height: 288, gap: 12 };

/** So many cards are drawn whole, as a page is: found by the browser's own search, and printed. */
const WHOLE = 60;

/** Rows kept drawn above and below what is seen, so that Tab and a flick of the wheel find the next. */
const BESIDE = 3;

interface Props {
    dishes: DishSummary[];
    /** How many there are, drawn or not. */
    total: number;
    isAsked: boolean;
    busy: boolean;
    /** Fetches the next page; null where all are here. */
    onMore: (() => void) | null;
    children?: ReactNode;
}

/** The cards, of which only those near the window are in the page: five thousand dishes scroll as sixty do. */
export function DishGrid({ dishes, total, isAsked, busy, onMore, children }: Props) {
    const grid = useRef<HTMLDivElement>(null);
    const [columns, setColumns] = useState(1);
    const [above, setAbove] = useState(0);
    const [held, setHeld] = useState<number | null>(null);
    const scroller = useCallback(() => document.getElementById('room'), []);
    useLayoutEffect(() => {
        const element = grid.current;
        const room = scroller();
        if (!element || !room) return;
        const measure = () => {
            setColumns(Math.max(1, Math.floor((element.clientWidth + CARD.gap) / (CARD.width + CARD.gap))));
            setAbove(element.getBoundingClientRect().top - room.getBoundingClientRect().top + room.scrollTop);
        };
        const seen = new ResizeObserver(measure);
        seen.observe(element);
        // What stands above grows and shrinks with the filters.
        if (room.firstElementChild) seen.observe(room.firstElementChild);
        measure();
        return () => seen.disconnect();
    }, [scroller]);
    const rows = Math.ceil(dishes.length / columns);
    // eslint-disable-next-line react-hooks/incompatible-library -- nothing of what it returns is handed on or memoised.
    const drawn = useVirtualizer({
        count: rows,
        getScrollElement: scroller,
        estimateSize: () => CARD.height,
        gap: CARD.gap,
        overscan: dishes.length <= WHOLE ? rows : BESIDE,
        scrollMargin: above,
        // The row with the focus in it stays: what is scrolled past keeps it.
        rangeExtractor: (range) => {
            const seen = defaultRangeExtractor(range);
            return held === null || held >= rows || seen.includes(held) ? seen : [...seen, held].sort((a, b) => a - b);
        },
    });
    const shown = drawn.getVirtualItems();
    const last = shown.at(-1)?.index ?? 0;
    const more = useRef(onMore);
    useEffect(() => {
        more.current = onMore;
    });
    const isNearEnd = onMore !== null && !busy && last >= rows - BESIDE - 1;
    useEffect(() => {
        // On a phone what is due stands below the dishes: there the next page waits to be asked for.
        if (isNearEnd && window.matchMedia('(min-width: 900px)').matches) more.current?.();
    }, [isNearEnd, dishes.length]);
    return (
        <Box sx={{ minWidth: 0 }}>
            <Box
                ref={grid} role="feed" aria-label="Dishes" aria-busy={busy} sx={{ position: 'relative', height: dishes.length > 0 ? drawn.getTotalSize() : 'auto' }}
                onFocus={(event) => setHeld(rowOf(event.target))} onBlur={() => setHeld(null)}
            >
                {shown.map((row) => (
                    <Box
                        key={row.key} ref={drawn.measureElement} data-index={row.index} role="presentation"
                        sx={{ position: 'absolute', top: 0, left: 0, right: 0, display: 'grid', gap: `${CARD.gap}px`, gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
                        style={{ transform: `translateY(${row.start - above}px)` }}
                    >
                        {dishes.slice(row.index * columns, (row.index + 1) * columns).map((dish, n) => (
                            <DishCard key={dish.id} dish={dish} isAsked={isAsked} position={row.index * columns + n + 1} total={total} />
                        ))}
                    </Box>
                ))}
            </Box>
            {children}
            {onMore && (
                <Button variant="outlined" disabled={busy} onClick={onMore} sx={{ mt: 1.5 }}>
                    {busy ? 'Fetching more…' : `${total - dishes.length} more`}
                </Button>
            )}
        </Box>
    );
}

/** The row an element stands in; null for one that only hangs on a card (its menu, a dialog). */
function rowOf(element: Element): number | null {
    const index = element.closest<HTMLElement>('[data-index]')?.dataset.index;
    return index === undefined ? null : Number(index);
}
