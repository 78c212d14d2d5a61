import Box from '@mui/material/Box';
import type { KitchenAtWork } from '../../api/types';
import type { Block } from './lanes';
import { clockOf, dayOf } from '../../shared/moment';

interface Load {
    name: string;
    has: number;
    most: number;
    /** When it is fullest. */
    at: number;
}

/** How many units of a station are taken at its fullest. */
export function loadsOf(blocks: readonly Block[], kitchen: KitchenAtWork): Load[] {
    const of = (station: string, name: string, has: number): Load => {
        const here = blocks.filter((block) => block.step.station === station && block.step.state !== 'done');
        const taken = here.map((block) => ({ at: block.from, many: new Set(here.filter((other) => other.from <= block.from && other.to > block.from).map((other) => other.step.unit)).size }));
        const most = taken.reduce((best, one) => (one.many > best.many ? one : best), { at: 0, many: 0 });
        return { name, has, most: most.many, at: most.at };
    };
    return [of('oven', 'oven', kitchen.ovens), of('hob', 'rings', kitchen.rings), of('fridge', 'fridge shelves', kitchen.fridge_shelves), of('freezer', 'freezer shelves', kitchen.freezer_shelves)].filter((load) => load.most > 0);
}

/** What the oven, the rings and the shelves carry at their fullest. */
export function Loads({ blocks, kitchen }: { blocks: readonly Block[]; kitchen: KitchenAtWork }) {
    const loads = loadsOf(blocks, kitchen);
    if (loads.length === 0) return null;
    return (
        <Box component="ul" aria-label="At their fullest" sx={{ listStyle: 'none', m: 0, p: 0, pt: 0.75, display: 'flex', gap: 2.5, flexWrap: 'wrap', fontSize: 'var(--text-plain)' }}>
            {loads.map((load) => (
                <li key={load.name} style={{ display: 'flex', gap: 6, alignItems: 'center' }}>
                    {load.name}
                    <span aria-hidden style={{ display: 'inline-flex', gap: 2 }}>
                        {Array.from({ length: Math.min(12, load.has) }, (_, n) => (
                            <span key={n} style={{ width: 9, height: 14, borderRadius: 2, border: '1px solid var(--rim)', background: n < load.most ? 'var(--cobalt)' : 'transparent' }} />
                        ))}
                    </span>
                    {load.most} of {load.has} at {clockOf(load.at)}, {dayOf(load.at)}
                </li>
            ))}
        </Box>
    );
}
