import Box from '@mui/material/Box';
import type { Comparison } from '../../api/types';
import { grams, money } from '../../shared/numbers';
import { SmallSection } from '../../shared/SmallSection';
import { toneOf } from '../../shared/tones';
import { dietName } from '../../shared/words';

/** Two readings side by side: what differs in the portion, the layers, the diets and the lines. */
export function Difference({ of }: { of: Comparison }) {
    const { a, b, changes } = of;
    const figure = (unit: string, value: number) => (unit === 'minor units' ? money(value) : `${unit.startsWith('k') ? Math.round(value) : Math.round(value * 10) / 10} ${unit}`);
    const rows: [string, string, string][] = [
        ...changes.portion.map((one): [string, string, string] => [`${one.what}, a portion`, figure(one.unit, one.was), figure(one.unit, one.now)]),
        ...changes.layers.map((one): [string, string, string] => [`${one.layer}: ${one.what.toLowerCase()}`, one.was, one.now]),
        ...changes.diets.map((one): [string, string, string] => [dietName(one.diet), one.was, one.now]),
        ...lines(of),
    ].filter(([, was, now]) => was !== now);
    return (
        <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', fontSize: 14.5, '& td, & th': { borderTop: '1px solid var(--line)', py: '3px', px: 0.75, textAlign: 'left', verticalAlign: 'top' }, '& th': { fontWeight: 400 } }}>
            <thead>
                <tr>
                    <td style={{ borderTop: 0 }} />
                    {[a, b].map((side) => (
                        <td key={side.name} style={{ borderTop: 0, width: '34%' }}>
                            <Box sx={{ height: 96 }}>
                                <SmallSection section={side.section} tones={side.formula.layers.map((layer) => toneOf(layer.lines))} title={`${side.name}, cut`} />
                            </Box>
                            <strong>{side.name}</strong>
                        </td>
                    ))}
                </tr>
            </thead>
            <tbody>
                {rows.map(([what, was, now]) => (
                    <tr key={what}>
                        <th scope="row">{what}</th>
                        <td>{was}</td>
                        <td style={{ fontWeight: 650 }}>{now}</td>
                    </tr>
                ))}
                {rows.length === 0 && (
                    <tr>
                        <td colSpan={3}>They read alike.</td>
                    </tr>
                )}
            </tbody>
        </Box>
    );
}

/** Lines whose mass differs, by layer and ingredient. */
function lines({ a, b }: Comparison): [string, string, string][] {
    const masses = (side: Comparison['a']) => new Map(side.formula.layers.flatMap((layer) => layer.lines.flatMap((line) => (line.ingredient ? [[`${layer.name}: ${side.names[line.ingredient] ?? line.ingredient}`, line.grams ?? 0] as const] : []))));
    const [was, now] = [masses(a), masses(b)];
    return [...new Set([...was.keys(), ...now.keys()])].flatMap((key): [string, string, string][] => {
        const [x, y] = [was.get(key), now.get(key)];
        return Math.abs((x ?? 0) - (y ?? 0)) < 0.05 ? [] : [[key, x === undefined ? '–' : `${grams(x)} g`, y === undefined ? '–' : `${grams(y)} g`]];
    });
}
