import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call } from '../../api/client';
import { laddersQuery, versionQuery } from '../../api/queries';
import type { BenchData, PotLadder } from '../../api/types';
import { useWrite } from '../../api/useWrite';
import { chanceWords } from '../../shared/chances';
import { longDay, typedOrText } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { useRemoval } from '../../shared/useRemoval';
import { JUST, LADDER } from '../../api/words';
import { Only } from '../../shared/Only';

/** Ladders of pots: what to weigh, what was found, what it says. */
export function Pots() {
    const { data, error, isPending, refetch } = useQuery(laddersQuery());
    if (isPending) return <Waiting what="the pots"><LinesWaiting /></Waiting>;
    if (error) return <ProblemNote error={error} onRetry={() => void refetch()} />;
    return (
        <Box sx={{ display: 'grid', gap: 1.5 }}>
            {data.length === 0 && <Panel>No pots were made yet. On the <Link to="/bench">Bench</Link>, under “This version”, choose “Find a dose in small pots”.</Panel>}
            {data.map((ladder) => <OneLadder key={`${ladder.id} ${ladder.edition}`} ladder={ladder} />)}
        </Box>
    );
}

function OneLadder({ ladder }: { ladder: PotLadder }) {
    const client = useQueryClient();
    const navigate = useNavigate();
    const write = useWrite(ladder.edition);
    const { design, fit } = ladder;
    const [found, setFound] = useState<Record<number, string>>(() => Object.fromEntries(design.pots.map((pot) => [pot.code, ((ladder.found as Record<string, (number | string)[]>)[String(pot.code)] ?? []).join(', ')])));
    const fresh = () => Promise.all([client.invalidateQueries({ queryKey: ['ladders'] }), client.invalidateQueries({ queryKey: ['trials'] })]);
    const isTaste = design.asked !== 'set';
    const judge = useMutation({
        mutationFn: () => write<PotLadder>('PUT', `ladders/${ladder.id}/found`, { found: Object.fromEntries(design.pots.map((pot) => [pot.code, saidOf(found[pot.code] ?? '', isTaste)])) }),
        onSuccess: fresh,
    });
    const take = useMutation({
        mutationFn: async () => {
            const version = await call<BenchData>('GET', `versions/${ladder.version_id}`);
            return call<BenchData>('POST', `ladders/${ladder.id}/revision`, { revision: version.version.revision });
        },
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            void navigate(`/bench/${made.version.id}`);
        },
    });
    const { told } = useRemoval();
    const remove = useMutation({
        mutationFn: () => call<undefined>('DELETE', `ladders/${ladder.id}`),
        onSuccess: async () => {
            await fresh();
            told('ladders', ladder.id, `The pots of ${ladder.dish}`);
        },
    });
    const failed = judge.error ?? take.error ?? remove.error;
    const names = design.agents.map((one) => one.name.toLowerCase()).join(' and ');
    const g = (grams: number) => (grams < 10 ? grams.toFixed(1) : grams.toFixed(0));
    return (
        <Panel component="section" aria-label={`${ladder.dish}, ${ladder.version}: ${names}`}>
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-title)', flex: 1 }}>
                    {ladder.dish}, {ladder.version}: {names}
                </h2>
                <span style={{ color: 'var(--ink-soft)' }}>{longDay(ladder.made_on)}, {ladder.who}, revision {ladder.revision}</span>
                <Only to="record"><Button color="error" onClick={() => remove.mutate()} disabled={remove.isPending} aria-label={`Take the pots of ${ladder.dish}, ${ladder.version}, away`}>Take away</Button></Only>
            </Box>
            <Box sx={{ mb: 1 }}>
                {isTaste ? `Which pot’s ${design.asked} is right?` : `Wanted: ${LADDER[design.wanted]}. Foretold by the shipped model; judge it unseen, after ${design.hours} h at ${design.serve_at} °C.`} Order: <strong>{design.order.join(' · ')}</strong>
            </Box>
            {failed && <ProblemNote error={failed} />}
            <Box sx={{ overflowX: 'auto' }} tabIndex={0} role="region" aria-label={`Pots of ${ladder.dish}`}>
                <Box component="table" sx={{ borderCollapse: 'collapse', fontVariantNumeric: 'tabular-nums', '& th, & td': { textAlign: 'left', p: '4px 12px 4px 0', borderBottom: '1px solid var(--line)', verticalAlign: 'middle' } }}>
                    <thead>
                        <tr>
                            <th>Code</th>
                            <th>Base</th>
                            {design.stock ? <><th>Stock</th><th>{design.liquid}</th></> : <th>{names}</th>}
                            <th>that is</th>
                            {!isTaste && <th>Foretold</th>}
                            <th>Found, a judge each</th>
                            {fit && !isTaste && <th>Now said</th>}
                        </tr>
                    </thead>
                    <tbody>
                        {design.pots.map((pot, n) => (
                            <tr key={pot.code}>
                                <th scope="row" style={{ fontSize: 'var(--text-head)' }}>{pot.code}</th>
                                <td>{g(pot.base)} g</td>
                                {design.stock ? <><td><strong>{g(pot.stock ?? 0)} g</strong></td><td>{g(pot.liquid ?? 0)} g</td></> : <td><strong>{g(pot.agent)} g</strong></td>}
                                <td>{pot.dose.toFixed(2)} %</td>
                                {!isTaste && <td>{pot.foretold_word}</td>}
                                <td>
                                    <TextField size="small" value={found[pot.code] ?? ''} onChange={(e) => setFound({ ...found, [pot.code]: e.target.value })} placeholder={isTaste ? 'right, too much' : '4, 3.5'} slotProps={{ htmlInput: { 'aria-label': `Found of ${pot.code}` } }} sx={{ width: 150 }} />
                                </td>
                                {fit && !isTaste && <td style={{ fontSize: 'var(--text-small)' }}>{chanceWords(fit.chances[n] ?? [])}</td>}
                            </tr>
                        ))}
                    </tbody>
                </Box>
            </Box>
            <Box sx={{ fontSize: 'var(--text-small)', color: 'var(--ink-soft)', mt: 0.5 }}>
                {isTaste ? `Say of each ${JUST.join(', ')}; commas between judges.` : `Steps: ${LADDER.map((word, step) => `${step} ${word}`).join(', ')}; halves allowed, commas between judges.`}
            </Box>
            <Box component="details" open={fit === null} sx={{ mt: 1 }}>
                <summary style={{ cursor: 'pointer', fontWeight: 650 }}>What to weigh</summary>
                <Box component="ol" sx={{ m: '4px 0', pl: 2.5 }}>
                    <li>
                        One base for all pots, {g(design.pots.reduce((sum, pot) => sum + pot.base, 0))} g: {design.base.map((one) => `${g(one.grams)} g ${one.name.toLowerCase()}`).join(', ')}. Weigh a tenth more; something clings.
                    </li>
                    {design.stock && (
                        <li>
                            A stock of {(100 * design.stock.strength).toFixed(0)} %: {design.stock.agent.toFixed(1)} g {names} in {g(design.stock.liquid)} g {design.liquid?.toLowerCase()}, so that a scale of 0.1 g can tell the doses apart.
                        </li>
                    )}
                    <li>Into each pot base{design.stock ? ', stock and the rest of the liquid' : ` and ${names}`} as in the table; each is {design.pot_g} g. Treat every pot as the layer is treated, at once.</li>
                    <li>Write the codes under the pots. Judge in the order given, without the table.</li>
                </Box>
            </Box>
            <Box sx={{ display: 'flex', gap: 1, mt: 1, flexWrap: 'wrap', alignItems: 'center' }}>
                <Only to="record"><Button variant={fit ? 'outlined' : 'contained'} onClick={() => judge.mutate()} disabled={judge.isPending || Object.values(found).every((one) => one.trim() === '')}>
                    Note what was found
                </Button></Only>
                {fit?.dose && (
                    <>
                        <Box sx={{ flex: 1 }}>
                            <strong>{fit.dose.value.toFixed(2)} %</strong> {isTaste ? 'tastes right' : `for ${fit.wanted_word ?? ''}`}, 95 %: {fit.dose.low?.toFixed(2) ?? 'under what was tried'} to {fit.dose.high?.toFixed(2) ?? 'over what was tried'}.
                            {fit.sure !== undefined && fit.sure !== null && ` From ${fit.sure.toFixed(2)} % it is at least that nine times in ten.`}
                            {fit.factor && ` Factor here × ${fit.factor.value.toFixed(2)} (${fit.factor.low?.toFixed(2)} to ${fit.factor.high?.toFixed(2)}).`}
                            {fit.factor && Math.abs(fit.factor.value - 1) > 0.1 && <> The Bench reads with the shipped model until <Link to="/notebook?view=sure">this kitchen’s factor</Link> is taken over.</>}
                            {fit.bracket && fit.bracket[0] !== null && fit.bracket[1] !== null && ` Without any model: between ${fit.bracket[0]?.toFixed(2)} and ${fit.bracket[1]?.toFixed(2)} %.`}
                        </Box>
                        <Only to="develop"><Button variant="contained" onClick={() => take.mutate()} disabled={take.isPending}>
                            Take it over as a revision
                        </Button></Only>
                    </>
                )}
            </Box>
        </Panel>
    );
}

/** What was typed of a pot: steps, or how it tastes; what is neither goes as it is, and is refused with its place. */
const saidOf = (text: string, isTaste: boolean): (number | string)[] => text.split(',').map((one) => one.trim()).filter(Boolean).map((one) => (isTaste ? one : (typedOrText(one) ?? one)));
