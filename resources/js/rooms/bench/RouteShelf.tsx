import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { routesQuery } from '../../api/queries';
import type { Answer, BenchData, Brief, Route, Diet } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { SchoolsAtWork } from '../../shared/SchoolsAtWork';
import { asksSomething, briefOf, briefWords, type LimitKey, typedOf } from './brief';
import { BriefChooser } from './BriefChooser';
import { DietCautions } from '../../shared/DietCautions';
import { OutOfReach } from './OutOfReach';
import { RouteBeside } from './RouteBeside';
import { RouteDetail } from './RouteDetail';
import { ordered, ORDERS, type Order } from '../../shared/routeOrder';
import { RouteRow } from './RouteRow';
import { useMade } from './useMade';
import { useStored } from '../../shared/useStored';

/** Columns of a comparison that can still be read. */
const MOST_BESIDE = 3;

/** Chooses a diet and compares the routes to it; on a version, shows first what was swapped and why. */
export function RouteShelf({ data, onTaken, onAsked }: { data: BenchData; onTaken: (version: number) => void; onAsked: (isAsked: boolean) => void }) {
    const [diets, setDiets] = useState<Diet[]>([]);
    const [limits, setLimits] = useState<Partial<Record<LimitKey, string>>>({});
    const [without, setWithout] = useState('');
    const [asked, setAsked] = useState<Brief | null>(null);
    const [order, setOrder] = useStored<Order>('route-order', (kept) => ORDERS.find((one) => one.id === kept)?.id ?? 'sheet');
    const [ticked, setTicked] = useState<string[]>([]);
    const [compared, setCompared] = useState(false);
    const [opened, setOpened] = useState<Route | null>(null);
    useEffect(() => onAsked(asked !== null), [asked, onAsked]);
    const brief = briefOf(diets, limits, without);
    const routes = useQuery({ ...routesQuery(data.version.id, data.version.revision, asked ?? brief), enabled: asked !== null });
    const take = useMade(`versions/${data.version.id}/versions`, onTaken);
    const takeRoute = (route: Route) => take.mutate({ ...asked, route: route.hash });
    const scale = useMade(`versions/${data.version.id}/scale`, onTaken);
    const toggle = (id: Diet) => {
        const next = diets.includes(id) ? diets.filter((d) => d !== id) : [...diets, id];
        setDiets(next);
        const wanted = { ...brief, diets: next };
        setAsked(asksSomething(wanted) ? wanted : null);
    };
    const accept = (proposal: Answer['proposals'][number]) => {
        if (proposal.portions !== null) scale.mutate({ cut_into: proposal.portions });
        if (proposal.brief === null) return;
        const typed = typedOf(proposal.brief);
        setDiets(typed.diets);
        setLimits(typed.limits);
        setWithout(typed.without);
        setAsked(proposal.brief);
    };
    const found = asked ? routes.data?.routes : undefined;
    const beside = (found ?? []).filter((route) => ticked.includes(route.hash));
    const changes = data.version.origin.changes ?? [];
    return (
        <Panel component="section" aria-labelledby="routes-title" id="routes" sx={{ flex: 1, display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '8px 12px' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, flexWrap: 'wrap', mb: 0.75 }} data-routes>
                <h2 id="routes-title" className="name" style={{ margin: '0 6px 0 0', fontSize: 'var(--text-head)' }}>
                    Make it
                </h2>
                <BriefChooser
                    brief={brief} limits={limits} without={without} onDiet={toggle} onLimit={(key, text) => setLimits((was) => ({ ...was, [key]: text }))} onWithout={setWithout}
                    onAsk={() => setAsked(asksSomething(brief) ? brief : null)}
                />
                {found && found.length > 0 && (
                    <>
                            <label>
                                <span className="sr-only">Order of routes</span>
                                <Box component="select" value={order} onChange={(e: React.ChangeEvent<HTMLSelectElement>) => setOrder(e.target.value as Order)} sx={{ font: 'inherit', border: '1px solid var(--line)', borderRadius: '7px', bgcolor: 'var(--panel)', color: 'var(--ink)', minHeight: 'var(--press-small)' }}>
                                    {ORDERS.map((one) => <option key={one.id} value={one.id}>{one.name}</option>)}
                                </Box>
                            </label>
                            <Button variant="outlined" disabled={beside.length < 2} onClick={() => setCompared(true)} sx={{ minHeight: 'var(--press-small)', py: 0 }}>
                                {beside.length < 2 ? 'Tick two to put side by side' : `Put ${beside.length} side by side`}
                            </Button>
                    </>
                )}
            </Box>
            <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }} tabIndex={0} role="region" aria-label="Routes and swaps">
                <SchoolsAtWork schools={data.version.schools_at_work} acts="routes" sx={{ mb: 0.5 }} />
                <DietCautions diets={brief.diets} />
                {take.error && <ProblemNote error={take.error} />}
                {asked && routes.isPending && (
                    <Box role="status" sx={{ color: 'var(--ink-soft)', py: 2 }}>
                        Solving the routes…
                    </Box>
                )}
                {asked && routes.error && <ProblemNote error={routes.error} onRetry={() => void routes.refetch()} />}
                {scale.error && <ProblemNote error={scale.error} />}
                {asked && found?.length === 0 && <OutOfReach answer={routes.data} onAccept={accept} />}
                {found && found.length > 0 && (
                    ordered(found, order).map((route) => (
                            <RouteRow
                                key={route.hash} route={route} was={data.now.reading.portion} diets={asked?.diets ?? []} busy={take.isPending} onTake={() => takeRoute(route)} onOpen={() => setOpened(route)}
                                beside={ticked.includes(route.hash)} full={beside.length >= MOST_BESIDE} onBeside={(chosen) => setTicked(chosen ? [...beside.map((one) => one.hash), route.hash] : ticked.filter((hash) => hash !== route.hash))}
                            />
                        ))
                )}
                {!asked && changes.length === 0 && (
                    <Box sx={{ color: 'var(--ink-soft)', maxWidth: 640, pt: 0.5 }}>
                        Choose one diet or several. Each route that comes is solved for its grams against this dish: same set, sweetness, fat, water and sharpness, as near as its agents allow.
                    </Box>
                )}
                {!asked && changes.length > 0 && (
                    <Box sx={{ fontSize: 'var(--text-plain)' }}>
                        <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'baseline', flexWrap: 'wrap' }}>
                            <strong>{data.version.origin.route}</strong> <span>{data.version.origin.mouth}</span>
                            <span style={{ color: 'var(--ink-soft)' }}>made for</span>
                            {briefWords(data.version.brief).map((words) => (
                                <Box component="span" key={words} sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '8px', px: 0.9, fontSize: 'var(--text-small)' }}>
                                    {words}
                                </Box>
                            ))}
                        </Box>
                        {changes.map((change) => (
                            <Box key={change.layer} sx={{ mt: 0.5 }}>
                                <strong className="name">{change.layer}</strong>: {change.out.map((line) => line.name).join(', ') || 'nothing'} left; {change.in.map((line) => line.name).join(', ') || 'nothing'} came.{' '}
                                <span style={{ color: 'var(--ink-soft)' }}>{change.why}</span>
                            </Box>
                        ))}
                    </Box>
                )}
            </Box>
            {compared && beside.length > 1 && (
                <RouteBeside
                    original={data.now} originalName={data.version.name} routes={beside} onClose={() => setCompared(false)}
                    onTake={(route) => {
                        setCompared(false);
                        takeRoute(route);
                    }}
                />
            )}
            {opened && <RouteDetail route={opened} onClose={() => setOpened(null)} onTake={() => {
                        setOpened(null);
                        takeRoute(opened);
                    }} />}
        </Panel>
    );
}
