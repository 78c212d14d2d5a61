import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { Panel } from './Panel';

export function LostRoom() {
    return (
        <Box sx={{ p: 4, maxWidth: 560 }}>
            <Panel>
                <h1 className="name" style={{ marginTop: 0, fontSize: 'var(--text-room)' }}>
                    There is no such room
                </h1>
                <p>The address leads nowhere. Everything you saved is where you left it.</p>
                <Link to="/">Go to the Counter</Link>
            </Panel>
        </Box>
    );
}
