import { minutes } from './numbers';

/** What is said of a layer, under its own heading: without its name before it. */
export const withoutLayer = (layer: string, text: string): string => (layer !== '' && text.startsWith(`${layer}: `) ? text.slice(layer.length + 2) : text);

/** "By hand about 8 min; hand mixer about 5 min; not in a microwave": what else a kitchen may have for it. */
export function otherWays(ways: { by: string; minutes: number | null; note: string }[]): string {
    const told = ways.map((way) => (way.minutes === null ? `not by ${way.by}` : `${way.by} about ${minutes(way.minutes)}`) + (way.note ? ` (${way.note})` : '')).join('; ');
    return `Otherwise: ${told}`;
}
