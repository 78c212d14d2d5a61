import { lazy, Suspense, useCallback, useState, type ReactNode } from 'react';
import { WhyContext } from './WhyContext';

const WhyDialog = lazy(async () => ({ default: (await import('./WhyDialog')).WhyDialog }));

/** Lets every number below answer "why?" for one version. */
export function WhyProvider({ version, revision, children }: { version: number; revision: number; children: ReactNode }) {
    const [path, setPath] = useState<string | null>(null);
    const open = useCallback((asked: string) => setPath(asked), []);
    return (
        <WhyContext value={open}>
            {children}
            {path !== null && (
                <Suspense fallback={null}>
                    <WhyDialog version={version} revision={revision} path={path} onClose={() => setPath(null)} />
                </Suspense>
            )}
        </WhyContext>
    );
}
