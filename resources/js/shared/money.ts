import { useSyncExternalStore } from 'react';

/** What it was the last time stands until the studio answers, so that nothing is drawn twice. */
let currency = localStorage.getItem('currency') ?? 'EUR';
const listeners = new Set<() => void>();

/** What the studio reckons in, ISO 4217; everything that shows a cost is drawn anew. */
export function reckonIn(code: string): void {
    if (code === currency) return;
    currency = code;
    localStorage.setItem('currency', code);
    listeners.forEach((listener) => listener());
}

export function useCurrency(): string {
    return useSyncExternalStore(
        (listener) => {
            listeners.add(listener);
            return () => listeners.delete(listener);
        },
        () => currency,
    );
}

/** Minor units as money in the studio's currency: hundredths for most, none for yen, thousandths for dinars. */
export function money(minor: number, code = currency): string {
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
export function plainMoney(minor: number, code = currency): string {
    return (minor / 10 ** placesOf(code)).toFixed(placesOf(code));
}

/** A typed figure in minor units. */
export function minorOf(figure: number, code = currency): number {
    return Math.round(figure * 10 ** placesOf(code));
}

/** Every currency the browser knows, by its letters. */
export function currencies(): { code: string; name: string }[] {
    const names = new Intl.DisplayNames('en-GB', { type: 'currency' });
    return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }));
}
