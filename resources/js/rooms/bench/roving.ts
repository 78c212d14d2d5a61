/** Cells of the ledger as a grid that is walked with the arrows: every element marked `data-cell`, row by row. */
const ROW = '[data-row]';
const CELL = '[data-cell]';

const ACROSS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 };
const DOWN: Record<string, number> = { ArrowUp: -1, ArrowDown: 1 };

/** Where an arrow leads from a cell: its neighbour, or the same place in the next row; null at the edge. */
export function neighbour(grid: ParentNode, from: Element, key: string): HTMLElement | null {
    const rows = [...grid.querySelectorAll(ROW)].map((row) => [...row.querySelectorAll<HTMLElement>(CELL)]).filter((cells) => cells.length > 0);
    const at = rows.findIndex((cells) => cells.some((cell) => cell === from));
    const row = rows[at];
    if (!row) return null;
    const column = row.findIndex((cell) => cell === from);
    if (key in ACROSS) return row[column + (ACROSS[key] ?? 0)] ?? null;
    if (key === 'Home') return row[0] ?? null;
    if (key === 'End') return row.at(-1) ?? null;
    const next = rows[at + (DOWN[key] ?? 0)];
    if (!next || !(key in DOWN)) return null;
    // The same kind of cell where there is one: grams under grams, whatever a row lacks before it.
    const kind = from.getAttribute('data-cell');
    return next.find((cell) => cell.getAttribute('data-cell') === kind) ?? next[Math.min(column, next.length - 1)] ?? null;
}

/** Walks the grid for a key pressed in it; true where it did. A figure that is being typed in keeps its arrows. */
export function walk(grid: ParentNode, event: { key: string; target: EventTarget | null }): boolean {
    const from = event.target instanceof Element ? event.target.closest(CELL) : null;
    if (!from || from.hasAttribute('data-typing')) return false;
    const to = neighbour(grid, from, event.key);
    if (!to) return false;
    to.focus();
    // What is typed on it takes its place.
    if (to instanceof HTMLInputElement) to.select();
    return true;
}
