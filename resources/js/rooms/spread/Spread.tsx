import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQueries, useQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { dishesQuery, routesQuery, versionQuery } from '../../api/queries';
import type { Brief, Diet } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { FIVE } from '../../shared/words';
import { OriginalColumn } from './OriginalColumn';
import { SpreadColumn } from './SpreadColumn';

const briefFor = (diet: Diet): Brief => ({ diets: [diet], net_carbs_g: null, protein_g: null, kcal: null, sugars_g: null, fat_g: null });

/** One dish against the five diets at once: for each the best route, or what stands in its way. */
export function Spread() {
    const { versionId } = useParams();
    const navigate = useNavigate();
    const dishes = useQuery(dishesQuery());
    const id = versionId && /^\d+$/.test(versionId) ? Number(versionId) : null;
    return (
        <Box sx={{ p: '10px 14px 12px', height: { xs: 'auto', md: '100%' }, boxSizing: 'border-box', display: 'grid', gap: '10px', gridTemplateRows: 'auto minmax(0, 1fr)' }}>
            <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1.5, flexWrap: 'wrap' }}>
                <h1 className="name" style={{ margin: 0, fontSize: 25 }}>
                    Spread
                </h1>
                <TextField select size="small" label="Dish" value={id ?? ''} onChange={(e) => void navigate(`/spread/${e.target.value}`)} sx={{ minWidth: 300 }}>
                    {(dishes.data ?? []).flatMap((dish) =>
                        dish.versions.slice(0, 1).map((version) => (
                            <MenuItem key={version.id} value={version.id}>
                                {dish.title}
                            </MenuItem>
                        )),
                    )}
                    {id !== null && !(dishes.data ?? []).some((dish) => dish.versions[0]?.id === id) && <MenuItem value={id}>this version</MenuItem>}
                </TextField>
            </Box>
            {id === null ? (
                <Panel sx={{ alignSelf: 'start', maxWidth: 560 }}>Choose a dish: its best vegan, eggless, gluten-free, keto and high-protein routes are solved side by side, with what each costs in set, sweetness, nutrition and money.</Panel>
            ) : (
                <SpreadOf key={id} id={id} />
            )}
        </Box>
    );
}

function SpreadOf({ id }: { id: number }) {
    const version = useQuery(versionQuery(id));
    const revision = version.data?.version.revision ?? 0;
    const answers = useQueries({ queries: FIVE.map((diet) => ({ ...routesQuery(id, revision, briefFor(diet)), enabled: version.data !== undefined })) });
    if (version.isPending) return <Waiting what="the dish" />;
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
    return (
        <Box sx={{ display: 'grid', gap: '8px', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr', md: `repeat(${FIVE.length + 1}, minmax(0, 1fr))` }, minHeight: 0, overflow: 'auto', alignItems: 'start', alignContent: 'start' }} role="region" aria-label="Five diets" tabIndex={0}>
            {done < FIVE.length && (
                <Box role="status" sx={{ gridColumn: '1 / -1', color: 'var(--ink-soft)', fontSize: 14 }}>
                    Solved {done} of {FIVE.length}…
                </Box>
            )}
            <OriginalColumn data={data} />
            {FIVE.map((diet, n) => (
                <SpreadColumn key={diet} diet={diet} answer={answers[n]?.data} error={answers[n]?.error ?? null} data={data} brief={briefFor(diet)} />
            ))}
        </Box>
    );
}
