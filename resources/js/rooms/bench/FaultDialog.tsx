import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { call } from '../../api/client';
import { faultsQuery, runsOfQuery } from '../../api/queries';
import type { BenchData, FaultAnswer } from '../../api/types';
import { RUN_FACTS } from '../../api/words';
import { counted, inPercent, typedOrText } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';

type Cause = FaultAnswer['causes'][number];

type Write = (send: (revision: number) => Promise<BenchData>) => Promise<void>;

/** What is wrong, why it may be so, what would decide, and what can be done now and next time. */
export function FaultDialog({ data, onWrite, onClose }: { data: BenchData; onWrite: Write; onClose: () => void }) {
    const kinds = useQuery(faultsQuery());
    const runs = useQuery(runsOfQuery(data.version.id)).data ?? [];
    const [fault, setFault] = useState('');
    const [layer, setLayer] = useState('');
    const [run, setRun] = useState<number | ''>('');
    const [facts, setFacts] = useState<Record<string, string>>({});
    const words = [...new Set((kinds.data ?? []).flatMap((one) => [one.fault.replaceAll('_', ' '), ...one.words]))].sort();
    const find = useMutation({
        // Asked of the revision that is shown: what is worked out from it holds for no other.
        mutationFn: async (revision: number) => ({
            revision,
            answer: await call<FaultAnswer>('POST', `versions/${data.version.id}/faults`, {
                fault, ...(layer !== '' && { layer_id: layer }), ...(run !== '' && { run_id: run }),
                facts: Object.fromEntries(Object.entries(facts).filter(([, text]) => text.trim() !== '').map(([id, text]) => [id, text === 'yes' ? true : text === 'no' ? false : (typedOrText(text) ?? text)])),
            }),
        }),
    });
    const answer = find.data?.answer;
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="fault-title">
            <DialogTitle id="fault-title" className="name">
                Something went wrong with {data.version.dish_title}, {data.version.name}
            </DialogTitle>
            <DialogContent>
                <Box component="form" id="fault-form" sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '2fr 1fr 1fr' }, gap: 1.5, pt: 0.75 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); find.mutate(data.version.revision); }}>
                    <Autocomplete freeSolo options={words} inputValue={fault} onInputChange={(_, value) => setFault(value)} renderInput={(params) => <TextField {...params} size="small" label="What is wrong" placeholder="weeps, did not set, grainy…" />} />
                    <TextField select size="small" label="Of which layer" value={layer} onChange={(e) => setLayer(e.target.value)} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                        <MenuItem value="">the one that shows it</MenuItem>
                        {data.now.formula.layers.map((one) => <MenuItem key={one.id} value={one.id}>{one.name}</MenuItem>)}
                    </TextField>
                    <TextField select size="small" label="Made in" value={run} onChange={(e) => setRun(e.target.value === '' ? '' : Number(e.target.value))} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                        <MenuItem value="">no run written down</MenuItem>
                        {runs.map((one) => <MenuItem key={one.id} value={one.id}>{one.started_at.slice(0, 10)}, {counted(one.portions, 'portion')}</MenuItem>)}
                    </TextField>
                </Box>
                <Box component="details" sx={{ my: 1 }}>
                    <summary style={{ cursor: 'pointer', fontWeight: 650 }}>What is known of how it was made</summary>
                    <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(210px, 1fr))', gap: 1, mt: 1 }}>
                        {RUN_FACTS.map((one) =>
                            one.low === null ? (
                                <TextField key={one.id} select size="small" label={one.words} value={facts[one.id] ?? ''} onChange={(e) => setFacts({ ...facts, [one.id]: e.target.value })}>
                                    <MenuItem value="">not known</MenuItem>
                                    <MenuItem value="yes">yes</MenuItem>
                                    <MenuItem value="no">no</MenuItem>
                                </TextField>
                            ) : (
                                <TextField key={one.id} size="small" label={one.words} value={facts[one.id] ?? ''} onChange={(e) => setFacts({ ...facts, [one.id]: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />
                            ),
                        )}
                    </Box>
                </Box>
                {find.error && <ProblemNote error={find.error} />}
                {answer && (
                    <Box aria-live="polite">
                        {answer.stops.map((stop) => <Box key={stop} role="alert" sx={{ bgcolor: 'var(--beet-wash)', border: '1.5px solid var(--beet)', borderRadius: '9px', p: '8px 12px', mb: 1, fontWeight: 650 }}>{stop}</Box>)}
                        {answer.cautions.map((caution) => <Box key={caution} sx={{ bgcolor: 'var(--yolk-wash)', borderRadius: '9px', p: '6px 12px', mb: 1 }}>{caution}</Box>)}
                        <Box sx={{ color: 'var(--ink-soft)', mb: 0.5 }}>
                            {answer.layer}, by its own numbers{Object.keys(answer.facts).length > 0 && `, and what its run says (${Object.entries(answer.facts).map(([id, value]) => `${RUN_FACTS.find((one) => one.id === id)?.words ?? id} ${typeof value === 'number' ? value.toFixed(1) : String(value)}`).join(', ')})`}. The chances are an order of what to look at, not a measurement.
                        </Box>
                        {answer.causes.map((cause, n) => <OneCause key={`${cause.fault} ${cause.row}`} cause={cause} isFirst={n === 0} isOnly={answer.causes.length === 1} isPast={find.data?.revision !== data.version.revision} onWrite={onWrite} layer={{ id: answer.layer_id, name: answer.layer }} data={data} onChange={onClose} />)}
                    </Box>
                )}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button type="submit" form="fault-form" variant="contained" disabled={fault.trim() === '' || find.isPending}>
                    Find out why
                </Button>
            </DialogActions>
        </Dialog>
    );
}

function OneCause({ cause, isFirst, isOnly, isPast, layer, data, onWrite, onChange }: { cause: Cause; isFirst: boolean; isOnly: boolean; isPast: boolean; layer: { id: string; name: string }; data: BenchData; onWrite: Write; onChange: () => void }) {
    const change = useMutation({
        mutationFn: () => onWrite((revision) => call<BenchData>('POST', `versions/${data.version.id}/faults/revision`, { fault: cause.fault, row: cause.row, layer_id: layer.id }, undefined, revision)),
    });
    return (
        <Box component="article" aria-label={cause.cause} sx={{ borderTop: '1px solid var(--line)', py: 1, display: 'grid', gridTemplateColumns: '84px 1fr', columnGap: 1.5 }}>
            <Box className="figure" sx={{ fontSize: isOnly || !isFirst ? 'var(--text-plain)' : 'var(--text-title)', fontWeight: isFirst ? 650 : 400 }}>{isOnly ? 'the only one known' : inPercent(cause.chance)}</Box>
            <Box>
                <strong>{cause.cause}</strong> <span style={{ color: 'var(--ink-soft)' }}>({cause.word})</span>
                {cause.for.length > 0 && <div><span style={{ color: 'var(--herb)', fontWeight: 650 }}>For it:</span> {cause.for.join('; ')}</div>}
                {cause.against.length > 0 && <div><span style={{ color: 'var(--beet)', fontWeight: 650 }}>Against it:</span> {cause.against.join('; ')}</div>}
                {cause.asks !== null && <div><strong>Would decide:</strong> {cause.asks}</div>}
                {cause.now.length > 0 && <div><strong>Now:</strong> {cause.now.map((one) => one.text).join('; ')}</div>}
                {cause.next.length > 0 && (
                    <div>
                        <strong>Next time:</strong> {cause.next.map((one) => one.text).join('; ')}
                        {cause.change === null && <> <Link onClick={onChange} to={`/bench/${data.version.id}?next=${encodeURIComponent(cause.next.map((one) => one.text).join('; '))}`}>Change it by hand</Link></>}
                    </div>
                )}
                {cause.change !== null && (
                    <Box sx={{ mt: 0.5, display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'baseline' }}>
                        <span>
                            <strong>In this formula:</strong> {cause.change.words.join(', ')}; the {layer.name.toLowerCase()} is then foretold {cause.change.after === cause.change.before ? `“${cause.change.after}” as now` : `“${cause.change.after}” instead of “${cause.change.before}”`}.
                        </span>
                        {change.isSuccess ? <strong role="status">It is a revision of its own; close this to see it, or undo it on the Bench.</strong> : isPast ? <span>The formula has changed since: find out why again.</span> : <Button size="small" variant="outlined" onClick={() => change.mutate()} disabled={change.isPending}>Make it a revision</Button>}
                        {change.error && <ProblemNote error={change.error} />}
                    </Box>
                )}
            </Box>
        </Box>
    );
}
