import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { call, wrongIn } from '../../api/client';
import { linkQuery, sessionQuery } from '../../api/queries';
import type { Session } from '../../api/types';
import { RoomName } from '../../shared/RoomName';
import { fieldsOf } from '../../shared/fields';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { useComeIn } from '../../shared/SignIn';
import { Waiting } from '../../shared/Waiting';

/** A link followed: to join a studio, or to choose another password. */
export function Join() {
    const { secret = '' } = useParams();
    const navigate = useNavigate();
    const comeIn = useComeIn();
    const client = useQueryClient();
    const [isUsed, setUsed] = useState(false);
    const link = useQuery({ ...linkQuery(secret), enabled: !isUsed });
    const session = useQuery(sessionQuery());
    const [form, setForm] = useState({ name: '', email: '', password: '' });
    const isReset = link.data?.role === null;
    const isKnown = !isReset && session.data?.user !== null && session.data !== undefined;
    const follow = useMutation({
        mutationFn: () => call<Session>('POST', `links/${secret}`, isKnown ? {} : isReset ? { password: form.password } : form),
        onSuccess: async (now) => {
            // It is used up: nobody asks for it again.
            client.removeQueries({ queryKey: linkQuery(secret).queryKey });
            setUsed(true);
            await comeIn(now);
            await navigate('/');
        },
    });
    const wrong = wrongIn(follow.error);
    const field = fieldsOf(form, setForm, wrong);
    return (
        <Box component="main" sx={{ minHeight: '100%', display: 'grid', gridTemplateColumns: 'minmax(0, 1fr)', placeItems: 'center', p: 2, boxSizing: 'border-box' }}>
            <Panel sx={{ width: 420, maxWidth: '100%', boxSizing: 'border-box', p: '22px 24px' }}>
                {(link.isPending || session.isPending) && <Waiting what="the link" />}
                {link.error && (
                    <>
                        <RoomName style={{ margin: '0 0 0.67em' }}>This link leads nowhere any more</RoomName>
                        <p>It was used, or its time is over. Ask an owner of the studio for another.</p>
                    </>
                )}
                {link.data && session.data && (
                    <Box component="form" sx={{ display: 'grid', gap: 1.5 }} onSubmit={(e: React.SyntheticEvent) => { e.preventDefault(); follow.mutate(); }}>
                        <RoomName>{isReset ? `${link.data.name ?? ''}, choose another password` : link.data.studio}</RoomName>
                        {!isReset && <div>You are asked in as {link.data.role}.</div>}
                        {isKnown && <div>You are signed in as {session.data.user?.name}, and join with that.</div>}
                        {!isReset && !isKnown && <TextField size="small" label="How you sign" autoComplete="name" {...field('name')} />}
                        {!isReset && !isKnown && <TextField size="small" type="email" label="E-mail" autoComplete="username" {...field('email')} />}
                        {!isKnown && <TextField size="small" type="password" label="A password, twelve characters or more" autoComplete="new-password" {...field('password')} />}
                        {follow.error && Object.keys(wrong).length === 0 && <ProblemNote error={follow.error} />}
                        <Button type="submit" variant="contained" disabled={follow.isPending}>
                            {isReset ? 'Take it' : 'Join'}
                        </Button>
                    </Box>
                )}
            </Panel>
        </Box>
    );
}
