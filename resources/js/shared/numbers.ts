/** Figures as they are read at a counter: enough digits to act on, no more. */
export function grams(value: number): string {
    if (value === 0) return '0';
    if (value < 1) return value.toFixed(2);
    return value < 1000 ? trim(value.toFixed(1)) : Math.round(value).toString();
}

export function oneDecimal(value: number): string {
    return trim(value.toFixed(1));
}

export function fact(value: number, digits: number): string {
    return value.toFixed(digits);
}

export function percent(share: number): string {
    return `${Math.round(share * 100)}`;
}

function trim(text: string): string {
    return text.replace(/\.0$/, '');
}

/** A share as it is said: "78 %". What is not quite all, or not quite none, is not told as all or none. */
export const inPercent = (share: number): string => (share < 1 && share >= 0.995 ? 'over 99 %' : share > 0 && share < 0.005 ? 'under 1 %' : `${percent(share)} %`);

/** A time as it is told at a counter: minutes under an hour and a half, then hours by the half. */
export function hours(value: number): string {
    if (value < 1.5) return `${Math.max(0, Math.round((value * 60) / 5) * 5)} min`;
    return `${trim((Math.round(value * 2) / 2).toFixed(1))} h`;
}

/** Minutes as they are said at the stove: by the minute, then by the hour, then by the day. */
export function minutes(value: number): string {
    if (value < 1) return 'under 1 min';
    if (value < 90) return `${Math.round(value)} min`;
    if (value < 48 * 60) return `${trim((Math.round(value / 30) / 2).toFixed(1))} h`;
    return `${trim((value / 1440).toFixed(1))} days`;
}

/** A day out of year-month-day, as it is written in a kitchen's book. */
export function longDay(day: string): string {
    return new Date(`${day.slice(0, 10)}T12:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

/** Digits with commas in threes: a thousand to one kitchen, a decimal to another. */
const AMBIGUOUS = /^[-−]?\d{1,3}(,\d{3})+$/;

/** A number as somebody types it, with a point or a comma: null where nothing is typed, NaN where it is none or could be two. */
export function typedNumber(text: string): number | null {
    const plain = text.trim();
    if (plain === '') return null;
    return AMBIGUOUS.test(plain) ? NaN : Number(plain.replace(',', '.').replace('−', '-'));
}

/** How many, as it is typed: null where it is no whole number from one on, or more than anybody serves. */
export function typedCount(text: string, most = 10_000): number | null {
    const many = typedNumber(text);
    return many !== null && Number.isInteger(many) && many >= 1 && many <= most ? many : null;
}

/** What is sent of a typed number: itself, null for nothing, or the text as it stands, so that the server says what is wrong with it. */
export function typedOrText(text: string): number | string | null {
    const number = typedNumber(text);
    return number !== null && Number.isNaN(number) ? text.trim() : number;
}

/** A typed number as another, "30" per cent as 0.3; what is none goes as {@link typedOrText} sends it. */
export function typedAs(text: string, of: (number: number) => number): number | string | null {
    const sent = typedOrText(text);
    return typeof sent === 'number' ? of(sent) : sent;
}

/** Why a typed number is none; '' where it is one. */
export function typedWrong(text: string): string {
    return AMBIGUOUS.test(text.trim()) ? `${text.trim().replaceAll(',', '')} or ${text.trim().replace(',', '.')}? Write it without the comma` : '';
}

/** So many of a thing, with its word as the number asks for it: "1 day", "2 days". */
export function counted(many: number, one: string, more = `${one}s`): string {
    return `${many} ${many === 1 ? one : more}`;
}
