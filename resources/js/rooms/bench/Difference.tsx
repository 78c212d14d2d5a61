import Box from '@mui/material/Box';
import type { Comparison } from '../../api/types';
import { useMoney } from '../../shared/money';
import { grams } from '../../shared/numbers';
import { SmallSection } from '../../shared/SmallSection';
import { toneOf } from '../../shared/tones';
import { dietName } from '../../shared/words';

/** Two readings side by side: what differs in the portion, the layers, the diets and the lines. */
export function Difference({ of }: { of: Comparison }) {
    const money = useMoney();
    const { a, b, changes } = of;
    const figure = (unit: string, value: number) => (unit === 'minor units' ? money(value) : `${unit.startsWith('k') ? Math.round(value) : Math.round(value * 10) / 10} ${unit}`);
    const rows: [string, string, string][] = [
        ...changes.portion.map((one): [string, string, string] => [`${one.what}, a portion`, figure(one.unit, one.was), figure(one.unit, one.now)]),
        ...changes.layers.map((one): [string, string, string] => [`${one.layer}: ${one.what.toLowerCase()}`, one.was, one.now]),
        ...changes.diets.map((one): [string, string, string] => [dietName(one.diet), one.was, one.now]),
        ...lines(of),
    ].filter(([, was, now]) => was !== now);
    return (
        <Box component="table" sx={{ width: '100%', borderCollapse: 'collapse', fontSize: 'var(--text-plain)', '& td, & th': { borderTop: '1px solid var(--line)', py: '3px', px: 0.75, textAlign: 'left', verticalAlign: 'top' }, '& th': { fontWeight: 400 } }}>
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
                {rows.map(([what, was, now], n) => (
                    <tr key={n}>
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

/** Lines whose mass differs, by layer and ingredient; layers are told apart by their ids, for two may have one name. */
export function lines({ a, b }: Pick<Comparison, 'a' | 'b'>): [string, string, string][] {
    const masses = (side: Comparison['a']) => {
        const sums = new Map<string, { name: string; grams: number }>();
        for (const [n, layer] of side.formula.layers.entries()) {
            for (const line of layer.lines) {
                if (!line.ingredient) continue;
                const key = `${layer.id ?? n} ${line.ingredient}`;
                sums.set(key, { name: `${layer.name}: ${side.names[line.ingredient] ?? line.ingredient}`, grams: (sums.get(key)?.grams ?? 0) + (line.grams ?? 0) });
            }
        }
        return sums;
    };
    const [was, now] = [masses(a), masses(b)];
    return [...new Set([...was.keys(), ...now.keys()])].flatMap((key): [string, string, string][] => {
        const [x, y] = [was.get(key), now.get(key)];
        const name = (y ?? x)?.name ?? '';
        return Math.abs((x?.grams ?? 0) - (y?.grams ?? 0)) < 0.05 ? [] : [[name, x ? `${grams(x.grams)} g` : '–', y ? `${grams(y.grams)} g` : '–']];
    });
}
