import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { type Asked, foundQuery, studioQuery, waitingQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { RoomName } from '../../shared/RoomName';
import { Sought } from '../../shared/Sought';
import { useRecipeFile } from '../../shared/useRecipeFile';
import { CardsWaiting } from '../../shared/Waiting';
import { askedOf, foundWords } from './asked';
import { DishGrid } from './DishGrid';
import { Due } from './Due';
import { Finder } from './Finder';
import { Undecided } from './Undecided';
import { Only } from '../../shared/Only';

// Fetched when they are opened.
const StudioDialog = lazy(async () => ({ default: (await import('./StudioDialog')).StudioDialog }));
const RemovedDrawer = lazy(async () => ({ default: (await import('./RemovedDrawer')).RemovedDrawer }));

/** What is on the go, and where something new starts. */
export function Counter() {
    const [params, setParams] = useSearchParams();
    const asked = askedOf(params);
    const found = useInfiniteQuery({ ...foundQuery(asked), placeholderData: keepPreviousData });
    const dishes = found.data?.pages.flatMap((page) => page.rows);
    const total = found.data?.pages[0]?.total ?? 0;
    const studio = useQuery(studioQuery());
    const waiting = useQuery(waitingQuery());
    const navigate = useNavigate();
    const file = useRecipeFile((text) => void navigate('/new', { state: { text } }));
    const [naming, setNaming] = useState(false);
    const [removed, setRemoved] = useState(false);
    const ask = (change: Partial<Asked>) =>
        setParams((now) => {
            const next = new URLSearchParams(now);
            for (const [key, value] of Object.entries(change)) {
                if (value === '') next.delete(key);
                else next.set(key, value);
            }
            return next;
        });

    return (
        <Box {...file.drop} sx={{ p: '14px 16px', display: 'grid', gap: 1.5, gridTemplateRows: 'auto auto auto 1fr', minHeight: '100%', boxSizing: 'border-box', ...(file.isOver && { outline: '3px dashed var(--cobalt)', outlineOffset: '-6px' }) }}>
            <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
                <RoomName>{studio.data?.name ?? 'Counter'}</RoomName>
                {studio.data && (
                    <Only to="govern"><Button size="small" onClick={() => setNaming(true)} aria-label="Change the studio" title="Its name, what costs are reckoned in, what it handles, its own measures" sx={{ minWidth: 0, fontWeight: 400, color: 'var(--ink-soft)' }}>
                        change
                    </Button></Only>
                )}
                {dishes && <Box role="status" sx={{ color: 'var(--ink-soft)' }}>{foundWords(total, asked)}</Box>}
                <Box sx={{ flex: 1 }} />
                <Sought label="Find a dish" placeholder="Dish, ingredient, who it waits for" value={asked.q} onAsk={(q) => ask({ q })} />
                <Button variant="outlined" onClick={() => setRemoved(true)}>
                    Removed
                </Button>
                <Button variant="contained" component={Link} to="/new">
                    New dish
                </Button>
            </Box>
            <Box>{file.error && <ProblemNote error={file.error} />}</Box>
            <Box>
                <Finder asked={asked} onAsk={ask} />
                {(asked.diet !== '' || asked.free !== '') && (
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', pt: 0.75 }}>By what today’s shelf says of every packet; cross-contact in the kitchen is another matter and is not computed.</Box>
                )}
            </Box>
            <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: '1fr 296px' }, alignItems: 'start' }}>
                <DishGrid
                    dishes={dishes ?? []} total={total} isAsked={asked.diet !== '' || asked.free !== ''} busy={found.isFetching}
                    onMore={found.hasNextPage ? () => void found.fetchNextPage() : null}
                >
                    {found.isPending && <CardsWaiting what="the dishes" />}
                    {found.error && <ProblemNote error={found.error} onRetry={() => void found.refetch()} />}
                    {dishes?.length === 0 && <Panel>{nothing(asked)}</Panel>}
                </DishGrid>
                <Box component="aside" aria-label="New and undecided" sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
                    {waiting.data && <Due waiting={waiting.data} />}
                    {waiting.data && <Undecided waiting={waiting.data} />}
                    {waiting.error && <ProblemNote error={waiting.error} onRetry={() => void waiting.refetch()} />}
                    <Paste file={file} />
                </Box>
            </Box>
            <Suspense fallback={null}>
                {naming && studio.data && <StudioDialog studio={studio.data} onClose={() => setNaming(false)} />}
                {removed && <RemovedDrawer onClose={() => setRemoved(false)} />}
            </Suspense>
        </Box>
    );
}

function nothing(asked: Asked): string {
    if (asked.state === 'away') return 'Nothing is put away. A dish’s ⋯ puts it away; it keeps everything and is found here.';
    const clear = asked.diet !== '' || asked.free !== '';
    if (clear) return 'No version answers to that. A version with a line that is not understood answers none of it; the Spread makes one that does.';
    return [asked.q, asked.family, asked.state].every((one) => one === '') ? 'The counter is empty. Paste a recipe on the right, or press New dish.' : 'No dish answers to that. Try a shorter word, or show all.';
}

/** A recipe comes in as it is found: pasted, chosen, or dropped anywhere on the Counter. Nothing is kept before it was seen line by line. */
function Paste({ file }: { file: ReturnType<typeof useRecipeFile> }) {
    const [pasted, setPasted] = useState('');
    const navigate = useNavigate();
    return (
        <Panel component="section" aria-labelledby="paste-title" sx={{ borderStyle: 'dashed' }}>
            <h2 id="paste-title" style={{ margin: 0, fontSize: 'var(--text-body)' }}>
                Paste a recipe
            </h2>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', mb: 1 }}>Cups, sticks, leaves and “juice of two” are fine.</Box>
            <TextField
                multiline minRows={3} maxRows={6} fullWidth size="small" value={pasted}
                onChange={(e) => setPasted(e.target.value)}
                slotProps={{ htmlInput: { 'aria-label': 'Recipe lines' } }}
                placeholder={'For the curd:\n1/2 cup lemon juice\n4 egg yolks'}
            />
            <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
                <Button variant="outlined" disabled={pasted.trim() === ''} onClick={() => void navigate('/new', { state: { text: pasted } })}>
                    Read it
                </Button>
                {file.button}
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.75 }}>A file may be dropped anywhere here: text, a saved page, JSON, a table. It is shown line by line before anything is kept.</Box>
        </Panel>
    );
}
