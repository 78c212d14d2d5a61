import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Route } from '../../api/types';
import { money } from '../../shared/numbers';
import { dietName } from '../../shared/words';
import { standing } from './DietList';

interface Props {
    route: Route;
    diets: string[];
    busy: boolean;
    onTake: () => void;
    onOpen: () => void;
}

export function RouteCard({ route, diets, busy, onTake, onOpen }: Props) {
    const states = diets.map((diet) => ({ diet, state: route.diets[diet] ? standing(route.diets[diet]) : 'unproven' }));
    return (
        <Box component="article" aria-label={route.name} sx={{ border: '1.5px solid var(--line)', borderRadius: '9px', p: '5px 10px 6px', display: 'flex', flexDirection: 'column', fontSize: 13.5, minHeight: 0 }}>
            <h3 className="name" style={{ margin: 0, fontSize: 15, lineHeight: 1.15 }}>
                {route.name}
            </h3>
            <Box sx={{ flex: 1, overflow: 'hidden', fontSize: 13, lineHeight: 1.2 }}>{route.mouth}.</Box>
            <Box sx={{ color: 'var(--ink-soft)' }}>
                fit <strong style={{ color: 'var(--ink)' }}>{Math.round(route.fit)}</strong> · {route.risks} risk{route.risks === 1 ? '' : 's'} · {money(route.cost_minor)} each · {route.effort_min} min{route.wait_h > 0 ? ` + ${route.wait_h} h` : ''}
            </Box>
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 0.75, mt: 0.5 }}>
                <Button variant="outlined" onClick={onTake} disabled={busy} aria-label={`Take it: ${route.name}`} sx={{ minHeight: 27, py: 0 }}>
                    Take it
                </Button>
                <Button onClick={onOpen} aria-label={`Why: ${route.name}`} sx={{ minHeight: 27, py: 0, minWidth: 0 }}>
                    Why?
                </Button>
                <Box sx={{ fontSize: 12.5, fontWeight: 650, lineHeight: 1.1, color: states.some((s) => s.state === 'not met') ? 'var(--beet)' : states.some((s) => s.state === 'unproven') ? 'var(--yolk)' : 'var(--herb)' }}>
                    {states.map((s) => `${dietName(s.diet)} ${s.state}`).join(', ')}
                </Box>
            </Box>
        </Box>
    );
}
