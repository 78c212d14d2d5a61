import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { call } from '../api/client';
import { useReach } from '../api/reach';

/** Between two knocks at the door, ms. */
const AGAIN = 3000;

const WORDS = {
    server: 'The server does not answer.',
    store: 'The server answers, but its store is away.',
} as const;

/** Says that nobody answers, what becomes of what is typed, and knocks until somebody does; then everything shown is asked for anew. */
export function ReachBar() {
    const reach = useReach();
    const client = useQueryClient();
    const [isOnline, setOnline] = useState(navigator.onLine);
    useEffect(() => {
        const look = () => setOnline(navigator.onLine);
        window.addEventListener('online', look);
        window.addEventListener('offline', look);
        return () => {
            window.removeEventListener('online', look);
            window.removeEventListener('offline', look);
        };
    }, []);
    const knock = useCallback(async () => {
        try {
            await call<unknown>('GET', 'session');
            await client.invalidateQueries();
        } catch {
            // Still away: the bar stands, and the next knock comes by itself.
        }
    }, [client]);
    const away = reach !== 'here';
    useEffect(() => {
        if (!away) return;
        const timer = setInterval(() => void knock(), AGAIN);
        return () => clearInterval(timer);
    }, [away, knock]);
    if (!away) return null;
    return (
        <Box role="alert" className="no-print" sx={{ position: 'fixed', top: 8, left: '50%', transform: 'translateX(-50%)', zIndex: 1350, display: 'flex', alignItems: 'center', gap: 1.5, maxWidth: 'calc(100vw - 24px)', bgcolor: 'var(--yolk-wash)', color: 'var(--ink)', border: '1.5px solid var(--yolk)', borderRadius: '11px', px: 2, py: 1 }}>
            <span>
                <strong>{isOnline ? WORDS[reach] : 'This machine has no network.'}</strong> What you type stays on this screen and is kept once it is back. Trying again by itself.
            </span>
            <Button variant="outlined" onClick={() => void knock()} sx={{ flex: 'none' }}>
                Try now
            </Button>
        </Box>
    );
}
