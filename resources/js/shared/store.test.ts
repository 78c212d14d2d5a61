import { act, renderHook } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { store } from './store';

describe('a store', () => {
    it('draws whoever uses it anew when it is another value, and only then', () => {
        const kept: string[] = [];
        const one = store('a', (next) => kept.push(next));
        let drawn = 0;
        const { result } = renderHook(() => {
            drawn++;
            return one.use();
        });
        expect(result.current).toBe('a');
        act(() => one.set('a'));
        expect([drawn, kept]).toEqual([1, []]);
        act(() => one.set('b'));
        expect([result.current, one.get(), drawn, kept]).toEqual(['b', 'b', 2, ['b']]);
    });

    it('tells nobody who has left', () => {
        const one = store(1);
        let drawn = 0;
        const { unmount } = renderHook(() => {
            drawn++;
            return one.use();
        });
        unmount();
        act(() => one.set(2));
        expect(drawn).toBe(1);
    });
});
