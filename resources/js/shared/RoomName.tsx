import type { CSSProperties, ReactNode } from 'react';

/** The name of a room or of what stands in it: the page's first heading, and what its tab is called, so that two windows are told apart. */
export function RoomName({ tab, style, children }: { /** Of the tab, where it says more than the heading. */ tab?: string | undefined; style?: CSSProperties; children: ReactNode }) {
    return (
        <>
            <title>{`${tab ?? (typeof children === 'string' ? children : '')} · Transmuta`}</title>
            <h1 className="name" style={{ margin: 0, fontSize: 'var(--text-room)', ...style }}>
                {children}
            </h1>
        </>
    );
}
