import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { dishesQuery, routesQuery, versionQuery } from '../../api/queries';
import type { Diet } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { RoomName } from '../../shared/RoomName';
import { Outline, Waiting } from '../../shared/Waiting';
import { DIETS, FIVE } from '../../shared/words';
import { briefFor, keyOf, pairsOf, servesSeveral, together, type Together } from './offers';
import { OriginalColumn } from './OriginalColumn';
import { OneForSeveral } from './OneForSeveral';
import { SpreadColumn } from './SpreadColumn';
import { TakeSeveral } from './TakeSeveral';
import { useTicked } from './ticked';

/** One dish against the five diets, and any pairs of diets: what to offer is decided here. */
export function Spread() {
    const { versionId } = useParams();
    const navigate = useNavigate();
    const dishes = useQuery(dishesQuery());
    const id = versionId && /^\d+$/.test(versionId) ? Number(versionId) : null;
    return (
        <Box sx={{ p: '10px 14px 12px', height: { xs: 'auto', md: '100%' }, boxSizing: 'border-box', display: 'grid', gap: '10px', gridTemplateRows: 'auto minmax(0, 1fr)' }}>
            <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
                <RoomName tab={dishes.data?.find((dish) => dish.versions[0]?.id === id)?.title}>Spread</RoomName>
                <TextField select size="small" label="Dish" value={id ?? ''} onChange={(e) => void navigate(`/spread/${e.target.value}`)} sx={{ minWidth: { xs: 200, sm: 280 } }}>
                    {(dishes.data ?? []).flatMap((dish) =>
                        dish.versions.slice(0, 1).map((version) => (
                            <MenuItem key={version.id} value={version.id}>
                                {dish.title}
                            </MenuItem>
                        )),
                    )}
                    {id !== null && !(dishes.data ?? []).some((dish) => dish.versions[0]?.id === id) && <MenuItem value={id}>this version</MenuItem>}
                </TextField>
                {id !== null && <Pair />}
            </Box>
            {id === null ? (
                <Panel sx={{ alignSelf: 'start', maxWidth: 560 }}>Choose a dish: its best vegan, eggless, gluten-free, keto and high-protein routes are solved side by side, with what each costs in set, sweetness, nutrition and money. Pairs of diets can stand beside them, and several can be taken at once.</Panel>
            ) : (
                <SpreadOf key={id} id={id} />
            )}
        </Box>
    );
}

/** The pairs of diets that stand in the address, and others in their place. */
function usePairs(): [Together[], (next: readonly Together[]) => void] {
    const [params, setParams] = useSearchParams();
    return [pairsOf(params.get('pairs') ?? '', DIETS.map((diet) => diet.id)), (next) => setParams({ pairs: next.map((pair) => pair.join('.')).join(',') })];
}

/** Two diets at once, as a column of their own; they stand in the address. */
function Pair() {
    const [had, setPairs] = usePairs();
    const [pair, setPair] = useState<[Diet, Diet]>(['vegan', 'gluten-free']);
    const isNew = pair[0] !== pair[1] && !had.some((one) => keyOf(one) === keyOf(pair));
    const choose = (n: 0 | 1) => (
        <TextField select size="small" value={pair[n]} onChange={(e) => setPair(n === 0 ? [e.target.value as Diet, pair[1]] : [pair[0], e.target.value as Diet])} slotProps={{ htmlInput: { 'aria-label': n === 0 ? 'One diet of the pair' : 'The other diet of the pair' } }} sx={{ minWidth: 128 }}>
            {DIETS.map((diet) => (
                <MenuItem key={diet.id} value={diet.id}>
                    {diet.name}
                </MenuItem>
            ))}
        </TextField>
    );
    return (
        <Box role="group" aria-label="Two diets at once" sx={{ display: 'flex', gap: 0.75, alignItems: 'center', flexWrap: 'wrap' }}>
            <span>at once:</span>
            {choose(0)}
            <span>and</span>
            {choose(1)}
            <Button variant="outlined" disabled={!isNew} onClick={() => setPairs([...had, pair])}>
                Beside them
            </Button>
        </Box>
    );
}

function SpreadOf({ id }: { id: number }) {
    const [pairs, setPairs] = usePairs();
    // What was asked for last stands where it is seen.
    const columns: Together[] = [...pairs, ...FIVE.map((diet): Together => [diet as Diet])];
    const version = useQuery(versionQuery(id));
    const revision = version.data?.version.revision ?? 0;
    const answers = useQueries({ queries: columns.map((diets) => ({ ...routesQuery(id, revision, briefFor(diets)), enabled: version.data !== undefined })) });
    const ticked = useTicked();
    if (version.isPending) return <Waiting what="the dish"><Outline height={420} /></Waiting>;
    if (!version.data) {
        return (
            <div>
                <ProblemNote error={version.error} onRetry={() => void version.refetch()} />
                <Link to="/">To the Counter</Link>
            </div>
        );
    }
    const data = version.data;
    const done = answers.filter((answer) => !answer.isPending).length;
    const asked = [...new Set(columns.flat())];
    const several = done === columns.length ? servesSeveral(columns.map((made, n) => ({ made, answer: answers[n]?.data })), asked) : [];
    const leave = (gone: Together) => setPairs(pairs.filter((pair) => keyOf(pair) !== keyOf(gone)));
    return (
        <Box sx={{ display: 'grid', gap: '8px', gridTemplateRows: 'auto minmax(0, 1fr)', minHeight: 0 }}>
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', minHeight: 'var(--press-large)' }}>
                {done < columns.length ? (
                    <Box role="status" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', flex: 1 }}>
                        Solved {done} of {columns.length}…
                    </Box>
                ) : (
                    <OneForSeveral several={several} asked={asked} ticked={ticked} />
                )}
                <TakeSeveral version={id} ticked={ticked} />
            </Box>
            <Box
                role="region" aria-label="Diets side by side" tabIndex={0}
                sx={{ display: 'grid', gap: '8px', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', md: `repeat(${columns.length + 1}, minmax(${pairs.length > 0 ? '182px' : '0'}, 1fr))` }, minHeight: 0, overflow: 'auto', alignItems: 'start', alignContent: 'start' }}
            >
                <OriginalColumn data={data} />
                {columns.map((diets, n) => (
                    <SpreadColumn key={keyOf(diets)} diets={diets} answer={answers[n]?.data} error={answers[n]?.error ?? null} data={data} ticked={ticked} onLeave={diets.length > 1 ? () => leave(diets) : undefined} title={together(diets)} />
                ))}
            </Box>
        </Box>
    );
}
