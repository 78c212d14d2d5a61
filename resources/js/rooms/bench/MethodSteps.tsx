import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { BenchData, Formula } from '../../api/types';
import { againstOriginal, addedAt, joined, partedAt, put, reworded, takenOut } from '../../shared/methodSteps';
import { useMay } from '../../shared/Only';
import { understood } from '../../shared/readActs';
import { stepDragging } from './dragging';

/** The maker's own steps, changed as lines are: pressed and written over, parted, joined, moved by key or by drag, taken out, and undone. Below each stands what is understood of it. */
export function MethodSteps({ data, formula, onMethod }: { data: BenchData; formula: Formula; onMethod: (next: Formula['method']) => void }) {
    const steps = formula.method;
    const mayChange = useMay()('develop');
    const [at, setAt] = useState<number | null>(null);
    const list = useRef<HTMLOListElement>(null);
    // The step that has the focus once what was done to it stands.
    const next = useRef<number | null>(null);
    const focusOn = (n: number) => list.current?.querySelectorAll<HTMLButtonElement>('[data-step]')[n]?.focus();
    useEffect(() => {
        if (next.current === null) return;
        focusOn(next.current);
        next.current = null;
    });
    const original = data.original.version_id === data.version.id ? null : data.original.formula.method;
    const rows = againstOriginal(steps, original);
    const keep = (changed: Formula['method'], then: number) => {
        next.current = Math.max(0, Math.min(then, changed.length - 1));
        setAt(null);
        if (changed !== steps) onMethod(changed);
        else focusOn(next.current);
    };
    const move = (from: number, by: -1 | 1) => {
        const to = from + by;
        if (to >= 0 && to < steps.length) keep(put(steps, from, by > 0 ? to + 1 : to), to);
    };
    const press = (event: React.KeyboardEvent, n: number) => {
        const up = event.key === 'ArrowUp';
        if (!up && event.key !== 'ArrowDown' && event.key !== 'Delete') return;
        event.preventDefault();
        if (event.key === 'Delete') {
            if (mayChange) keep(takenOut(steps, n), n);
        } else if (event.altKey) {
            if (mayChange) move(n, up ? -1 : 1);
        } else focusOn(n + (up ? -1 : 1));
    };
    const drop = (event: React.DragEvent, to: number) => {
        const from = stepDragging.dropped(event);
        if (from !== null) keep(put(steps, from, to), to > from ? to - 1 : to);
    };
    return (
        <>
            {steps.length === 0 && (
                <p style={{ margin: '0 0 8px', color: 'var(--ink-soft)' }}>
                    Nobody has written how it is made: its steps are drafted by what each layer is, and stand on <Link to={`/pass/${data.version.id}`}>its papers</Link>. Write the first step, and the method is yours.
                </p>
            )}
            <Box component="ol" ref={list} aria-label="Steps of the method" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {rows.map((row) => {
                    const n = row.at;
                    if (n === null) {
                        return <Box component="li" key={row.id} sx={{ py: '5px', borderTop: '1px solid var(--line)', color: 'var(--ink-soft)' }}><strong style={{ color: 'var(--beet)' }}>out</strong> <del>{row.text}</del></Box>;
                    }
                    // What was understood of the same words, wherever they stood: nothing moves while a change is being kept.
                    const read = data.now.formula.method.findIndex((one) => one.text === row.text);
                    const said = data.now.method.sentences.filter((one) => one.step === read);
                    const isUnread = said.some((one) => one.as === 'unread');
                    return (
                        <Box component="li" key={row.id || n} onDragOver={(e: React.DragEvent) => stepDragging.dragged(e) && e.preventDefault()} onDrop={(e: React.DragEvent) => drop(e, n)} sx={{ display: 'grid', gridTemplateColumns: '26px 1fr', gap: '4px', py: '5px', borderTop: '1px solid var(--line)', bgcolor: isUnread ? 'var(--yolk-wash)' : undefined }}>
                            <Box component="span" className="figure" sx={{ color: 'var(--ink-soft)' }}>{n + 1}</Box>
                            <div>
                                {at === n ? (
                                    <StepField
                                        text={row.text} name={`step ${n + 1}`} isFirst={n === 0} isLast={n === steps.length - 1}
                                        onLeave={() => { next.current = n; setAt(null); }}
                                        onKeep={(text) => keep(text.trim() === row.text ? steps : reworded(steps, n, text), n)}
                                        onPart={(text, caret) => keep(partedAt(steps, n, text, caret), n + 1)}
                                        onJoin={(text) => keep(joined(steps, n, text), n - 1)}
                                        onMove={(text, by) => keep(put(reworded(steps, n, text), n, by > 0 ? n + 2 : n - 1), n + by)}
                                        onOut={() => keep(takenOut(steps, n), n)}
                                    />
                                ) : (
                                    <Box
                                        component="button" type="button" data-step draggable={mayChange} onDragStart={(e: React.DragEvent) => stepDragging.take(e, n)}
                                        title={mayChange ? 'Press to write over it; drag it, or Alt with ↑ or ↓, to move it; Delete takes it out' : undefined} aria-label={`Step ${n + 1}: ${row.text}`} onClick={() => mayChange && setAt(n)} onKeyDown={(e: React.KeyboardEvent) => press(e, n)}
                                        sx={{ font: 'inherit', color: 'inherit', border: 0, p: 0, background: 'none', textAlign: 'left', cursor: mayChange ? 'text' : 'default', width: '100%', lineHeight: 1.4, '&:hover': { color: 'var(--cobalt)' } }}
                                    >
                                        {row.was === null && <strong style={{ color: 'var(--cobalt)' }}>new </strong>}
                                        {row.text}
                                    </Box>
                                )}
                                {row.was !== null && row.was !== row.text && <Box sx={{ fontSize: 'var(--text-plain)', color: 'var(--ink-soft)' }}>was <del>{row.was}</del></Box>}
                                <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', lineHeight: 1.3 }}>{read < 0 ? '…' : said.map(understood).join('; ')}</Box>
                            </div>
                        </Box>
                    );
                })}
            </Box>
            {mayChange && <Add isFirst={steps.length === 0} onAdd={(text) => onMethod(addedAt(steps, steps.length, text))} onDrop={(e) => drop(e, steps.length)} />}
            {data.now.method.unsaid.length > 0 && steps.length > 0 && <p style={{ color: 'var(--yolk)', margin: '6px 0 0' }}>No step says where this goes in: {data.now.method.unsaid.join(', ')}.</p>}
        </>
    );
}

