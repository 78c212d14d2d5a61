/** Today as year-month-day, by the clock on the wall. */
export function today(now = new Date()): string {
    return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

/** Whole days from one day to another, both year-month-day. */
export function daysBetween(from: string, to: string): number {
    return Math.round((Date.parse(`${to}T12:00:00Z`) - Date.parse(`${from}T12:00:00Z`)) / 86_400_000);
}

/** A day as it is said across a counter: "today", "2 days late", "Thu 3 Dec". */
export function dayWords(day: string, now = today()): string {
    const off = daysBetween(now, day);
    if (off < 0) return off === -1 ? 'a day late' : `${-off} days late`;
    if (off < 2) return off === 0 ? 'today' : 'tomorrow';
    const date = new Date(`${day}T12:00`);
    return date.toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short', ...(day.slice(0, 4) === now.slice(0, 4) ? {} : { year: 'numeric' }) });
}
