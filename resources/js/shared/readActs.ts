import type { ReadAct, TextReading } from '../api/types';

type Sentence = TextReading['method']['sentences'][number];

const ELSE: Record<string, string> = { note: 'a note, no step', serving: 'how it is served', storage: 'how long it keeps: checked, not obeyed', heading: 'a heading' };

/** What is understood of a sentence, in a line: "bake · 160 °C fan · 10 min, then 110 °C · 35 min", "combine butter, 50 % of the sugar". */
export const understood = (one: Sentence): string => (one.as === 'steps' ? one.acts.map(act).join(' → ') : one.as === 'unread' ? 'not understood' : (ELSE[one.as] ?? ''));

function act(one: ReadAct): string {
    const lines = one.lines.map((line) => (line.share < 0.995 ? `${Math.round(100 * line.share)} % of the ${line.name}` : line.name)).join(', ');
    const heat = one.oven !== '' ? one.oven : one.celsius === null ? '' : `${Math.round(one.celsius)} °C`;
    const first = [lines === '' ? one.does : `${one.does} ${lines}`, heat, one.minutes === null ? '' : lasts(one.minutes)].filter((part) => part !== '').join(' · ');
    return [first, ...one.stages.map((stage) => [stage.celsius === 0 ? 'oven off' : stage.celsius === null ? '' : `${Math.round(stage.celsius)} °C`, stage.minutes === null ? '' : lasts(stage.minutes)].filter((part) => part !== '').join(' · '))].join(', then ');
}

function lasts(time: number): string {
    return time >= 120 ? `${Math.round(time / 6) / 10} h` : time < 1 ? `${Math.round(time * 60)} s` : `${Math.round(time)} min`;
}
