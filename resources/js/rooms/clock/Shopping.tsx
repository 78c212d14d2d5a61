import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { shoppingQuery } from '../../api/queries';
import type { ServiceShopping } from '../../api/types';
import { DIETS } from '../../api/words';
import { useMoney } from '../../shared/money';
import { counted, grams, longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { PriceLists } from './PriceLists';

/** What is bought for the service: peel and shell counted in, in whole packs, and what is bought only because of a diet. */
export function Shopping({ service }: { service: number }) {
    const { data, error, isPending, refetch } = useQuery(shoppingQuery(service));
    const [isOpen, setOpen] = useState(false);
    return (
        <Panel component="section" aria-labelledby="shopping-title" className="sheet">
            <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                <h2 id="shopping-title" className="name" style={{ margin: 0, fontSize: 'var(--text-title)', flex: 1 }}>To buy</h2>
                <Button className="no-print" variant="outlined" onClick={() => setOpen(true)}>Price lists</Button>
                <Button className="no-print" component="a" href={`/api/services/${service}/shopping.csv`} download>As a table</Button>
            </Box>
            {isOpen && <PriceLists onClose={() => setOpen(false)} />}
            {isPending && <Waiting what="what is bought"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && <Bought shopping={data} />}
        </Panel>
    );
}

type Row = ServiceShopping['rows'][number];

function Bought({ shopping }: { shopping: ServiceShopping }) {
    const money = useMoney();
    const missing = shopping.rows.filter((row) => row.minor === null);
    const only = shopping.rows.filter((row) => row.only_for.length > 0);
    const onlyMinor = only.reduce((sum, row) => sum + (row.minor ?? 0), 0);
    const suppliers = shopping.suppliers.filter((one) => shopping.rows.some((row) => row.packs.some((pack) => pack.supplier === one.supplier)));
    return (
        <>
            {shopping.suppliers.length === 0 ? (
                <div>No price list is there: read a supplier’s in, and whole packs and their cost stand here. What is wanted, with peel and shell:</div>
            ) : (
                <Box sx={{ fontSize: 'var(--text-lead)' }}>
                    About <strong>{money(shopping.minor)}</strong> in whole packs{missing.length > 0 && `, without ${counted(missing.length, 'thing')} that is on no list`}.{' '}
                    {only.length > 0 && <>Only because of a diet: {only.map((row) => `${row.name} (${row.only_for.map((diet) => (DIETS.find((one) => one.id === diet)?.name ?? diet).toLowerCase()).join(', ')})`).join(', ')}, {money(onlyMinor)} of it.</>}
                </Box>
            )}
            {suppliers.map((one) => (
                <Part key={one.supplier} name={`${one.supplier}, prices of ${longDay(one.dated_on)}: ${money(one.minor)}`} rows={shopping.rows.filter((row) => row.packs.some((pack) => pack.supplier === one.supplier))} money={money} />
            ))}
            {missing.length > 0 && <Part name={shopping.suppliers.length === 0 ? 'Everything' : 'On no list'} rows={missing} money={money} />}
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', mt: 0.5 }}>Peel, shell and stone by what is usual, recalled; your own hand and season differ.</Box>
        </>
    );
}

function Part({ name, rows, money }: { name: string; rows: Row[]; money: (minor: number) => string }) {
    return (
        <Box component="table" sx={{ borderCollapse: 'collapse', width: '100%', mt: 1, fontSize: { xs: 'var(--text-plain)', sm: 'inherit' }, '& td, & th': { borderTop: '1px solid var(--line)', py: '3px', pr: { xs: 0.5, sm: 1.5 }, textAlign: 'left', verticalAlign: 'top', overflowWrap: 'anywhere' }, '& td.figure': { whiteSpace: { xs: 'normal', sm: 'nowrap' } } }}>
            <caption style={{ textAlign: 'left', fontWeight: 700, padding: '4px 0' }}>{name}</caption>
            <thead><tr><th scope="col">To buy</th><th scope="col">Of what</th><th scope="col">Packs</th><th scope="col">Cost</th><th scope="col">Left over</th></tr></thead>
            <tbody>
                {rows.map((row) => (
                    <tr key={row.ingredient}>
                        <td className="figure">{grams(row.grams)} g</td>
                        <td>{row.name}{row.parts.length > 0 && <Box component="span" sx={{ color: 'var(--ink-soft)' }}> for {row.parts.map((part) => `${grams(part.grams)} g ${part.name.toLowerCase()}`).join(' and ')}</Box>}</td>
                        <td>{row.packs.length === 0 ? '–' : row.packs.map((pack) => `${pack.packs} × ${pack.name}`).join(' and ')}</td>
                        <td className="figure">{row.minor === null ? '–' : money(row.minor)}</td>
                        <td className="figure">{row.packs.length === 0 ? '–' : `${grams(row.left)} g`}</td>
                    </tr>
                ))}
            </tbody>
        </Box>
    );
}
