/** The whole text form from the fields of the page and the typed lines. */
export function wholeText(fields: { title: string; family: string; measures: string; portions: string; serveAt: string }, lines: string): string {
    const head = [
        ['title', fields.title.trim() || 'Untitled dish'],
        ['family', fields.family],
        ['measures', fields.measures],
        ['portions', fields.portions.trim() || '1'],
        ['serve at', `${fields.serveAt.trim() || '6'} C`],
    ] as const;
    return [...head.map(([key, value]) => `${key}: ${value}`), '', lines].join('\n');
}

/** Rows that `wholeText` puts before the typed lines. */
export const HEAD_ROWS = 6;
