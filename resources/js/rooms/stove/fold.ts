import type { MakingStep, Run, RunEvent, Weighing } from '../../api/types';

/** A run as it stands with what this device has said and the server has not heard yet. */
export function withUnsent(run: Run, unsent: readonly RunEvent[]): Run {
    const heard = new Set(run.events.map((event) => event.client_id));
    const more = unsent.filter((event) => !heard.has(event.client_id)).map((event) => ({ client_id: event.client_id, kind: event.kind, step: event.step ?? '', body: event.body ?? {}, at: event.at, who: '' }));
    const factor = (layer: number) => more.filter((event) => event.kind === 'scaled' && event.body.layer === layer).reduce((product, event) => product * (event.body.factor ?? 1), 1);
    const weighing = run.weighing.map((line): Weighing => {
        const last = more.filter((event) => event.kind === 'weighed' && event.step === line.step && event.body.ingredient === line.ingredient).at(-1);
        const asked = line.asked * factor(line.layer);
        const weighed = last?.body.grams ?? line.weighed;
        const tolerance = line.asked > 0 ? (line.tolerance * asked) / line.asked : line.tolerance;
        return { ...line, asked, tolerance, weighed, is_off: weighed !== null && Math.abs(weighed - asked) > tolerance + 1e-9 };
    });
    return { ...run, weighing, events: [...run.events, ...more], finished_at: run.finished_at ?? (more.some((event) => event.kind === 'finished') ? 'now' : null) };
}

/** Ids of the steps that are done, what was said last of each. */
export function doneIn(run: Run): ReadonlySet<string> {
    const done = new Set<string>();
    for (const event of run.events) {
        if (event.kind === 'done') done.add(event.step);
        if (event.kind === 'undone') done.delete(event.step);
    }
    return done;
}

/** What is weighed out at a step: all of the layer where everything is weighed, else what goes in there. */
export function weighedAt(run: Run, step: MakingStep): Weighing[] {
    if (step.kind !== 'weigh') return run.weighing.filter((line) => line.step === step.id);
    const layer = run.layers.indexOf(step.layer);
    return run.weighing.filter((line) => line.layer === layer);
}

export interface Timer {
    step: string;
    /** When it is over, min by the clock on the wall. */
    over: number;
    minutes: number;
}

/** Timers that were started, the latest of each step; those of a step that is done are over. */
export function timersOf(run: Run, minuteOf: (moment: string) => number): Timer[] {
    const done = doneIn(run);
    const latest = new Map<string, Timer>();
    for (const event of run.events) if (event.kind === 'timer') latest.set(event.step, { step: event.step, minutes: event.body.minutes ?? 0, over: minuteOf(event.at) + (event.body.minutes ?? 0) });
    return [...latest.values()].filter((timer) => !done.has(timer.step));
}
