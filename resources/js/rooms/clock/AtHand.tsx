import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Service } from '../../api/types';
import { minutes } from '../../shared/numbers';
import type { Block } from './lanes';
import { clockOf, dayOf, momentOf, wallNow } from '../../shared/moment';
import { BeginRun } from '../../shared/run/BeginRun';
import { useSay } from './useService';
import { useMay } from '../../shared/Only';

/** The step that is at hand: what it is, until what is seen, and what can be said of it. */
export function AtHand({ block, service, onClose }: { block: Block; service: Service; onClose: () => void }) {
    const say = useSay(service);
    const { step } = block;
    const item = step.item === null ? null : service.items[step.item];
    const may = useMay();
    const isOurs = may('record') && item !== null && item !== undefined && step.kind !== 'clean';
    const move = (by: number) => say.mutate({ step, state: 'locked', at: momentOf(block.from + by) });
    const isFixed = step.state === 'begun' || step.state === 'done';
    return (
        <Box component="section" aria-label="At hand" sx={{ bgcolor: 'var(--panel)', border: '1.5px solid var(--rim)', borderRadius: '11px', p: '8px 14px', display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
            <Box sx={{ flex: '1 1 420px' }}>
                <strong>{clockOf(block.from)}–{clockOf(block.to)}, {dayOf(block.from)}</strong>{' '}
                {item && <Box component="span" sx={{ color: 'var(--ink-soft)' }}>{item.dish}, {item.version}</Box>}
                <div>{step.text}</div>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>
                    {step.hands_on_min > 0 && <>{minutes(step.hands_on_min)} of hands{step.cook !== null && `, cook ${step.cook}`}, {step.station} {step.unit}. </>}
                    {block.to - block.hands >= 1 && <>Then {minutes(block.to - block.hands)} of waiting. </>}
                    {step.target_c !== null && <>{step.kind === 'bake' ? 'Oven' : 'To'} {Math.round(step.target_c)} °C. </>}
                    {step.endpoint && <>Done when: {step.endpoint}.</>}
                </Box>
            </Box>
            <Box className="no-print" sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
                {isOurs && step.state !== 'done' && <Button variant="contained" onClick={() => say.mutate({ step, state: 'done', at: wallNow() })}>Done</Button>}
                {isOurs && !isFixed && <Button variant="outlined" onClick={() => say.mutate({ step, state: 'begun', at: wallNow() })}>Begun</Button>}
                {isOurs && !isFixed && (
                    <>
                        <Button variant="outlined" onClick={() => move(-5)}>5 min earlier</Button>
                        <Button variant="outlined" onClick={() => move(5)}>5 min later</Button>
                        {step.state === 'planned' && <Button variant="outlined" onClick={() => move(0)}>Keep it here</Button>}
                    </>
                )}
                {isOurs && step.state !== 'planned' && <Button onClick={() => say.mutate({ step, state: null, at: null })}>{step.state === 'locked' ? 'Let it move' : 'Not yet'}</Button>}
                {isOurs && <BeginRun version={item.version_id} portions={item.portions} item={item.id} variant="outlined">Make it</BeginRun>}
                <Button onClick={onClose}>Close</Button>
            </Box>
        </Box>
    );
}
