import type { Plan, PlanStep, ServiceItem } from '../../api/types';
import { STATIONS } from '../../api/words';
import { minuteOf } from '../../shared/moment';

export type By = 'dish' | 'station' | 'cook';

export interface Block {
    /** Tells one from all others of a plan. */
    key: string;
    step: PlanStep;
    from: number;
    /** When the hands leave it. */
    hands: number;
    to: number;
    /** Whether hands and wait keep its station busy. */
    runs: boolean;
}

export interface Lane {
    name: string;
    /** What is done one beside another. */
    rows: Block[][];
}

const runs = (station: PlanStep['station']): boolean => STATIONS.find((one) => one.id === station)?.runs ?? false;

/** What a lane of a station is called: each of what there are, or all as one. */
const named = (station: string): string => (station === 'hob' ? 'Ring' : station.charAt(0).toUpperCase() + station.slice(1));

export const keyOf = (step: PlanStep): string => `${step.item ?? 'x'} ${step.step} ${step.batch ?? 0}`;

export function blocksOf(plan: Plan): Block[] {
    return plan.steps.map((step) => {
        const from = minuteOf(step.start);
        return { key: keyOf(step), step, from, hands: from + step.hands_on_min, to: minuteOf(step.end), runs: runs(step.station) };
    });
}

/** What somebody or a machine does; a fridge does nothing. */
export const busyOf = (blocks: readonly Block[]): { from: number; to: number }[] => blocks.map((block) => ({ from: block.from, to: block.runs ? block.to : block.hands }));

/** Blocks in as few rows as they fit without lying on each other. */
function rowsOf(blocks: readonly Block[], end: (block: Block) => number): Block[][] {
    const rows: { end: number; blocks: Block[] }[] = [];
    for (const block of blocks) {
        const row = rows.find((one) => one.end <= block.from + 1e-6);
        if (row) {
            row.blocks.push(block);
            row.end = end(block);
        } else rows.push({ end: end(block), blocks: [block] });
    }
    return rows.map((row) => row.blocks);
}

export function lanesOf(blocks: readonly Block[], items: readonly ServiceItem[], by: By): Lane[] {
    const lane = (name: string, of: readonly Block[], end: (block: Block) => number): Lane[] => (of.length === 0 ? [] : [{ name, rows: rowsOf(of, end) }]);
    if (by === 'dish') {
        return [
            ...items.flatMap((item, n) => lane(`${item.dish}, ${item.version}`, blocks.filter((block) => block.step.item === n && block.step.kind !== 'clean'), (block) => block.to)),
            ...lane('Kitchen', blocks.filter((block) => block.step.item === null || block.step.kind === 'clean'), (block) => block.to),
        ];
    }
    if (by === 'cook') {
        const cooks = [...new Set(blocks.map((block) => block.step.cook))].filter((cook) => cook !== null).sort((a, b) => a - b);
        return cooks.flatMap((cook) => lane(`Cook ${cook}`, blocks.filter((block) => block.step.cook === cook), (block) => block.hands));
    }
    return STATIONS.flatMap(({ id, runs: isKept }) => {
        const here = blocks.filter((block) => block.step.station === id);
        if (!isKept) return lane(named(id), here, (block) => block.to);
        return [...new Set(here.map((block) => block.step.unit))].sort((a, b) => a - b).flatMap((unit) => lane(`${named(id)} ${unit}`, here.filter((block) => block.step.unit === unit), (block) => block.to));
    });
}
