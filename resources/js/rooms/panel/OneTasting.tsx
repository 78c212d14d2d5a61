import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { call } from '../../api/client';
import { tastingQuery, tastingsQuery } from '../../api/queries';
import type { Pouring, Tasting } from '../../api/types';
import { counted, inPercent, longDay } from '../../shared/numbers';
import { PageFoot } from '../../shared/PageFoot';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { useRemoval } from '../../shared/useRemoval';
import { asksFor, METHODS } from './methods';
import { TastingResult } from './TastingResult';
import { Only } from '../../shared/Only';

const LOOPBACK = ['127.0.0.1', 'localhost', '[::1]'];

/** One tasting: laid, open, closed. Its count stays hidden until the end. */
export function OneTasting({ id }: { id: number }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const { data, error, isPending, refetch } = useQuery(tastingQuery(id));
    const [pouring, setPouring] = useState<Pouring[] | null>(null);
    const [sure, setSure] = useState(false);
    const key = useMutation({ mutationFn: () => call<Pouring[]>('POST', `tastings/${id}/key`), onSuccess: setPouring });
    const close = useMutation({
        mutationFn: () => call<Tasting>('POST', `tastings/${id}/close`, { revision: data?.edition }),
        onSuccess: async (now) => {
            client.setQueryData(tastingQuery(id).queryKey, now);
            await client.invalidateQueries({ queryKey: tastingsQuery().queryKey, exact: true });
        },
    });
    const free = useMutation({
        mutationFn: (seat: number) => call<Tasting>('DELETE', `tastings/${id}/seats/${seat}`),
        onSuccess: (now) => client.setQueryData(tastingQuery(id).queryKey, now),
    });
    const { told } = useRemoval();
    const remove = useMutation({
        mutationFn: () => call<undefined>('DELETE', `tastings/${id}`),
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: tastingsQuery().queryKey, exact: true });
            void navigate('/panel');
            told('tastings', id, data?.title ?? 'The tasting');
        },
    });
    if (isPending) return <Waiting what="the tasting"><LinesWaiting /></Waiting>;
    if (error) return <ProblemNote error={error} onRetry={() => void refetch()} />;
    const failed = key.error ?? close.error ?? remove.error ?? free.error;
    const isOpen = data.closed_at === null;
    const left = data.tasters - data.answered;
    const address = `${window.location.origin}/table/${data.code}`;
    return (
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', md: isOpen ? '1fr 300px' : '1fr' }, alignItems: 'start' }}>
            <Box sx={{ display: 'grid', gap: 1.5 }}>
                {failed && <ProblemNote error={failed} />}
                <Panel component="section" aria-label={data.title} className="sheet">
                    <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-name)' }}>{data.title}</h2>
                    <div>{METHODS.find((one) => one.id === data.method)?.name}{data.plan.question !== '' && `: “${data.plan.question}”`}; {counted(data.tasters, 'taster')}, laid out by {data.who}.</div>
                    {data.power && (
                        <Box sx={{ mt: 0.5 }}>
                            Fixed beforehand: {data.power.critical === null ? <strong>so few can show nothing, whatever they say.</strong> : <>{data.power.critical} of {data.tasters} must be right; a difference that {inPercent(data.plan.pd)} can tell is then found <strong>{inPercent(data.power.here)}</strong> of the time.</>}{' '}
                            {data.power.needed && data.power.here < data.plan.power && `For ${inPercent(data.plan.power)} it takes ${data.power.needed.safe}.`}{' '}
                            {data.plan.sided === 'one' && data.method !== 'paired' && (data.power.alike === null ? 'So few can never show that they are alike.' : `At most ${data.power.alike} right would show that no more than ${inPercent(data.plan.pd)} can tell.`)}
                        </Box>
                    )}
                    {!data.balanced && <Box sx={{ color: 'var(--yolk)', mt: 0.5 }}>Not every order is tasted equally often: a number that {data.round} goes into would be.</Box>}
                    <Samples data={data} />
                </Panel>
                {data.result && <TastingResult data={data} result={data.result} />}
                {isOpen && (
                    <Panel className="no-print">
                        <Box sx={{ fontSize: 'var(--text-lead)' }}>
                            <strong>{data.answered} of {data.tasters}</strong> have answered{data.taken > data.answered && `, ${data.taken - data.answered} sit and taste`}. How they answered stays sealed until it is closed: no early look, no early stop.
                        </Box>
                        <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap' }}>
                            <Only to="record"><Button variant="contained" onClick={() => (left > 0 && !sure ? setSure(true) : close.mutate())} disabled={close.isPending}>
                                {left > 0 && sure ? `Close it though ${left} have not answered` : 'Close and count'}
                            </Button></Only>
                            <Only to="record"><Button variant="outlined" onClick={() => (pouring ? setPouring(null) : key.mutate())} disabled={key.isPending}>
                                {pouring ? 'Hide what is poured' : 'Show what is poured (whoever looks does not taste)'}
                            </Button></Only>
                            {pouring && <Button variant="outlined" onClick={() => window.print()}>Print the sheets</Button>}
                            <Only to="record"><Button color="error" onClick={() => remove.mutate()} disabled={remove.isPending}>Take away</Button></Only>
                        </Box>
                    </Panel>
                )}
                {isOpen && <Seats data={data} busy={free.isPending} onFree={(seat) => free.mutate(seat)} />}
                {pouring && <Sheets data={data} pouring={pouring} />}
            </Box>
            {isOpen && (
                <Panel className="no-print" sx={{ textAlign: 'center' }}>
                    <QRCodeSVG value={address} size={220} marginSize={2} title={`Code that opens ${address}`} />
                    <div>Opens a seat on a phone. No name is asked, and nothing else is opened.</div>
                    <Box sx={{ my: 0.5, fontWeight: 650, overflowWrap: 'anywhere' }}><a href={address}>{address}</a></Box>
                    {LOOPBACK.includes(window.location.hostname) && <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--yolk)', textAlign: 'left' }}>This page is open under a name only this machine knows. For phones start the server with TRANSMUTA_LISTEN and TRANSMUTA_HOSTS (README), and open the Panel by that name; or pass this screen round.</Box>}
                </Panel>
            )}
        </Box>
    );
}

