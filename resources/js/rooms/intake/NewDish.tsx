import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { call, Problem } from '../../api/client';
import type { DishSummary, Side, TreatmentChoice, Warning } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { FAMILIES, MEASURES } from '../../shared/words';
import { ReadLines } from './ReadLines';
import { HEAD_ROWS, wholeText } from './wholeText';

interface Draft {
    title: string;
    family: string;
    measures: string;
    portions: string;
    serveAt: string;
    lines: string;
}

const EMPTY: Draft = { title: '', family: 'curd', measures: 'metric', portions: '8', serveAt: '6', lines: '' };

function remembered(text: unknown): Draft {
    if (typeof text === 'string' && text.trim() !== '') return { ...EMPTY, lines: text };
    try {
        return { ...EMPTY, ...(JSON.parse(localStorage.getItem('new-dish') ?? '{}') as Partial<Draft>) };
    } catch {
        return EMPTY;
    }
}

/** Type or paste a dish; every line turns to grams as it is typed. The draft stays on this machine until it is kept. */
export function NewDish() {
    const location = useLocation() as { state: { text?: string } | null };
    const [draft, setDraft] = useState<Draft>(() => remembered(location.state?.text));
    const [asked, setAsked] = useState(draft);
    const navigate = useNavigate();
    const client = useQueryClient();
    useEffect(() => {
        localStorage.setItem('new-dish', JSON.stringify(draft));
        const wait = setTimeout(() => setAsked(draft), 140);
        return () => clearTimeout(wait);
    }, [draft]);
    const text = wholeText(asked, asked.lines);
    const reading = useQuery({
        queryKey: ['reading', text],
        queryFn: ({ signal }) => call<Side & { watch: Warning[]; treatments: TreatmentChoice[] }>('POST', 'readings', { text, measures: asked.measures }, signal),
        enabled: asked.lines.trim() !== '',
        placeholderData: keepPreviousData,
        retry: false,
    });
    const keep = useMutation({
        mutationFn: () => call<DishSummary>('POST', 'dishes', { text: wholeText(draft, draft.lines), measures: draft.measures }),
        onSuccess: async (dish) => {
            localStorage.removeItem('new-dish');
            await client.invalidateQueries({ queryKey: ['dishes'] });
            await navigate(`/bench/${dish.versions[0]?.id ?? ''}`);
        },
    });
    const headed = useMutation({
        mutationFn: (change: { text: string; layer: number; heading: 'treat' | 'tin'; value: string }) => call<{ text: string }>('POST', 'readings/heading', change),
        // What was typed meanwhile is never replaced.
        onSuccess: (made, change) => setDraft((d) => (d.lines === change.text ? { ...d, lines: made.text } : d)),
    });
    const set = (part: Partial<Draft>) => setDraft((d) => ({ ...d, ...part }));
    const field = (key: 'title' | 'portions' | 'serveAt', label: string, width: number | string) => (
        <TextField size="small" label={label} value={draft[key]} onChange={(e) => set({ [key]: e.target.value })} sx={{ width }} />
    );
    const problem = reading.error instanceof Problem ? reading.error : null;

    return (
        <Box sx={{ p: '14px 16px', height: '100%', boxSizing: 'border-box', display: 'grid', gridTemplateRows: 'auto auto 1fr', gap: 1.5 }}>
            <Box component="header" sx={{ display: 'flex', alignItems: 'center', gap: 2 }}>
                <h1 className="name" style={{ margin: 0, fontSize: 25 }}>
                    New dish
                </h1>
                <Box sx={{ color: 'var(--ink-soft)' }}>The draft stays on this machine until you keep it.</Box>
                <Box sx={{ flex: 1 }} />
                <Button variant="outlined" onClick={() => setDraft(EMPTY)} disabled={draft.lines === '' && draft.title === ''}>
                    Clear
                </Button>
                <Button variant="contained" onClick={() => keep.mutate()} disabled={keep.isPending} sx={{ minHeight: 38, px: 2 }}>
                    Keep it and open the Bench
                </Button>
            </Box>
            <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
                {field('title', 'Name of the dish', 300)}
                <TextField select size="small" label="Family" value={draft.family} onChange={(e) => set({ family: e.target.value })} sx={{ width: 140 }}>
                    {FAMILIES.map((family) => (
                        <MenuItem key={family} value={family}>
                            {family}
                        </MenuItem>
                    ))}
                </TextField>
                <TextField select size="small" label="Measures" value={draft.measures} onChange={(e) => set({ measures: e.target.value })} sx={{ width: 290 }}>
                    {MEASURES.map((m) => (
                        <MenuItem key={m.id} value={m.id}>
                            {m.name}
                        </MenuItem>
                    ))}
                </TextField>
                {field('portions', 'Portions', 90)}
                {field('serveAt', 'Served at, °C', 110)}
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(300px, 5fr) 7fr' }, gap: 1.5, minHeight: 0 }}>
                <Panel sx={{ display: 'flex', flexDirection: 'column', p: '10px 12px', minHeight: 260 }}>
                    <label htmlFor="lines" style={{ fontWeight: 650 }}>
                        Ingredient lines
                    </label>
                    <Box sx={{ color: 'var(--ink-soft)', fontSize: 14, mb: 0.75 }}>One a line; a heading such as “For the crust:” begins a layer.</Box>
                    <Box
                        component="textarea" id="lines" spellCheck={false} value={draft.lines}
                        onChange={(e: React.ChangeEvent<HTMLTextAreaElement>) => set({ lines: e.target.value })}
                        placeholder={'For the base:\n150 g plain biscuits\n60 g butter, melted\n\nFor the filling:\n2/3 cup lemon juice\n4 large egg yolks\n1 stick butter'}
                        sx={{
                            flex: 1, resize: 'none', border: '1px solid var(--line)', borderRadius: '8px', p: 1.25, font: 'inherit', fontSize: 15.5, lineHeight: 1.65, bgcolor: 'var(--panel)', color: 'var(--ink)',
                            '&::placeholder': { color: 'var(--ink-soft)', opacity: 0.85 },
                        }}
                    />
                </Panel>
                <Panel component="section" aria-label="As it is read" sx={{ overflow: 'auto' }} tabIndex={0}>
                    {keep.error && <ProblemNote error={keep.error} />}
                    {headed.error && <ProblemNote error={headed.error} />}
                    {problem && (
                        <ProblemNote error={new Problem(problem.status, { detail: problem.message, field: problem.line !== null ? `line ${Math.max(1, problem.line - HEAD_ROWS)} of your text` : problem.field, mend: problem.mend })} />
                    )}
                    {asked.lines.trim() === '' && (
                        <Box sx={{ color: 'var(--ink-soft)', maxWidth: 460 }}>
                            <h2 className="name" style={{ fontSize: 18, color: 'var(--ink)' }}>
                                Grams appear here as you type
                            </h2>
                            Write as your kitchen writes: <em>2 sticks butter</em>, <em>juice of 1½ lemons</em>, <em>one 14-oz can condensed milk</em>, <em>3 leaves gelatine</em>. Each line shows how it became grams. A line that is
                            not understood stays, marked, with suggestions.
                        </Box>
                    )}
                    {reading.data && !problem && asked.lines.trim() !== '' && (
                        <ReadLines
                            side={reading.data}
                            treatments={reading.data.treatments}
                            onHeading={(layer, heading, value) => headed.mutate({ text: draft.lines, layer, heading, value })}
                            onReplace={(from, to) => set({ lines: draft.lines.split('\n').map((row) => (row.trim() === from.trim() ? to : row)).join('\n') })}
                        />
                    )}
                </Panel>
            </Box>
        </Box>
    );
}
