import type { LineAt } from './layers';

const KIND = 'application/x-ledger-line';

/** A line is taken by its name. */
export function take(event: React.DragEvent, at: LineAt): void {
    event.dataTransfer.setData(KIND, JSON.stringify(at));
    event.dataTransfer.effectAllowed = 'move';
}

/** Whether it is one of our lines that hovers. */
export const dragged = (event: React.DragEvent): boolean => event.dataTransfer.types.includes(KIND);

/** Where the line that is let go here was taken; null for anything else. */
export function dropped(event: React.DragEvent): LineAt | null {
    if (!dragged(event)) return null;
    event.preventDefault();
    try {
        const at = JSON.parse(event.dataTransfer.getData(KIND)) as Partial<LineAt>;
        return typeof at.layer === 'number' && typeof at.line === 'number' ? { layer: at.layer, line: at.line } : null;
    } catch {
        return null;
    }
}
