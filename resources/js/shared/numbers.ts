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

/** Minor units as money without naming a currency the studio may not use. */
export function money(minor: number): string {
    return (minor / 100).toFixed(2);
}

export function percent(share: number): string {
    return `${Math.round(share * 100)}`;
}

function trim(text: string): string {
    return text.replace(/\.0$/, '');
}
