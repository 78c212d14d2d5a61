import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { labelQuery } from '../../api/queries';
import type { Card, Label } from '../../api/types';
import { LABELS } from '../../api/words';
import { ProblemNote } from '../../shared/ProblemNote';
import { Waiting } from '../../shared/Waiting';
import { Paper, Part, ruled } from './Paper';
import type { SheetId } from '../../shared/sheets';

/** What a label says where it is sold: as it would print, with what keeps it from being final first. */
export function LabelSheet({ card, size }: { card: Card; size: SheetId }) {
    const [regime, setRegime] = useState('eu');
    const { data, error } = useQuery({ ...labelQuery(card.version_id, regime), placeholderData: keepPreviousData });
    return (
        <Paper card={card} name="Label" size={size}>
            <Box className="no-print" sx={{ my: 1 }}>
                <TextField select size="small" label="Sold in" value={regime} onChange={(e) => setRegime(e.target.value)} sx={{ minWidth: 220 }}>
                    {LABELS.map((one) => <MenuItem key={one.id} value={one.id}>{one.name}</MenuItem>)}
                </TextField>
            </Box>
            {error && <ProblemNote error={error} />}
            {!data && !error && <Waiting what="the label" />}
            {data && data.corrected_since.length > 0 && <Box className="no-print" role="status" sx={{ bgcolor: 'var(--cobalt-wash)', borderRadius: '9px', p: '6px 12px', mb: 1 }}><strong>By the shelf as it was.</strong> Corrected since: {data.corrected_since.join(', ')}. <Link to={`/bench/${card.version_id}`}>Take today’s shelf on the Bench</Link>.</Box>}
            {data && <Printed label={data} />}
        </Paper>
    );
}

function Printed({ label }: { label: Label }) {
    return (
        <>
            {!label.final && (
                <Box sx={{ bgcolor: 'var(--yolk-wash)', border: '1.5px solid var(--yolk)', borderRadius: '9px', p: '6px 12px', mb: 1 }}>
                    <strong>Not final:</strong> {label.not_final_because.join('; ')}.
                    {label.not_final_because.some((one) => /packet|sulphites/.test(one)) && <span className="no-print"> A packet’s list and sulphites are entered on the <Link to="/shelf">Shelf</Link>, by “Correct from a packet”.</span>}
                </Box>
            )}
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) max-content' }, '@media print': { gridTemplateColumns: 'minmax(0, 1fr) max-content' }, gap: 2 }}>
                <Box>
                    <strong style={{ fontSize: 'var(--text-head)' }}>{label.name}</strong>{label.name_words.length > 0 && ` ${label.name_words.join(', ')}`}
                    <p style={{ margin: '6px 0' }}>{emphasised(label.ingredients.text)}</p>
                    {label.allergens.statement !== null && <p style={{ margin: '6px 0', fontWeight: 650 }}>{label.allergens.statement}</p>}
                    {label.allergens.may_contain.length > 0 && <p style={{ margin: '6px 0' }}>Its packets warn of {label.allergens.may_contain.join(', ')}: “may contain” is for whoever judged the risk, not for a computation.</p>}
                    {label.kitchen !== '' && <p style={{ margin: '6px 0' }}>{label.kitchen}.</p>}
                    {label.allergens.unknown.length > 0 && <p style={{ margin: '6px 0', color: 'var(--beet)', fontWeight: 650 }}>Not known: {label.allergens.unknown.join(', ')}.</p>}
                    {[...label.statements, ...label.symbols, ...label.marks].map((one) => <p key={one} style={{ margin: '6px 0', fontWeight: 650 }}>{one}</p>)}
                    {label.particulars.lines.map((one) => <p key={one.what} style={{ margin: '6px 0' }}><span style={{ color: 'var(--ink-soft)' }}>{one.what}:</span> {one.printed} <span style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>({one.article}{one.mark === 'mem' && ', recalled without certainty'})</span></p>)}
                    {label.particulars.colours.length > 0 && <p style={{ margin: '6px 0' }}><span style={{ color: 'var(--ink-soft)' }}>colours, voluntary:</span> {label.particulars.colours.map((one) => `${one.nutrient} ${one.colour}`).join(', ')}</p>}
                    <p style={{ margin: '6px 0' }}><strong>To be put on by hand:</strong> {label.particulars.by_hand.join('; ')}.</p>
                    <Box component="details" className="no-print" sx={{ fontSize: 'var(--text-small)' }}>
                        <summary style={{ cursor: 'pointer' }}>Rules that were applied</summary>
                        <ul style={{ margin: '4px 0', paddingLeft: 18 }}>{label.rules.map((one) => <li key={one.what}>{one.what}{one.article !== '' && ` (${one.article})`}{one.mark === 'mem' && ', recalled without certainty'}</li>)}</ul>
                    </Box>
                </Box>
                <Nutrition of={label.nutrition} />
            </Box>
            {label.claims.length > 0 && (
                <Part title="Claims that were looked at" mayBreak>
                    <Box component="table" aria-label="Claims" sx={ruled}>
                        <thead><tr><th scope="col">claim</th><th scope="col">stands</th><th scope="col" className="n">it has</th><th scope="col">what it asks</th></tr></thead>
                        <tbody>
                            {label.claims.map((one) => (
                                <tr key={one.claim}>
                                    <th scope="row">{one.claim}</th>
                                    <td style={{ fontWeight: 650, color: one.standing === 'met' ? 'var(--herb)' : one.standing === 'unproven' ? 'var(--yolk)' : undefined, whiteSpace: 'nowrap' }}>{one.standing}</td>
                                    <td className="n">{one.value} {one.unit}</td>
                                    <td>{one.condition}{one.note !== '' && `; ${one.note}`} <span style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{one.source}{one.mark === 'mem' && ', recalled'}</span></td>
                                </tr>
                            ))}
                        </tbody>
                    </Box>
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>None of them is printed by itself: whether it may be made is for whoever answers for the pack.</Box>
                </Part>
            )}
            <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', mt: 1 }}>{label.edition}. Revision {label.revision}. Computed, not analysed: check it with the authority of the market, and ask a licensed practice where your code does.</Box>
        </>
    );
}

