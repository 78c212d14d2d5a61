import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { Answer, BenchData, Brief, Route } from '../../api/types';
import { money, oneDecimal } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { SmallSection } from '../../shared/SmallSection';
import { toneOf } from '../../shared/tones';
import { dietName } from '../../shared/words';
import { standing } from '../bench/DietList';
import { railName, railVerdict } from '../bench/railWords';
import { Rows } from './Rows';

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
        mutationFn: (route: Route) => call<BenchData>('POST', `versions/${data.version.id}/versions`, { ...brief, route: route.id }),
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            await navigate(`/bench/${made.version.id}`);
        },
    });
    const route = answer?.routes[0];
    return (
        <Panel component="article" aria-label={dietName(diet)} aria-busy={answer === undefined && !error} sx={{ display: 'flex', flexDirection: 'column', p: '10px 11px' }}>
            <h2 className="name" style={{ margin: 0, fontSize: 18 }}>
                {dietName(diet)}
            </h2>
            {error && <ProblemNote error={error} />}
            {take.error && <ProblemNote error={take.error} />}
            {!answer && !error && <Box sx={{ color: 'var(--ink-soft)', pt: 1 }}>Solving…</Box>}
            {answer && !route && <Blocked answer={answer} version={data.version.id} />}
            {route && <Best route={route} diet={diet} original={data} />}
            {route && route.id !== 'as-it-is' && (
                <Button variant="outlined" onClick={() => take.mutate(route)} disabled={take.isPending} sx={{ mt: 1 }} aria-label={`Take ${dietName(diet)} to the Bench`}>
                    Take it to the Bench
                </Button>
            )}
        </Panel>
    );
}

function Best({ route, diet, original }: { route: Route; diet: string; original: BenchData }) {
    const state = route.diets[diet] ? standing(route.diets[diet]) : 'unproven';
    const { portion } = route;
    const was = original.now.reading.portion;
    const cost = was.cost_minor > 0 ? Math.round((portion.cost_minor / was.cost_minor - 1) * 100) : 0;
    const brought = route.contains.filter((one) => !original.now.reading.allergens.contains.includes(one));
    return (
        <>
            <Box sx={{ fontSize: 14, minHeight: 38, lineHeight: 1.3 }}>
                {route.name} · fit <strong>{Math.round(route.fit)}</strong> · <strong style={{ color: state === 'met' ? 'var(--herb)' : 'var(--yolk)' }}>{state}</strong>
            </Box>
            <Box sx={{ height: 112, my: 0.5 }}>
                <SmallSection section={route.section} tones={route.formula.layers.map((layer) => toneOf(layer.lines))} title={`${dietName(diet)}, cut`} />
            </Box>
            <Rows
                rows={[
                    ...route.layers.map((layer): [string, string] => [layer.name, `${layer.set}${layer.ge === null ? '' : `, ${oneDecimal(layer.se)} SE`}`]),
                    ['Energy', `${Math.round(portion.kcal)} kcal`], ['Net carbs', `${oneDecimal(portion.net_carbs_g)} g`], ['Sugars', `${oneDecimal(portion.sugars_g)} g`], ['Fat', `${oneDecimal(portion.fat_g)} g`],
                    ['Protein', `${oneDecimal(portion.protein_g)} g`], ['Cost', `${money(portion.cost_minor)}${cost === 0 ? '' : `, ${cost > 0 ? '+' : '−'}${Math.abs(cost)} %`}`], ['Contains', route.contains.join(', ') || 'no listed allergen'],
                ]}
            />
            <Box sx={{ fontSize: 13.5, lineHeight: 1.35, mt: 0.75 }}>
                {route.mouth}. {lost(route)}{brought.length > 0 && <strong style={{ color: 'var(--beet)' }}> Brings {brought.join(', ')}.</strong>}
            </Box>
        </>
    );
}

function Blocked({ answer, version }: { answer: Answer; version: number }) {
    return (
        <Box sx={{ fontSize: 14, lineHeight: 1.35, pt: 0.5 }}>
            <strong style={{ color: 'var(--beet)' }}>Out of reach.</strong> {answer.blocked[0]}.
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

/** What stays short of the original, or goes past it, in words. */
function lost(route: Route): string {
    const off = Object.entries(route.rails).flatMap(([layer, rails]) => rails.filter((rail) => !rail.met).map((rail) => `${layer}: ${railName(rail).toLowerCase()} ${railVerdict(rail)}`));
    return off.length === 0 ? 'Every property within its tolerance.' : `Off: ${off.slice(0, 4).join('; ')}.`;
}
