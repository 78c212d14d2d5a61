import { act, cleanup, render, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { answers, type Command, useCommands, useRegistered } from './commands';

afterEach(cleanup);

const commands: Command[] = [{ id: 'undo', name: 'Undo', key: 'u', act: () => undefined }];

function Room() {
    useCommands(commands);
    return null;
}

describe('commands', () => {
    it('are there while their room is', () => {
        const { result } = renderHook(() => useRegistered());
        expect(result.current).toEqual([]);
        const room = render(<Room />);
        expect(result.current.map((one) => one.id)).toEqual(['undo']);
        act(() => room.unmount());
        expect(result.current).toEqual([]);
    });

    it('are found by the beginnings of their words, in any order', () => {
        expect(answers('Passion-fruit curd tartlet, Vegan 1', 'cur pas')).toBe(true);
        expect(answers('Passion-fruit curd', 'urd')).toBe(false);
        expect(answers('Passion-fruit curd', 'fruit')).toBe(true);
        expect(answers('Anything', '')).toBe(true);
        expect(answers('Night-sky lime pie, Original', 'night-sky or')).toBe(true);
    });
});
