import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call, Problem } from '../../api/client';
import { dishesQuery } from '../../api/queries';
import type { CoverAnswer, DishSummary, Guests, Service } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { counted, typedCount, typedNumber } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { CoverFound } from './CoverFound';
import { GuestRow, guestWords } from './GuestRow';
import { clockOf, dayOf, minuteOf } from '../../shared/moment';
import { useChange } from './useService';
import { Only } from '../../shared/Only';

type Row = Omit<Guests, 'count'> & { count: string };

/** The margin as it is typed: "10 %" is a share, "2" so many of each version. */
export function marginOf(text: string): number | null {
    const [, amount = '', share] = /^\s*(\d+(?:[.,]\d+)?)\s*(%?)\s*$/.exec(text === '' ? '0' : text) ?? [];
    const many = amount === '' ? null : typedNumber(amount);
    if (many === null || Number.isNaN(many)) return null;
    return share === '%' ? (many < 100 ? many / 100 : null) : Number.isInteger(many) ? many : null;
}

const marginWords = (margin: number) => (margin > 0 && margin < 1 ? `${Math.round(margin * 1000) / 10} %` : String(margin));

/** Groups of guests by what they may eat, and which versions of a dish serve them all. */
export function CoversRoom({ service }: { service: Service }) {
    const [rows, setRows] = useState<Row[]>(service.guests.length === 0 ? [{ count: '', diets: [], without: [] }] : service.guests.map((one) => ({ ...one, count: String(one.count) })));
    const [margin, setMargin] = useState(marginWords(service.margin));
    const [sought, setSought] = useState('');
    const [dish, setDish] = useState<{ id: number; title: string } | null>(null);
    const dishes = useQuery({ ...dishesQuery(sought), placeholderData: keepPreviousData }).data ?? [];
    const change = useChange(service);
    const go = useNavigate();
    const client = useQueryClient();
    const guests = rows.map((row) => ({ ...row, count: typedCount(row.count) }));
    const share = marginOf(margin);
    const isRight = guests.every((one) => one.count !== null) && share !== null;
    const covers = guests.reduce((sum, one) => sum + (one.count ?? 0), 0);
    const ask = useMutation({
        mutationFn: async (of: { id: number; title: string }) => {
            await change.mutateAsync({ guests: guests.map((one) => ({ ...one, count: one.count ?? 0 })), margin: share ?? 0 });
            return call<CoverAnswer>('POST', `services/${service.id}/covers`, { dish_id: of.id });
        },
    });
    const put = useMutation({
        mutationFn: (found: CoverAnswer['fewest']) => {
            const versions = ask.data?.versions ?? [];
            const added = found.chosen.map((one) => ({ version_id: versions[one.version]?.id ?? 0, portions: one.portions, diets: [...new Set(guests.filter((_, n) => one.serves.includes(n)).flatMap((guest) => guest.diets))] }));
            return change.mutateAsync({ items: [...service.items.map(({ id, version_id, portions, diets }) => ({ id, version_id, portions, diets })), ...added] });
        },
        onSuccess: () => go(`/clock/${service.id}`),
    });
    const take = useMutation({
        mutationFn: (route: CoverAnswer['routes'][number]) => call<unknown>('POST', `versions/${ask.data?.versions[0]?.id ?? ''}/versions`, { ...route.brief, route: route.route }),
        onSuccess: () => {
            void client.invalidateQueries({ queryKey: ['dishes'] });
            if (dish) ask.mutate(dish);
        },
    });
    const served = minuteOf(service.serve_at);
    const set = (n: number, over: Partial<Row>) => {
        setRows(rows.map((row, at) => (at === n ? { ...row, ...over } : row)));
        ask.reset();
    };
    return (
        <Box sx={{ p: '12px 16px', display: 'grid', gap: 1.25, alignContent: 'start', maxWidth: 1060 }}>
            <Box component="header" sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                <Box sx={{ flex: 1 }}>
                    <RoomName tab={`Who comes, ${service.name}`} style={{ lineHeight: 1.15 }}>Who comes</RoomName>
                    <div>{service.name}, {dayOf(served)}, on the table at {clockOf(served)}</div>
                </Box>
                <Button variant="outlined" component={Link} to={`/clock/${service.id}`}>To the plan</Button>
            </Box>
            <Panel component="section" aria-labelledby="guests-title">
                <h2 id="guests-title" className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>{counted(covers, 'cover')}</h2>
                <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, display: 'grid', gap: 1, pt: 1 }}>
                    {rows.map((row, n) => (
                        <GuestRow key={n} row={row} n={n} isWrong={row.count !== '' && typedCount(row.count) === null} onSet={(over) => set(n, over)} onOut={rows.length > 1 ? () => { setRows(rows.filter((_, at) => at !== n)); ask.reset(); } : null} />
                    ))}
                </Box>
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap', mt: 1.25 }}>
                    <Button variant="outlined" onClick={() => setRows([...rows, { count: '', diets: [], without: [] }])}>More who are alike</Button>
                    <TextField size="small" label="Over and above" value={margin} onChange={(e) => { setMargin(e.target.value); ask.reset(); }} error={share === null} helperText={share === null ? 'Write 10 % or a whole number.' : '10 %, or so many portions of each version.'} sx={{ width: 240 }} />
                    <Only to="record"><Button variant="outlined" disabled={!isRight || change.isPending} onClick={() => change.mutate({ guests: guests.map((one) => ({ ...one, count: one.count ?? 0 })), margin: share ?? 0 })}>
                        Keep who comes
                    </Button></Only>
                </Box>
                {change.error && !ask.error && <ProblemNote error={change.error} />}
            </Panel>
            <Panel component="section" aria-labelledby="serve-title">
                <h2 id="serve-title" className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>What serves them</h2>
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap', pt: 1 }}>
                    <Autocomplete
                        options={dishes} getOptionLabel={(one: { id: number; title: string }) => one.title} getOptionKey={(one) => one.id} isOptionEqualToValue={(a, b) => a.id === b.id} filterOptions={(all) => all}
                        value={dish} inputValue={sought} noOptionsText="No dish answers to that."
                        onInputChange={(_, value, why) => { if (why !== 'reset' || value !== '') setSought(value); }}
                        onChange={(_, one: DishSummary | { id: number; title: string } | null) => { setDish(one === null ? null : { id: one.id, title: one.title }); ask.reset(); }}
                        renderInput={(params) => <TextField {...params} size="small" label="Of which dish" />}
                        sx={{ width: 340, maxWidth: '100%' }}
                    />
                    <Button variant="contained" disabled={dish === null || !isRight || ask.isPending} onClick={() => dish && ask.mutate(dish)}>
                        Find the fewest versions
                    </Button>
                </Box>
                {!isRight && <Box sx={{ color: 'var(--ink-soft)', pt: 0.5 }}>Say how many come first.</Box>}
                {ask.error && <ProblemNote error={ask.error instanceof Problem ? ask.error : new Error('It could not be found.')} />}
                {ask.data && dish && (
                    <CoverFound answer={ask.data} dish={dish} words={guests.map((one) => guestWords({ ...one, count: one.count ?? 0 }))} covers={covers} isPending={put.isPending || take.isPending} onPut={(found) => put.mutate(found)} onTake={(route) => take.mutate(route)} />
                )}
                {put.error && <ProblemNote error={put.error} />}
                {take.error && <ProblemNote error={take.error} />}
            </Panel>
        </Box>
    );
}
