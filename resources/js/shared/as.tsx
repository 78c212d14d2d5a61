import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { sessionQuery } from '../api/queries';
import type { Ability, Session } from '../api/types';

const MAY: Record<string, Ability[]> = { owner: ['read', 'record', 'develop', 'govern'], cook: ['read', 'record'], reader: ['read'] };

/** For tests: what somebody of a role is shown. */
export function As({ role = 'owner', children }: { role?: 'owner' | 'cook' | 'reader'; children: ReactNode }) {
    const [client] = useState(() => {
        const made = new QueryClient({ defaultOptions: { queries: { retry: false } } });
        made.setQueryData<Session>(sessionQuery().queryKey, { user: null, studio: null, role, may: MAY[role] ?? [], studios: [], demo: false, is_new: false });
        return made;
    });
    return <QueryClientProvider client={client}>{children}</QueryClientProvider>;
}
