import '@fontsource-variable/literata';
import '@fontsource-variable/source-sans-3';
import './theme/tokens.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Problem } from './api/client';
import { keepFocus } from './shared/focusKeeper';
import { Frame } from './shared/Frame';
import { LostRoom } from './shared/LostRoom';
import { DimProvider } from './theme/DimProvider';

const client = new QueryClient({
    defaultOptions: {
        queries: { retry: (count, error) => count < 2 && error instanceof Problem && error.isPassing && error.status !== 401, refetchOnWindowFocus: false, staleTime: 5_000, networkMode: 'offlineFirst' },
    },
});

const router = createBrowserRouter([
    {
        path: '/',
        Component: Frame,
        ErrorBoundary: LostRoom,
        children: [
            { index: true, lazy: async () => ({ Component: (await import('./rooms/counter/Counter')).Counter }) },
            { path: 'practice', lazy: async () => ({ Component: (await import('./rooms/practice/Practice')).Practice }) },
            { path: 'words', lazy: async () => ({ Component: (await import('./rooms/glossary/Glossary')).Glossary }) },
            { path: 'new', lazy: async () => ({ Component: (await import('./rooms/intake/NewDish')).NewDish }) },
            { path: 'bench/:versionId?', lazy: async () => ({ Component: (await import('./rooms/bench/Bench')).Bench }) },
            { path: 'spread/:versionId?', lazy: async () => ({ Component: (await import('./rooms/spread/Spread')).Spread }) },
            { path: 'shelf/:ingredientId?', lazy: async () => ({ Component: (await import('./rooms/shelf/Shelf')).Shelf }) },
            { path: 'clock/:serviceId?', lazy: async () => ({ Component: (await import('./rooms/clock/Clock')).Clock }) },
            { path: 'clock/:serviceId/covers', lazy: async () => ({ Component: (await import('./rooms/clock/Covers')).Covers }) },
            { path: 'stove/:runId?', lazy: async () => ({ Component: (await import('./rooms/stove/Stove')).Stove }) },
            { path: 'notebook', lazy: async () => ({ Component: (await import('./rooms/notebook/Notebook')).Notebook }) },
            { path: 'tree/:dishId', lazy: async () => ({ Component: (await import('./rooms/notebook/Tree')).Tree }) },
            { path: 'panel/:tastingId?', lazy: async () => ({ Component: (await import('./rooms/panel/PanelRoom')).PanelRoom }) },
            { path: 'foretell', lazy: async () => ({ Component: (await import('./rooms/foretell/Foretell')).Foretell }) },
            { path: 'pass/:versionId?/:paper?', lazy: async () => ({ Component: (await import('./rooms/pass/Pass')).Pass }) },
            { path: 'menu', lazy: async () => ({ Component: (await import('./rooms/pass/Menu')).Menu }) },
            { path: 'studio', lazy: async () => ({ Component: (await import('./rooms/studio/StudioRoom')).StudioRoom }) },
            { path: '*', Component: LostRoom },
        ],
    },
    { path: '/table/:code', lazy: async () => ({ Component: (await import('./rooms/panel/Table')).Table }) },
    { path: '/join/:secret', lazy: async () => ({ Component: (await import('./rooms/studio/Join')).Join }) },
]);

keepFocus(document);

const root = document.getElementById('root');
if (root) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={client}>
                <DimProvider>
                    <RouterProvider router={router} />
                </DimProvider>
            </QueryClientProvider>
        </StrictMode>,
    );
}
