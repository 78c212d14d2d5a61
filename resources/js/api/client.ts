import { reachOf, tellReach } from './reach';
import { sessionToken, tellOut } from './session';

interface ProblemBody {
    type?: string;
    detail?: string;
    field?: string;
    mend?: string;
    line?: number;
    revision?: number;
    errors?: Record<string, string[]>;
}

/** A fault as the server tells it: what is wrong, where, and the mend. */
export class Problem extends Error {
    readonly status: number;
    readonly code: string;
    readonly field: string;
    readonly mend: string;
    readonly line: number | null;
    /** Where it was refused because somebody changed it since: the revision it stands at. */
    readonly revision: number | null;
    /** What is wrong, by field, where the server told more than one thing. */
    readonly errors: Record<string, string>;

    constructor(status: number, body: ProblemBody) {
        super(body.detail ?? 'The kitchen computer did not answer.');
        this.status = status;
        this.code = (body.type ?? '').split(':').pop() ?? '';
        this.field = body.field ?? '';
        this.mend = body.mend ?? 'Try again in a moment; nothing typed is lost.';
        this.line = body.line ?? null;
        this.revision = body.revision ?? null;
        this.errors = Object.fromEntries(Object.entries(body.errors ?? {}).map(([field, texts]) => [field, texts[0] ?? '']));
    }

    /** Worth trying again by itself: nobody answered, the store was away, nobody is signed in any more, or it was too often. */
    get isPassing(): boolean {
        return this.status === 0 || this.status >= 500 || [401, 419, 429].includes(this.status);
    }
}

/** What is wrong by field in what was refused; none where it was something else that failed. */
export const wrongIn = (error: unknown): Record<string, string> => (error instanceof Problem ? error.errors : {});

/** A page of a list: its rows, how many there are in all, and where to go on; null at the end. */
export interface Page<T> {
    rows: T[];
    total: number;
    next: string | null;
}

export async function callPage<T>(path: string, signal?: AbortSignal): Promise<Page<T>> {
    const response = await answered('GET', path, undefined, signal);
    const next = response.headers.get('X-Next');
    return { rows: (await response.json()) as T[], total: Number(response.headers.get('X-Total') ?? 0), next: next === '' ? null : next };
}

/**
 * @param body what is sent as JSON; a file is sent as it is, as an archive
 * @param seen the revision a window has seen of what it writes: refused where it has moved on since
 * @param once the same for a write that is sent again because its answer was lost: it is done once
 */
export async function call<T>(method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE', path: string, body?: unknown, signal?: AbortSignal, seen?: number, once?: string): Promise<T> {
    const response = await answered(method, path, body, signal, seen, once);
    return response.status === 204 ? (undefined as T) : ((await response.json()) as T);
}

async function answered(method: string, path: string, body?: unknown, signal?: AbortSignal, seen?: number, once?: string): Promise<Response> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: { Accept: 'application/json', ...(body === undefined ? {} : { 'Content-Type': body instanceof Blob ? 'application/zip' : 'application/json' }), ...(seen === undefined ? {} : { 'If-Match': `"${seen}"` }), ...(once === undefined ? {} : { 'Idempotency-Key': once }), ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': sessionToken() }) },
            ...(body === undefined ? {} : { body: body instanceof Blob ? body : JSON.stringify(body) }),
            ...(signal ? { signal } : {}),
        });
    } catch (error) {
        if (error instanceof DOMException && error.name === 'AbortError') throw error;
        tellReach('server');
        throw new Problem(0, { detail: 'The server cannot be reached.' });
    }
    if (!response.ok) {
        const problem = new Problem(response.status, (await response.json().catch(() => ({}))) as ProblemBody);
        tellReach(reachOf(problem.status, problem.code));
        // Nobody is signed in any more, or with another session than this window's.
        if (problem.status === 401 || problem.status === 419) tellOut(true);
        throw problem;
    }
    tellReach('here');
    return response;
}
