import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { paymentsQuery } from '../../api/queries';
import type { BenchData, Job, Payment } from '../../api/types';
import { Term } from '../../shared/Term';
import { Beam } from './Beam';
import { lengths, payRows, type PayRow, type Share } from './payers';
import { PayFigures } from './PayFigures';
import { WouldPay } from './WouldPay';
import { railName, railVerdict, verdictColour, wantedKey } from './railWords';
import { Only, useMay } from '../../shared/Only';

/** Fill of a job's segment; those without a colour of their own take the set's. */
const HUE: Partial<Record<Job, string>> = { set: 'set', sweet: 'sweet', fat: 'fat', firm: 'fat', acid: 'acid', air: 'air', protein: 'protein' };

/** A segment shorter than this, of 100 × 100, says its name only when it is touched. */
const READABLE = 1500;

/** Properties that are terms. */
const TERMS: Record<string, string> = { set: 'ge', sweetness: 'se', acid: 'acid', pH: 'ph', fat: 'richness', 'firm fat': 'firm-fat', water: 'moisture', 'sugar body': 'sugar-body', emulsion: 'free-fat' };

export interface PayersProps {
    data: BenchData;
    layer: number;
    /** The ingredient that is lit, here and in the ledger. */
    lit: string | null;
    onLit: (ingredient: string | null) => void;
    onWant: (layer: string, property: string, value: number | null) => void;
    /** Puts in what would pay a job. */
    onPay: (payment: Payment, property: string) => void;
}

/** One row a job: a balance that leans by how far it is off, who did it in the original and who does it now, and what nobody pays. */
export function Payers({ data, layer, lit, onLit, onWant, onPay }: PayersProps) {
    const isOurs = useMay()('develop');
    const [isWorstFirst, setWorstFirst] = useState(() => localStorage.getItem('payers') !== 'kitchen');
    const isOriginal = data.original.version_id === data.version.id;
    const name = data.now.reading.layers[layer]?.name ?? '';
    const key = data.layer_keys[layer] ?? name;
    const wanted = Object.keys(data.version.wanted[key] ?? {});
    const isNew = (data.rails[layer] ?? []).length === 0;
    const rows = payRows(data, layer, isWorstFirst);
    const isOwed = rows.some(({ rail }) => rail !== null && !rail.met);
    const payments = useQuery({ ...paymentsQuery(data.version.id, data.version.revision, layer), enabled: isOwed && !isOriginal }).data;
    return (
        <>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1, flexWrap: 'wrap' }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-head)' }}>
                    {name}
                </h2>
                <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', flex: 1 }}>
                    {isOriginal ? 'who does what' : isNew ? 'new: the original has no such layer to be held against' : 'dashed: who did it · filled: who does it · draw a pan to want it otherwise'}
                </Box>
                {!isOriginal && !isNew && (
                    <Button
                        size="small" sx={{ minHeight: 'var(--press-small)', py: 0 }}
                        onClick={() => {
                            localStorage.setItem('payers', isWorstFirst ? 'kitchen' : 'worst');
                            setWorstFirst(!isWorstFirst);
                        }}
                    >
                        {isWorstFirst ? 'worst first' : 'in the kitchen’s order'}
                    </Button>
                )}
            </Box>
            {rows.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>Nothing in it does a job that is measured.</Box>}
            {rows.map((row) => {
                const want = isOurs && wantedKey(row);
                return <Row key={row.property} row={row} payments={payments?.[row.property] ?? []} onPay={onPay} layer={layer} lit={lit} onLit={onLit} onWant={row.rail && want ? (value) => onWant(key, want, value) : undefined} />;
            })}
            {wanted.length > 0 && (
                <Box sx={{ fontSize: 'var(--text-plain)', mt: 0.75 }}>
                    Wanted otherwise than the original: {wanted.join(', ')}. Balance again to move the lines there.{' '}
                    <Only to="develop"><Button variant="outlined" onClick={() => onWant(key, '', null)} sx={{ minHeight: 'var(--press-small)', py: 0, px: 1 }}>
                        As the original
                    </Button></Only>
                </Box>
            )}
        </>
    );
}

