import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { call } from '../../api/client';
import { tableQuery } from '../../api/queries';
import type { Seat, SeatTaken, TastingTable } from '../../api/types';
import { JUST } from '../../api/words';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { asksFor } from './methods';
import { Choice } from '../../shared/trial/Choice';
import { RoomName } from '../../shared/RoomName';
import { Waiting } from '../../shared/Waiting';

const LIKING = ['dislike extremely', 'dislike very much', 'dislike', 'dislike a little', 'neither', 'like a little', 'like', 'like very much', 'like extremely'];

/** A taster's seat on a phone: what it contains, then what is asked, then thanks. Nobody is asked who they are. */
export function Table() {
    const { code = '' } = useParams();
    const table = useQuery(tableQuery(code));
    const kept = `seat ${code}`;
    const [seat, setSeat] = useState<SeatTaken | null>(() => JSON.parse(sessionStorage.getItem(kept) ?? 'null') as SeatTaken | null);
    const keep = (now: SeatTaken) => {
        sessionStorage.setItem(kept, JSON.stringify(now));
        setSeat(now);
    };
    const sit = useMutation({ mutationFn: () => call<SeatTaken>('POST', `tables/${code}/seats`), onSuccess: keep });
    const say = useMutation({
        mutationFn: (said: Record<string, unknown>) => call<Seat>('PUT', `tables/${code}/seats/${seat?.seat.number ?? 0}`, { secret: seat?.secret, ...said }),
        onSuccess: (now) => { if (seat) keep({ ...seat, seat: now }); },
    });
    const failed = sit.error ?? say.error;
    return (
        <Box component="main" sx={{ minHeight: '100%', display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', placeItems: 'start center', p: 2, boxSizing: 'border-box' }}>
            <Panel sx={{ width: 460, maxWidth: '100%', boxSizing: 'border-box', p: '18px 20px', fontSize: 'var(--text-lead)' }}>
                {table.isPending && <Waiting what="the table" />}
                {table.error && <><RoomName style={{ margin: '0 0 0.67em' }}>No table is laid here</RoomName><p>Ask whoever sent you for the code again.</p></>}
                {failed && <ProblemNote error={failed} />}
                {table.data && (
                    <>
                        <RoomName style={{ margin: '0 0 8px' }}>{seat ? `Seat ${seat.seat.number}` : 'A tasting'}</RoomName>
                        {table.data.is_closed && <p>This tasting is closed. Thank you.</p>}
                        {!table.data.is_closed && seat === null && <Button variant="contained" size="large" fullWidth onClick={() => sit.mutate()} disabled={sit.isPending}>Sit down</Button>}
                        {!table.data.is_closed && seat && !seat.seat.acknowledged && <Contains table={table.data} busy={say.isPending} onRead={() => say.mutate({ acknowledged: true })} />}
                        {!table.data.is_closed && seat?.seat.acknowledged && !seat.seat.answered && <Asked table={table.data} seat={seat.seat} busy={say.isPending} onSay={(answer) => say.mutate({ answer })} />}
                        {seat?.seat.answered && <p>Thank you. That is all; what the others say stays sealed until everybody has answered.</p>}
                    </>
                )}
            </Panel>
        </Box>
    );
}

function Contains({ table, busy, onRead }: { table: TastingTable; busy: boolean; onRead: () => void }) {
    return (
        <>
            <p style={{ marginTop: 0 }}>What you taste contains, in one sample or another:</p>
            <Box sx={{ fontWeight: 650, fontSize: 'var(--text-title)' }}>{table.contains.length > 0 ? table.contains.join(', ') : 'none of the fourteen allergens that are known'}</Box>
            {table.may_contain.length > 0 && <p>It may contain {table.may_contain.join(', ')}.</p>}
            {table.unknown.length > 0 && <p style={{ color: 'var(--beet)', fontWeight: 650 }}>Not known: {table.unknown.join(', ')}. If you avoid anything, do not taste.</p>}
            {table.cautions.map((one) => <p key={one}>{one}</p>)}
            <p>It is read off recipes and packets, which is no proof. You may stop at any time and need not say why. Water and a plain cracker between samples.</p>
            <Button variant="contained" size="large" fullWidth onClick={onRead} disabled={busy}>I have read it and may taste these</Button>
        </>
    );
}

function Asked({ table, seat, busy, onSay }: { table: TastingTable; seat: Seat; busy: boolean; onSay: (answer: Record<string, unknown>) => void }) {
    const [chosen, setChosen] = useState('');
    const [just, setJust] = useState<Record<string, Record<string, string>>>({});
    const codes = seat.codes.filter((code) => code !== 0);
    if (table.method !== 'just-right') {
        return (
            <>
                <p style={{ marginTop: 0 }}>Taste from the left: {seat.codes.map((code) => (code === 0 ? 'the reference' : code)).join(', then ')}.</p>
                <Choice legend={asksFor(table.method, table.question)} options={codes.map((code) => ({ value: String(code), word: String(code) }))} value={chosen} onChange={setChosen} />
                <p style={{ fontSize: 'var(--text-small)' }}>If you cannot tell, guess: a guess counts as one.</p>
                <Button variant="contained" size="large" fullWidth onClick={() => onSay({ chosen: Number(chosen) })} disabled={busy || chosen === ''}>That is my answer</Button>
            </>
        );
    }
    const put = (code: number, what: string, value: string) => setJust({ ...just, [code]: { ...just[code], [what]: value } });
    const isDone = codes.every((code) => [...table.attributes, 'liking'].every((what) => (just[code]?.[what] ?? '') !== ''));
    return (
        <>
            {codes.map((code) => (
                <Box key={code} component="section" aria-label={`Sample ${code}`} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
                    <strong style={{ fontSize: 'var(--text-name)' }}>{code}</strong>
                    {table.attributes.map((what) => <Choice key={what} legend={`${code}: ${what}`} options={JUST.map((word) => ({ value: word, word }))} value={just[code]?.[what] ?? ''} onChange={(value) => put(code, what, value)} />)}
                    <Choice legend={`${code}: how do you like it?`} options={LIKING.map((word, n) => ({ value: String(n + 1), word }))} value={just[code]?.liking ?? ''} onChange={(value) => put(code, 'liking', value)} />
                </Box>
            ))}
            <Button variant="contained" size="large" fullWidth disabled={busy || !isDone} onClick={() => onSay({ samples: Object.fromEntries(codes.map((code) => [code, { ...just[code], liking: Number(just[code]?.liking) }])) })}>That is my answer</Button>
        </>
    );
}
