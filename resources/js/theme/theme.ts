import { createTheme, type Theme } from '@mui/material/styles';

export type Dim = 'light' | 'dark';

/** MUI dressed as enamelware: our own shapes, faces and quietness; colours come from tokens.css. */
export function makeTheme(dim: Dim): Theme {
    const dark = dim === 'dark';
    return createTheme({
        palette: {
            mode: dim,
            primary: { main: dark ? '#8fabf0' : '#1f3a8a' },
            error: { main: dark ? '#f29ab9' : '#8d1644' },
            warning: { main: dark ? '#f3c35d' : '#8a5a00' },
            success: { main: dark ? '#8fd3a8' : '#22683f' },
            background: { default: dark ? '#10151d' : '#e7ecf0', paper: dark ? '#18202b' : '#fbfdfd' },
            text: { primary: dark ? '#e9eef5' : '#16202f', secondary: dark ? '#a9b6c8' : '#4c5a70' },
        },
        shape: { borderRadius: 10 },
        typography: {
            fontFamily: "'Source Sans 3 Variable', sans-serif",
            fontSize: 14,
            button: { textTransform: 'none', fontWeight: 650, letterSpacing: 0 },
        },
        components: {
            MuiButtonBase: { defaultProps: { disableRipple: true } },
            MuiButton: {
                defaultProps: { disableElevation: true, size: 'small' },
                styleOverrides: {
                    root: { borderRadius: 9, minHeight: 32, padding: '3px 12px', border: '1.5px solid transparent', transition: 'none' },
                    contained: { background: 'var(--cobalt)', color: 'var(--on-cobalt)' },
                    outlined: { borderColor: 'var(--rim)', color: 'var(--cobalt)', background: 'var(--panel)', borderWidth: '1.5px' },
                },
            },
            MuiOutlinedInput: {
                styleOverrides: {
                    root: { background: 'var(--panel)', borderRadius: 9 },
                    notchedOutline: { borderColor: 'var(--line)' },
                    input: { '&::placeholder': { color: 'var(--ink-soft)', opacity: 1 } },
                },
            },
            MuiTooltip: { styleOverrides: { tooltip: { background: 'var(--ink)', color: 'var(--panel)', fontSize: 13 } } },
            MuiPaper: { styleOverrides: { root: { backgroundImage: 'none' } } },
        },
    });
}