/** A step being written: Enter keeps it, Ctrl Enter parts it at the cursor, Backspace at its beginning joins it to the one before. */
function StepField({ text, name, isFirst, isLast, onLeave, onKeep, onPart, onJoin, onMove, onOut }: {
    text: string; name: string; isFirst: boolean; isLast: boolean; onLeave: () => void; onKeep: (text: string) => void; onPart: (text: string, caret: number) => void; onJoin: (text: string) => void; onMove: (text: string, by: -1 | 1) => void; onOut: () => void;
}) {
    const [typed, setTyped] = useState(text);
    const field = useRef<HTMLTextAreaElement>(null);
    // The cursor stays where it was when a button is pressed.
    const caret = useRef(text.length);
    const onKey = (event: React.KeyboardEvent) => {
        const here = field.current?.selectionStart ?? 0;
        const act = event.key === 'Escape' ? onLeave
            : event.key === 'Enter' && (event.ctrlKey || event.metaKey) ? () => onPart(typed, here)
                : event.key === 'Enter' && !event.shiftKey ? () => onKeep(typed)
                    : event.key === 'Backspace' && here === 0 && field.current?.selectionEnd === 0 && !isFirst ? () => onJoin(typed)
                        : event.altKey && event.key === 'ArrowUp' && !isFirst ? () => onMove(typed, -1)
                            : event.altKey && event.key === 'ArrowDown' && !isLast ? () => onMove(typed, 1)
                                : null;
        if (act === null) return;
        event.preventDefault();
        event.stopPropagation();
        act();
    };
    return (
        <>
            <TextField
                autoFocus multiline fullWidth size="small" value={typed} onChange={(e) => setTyped(e.target.value)} onKeyDown={onKey} inputRef={field} onSelect={() => { caret.current = field.current?.selectionStart ?? 0; }}
                slotProps={{ htmlInput: { 'aria-label': `Words of ${name}`, maxLength: 2000 } }}
            />
            <Box sx={{ display: 'flex', gap: 0.25, flexWrap: 'wrap', my: 0.25 }}>
                <Button size="small" variant="contained" onClick={() => onKeep(typed)}>Keep</Button>
                <Button size="small" onClick={() => onPart(typed, caret.current)}>Part at the cursor</Button>
                {!isFirst && <Button size="small" onClick={() => onJoin(typed)}>Join to the one before</Button>}
                {!isFirst && <Button size="small" onClick={() => onMove(typed, -1)}>Earlier</Button>}
                {!isLast && <Button size="small" onClick={() => onMove(typed, 1)}>Later</Button>}
                <Button size="small" color="error" onClick={onOut}>Take it out</Button>
                <Button size="small" onClick={onLeave}>Leave it</Button>
            </Box>
        </>
    );
}

function Add({ isFirst, onAdd, onDrop }: { isFirst: boolean; onAdd: (text: string) => void; onDrop: (event: React.DragEvent) => void }) {
    const [typed, setTyped] = useState('');
    return (
        <Box
            component="form" onDragOver={(e: React.DragEvent) => stepDragging.dragged(e) && e.preventDefault()} onDrop={onDrop} sx={{ borderTop: '1px solid var(--line)', pt: 0.75, display: 'flex', gap: 1 }}
            onSubmit={(e: React.SyntheticEvent) => {
                e.preventDefault();
                if (typed.trim() === '') return;
                onAdd(typed);
                setTyped('');
            }}
        >
            <TextField multiline fullWidth size="small" value={typed} onChange={(e) => setTyped(e.target.value)} onKeyDown={(e) => { if (e.key === 'Enter' && !e.shiftKey && typed.trim() !== '') { e.preventDefault(); onAdd(typed); setTyped(''); } }} placeholder={isFirst ? 'Boil the milk with the vanilla…' : 'another step'} slotProps={{ htmlInput: { 'aria-label': 'Another step', maxLength: 2000 } }} />
            <Button type="submit" disabled={typed.trim() === ''}>Add</Button>
        </Box>
    );
}
