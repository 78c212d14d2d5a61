import { queryOptions } from '@tanstack/react-query';
import { call } from './client';
import type { BenchData, Brief, Card, DishSummary, NotebookEntry, Route } from './types';

export const dishesQuery = () => queryOptions({ queryKey: ['dishes'], queryFn: ({ signal }) => call<DishSummary[]>('GET', 'dishes', undefined, signal) });

export const studioQuery = () => queryOptions({ queryKey: ['studio'], queryFn: ({ signal }) => call<{ name: string }>('GET', 'studio', undefined, signal), staleTime: Infinity });

export const versionQuery = (id: number) =>
    queryOptions({ queryKey: ['version', id], queryFn: ({ signal }) => call<BenchData>('GET', `versions/${id}`, undefined, signal), staleTime: 0 });

export const routesQuery = (id: number, revision: number, brief: Brief) =>
    queryOptions({
        queryKey: ['routes', id, revision, brief],
        queryFn: ({ signal }) => call<{ brief: Brief; routes: Route[] }>('POST', `versions/${id}/routes`, brief, signal),
        staleTime: Infinity,
    });

export const cardQuery = (id: number) => queryOptions({ queryKey: ['card', id], queryFn: ({ signal }) => call<Card>('GET', `versions/${id}/card`, undefined, signal) });

export const trialsQuery = () => queryOptions({ queryKey: ['trials'], queryFn: ({ signal }) => call<NotebookEntry[]>('GET', 'trials', undefined, signal) });
