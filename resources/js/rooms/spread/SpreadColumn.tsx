import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { Answer, BenchData, Brief, Route } from '../../api/types';
import { money } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { SmallSection } from '../../shared/SmallSection';
import { toneOf } from '../../shared/tones';
import { dietName, nameParts } from '../../shared/words';
import { standing } from '../../shared/standing';
import { asked, ended, firstWords, STANDING } from '../../shared/routeWords';
import { factRows, layerRow, Rows } from './Rows';

interface Props {
    diet: string;
    answer: Answer | undefined;
    error: Error | null;
    data: BenchData;
    brief: Brief;
}

/** The best route to one diet, or what stands in its way. */
export function SpreadColumn({ diet, answer, error, data, brief }: Props) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const take = useMutation({
        mutationFn: (route: Route) => call<BenchData>('POST', `versions/${data.version.id}/versions`, { ...brief, route: route.hash }),
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            await navigate(`/bench/${made.version.id}`);
        },
    });
    const route = answer?.routes[0];
    const [asking, setAsking] = useState(false);
    return (
        <Panel component="article" aria-label={dietName(diet)} aria-busy={answer === undefined && !error} sx={{ display: 'flex', flexDirection: 'column', p: '10px 11px' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 0.25, minHeight: 30 }}>
                <h2 className="name" style={{ margin: 0, fontSize: 17, lineHeight: 1.1, letterSpacing: '-0.01em' }}>
                    {dietName(diet)}
                </h2>
                {route && route.id !== 'as-it-is' && (
                    <Button variant={asking ? 'contained' : 'outlined'} onClick={() => (asked(route) !== '' && !asking ? setAsking(true) : take.mutate(route))} disabled={take.isPending} sx={{ minHeight: 28, minWidth: 0, px: 0.75, py: 0, flex: 'none' }} aria-label={`Take ${dietName(diet)} to the Bench`}>
                        {asking ? 'All the same?' : 'Take it'}
                    </Button>
                )}
            </Box>
            {error && <ProblemNote error={error} />}
            {take.error && <ProblemNote error={take.error} />}
            {!answer && !error && <Box sx={{ color: 'var(--ink-soft)', pt: 1 }}>Solving…</Box>}
            {answer && !route && <Blocked answer={answer} version={data.version.id} />}
            {route && <Best route={route} diet={diet} original={data} />}
            {route && <Told route={route} diet={diet} original={data} />}
        </Panel>
    );
}

function Best({ route, diet, original }: { route: Route; diet: string; original: BenchData }) {
    const state = route.diets[diet] ? standing(route.diets[diet]) : 'unproven';
    const { portion } = route;
    const was = original.now.reading.portion;
    const cost = was.cost_minor > 0 ? Math.round((portion.cost_minor / was.cost_minor - 1) * 100) : 0;
    return (
        <>
            <Box sx={{ fontSize: 14, minHeight: 36, lineHeight: 1.25 }}>{route.name}</Box>
            <Box sx={{ fontSize: 14, lineHeight: 1.25 }}>
                <strong style={{ color: STANDING[route.standing].colour }}>{STANDING[route.standing].word}</strong>, fit <strong>{Math.round(route.fit)}</strong>
                {state === 'met' ? '' : `, diet ${state}`}
            </Box>
            <Box sx={{ height: 70, mb: 0.5 }}>
                <SmallSection section={route.section} tones={route.formula.layers.map((layer) => toneOf(layer.lines))} title={`${dietName(diet)}, cut`} />
            </Box>
            <Rows
                layers={route.layers.map((layer) => layerRow(layer.name, layer.set, layer.ge, layer.se))}
                rows={[
                    ...factRows(portion),
                    ['Cost', `${money(portion.cost_minor)}${cost === 0 ? '' : ` (${cost > 0 ? '+' : '−'}${Math.abs(cost)}\u00a0%)`}`], ['More work', work(route)], ['Contains', route.contains.join(', ') || 'no listed allergen'],
                ]}
            />
        </>
    );
}

/** What was swapped, what it is like, what stays short and what the packet must answer. */
function Told({ route, diet, original }: { route: Route; diet: string; original: BenchData }) {
    const ask = route.diets[diet]?.unproven[0];
    const first = firstWords(route);
    const brought = route.contains.filter((one) => !original.now.reading.allergens.contains.includes(one));
    const names = (lines: { name: string }[], none: string) => lines.map((line) => nameParts(line.name)[0]).join(', ') || none;
    const swapped = [...new Set(route.changes.map((change) => (change.out.length === 0 ? `Beside what was there: ${names(change.in, 'nothing')}.` : `${names(change.out, '')} → ${names(change.in, 'nothing')}.`)))].join(' ');
    return (
        <Box sx={{ fontSize: 13.5, lineHeight: 1.3, borderTop: '1px solid var(--line)', pt: '4px' }}>
            <Box sx={{ '&::first-letter': { textTransform: 'uppercase' } }}>
                {first.length > 0 && <strong>{ended(first[0] ?? '')} </strong>}
                {ended(route.mouth)} {first.length === 0 ? 'Every job is paid.' : first.slice(1, 3).map((words) => `${ended(words)} `).join('')}{brought.length > 0 && <strong style={{ color: 'var(--beet)' }}> Brings {brought.join(', ')}.</strong>}
            </Box>
            {ask && <Box sx={{ mt: 0.5, color: 'var(--yolk)' }}>Ask: {ask}</Box>}
            {swapped && <Box sx={{ mt: 0.5, color: 'var(--ink-soft)' }}>{swapped}</Box>}
        </Box>
    );
}

function Blocked({ answer, version }: { answer: Answer; version: number }) {
    return (
        <Box sx={{ fontSize: 14, lineHeight: 1.35, pt: 0.5 }}>
            <strong style={{ color: 'var(--beet)' }}>Out of reach.</strong> {answer.blocked[0]?.reason}.
            {answer.proposals.length > 0 && (
                <>
                    <Box sx={{ mt: 0.75, fontWeight: 650 }}>Nearest</Box>
                    <ul style={{ margin: 0, paddingLeft: 17 }}>
                        {answer.proposals.map((proposal) => (
                            <li key={proposal.words}>{proposal.words}</li>
                        ))}
                    </ul>
                    <Box sx={{ mt: 0.75, lineHeight: '26px' }}>
                        <Link to={`/bench/${version}`}>Choose on the Bench</Link>
                    </Box>
                </>
            )}
        </Box>
    );
}

/** Minutes of hands and hours of waiting beyond the original. */
function work(route: Route): string {
    return [route.effort_min > 0 ? `${route.effort_min} min` : '', route.wait_h > 0 ? `${route.wait_h} h wait` : ''].filter(Boolean).join(', ') || 'none';
}
