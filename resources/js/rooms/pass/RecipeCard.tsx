import Box from '@mui/material/Box';
import { QRCodeSVG } from 'qrcode.react';
import type { Card } from '../../api/types';
import { counted, grams } from '../../shared/numbers';
import { SchoolsAtWork } from '../../shared/SchoolsAtWork';
import { dietName } from '../../shared/words';
import { Paper } from './Paper';
import type { SheetId } from '../../shared/sheets';

const rule = { borderTop: '1.5px solid var(--rim)', pt: 1, mt: 1.5 } as const;

/** The card: grams, method, portion, allergens, diets, cautions. */
export function RecipeCard({ card, size, us }: { card: Card; size: SheetId; us: boolean }) {
    const asked = card.diets.filter((diet) => card.brief.diets.includes(diet.diet));
    return (
        <Paper card={card} name="Recipe card" size={size} label={`Card of ${card.title}, ${card.version}`}>
            <div>
                {counted(card.portions, 'portion')} of {Math.round(card.portion_g)} g{us && ` (${card.portion_oz} oz)`} · served at {card.serve_at_c} °C{us && ` (${card.serve_at_f} °F)`}{card.tins.length > 0 ? ` · ${card.tins.join(', ')}` : ''}
            </div>
            {asked.map((diet) => (
                <div key={diet.diet}>
                    <strong>
                        {dietName(diet.diet)}: {diet.standing}
                    </strong>
                    {diet.why.length > 0 && `. ${diet.why.join('; ')}`}
                </div>
            ))}
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '250px 1fr' }, gap: 3, '@media print': { gridTemplateColumns: '250px 1fr', gap: 3 }, ...rule }}>
                <div>
                    {card.ingredients.map((layer) => (
                        <Box key={layer.layer} sx={{ mb: 1.5 }}>
                            <h3 className="name" style={{ margin: '0 0 2px', fontSize: 'var(--text-title)' }}>
                                {layer.layer}
                            </h3>
                            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mb: 0.25 }}>{layer.treat}</Box>
                            <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', '& td': { py: '2px', verticalAlign: 'top', borderTop: '1px solid var(--line)' } }}>
                                <tbody>
                                    {layer.lines.map((line, n) => (
                                        <tr key={n}>
                                            <td style={{ textAlign: 'right', fontWeight: 700, width: 78, paddingRight: 12, whiteSpace: 'nowrap' }}>{grams(line.grams)} g</td>
                                            <td>
                                                {line.name}
                                                {us && line.us !== '' && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{line.us}</Box>}
                                                {line.note && <span style={{ color: 'var(--ink-soft)' }}>, {line.note}</span>}
                                                {line.made_of.length > 0 && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>of {line.made_of.map((part) => `${grams(part.grams)} g ${part.name}`).join(', ')}</Box>}
                                            </td>
                                        </tr>
                                    ))}
                                </tbody>
                            </Box>
                        </Box>
                    ))}
                </div>
                <div>
                    <h3 className="name" style={{ margin: '0 0 4px', fontSize: 'var(--text-title)' }}>
                        Method
                    </h3>
                    <ol style={{ margin: 0, paddingLeft: 20, lineHeight: 1.5 }}>
                        {card.steps.map((step, n) => (
                            <li key={n} style={{ marginBottom: 4 }}>
                                {step}
                                {card.changed_steps.includes(n) && <Box component="strong" sx={{ fontSize: 'var(--text-small)', color: 'var(--cobalt)' }}> not so in the original</Box>}
                            </li>
                        ))}
                    </ol>
                    {card.is_own_words && <Box sx={{ fontSize: 'var(--text-plain)', color: 'var(--ink-soft)', mt: 0.5 }}>In the studio’s own words.</Box>}
                    {card.quarrels.length > 0 && (
                        <Box role="status" sx={{ border: '2px solid var(--yolk)', borderRadius: '9px', p: '6px 12px', mt: 1 }}>
                            <strong style={{ color: 'var(--yolk)' }}>Words and formula do not agree:</strong>
                            {card.quarrels.map((one) => <div key={one}>{one}</div>)}
                        </Box>
                    )}
                    {card.preparations.map((made) => (
                        <Box key={made.name} sx={{ mt: 1.25 }}>
                            <h3 className="name" style={{ margin: '0 0 2px', fontSize: 'var(--text-lead)' }}>
                                {made.name}, {grams(made.grams)} g, made before
                            </h3>
                            <ol style={{ margin: 0, paddingLeft: 20 }}>
                                {made.steps.map((step, n) => (
                                    <li key={n}>{step}</li>
                                ))}
                            </ol>
                            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>Keeps {counted(made.keeps_days, 'day')} cold.</Box>
                        </Box>
                    ))}
                    {card.own_method.length > 0 && (
                        <Box sx={{ mt: 1.25 }}>
                            <h3 className="name" style={{ margin: '0 0 2px', fontSize: 'var(--text-lead)' }}>
                                As the dish was written
                            </h3>
                            {card.version !== 'Original' && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>Of the original: what was swapped may ask for other steps.</Box>}
                            {card.own_method.map((step, n) => (
                                <div key={n}>{step}</div>
                            ))}
                        </Box>
                    )}
                    <SchoolsAtWork schools={card.schools_at_work} acts="method" sx={{ mt: 0.5 }} />
                </div>
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '250px 1fr' }, gap: 3, '@media print': { gridTemplateColumns: '250px 1fr', gap: 3 }, breakInside: 'avoid', ...rule }}>
                <div>
                    <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', fontSize: 'var(--text-plain)', '& td': { textAlign: 'right', p: '1px 0 1px 8px', whiteSpace: 'nowrap' }, '& th': { textAlign: 'left', fontWeight: 400 }, '& tbody tr': { borderTop: '1px solid var(--line)' } }}>
                        <caption style={{ textAlign: 'left', fontWeight: 650, paddingBottom: 3 }}>Nutrition, computed</caption>
                        <thead>
                            <tr style={{ color: 'var(--ink-soft)' }}>
                                <th scope="col" />
                                <td>portion</td>
                                <td>100 g</td>
                            </tr>
                        </thead>
                        <tbody>
                            {card.facts.map((fact) => (
                                <tr key={`${fact.name}${fact.unit}`}>
                                    <th scope="row" style={fact.name.startsWith('of which') ? { paddingLeft: 12 } : undefined}>
                                        {fact.name}, {fact.unit}
                                    </th>
                                    <td style={{ fontWeight: 650 }}>{fact.portion}</td>
                                    <td>{fact.per_100g}</td>
                                </tr>
                            ))}
                        </tbody>
                    </Box>
                </div>
                <div>
                    <h3 className="name" style={{ margin: '0 0 2px', fontSize: 'var(--text-title)' }}>
                        Allergens
                    </h3>
                    <div>
                        {!card.final && <strong style={{ color: 'var(--beet)' }}>Unknown until every line is answered. </strong>}
                        <strong>{card.final ? 'Contains' : 'As far as it is read'}: {card.contains.join(', ') || (card.final ? 'none of the listed ones' : 'nothing listed')}.</strong>
                        {card.may_contain.length > 0 && ` Packets may warn of: ${card.may_contain.join(', ')}.`}
                        {card.kitchen.may_carry.length > 0 && ` This kitchen may carry in: ${card.kitchen.may_carry.join(', ')} (${card.kitchen.words.charAt(0).toLowerCase()}${card.kitchen.words.slice(1)}).`}
                        {card.kitchen.words === '' && ' What this kitchen handles has not been said, so cross-contact is not on this card.'}
                    </div>
                    <h3 className="name" style={{ margin: '10px 0 2px', fontSize: 'var(--text-title)' }}>
                        Cautions
                    </h3>
                    <ul style={{ margin: 0, paddingLeft: 18, lineHeight: 1.4 }}>
                        {card.cautions.map((caution) => (
                            <li key={caution}>{caution}</li>
                        ))}
                    </ul>
                </div>
            </Box>
            {card.qr !== null && (
                <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', ...rule, breakInside: 'avoid' }}>
                    <Box sx={{ bgcolor: '#fff', p: '6px', lineHeight: 0 }}><QRCodeSVG value={card.qr} size={200} level="L" title="The formula as text" /></Box>
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', maxWidth: 330 }}>The code carries the formula itself, as rows of text. A telephone shows them without any network; pasted on a Counter, they are this dish again.</Box>
                </Box>
            )}
        </Paper>
    );
}
