import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import Drawer from '@mui/material/Drawer';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { historyQuery, revisionsQuery } from '../../api/queries';
import type { BenchData, RevisionEntry } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { Difference } from './Difference';

/** Every state the version was in: what was changed, when and by whom; any two beside each other, any of them again. */
export function HistoryDrawer({ data, onRestore, onClose }: { data: BenchData; onRestore: (number: number) => void; onClose: () => void }) {
    const { id } = data.version;
    const history = useInfiniteQuery(historyQuery(id));
    const [chosen, setChosen] = useState<number[]>([]);
    const entries = history.data?.pages.flat() ?? [];
    const [older, newer] = [...chosen].sort((a, b) => a - b);
    const pair = older !== undefined && newer !== undefined;
    const compare = useQuery({ ...revisionsQuery(id, older ?? 0, newer ?? 0), enabled: pair });
    return (
        <Drawer anchor="right" open onClose={onClose} slotProps={{ paper: { sx: { width: { xs: '100%', sm: 560 }, bgcolor: 'var(--panel)', p: '16px 20px' }, role: 'dialog', 'aria-labelledby': 'history-title' } }}>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
                <h2 id="history-title" className="name" style={{ margin: 0, fontSize: 'var(--text-name)' }}>
                    History of {data.version.name}
                </h2>
                <Box sx={{ flex: 1 }} />
                <Button variant="outlined" onClick={onClose}>
                    Close
                </Button>
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', mb: 1 }}>Nothing here is written over. Choose two to see them side by side.</Box>
            {history.isPending && <Waiting what="the history" />}
            {history.error && <ProblemNote error={history.error} onRetry={() => void history.refetch()} />}
            {pair && compare.isLoading && <Waiting what="both states" />}
            {compare.error && <ProblemNote error={compare.error} />}
            {pair && compare.data && (
                <Box component="section" aria-label={`Revision ${older} beside revision ${newer}`} sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '9px', p: 1.25, mb: 1 }}>
                    <ul style={{ margin: '0 0 6px', paddingLeft: 18 }}>
                        {compare.data.words.map((word) => (
                            <li key={word}>{word}</li>
                        ))}
                        {compare.data.words.length === 0 && <li>The same formula.</li>}
                    </ul>
                    <Difference of={compare.data} />
                </Box>
            )}
            <Box component="ol" reversed sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {entries.map((entry) => (
                    <Entry
                        key={entry.number} entry={entry} isChosen={chosen.includes(entry.number)}
                        onChoose={() => setChosen((had) => (had.includes(entry.number) ? had.filter((n) => n !== entry.number) : [...had, entry.number].slice(-2)))}
                        onRestore={() => onRestore(entry.number)}
                    />
                ))}
            </Box>
            {history.hasNextPage && (
                <Button variant="outlined" onClick={() => void history.fetchNextPage()} disabled={history.isFetchingNextPage}>
                    Earlier ones
                </Button>
            )}
        </Drawer>
    );
}

function Entry({ entry, isChosen, onChoose, onRestore }: { entry: RevisionEntry; isChosen: boolean; onChoose: () => void; onRestore: () => void }) {
    const [all, setAll] = useState(false);
    const words = all ? entry.words : entry.words.slice(0, 3);
    const at = new Date(entry.at).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
    return (
        <Box component="li" aria-label={`Revision ${entry.number}`} sx={{ display: 'flex', gap: 1, alignItems: 'flex-start', borderTop: '1px solid var(--line)', py: 0.75 }}>
            <Checkbox size="small" checked={isChosen} onChange={onChoose} slotProps={{ input: { 'aria-label': `Compare revision ${entry.number}` } }} sx={{ p: '2px' }} />
            <Box sx={{ flex: 1, minWidth: 0 }}>
                <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline', flexWrap: 'wrap', fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
                    <strong style={{ color: 'var(--ink)' }}>{entry.number}</strong>
                    <span>{at}</span>
                    <span>{entry.author}</span>
                    {entry.from !== null && entry.from !== entry.number - 1 && <span>from {entry.from}</span>}
                    {entry.trials > 0 && <span>{entry.trials === 1 ? 'one trial' : `${entry.trials} trials`}</span>}
                    {entry.is_head && <strong style={{ color: 'var(--cobalt)' }}>as it stands</strong>}
                </Box>
                {words.map((word) => (
                    <div key={word}>{word}</div>
                ))}
                {entry.words.length > 3 && (
                    <Button size="small" onClick={() => setAll(!all)} aria-expanded={all} sx={{ p: 0, minWidth: 0 }}>
                        {all ? 'Less' : `${entry.words.length - 3} more`}
                    </Button>
                )}
            </Box>
            {!entry.is_head && (
                <Button variant="outlined" size="small" onClick={onRestore} aria-label={`Restore revision ${entry.number}`}>
                    Restore
                </Button>
            )}
        </Box>
    );
}
