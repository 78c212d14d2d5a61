import Box from '@mui/material/Box';
import type { Reading } from '../../api/types';
import { Unproven } from '../../shared/Unproven';
import { Why } from '../../shared/why/Why';
import { Unanswered } from './PortionFacts';

const US: [string, string, string][] = [
    ['calories', 'Calories', ''], ['fat_g', 'Total fat', 'g'], ['saturates_g', 'Saturated fat', 'g'], ['trans_g', 'Trans fat', 'g'], ['cholesterol_mg', 'Cholesterol', 'mg'], ['sodium_mg', 'Sodium', 'mg'],
    ['carbohydrate_g', 'Total carbohydrate', 'g'], ['fibre_g', 'Dietary fiber', 'g'], ['sugars_g', 'Total sugars', 'g'], ['added_sugars_g', 'Added sugars', 'g'], ['polyols_g', 'Sugar alcohol', 'g'], ['protein_g', 'Protein', 'g'],
    ['vitamin_d_ug', 'Vitamin D', 'µg'], ['calcium_mg', 'Calcium', 'mg'], ['iron_mg', 'Iron', 'mg'], ['potassium_mg', 'Potassium', 'mg'],
];

const COLOUR = { met: 'var(--herb)', 'not met': 'var(--ink-soft)', unproven: 'var(--yolk)' } as const;

/** What a label may say: US facts of a portion beside the EU ones, claims as met, not met or unproven, allergens by law. */
export function LabelFacts({ reading }: { reading: Reading }) {
    const claims = reading.claims.filter((claim) => claim.standing !== 'not met');
    const { eu, us } = reading.allergens.by_regime;
    return (
        <Box sx={{ fontSize: 'var(--text-plain)' }}>
            <Unanswered questions={reading.questions} />
            <h2 className="name" style={{ margin: '0 0 2px', fontSize: 'var(--text-head)' }}>
                Claims
            </h2>
            {claims.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>None of the listed claims is within reach.</Box>}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {claims.map((claim) => (
                    <Box component="li" key={claim.claim + claim.regime} sx={{ borderTop: '1px solid var(--line)', py: '2px' }}>
                        <strong>{claim.claim}</strong> ({claim.regime.toUpperCase()}): <strong style={{ color: COLOUR[claim.standing] }}>{claim.standing === 'unproven' ? <Unproven questions={[claim.note || claim.condition, ...reading.questions]} /> : claim.standing}</strong>, {claim.note || `${claim.value.toFixed(1)} ${claim.unit}; ${claim.condition}`}
                    </Box>
                ))}
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>“Low carb”, “net carbs” and “keto” are not listed EU claims. Computed, not analysed: a label for sale follows the local authority.</Box>
            <h2 className="name" style={{ margin: '10px 0 2px', fontSize: 'var(--text-head)' }}>
                One portion, US rules
            </h2>
            <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', m: 0, '& dt, & dd': { m: 0, py: '1.5px', borderTop: '1px solid var(--line)' }, '& dd': { textAlign: 'right', fontWeight: 650 } }}>
                {US.map(([key, name, unit]) => {
                    const micro = reading.us.micronutrients[key];
                    const value = micro ? micro.value : (reading.us[key] ?? 0);
                    return (
                        <Box key={key} sx={{ display: 'contents' }}>
                            <dt>{name}</dt>
                            <dd title={micro && micro.unknown.length > 0 ? `not known for ${micro.unknown.join(', ')}` : undefined}>
                                <Why path={`us.${key}`} of={name}>
                                    {micro && micro.unknown.length > 0 ? 'at least ' : ''}
                                    {Number(value.toFixed(key === 'calories' || key.endsWith('mg') ? 0 : 1))} {unit}
                                </Why>
                            </dd>
                        </Box>
                    );
                })}
            </Box>
            <h2 className="name" style={{ margin: '10px 0 2px', fontSize: 'var(--text-head)' }}>
                Allergens
            </h2>
            {[['EU', eu] as const, ['US', us] as const].map(([regime, lists]) => (
                <Box key={regime} sx={{ py: '2px' }}>
                    <strong>{regime}</strong>{' '}
                    {Object.entries(lists.contains).map(([allergen, names]) => `${allergen} (${names.join(', ')})`).join('; ') || (reading.questions.length > 0 ? 'none so far' : 'none listed')}{reading.questions.length > 0 && '; unknown for the lines above'}
                    {Object.keys(lists.may_contain).length > 0 && `; packets may warn of ${Object.keys(lists.may_contain).join(', ')}`}
                </Box>
            ))}
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>By ingredient; what meets what in the kitchen is not computed.</Box>
        </Box>
    );
}
