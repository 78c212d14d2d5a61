import Box from '@mui/material/Box';
import type { Reading } from '../../api/types';
import { standing } from '../../shared/standing';
import { Unproven } from '../../shared/Unproven';
import { DIETS } from '../../shared/words';

const TONE = { met: 'var(--herb)', 'not met': 'var(--beet)', unproven: 'var(--yolk)' } as const;
const SIGN = { met: '✓', 'not met': '✕', unproven: '?' } as const;

/** Which diets are met, not met or unproven, and because of what; and the allergens, which are no diet. */
export function DietList({ reading, names }: { reading: Reading; names: Record<string, string> }) {
    return (
        <Box sx={{ fontSize: 'var(--text-plain)' }}>
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { borderTop: '1px solid var(--line)', py: '4px' }, '& li:first-of-type': { borderTop: 0 } }}>
                {DIETS.map(({ id, name }) => {
                    const verdict = reading.diets[id];
                    if (!verdict) return null;
                    const state = standing(verdict);
                    const why = [...verdict.because, ...(verdict.because.length === 0 ? verdict.unproven : [])];
                    return (
                        <li key={id}>
                            <strong>{name}</strong>{' '}
                            <Box component="span" sx={{ color: TONE[state], fontWeight: 700 }}>
                                {SIGN[state]} {state === 'unproven' ? <Unproven questions={verdict.unproven} names={names} /> : state}
                            </Box>
                            {why.length > 0 && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{why.join('; ')}</Box>}
                        </li>
                    );
                })}
            </Box>
            <h3 style={{ margin: '10px 0 2px', fontSize: 'var(--text-plain)' }}>Allergens</h3>
            <div>Contains: {reading.allergens.contains.join(', ') || 'none of the listed ones'}.</div>
            {reading.allergens.may_contain.length > 0 && <div>Packets may warn of: {reading.allergens.may_contain.join(', ')}.</div>}
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>By ingredient. Cross-contact is not computed, and no diet is an allergy statement.</Box>
        </Box>
    );
}
