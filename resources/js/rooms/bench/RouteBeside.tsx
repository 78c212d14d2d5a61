import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Route, Side } from '../../api/types';
import { useMoney } from '../../shared/money';
import { grams } from '../../shared/numbers';
import { asked, ended, firstWords, STANDING } from '../../shared/routeWords';
import { gramByGram } from '../../shared/routeOrder';
import { shopping } from './toBuy';
import { railName, railUnit, railVerdict } from './railWords';
import { Only } from '../../shared/Only';

/** What is counted of a portion. */
const FACTS = [['kcal', 'A portion', 'kcal'], ['protein_g', 'Protein of it', 'g'], ['net_carbs_g', 'Net carbs of it', 'g']] as const;

/** Nothing a scale would show. */
const same = (a: number | null, b: number | null) => a === b || (a !== null && b !== null && Math.abs(a - b) < 0.01 * b);

interface Props {
    original: Side;
    originalName: string;
    routes: Route[];
    onTake: (route: Route) => void;
    onClose: () => void;
}

/** Two or three routes before one is taken: what each costs on the plate, gram by gram and job by job. */
export function RouteBeside({ original, originalName, routes, onTake, onClose }: Props) {
    const money = useMoney();
    const rows = gramByGram(original.formula, original.names, routes);
    const layers = original.formula.layers;
    const jobs = layers.flatMap((layer, n) => {
        const named = new Set(routes.flatMap((route) => (route.rails[n] ?? []).map((rail) => rail.property)));
        return [...named].map((property) => ({ layer: layer.name, property, rails: routes.map((route) => (route.rails[n] ?? []).find((rail) => rail.property === property)) })).map((row) => ({ ...row, unit: railUnit({ property: row.property, unit: '' }) })).filter(({ rails }) => rails.some((rail) => rail && !rail.met));
    });
    return (
        <Dialog open onClose={onClose} maxWidth="lg" fullWidth aria-labelledby="beside-title">
            <DialogTitle id="beside-title" className="name">
                Side by side
            </DialogTitle>
            <DialogContent sx={{ '& td, & th': { textAlign: 'left', verticalAlign: 'top', p: '3px 10px 3px 0', borderBottom: '1px solid var(--line)' } }} tabIndex={0}>
                <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', tableLayout: 'fixed', fontSize: 'var(--text-plain)' }}>
                    <thead>
                        <tr>
                            <th scope="col" style={{ width: '17%' }}>On the plate</th>
                            <th scope="col" style={{ width: '13%' }}>{originalName}</th>
                            {routes.map((route) => <th scope="col" key={route.hash} className="name" style={{ fontSize: 'var(--text-lead)' }}>{route.name}</th>)}
                        </tr>
                    </thead>
                    <tbody>
                        <tr>
                            <th scope="row">Stands</th>
                            <td>–</td>
                            {routes.map((route) => (
                                <td key={route.hash}>
                                    <strong style={{ color: STANDING[route.standing].colour }}>{STANDING[route.standing].word}</strong> {firstWords(route).map(ended).join(' ')} {ended(route.mouth)}
                                </td>
                            ))}
                        </tr>
                        <tr>
                            <th scope="row">Brings</th>
                            <td>–</td>
                            {routes.map((route) => <td key={route.hash} style={{ color: route.new_allergens.length > 0 ? 'var(--beet)' : undefined }}>{route.new_allergens.join(', ') || 'no allergen that was not there'}</td>)}
                        </tr>
                        <tr>
                            <th scope="row">To buy</th>
                            <td>–</td>
                            {routes.map((route) => <td key={route.hash}>{shopping(route)}</td>)}
                        </tr>
                        <tr>
                            <th scope="row">Costs</th>
                            <td>{money(original.reading.portion.cost_minor)} each</td>
                            {routes.map((route) => <td key={route.hash}>{money(route.cost_minor)} each, {route.effort_min} min hands-on{route.wait_h > 0 ? `, ${route.wait_h} h waiting` : ''}</td>)}
                        </tr>
                        {FACTS.map(([key, name, unit]) => (
                            <tr key={key}>
                                <th scope="row">{name}</th>
                                <td>{original.reading.portion[key].toFixed(unit === 'kcal' ? 0 : 1)} {unit}</td>
                                {routes.map((route) => <td key={route.hash}>{route.portion[key].toFixed(unit === 'kcal' ? 0 : 1)} {unit}</td>)}
                            </tr>
                        ))}
                        {jobs.map(({ layer, property, rails, unit }) => (
                            <tr key={`${layer}${property}`}>
                                <th scope="row">
                                    {railName({ property })} <span style={{ fontWeight: 400, color: 'var(--ink-soft)' }}>{layers.length > 1 ? layer : ''}</span>
                                </th>
                                <td>{rails.find((rail) => rail)?.target.toFixed(2)} {unit}</td>
                                {rails.map((rail, n) => (
                                    <td key={routes[n]?.hash}>
                                        {rail ? <>{rail.now.toFixed(2)} {unit} <strong style={{ color: rail.met ? 'var(--herb)' : 'var(--yolk)' }}>{railVerdict(rail)}</strong></> : '–'}
                                    </td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </Box>
                <h3 style={{ margin: '14px 0 4px', fontSize: 'var(--text-lead)' }}>Gram by gram</h3>
                <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', tableLayout: 'fixed', fontSize: 'var(--text-plain)', '& td': { fontVariantNumeric: 'tabular-nums' } }}>
                    <thead>
                        <tr>
                            <th scope="col" style={{ width: '17%' }}>Ingredient</th>
                            <th scope="col" style={{ width: '13%' }}>{originalName}</th>
                            {routes.map((route) => <th scope="col" key={route.hash}>{route.name}</th>)}
                        </tr>
                    </thead>
                    <tbody>
                        {rows.map((row) => (
                            <tr key={`${row.layer}${row.ingredient}`}>
                                <th scope="row" style={{ fontWeight: 400 }}>
                                    {row.name} <span style={{ color: 'var(--ink-soft)' }}>{layers.length > 1 ? row.layer : ''}</span>
                                </th>
                                <td>{row.was === null ? '–' : `${grams(row.was)} g`}</td>
                                {row.grams.map((value, n) => (
                                    <td key={routes[n]?.hash} style={{ fontWeight: same(value, row.was) ? 400 : 700 }}>
                                        {value === null ? (row.was === null ? '–' : <span style={{ color: 'var(--beet)' }}>out</span>) : `${grams(value)} g`}
                                    </td>
                                ))}
                            </tr>
                        ))}
                    </tbody>
                </Box>
            </DialogContent>
            <DialogActions sx={{ gap: 1 }}>
                <Button onClick={onClose}>Close</Button>
                {routes.map((route, n) => (
                    <Only key={route.hash} to="develop"><Button variant={n === 0 ? 'contained' : 'outlined'} onClick={() => onTake(route)} sx={{ maxWidth: 260 }}>
                        {asked(route) === '' ? `Take ${route.name}` : `${asked(route)}. Take ${route.name} all the same`}
                    </Button></Only>
                ))}
            </DialogActions>
        </Dialog>
    );
}
