import { beforeEach, describe, expect, it } from 'vitest';
import { renderHook, act } from '@testing-library/react';
import { allAsTheyWere, giveKey, keyOf, keyWrong, switchKeys, useKeys } from './keys';

const undo = { id: 'undo', name: 'Undo', key: 'u' };
const redo = { id: 'redo', name: 'Redo', key: 'y' };

beforeEach(() => allAsTheyWere());

describe('keys', () => {
    it('are what they were until another is chosen, and are kept', () => {
        const { result } = renderHook(() => useKeys());
        expect(keyOf(undo, result.current)).toBe('u');
        act(() => giveKey(undo, 'z'));
        expect(keyOf(undo, result.current)).toBe('z');
        expect(localStorage.getItem('keys')).toContain('"undo":"z"');
        act(() => giveKey(undo, ''));
        expect(keyOf(undo, result.current)).toBe('');
        act(() => allAsTheyWere());
        expect(keyOf(undo, result.current)).toBe('u');
    });

    it('do nothing while they are switched off', () => {
        const { result } = renderHook(() => useKeys());
        act(() => switchKeys(false));
        expect(keyOf(undo, result.current)).toBe('');
        act(() => switchKeys(true));
        expect(keyOf(undo, result.current)).toBe('u');
    });

    it('are one for one command', () => {
        const keys = { on: true, own: {} };
        expect(keyWrong('y', undo, [undo, redo], keys)).toBe('y is for “Redo”');
        expect(keyWrong('u', undo, [undo, redo], keys)).toBe('');
        expect(keyWrong('y', undo, [undo, redo], { on: true, own: { redo: 'x' } })).toBe('');
        expect(keyWrong('F5', undo, [undo, redo], keys)).toBe('One letter, figure or sign');
        expect(keyWrong(' ', undo, [undo, redo], keys)).toBe('One letter, figure or sign');
    });
});
