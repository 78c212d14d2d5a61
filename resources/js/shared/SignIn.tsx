import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, wrongIn } from '../api/client';
import { sessionQuery } from '../api/queries';
import type { Session } from '../api/types';
import { RoomName } from './RoomName';
import { fieldsOf } from './fields';
import { Panel } from './Panel';
import { ProblemNote } from './ProblemNote';

/** Whoever came in is known from now on, and everything shown is theirs. */
export function useComeIn() {
    const client = useQueryClient();
    return async (session: Session) => {
        client.setQueryData(sessionQuery().queryKey, session);
        await client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'session' });
    };
}

/** Signing in, looking around the demo, or making the first studio. */
export function SignIn({ session }: { session: Session }) {
    const comeIn = useComeIn();
    const [isFounding, setFounding] = useState(session.is_new && !session.demo);
    const [form, setForm] = useState({ email: '', password: '', name: '', studio: '' });
    const done = { onSuccess: comeIn };
    const signIn = useMutation({ mutationFn: () => call<Session>('POST', 'session', { email: form.email, password: form.password }), ...done });
    const demo = useMutation({ mutationFn: () => call<Session>('POST', 'session/demo'), ...done });
    const found = useMutation({ mutationFn: () => call<Session>('POST', 'owner', form), ...done });
    const error = isFounding ? found.error : (signIn.error ?? demo.error);
    const wrong = wrongIn(error);
    const field = fieldsOf(form, setForm, wrong);
    return (
        <Panel sx={{ width: 420, maxWidth: '100%', boxSizing: 'border-box', p: '22px 24px' }}>
            <RoomName style={{ margin: '0 0 4px' }}>{isFounding ? 'Your studio' : 'Who is at the counter?'}</RoomName>
            <Box
                component="form" sx={{ display: 'grid', gap: 1.5, mt: 2 }}
                onSubmit={(e: React.SyntheticEvent) => {
                    e.preventDefault();
                    (isFounding ? found : signIn).mutate();
                }}
            >
                {isFounding && <TextField size="small" label="Name of the studio" autoComplete="organization" {...field('studio')} />}
                {isFounding && <TextField size="small" label="How you sign" autoComplete="name" {...field('name')} />}
                <TextField size="small" type="email" label="E-mail" autoComplete="username" {...field('email')} />
                <TextField size="small" type="password" label={isFounding ? 'A password, twelve characters or more' : 'Password'} autoComplete={isFounding ? 'new-password' : 'current-password'} {...field('password')} />
                {error && Object.keys(wrong).length === 0 && <ProblemNote error={error} />}
                <Button type="submit" variant="contained" disabled={signIn.isPending || found.isPending}>
                    {isFounding ? 'Make it mine' : 'Sign in'}
                </Button>
            </Box>
            <Box sx={{ display: 'flex', gap: 1, mt: 2, flexWrap: 'wrap' }}>
                {session.demo && (
                    <Button variant="outlined" onClick={() => demo.mutate()} disabled={demo.isPending}>
                        Look around the demo
                    </Button>
                )}
                {session.is_new && <Button onClick={() => setFounding(!isFounding)}>{isFounding ? 'I have a password already' : 'Make a studio of your own'}</Button>}
            </Box>
            {!session.is_new && <Box sx={{ color: 'var(--ink-soft)', mt: 2, fontSize: 'var(--text-plain)' }}>A password is forgotten? An owner of your studio gives you a link to choose another.</Box>}
        </Panel>
    );
}
