import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import { useQuery } from '@tanstack/react-query';
import { Suspense, useEffect, useState } from 'react';
import { NavLink, Outlet } from 'react-router';
import { sessionQuery, studioQuery } from '../api/queries';
import { tellOut, useIsOut } from '../api/session';
import { own, tellWho } from './own';
import type { Session } from '../api/types';
import { useDim } from '../theme/DimProvider';
import { reckonIn } from './money';
import { NoticeBar } from './NoticeBar';
import { Palette } from './Palette';
import { ProblemNote } from './ProblemNote';
import { ReachBar } from './ReachBar';
import { SignIn } from './SignIn';
import { SkipTo } from './SkipTo';
import { Outline, Waiting } from './Waiting';

const ROOMS = [
    { to: '/', name: 'Counter' },
    { to: '/bench', name: 'Bench' },
    { to: '/spread', name: 'Spread' },
    { to: '/shelf', name: 'Shelf' },
    { to: '/clock', name: 'Clock' },
    { to: '/stove', name: 'Stove' },
    { to: '/notebook', name: 'Notebook' },
    { to: '/panel', name: 'Panel' },
    { to: '/foretell', name: 'Foretell' },
    { to: '/pass', name: 'Pass' },
];

/** The rail of rooms on the left and the room itself. */
export function Frame() {
    const { dim, toggle } = useDim();
    const session = useQuery(sessionQuery());
    const isIn = session.data?.user !== null && session.data !== undefined;
    // Before any room is drawn: what it kept for somebody else is not looked at.
    if (session.data?.user) tellWho(session.data.user.id);
    const studio = useQuery({ ...studioQuery(), enabled: isIn && session.data.studio !== null }).data;
    useEffect(() => {
        if (studio) reckonIn(studio.currency);
    }, [studio]);
    const isOut = useIsOut();
    // Whoever was in and is in no more signs in over the room, which keeps what was typed.
    const [wasIn, setWasIn] = useState(false);
    if (isIn && !wasIn) setWasIn(true);
    const { refetch } = session;
    useEffect(() => {
        if (!isOut) return;
        tellOut(false);
        void refetch();
    }, [isOut, refetch]);
    if (!wasIn) return <Door session={session.data} error={session.error} onRetry={() => void session.refetch()} />;
    return (
        <>
        <SkipTo places={[['room', 'To the room']]} />
        <Box sx={{ display: 'flex', flexDirection: { xs: 'column-reverse', sm: 'row' }, height: '100%', '@media print': { display: 'block' } }}>
            <Box
                component="nav"
                aria-label="Rooms"
                className="no-print"
                sx={{
                    width: { xs: '100%', sm: 76 }, boxSizing: 'border-box', flex: 'none', overflowX: { xs: 'auto', sm: 'visible' }, bgcolor: dim === 'light' ? 'var(--cobalt)' : 'var(--sunk)', color: '#fff', display: 'flex', flexDirection: { xs: 'row', sm: 'column' }, alignItems: 'stretch',
                    gap: { xs: 0.25, sm: 0.75 }, p: { xs: '4px', sm: '10px 5px' }, borderRadius: { xs: '12px 12px 0 0', sm: '0 12px 12px 0' },
                    '& a, & button': {
                        color: '#e6edfb', textDecoration: 'none', textAlign: 'center', font: 'inherit', fontSize: 'var(--text-small)', py: '9px', px: { xs: '8px', sm: 0 }, borderRadius: '8px', border: 0, background: 'none', cursor: 'pointer',
                        '&:hover': { background: 'rgb(255 255 255 / 0.12)' }, '&:focus-visible': { outlineColor: '#fff' },
                    },
                    '& a.active': { background: '#fbfdfd', color: '#1f3a8a', fontWeight: 700 },
                }}
            >
                <Box className="name" aria-hidden sx={{ display: { xs: 'none', sm: 'block' }, fontSize: 'var(--text-name)', textAlign: 'center', pb: 1, color: '#fff' }}>
                    Tr
                </Box>
                {ROOMS.map((room) => (
                    <NavLink key={room.to} to={room.to} end={room.to === '/'}>
                        {room.name}
                    </NavLink>
                ))}
                <Box sx={{ flex: 1 }} />
                <NavLink to="/studio" aria-label={`You: ${session.data?.user?.name ?? ''}`}>
                    {session.data?.user?.name ?? 'You'}
                </NavLink>
                <button type="button" onClick={toggle} aria-label={dim === 'light' ? 'Dim the screen' : 'Light the screen'}>
                    {dim === 'light' ? 'Dim' : 'Light'}
                </button>
            </Box>
            <Box component="main" id="room" tabIndex={-1} sx={{ flex: 1, minWidth: 0, minHeight: 0, height: { xs: 'auto', sm: '100%' }, overflow: 'auto' }}>
                <Suspense fallback={<Waiting what="the room"><Box sx={{ p: 2 }}><Outline height={420} /></Box></Waiting>}>
                    <Outlet key={own('room')} />
                </Suspense>
            </Box>
            <NoticeBar />
            <ReachBar />
            <Palette />
            {session.data && !isIn && (
                <Dialog open slotProps={{ paper: { 'aria-label': 'Sign in again', sx: { p: 0, borderRadius: '11px' } } }}>
                    <SignIn session={session.data} />
                </Dialog>
            )}
        </Box>
        </>
    );
}

/** Before anybody is in: whether the server is there, and who comes. */
function Door({ session, error, onRetry }: { session: Session | undefined; error: unknown; onRetry: () => void }) {
    return (
        <Box component="main" sx={{ minHeight: '100%', display: 'grid', placeItems: 'center', p: 2, boxSizing: 'border-box' }}>
            {session && <SignIn session={session} />}
            {!session && !error && <Waiting what="the studio" />}
            {!session && error !== null && error !== undefined && <ProblemNote error={error} onRetry={onRetry} />}
            <ReachBar />
        </Box>
    );
}
