/** What of a form is typed as text. */
type Typed<F> = { [K in keyof F]: F[K] extends string ? K : never }[keyof F] & string;

/**
 * What a text field of a form needs to show what is typed, to tell it, and to say what is wrong with it.
 *
 * @param change is told how to change what stands by then: a browser fills several fields at once
 * @param wrong what is wrong, by field: `wrongIn` what was refused
 */
export function fieldsOf<F extends object>(form: F, change: (next: (was: F) => F) => void, wrong: Record<string, string>) {
    return (key: Typed<F>, hint?: string) => ({
        value: form[key],
        onChange: (e: { target: { value: string } }) => change((was) => ({ ...was, [key]: e.target.value })),
        error: key in wrong,
        helperText: wrong[key] ?? hint,
    });
}
