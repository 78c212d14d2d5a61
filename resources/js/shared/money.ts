import { store } from './store';

/** What it was the last time stands until the studio answers, so that nothing is drawn twice. */
const currency = store(localStorage.getItem('currency') ?? 'EUR', (code) => localStorage.setItem('currency', code));

/** What the studio reckons in, ISO 4217; everything that shows a cost is drawn anew. */
export const reckonIn = currency.set;

export const useCurrency = currency.use;

/** Minor units as money in the studio's currency: hundredths for most, none for yen, thousandths for dinars. */
export function money(minor: number, code = currency.get()): string {
    const format = new Intl.NumberFormat('en-GB', { style: 'currency', currency: code, currencyDisplay: 'narrowSymbol' });
    return format.format(minor / 10 ** placesOf(code));
}

/** Writes money, and has whoever uses it drawn anew when the studio reckons in another currency. */
export function useMoney(): (minor: number) => string {
    const code = useCurrency();
    return (minor) => money(minor, code);
}

/** Places behind the point: two for most currencies, none for yen, three for dinars. */
function placesOf(code: string): number {
    return new Intl.NumberFormat('en-GB', { style: 'currency', currency: code }).resolvedOptions().maximumFractionDigits ?? 2;
}

/** Minor units as a plain figure to be typed over. */
export function plainMoney(minor: number, code = currency.get()): string {
    return (minor / 10 ** placesOf(code)).toFixed(placesOf(code));
}

/** A typed figure in minor units. */
export function minorOf(figure: number, code = currency.get()): number {
    return Math.round(figure * 10 ** placesOf(code));
}

/** Every currency the browser knows, by its letters. */
export function currencies(): { code: string; name: string }[] {
    const names = new Intl.DisplayNames('en-GB', { type: 'currency' });
    return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }));
}
