import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Answer, BenchData, Route } from '../../api/types';
import { useMoney } from '../../shared/money';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { SmallSection } from '../../shared/SmallSection';
import { toneOf } from '../../shared/tones';
import { Unproven } from '../../shared/Unproven';
import { dietName, nameParts } from '../../shared/words';
import { DietCautions } from '../../shared/DietCautions';
import { standing } from '../../shared/standing';
import { ended, firstWords, STANDING } from '../../shared/routeWords';
import { bestOf, briefFor, together, type Together } from './offers';
import { factRows, layerRow, Rows } from './Rows';
import type { Ticked } from './ticked';
import { Only } from '../../shared/Only';

interface Props {
    diets: Together;
    title: string;
    answer: Answer | undefined;
    error: Error | null;
    data: BenchData;
    ticked: Ticked;
    /** Present where the column can be left out again. */
    onLeave?: (() => void) | undefined;
}

/** The route to one diet, or to two at once, that loses least; or what stands in its way. */
export function SpreadColumn({ diets, title, answer, error, data, ticked, onLeave }: Props) {
    const route = bestOf(answer);
    const taken = route ? ticked.taken.get(route.hash) : undefined;
    return (
        <Panel component="article" aria-label={title} aria-busy={answer === undefined && !error} sx={{ display: 'flex', flexDirection: 'column', p: '10px 11px' }}>
            <Box sx={{ display: 'flex', alignItems: 'center', justifyContent: 'space-between', gap: 0.25, minHeight: 'var(--press-usual)' }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-head)', lineHeight: 1.1, letterSpacing: '-0.01em' }}>
                    {title}
                </h2>
                {onLeave && (
                    <Button onClick={onLeave} aria-label={`Leave out ${title}`} sx={{ minWidth: 28, minHeight: 'var(--press-usual)', p: 0, flex: 'none' }}>
                        ✕
                    </Button>
                )}
            </Box>
            {error && <ProblemNote error={error} />}
            {!answer && !error && <Box sx={{ color: 'var(--ink-soft)', pt: 1 }}>Solving…</Box>}
            {answer && !route && <Blocked answer={answer} version={data.version.id} />}
            {route && route.id !== 'as-it-is' && (
                <Only to="develop"><Box sx={{ minHeight: 'var(--press-small)', fontSize: 'var(--text-plain)' }}>
                    {taken === undefined ? (
                        <label style={{ display: 'inline-flex', gap: 6, alignItems: 'center', minHeight: 'var(--press-small)' }}>
                            <input type="checkbox" checked={ticked.has(route)} onChange={() => ticked.toggle({ route, brief: briefFor(diets), name: title })} aria-label={`Take ${title}`} /> take it
                        </label>
                    ) : (
                        <Link to={`/bench/${taken}`}>Taken: to the Bench</Link>
                    )}
                </Box></Only>
            )}
            {route && route.id === 'as-it-is' && <Box sx={{ minHeight: 'var(--press-small)', fontSize: 'var(--text-plain)', color: 'var(--herb)' }}>as it is</Box>}
            {route && <Best route={route} diets={diets} original={data} />}
            {route && <Told route={route} diets={diets} original={data} />}
        </Panel>
    );
}

function Best({ route, diets, original }: { route: Route; diets: Together; original: BenchData }) {
    const money = useMoney();
    const stand = diets.map((diet) => ({ diet, state: route.diets[diet] ? standing(route.diets[diet]) : 'unproven' })).filter((one) => one.state !== 'met');
    const { portion } = route;
    const was = original.now.reading.portion;
    const cost = was.cost_minor > 0 ? Math.round((portion.cost_minor / was.cost_minor - 1) * 100) : 0;
    return (
        <>
            <Box sx={{ fontSize: 'var(--text-plain)', minHeight: 53, lineHeight: 1.25 }}>{route.name}</Box>
            <Box sx={{ fontSize: 'var(--text-plain)', lineHeight: 1.25 }}>
                <strong style={{ color: STANDING[route.standing].colour }}>{STANDING[route.standing].word}</strong>, fit <strong>{Math.round(route.fit)}</strong>
                {stand.map(({ diet, state }) => (
                    <span key={diet}>
                        , {diets.length > 1 ? dietName(diet).toLowerCase() : 'diet'} {state === 'unproven' ? <Unproven questions={route.diets[diet]?.unproven ?? []} names={route.names} /> : state}
                    </span>
                ))}
            </Box>
            <Box sx={{ height: 70, mb: 0.5 }}>
                <SmallSection section={route.section} tones={route.formula.layers.map((layer) => toneOf(layer.lines))} title={`${together(diets)}, cut`} />
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
function Told({ route, diets, original }: { route: Route; diets: Together; original: BenchData }) {
    const ask = diets.flatMap((diet) => route.diets[diet]?.unproven ?? [])[0];
    const first = firstWords(route);
    const brought = route.contains.filter((one) => !original.now.reading.allergens.contains.includes(one));
    const names = (lines: { name: string }[], none: string) => lines.map((line) => nameParts(line.name)[0]).join(', ') || none;
    const swapped = [...new Set(route.changes.map((change) => (change.out.length === 0 ? `Beside what was there: ${names(change.in, 'nothing')}.` : `${names(change.out, '')} → ${names(change.in, 'nothing')}.`)))].join(' ');
    return (
        <Box sx={{ fontSize: 'var(--text-small)', lineHeight: 1.3, borderTop: '1px solid var(--line)', pt: '4px' }}>
            <Box sx={{ '&::first-letter': { textTransform: 'uppercase' } }}>
                {first.length > 0 && <strong>{ended(first[0] ?? '')} </strong>}
                {ended(route.mouth)} {first.length === 0 ? 'Every job is paid.' : first.slice(1, 3).map((words) => `${ended(words)} `).join('')}{brought.length > 0 && <strong style={{ color: 'var(--beet)' }}> Brings {brought.join(', ')}.</strong>}
            </Box>
            {ask && <Box sx={{ mt: 0.5, color: 'var(--yolk)' }}>Ask: {ask}</Box>}
            {swapped && <Box sx={{ mt: 0.5, color: 'var(--ink-soft)' }}>{swapped}</Box>}
            <DietCautions diets={diets} />
        </Box>
    );
}

function Blocked({ answer, version }: { answer: Answer; version: number }) {
    return (
        <Box sx={{ fontSize: 'var(--text-plain)', lineHeight: 1.35, pt: 0.5 }}>
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
