import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import type { Run } from '../../api/types';
import { grams, longDay, oneDecimal } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';

const WORDS: Record<string, string> = { weighed: 'weighed', done: 'done', undone: 'not done after all', temperature: 'probe', note: 'noted', scaled: 'balanced anew', timer: 'timed', finished: 'made', swapped: 'taken instead' };

/** What was made, when, by whom, of how much, how hot: the record of a run, to print or to take along. */
export function RunRecord({ run }: { run: Run }) {
    const step = (id: string) => run.making.steps.find((one) => one.id === id)?.text ?? '';
    const name = (event: Run['events'][number]) => run.weighing.find((line) => line.step === event.step && line.ingredient === event.body.ingredient)?.name ?? event.body.ingredient ?? '';
    const said = (event: Run['events'][number]): string => {
        const { body } = event;
        if (event.kind === 'weighed') return `${grams(body.grams ?? 0)} g ${name(event)}`;
        if (event.kind === 'temperature') return `${body.celsius === undefined ? '' : oneDecimal(body.celsius)} °C, ${step(event.step)}`;
        if (event.kind === 'scaled') return `${run.layers[body.layer ?? 0] ?? ''}: what was left × ${(body.factor ?? 1).toPrecision(3)}`;
        if (event.kind === 'timer') return `${Math.round(body.minutes ?? 0)} min, ${step(event.step)}`;
        if (event.kind === 'swapped') return `${body.to ?? ''} for ${body.ingredient ?? ''}`;
        if (event.kind === 'note') return body.text ?? '';
        return step(event.step);
    };
    const lotOf = (event: Run['events'][number]) => run.weighing.flatMap((line) => line.lots).find((lot) => lot.id === event.body.lot)?.code;
    return (
        <Panel component="section" aria-labelledby="record-title" className="sheet">
            <h2 id="record-title" className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>The record</h2>
            <div>Revision {run.revision}, {run.portions} portions, begun by {run.who} on {longDay(run.started_at)}. What was weighed and read is what was written down here; it is no proof of what was not.</div>
            <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', mt: 1, '& td, & th': { borderTop: '1px solid var(--line)', py: '5px', pr: 1.5, textAlign: 'left', verticalAlign: 'top' } }}>
                <thead><tr><th scope="col">When</th><th scope="col">What</th><th scope="col">Of what</th><th scope="col">Who</th></tr></thead>
                <tbody>
                    {run.events.map((event) => (
                        <tr key={event.client_id}>
                            <td className="figure">{event.at.slice(0, 10)} {event.at.slice(11, 16)}</td>
                            <td>{WORDS[event.kind] ?? event.kind}</td>
                            <td>{said(event)}{lotOf(event) !== undefined && `, lot ${lotOf(event)}`}{event.body.simulated && ' (simulated)'}</td>
                            <td>{event.who}</td>
                        </tr>
                    ))}
                </tbody>
            </Box>
            <Box className="no-print" sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1.5 }}>
                <Button variant="contained" component={Link} to={`/bench/${run.version_id}`}>Note how it came out</Button>
                <Button variant="outlined" component="a" href={`/api/runs/${run.id}/record.csv`} download>As a table</Button>
                <Button variant="outlined" onClick={() => window.print()}>Print</Button>
            </Box>
        </Panel>
    );
}
