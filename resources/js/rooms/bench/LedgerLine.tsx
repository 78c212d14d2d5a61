import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import Popover from '@mui/material/Popover';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Candidate, Formula, FormulaLine, Job } from '../../api/types';
import { grams, percent } from '../../shared/numbers';
import { WhatIsIt } from '../../shared/WhatIsIt';
import { nameParts } from '../../shared/words';
import { Why } from '../../shared/why/Why';
import { GramField } from './GramField';
import { dragged, dropped, take } from './dragging';
import { oneFurther, type LineAt } from './layers';
import { COLUMNS, type LedgerLayer, type LedgerRow } from './ledger';
import { LineDetail } from './LineDetail';
import { MeasuredFruit } from './MeasuredFruit';
import { Only, useMay } from '../../shared/Only';

const WORDS: Record<Job, string> = {
    set: 'the set', sweet: 'the sweetness', fat: 'the fat', firm: 'the firm fat', water: 'the water binding', acid: 'the acid', air: 'the air', protein: 'the protein', brown: 'the browning', colour: 'the colour',
};

/** "62 % of the set (egg, fat)": what it gives, and how it sets. */
function gives(row: LedgerRow): string {
    const by = Object.keys(row.setBy).join(', ').replaceAll('-', ' ');
    return (Object.keys(WORDS) as Job[])
        .filter((job) => (row.shares[job] ?? 0) > 0)
        .map((job) => `${percent(row.shares[job] ?? 0)} % of ${WORDS[job]}${job === 'set' && by ? ` (by ${by})` : ''}`)
        .join(', ');
}

/** Jobs as a line says them: "holds 57, rich 46". */
const SHORT: Partial<Record<Job, [string, string]>> = { set: ['holds', 'held'], sweet: ['sweet', 'sweet'], fat: ['rich', 'rich'], acid: ['sharp', 'sharp'], air: ['airy', 'airy'], protein: ['protein', 'protein'], firm: ['firms', 'firmed'] };
/** A job is worth a word from this share on, and three are enough. */
const WORTH = 0.1;

function does(shares: Partial<Record<Job, number>>, gone: boolean): string {
    return (Object.keys(SHORT) as Job[])
        .filter((job) => (shares[job] ?? 0) >= WORTH)
        .sort((a, b) => (shares[b] ?? 0) - (shares[a] ?? 0))
        .slice(0, 3)
        .map((job) => `${SHORT[job]?.[gone ? 1 : 0] ?? job} ${percent(shares[job] ?? 0)} %`)
        .join(', ');
}

interface Props {
    row: LedgerRow;
    candidates: Record<string, Candidate>;
    layers: LedgerLayer[];
    formula: Formula;
    onMove: (from: LineAt, to: LineAt) => void;
    lit?: boolean;
    onLit?: (ingredient: string | null) => void;
    onLine: (at: { layer: number; line: number }, change: Partial<FormulaLine> | null) => void;
    /** Present where the ingredient is a fruit that can be measured. */
    measured?: { brix: number | null; acid: number | null; onMeasured: (brix: number | null, acid: number | null) => void } | undefined;
}

