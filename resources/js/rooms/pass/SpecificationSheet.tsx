import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { labelQuery, specificationQuery } from '../../api/queries';
import type { Card, Label, Specification } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { counted, oneDecimal } from '../../shared/numbers';
import { Waiting } from '../../shared/Waiting';
import { dietName } from '../../shared/words';
import { Paper, Part, ruled } from './Paper';
import type { SheetId } from '../../shared/sheets';

/** What a customer is sent who asks what is in it, how it keeps and what is not known. */
export function SpecificationSheet({ card, size }: { card: Card; size: SheetId }) {
    const label = useQuery(labelQuery(card.version_id, 'eu'));
    const asked = useQuery(specificationQuery(card.version_id));
    const error = label.error ?? asked.error;
    return (
        <Paper card={card} name="Specification" size={size}>
            {error && <ProblemNote error={error} onRetry={() => { void label.refetch(); void asked.refetch(); }} />}
            {!error && (label.data === undefined || asked.data === undefined) && <Waiting what="the specification" />}
            {label.data && asked.data && <Printed card={card} label={label.data} asked={asked.data} />}
        </Paper>
    );
}

function Printed({ card, label, asked }: { card: Card; label: Label; asked: Specification }) {
    // Why is told of what was asked for and of what might be so; of the rest, that it is not.
    const told = asked.diets.filter((one) => one.standing !== 'not met' || card.brief.diets.includes(one.diet));
    return (
        <>
            {/* Worst first: a buyer reads what is open before what is said. */}
            <Part title="Not answered here">
                <ul style={{ margin: 0, paddingLeft: 18 }}>{asked.questions.map((one) => <li key={one}>{one}</li>)}</ul>
            </Part>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '3fr 2fr' }, columnGap: 3, '@media print': { gridTemplateColumns: '3fr 2fr' } }}>
                <Part title="Composition, as it goes into the bowl">
                    <Box component="table" aria-label="Composition" sx={ruled}>
                        <thead><tr><th scope="col">ingredient</th><th scope="col" className="n">%</th><th scope="col">allergens</th></tr></thead>
                        <tbody>
                            {label.ingredients.list.map((one, n) => (
                                <tr key={`${one.name} ${n}`}><th scope="row">{one.name}{one.class !== null && <span style={{ color: 'var(--ink-soft)' }}>, {one.class}</span>}</th><td className="n">{one.percent < 0.1 ? '< 0.1' : one.percent.toFixed(1)}</td><td>{one.allergens.join(', ')}</td></tr>
                            ))}
                        </tbody>
                    </Box>
                </Part>
                <Part title="Nutrition in 100 g, computed">
                    <Box component="table" aria-label="Nutrition" sx={ruled}>
                        <tbody>{label.nutrition.rows.map((row) => <tr key={row.key}><th scope="row" style={{ paddingLeft: row.within === '' ? undefined : 14 }}>{row.name}</th><td className="n">{row.per_100g.printed}</td></tr>)}</tbody>
                    </Box>
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>{label.edition}. A portion is {Math.round(card.portion_g)} g.</Box>
                </Part>
            </Box>
            <Part title="Allergens">
                <div><strong>Contains: {label.allergens.contains.join(', ') || (card.final ? 'none of the fourteen by its lines' : 'not settled')}.</strong></div>
                {label.allergens.may_contain.length > 0 && <div>Packets warn of: {label.allergens.may_contain.join(', ')}.</div>}
                {label.allergens.unknown.length > 0 && <div style={{ color: 'var(--beet)', fontWeight: 650 }}>Not known: {label.allergens.unknown.join(', ')}.</div>}
                {asked.kitchen !== '' && <div>{asked.kitchen}.</div>}
            </Part>
            <Part title="By layer">
                <Box component="table" aria-label="Layers" sx={ruled}>
                    <thead><tr><th scope="col">layer</th><th scope="col" className="n">% of the dish</th><th scope="col" className="n">pH</th><th scope="col" className="n">water activity</th><th scope="col" className="n">water, %</th><th scope="col">reads as</th></tr></thead>
                    <tbody>
                        {asked.layers.map((one, n) => (
                            <tr key={`${one.layer} ${n}`}><th scope="row">{one.layer}, {one.treated}</th><td className="n">{one.percent.toFixed(0)}</td><td className="n">{one.ph === null ? 'not known' : oneDecimal(one.ph)}</td><td className="n">{one.water_activity.toFixed(2)}</td><td className="n">{one.water.toFixed(0)}</td><td>{one.set}</td></tr>
                        ))}
                    </tbody>
                </Box>
            </Part>
            <Part title="Keeping">
                <div>At {asked.storage.celsius} °C or colder, covered: {counted(asked.storage.days, 'day')}, the day of making counted, because of {asked.storage.why.join('; ')}. An estimate: no shelf-life test was made.</div>
            </Part>
            <Part title="Diets" mayBreak>
                <Box component="table" aria-label="Diets" sx={ruled}>
                    <tbody>{told.map((one) => <tr key={one.diet}><th scope="row" style={{ whiteSpace: 'nowrap' }}>{dietName(one.diet)}</th><td style={{ fontWeight: 650, whiteSpace: 'nowrap' }}>{one.standing}</td><td>{one.why.join('; ')}</td></tr>)}</tbody>
                </Box>
                <div>Not met: {asked.diets.filter((one) => one.standing === 'not met' && !told.includes(one)).map((one) => dietName(one.diet).toLowerCase()).join(', ') || 'none'}.</div>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>By the lines and their packets. No diet is an allergy statement, and none is a claim that a law allows by itself.</Box>
            </Part>
        </>
    );
}
