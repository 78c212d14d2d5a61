/**
 * Moments by the clock on the kitchen's wall, without an offset, as the server writes them ("2026-12-05T19:30:00"): minutes since 1970 as that
 * clock would count them, so that no zone and no summer time of this machine comes between.
 */
export function minuteOf(moment: string): number {
    return Date.parse(`${moment.length === 16 ? `${moment}:00` : moment.slice(0, 19)}Z`) / 60_000;
}

export function momentOf(minute: number): string {
    return new Date(Math.round(minute * 60) * 1000).toISOString().slice(0, 19);
}

/** Hour and minute, such as "19:30". */
export function clockOf(minute: number): string {
    return new Date(Math.floor(minute + 1e-6) * 60_000).toISOString().slice(11, 16);
}

/** The day, such as "Sat 5 Dec". */
export function dayOf(minute: number): string {
    return new Date(minute * 60_000).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
}

/** Now, by the clock on the wall of whoever looks. */
export function wallNow(now = new Date()): string {
    const two = (value: number) => String(value).padStart(2, '0');
    return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}T${two(now.getHours())}:${two(now.getMinutes())}:${two(now.getSeconds())}`;
}
