import { act, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it } from 'vitest';
import { fieldsOf } from './fields';

const typed = (value: string) => ({ target: { value } });

function useForm(wrong: Record<string, string>) {
    const [form, setForm] = useState({ email: '', password: '', days: 7 });
    return { form, field: fieldsOf(form, setForm, wrong) };
}

describe('fields of a form', () => {
    it('keep all that was typed, also where a browser fills two before either is drawn', () => {
        const { result } = renderHook(() => useForm({}));
        act(() => {
            result.current.field('email').onChange(typed('cook@example.org'));
            result.current.field('password').onChange(typed('a long enough one'));
        });
        expect(result.current.form).toEqual({ email: 'cook@example.org', password: 'a long enough one', days: 7 });
        expect(result.current.field('email').value).toBe('cook@example.org');
    });

    it('say what is wrong in place of the hint, and the hint where nothing is', () => {
        const { result } = renderHook(() => useForm({ email: 'No such address.' }));
        expect(result.current.field('email', 'yours')).toMatchObject({ error: true, helperText: 'No such address.' });
        expect(result.current.field('password', 'twelve characters')).toMatchObject({ error: false, helperText: 'twelve characters' });
        expect(result.current.field('password')).toMatchObject({ error: false, helperText: undefined });
    });
});
