/** What is kept on this device of the stove, so that it opens while the line is gone; named in public/stove-worker.js as well. */
const KEPT = 'transmuta-stove';
const SHELL = '/stove/shell';

const canKeep = () => 'serviceWorker' in navigator && 'caches' in window;

/** Files of the interface that were loaded by now, and what stands in the page while they come. */
function files(): string[] {
    const loaded = performance.getEntriesByType('resource').map((entry) => new URL(entry.name));
    return [...new Set(loaded.filter((url) => url.origin === location.origin && url.pathname.startsWith('/build/')).map((url) => url.pathname)), '/waiting.css', '/favicon.svg'];
}

async function keepAnswer(cache: Cache, path: string): Promise<void> {
    const answer = await fetch(path, { headers: { Accept: path.startsWith('/api/') ? 'application/json' : 'text/html' }, credentials: 'same-origin' });
    if (answer.ok) await cache.put(path, answer);
}

/** Keeps the stove at hand on this device. Where the browser does not allow it (no secure address), everything works but a reload without a line. */
export async function keepStove(): Promise<void> {
    if (!canKeep()) return;
    try {
        await navigator.serviceWorker.register('/stove-worker.js', { scope: '/stove/' });
        const cache = await caches.open(KEPT);
        await Promise.all([...files().map((path) => cache.add(path)), ...[SHELL, '/api/session', '/api/studio', '/api/runs'].map((path) => keepAnswer(cache, path))]);
    } catch {
        // It is tried again the next time the stove is opened.
    }
}

/** Keeps a run as the server told it last. */
export async function keepRun(id: number, run: unknown): Promise<void> {
    if (!canKeep()) return;
    try {
        const cache = await caches.open(KEPT);
        await cache.put(`/api/runs/${id}`, new Response(JSON.stringify(run), { headers: { 'Content-Type': 'application/json' } }));
    } catch {
        // A full device keeps what it has.
    }
}

/** Whoever goes out leaves nothing behind. */
export async function forgetStove(): Promise<void> {
    if (canKeep()) await caches.delete(KEPT);
}
