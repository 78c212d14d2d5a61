import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { costQuery } from '../../api/queries';
import type { Card, Cost, CostRates } from '../../api/types';
import { useWrite } from '../../api/useWrite';
import { minorOf, plainMoney, useMoney } from '../../shared/money';
import { grams, longDay, typedAs, typedOrText } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { Paper, Part, ruled } from './Paper';
import type { SheetId } from '../../shared/sheets';
import { Only } from '../../shared/Only';

const signed = (percent: number | null) => (percent === null ? '' : `${percent > 0 ? '+' : '−'}${Math.abs(percent).toFixed(Math.abs(percent) < 10 ? 1 : 0)} %`);

/** What a portion costs and why, by whose prices, against what it was and beside the other versions; what is left of its price. */
export function CostSheet({ card, size }: { card: Card; size: SheetId }) {
    const [asOf, setAsOf] = useState('');
    const [since, setSince] = useState('');
    const { data, error, isPending, refetch } = useQuery({ ...costQuery(card.version_id, asOf, since), placeholderData: keepPreviousData });
    const days = (label: string, value: string, nothing: string, onDay: (day: string) => void) => (
        <TextField select size="small" label={label} value={value} onChange={(e) => onDay(e.target.value)} sx={{ minWidth: 210 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
            <MenuItem value="">{nothing}</MenuItem>
            {data?.dates.map((day) => <MenuItem key={day} value={day}>{longDay(day)}</MenuItem>)}
        </TextField>
    );
    return (
        <Paper card={card} name="Cost" size={size}>
            <Box className="no-print" sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', my: 1.25 }}>
                {days('By the prices of', asOf, 'today', setAsOf)}
                {days('Against those of', since, 'no other day', setSince)}
            </Box>
            {isPending && <Waiting what="what it costs"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && <Reckoned key={`${data.said} ${data.studio_revision}`} card={card} cost={data} />}
        </Paper>
    );
}

function Reckoned({ card, cost }: { card: Card; cost: Cost }) {
    const money = useMoney();
    const bought = cost.lines.reduce((sum, line) => sum + line.minor, 0);
    const rest: [string, number][] = [[`Hands, at ${money(cost.assumed.labour)} an hour`, cost.labour_minor], [`Oven and hob, at ${money(cost.assumed.energy)} a kWh`, cost.energy_minor], [`Packaging, ${money(cost.rates.packaging)} a portion`, cost.packaging_minor]];
    return (
        <>
            {cost.unpriced.length > 0 && <Box role="alert" sx={{ border: '1.5px solid var(--yolk)', bgcolor: 'var(--yolk-wash)', borderRadius: '9px', p: '6px 12px', my: 1 }}><strong>Less than it will cost:</strong> nobody has a price for {cost.unpriced.join(', ')}.</Box>}
            <Box sx={{ display: 'flex', gap: 3, alignItems: 'baseline', flexWrap: 'wrap', mt: 1 }}>
                <span className="figure" style={{ fontSize: 'var(--text-room)', fontWeight: 650 }}>{money(cost.portion_minor)}</span> <span>a portion, {money(cost.batch_minor)} for {cost.portions}, by the prices of {longDay(cost.as_of)}</span>
            </Box>
            {cost.since && (
                <p style={{ margin: '4px 0' }}>
                    {cost.since.because.length === 0 ? `As on ${longDay(cost.since.date)}: nothing in it changed its price.` : <>It was {money(cost.since.portion_minor)} on {longDay(cost.since.date)}: <strong>{signed(cost.since.percent)}</strong>, because of {cost.since.because.slice(0, 5).map((one) => `${one.name.toLowerCase()} (${signed(one.percent)})`).join(', ')}.</>}
                </p>
            )}
            <Sells card={card} cost={cost} />
            <Part title="What goes in" mayBreak>
                <Box component="table" aria-label="Cost by line" sx={ruled}>
                    <thead><tr><th scope="col">line</th><th scope="col" className="n">bought, g</th><th scope="col" className="n">cost</th><th scope="col" className="n">%</th><th scope="col">whose price</th></tr></thead>
                    <tbody>
                        {cost.lines.map((line, n) => (
                            <tr key={`${line.ingredient} ${n}`}>
                                <th scope="row">{line.name}</th><td className="n">{grams(line.grams_bought)}</td><td className="n" style={{ fontWeight: 650 }}>{money(line.minor)}</td><td className="n">{cost.batch_minor > 0 ? ((100 * line.minor) / cost.batch_minor).toFixed(0) : ''}</td>
                                <td style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{line.by === null ? 'the shelf’s own' : `${line.by.supplier}, ${longDay(line.by.dated_on)}`}</td>
                            </tr>
                        ))}
                        <tr><th scope="row">All that is bought</th><td /><td className="n" style={{ fontWeight: 650 }}>{money(bought)}</td><td className="n">{cost.batch_minor > 0 ? ((100 * bought) / cost.batch_minor).toFixed(0) : ''}</td><td /></tr>
                        {rest.map(([name, minor]) => <tr key={name}><th scope="row">{name}</th><td /><td className="n" style={{ fontWeight: 650 }}>{money(minor)}</td><td className="n">{cost.batch_minor > 0 ? ((100 * minor) / cost.batch_minor).toFixed(0) : ''}</td><td /></tr>)}
                    </tbody>
                </Box>
            </Part>
            <Part title="The versions beside each other, a portion">
                <Box component="table" aria-label="Cost by version" sx={{ ...ruled, width: 'auto', minWidth: 320 }}>
                    <tbody>
                        {cost.beside.map((one) => {
                            const original = cost.beside[0]?.portion_minor ?? 0;
                            return <tr key={one.version_id}><th scope="row">{one.version_id === card.version_id ? <strong>{one.version}</strong> : <Link to={`/pass/${one.version_id}/cost`}>{one.version}</Link>}</th><td className="n">{money(one.portion_minor)}</td><td className="n">{one.version_id !== cost.beside[0]?.version_id && original > 0 ? signed((100 * (one.portion_minor - original)) / original) : ''}</td><td>{one.unpriced > 0 && 'less than it will cost'}</td></tr>;
                        })}
                    </tbody>
                </Box>
            </Part>
            <Reckons cost={cost} />
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 1 }}>
                Hands by the making’s own minutes, heat by the time oven and hob are on, both from memory until your kitchen says its own. Suppliers’ lists are read in on the <Link to="/clock">Clock</Link>, under “Price lists”; the latest of each counts, and of several packs the cheapest by weight.
            </Box>
        </>
    );
}

