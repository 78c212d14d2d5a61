import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { Link, useNavigate } from 'react-router';
import { call } from '../../api/client';
import { planQuery } from '../../api/queries';
import type { Plan, Service } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { counted, minutes } from '../../shared/numbers';
import { PageFoot } from '../../shared/PageFoot';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { AtHand } from './AtHand';
import { KitchenDialog } from './KitchenDialog';
import { Lanes } from './Lanes';
import { blocksOf, type By } from './lanes';
import { Loads } from './Loads';
import { MadeDialog } from './MadeDialog';
import { clockOf, dayOf, minuteOf, wallNow } from '../../shared/moment';
import { useRemoval } from '../../shared/useRemoval';
import { RunningOrder } from './RunningOrder';
import { Shopping } from './Shopping';
import { ToFetch } from './ToFetch';
import { Only } from '../../shared/Only';

const BY: { by: By; name: string }[] = [{ by: 'dish', name: 'by dish' }, { by: 'station', name: 'by station' }, { by: 'cook', name: 'by cook' }];

/** What is printed of a service, one at a time. */
const PAPERS = { plan: 'Plan', fetch: 'To fetch', buy: 'To buy' } as const;
type Paper = keyof typeof PAPERS;

/** One service: its plan as lanes, what is at hand, and the running order. */
export function ServiceRoom({ service }: { service: Service }) {
    // What is over is shown as it was planned; what is to come is planned from now.
    const isOver = service.serve_at < wallNow();
    const [fromNow, setFromNow] = useState(!isOver);
    const [by, setBy] = useState<By>('dish');
    const [at, setAt] = useState<string | null>(null);
    const [open, setOpen] = useState<'made' | 'kitchen' | null>(null);
    const { data: plan, error, isPending, refetch } = useQuery(planQuery(service.id, fromNow && !isOver ? wallNow : null));
    const blocks = useMemo(() => (plan ? blocksOf(plan) : []), [plan]);
    const client = useQueryClient();
    const go = useNavigate();
    const { told } = useRemoval();
    const takeAway = useMutation({
        mutationFn: () => call<undefined>('DELETE', `services/${service.id}`),
        onSuccess: async () => {
            await client.invalidateQueries({ queryKey: ['services'] });
            await go('/clock');
            told('services', service.id, service.name);
        },
    });
    // One paper at a time leaves the room; the key for printing takes the plan.
    const [paper, setPaper] = useState<Paper>('plan');
    const print = (one: Paper) => {
        flushSync(() => setPaper(one));
        window.print();
        setPaper('plan');
    };
    const of = (one: Paper) => (one === paper ? undefined : 'no-print');
    const served = minuteOf(service.serve_at);
    const chosen = blocks.find((block) => block.key === at) ?? null;
    return (
        <Box sx={{ p: '12px 16px', display: 'grid', gap: 1.25, alignContent: 'start' }}>
            <PageFoot foot={`${service.name}, on the table ${dayOf(served)} at ${clockOf(served)}. ${PAPERS[paper]}`} />
            <Box component="header" sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap' }}>
                <Box sx={{ flex: '1 1 300px', minWidth: 0 }}>
                    <RoomName style={{ lineHeight: 1.15 }}>{service.name}</RoomName>
                    <div>
                        {dayOf(served)}, on the table at <strong>{clockOf(served)}</strong> · {counted(service.items.length, 'dish', 'dishes')}, {counted(service.portions, 'portion')} · {counted(service.kitchen.cooks, 'cook')}
                    </div>
                </Box>
                <Box className="no-print" sx={{ display: 'flex', gap: 0.75, flexWrap: 'wrap', alignItems: 'center' }}>
                    <Only to="record"><Button variant="outlined" onClick={() => setOpen('made')}>What is made</Button></Only>
                    <Button variant="outlined" component={Link} to={`/clock/${service.id}/covers`}>Who comes</Button>
                    <Only to="record"><Button variant="outlined" onClick={() => setOpen('kitchen')}>Kitchen</Button></Only>
                    <Button variant="outlined" component="a" href={`/api/services/${service.id}/plan.ics`} download>Calendar</Button>
                    <Box role="group" aria-label="Print" sx={{ display: 'flex', gap: 0.5, alignItems: 'center' }}>
                        <span aria-hidden>Print:</span>
                        {(Object.keys(PAPERS) as Paper[]).map((one) => <Button key={one} variant="outlined" aria-label={`Print: ${PAPERS[one].toLowerCase()}`} onClick={() => print(one)}>{PAPERS[one]}</Button>)}
                    </Box>
                    <Only to="develop"><Button color="error" onClick={() => takeAway.mutate()} disabled={takeAway.isPending}>Take it away</Button></Only>
                </Box>
            </Box>
            {takeAway.error && <ProblemNote error={takeAway.error} />}
            {service.items.length === 0 && (
                <Panel>
                    Nothing is made yet. Say <Only to="record"><Button size="small" onClick={() => setOpen('made')}>what is made</Button></Only> and for how many, or <Link to={`/clock/${service.id}/covers`}>who comes</Link>: then the plan stands here, made backwards from {clockOf(served)}.
                </Panel>
            )}
            {isPending && <Waiting what="the plan"><LinesWaiting /></Waiting>}
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {plan && service.items.length > 0 && (
                <>
                    <Box className={of('plan')}><Standing plan={plan} service={service} isOver={isOver} fromNow={fromNow && !isOver} /></Box>
                    {plan.stops.length > 0 && (
                        <Box role="alert" sx={{ border: '2px solid var(--beet)', borderRadius: '11px', p: '6px 14px', bgcolor: 'var(--panel)' }}>
                            <strong style={{ color: 'var(--beet)' }}>Not as it stands, whatever the plan:</strong>
                            {plan.stops.map((one) => (
                                <div key={`${one.item} ${one.text}`}><strong>{service.items[one.item]?.dish}</strong>: {one.text}</div>
                            ))}
                        </Box>
                    )}
                    {plan.feasible && (
                        <>
                            <Panel component="section" aria-label="The plan" className={of('plan')} sx={{ p: '8px 10px' }}>
                                <Box className="no-print" sx={{ display: 'flex', gap: 1, alignItems: 'center', mb: 0.5, flexWrap: 'wrap' }}>
                                    <TextField select size="small" value={by} onChange={(e) => setBy(e.target.value as By)} slotProps={{ htmlInput: { 'aria-label': 'Lanes' } }} sx={{ '& .MuiSelect-select': { py: '3px' } }}>
                                        {BY.map((one) => <MenuItem key={one.by} value={one.by}>{one.name}</MenuItem>)}
                                    </TextField>
                                    {!isOver && (
                                        <label style={{ display: 'inline-flex', gap: 6, alignItems: 'center' }}>
                                            <input type="checkbox" checked={fromNow} onChange={(e) => setFromNow(e.target.checked)} /> from now on
                                        </label>
                                    )}
                                    <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)', flex: 1 }}>
                                        <Key />
                                    </Box>
                                </Box>
                                <Lanes blocks={blocks} service={service} by={by} at={at} onAt={setAt} isOver={isOver} />
                                <Loads blocks={blocks} kitchen={service.kitchen} />
                            </Panel>
                            {chosen && <AtHand block={chosen} service={service} onClose={() => setAt(null)} />}
                            <Box className={of('plan')}><RunningOrder blocks={blocks} service={service} at={at} onAt={setAt} /></Box>
                        </>
                    )}
                    <Box className={of('fetch')}><ToFetch service={service.id} /></Box>
                    <Box className={of('buy')}><Shopping service={service.id} /></Box>
                </>
            )}
            {open === 'made' && <MadeDialog service={service} onClose={() => setOpen(null)} />}
            {open === 'kitchen' && <KitchenDialog service={service} onClose={() => setOpen(null)} />}
        </Box>
    );
}

