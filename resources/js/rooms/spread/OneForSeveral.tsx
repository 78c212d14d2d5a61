import Box from '@mui/material/Box';
import type { Diet } from '../../api/types';
import { ended, firstWords, STANDING } from '../../shared/routeWords';
import { Unproven } from '../../shared/Unproven';
import { dietName } from '../../shared/words';
import { briefFor, type Serves, together } from './offers';
import type { Ticked } from './ticked';
import { Only } from '../../shared/Only';

/** Which one version would serve several of the diets asked for, with what it loses and what still has to be asked. */
export function OneForSeveral({ several, asked, ticked }: { several: Serves[]; asked: readonly Diet[]; ticked: Ticked }) {
    return (
        <Box component="section" aria-label="One for several" sx={{ flex: 1, minWidth: 260, fontSize: 'var(--text-plain)', lineHeight: 1.35 }}>
            {several.length === 0 && <span style={{ color: 'var(--ink-soft)' }}>No one route serves two of these diets: each needs a version of its own.</span>}
            {several.map((one) => {
                const { route, made, met, ask } = one;
                const lost = firstWords(route)[0];
                return (
                    <Only key={route.hash} to="develop"><Box component="label" sx={{ display: 'flex', gap: 0.75, alignItems: 'baseline' }}>
                        <input type="checkbox" checked={ticked.has(route)} disabled={ticked.taken.has(route.hash)} onChange={() => ticked.toggle({ route, brief: briefFor(made), name: together(made) })} aria-label={`Take one for ${[...met, ...ask].map(dietName).join(', ')}: ${route.name}`} />
                        <span>
                            <strong>One for {met.length + ask.length} of {asked.length}:</strong> {route.name} ({together(made)}), <strong style={{ color: STANDING[route.standing].colour }}>{STANDING[route.standing].word.toLowerCase()}</strong>
                            {ended(lost ? `, ${lost}` : '')} It is {met.map((diet) => dietName(diet).toLowerCase()).join(', ') || 'none of them for certain'}
                            {ask.length > 0 && <>; {ask.map((diet) => dietName(diet).toLowerCase()).join(', ')} <Unproven questions={ask.flatMap((diet) => route.diets[diet]?.unproven ?? [])} names={route.names} /></>}.
                        </span>
                    </Box></Only>
                );
            })}
        </Box>
    );
}
