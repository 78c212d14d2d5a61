import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { serviceQuery } from '../../api/queries';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { CoversRoom } from './CoversRoom';

/** Who comes to a service, and what serves them. */
export function Covers() {
    const { serviceId } = useParams();
    const { data, error, isPending, refetch } = useQuery(serviceQuery(Number(serviceId)));
    if (isPending) return <Box sx={{ p: 2 }}><Waiting what="the service"><LinesWaiting /></Waiting></Box>;
    if (error) return <Box sx={{ p: 2 }}><ProblemNote error={error} onRetry={() => void refetch()} /></Box>;
    return <CoversRoom service={data} key={data.id} />;
}
