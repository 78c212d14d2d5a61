import Box from '@mui/material/Box';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { routesQuery, versionQuery } from '../../api/queries';
import type { Answer, BenchData, Brief, Route, Diet } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { SchoolsAtWork } from '../../shared/SchoolsAtWork';
import { asksSomething, briefOf, briefWords, type LimitKey, typedOf } from './brief';
import { BriefChooser } from './BriefChooser';
import { OutOfReach } from './OutOfReach';
import { RouteCard } from './RouteCard';
import { RouteDetail } from './RouteDetail';

/** Chooses a diet and compares the routes to it; on a version, shows first what was swapped and why. */
export function RouteShelf({ data, onTaken }: { data: BenchData; onTaken: (version: number) => void }) {
    const client = useQueryClient();
    const [diets, setDiets] = useState<Diet[]>([]);
    const [limits, setLimits] = useState<Partial<Record<LimitKey, string>>>({});
    const [without, setWithout] = useState('');
    const [asked, setAsked] = useState<Brief | null>(null);
    const [opened, setOpened] = useState<Route | null>(null);
    const brief = briefOf(diets, limits, without);
    const routes = useQuery({ ...routesQuery(data.version.id, data.version.revision, asked ?? brief), enabled: asked !== null });
    const take = useMutation({
        mutationFn: (route: Route) => call<BenchData>('POST', `versions/${data.version.id}/versions`, { ...asked, route: route.hash }),
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            onTaken(made.version.id);
        },
    });
    const scale = useMutation({
        mutationFn: (portions: number) => call<BenchData>('POST', `versions/${data.version.id}/scale`, { cut_into: portions }),
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            onTaken(made.version.id);
        },
    });
    const toggle = (id: Diet) => {
        const next = diets.includes(id) ? diets.filter((d) => d !== id) : [...diets, id];
        setDiets(next);
        const wanted = { ...brief, diets: next };
        setAsked(asksSomething(wanted) ? wanted : null);
    };
    const accept = (proposal: Answer['proposals'][number]) => {
        if (proposal.portions !== null) scale.mutate(proposal.portions);
        if (proposal.brief === null) return;
        const typed = typedOf(proposal.brief);
        setDiets(typed.diets);
        setLimits(typed.limits);
        setWithout(typed.without);
        setAsked(proposal.brief);
    };
    const found = asked ? routes.data?.routes : undefined;
    const changes = data.version.origin.changes ?? [];
    return (
        <Panel component="section" aria-labelledby="routes-title" sx={{ flex: 1, display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '8px 12px' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, flexWrap: 'wrap', mb: 0.75 }} data-routes>
                <h2 id="routes-title" className="name" style={{ margin: '0 6px 0 0', fontSize: 17 }}>
                    Make it
                </h2>
                <BriefChooser
                    brief={brief} limits={limits} without={without} onDiet={toggle} onLimit={(key, text) => setLimits((was) => ({ ...was, [key]: text }))} onWithout={setWithout}
                    onAsk={() => setAsked(asksSomething(brief) ? brief : null)}
                />
            </Box>
            <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }} tabIndex={0} role="region" aria-label="Routes and swaps">
                <SchoolsAtWork schools={data.version.schools_at_work} acts="routes" sx={{ mb: 0.5 }} />
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
                    <Box sx={{ display: 'grid', gridAutoFlow: 'column', gridAutoColumns: 'minmax(272px, 1fr)', gap: 1, height: '100%' }}>
                        {found.map((route) => (
                            <RouteCard key={route.hash} route={route} diets={asked?.diets ?? []} busy={take.isPending} onTake={() => take.mutate(route)} onOpen={() => setOpened(route)} />
                        ))}
                    </Box>
                )}
                {!asked && changes.length === 0 && (
                    <Box sx={{ color: 'var(--ink-soft)', maxWidth: 640, pt: 0.5 }}>
                        Choose one diet or several. Each route that comes is solved for its grams against this dish: same set, sweetness, fat, water and sharpness, as near as its agents allow.
                    </Box>
                )}
                {!asked && changes.length > 0 && (
                    <Box sx={{ fontSize: 14 }}>
                        <Box sx={{ display: 'flex', gap: 0.75, alignItems: 'baseline', flexWrap: 'wrap' }}>
                            <strong>{data.version.origin.route}</strong> <span>{data.version.origin.mouth}</span>
                            <span style={{ color: 'var(--ink-soft)' }}>made for</span>
                            {briefWords(data.version.brief).map((words) => (
                                <Box component="span" key={words} sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '8px', px: 0.9, fontSize: 13 }}>
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
            {opened && <RouteDetail route={opened} onClose={() => setOpened(null)} onTake={() => {
                        setOpened(null);
                        take.mutate(opened);
                    }} />}
        </Panel>
    );
}
