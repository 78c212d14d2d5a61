import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { cardQuery, foundQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { BeginRun } from '../../shared/run/BeginRun';
import { Sought } from '../../shared/Sought';
import { LinesWaiting, Outline, Waiting } from '../../shared/Waiting';
import { LabelSheet } from './LabelSheet';
import { MakingSteps } from './MakingSteps';
import { PullList } from './PullList';
import { RecipeCard } from './RecipeCard';

/** What leaves the kitchen, as it will print. */
export function Pass() {
    const { versionId } = useParams();
    return versionId && /^\d+$/.test(versionId) ? <PassOf id={Number(versionId)} /> : <PassList />;
}

function PassOf({ id }: { id: number }) {
    const { data, error, isPending, refetch } = useQuery(cardQuery(id));
    return (
        <Box sx={{ p: '14px 16px', '@media print': { p: 0 } }}>
            <Box className="no-print" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1.5 }}>
                <h1 className="name" style={{ margin: 0, fontSize: 'var(--text-room)' }}>
                    Pass
                </h1>
                <Link to="/pass">All cards</Link>
                <Box sx={{ flex: 1 }} />
                <Button variant="outlined" component={Link} to={`/bench/${id}`}>
                    To the Bench
                </Button>
                {data?.final && <BeginRun version={id} portions={data.portions} variant="outlined">Make it</BeginRun>}
                <Button variant="contained" onClick={() => window.print()} disabled={!data?.final} title={data && !data.final ? 'Answer the open lines on the Bench first' : undefined}>
                    Print the card
                </Button>
            </Box>
            {isPending && <Waiting what="the card"><Outline height={520} /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && <RecipeCard card={data} />}
            {data && <LabelSheet version={id} />}
            {data && <PullList card={data} />}
            {data?.final && <MakingSteps version={id} />}
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
                <h1 className="name" style={{ margin: 0, fontSize: 'var(--text-room)', flex: 1 }}>
                    Pass
                </h1>
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
