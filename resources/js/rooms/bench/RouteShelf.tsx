import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { routesQuery, versionQuery } from '../../api/queries';
import type { BenchData, Brief, Route } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { dietName, DIETS } from '../../shared/words';
import { RouteCard } from './RouteCard';
import { RouteDetail } from './RouteDetail';

const LIMITS: { key: 'net_carbs_g' | 'protein_g' | 'kcal'; label: string; short: string }[] = [
    { key: 'net_carbs_g', label: 'net carbs, at most g', short: 'carbs ≤ g' },
    { key: 'protein_g', label: 'protein, at least g', short: 'protein ≥ g' },
    { key: 'kcal', label: 'kcal, at most', short: 'kcal ≤' },
];

/** Chooses a diet and compares the routes to it; on a version, shows first what was swapped and why. */
export function RouteShelf({ data, onTaken }: { data: BenchData; onTaken: (version: number) => void }) {
    const client = useQueryClient();
    const [diets, setDiets] = useState<string[]>([]);
    const [limits, setLimits] = useState<Record<string, string>>({});
    const [asked, setAsked] = useState<Brief | null>(null);
    const [opened, setOpened] = useState<Route | null>(null);
    const number = (text: string | undefined) => (text && text.trim() !== '' && Number.isFinite(Number(text)) && Number(text) >= 0 ? Number(text) : null);
    const brief: Brief = { diets, net_carbs_g: number(limits['net_carbs_g']), protein_g: number(limits['protein_g']), kcal: number(limits['kcal']) };
    const routes = useQuery({ ...routesQuery(data.version.id, data.version.revision, asked ?? brief), enabled: asked !== null });
    const take = useMutation({
        mutationFn: (route: Route) => call<BenchData>('POST', `versions/${data.version.id}/versions`, { ...asked, route: route.id }),
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            onTaken(made.version.id);
        },
    });
    const toggle = (id: string) => {
        const next = diets.includes(id) ? diets.filter((d) => d !== id) : [...diets, id];
        setDiets(next);
        setAsked(next.length === 0 ? null : { ...brief, diets: next });
    };
    const found = asked ? routes.data?.routes : undefined;
    const changes = data.version.origin.changes ?? [];
    return (
        <Panel component="section" aria-labelledby="routes-title" sx={{ flex: 1, display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '8px 12px' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, flexWrap: 'wrap', mb: 0.75 }} data-routes>
                <h2 id="routes-title" className="name" style={{ margin: '0 6px 0 0', fontSize: 17 }}>
                    Make it
                </h2>
                {DIETS.slice(0, 7).map(({ id, name }) => (
                    <Box
                        component="button" type="button" key={id} aria-pressed={diets.includes(id)} onClick={() => toggle(id)}
                        sx={{
                            font: 'inherit', fontSize: 13.5, border: '1.5px solid var(--rim)', borderRadius: '9px', px: 0.9, minHeight: 28, cursor: 'pointer',
                            bgcolor: diets.includes(id) ? 'var(--cobalt)' : 'transparent', color: diets.includes(id) ? 'var(--on-cobalt)' : 'var(--ink)', fontWeight: diets.includes(id) ? 650 : 400,
                        }}
                    >
                        {id === 'vegetarian' ? 'No gelatin' : name}
                    </Box>
                ))}
                {LIMITS.map(({ key, label, short }) => (
                    <TextField
                        key={key} size="small" placeholder={short} value={limits[key] ?? ''} onChange={(e) => setLimits((l) => ({ ...l, [key]: e.target.value }))}
                        onBlur={() => setAsked(diets.length > 0 || Object.values(limits).some((l) => number(l) !== null) ? brief : null)}
                        onKeyDown={(e) => {
                            if (e.key === 'Enter') setAsked(brief);
                        }}
                        error={(limits[key] ?? '').trim() !== '' && number(limits[key]) === null}
                        slotProps={{ htmlInput: { 'aria-label': `Limit for one portion: ${label}`, inputMode: 'decimal', style: { padding: '3px 7px', fontSize: 13 } } }}
                        sx={{ width: 84 }}
                    />
                ))}
            </Box>
            <Box sx={{ flex: 1, minHeight: 0, overflow: 'auto' }} tabIndex={0} role="region" aria-label="Routes and swaps">
                {take.error && <ProblemNote error={take.error} />}
                {asked && routes.isPending && (
                    <Box role="status" sx={{ color: 'var(--ink-soft)', py: 2 }}>
                        Solving the routes…
                    </Box>
                )}
                {asked && routes.error && <ProblemNote error={routes.error} onRetry={() => void routes.refetch()} />}
                {found?.length === 0 && (
                    <Box sx={{ py: 1.5 }}>
                        No route is needed or none is known: either nothing here breaks {asked?.diets.map(dietName).join(' and ') || 'those limits'}, or no agent on the shelf can take over what would leave.
                    </Box>
                )}
                {found && found.length > 0 && (
                    <Box sx={{ display: 'grid', gridAutoFlow: 'column', gridAutoColumns: 'minmax(236px, 1fr)', gap: 1, height: '100%' }}>
                        {found.map((route) => (
                            <RouteCard key={route.id} route={route} diets={asked?.diets ?? []} busy={take.isPending} onTake={() => take.mutate(route)} onOpen={() => setOpened(route)} />
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
                        <strong>{data.version.origin.route}</strong> <span>{data.version.origin.mouth}</span>
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