/** Who sits where, from which place, without a name or an answer; one that was left, or taken by a hand that sits at others too, is freed. */
function Seats({ data, busy, onFree }: { data: Tasting; busy: boolean; onFree: (seat: number) => void }) {
    const taken = data.seats.filter((seat) => seat.is_taken);
    const places = new Set(taken.map((seat) => seat.from));
    if (taken.length === 0) return null;
    return (
        <Panel component="section" aria-label="Seats that are taken" className="no-print">
            <h2 className="name" style={{ margin: '0 0 4px', fontSize: 'var(--text-title)' }}>Seats that are taken</h2>
            {taken.length > 1 && places.size < taken.length && <Box sx={{ mb: 0.5 }}>{counted(taken.length, 'seat')} from {counted(places.size, 'device or network')}: if one hand sat at several, free those before you close.</Box>}
            <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', display: 'flex', flexWrap: 'wrap', gap: 1 }}>
                {taken.map((seat) => (
                    <Box component="li" key={seat.number} sx={{ border: '1px solid var(--line)', borderRadius: '8px', px: 1, display: 'flex', alignItems: 'center', gap: 0.5 }}>
                        <span>{seat.number}: {seat.has_answered ? 'answered' : 'tasting'}{places.size > 1 && `, place ${seat.from ?? '?'}`}</span>
                        <Only to="record"><Button size="small" disabled={busy} onClick={() => onFree(seat.number)} aria-label={`Free seat ${seat.number}${seat.has_answered ? ', with its answer' : ''}`}>free</Button></Only>
                    </Box>
                ))}
            </Box>
        </Panel>
    );
}

