import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { cardQuery, foundQuery } from '../../api/queries';
import type { Card } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { BeginRun } from '../../shared/run/BeginRun';
import { RoomName } from '../../shared/RoomName';
import { Sought } from '../../shared/Sought';
import { LinesWaiting, Outline, Waiting } from '../../shared/Waiting';
import { BatchCard } from './BatchCard';
import { CostSheet } from './CostSheet';
import { FilesSheet } from './FilesSheet';
import { LabelSheet } from './LabelSheet';
import { MakingSteps } from './MakingSteps';
import { SHEET_KEY, sheetOf, type SheetId, SHEETS } from '../../shared/sheets';
import { type PaperId, paperOf, PAPERS } from './papers';
import { PullList } from './PullList';
import { RecipeCard } from './RecipeCard';
import { SpecificationSheet } from './SpecificationSheet';
import { useStored } from '../../shared/useStored';

/** What leaves the kitchen, as it will print. */
export function Pass() {
    const { versionId, paper } = useParams();
    return versionId && /^\d+$/.test(versionId) ? <PassOf id={Number(versionId)} paper={paperOf(paper)} /> : <PassList />;
}

/** What stands on each paper. */
const SHEET_OF: Record<PaperId, (of: { card: Card; size: SheetId; us: boolean }) => ReactNode> = {
    card: (of) => <RecipeCard {...of} />,
    batch: (of) => <BatchCard {...of} />,
    method: ({ card, size }) => <MakingSteps card={card} size={size} />,
    pull: ({ card, size }) => <PullList card={card} size={size} />,
    label: ({ card, size }) => <LabelSheet card={card} size={size} />,
    specification: ({ card, size }) => <SpecificationSheet card={card} size={size} />,
    cost: ({ card, size }) => <CostSheet card={card} size={size} />,
    files: ({ card }) => <FilesSheet version={card.version_id} />,
};

function PassOf({ id, paper }: { id: number; paper: PaperId }) {
    const { data, error, isPending, refetch } = useQuery(cardQuery(id));
    const [size, setSize] = useStored<SheetId>(SHEET_KEY, sheetOf);
    const [measures, setMeasures] = useStored<'g' | 'us'>('paper-measures', (text) => (text === 'us' ? 'us' : 'g'));
    const us = measures === 'us';
    return (
        <Box sx={{ p: '14px 16px', '@media print': { p: 0 } }}>
            <Box className="no-print" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
                <RoomName tab={data && `${data.title}, ${data.version} on the pass`}>Pass</RoomName>
                <Link to="/pass">All cards</Link>
                {data && <Box sx={{ color: 'var(--ink-soft)' }}>{data.title}, {data.version}</Box>}
                <Box sx={{ flex: 1 }} />
                <Button variant="outlined" component={Link} to={`/bench/${id}`}>
                    To the Bench
                </Button>
                {data?.final && <BeginRun version={id} portions={data.portions} variant="outlined">Make it</BeginRun>}
                {paper !== 'files' && (
                    <Button variant="contained" onClick={() => window.print()} disabled={!data}>
                        {data && !data.final ? 'Print, marked not final' : 'Print it'}
                    </Button>
                )}
            </Box>
            {isPending && <Waiting what="the card"><Outline height={520} /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && (
                <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '208px minmax(0, 1fr)' }, gap: 2, alignItems: 'start', '@media print': { display: 'block' } }}>
                    <Box className="no-print" sx={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', gap: 1.5 }}>
                        <Box component="nav" aria-label="Papers" sx={{ display: 'flex', flexDirection: { xs: 'row', md: 'column' }, flexWrap: 'wrap', gap: 0.25 }}>
                            {PAPERS.map((one) => (
                                <Box
                                    key={one.id} component={Link} to={`/pass/${id}${one.id === 'card' ? '' : `/${one.id}`}`} aria-current={one.id === paper ? 'page' : undefined}
                                    sx={{ display: 'block', p: '6px 10px', borderRadius: '8px', color: 'var(--ink)', textDecoration: 'none', borderLeft: '3px solid transparent', '&[aria-current]': { bgcolor: 'var(--cobalt-wash)', borderLeftColor: 'var(--cobalt)', fontWeight: 650 }, '&:hover': { bgcolor: 'var(--cobalt-wash)' } }}
                                >
                                    {one.name}
                                    <Box sx={{ display: { xs: 'none', md: 'block' }, color: 'var(--ink-soft)', fontSize: 'var(--text-small)', fontWeight: 400 }}>{one.says}</Box>
                                </Box>
                            ))}
                        </Box>
                        {paper !== 'files' && (
                            <Box sx={{ display: 'flex', flexDirection: { xs: 'row', md: 'column' }, gap: 1.5 }}>
                                <TextField select size="small" label="Sheet" value={size} onChange={(e) => setSize(sheetOf(e.target.value))} sx={{ minWidth: 130 }}>
                                    {Object.entries(SHEETS).map(([key, one]) => <MenuItem key={key} value={key}>{one.name}</MenuItem>)}
                                </TextField>
                                {(paper === 'card' || paper === 'batch') && (
                                    <TextField select size="small" label="Measures" value={measures} onChange={(e) => setMeasures(e.target.value === 'us' ? 'us' : 'g')} sx={{ minWidth: 130 }}>
                                        <MenuItem value="g">grams</MenuItem>
                                        <MenuItem value="us">grams and US</MenuItem>
                                    </TextField>
                                )}
                            </Box>
                        )}
                    </Box>
                    {SHEET_OF[paper]({ card: data, size, us })}
                </Box>
            )}
        </Box>
    );
}

function PassList() {
    const [q, setQ] = useState('');
    const { data: pages, error, isPending, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({ ...foundQuery({ q, sort: 'name' }), placeholderData: keepPreviousData });
    const data = pages?.pages.flatMap((page) => page.rows);
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 760 }}>
            <Box component="header" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1.25 }}>
                <RoomName style={{ flex: 1 }}>Pass</RoomName>
                <Button variant="outlined" component={Link} to="/menu">Allergens of the menu</Button>
                <Sought label="Find a card" placeholder="Dish, version, ingredient" value={q} onAsk={setQ} />
            </Box>
            <Panel>
                {isPending && <Waiting what="the cards"><LinesWaiting /></Waiting>}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data?.length === 0 && (q ? <div>No dish answers to “{q}”. Try a shorter word.</div> : <div>No dish is on the counter yet. <Link to="/new">Type one in</Link>, and its card stands here.</div>)}
                {data?.map((dish) => (
                    <Box key={dish.id} sx={{ py: 1, borderBottom: '1px solid var(--line)', '&:last-child': { border: 0 } }}>
                        <span className="name" style={{ fontSize: 'var(--text-head)' }}>
                            {dish.title}
                        </span>
                        <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap' }}>
                            {dish.versions.map((version) => (
                                <Link key={version.id} to={`/pass/${version.id}`} aria-label={`Card of ${dish.title}, ${version.name}`}>
                                    {version.name}
                                </Link>
                            ))}
                            {dish.versions.length > 1 && <Link to={`/menu?dish=${dish.id}`} aria-label={`The range of ${dish.title}`} style={{ marginLeft: 'auto' }}>all side by side</Link>}
                        </Box>
                    </Box>
                ))}
                {hasNextPage && (
                    <Button variant="outlined" disabled={isFetchingNextPage} onClick={() => void fetchNextPage()} sx={{ mt: 1 }}>
                        More cards
                    </Button>
                )}
            </Panel>
        </Box>
    );
}
