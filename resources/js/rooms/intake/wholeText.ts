/** What the page asks beside the lines; an empty field is left to what the text says. */
export interface Head {
    title: string;
    family: string;
    measures: string;
    portions: string;
    serveAt: string;
}

function head(fields: Head): string[] {
    return [
        ['title', fields.title.trim()],
        ['family', fields.family],
        ['measures', fields.measures],
        ['portions', fields.portions.trim()],
        ['serve at', fields.serveAt.trim() === '' ? '' : `${fields.serveAt.trim()} C`],
    ].flatMap(([key, value]) => (value ? [`${key ?? ''}: ${value}`] : []));
}

/** The whole text: what the page asks, then what was typed or pasted. */
export function wholeText(fields: Head, lines: string): string {
    // A file of another form is read as it is.
    if (/^\s*[{[<]/.test(lines)) return lines;
    const rows = head(fields);
    return rows.length === 0 ? lines : [...rows, '', lines].join('\n');
}

/** Rows that `wholeText` puts before the typed lines. */
export function headRows(fields: Head): number {
    const rows = head(fields).length;
    return rows === 0 ? 0 : rows + 1;
}
