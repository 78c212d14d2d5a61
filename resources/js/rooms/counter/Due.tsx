import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { call } from '../../api/client';
import type { Errand, Waiting } from '../../api/types';
import { dayWords, today } from '../../shared/days';
import { notice } from '../../shared/notice';
import { Panel } from '../../shared/Panel';
import { Only } from '../../shared/Only';

const ErrandDialog = lazy(async () => ({ default: (await import('./ErrandDialog')).ErrandDialog }));

/** What is to be done, soonest first, for everybody or for one who is waited for. */
export function Due({ waiting }: { waiting: Waiting }) {
    const client = useQueryClient();
    const [whom, setWhom] = useState('');
    const [changing, setChanging] = useState<Errand | null>(null);
    const say = async (errand: Errand, done: boolean) => {
        const { words, due_on, waits_for } = errand;
        const kept = await call<Errand>('PUT', `errands/${errand.id}`, { words, due_on, waits_for, done }, undefined, errand.revision);
        await client.invalidateQueries({ queryKey: ['dishes'] });
        return kept;
    };
    const done = useMutation({
        mutationFn: (errand: Errand) => say(errand, true),
        onSuccess: (kept) => notice({ text: `Done: ${kept.words}.`, back: { word: 'Not yet', act: () => void say(kept, false).then(() => notice(null), () => notice({ text: 'It could not be taken back.' })) } }),
        onError: (error) => {
            notice({ text: error.message });
            void client.invalidateQueries({ queryKey: ['dishes'] });
        },
    });
    const shown = waiting.errands.filter((errand) => whom === '' || errand.waits_for === whom);
    const more = waiting.errands_in_all - waiting.errands.length;
    return (
        <Panel component="section" aria-labelledby="due-title">
            <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, mb: 0.5 }}>
                <h2 id="due-title" className="name" style={{ margin: 0, fontSize: 'var(--text-title)', flex: 1 }}>
                    What is next
                </h2>
                {waiting.people.length > 0 && (
                    <TextField select size="small" value={whom} onChange={(e) => setWhom(e.target.value)} slotProps={{ htmlInput: { 'aria-label': 'Waits for' }, select: { displayEmpty: true } }}>
                        <MenuItem value="">everybody</MenuItem>
                        {waiting.people.map((one) => (
                            <MenuItem key={one} value={one}>
                                {one}
                            </MenuItem>
                        ))}
                    </TextField>
                )}
            </Box>
            {shown.length === 0 && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>Nothing is set down{whom ? ` for ${whom}` : ''}. A dish’s ⋯ says what is next with it, by when, and who it waits for.</Box>}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { py: 0.5, borderTop: '1px solid var(--line)', display: 'flex', gap: 1, alignItems: 'flex-start' } }}>
                {shown.map((errand) => (
                    <li key={errand.id}>
                        <Only to="record"><Box component="button" type="button" onClick={() => setChanging(errand)} sx={{ font: 'inherit', color: 'inherit', textAlign: 'left', border: 0, background: 'none', p: 0, flex: 1, cursor: 'pointer', lineHeight: 1.3, '&:hover': { color: 'var(--cobalt)' } }}>
                            <strong>{errand.dish}</strong>: {errand.words}
                            <ErrandFacts errand={errand} />
                        </Box></Only>
                        <Only to="record"><Button size="small" onClick={() => done.mutate(errand)} aria-label={`Done: ${errand.words}, ${errand.dish}`} sx={{ flex: 'none', minHeight: 'var(--press-usual)', py: 0 }}>
                            done
                        </Button></Only>
                    </li>
                ))}
            </Box>
            {more > 0 && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', pt: 0.5 }}>{more} more stand behind these.</Box>}
            {changing && (
                <Suspense fallback={null}>
                    <ErrandDialog dish={{ id: changing.dish_id, title: changing.dish }} errand={changing} onClose={() => setChanging(null)} />
                </Suspense>
            )}
        </Panel>
    );
}

/** By when, and who is waited for; late in words and colour. */
export function ErrandFacts({ errand }: { errand: Errand }) {
    const late = errand.due_on !== null && errand.due_on <= today();
    return (
        <Box component="span" sx={{ display: 'block', fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
            {errand.due_on && <span style={late ? { color: 'var(--beet)', fontWeight: 650 } : undefined}>{dayWords(errand.due_on)}</span>}
            {errand.due_on && errand.waits_for && ' · '}
            {errand.waits_for && `waits for ${errand.waits_for}`}
            {!errand.due_on && !errand.waits_for && 'no day set'}
        </Box>
    );
}
