import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import type { ShelfEntry } from '../../api/types';

/** The ingredients found, each a link; what its packet must prove for the chosen diet is said beside it. */
export function ShelfList({ found, chosen, diet, onClear }: { found: ShelfEntry[]; chosen: string | null; diet: string; onClear: () => void }) {
    if (found.length === 0) {
        return (
            <Box sx={{ py: 2, color: 'var(--ink-soft)' }}>
                Nothing on the shelf answers to that.
                <div>
                    <Button variant="outlined" onClick={onClear} sx={{ mt: 1 }}>
                        Show all of it
                    </Button>
                </div>
            </Box>
        );
    }
    return <Found found={found} chosen={chosen} diet={diet} />;
}

/** px of a line that is not measured yet. */
const LINE = 34;

/** Lines kept drawn above and below what is seen, so that Tab finds the next. */
const BESIDE = 10;

/** Only the lines near the window are in the page: seven hundred at once keep a slow machine busy for seconds. */
function Found({ found, chosen, diet }: { found: ShelfEntry[]; chosen: string | null; diet: string }) {
    const frame = useRef<HTMLDivElement>(null);
    const [held, setHeld] = useState<number | null>(null);
    // eslint-disable-next-line react-hooks/incompatible-library -- nothing of what it returns is handed on or memoised.
    const drawn = useVirtualizer({
        count: found.length,
        getScrollElement: () => frame.current,
        getItemKey: (n) => found[n]?.id ?? n,
        estimateSize: () => LINE,
        overscan: BESIDE,
        // What has the focus stays: scrolled past, it keeps it.
        rangeExtractor: (range) => {
            const seen = defaultRangeExtractor(range);
            return held === null || held >= found.length || seen.includes(held) ? seen : [...seen, held].sort((a, b) => a - b);
        },
    });
    return (
        <Box ref={frame} sx={{ overflow: 'auto', flex: 1, minHeight: 0, mx: -0.75 }}>
            <Box component="ul" aria-label={`${found.length} found`} sx={{ listStyle: 'none', m: 0, p: 0, mb: '6px', position: 'relative', height: drawn.getTotalSize() }}>
                {drawn.getVirtualItems().map((at) => {
                    const entry = found[at.index];
                    return (
                        entry && (
                            <li
                                key={at.key} ref={drawn.measureElement} data-index={at.index} aria-setsize={found.length} aria-posinset={at.index + 1} onFocus={() => setHeld(at.index)} onBlur={() => setHeld(null)}
                                style={{ position: 'absolute', top: 0, left: 0, width: '100%', transform: `translateY(${at.start}px)` }}
                            >
                                <Entry entry={entry} isChosen={entry.id === chosen} diet={diet} />
                            </li>
                        )
                    );
                })}
            </Box>
        </Box>
    );
}

function Entry({ entry, isChosen, diet }: { entry: ShelfEntry; isChosen: boolean; diet: string }) {
    return (
        <Box
            component={Link} to={`/shelf/${entry.id}`} aria-current={isChosen ? 'true' : undefined}
            sx={{
                display: 'flex', alignItems: 'baseline', gap: 1, px: 0.75, py: '5px', borderRadius: '7px', textDecoration: 'none', color: 'var(--ink)', borderTop: '1px solid var(--line)',
                '&:hover': { bgcolor: 'var(--sunk)' }, '&[aria-current]': { bgcolor: 'var(--cobalt)', color: 'var(--on-cobalt)', '& span': { color: 'inherit' } },
            }}
        >
            <Box component="strong" sx={{ fontWeight: 600, flex: 1, minWidth: 0 }}>
                {entry.name}
            </Box>
            {entry.own && (
                <Box component="span" sx={{ fontSize: 'var(--text-small)', color: 'var(--cobalt)', fontWeight: 650 }}>
                    {entry.own === 'own' ? 'yours' : 'corrected'}
                </Box>
            )}
            <Box component="span" sx={{ fontSize: 'var(--text-small)', color: diet && entry.ask.includes(diet) ? 'var(--yolk)' : 'var(--ink-soft)', whiteSpace: 'nowrap' }}>
                {diet && entry.ask.includes(diet) ? 'ask the packet' : entry.group}
            </Box>
        </Box>
    );
}
