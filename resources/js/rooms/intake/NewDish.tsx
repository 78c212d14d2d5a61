import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { call, Problem } from '../../api/client';
import type { DishSummary, Inference, TextReading } from '../../api/types';
import { notice } from '../../shared/notice';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { RoomName } from '../../shared/RoomName';
import { useRecipeFile } from '../../shared/useRecipeFile';
import { FAMILIES, MEASURES } from '../../shared/words';
import { begun, called, isEmpty, keep as keepDrafts, kept, MOST, turned, withText, type Draft } from './dishDrafts';
import { showInText } from './showInText';
import { ReadLines } from './ReadLines';
import { headRows, wholeText, type Head } from './wholeText';
import { Only } from '../../shared/Only';

/** A file that came in another form: what it was, and which of its recipes stands there. */
interface Source {
    text: string;
    titles: string[];
    number: number;
}

/** Type or paste a dish; every line turns to grams as it is typed. Drafts stay on this machine, side by side, until they are kept. */
export function NewDish() {
    const location = useLocation() as { state: { text?: string } | null };
    const brought = location.state?.text ?? '';
    const [drafts, setDrafts] = useState<readonly Draft[]>(() => {
        const there = kept();
        return brought.trim() !== '' ? withText(there, brought) : there.length > 0 ? there : [begun()];
    });
    const draft = drafts[0] ?? begun();
    const setDraft = (next: (d: Draft) => Draft) => setDrafts((all) => all.map((one, n) => (n === 0 ? next(one) : one)));
    const [asked, setAsked] = useState(draft);
    const [source, setSource] = useState<Source | null>(null);
    /** Another becomes the one that is typed in; the others lie where they are. */
    const turnTo = (all: readonly Draft[]) => {
        setDrafts(all);
        setSource(null);
    };
    const file = useRecipeFile((lines) => turnTo(withText(drafts, lines)));
    const navigate = useNavigate();
    const client = useQueryClient();
    useEffect(() => {
        keepDrafts(drafts);
        const wait = setTimeout(() => setAsked(draft), 140);
        return () => clearTimeout(wait);
    }, [draft, drafts]);
    const text = wholeText(asked, asked.lines);
    const reading = useQuery({
        queryKey: ['reading', text],
        queryFn: async ({ signal }) => {
            const found = await call<TextReading>('POST', 'readings', { text, measures: asked.measures || null }, signal);
            // A file of another form becomes rows that can be read and changed.
            if (found.text !== null) {
                setDraft((d) => (wholeText(d, d.lines) === text ? { ...d, lines: found.text ?? d.lines } : d));
                setSource({ text, titles: [found.formula.title, ...found.others], number: 1 });
            }
            return found;
        },
        enabled: asked.lines.trim() !== '',
        placeholderData: keepPreviousData,
        retry: false,
    });
    const keep = useMutation({
        mutationFn: () => call<DishSummary>('POST', 'dishes', { text: wholeText(draft, draft.lines), measures: draft.measures || null }),
        onSuccess: async (dish) => {
            keepDrafts(drafts.filter((one) => one.id !== draft.id));
            await client.invalidateQueries({ queryKey: ['dishes'] });
            await navigate(`/bench/${dish.versions[0]?.id ?? ''}`);
        },
    });
    const headed = useMutation({
        mutationFn: (change: { text: string; layer: number; heading: 'treat' | 'tin' | 'loss' | 'whole'; value: string; measures: string | null }) => call<{ text: string }>('POST', 'readings/heading', change),
        // What was typed meanwhile is never replaced.
        onSuccess: (made, change) => setDraft((d) => (d.lines === change.text ? { ...d, lines: made.text } : d)),
    });
    const another = useMutation({
        mutationFn: (number: number) => call<TextReading>('POST', 'readings', { text: source?.text ?? '', measures: draft.measures || null, recipe: number }),
        onSuccess: (found, number) => {
            setDraft((d) => ({ ...begun(found.text ?? ''), id: d.id }));
            setSource((now) => now && { ...now, number });
        },
    });
    const set = (part: Partial<Draft>) => setDraft((d) => ({ ...d, ...part }));
    const data = asked.lines.trim() === '' ? undefined : reading.data;
    const read: Record<keyof Head, string> = {
        title: data?.formula.title ?? '', family: data?.formula.family ?? 'other', measures: MEASURES.find((m) => m.id === data?.formula.measures)?.name ?? 'Metric', portions: String(data?.formula.portions ?? ''), serveAt: String(data?.formula.serve_at_c ?? ''),
    };
    const because = (what: Inference['what']) => data?.inferred.find((one) => one.what === what)?.because;
    const field = (key: 'title' | 'portions' | 'serveAt', what: Inference['what'], label: string, width: number | string) => (
        <TextField
            size="small" label={label} value={draft[key]} onChange={(e) => set({ [key]: e.target.value })} sx={{ width }} placeholder={read[key]}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { title: draft[key] === '' && because(what) ? `As read: ${because(what) ?? ''}` : undefined } }}
            helperText={draft[key] === '' && data ? 'as read' : undefined}
        />
    );
    const problem = reading.error instanceof Problem ? reading.error : null;

    return (
        <Box sx={{ p: '14px 16px', height: '100%', boxSizing: 'border-box', display: 'grid', gridTemplateRows: 'auto auto 1fr', gap: 1.5 }}>
            <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 1.25, flexWrap: 'wrap' }}>
                <RoomName>New dish</RoomName>
                {drafts.length > 1 ? (
                    <TextField select size="small" label={`One of ${drafts.length} drafts on this machine`} value={draft.id} onChange={(e) => turnTo(turned(drafts, drafts.find((one) => one.id === e.target.value) ?? draft))} sx={{ minWidth: 260 }}>
                        {drafts.map((one) => <MenuItem key={one.id} value={one.id}>{called(one)}</MenuItem>)}
                    </TextField>
                ) : <Box sx={{ color: 'var(--ink-soft)' }}>The draft stays on this machine until you keep it.</Box>}
                <Box sx={{ flex: 1 }} />
                <Button variant="outlined" onClick={() => turnTo(turned(drafts, begun()))} disabled={isEmpty(draft) || drafts.length >= MOST}>
                    Begin another
                </Button>
                <Button
                    variant="outlined" disabled={isEmpty(draft)}
                    onClick={() => {
                        const gone = draft;
                        const left = drafts.filter((one) => one.id !== gone.id);
                        turnTo(left.length > 0 ? left : [begun()]);
                        notice({ text: `The draft “${called(gone)}” is thrown away.`, back: { word: 'Bring it back', act: () => { setDrafts((all) => turned(all, gone)); notice(null); } } });
                    }}
                >
                    Throw away
                </Button>
                <Only to="develop"><Button variant="contained" onClick={() => keep.mutate()} disabled={keep.isPending} sx={{ minHeight: 'var(--press-large)', px: 2 }}>
                    Keep it and open the Bench
                </Button></Only>
            </Box>
            <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
                {field('title', 'title', 'Name of the dish', 300)}
                <TextField select size="small" label="Family" value={draft.family} onChange={(e) => set({ family: e.target.value })} sx={{ width: 190 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }} title={because('family')}>
                    <MenuItem value="">as read{data ? `: ${read.family}` : ''}</MenuItem>
                    {FAMILIES.map((family) => (
                        <MenuItem key={family} value={family}>
                            {family}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField select size="small" label="Measures" value={draft.measures} onChange={(e) => set({ measures: e.target.value })} sx={{ width: 320 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }} title={because('measures')}>
                    <MenuItem value="">as read{data ? `: ${read.measures}` : ''}</MenuItem>
                    {MEASURES.map((m) => (
                        <MenuItem key={m.id} value={m.id}>
                            {m.name}
                        </MenuItem>
                    ))}
                </TextField>
                {field('portions', 'portions', 'Portions', 90)}
                {field('serveAt', 'serve at', 'Served at, °C', 110)}
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(300px, 5fr) 7fr' }, gap: 1.5, minHeight: 0 }}>
                <Panel {...file.drop} sx={{ display: 'flex', flexDirection: 'column', p: '10px 12px', minHeight: 260, ...(file.isOver && { outline: '3px dashed var(--cobalt)' }) }}>
                    <label htmlFor="lines" style={{ fontWeight: 650 }}>
                        Recipe, or ingredient lines
                    </label>
                    <Box sx={{ display: 'flex', gap: 1, alignItems: 'center', mb: 0.75 }}>
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', flex: 1 }}>Paste a whole recipe, drop its file here, or write one ingredient a line.</Box>
                        {file.button}
                    </Box>
                    {file.error && <ProblemNote error={file.error} />}
                    <Box
                        component="textarea" id="lines" spellCheck={false} value={draft.lines}
                        onChange={(e: React.ChangeEvent<HTMLTextAreaElement>) => set({ lines: e.target.value })}
                        placeholder={'For the base:\n150 g plain biscuits\n60 g butter, melted\n\nFor the filling:\n2/3 cup lemon juice\n4 large egg yolks\n1 stick butter'}
                        sx={{
                            flex: 1, resize: 'none', border: '1px solid var(--line)', borderRadius: '8px', p: 1.25, font: 'inherit', fontSize: 'var(--text-body)', lineHeight: 1.65, bgcolor: 'var(--panel)', color: 'var(--ink)',
                            '&::placeholder': { color: 'var(--ink-soft)', opacity: 0.85 },
                        }}
                    />
                </Panel>
                <Panel component="section" aria-label="As it is read" sx={{ overflow: 'auto' }} tabIndex={0}>
                    {keep.error && <ProblemNote error={keep.error} />}
                    {headed.error && headed.variables.heading !== 'tin' && <ProblemNote error={headed.error} />}
                    {another.error && <ProblemNote error={another.error} />}
                    {source !== null && source.titles.length > 1 && (
                        // Never disabled: what is read for long would lose the focus that comes back to it.
                        <TextField select size="small" label={`One of ${source.titles.length} recipes in the file`} value={source.number} onChange={(e) => { if (!another.isPending) another.mutate(Number(e.target.value)); }} aria-busy={another.isPending} sx={{ minWidth: 300, mb: 1.5 }}>
                            {source.titles.map((title, n) => <MenuItem key={n} value={n + 1}>{title}</MenuItem>)}
                        </TextField>
                    )}
                    {problem && (
                        <ProblemNote error={new Problem(problem.status, { detail: problem.message, field: problem.line !== null ? `line ${Math.max(1, problem.line - headRows(asked))} of your text` : problem.field, mend: problem.mend })} />
                    )}
                    {asked.lines.trim() === '' && (
                        <Box sx={{ color: 'var(--ink-soft)', maxWidth: 460 }}>
                            <h2 className="name" style={{ fontSize: 'var(--text-title)', color: 'var(--ink)' }}>
                                Grams appear here as you type
                            </h2>
                            Paste a recipe as it stands, title, headings, method, notes and all: or write as your kitchen writes: <em>2 sticks butter</em>, <em>juice of 1½ lemons</em>, <em>one 14-oz can condensed milk</em>, <em>3 leaves gelatine</em>. Each line shows how it became grams. A line that is
                            not understood stays, marked, with suggestions.
                        </Box>
                    )}
                    {data && !problem && (
                        <ReadLines
                            onFind={showInText}
                            reading={data}
                            refused={headed.error instanceof Problem && headed.variables && headed.variables.heading !== 'whole' ? { layer: headed.variables.layer, heading: headed.variables.heading, value: headed.variables.value, words: `Not understood as a vessel: ${headed.error.mend}` } : null}
                            onHeading={(layer, heading, value) => headed.mutate({ text: draft.lines, layer, heading, value, measures: draft.measures || null })}
                            onReplace={(from, to) => set({ lines: draft.lines.split('\n').map((row) => (row.trim() === from.trim() ? to : row)).join('\n') })}
                        />
                    )}
                </Panel>
            </Box>
        </Box>
    );
}
