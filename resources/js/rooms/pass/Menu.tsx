import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { menuQuery, servicesQuery } from '../../api/queries';
import type { Menu as MenuOf, MenuRow } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { today } from '../../shared/days';
import { longDay } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { dietName } from '../../shared/words';
import { PageFoot } from '../../shared/PageFoot';
import { ruled } from './Paper';

type Cell = MenuRow['eu'][number];

/** A mark that is read without colour, and never a tick: nothing here is called safe. */
const MARKS: Record<Cell['state'], { mark: string; colour: string; weight: number }> = {
    contains: { mark: '●', colour: 'var(--beet)', weight: 700 },
    may: { mark: '◐', colour: 'var(--beet)', weight: 700 },
    unknown: { mark: '?', colour: 'var(--yolk)', weight: 700 },
    kitchen: { mark: '○', colour: 'var(--ink)', weight: 400 },
    none: { mark: '–', colour: 'var(--ink-soft)', weight: 400 },
};

/** What each guest may have: the whole menu, one service, or the versions of one dish side by side. Read anew each time it is opened. */
export function Menu() {
    const [params, setParams] = useSearchParams();
    const dish = params.get('dish');
    const service = params.get('service');
    const of = dish !== null ? `dish=${dish}` : service !== null ? `service=${service}` : '';
    const [law, setLaw] = useState<'eu' | 'us'>('eu');
    const { data, error, isPending, refetch, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery(menuQuery(of));
    const services = useQuery(servicesQuery());
    const first = data?.pages[0];
    const rows = data?.pages.flatMap((page) => page.rows) ?? [];
    const title = dish !== null ? `The range of ${first?.of ?? 'this dish'}` : 'Allergens of the menu';
    return (
        <Box sx={{ p: '14px 16px', '@media print': { p: 0 } }}>
            <Box className="no-print" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1.5 }}>
                <RoomName>{title}</RoomName>
                <Link to="/pass">All cards</Link>
                <Box sx={{ flex: 1 }} />
                {dish === null && (
                    <TextField select size="small" label="Of" value={service ?? ''} onChange={(e) => setParams(e.target.value === '' ? {} : { service: e.target.value })} sx={{ minWidth: 220 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                        <MenuItem value="">everything on the counter</MenuItem>
                        {services.data?.map((one) => <MenuItem key={one.id} value={String(one.id)}>{one.name}, {longDay(one.serve_at)}</MenuItem>)}
                    </TextField>
                )}
                <TextField select size="small" label="By the law of" value={law} onChange={(e) => setLaw(e.target.value === 'us' ? 'us' : 'eu')} sx={{ minWidth: 210 }}>
                    <MenuItem value="eu">Europe (fourteen)</MenuItem>
                    <MenuItem value="us">the United States (nine)</MenuItem>
                </TextField>
                <Button variant="contained" onClick={() => window.print()} disabled={rows.length === 0 || hasNextPage}>Print it</Button>
            </Box>
            {isPending && <Waiting what="the menu"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {first && rows.length === 0 && <div>Nothing is there yet. <Link to="/new">Type a dish in</Link>, and it stands here.</div>}
            {first && rows.length > 0 && (
                <Box component="article" className="sheet" aria-label={title} sx={{ bgcolor: 'var(--panel)', border: '1.5px solid var(--rim)', borderRadius: '11px', p: '18px 22px', overflow: 'auto' }} tabIndex={0}>
                    <PageFoot isWide foot={`${title}, ${first.of}`} />
                    <Box sx={{ display: 'flex', gap: 2, alignItems: 'baseline', flexWrap: 'wrap' }}>
                        <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-head)' }}>{first.of}</h2>
                        <span>as of {longDay(today())}, by each version’s latest revision</span>
                    </Box>
                    <p style={{ margin: '4px 0 8px' }}>
                        {(Object.keys(MARKS) as Cell['state'][]).map((state) => <span key={state} style={{ marginRight: 16, whiteSpace: 'nowrap' }}><strong style={{ color: MARKS[state].colour }}>{MARKS[state].mark}</strong> {first.states[state]}</span>)}
                    </p>
                    {dish !== null ? <Range rows={rows} law={law} /> : <Matrix rows={rows} law={law} />}
                    {hasNextPage && <Button className="no-print" variant="outlined" onClick={() => void fetchNextPage()} disabled={isFetchingNextPage} sx={{ mt: 1 }}>More of the menu</Button>}
                    <Asked rows={rows} law={law} />
                    <p style={{ margin: '8px 0 0', fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
                        {first.kitchen === '' ? 'What this kitchen handles has not been said, so nothing is known of cross-contact. ' : `${first.kitchen}. `}By lines and packets, computed: “in none of its lines” is no promise. Ask whoever made it before you tell a guest with an allergy; your local code comes first.
                    </p>
                </Box>
            )}
        </Box>
    );
}

function Mark({ cell, states }: { cell: Cell; states?: MenuOf['states'] }) {
    const { mark, colour, weight } = MARKS[cell.state];
    return <span role="img" aria-label={`${cell.allergen}: ${states?.[cell.state] ?? cell.state}`} title={cell.because.join('; ')} style={{ color: colour, fontWeight: weight, fontSize: 'var(--text-lead)' }}>{mark}</span>;
}

/** Dishes by allergens. */
function Matrix({ rows, law }: { rows: MenuRow[]; law: 'eu' | 'us' }) {
    return (
        <Box component="table" aria-label="Allergens by version" sx={{ ...ruled, '& td': { ...ruled['& th, & td'], textAlign: 'center', p: '3px 2px' }, '& thead th': { textAlign: 'center', fontSize: 'var(--text-small)', color: 'var(--ink)', verticalAlign: 'bottom', p: '2px' }, '& thead': { display: 'table-header-group' } }}>
            <thead>
                <tr><th scope="col" style={{ textAlign: 'left' }}>dish and version</th>{rows[0]?.[law].map((one) => <th key={one.allergen} scope="col">{one.allergen}</th>)}</tr>
            </thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.version_id}>
                        <th scope="row"><Link to={`/pass/${row.version_id}`}>{row.dish}, {row.version}</Link>{!row.final && <> <strong style={{ color: 'var(--beet)' }}>not final</strong></>}</th>
                        {row[law].map((cell) => <td key={cell.allergen}><Mark cell={cell} /></td>)}
                    </tr>
                ))}
            </tbody>
        </Box>
    );
}

