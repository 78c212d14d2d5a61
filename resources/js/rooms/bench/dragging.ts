import type { LineAt } from './layers';

interface Dragging<T> {
    take: (event: React.DragEvent, what: T) => void;
    /** Whether it is one of ours that hovers. */
    dragged: (event: React.DragEvent) => boolean;
    /** What is let go here; null for anything else. */
    dropped: (event: React.DragEvent) => T | null;
}

/** What is taken by its name and let go at another place, of one kind: nothing of another kind is taken for it. */
function dragging<T>(kind: string, read: (data: unknown) => T | null): Dragging<T> {
    const dragged = (event: React.DragEvent) => event.dataTransfer.types.includes(kind);
    return {
        take: (event, what) => {
            event.dataTransfer.setData(kind, JSON.stringify(what));
            event.dataTransfer.effectAllowed = 'move';
        },
        dragged,
        dropped: (event) => {
            if (!dragged(event)) return null;
            event.preventDefault();
            try {
                return read(JSON.parse(event.dataTransfer.getData(kind)));
            } catch {
                return null;
            }
        },
    };
}

/** A line of the ledger. */
export const { take, dragged, dropped } = dragging<LineAt>('application/x-ledger-line', (data) => {
    const at = data as Partial<LineAt>;
    return typeof at.layer === 'number' && typeof at.line === 'number' ? { layer: at.layer, line: at.line } : null;
});

/** A step of the method, by its place. */
export const stepDragging = dragging<number>('application/x-method-step', (data) => (Number.isInteger(data) ? (data as number) : null));