/** The nutrition table; a large unit that may be eaten at once has a second pair of columns for the whole of it, in place of 100 g. */
function Nutrition({ of: { serving_g, servings_words, rows, whole } }: { of: Label['nutrition'] }) {
    const cells = { borderBottom: '1px solid var(--line)', p: whole ? '3px 0 3px 10px' : '3px 0 3px 14px' };
    return (
        <Box component="table" aria-label="Nutrition as printed" sx={{ borderCollapse: 'collapse', alignSelf: 'start', fontVariantNumeric: 'tabular-nums', '& th, & td': { textAlign: 'right', whiteSpace: 'nowrap', ...cells }, '& th:first-of-type': { textAlign: 'left', fontWeight: 400, pl: 0 }, '& caption': { textAlign: 'left', pb: '2px' } }}>
            <caption>{servings_words} servings in all</caption>
            <thead>
                <tr>
                    <th scope="col" aria-label="What" />{!whole && <th scope="col">100 g</th>}<th scope="col">{serving_g.toFixed(0)} g serving</th><th scope="col">%</th>
                    {whole && <><th scope="col">all {whole.grams.toFixed(0)} g</th><th scope="col" aria-label="% of all">%</th></>}
                </tr>
            </thead>
            <tbody>
                {rows.map((row, n) => (
                    <tr key={row.key}>
                        <th scope="row" style={{ paddingLeft: row.within === '' ? undefined : 18 }}>{row.name}</th>
                        {!whole && <td>{row.per_100g.printed}</td>}
                        <td>{row.per_serving.printed}</td>
                        <td>{row.dv?.printed ?? ''}</td>
                        {whole && <><td>{whole.rows[n]?.per_serving.printed ?? ''}</td><td>{whole.rows[n]?.dv?.printed ?? ''}</td></>}
                    </tr>
                ))}
            </tbody>
        </Box>
    );
}

/** Text with **words** set bold, as a label emphasises its allergens. */
const emphasised = (text: string) => text.split('**').map((part, n) => (n % 2 === 1 ? <strong key={n}>{part}</strong> : part));
