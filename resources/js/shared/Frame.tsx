import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { Suspense, useEffect } from 'react';
import { NavLink, Outlet } from 'react-router';
import { studioQuery } from '../api/queries';
import { useDim } from '../theme/DimProvider';
import { reckonIn } from './money';
import { NoticeBar } from './NoticeBar';
import { Palette } from './Palette';
import { ReachBar } from './ReachBar';
import { SkipTo } from './SkipTo';
import { Outline, Waiting } from './Waiting';

const ROOMS = [
    { to: '/', name: 'Counter' },
    { to: '/bench', name: 'Bench' },
    { to: '/spread', name: 'Spread' },
    { to: '/shelf', name: 'Shelf' },
    { to: '/notebook', name: 'Notebook' },
    { to: '/pass', name: 'Pass' },
];

/** The rail of rooms on the left and the room itself. */
export function Frame() {
    const { dim, toggle } = useDim();
    const studio = useQuery(studioQuery()).data;
    useEffect(() => {
        if (studio) reckonIn(studio.currency);
    }, [studio]);
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
                <button type="button" onClick={toggle} aria-label={dim === 'light' ? 'Dim the screen' : 'Light the screen'}>
                    {dim === 'light' ? 'Dim' : 'Light'}
                </button>
            </Box>
            <Box component="main" id="room" tabIndex={-1} sx={{ flex: 1, minWidth: 0, minHeight: 0, height: { xs: 'auto', sm: '100%' }, overflow: 'auto' }}>
                <Suspense fallback={<Waiting what="the room"><Box sx={{ p: 2 }}><Outline height={420} /></Box></Waiting>}>
                    <Outlet />
                </Suspense>
            </Box>
            <NoticeBar />
            <ReachBar />
            <Palette />
        </Box>
        </>
    );
}