function Samples({ data }: { data: Tasting }) {
    return (
        <Box sx={{ mt: 1, display: 'grid', gap: 0.75 }}>
            {data.samples.map((sample) => (
                <Box key={sample.letter}>
                    <strong>{sample.letter}: {sample.name}</strong>
                    <div>
                        Contains {sample.contains.length > 0 ? <strong>{sample.contains.join(', ')}</strong> : 'none of the fourteen that are known'}
                        {sample.may_contain.length > 0 && `; may contain ${sample.may_contain.join(', ')}`}
                        {sample.unknown.length > 0 && <strong style={{ color: 'var(--beet)' }}>; not known: {sample.unknown.join(', ')}. Whoever avoids anything does not taste it</strong>}.
                    </div>
                    {sample.cautions.map((one) => <div key={one} style={{ fontSize: 'var(--text-small)' }}>{one}</div>)}
                </Box>
            ))}
        </Box>
    );
}

/** What is asked at a seat on paper, as on a phone. */
/** What is poured at each seat, and a sheet for each taster. */
function Sheets({ data, pouring }: { data: Tasting; pouring: Pouring[] }) {
    const contains = [...new Set(data.samples.flatMap((one) => one.contains))];
    const may = [...new Set(data.samples.flatMap((one) => one.may_contain))];
    return (
        <>
        <PageFoot foot={`${data.title}, laid out ${longDay(data.laid_on)} by ${data.who}. Tasting sheets`} />
        <Panel className="sheet" component="section" aria-label="What is poured">
            <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>What is poured (sealed from the tasters)</h2>
            <Box component="table" sx={{ borderCollapse: 'collapse', fontVariantNumeric: 'tabular-nums', '& td, & th': { textAlign: 'left', borderBottom: '1px solid var(--line)', p: '3px 14px 3px 0' } }}>
                <thead><tr><th>Seat</th>{pouring[0]?.pours.map((_, n) => <th key={n}>{n + 1}.</th>)}</tr></thead>
                <tbody>
                    {pouring.map((seat) => (
                        <tr key={seat.number}>
                            <th scope="row">{seat.number}</th>
                            {seat.pours.map((one, n) => <td key={n}>{one.code === 0 ? 'reference' : one.code}: {one.letter}</td>)}
                        </tr>
                    ))}
                </tbody>
            </Box>
            <div style={{ fontSize: 'var(--text-small)' }}>20 to 30 g each, alike in cup, fill and age, at serving temperature within a degree; water and a plain cracker between. {data.samples.map((one) => `${one.letter} is ${one.name}`).join('; ')}.</div>
        </Panel>
        <Panel component="section" aria-label="Sheets of the tasters" className="sheet" sx={{ '@media print': { pageBreakBefore: 'always' } }}>
            <h2 className="name no-print" style={{ margin: 0, fontSize: 'var(--text-title)' }}>Sheets of the tasters</h2>
            {pouring.map((seat) => (
                <Box key={seat.number} sx={{ borderTop: '1px dashed var(--ink-soft)', py: 1.25, breakInside: 'avoid' }}>
                    <strong>Seat {seat.number}</strong>. In one sample or another: {contains.length > 0 ? contains.join(', ') : 'none of the fourteen allergens that are known'}{may.length > 0 && `; may contain ${may.join(', ')}`}. ☐ I have read it and may taste these.
                    <div>{asksFor(data.method, data.plan.question)} {data.method !== 'just-right' && 'Mark it.'}</div>
                    <Box sx={{ display: 'flex', gap: 4, mt: 0.5, fontSize: 'var(--text-lead)', flexWrap: 'wrap' }}>
                        {seat.pours.map((one, n) => <span key={n}>{one.code === 0 ? 'reference' : `☐ ${one.code}`}</span>)}
                    </Box>
                    {data.method === 'just-right' && <div>{[...data.plan.attributes.map((one) => `${one}: ☐ too little ☐ right ☐ too much`), 'liked, 1 to 9: ___'].join('   ')} for each.</div>}
                </Box>
            ))}
        </Panel>
        </>
    );
}
