import type { TraceStep } from '../../api/types';
import { traceFigure } from './figure';

/** A part under this share of the whole is noise in a sentence. */
const NOISE = 0.01;
/** So many parts are named; the rest is "the rest". */
const NAMED = 3;

/** The first step, from the top, that is a sum of several of its own kind: what the number is made of. */
function sum(step: TraceStep): TraceStep | null {
    const parts = step.inputs.filter((input) => input.unit === step.unit && (input.value ?? 0) > 0);
    if (parts.length > 1) return step;
    return step.inputs.length === 1 && step.inputs[0] ? sum(step.inputs[0]) : null;
}

type Mark = NonNullable<TraceStep['source']>['mark'];

/** What carries each mark in the chain. */
function marked(step: TraceStep, found = new Map<Mark, Set<string>>()): Map<Mark, Set<string>> {
    if (step.source) found.set(step.source.mark, (found.get(step.source.mark) ?? new Set()).add(step.label));
    step.inputs.forEach((input) => marked(input, found));
    return found;
}

/** Why a number is what it is, as one would say it: what most of it comes from, and the weakest thing it stands on. */
export function whySentence(step: TraceStep): string {
    const whole = sum(step);
    const words: string[] = [];
    if (whole) {
        const parts = whole.inputs.filter((input) => input.unit === whole.unit && (input.value ?? 0) > 0);
        const total = parts.reduce((all, input) => all + (input.value ?? 0), 0);
        const counted = parts.map((input) => ({ name: input.label, share: (input.value ?? 0) / total })).filter((part) => part.share >= NOISE).sort((a, b) => b.share - a.share);
        const named = counted.slice(0, NAMED).map((part) => `${part.name} (${Math.round(part.share * 100)} %)`);
        const rest = counted.length - named.length;
        words.push(`${step.label} is ${traceFigure(step)}: ${joined(named, rest > 0 ? `${rest} more` : '')}.`);
    } else if (step.value !== null) {
        words.push(`${step.label} is ${traceFigure(step)}${step.words ? `: ${step.words}` : ''}.`);
    }
    const of = marked(step);
    const weak = [...(of.get('est') ?? []), ...(of.get('mem') ?? [])];
    const trade = [...(of.get('trade') ?? [])];
    if (weak.length > 0) words.push(`It is only as sure as ${listed(weak)}, which ${weak.length === 1 ? 'is' : 'are'} known from memory.`);
    else if (trade.length > 0) words.push(`It stands on common practice for ${listed(trade)}.`);
    else if (of.size > 0) words.push('Everything it stands on is published, measured or off a packet.');
    return words.join(' ');
}

function listed(all: string[]): string {
    return all.length <= NAMED ? joined(all, '') : joined(all.slice(0, NAMED - 1), `${all.length - NAMED + 1} more`);
}

function joined(named: string[], rest: string): string {
    const all = rest ? [...named, rest] : named;
    return all.length < 2 ? (all[0] ?? '') : `${all.slice(0, -1).join(', ')} and ${all.at(-1) ?? ''}`;
}
