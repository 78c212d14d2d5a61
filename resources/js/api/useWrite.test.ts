import { renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Problem } from './client';
import { useWrite } from './useWrite';

/** A server that answers as it is told, and keeps what was asked of it. */
function server(...answers: [number, unknown][]) {
    const seen: (string | null)[] = [];
    vi.stubGlobal('fetch', (_: string, init: RequestInit) => {
        seen.push(new Headers(init.headers).get('If-Match'));
        const [status, body] = answers[seen.length - 1] ?? [200, {}];
        return Promise.resolve(new Response(JSON.stringify(body), { status }));
    });
    return seen;
}

describe('a write over what was seen', () => {
    afterEach(() => vi.unstubAllGlobals());
    it('says the revision it was opened at, and then the one it made', async () => {
        const seen = server([200, { revision: 4 }], [200, { said: 9 }], [200, {}]);
        const { result } = renderHook(() => useWrite(3));
        await result.current('PUT', 'studio', {});
        await result.current('PUT', 'studio', {});
        await result.current('PUT', 'studio', {});
        expect(seen).toEqual(['"3"', '"4"', '"9"']);
    });
    it('is refused where somebody was there before, and passes when it is meant', async () => {
        const seen = server([412, { type: 'urn:transmuta:problem:changed-elsewhere', revision: 7 }], [200, { revision: 8 }]);
        const { result } = renderHook(() => useWrite(3));
        await expect(result.current('PATCH', 'dishes/1', {})).rejects.toBeInstanceOf(Problem);
        await result.current('PATCH', 'dishes/1', {});
        expect(seen).toEqual(['"3"', '"7"']);
    });
    it('keeps what it had seen where the refusal is another', async () => {
        const seen = server([422, { detail: 'no' }], [503, {}], [200, {}]);
        const { result } = renderHook(() => useWrite(3));
        await expect(result.current('PUT', 'studio', {})).rejects.toThrow('no');
        await expect(result.current('PUT', 'studio', {})).rejects.toBeInstanceOf(Problem);
        await result.current('PUT', 'studio', {});
        expect(seen).toEqual(['"3"', '"3"', '"3"']);
    });
    it('says nothing of what is new', async () => {
        const seen = server([200, {}]);
        const { result } = renderHook(() => useWrite(null));
        await result.current('PUT', 'studio', {});
        expect(seen).toEqual([null]);
    });
});