/** What a portion sells for, and what is left of it. */
function Sells({ card, cost }: { card: Card; cost: Cost }) {
    const money = useMoney();
    const client = useQueryClient();
    const write = useWrite(cost.said);
    const [typed, setTyped] = useState(cost.sells_minor === null ? '' : plainMoney(cost.sells_minor));
    const keep = useMutation({ mutationFn: () => write<Cost>('PUT', `versions/${card.version_id}/sells`, { minor: typedAs(typed, minorOf) }), onSuccess: () => client.invalidateQueries({ queryKey: ['cost'] }) });
    const tax = cost.rates.tax_percent > 0 ? `${cost.rates.tax_word || 'tax'} of ${cost.rates.tax_percent} % in it` : 'no tax in it';
    return (
        <>
            <Box component="form" className="no-print" sx={{ display: 'flex', gap: 1, alignItems: 'center', mt: 1 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); keep.mutate(); }}>
                <TextField size="small" label={`Sells for, ${cost.currency} a portion`} value={typed} onChange={(e) => setTyped(e.target.value)} sx={{ width: 200 }} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                <Only to="develop"><Button type="submit" variant="outlined" disabled={keep.isPending}>Keep the price</Button></Only>
            </Box>
            {keep.error && <ProblemNote error={keep.error} />}
            {cost.left_minor !== null && cost.sells_minor !== null && (
                <p style={{ margin: '6px 0' }}>
                    Of {money(cost.sells_minor)} ({tax}) <strong style={{ color: cost.left_minor < 0 ? 'var(--beet)' : undefined }}>{money(cost.left_minor)}</strong> is left{cost.left_percent === null ? '' : `, ${cost.left_percent.toFixed(0)} %`}, before rent and everything else that is not reckoned here.
                </p>
            )}
        </>
    );
}

/** What the studio reckons with. */
function Reckons({ cost }: { cost: Cost }) {
    const client = useQueryClient();
    const write = useWrite(cost.studio_revision);
    const text = (minor: number | null) => (minor === null ? '' : plainMoney(minor));
    const [form, setForm] = useState({ labour: text(cost.rates.labour), energy: text(cost.rates.energy), packaging: text(cost.rates.packaging), tax_word: cost.rates.tax_word, tax_percent: String(cost.rates.tax_percent) });
    const keep = useMutation({
        mutationFn: () => write<CostRates>('PUT', 'studio/rates', { labour: typedAs(form.labour, minorOf), energy: typedAs(form.energy, minorOf), packaging: typedAs(form.packaging, minorOf) ?? 0, tax_word: form.tax_word, tax_percent: typedOrText(form.tax_percent) ?? 0 }),
        onSuccess: () => Promise.all([client.invalidateQueries({ queryKey: ['cost'] }), client.invalidateQueries({ queryKey: ['studio'] })]),
    });
    const field = (key: keyof typeof form, label: string, width: number, hint?: string) => <TextField size="small" label={label} value={form[key]} placeholder={hint} onChange={(e) => setForm({ ...form, [key]: e.target.value })} sx={{ width }} slotProps={{ inputLabel: { shrink: true } }} />;
    return (
        <Box component="details" className="no-print" sx={{ mt: 1.5 }}>
            <summary style={{ cursor: 'pointer', fontWeight: 650 }}>What this studio reckons with</summary>
            <Box component="form" aria-label="What this studio reckons with" sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'center', mt: 1.5 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); keep.mutate(); }}>
                {field('labour', `Hands, ${cost.currency} an hour`, 150, plainMoney(cost.assumed.labour))}
                {field('energy', `Energy, ${cost.currency} a kWh`, 150, plainMoney(cost.assumed.energy))}
                {field('packaging', `Packaging, ${cost.currency} a portion`, 180)}
                {field('tax_word', 'Tax is called', 110, 'VAT')}
                {field('tax_percent', 'Tax in a price, %', 120)}
                <Only to="govern"><Button type="submit" variant="outlined" disabled={keep.isPending}>Reckon so</Button></Only>
            </Box>
            {keep.error && <ProblemNote error={keep.error} />}
        </Box>
    );
}
