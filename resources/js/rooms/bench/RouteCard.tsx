import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Route } from '../../api/types';
import { money } from '../../shared/numbers';
import { dietName } from '../../shared/words';
import { standing } from '../../shared/standing';
import { asked, ended, firstWords, STANDING } from '../../shared/routeWords';

interface Props {
    route: Route;
    diets: string[];
    busy: boolean;
    onTake: () => void;
    onOpen: () => void;
}

/** Cut after so many whole lines, with dots: a line is never shown by half. */
const clamped = (lines: number) => ({ display: '-webkit-box', WebkitBoxOrient: 'vertical' as const, WebkitLineClamp: lines, overflow: 'hidden' });

/** One route: how it stands and what it is short of before what it is good for; a question before what the dish would lose by the way. */
export function RouteCard({ route, diets, busy, onTake, onOpen }: Props) {
    const [asking, setAsking] = useState(false);
    const states = diets.map((diet) => ({ diet, state: route.diets[diet] ? standing(route.diets[diet]) : 'unproven' })).filter((one) => one.state !== 'met');
    const stands = STANDING[route.standing];
    const first = firstWords(route);
    const question = asked(route);
    // What keeps it from being met is said in full as far as the card goes; of what merely differs, the first.
    const said = route.standing === 'met_but' ? first.slice(0, Math.max(1, route.words.length)) : first.slice(0, 1);
    const press = () => {
        if (question !== '' && !asking) setAsking(true);
        else onTake();
    };
    return (
        <Box component="article" aria-label={route.name} sx={{ border: '1.5px solid var(--line)', borderRadius: '9px', p: '5px 10px 6px', display: 'flex', flexDirection: 'column', fontSize: 13.5, minHeight: 0 }}>
            <h3 className="name" title={route.name} style={{ margin: 0, fontSize: 15, lineHeight: 1.15, ...clamped(2) }}>
                {route.name}
            </h3>
            <Box sx={{ flex: 1, minHeight: 0 }}>
            <Box sx={{ fontSize: 13, lineHeight: 1.22, ...clamped(3) }} title={[...first, route.mouth].map(ended).join(' ')}>
                <Box component="span" sx={{ color: stands.colour, fontWeight: 700 }}>
                    <span aria-hidden>{stands.mark}</span> {stands.word}
                    {route.standing === 'met_but' ? ':' : ''}
                </Box>{' '}
                {said.length > 0 && <Box component="span" sx={{ fontWeight: route.standing === 'met_but' ? 600 : 400 }}>{said.map(ended).join(' ')} </Box>}
                <Box component="span" sx={{ color: 'var(--ink-soft)' }}>{ended(route.mouth)}</Box>
            </Box>
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', whiteSpace: 'nowrap', overflow: 'hidden', textOverflow: 'ellipsis', fontSize: 13, flexShrink: 0 }}>
                fit <strong style={{ color: 'var(--ink)' }}>{Math.round(route.fit)}</strong> · {route.risks} to mind · {money(route.cost_minor)} each · {route.effort_min} min{route.wait_h > 0 ? ` + ${route.wait_h} h` : ''}
            </Box>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, mt: 0.5, flexShrink: 0 }}>
                <Button variant={asking ? 'contained' : 'outlined'} onClick={press} disabled={busy} aria-label={asking ? `${question}. Take it all the same: ${route.name}` : `Take it: ${route.name}`} sx={{ minHeight: 27, py: 0 }}>
                    {asking ? `${question}: take it?` : 'Take it'}
                </Button>
                <Button onClick={onOpen} aria-label={`Why: ${route.name}`} sx={{ minHeight: 27, py: 0, minWidth: 0 }}>
                    Why?
                </Button>
                {!asking && (
                    <Box sx={{ fontSize: 12.5, fontWeight: 650, lineHeight: 1.1, color: states.some((s) => s.state === 'not met') ? 'var(--beet)' : 'var(--yolk)' }}>{states.map((s) => `${dietName(s.diet)} ${s.state}`).join(', ')}</Box>
                )}
            </Box>
        </Box>
    );
}
