import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { ThemeProvider } from '@mui/material/styles';
import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { makeTheme, type Dim } from './theme';

/** Styles carry the nonce of the page: its policy takes none without. */
export const nonce = document.querySelector<HTMLMetaElement>('meta[property=csp-nonce]')?.content ?? '';
const styles = createCache({ key: 'tr', ...(nonce && { nonce }) });

const DimContext = createContext<{ dim: Dim; toggle: () => void }>({ dim: 'light', toggle: () => undefined });

export const useDim = () => useContext(DimContext);

/** Light by default; a dark dress for dim kitchens, remembered on this machine. */
export function DimProvider({ children }: { children: ReactNode }) {
    const [dim, setDim] = useState<Dim>(() => (localStorage.getItem('dim') === 'dark' ? 'dark' : 'light'));
    useEffect(() => {
        document.documentElement.dataset.dim = dim;
        localStorage.setItem('dim', dim);
    }, [dim]);
    const theme = useMemo(() => makeTheme(dim), [dim]);
    const value = useMemo(() => ({ dim, toggle: () => setDim((d) => (d === 'light' ? 'dark' : 'light')) }), [dim]);
    return (
        <DimContext value={value}>
            <CacheProvider value={styles}>
                <ThemeProvider theme={theme}>{children}</ThemeProvider>
            </CacheProvider>
        </DimContext>
    );
}