/** Versions of one dish beside each other: what each guest may have. */
function Range({ rows, law }: { rows: MenuRow[]; law: 'eu' | 'us' }) {
    const diets = [...new Set(rows.flatMap((row) => row.diets.map((one) => one.diet)))];
    const allergens = rows[0]?.[law].map((one) => one.allergen) ?? [];
    const figures: [string, (row: MenuRow) => string][] = [
        ['A portion', (row) => `${row.portion.mass_g.toFixed(0)} g, ${row.portion.kcal.toFixed(0)} kcal`], ['Net carbs', (row) => `${row.portion.net_carbs_g.toFixed(1)} g`], ['Sugars', (row) => `${row.portion.sugars_g.toFixed(1)} g`], ['Protein', (row) => `${row.portion.protein_g.toFixed(1)} g`],
    ];
    return (
        <Box component="table" aria-label="Versions beside each other" sx={{ ...ruled, '& td': { ...ruled['& th, & td'], textAlign: 'left' } }}>
            <thead>
                <tr><th scope="col">for a guest who asks</th>{rows.map((row) => <th key={row.version_id} scope="col"><Link to={`/pass/${row.version_id}`}>{row.version}</Link>{!row.final && <> <strong style={{ color: 'var(--beet)' }}>not final</strong></>}</th>)}</tr>
            </thead>
            <tbody>
                {figures.map(([name, of]) => <tr key={name}><th scope="row">{name}</th>{rows.map((row) => <td key={row.version_id}>{of(row)}</td>)}</tr>)}
                {diets.map((diet) => (
                    <tr key={diet}>
                        <th scope="row">{dietName(diet)}</th>
                        {rows.map((row) => {
                            const one = row.diets.find((other) => other.diet === diet);
                            if (!one) return <td key={row.version_id}>–</td>;
                            const word = one.standing;
                            return <td key={row.version_id} title={one.why.join('; ')} style={{ fontWeight: word === 'not met' ? 400 : 650, color: word === 'met' ? 'var(--herb)' : word === 'unproven' ? 'var(--yolk)' : 'var(--ink-soft)' }}>{word === 'met' ? 'yes, by its lines' : word === 'unproven' ? 'ask first' : 'no'}</td>;
                        })}
                    </tr>
                ))}
                {allergens.map((allergen, n) => (
                    <tr key={allergen}>
                        <th scope="row">{allergen}</th>
                        {rows.map((row) => {
                            const cell = row[law][n];
                            return <td key={row.version_id}>{cell && <><Mark cell={cell} /> <span style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>{cell.because.join(', ')}</span></>}</td>;
                        })}
                    </tr>
                ))}
            </tbody>
        </Box>
    );
}

/** What has to be asked, in words: a sign on a sheet does not say of whom. */
function Asked({ rows, law }: { rows: MenuRow[]; law: 'eu' | 'us' }) {
    const by = new Map<string, string[]>();
    for (const row of rows) for (const cell of row[law]) if (cell.state === 'unknown' || cell.state === 'may') for (const why of cell.because) {
        const what = `${why}${cell.state === 'may' ? ' (its packets warn)' : ''}: ${cell.allergen}`;
        by.set(what, [...(by.get(what) ?? []), `${row.dish}, ${row.version}`]);
    }
    if (by.size === 0) return null;
    return (
        <Box component="details" open sx={{ mt: 1, fontSize: 'var(--text-plain)' }}>
            <summary style={{ fontWeight: 650, cursor: 'pointer' }}>To ask or to read off a packet ({by.size})</summary>
            <Box component="ul" sx={{ columns: { md: 2 }, m: '4px 0 0', pl: '18px' }}>{[...by].map(([what, of]) => <li key={what}>{what} <span style={{ color: 'var(--ink-soft)' }}>({of.slice(0, 2).join('; ')}{of.length > 2 ? ` and ${of.length - 2} more` : ''})</span></li>)}</Box>
        </Box>
    );
}