/** Whether it can be kept, from when, with how much to spare; or what stands in its way and what would mend it. */
function Standing({ plan, service, isOver, fromNow }: { plan: Plan; service: Service; isOver: boolean; fromNow: boolean }) {
    if (!plan.feasible) {
        return (
            <Box role="alert" sx={{ border: '2px solid var(--beet)', borderRadius: '11px', p: '8px 14px', bgcolor: 'var(--panel)' }}>
                <strong style={{ color: 'var(--beet)' }}>It cannot be kept as it stands.</strong>
                {plan.blocked.map((one) => (
                    <Box key={one.what} sx={{ mt: 0.5 }}>
                        <strong>{one.what}</strong>: {one.why}. <Box component="span" sx={{ display: 'block' }}>What would make it possible: <strong>{one.cure}</strong></Box>
                    </Box>
                ))}
            </Box>
        );
    }
    const open = plan.steps.filter((step) => step.state === 'planned' || step.state === 'locked');
    const first = open[0];
    const spare = plan.spare_min ?? null;
    return (
        <Box role="status" sx={{ fontSize: 'var(--text-lead)' }}>
            {isOver && 'It is over; this is how it was planned. '}
            {!isOver && first === undefined && <strong>Everything is done or under way.</strong>}
            {!isOver && first !== undefined && (
                <>
                    {fromNow && spare !== null && <strong style={{ color: spare < 15 ? 'var(--yolk)' : 'var(--herb)' }}>{spare < 1 ? 'Just in time: nothing to spare. ' : `In time, ${minutes(spare)} to spare. `}</strong>}
                    Next at <strong>{clockOf(minuteOf(first.start))}</strong>, {dayOf(minuteOf(first.start))}: {first.item !== null && `${service.items[first.item]?.dish ?? ''}, `}{first.text}{' '}
                </>
            )}
            {plan.shortened.length > 0 && (
                <Box component="span" sx={{ display: 'block', color: 'var(--yolk)' }}>
                    Too little time for the best of {counted(plan.shortened.length, 'step')}, which {plan.shortened.length === 1 ? 'waits' : 'wait'} only as long as must be: {plan.shortened.join('; ')}.
                </Box>
            )}
        </Box>
    );
}

function Key() {
    const patch = (style: React.CSSProperties) => <span aria-hidden style={{ display: 'inline-block', width: 22, height: 12, borderRadius: 3, verticalAlign: '-1px', margin: '0 5px 0 10px', ...style }} />;
    return (
        <>
            {patch({ background: 'var(--cobalt)' })}hands
            {patch({ border: '1px solid var(--cobalt)', background: 'repeating-linear-gradient(135deg, var(--cobalt) 0 1.5px, transparent 1.5px 6px)' })}waiting
            {patch({ border: '2px solid var(--herb)', background: 'repeating-linear-gradient(135deg, var(--cobalt) 0 1.5px, transparent 1.5px 6px)' })}begun
            {patch({ border: '1.5px solid var(--herb)', background: 'var(--herb-wash)' })}done
            {patch({ background: 'var(--cobalt)', borderLeft: '5px solid var(--yolk-fill)' })}not to be moved
        </>
    );
}