/** One line: pin, grams, name, and the two or three jobs it does that matter. A line that left is struck through and says what it gave. */
export function LedgerLine({ row, candidates, layers, formula, onLine, onMove, lit = false, onLit, measured }: Props) {
    const isOurs = useMay()('develop');
    const [rewritten, setRewritten] = useState<string | null>(null);
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const { at, line } = row;
    const [name, finer] = nameParts(row.name);
    const gone = at === null;
    const unread = !gone && row.ingredient === null;
    const guess = !gone && !unread && line.confidence === 'guess';
    const why = (what: string, of: string, words: string) => (at === null ? words : <Why path={`layers.${at.layer}.lines.${at.line}.${what}`} of={of}>{words}</Why>);
    const change = (part: Partial<FormulaLine> | null) => {
        if (at) onLine(at, part);
        setAnchor(null);
    };
    const rewrite = (text: string) => {
        // Read anew by the server, under the words it was written in.
        change({ text, ingredient: null, grams: null, trace: '', confidence: 'guess', doubt: null, reason: null, suggestions: [], prep: [] });
        setRewritten(null);
    };
    const further = (up: boolean) => {
        const to = at && oneFurther(formula, at, up);
        if (at && to) onMove(at, to);
    };
    const answer = <Only to="develop"><WhatIsIt line={line} candidates={candidates} onConfirm={() => change({ confidence: 'sure', doubt: null })} onText={rewrite} /></Only>;
    return (
        <Box
            sx={{ display: 'grid', gridTemplateColumns: COLUMNS, columnGap: '4px', alignItems: 'center', minHeight: 'var(--press-small)', '&:has([role=alert])': { mb: '24px' }, ...((unread || guess) && { bgcolor: 'var(--yolk-wash)', borderRadius: '6px' }), ...(lit && { bgcolor: 'var(--cobalt-wash)', borderRadius: '6px' }) }}
            onPointerEnter={() => onLit?.(row.ingredient)} onPointerLeave={() => onLit?.(null)} onFocus={() => onLit?.(row.ingredient)} onBlur={() => onLit?.(null)}
            onKeyDown={(e) => {
                if (isOurs && e.altKey && (e.key === 'ArrowUp' || e.key === 'ArrowDown')) {
                    e.preventDefault();
                    e.stopPropagation();
                    further(e.key === 'ArrowUp');
                }
            }}
            onDragOver={(e) => at && dragged(e) && e.preventDefault()}
            onDrop={(e) => {
                const from = dropped(e);
                if (from && at) onMove(from, at);
            }}
            data-row={gone ? 'gone' : unread ? 'unread' : guess ? 'guess' : 'line'}
        >
            {gone || unread ? (
                <Box component="span" sx={{ fontSize: 'var(--text-fine)', color: gone ? 'var(--beet)' : 'var(--yolk)', fontWeight: 650 }}>{gone ? 'out' : '?'}</Box>
            ) : (
                <Only to="develop"><Box
                    component="button" type="button" data-cell="pin" aria-pressed={line.pinned} aria-label={`Pin ${row.name}`} title={line.pinned ? 'Held: balancing leaves it alone' : 'Hold this line'}
                    onClick={() => change({ pinned: !line.pinned })}
                    sx={{
                        width: 24, height: 24, p: 0, border: 0, background: 'none', cursor: 'pointer', display: 'grid', placeItems: 'center',
                        '& i': { width: 10, height: 10, borderRadius: '50%', border: '2px solid', borderColor: line.pinned ? 'var(--cobalt)' : 'var(--ink-soft)', bgcolor: line.pinned ? 'var(--cobalt)' : 'transparent', opacity: line.pinned ? 1 : 0.55, boxSizing: 'border-box' },
                    }}
                >
                    <i />
                </Box></Only>
            )}
            {gone ? (
                <Box sx={{ textAlign: 'right', textDecoration: 'line-through', color: 'var(--ink-soft)', fontSize: 'var(--text-lead)', pr: 2 }}>{grams(row.grams)} g</Box>
            ) : unread ? (
                <span />
            ) : (
                <Only to="develop"><GramField label={`Grams of ${row.name}`} value={row.grams} onChange={(value) => change({ grams: value })} /></Only>
            )}
            <Box
                component="button" type="button" data-cell="name" onClick={(e: React.MouseEvent<HTMLElement>) => setAnchor(e.currentTarget)} aria-haspopup="dialog" title={gone ? 'Why?' : 'Why? Drag it to move the line; Alt with ↑ or ↓ does too'} draggable={!gone && isOurs} onDragStart={(e: React.DragEvent) => at && take(e, at)}
                sx={{
                    font: 'inherit', textAlign: 'left', border: 0, background: 'none', p: 0, color: gone ? 'var(--ink-soft)' : 'var(--ink)', cursor: 'pointer', overflow: 'hidden', lineHeight: 1.25, py: '2px',
                    '&:hover': { color: 'var(--cobalt)' },
                }}
            >
                <Box component="span" sx={{ fontWeight: gone ? 400 : 650, fontSize: 'var(--text-body)', textDecoration: gone ? 'line-through' : 'none' }}>
                    {name}
                </Box>
                <Box component="span" sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>{finer}</Box>{' '}
                <Box component="span" sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', display: 'inline-block' }}>
                    {unread ? 'not understood' : [line.prep.join(', '), row.was !== null ? `was ${grams(row.was)} g` : '', row.isNew ? 'new' : '', guess ? 'a guess' : '', does(row.shares, gone), line.note ? `“${line.note}”` : ''].filter(Boolean).join(' · ')}
                </Box>
            </Box>
            {guess && (
                <Box component="span" sx={{ gridColumn: '3 / -1', gridRow: 2, fontSize: 'var(--text-small)', color: 'var(--yolk)', pb: '3px', lineHeight: 1.2 }}>
                    written “{line.text}”: press the name to say what it is
                </Box>
            )}
            <Popover open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }} slotProps={{ paper: { role: 'dialog', 'aria-label': `Why: ${row.name}` } }}>
                <Box sx={{ p: 2, maxWidth: 440, fontSize: 'var(--text-plain)' }}>
                    <div className="name" style={{ fontSize: 'var(--text-head)' }}>
                        {row.name}
                    </div>
                    {unread ? (
                        <>
                            <p style={{ margin: '6px 0' }}>{line.reason ?? 'Being read…'}</p>
                            {answer}
                        </>
                    ) : (
                        <>
                            {line.text && line.text !== row.name && <p style={{ margin: '6px 0', color: 'var(--ink-soft)' }}>written: “{line.text}”</p>}
                            {guess && line.doubt && <p style={{ margin: '6px 0' }}>{line.doubt}.</p>}
                            {guess && answer}
                            <p style={{ margin: '6px 0 0' }}>{why('grams', 'the mass', line.trace || `${grams(row.grams)} g, typed here`)}</p>
                            <p style={{ margin: '0 0 6px', color: 'var(--ink-soft)' }}>{row.share >= 0.1 ? percent(row.share) : (row.share * 100).toFixed(1)} % of its layer by mass</p>
                            {row.ingredient && (
                                <p style={{ margin: '6px 0' }}>
                                    <Link to={`/shelf/${row.ingredient}`}>What it holds, and its packet</Link>
                                </p>
                            )}
                            {!gone && measured && <Only to="develop"><MeasuredFruit {...measured} onKept={() => setAnchor(null)} /></Only>}
                            {row.jobs && (
                                <p style={{ margin: '6px 0' }}>
                                    {gone ? 'It gave' : 'It gives'}{' '}
                                    {why('jobs', 'its share', gives(row) || 'next to nothing of what is measured')}
                                    : found by taking it away and reading the layer again.
                                </p>
                            )}
                        </>
                    )}
                    <Only to="develop">
                    {at && rewritten !== null && (
                        <Box component="form" onSubmit={(e) => { e.preventDefault(); if (rewritten.trim() !== '') rewrite(rewritten.trim()); }} sx={{ display: 'flex', gap: 1, my: 1 }}>
                            <TextField autoFocus size="small" label="The line, in any kitchen’s words" value={rewritten} onChange={(e) => setRewritten(e.target.value)} sx={{ flex: 1, minWidth: 260 }} />
                            <Button type="submit" variant="contained" disabled={rewritten.trim() === ''}>
                                Read it
                            </Button>
                        </Box>
                    )}
                    {at && !unread && <LineDetail line={line} onChange={(part) => onLine(at, part)} />}
                    {at && layers.length > 1 && (
                        <TextField
                            select size="small" label="Layer" value={at.layer} fullWidth sx={{ my: 1 }}
                            onChange={(e) => {
                                const to = Number(e.target.value);
                                setAnchor(null);
                                if (to !== at.layer) onMove(at, { layer: to, line: formula.layers[to]?.lines.length ?? 0 });
                            }}
                        >
                            {layers.map((layer) => <MenuItem key={layer.index} value={layer.index}>{layer.name}</MenuItem>)}
                        </TextField>
                    )}
                    {at && !unread && rewritten === null && (
                        <Button variant="outlined" onClick={() => setRewritten(line.text || `${grams(row.grams)} g ${row.name}`)} sx={{ mr: 1 }}>
                            Write it anew
                        </Button>
                    )}
                    {!gone && (
                        <Button variant="outlined" color="error" onClick={() => change(null)}>
                            Take this line out
                        </Button>
                    )}
                    </Only>
                </Box>
            </Popover>
        </Box>
    );
}
