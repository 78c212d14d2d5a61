import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { sessionQuery } from '../api/queries';
import type { Ability } from '../api/types';

const REFUSED: Record<Ability, string> = {
    read: 'look at this',
    record: 'write this down',
    develop: 'change dishes or ingredients',
    govern: 'decide this about the studio',
};

/** Whether whoever is signed in may do something, as the server says it; until it has said so, nothing. */
export function useMay(): (ability: Ability) => boolean {
    const { data } = useQuery(sessionQuery());
    return (ability) => data?.may.includes(ability) ?? false;
}

/** Controls of those who may do something: to everybody else they are grey, and say why. It takes no room of its own on the page. */
export function Only({ to, children }: { to: Ability; children: ReactNode }) {
    const { data } = useQuery(sessionQuery());
    const isRefused = data !== undefined && !data.may.includes(to);
    return (
        <fieldset disabled={isRefused} title={isRefused ? `As ${data.role ?? 'nobody here'} you may not ${REFUSED[to]}. Ask an owner of the studio.` : undefined} data-only={to}>
            {children}
        </fieldset>
    );
}
