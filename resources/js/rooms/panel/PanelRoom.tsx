import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { tastingsQuery } from '../../api/queries';
import { RoomName } from '../../shared/RoomName';
import { longDay } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { LinesWaiting, Waiting } from '../../shared/Waiting';
import { METHODS } from './methods';
import { NewTasting } from './NewTasting';
import { OneTasting } from './OneTasting';
import { Only } from '../../shared/Only';

/** Taste blind, count honestly. */
export function PanelRoom() {
    const { tastingId } = useParams();
    const [params] = useSearchParams();
    const versions = params.get('with');
    const [laying, setLaying] = useState(versions !== null);
    const { data, error, isPending, refetch } = useQuery(tastingsQuery());
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 1120 }}>
            <Box component="header" className="no-print" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', mb: 1.25 }}>
                <RoomName tab={data?.find((one) => String(one.id) === tastingId)?.title ?? 'Panel'} style={{ flex: 1 }}>{tastingId === undefined ? 'Panel' : <Link to="/panel">Panel</Link>}</RoomName>
                {tastingId === undefined && !laying && (
                    <Only to="record"><Button variant="contained" onClick={() => setLaying(true)}>
                        Lay a tasting out
                    </Button></Only>
                )}
            </Box>
            {tastingId !== undefined && <OneTasting id={Number(tastingId)} />}
            {tastingId === undefined && laying && <NewTasting first={versions === null ? null : Number(versions)} onClose={() => setLaying(false)} />}
            {tastingId === undefined && !laying && (
                <Panel>
                    {isPending && <Waiting what="the tastings"><LinesWaiting /></Waiting>}
                    {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                    {data?.length === 0 && <div>Nothing was tasted blind yet. Two versions and six people are enough to begin; what six can show is told before they sit down.</div>}
                    {data?.map((one) => (
                        <Box key={one.id} component="article" aria-label={one.title} sx={{ borderTop: '1px solid var(--line)', py: 1, display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
                            <Link to={`/panel/${one.id}`} className="name" style={{ fontSize: 'var(--text-head)' }}>
                                {one.title}
                            </Link>
                            <span>{METHODS.find((method) => method.id === one.method)?.name}</span>
                            <span style={{ color: 'var(--ink-soft)', flex: 1 }}>{one.names.join(' beside ')}</span>
                            <span>{one.closed_at === null ? `open: ${one.answered} of ${one.tasters} have answered` : `${one.answered} answered, closed ${longDay(one.closed_at.slice(0, 10))}`}</span>
                        </Box>
                    ))}
                </Panel>
            )}
        </Box>
    );
}
