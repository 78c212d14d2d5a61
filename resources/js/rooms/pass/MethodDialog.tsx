import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useWrite } from '../../api/useWrite';
import { methodQuery } from '../../api/queries';
import type { Method } from '../../api/types';
import { notice } from '../../shared/notice';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { added, asTyped, canGo, drafted, moved, parted, putBack } from './methodDraft';

/** The method in own words: each step is reworded, parted, moved within what needs what, or added to; what the formula asks for stays beside it. */
export function MethodDialog({ version, onClose }: { version: number; onClose: () => void }) {
    const { data, error } = useQuery({ ...methodQuery(version), gcTime: 0 });
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="method-title">
            <DialogTitle id="method-title" className="name">In your own words</DialogTitle>
            {error && <DialogContent><ProblemNote error={error} /></DialogContent>}
            {!error && !data && <DialogContent><Waiting what="the method"><LinesWaiting /></Waiting></DialogContent>}
            {data && <Writing version={version} method={data} onClose={onClose} />}
        </Dialog>
    );
}

function Writing({ version, method, onClose }: { version: number; method: Method; onClose: () => void }) {
    const client = useQueryClient();
    const [draft, setDraft] = useState(() => drafted(method));
    const waiting = method.out.filter((one) => !draft.some((at) => at.step === one.step));
    const write = useWrite(method.said);
    const keep = useMutation({
        mutationFn: (steps: ReturnType<typeof asTyped>) => write<Method>('PUT', `versions/${version}/method`, { steps }),
        onSuccess: (kept) => {
            for (const what of ['making', 'card', 'version', 'run']) void client.invalidateQueries({ queryKey: [what] });
            client.removeQueries({ queryKey: methodQuery(version).queryKey });
            notice({ text: kept.is_own ? 'The method is told in your words' : 'The method is drafted from the formula' });
            onClose();
        },
    });
    return (
        <>
            <DialogContent>
                <Box sx={{ color: 'var(--ink-soft)', mb: 1.5 }}>
                    {method.is_formulas
                        ? 'This is the method the dish came with. Plan, Stove and card are read from it: change a step, move it or take it out, and they follow.'
                        : 'Amounts such as “164 g passion-fruit juice” stay linked: they follow the formula. When the formula asks for another step, your words stay and both are shown. What you take out stays out.'}
                </Box>
                {waiting.length > 0 && (
                    <Box component="ul" aria-label="Taken out" sx={{ listStyle: 'none', m: 0, mb: 1.5, p: 0 }}>
                        {waiting.map((one) => (
                            <Box component="li" key={one.step} sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                                <del style={{ color: 'var(--ink-soft)' }}>{one.text}</del>
                                {one.breaks !== '' && <Box component="span" sx={{ color: 'var(--yolk)', fontWeight: 650 }}>{one.breaks}</Box>}
                                <Button onClick={() => setDraft(putBack(draft, one))} aria-label={`Put back: ${one.text}`}>Put it back</Button>
                            </Box>
                        ))}
                    </Box>
                )}
                <Box component="ol" aria-label="Steps of the method" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                    {draft.map((one, i) => {
                        const name = `step ${i + 1}`;
                        return (
                            <Box component="li" key={one.id} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
                                <TextField
                                    multiline fullWidth size="small" value={one.text} onChange={(e) => setDraft(draft.map((at, n) => (n === i ? { ...at, text: e.target.value } : at)))}
                                    slotProps={{ htmlInput: { 'aria-label': `Words of ${name}`, maxLength: 1200 } }} placeholder={one.step === null ? 'What is done here' : 'Empty: told as the formula asks for it'}
                                />
                                {one.why && <Box sx={{ color: 'var(--yolk)', fontWeight: 650 }}>{one.why}</Box>}
                                {one.now !== '' && one.now !== one.text && <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>The formula asks: {one.now}</Box>}
                                <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap' }}>
                                    <Button onClick={() => setDraft(moved(draft, i, -1))} disabled={i === 0} aria-label={`Earlier: ${name}`}>Earlier</Button>
                                    <Button onClick={() => setDraft(moved(draft, i, 1))} disabled={i === draft.length - 1} aria-label={`Later: ${name}`}>Later</Button>
                                    <Button onClick={() => setDraft(parted(draft, i))} disabled={one.text.trim() === ''} aria-label={`Part ${name}`}>Part it</Button>
                                    <Button onClick={() => setDraft(added(draft, i))} aria-label={`Add after ${name}`}>Add after it</Button>
                                    {one.now !== '' && one.now !== one.text && <Button onClick={() => setDraft(draft.map((at, n) => (n === i ? { ...at, text: at.now, why: '' } : at)))} aria-label={`As the formula tells it: ${name}`}>As the formula tells it</Button>}
                                    {canGo(draft, i) && <Button color="error" onClick={() => setDraft(draft.filter((_, n) => n !== i))} aria-label={`Take ${name} out`}>Take it out</Button>}
                                </Box>
                            </Box>
                        );
                    })}
                </Box>
                {keep.error && <ProblemNote error={keep.error} />}
            </DialogContent>
            <DialogActions>
                {method.is_own && <Button color="error" onClick={() => keep.mutate([])} disabled={keep.isPending}>{method.is_formulas ? 'Forget these words' : 'All as the formula tells it'}</Button>}
                <Box sx={{ flex: 1 }} />
                <Button onClick={onClose}>Leave it</Button>
                <Button variant="contained" onClick={() => keep.mutate(asTyped(draft))} disabled={keep.isPending}>Keep it</Button>
            </DialogActions>
        </>
    );
}
