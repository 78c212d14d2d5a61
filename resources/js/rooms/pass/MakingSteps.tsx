import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { makingQuery } from '../../api/queries';
import type { Card, Making } from '../../api/types';
import { grams, minutes } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { inWords, type InWords } from '../../shared/ownWords';
import { ended } from '../../shared/routeWords';
import { otherWays, withoutLayer } from '../../shared/stepWords';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { MethodDialog } from './MethodDialog';
import { Paper } from './Paper';
import type { SheetId } from '../../shared/sheets';
import { limit } from './watched';
import { Only } from '../../shared/Only';

/** The making as a cook works through it: layer by layer, what enters, how hot, until what is seen, how long hands and waits are. */
export function MakingSteps({ card, size }: { card: Card; size: SheetId }) {
    const [isWriting, setWriting] = useState(false);
    const { data, error, isPending, refetch } = useQuery(makingQuery(card.version_id));
    return (
        <Paper card={card} name="Method" size={size}>
            <Box component="section" aria-labelledby="making-title" sx={{ mt: 1 }}>
                <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
                    <h2 id="making-title" className="name" style={{ margin: 0, fontSize: 'var(--text-head)', flex: 1 }}>
                        The making, step by step
                    </h2>
                    {data && <Only to="develop"><Button className="no-print" variant="outlined" onClick={() => setWriting(true)}>In your own words</Button></Only>}
                </Box>
                {isWriting && <MethodDialog version={card.version_id} onClose={() => setWriting(false)} />}
                {isPending && <Waiting what="the steps"><LinesWaiting /></Waiting>}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data && <Steps making={data} />}
            </Box>
        </Paper>
    );
}

function Steps({ making }: { making: Making }) {
    const all = inWords(making);
    const layers = [...new Set(all.map((one) => one.step.layer))];
    const hands = making.steps.reduce((sum, step) => sum + step.hands_on_min, 0);
    return (
        <>
            <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', mb: 1 }}>
                {minutes(hands)} of hands in all, by the models of this formula in this vessel. A computed time is no proof: the sign and the probe decide.
            </Box>
            {layers.map((layer) => (
                <Box key={layer} sx={{ mb: 1.5 }}>
                    <h3 className="name" style={{ margin: '6px 0 2px', fontSize: 'var(--text-title)' }}>
                        {layer || 'The whole'}
                    </h3>
                    {making.stops.filter((one) => one.layer === layer).map((one) => (
                        <Box key={one.text} role="alert" sx={{ border: '2px solid var(--beet)', borderRadius: '9px', p: '6px 12px', my: 0.75, '@media print': { borderWidth: '3px' } }}>
                            <strong style={{ color: 'var(--beet)' }}>Not as it stands:</strong> {withoutLayer(layer, one.text)}
                        </Box>
                    ))}
                    <Watched making={making} layer={layer} />
                    <Box component="ol" aria-label={`Steps of ${layer || 'the whole'}`} sx={{ listStyle: 'none', m: 0, p: 0 }}>
                        {all.filter((one) => one.step.layer === layer && one.step.kind !== 'weigh').map((one) => (
                            <Step key={one.step.id} told={one} />
                        ))}
                    </Box>
                </Box>
            ))}
        </>
    );
}

function Watched({ making, layer }: { making: Making; layer: string }) {
    const watched = making.critical.filter((one) => one.layer === layer);
    if (watched.length === 0) return null;
    return (
        <Box sx={{ fontSize: 'var(--text-plain)', mb: 0.5 }}>
            <strong>Watch the probe:</strong> {watched.map((one) => `${one.what}: ${limit(one)}`).join(' · ')}
        </Box>
    );
}

function Step({ told: { step, texts, quarrels, also } }: { told: InWords }) {
    const about = step.lines.flatMap((line) => line.about ?? []);
    return (
        <Box component="li" sx={{ display: 'grid', gridTemplateColumns: { xs: '34px 1fr', sm: '34px 1fr 150px' }, gap: 1, py: '5px', borderTop: '1px solid var(--line)', alignItems: 'start', '@media print': { gridTemplateColumns: '34px 1fr 150px' } }}>
            <Box component="span" className="figure" sx={{ color: 'var(--ink-soft)' }}>{step.id}</Box>
            <div>
                {texts.map((text) => <Box key={text} sx={{ '&::first-letter': { textTransform: 'uppercase' } }}>{text}</Box>)}
                {about.length > 0 && <Box sx={{ fontSize: 'var(--text-plain)', color: 'var(--ink-soft)' }}>In your measures: {about.join(', ')}. The scale decides.</Box>}
                {quarrels.map((one) => <Box key={one.quarrel} sx={{ color: 'var(--yolk)', fontSize: 'var(--text-plain)' }}><strong>{ended(one.why)}</strong> {one.is_own && <>The formula asks: {withoutLayer(step.layer, one.now)}</>}</Box>)}
                <Box sx={{ fontSize: 'var(--text-plain)', color: 'var(--ink-soft)', lineHeight: 1.3 }}>
                    {step.between && <>On the way: {step.between}. </>}
                    {step.endpoint && <>Done when: {step.endpoint}. </>}
                    {step.reason && <>Why: {step.reason}. </>}
                    {step.goes_wrong && <>If {step.goes_wrong}: {step.rescue}. </>}
                    {step.loss_g >= 1 && <>Loses {grams(step.loss_g)} g: {step.loses}. </>}
                    {step.ways.length > 0 && <>{otherWays(step.ways)}.</>}
                </Box>
                {also.map((one) => <Box key={one.id}>{one.text} {one.why && <strong style={{ color: 'var(--yolk)' }}>{ended(one.why)}</strong>}</Box>)}
                {step.is_new === true && step.kind !== 'weigh' && <Box component="strong" sx={{ fontSize: 'var(--text-small)', color: 'var(--cobalt)' }}>not so in the original</Box>}
            </div>
            <Box sx={{ fontSize: 'var(--text-plain)', gridColumn: { xs: 2, sm: 'auto' }, lineHeight: 1.3 }}>
                {step.hands_on_min >= 1 && <div>{minutes(step.hands_on_min)} at the {step.station}</div>}
                {step.wait_min.best > 0 && (
                    <div>
                        then {minutes(step.wait_min.best)} {step.wait_min.least < step.wait_min.best - 0.5 && `(${minutes(step.wait_min.least)} at least)`}
                    </div>
                )}
                {step.target_c !== null && <div>{step.kind === 'bake' ? 'oven' : 'to'} {Math.round(step.target_c)} °C</div>}
                {step.hold_max_min !== null && <Box sx={{ color: 'var(--ink-soft)' }}>may wait {minutes(step.hold_max_min)}</Box>}
            </Box>
        </Box>
    );
}
