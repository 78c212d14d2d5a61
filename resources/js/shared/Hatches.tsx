/** Quiet hatches, one for each kind of texture. */
export function Hatches({ id }: { id: string }) {
    const stroke = { stroke: 'var(--hatch)', strokeWidth: 1, fill: 'none' } as const;
    return (
        <defs>
            <pattern id={`${id}-gel`} width="9" height="9" patternUnits="userSpaceOnUse">
                <path d="M0 9 9 0" {...stroke} />
            </pattern>
            <pattern id={`${id}-cream`} width="8" height="8" patternUnits="userSpaceOnUse">
                <path d="M4 0V8" {...stroke} opacity="0.7" />
            </pattern>
            <pattern id={`${id}-starch-paste`} width="10" height="8" patternUnits="userSpaceOnUse">
                <path d="M0 6Q2.5 3 5 6T10 6" {...stroke} />
            </pattern>
            <pattern id={`${id}-fat-set`} width="8" height="6" patternUnits="userSpaceOnUse">
                <path d="M0 3H8" {...stroke} />
            </pattern>
            <pattern id={`${id}-foam`} width="12" height="11" patternUnits="userSpaceOnUse">
                <circle cx="3" cy="3" r="2" {...stroke} />
                <circle cx="9" cy="8" r="2.6" {...stroke} />
            </pattern>
            <pattern id={`${id}-crumb`} width="7" height="7" patternUnits="userSpaceOnUse">
                <circle cx="2" cy="2" r="0.9" fill="var(--hatch)" />
                <circle cx="5.5" cy="5" r="1.2" fill="var(--hatch)" />
            </pattern>
            <pattern id={`${id}-frozen`} width="10" height="10" patternUnits="userSpaceOnUse">
                <path d="M5 1V9M1 5H9" {...stroke} />
            </pattern>
        </defs>
    );
}

export const hatchOf = (id: string, kind: string) => `url(#${id}-${kind.replace(' ', '-')})`;
