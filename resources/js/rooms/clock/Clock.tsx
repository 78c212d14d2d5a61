import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { serviceQuery, servicesQuery } from '../../api/queries';
import type { ServiceHead } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { counted } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { clockOf, dayOf, minuteOf, wallNow } from '../../shared/moment';
import { NewService } from './NewService';
import { ServiceRoom } from './ServiceRoom';
import { Only } from '../../shared/Only';

/** Services, and the plan of the one that is opened. */
export function Clock() {
    const { serviceId } = useParams();
    return serviceId === undefined ? <Services /> : <Opened id={Number(serviceId)} key={serviceId} />;
}

function Opened({ id }: { id: number }) {
    const { data, error, isPending, refetch } = useQuery(serviceQuery(id));
    if (isPending) return <Box sx={{ p: 2 }}><Waiting what="the service"><LinesWaiting /></Waiting></Box>;
    if (error) return <Box sx={{ p: 2 }}><ProblemNote error={error} onRetry={() => void refetch()} /></Box>;
    return <ServiceRoom service={data} />;
}

function Services() {
    const { data, error, isPending, refetch } = useQuery(servicesQuery());
    const [isNew, setNew] = useState(false);
    const now = wallNow().slice(0, 16);
    const parts: [string, ServiceHead[]][] = [['To come', (data ?? []).filter((one) => one.serve_at >= now).reverse()], ['Served', (data ?? []).filter((one) => one.serve_at < now)]];
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 900 }}>
            <Box component="header" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1.25 }}>
                <RoomName style={{ flex: 1 }}>Clock</RoomName>
                <Only to="record"><Button variant="contained" onClick={() => setNew(true)}>
                    A new service
                </Button></Only>
            </Box>
            <Panel>
                {isPending && <Waiting what="the services"><LinesWaiting /></Waiting>}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {data?.length === 0 && <div>No service is written down yet. Say when you serve, what, and for how many: the plan is made backwards from there, with who does what and where.</div>}
                {parts.filter(([, all]) => all.length > 0).map(([name, all]) => (
                    <Box key={name} component="section" aria-label={name} sx={{ mb: 1 }}>
                        <h2 className="name" style={{ margin: '2px 0', fontSize: 'var(--text-title)' }}>{name}</h2>
                        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { borderTop: '1px solid var(--line)', py: 0.75, display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' } }}>
                            {all.map((one) => (
                                <li key={one.id}>
                                    <Link to={`/clock/${one.id}`} className="name" style={{ fontSize: 'var(--text-lead)' }}>{one.name}</Link>
                                    <span>{dayOf(minuteOf(one.serve_at))}, served at {clockOf(minuteOf(one.serve_at))}</span>
                                    <Box component="span" sx={{ color: 'var(--ink-soft)' }}>
                                        {one.dishes === 0 ? 'no dish chosen yet' : `${counted(one.dishes, 'dish', 'dishes')}, ${counted(one.portions, 'portion')}`}
                                    </Box>
                                </li>
                            ))}
                        </Box>
                    </Box>
                ))}
            </Panel>
            {isNew && <NewService onClose={() => setNew(false)} />}
        </Box>
    );
}
