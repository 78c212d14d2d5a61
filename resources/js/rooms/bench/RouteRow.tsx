import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Facts, Route } from '../../api/types';
import { useMoney } from '../../shared/money';
import { Unproven } from '../../shared/Unproven';
import { dietName } from '../../shared/words';
import { buying } from './toBuy';
import { portionChange } from './portionChange';
import { inPercent } from '../../shared/numbers';
import { Term } from '../../shared/Term';
import { standing } from '../../shared/standing';
import { asked, ended, firstWords, ifWords, STANDING } from '../../shared/routeWords';
import { Only } from '../../shared/Only';

interface Props {
    route: Route;
    /** A portion of the dish it was asked of. */
    was: Facts;
    diets: string[];
    busy: boolean;
    /** Whether it is chosen to stand beside others, and whether as many as fit are. */
    beside: boolean;
    full: boolean;
    onBeside: (chosen: boolean) => void;
    onTake: () => void;
    onOpen: () => void;
}

/** One route: how it stands and what it is short of before what it is good for; a question before what the dish would lose by the way. */
export function RouteRow({ route, was, diets, busy, beside, full, onBeside, onTake, onOpen }: Props) {
    const money = useMoney();
    const [asking, setAsking] = useState(false);
    const states = diets.map((diet) => ({ diet, state: route.diets[diet] ? standing(route.diets[diet]) : 'unproven' })).filter((one) => one.state !== 'met');
    const stands = STANDING[route.standing];
    const first = firstWords(route);
    const question = asked(route);
    // What keeps it from being met is said in full; of what merely differs, the first two.
    const said = route.standing === 'met_but' ? first.slice(0, Math.max(2, route.words.length)) : first.slice(0, 2);
    const further = Math.max(0, ifWords(route).length - said.length);
    const changed = portionChange(was, route.portion);
    /** What it hangs on, or misses, stands right behind the word that says so. */
    const hangs = route.standing === 'met_but' || route.standing === 'met_if';
    const differs = changed.length > 0 && <Box component="span" sx={{ fontWeight: 650, color: 'var(--yolk)' }}>{ended(`a portion: ${changed.join('; ')}`)} </Box>;
    const press = () => {
        if (question !== '' && !asking) setAsking(true);
        else onTake();
    };
    return (
        <Box
            component="article" aria-label={route.name}
            sx={{ borderTop: '1px solid var(--line)', py: '4px', display: 'grid', gridTemplateColumns: { xs: '24px 1fr', md: '24px minmax(150px, 1.1fr) minmax(0, 1.5fr) auto' }, columnGap: 1, alignItems: 'start', fontSize: 'var(--text-small)' }}
        >
            <input type="checkbox" checked={beside} disabled={!beside && full} onChange={(e) => onBeside(e.target.checked)} aria-label={`Put beside: ${route.name}`} title="Two or three, side by side" style={{ width: 16, height: 16, margin: '3px 4px' }} />
            <Box>
                <h3 className="name" style={{ margin: 0, fontSize: 'var(--text-plain)', lineHeight: 1.2 }}>
                    {route.name}
                </h3>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-fine)', lineHeight: 1.25 }}>
                    <Term of="fit">fit</Term> <strong style={{ color: 'var(--ink)' }}>{Math.round(route.fit)}</strong> · {route.chance !== null && <><span title="How likely its least likely layer sets within a step of what is aimed at">sets as aimed {inPercent(route.chance)}</span> · </>}{route.risks} to mind · {buying(route)} · {money(route.cost_minor)} each · {route.effort_min} min{route.wait_h > 0 ? ` + ${route.wait_h} h` : ''}
                </Box>
            </Box>
            <Box sx={{ fontSize: 'var(--text-small)', lineHeight: 1.25, gridColumn: { xs: '2', md: 'auto' } }}>
                <Box component="span" sx={{ color: stands.colour, fontWeight: 700 }}>
                    <span aria-hidden>{stands.mark}</span> {stands.word}
                    {hangs ? ':' : ''}
                </Box>{' '}
                {!hangs && differs}
                {said.length > 0 && <Box component="span" sx={{ fontWeight: hangs ? 600 : 400 }}>{said.map(ended).join(' ')}{further > 0 ? ` And ${String(further)} more to ask of packets.` : ''} </Box>}
                {hangs && differs}
                <Box component="span" sx={{ color: 'var(--ink-soft)' }}>{ended(route.mouth)}</Box>
                {states.length > 0 && (
                    <Box component="span" sx={{ fontWeight: 650, color: states.some((s) => s.state === 'not met') ? 'var(--beet)' : 'var(--yolk)' }}> {states.map((s, n) => (
                        <span key={s.diet}>
                            {n > 0 && ', '}
                            {dietName(s.diet)} {s.state === 'unproven' ? <Unproven questions={route.diets[s.diet]?.unproven ?? []} names={route.names} /> : s.state}
                        </span>
                    ))}</Box>
                )}
            </Box>
            <Box sx={{ display: 'flex', gap: 0.5, alignItems: 'center', gridColumn: { xs: '2', md: 'auto' } }}>
                <Button onClick={onOpen} aria-label={`Why: ${route.name}`} sx={{ minHeight: 'var(--press-small)', py: 0, minWidth: 0 }}>
                    Why?
                </Button>
                <Only to="develop"><Button variant={asking ? 'contained' : 'outlined'} onClick={press} disabled={busy} aria-label={asking ? `${question}. Take it all the same: ${route.name}` : `Take it: ${route.name}`} sx={{ minHeight: 'var(--press-small)', py: 0, maxWidth: 190, lineHeight: 1.15 }}>
                    {asking ? `${question}: take it?` : 'Take it'}
                </Button></Only>
            </Box>
        </Box>
    );
}
