import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useSearchParams } from 'react-router';
import { HowSure } from './HowSure';
import { Pots } from './Pots';
import { Trials } from './Trials';
import { RoomName } from '../../shared/RoomName';

const VIEWS = [
    { id: 'trials', name: 'Trials', of: Trials },
    { id: 'sure', name: 'How sure we are', of: HowSure },
    { id: 'pots', name: 'Small pots', of: Pots },
] as const;

/** What was tried, what it says of this kitchen, and the pots that find a dose. */
export function Notebook() {
    const [params, setParams] = useSearchParams();
    const view = VIEWS.find((one) => one.id === params.get('view')) ?? VIEWS[0];
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 1120 }}>
            <Box component="header" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap', mb: 1.25 }}>
                <RoomName tab={`Notebook: ${view.name.toLowerCase()}`}>Notebook</RoomName>
                <Box component="nav" aria-label="Parts of the Notebook" sx={{ display: 'flex', gap: 0.75 }}>
                    {VIEWS.map((one) => (
                        <Button key={one.id} variant={one.id === view.id ? 'contained' : 'outlined'} aria-current={one.id === view.id ? 'page' : undefined} onClick={() => setParams(one.id === 'trials' ? {} : { view: one.id })}>
                            {one.name}
                        </Button>
                    ))}
                </Box>
            </Box>
            <view.of />
        </Box>
    );
}
