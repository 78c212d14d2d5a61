import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { RoomName } from '../../shared/RoomName';
import { forgetStove } from '../../shared/offline';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client';
import { sessionQuery } from '../../api/queries';
import type { Session } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { useComeIn } from '../../shared/SignIn';
import { Waiting } from '../../shared/Waiting';
import { Archive } from './Archive';
import { HealthPanel } from './HealthPanel';
import { People } from './People';
import { Sessions } from './Sessions';
import { Tokens } from './Tokens';
import { WhoDidWhat } from './WhoDidWhat';

/** Who works here and who one is: people, one's sessions, password and tokens, and who did what. */
export function StudioRoom() {
    const client = useQueryClient();
    const comeIn = useComeIn();
    const session = useQuery(sessionQuery());
    const stand = useMutation({ mutationFn: (studio_id: number) => call<Session>('PUT', 'session/studio', { studio_id }), onSuccess: comeIn });
    const out = useMutation({
        mutationFn: async () => {
            await forgetStove();
            return call<undefined>('DELETE', 'session');
        },
        // Nothing of whoever left stays for whoever comes.
        onSuccess: () => {
            client.clear();
            location.assign('/');
        },
    });
    if (!session.data?.user) return <Waiting what="the studio" />;
    const { user, studio, role, studios } = session.data;
    const isOwner = role === 'owner';
    return (
        <Box sx={{ p: '14px 16px', display: 'grid', gap: 1.5, maxWidth: 1100 }}>
            <Box component="header" sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
                <RoomName>{studio?.name ?? 'No studio yet'}</RoomName>
                <Box sx={{ color: 'var(--ink-soft)', flex: 1 }}>
                    {user.name}, {role ?? 'of no studio'}
                </Box>
                {studios.length > 1 && (
                    <TextField select size="small" label="Studio" value={studio?.id ?? ''} onChange={(e) => stand.mutate(Number(e.target.value))} sx={{ minWidth: 200 }}>
                        {studios.map((one) => (
                            <MenuItem key={one.id} value={one.id}>
                                {one.name}, as {one.role}
                            </MenuItem>
                        ))}
                    </TextField>
                )}
                <Button variant="outlined" onClick={() => out.mutate()}>
                    Sign out
                </Button>
            </Box>
            {(stand.error ?? out.error) && <ProblemNote error={stand.error ?? out.error} />}
            <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' }, alignItems: 'start' }}>
                {isOwner && <People />}
                <Sessions />
                {role && <Tokens role={role} />}
                {isOwner && <WhoDidWhat />}
                {isOwner && <HealthPanel />}
                {isOwner && <Archive />}
            </Box>
        </Box>
    );
}
