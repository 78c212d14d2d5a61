const HEADINGS = /^\s*(title|family|measures|portions|serve at|layer|treat|tin|loss|method)\s*:/i;
const LAYER = /^\s*layer\s*:|^\s*(?:for\s+the\s+)?\p{L}[\p{L}\s-]{1,60}?\s*:\s*$|^\s*for\s+the\s+\p{L}[\p{L}\s-]{1,60}$/iu;

/** Lines of the text at which each layer with content begins; a text without headings is one layer from its first line. */
export function layerStarts(text: string): number[] {
    const rows = text.split('\n');
    const starts: number[] = [];
    let open: number | null = null;
    let filled = false;
    let hasLooseLines = false;
    for (const [n, row] of rows.entries()) {
        if (/^\s*method\s*:/i.test(row)) break;
        const isLayer = LAYER.test(row) && !/^\s*(title|family|measures|portions|serve at|treat|tin|loss)\s*:/i.test(row);
        if (isLayer) {
            if (filled && open !== null) starts.push(open);
            else if (filled && hasLooseLines) starts.push(-1);
            open = n;
            filled = false;
            hasLooseLines = false;
        } else if (row.trim() !== '' && !HEADINGS.test(row) && !row.trim().startsWith('#')) {
            filled = true;
            if (open === null) hasLooseLines = true;
        }
    }
    if (filled) starts.push(open ?? -1);
    return starts;
}

/** The text with one layer's `treat:` or `tin:` line set to a value; an empty value takes the line out. */
export function setLayerHeading(text: string, layer: number, heading: 'treat' | 'tin', value: string): string {
    const rows = text.split('\n');
    const starts = layerStarts(text);
    const start = starts[layer];
    if (start === undefined) return text;
    const next = starts[layer + 1] ?? rows.length;
    const pattern = new RegExp(`^\\s*${heading}\\s*:`, 'i');
    for (let n = start + 1; n < next; n++) {
        if (pattern.test(rows[n] ?? '')) {
            rows.splice(n, 1, ...(value === '' ? [] : [`${heading}: ${value}`]));
            return rows.join('\n');
        }
    }
    if (value !== '') {
        const firstLine = start === -1 ? rows.findIndex((row) => row.trim() !== '' && !HEADINGS.test(row)) : start + 1;
        rows.splice(Math.max(0, firstLine), 0, `${heading}: ${value}`);
    }
    return rows.join('\n');
}

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
