import Box from '@mui/material/Box';
import { Link } from 'react-router';
import { Panel } from './Panel';
import { RoomName } from './RoomName';

export function LostRoom() {
    return (
        <Box sx={{ p: 4, maxWidth: 560 }}>
            <Panel>
                <RoomName style={{ margin: '0 0 0.67em' }}>There is no such room</RoomName>
                <p>The address leads nowhere. Everything you saved is where you left it.</p>
                <Link to="/">Go to the Counter</Link>
            </Panel>
        </Box>
    );
}
