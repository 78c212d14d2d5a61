import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../api/client';
import type { BenchData, Formula } from '../../api/types';
import { keptDraft } from './drafts';
import { Saver } from './saver';

const formula = (title: string) => ({ title }) as unknown as Formula;
const answer = (revision: number) => ({ version: { revision } }) as unknown as BenchData;
const settle = async () => {
    for (let n = 0; n < 8; n++) await Promise.resolve();
};

function setUp() {
    const calls: { revision: number; title: string; resolve: (data: BenchData) => void; reject: (error: unknown) => void }[] = [];
    let revision = 1;
    const saver = new Saver(
        7,
        {
            send: (based, sent) => new Promise((resolve, reject) => calls.push({ revision: based, title: sent.title, resolve, reject })),
            revision: () => revision,
            saved: (data) => {
                revision = data.version.revision;
            },
        },
        50,
    );
    saver.subscribe(() => undefined);
    return { saver, calls };
}

describe('the saver', () => {
    beforeEach(() => {
        localStorage.clear();
        vi.useFakeTimers();
    });
    afterEach(() => vi.useRealTimers());

    it('shows what is typed at once and keeps one save under way, the latest next', async () => {
        const { saver, calls } = setUp();
        saver.put(formula('a'));
        saver.put(formula('b'));
        saver.put(formula('c'));
        expect(saver.snapshot().typed?.title).toBe('c');
        expect(calls.map((c) => c.title)).toEqual(['a']);
        calls[0]?.resolve(answer(2));
        await settle();
        expect(calls.map((c) => [c.title, c.revision])).toEqual([['a', 1], ['c', 2]]);
        calls[1]?.resolve(answer(3));
        await settle();
        expect(saver.snapshot()).toEqual({ typed: null, state: { kind: 'kept' } });
    });

    it('lets another write in only when no save is under way, and no save in beside it', async () => {
        const { saver, calls } = setUp();
        const others: { revision: number; resolve: (data: BenchData) => void }[] = [];
        saver.put(formula('a'));
        void saver.alone((revision) => new Promise((resolve) => others.push({ revision, resolve })));
        await settle();
        expect(others).toHaveLength(0);
        calls[0]?.resolve(answer(2));
        await settle();
        expect(others.map((o) => o.revision)).toEqual([2]);
        saver.put(formula('b'));
        await settle();
        expect(calls).toHaveLength(1);
        others[0]?.resolve(answer(3));
        await settle();
        expect(calls.map((c) => [c.title, c.revision])).toEqual([['a', 1], ['b', 3]]);
    });

    it('goes on saving after another write that failed, and says that it did', async () => {
        const { saver, calls } = setUp();
        const failed = saver.alone(() => Promise.reject(new Problem(409, {})));
        saver.put(formula('a'));
        await expect(failed).rejects.toBeInstanceOf(Problem);
        await settle();
        expect(calls.map((c) => [c.title, c.revision])).toEqual([['a', 1]]);
    });

    it('keeps the draft on this machine while nobody answers, and tries again', async () => {
        const { saver, calls } = setUp();
        saver.put(formula('a'));
        calls[0]?.reject(new Problem(503, {}));
        await settle();
        expect(saver.snapshot().state.kind).toBe('waiting');
        expect(keptDraft(7)).toEqual({ revision: 1, formula: formula('a') });
        await vi.advanceTimersByTimeAsync(60);
        expect(calls).toHaveLength(2);
        calls[1]?.resolve(answer(2));
        await settle();
        expect(saver.snapshot().state.kind).toBe('kept');
        expect(keptDraft(7)).toBeNull();
    });

    it('stops at a conflict and holds what was typed', async () => {
        const { saver, calls } = setUp();
        saver.put(formula('mine'));
        calls[0]?.reject(new Problem(409, {}));
        await settle();
        await vi.advanceTimersByTimeAsync(500);
        expect(calls).toHaveLength(1);
        expect(saver.snapshot()).toMatchObject({ typed: { title: 'mine' }, state: { kind: 'conflict' } });
    });

    it('says what is refused and does not send it again by itself', async () => {
        const { saver, calls } = setUp();
        saver.put(formula('absurd'));
        calls[0]?.reject(new Problem(422, { detail: 'a mass' }));
        await settle();
        await vi.advanceTimersByTimeAsync(500);
        expect(calls).toHaveLength(1);
        expect(saver.snapshot().state.kind).toBe('refused');
    });

    it('brings a draft back when the version is opened again on the same revision', () => {
        localStorage.setItem('of-0:draft:7', JSON.stringify({ revision: 1, formula: formula('earlier') }));
        const { saver, calls } = setUp();
        saver.resume(1);
        saver.resume(1);
        expect(calls.map((c) => c.title)).toEqual(['earlier']);
    });

    it('asks where the version has gone on without the draft', () => {
        localStorage.setItem('of-0:draft:7', JSON.stringify({ revision: 1, formula: formula('earlier') }));
        const { saver, calls } = setUp();
        saver.resume(2);
        expect(calls).toHaveLength(0);
        expect(saver.snapshot()).toMatchObject({ typed: { title: 'earlier' }, state: { kind: 'conflict' } });
        saver.letGo();
        expect(saver.snapshot()).toEqual({ typed: null, state: { kind: 'kept' } });
        expect(keptDraft(7)).toBeNull();
    });

    it('does not trip over a draft that is not one', () => {
        localStorage.setItem('of-0:draft:7', '{"revision":');
        expect(keptDraft(7)).toBeNull();
        localStorage.setItem('of-0:draft:7', '{"revision":"1"}');
        expect(keptDraft(7)).toBeNull();
    });
});