function Row({ row, payments, onPay, layer, lit, onLit, onWant }: { row: PayRow; payments: Payment[]; onPay: PayersProps['onPay']; layer: number; lit: string | null; onLit: PayersProps['onLit']; onWant: ((value: number) => void) | undefined }) {
    const { rail, job } = row;
    const long = rail ? lengths(rail) : { was: 0, is: 100, unpaid: 0 };
    const hue = HUE[job ?? 'set'] ?? 'set';
    const bar = (shares: Share[], length: number, kind: 'was' | 'is') => (
        <Segments shares={shares} length={length} kind={kind} hue={hue} lit={lit} onLit={onLit} unpaid={kind === 'is' ? long.unpaid : 0} />
    );
    const label = railName(row);
    return (
        <Box data-rail={row.property} sx={{ display: 'grid', gridTemplateColumns: `${rail ? '46px ' : ''}112px minmax(0, 1fr)${rail ? ' 62px' : ''}`, columnGap: 1, minHeight: 'var(--press-usual)', minWidth: 0, boxSizing: 'border-box', alignItems: 'center', borderTop: '1px solid var(--line)', py: '3px' }}>
            {rail && <Beam rail={rail} onWant={onWant} />}
            <Box sx={{ lineHeight: 1.2, ...(!job && { gridColumn: '2 / 4', display: 'flex', alignItems: 'baseline', columnGap: 1 }) }}>
                <strong style={{ fontSize: 'var(--text-plain)' }}>{TERMS[row.property] ? <Term of={TERMS[row.property] ?? ''}>{label}</Term> : label}</strong>
                {rail && (
                    <Box component="span" sx={{ fontSize: 'var(--text-fine)', color: 'var(--ink-soft)', display: job ? 'block' : 'inline' }}>
                        <PayFigures rail={rail} layer={layer} />
                    </Box>
                )}
            </Box>
            {job && (
                <Box sx={{ minWidth: 0 }}>
                    {rail && bar(row.was, long.was, 'was')}
                    {bar(row.is, long.is, 'is')}
                    {row.together > 5 && <Box sx={{ fontSize: 'var(--text-fine)', color: 'var(--ink-soft)' }}>some of it only together</Box>}
                </Box>
            )}
            {rail && (
                <Box sx={{ fontSize: 'var(--text-small)', fontWeight: 700, color: verdictColour(rail), lineHeight: 1.15 }}>
                    {railVerdict(rail)}
                </Box>
            )}
            {payments.length > 0 && <WouldPay payments={payments} property={row.property} onPay={onPay} />}
        </Box>
    );
}

interface SegmentProps {
    shares: Share[];
    /** Of 100 of the row's width. */
    length: number;
    unpaid: number;
    kind: 'was' | 'is';
    hue: string;
    lit: string | null;
    onLit: PayersProps['onLit'];
}

function Segments({ shares, length, unpaid, kind, hue, lit, onLit }: SegmentProps) {
    const said = kind === 'was' ? 'did it' : 'does it';
    const words = shares.map((share) => `${share.name} ${Math.round(share.of100)} %`).join(', ');
    return (
        <Box role="img" aria-label={shares.length === 0 ? `Nobody ${said}` : `Who ${said}: ${words}${unpaid > 0 ? '; nobody pays the rest' : ''}`} sx={{ display: 'flex', height: 17, mb: '1px', fontSize: 'var(--text-fine)', lineHeight: '15px' }}>
            {shares.map((share) => (
                <Box
                    key={share.ingredient} title={`${share.name} ${said}: ${Math.round(share.of100)} of 100`}
                    onPointerEnter={() => onLit(share.ingredient)} onPointerLeave={() => onLit(null)} onPointerDown={() => onLit(share.ingredient)}
                    sx={{
                        width: `${(share.of100 * length) / 100}%`, minWidth: 0, boxSizing: 'border-box', overflow: 'hidden', whiteSpace: 'nowrap', textOverflow: 'ellipsis', px: '4px', color: 'var(--ink)',
                        border: kind === 'was' ? '1px dashed var(--ink-soft)' : '1px solid var(--panel)', borderLeftStyle: kind === 'was' ? 'dashed' : 'solid',
                        bgcolor: kind === 'was' ? 'transparent' : `rgb(var(--job-${hue}) / 0.24)`,
                        ...(lit === share.ingredient && { outline: '2px solid var(--cobalt)', outlineOffset: '-2px', fontWeight: 700 }),
                    }}
                >
                    {share.of100 * length >= READABLE ? share.name : ''}
                </Box>
            ))}
            {unpaid > 0 && (
                <Box sx={{ width: `${unpaid}%`, minWidth: 0, overflow: 'hidden', whiteSpace: 'nowrap', px: '4px', color: 'var(--beet)', background: 'repeating-linear-gradient(135deg, var(--beet-wash) 0 5px, transparent 5px 10px)' }}>{unpaid > 22 ? 'nobody pays' : ''}</Box>
            )}
        </Box>
    );
}
