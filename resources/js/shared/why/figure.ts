import type { TraceStep } from '../../api/types';
import { money } from '../money';

/** A step's value with its unit, in as many digits as can be acted on. */
export function traceFigure(step: Pick<TraceStep, 'value' | 'unit'>): string {
    if (step.value === null) return 'none';
    if (step.unit === 'minor units') return money(step.value);
    const size = Math.abs(step.value);
    const digits = size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3;
    return `${Number(step.value.toFixed(digits))}${step.unit ? ` ${step.unit}` : ''}`;
}

/** Share of the whole a step makes, where both are sums of the same thing. */
export function shareOf(step: Pick<TraceStep, 'value'>, whole: number | null): number | null {
    if (step.value === null || whole === null || whole <= 0 || step.value < 0 || step.value > whole * 1.001) return null;
    return step.value / whole;
}
