/*
 * Keeps the stove at hand while the line is gone: what was opened once is opened again from here, and from nowhere else while the server answers.
 * Works under /stove/ alone; what is said meanwhile is kept by the page itself (useRun) and said when the server is back.
 */
const KEPT = 'transmuta-stove';
const SHELL = '/stove/shell';

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
    const { request } = event;
    if (request.method !== 'GET' || new URL(request.url).origin !== self.location.origin) return;
    event.respondWith(answered(request));
});

async function answered(request) {
    const isPage = request.mode === 'navigate';
    let answer = null;
    let trouble = null;
    try {
        answer = await fetch(request);
        // A gateway that says there is nobody behind it is no answer to somebody who opens the page.
        if (!isPage || answer.status < 502) return answer;
    } catch (error) {
        trouble = error;
    }
    const kept = await (await caches.open(KEPT)).match(isPage ? SHELL : request, { ignoreVary: true });
    if (kept) return kept;
    if (answer) return answer;
    throw trouble;
}
