import Box from '@mui/material/Box';
import { Link } from 'react-router';
import type { ShelfIngredient } from '../../api/types';
import { useMoney } from '../../shared/money';
import { counted, grams } from '../../shared/numbers';
import { dietName } from '../../shared/words';

/** What a preparation is made of, how, and what it costs and keeps beside the bought thing. */
export function MadeHere({ of }: { of: NonNullable<ShelfIngredient['preparation']> }) {
    const money = useMoney();
    const sides = of.beside ? ([['made here', of.beside.made], ['bought', of.beside.bought]] as const) : [];
    return (
        <Box component="section" aria-label="Made here" sx={{ bgcolor: 'var(--sunk)', borderRadius: '9px', p: '10px 14px', fontSize: 'var(--text-plain)' }}>
            <h3 style={{ margin: 0, fontSize: 'var(--text-lead)' }}>Made here</h3>
            <Box sx={{ color: 'var(--ink-soft)' }}>
                One making comes to {grams(of.yield)} g and keeps {counted(of.keeps_days, 'day')} cold. In 1 kg of it:
            </Box>
            <Box component="ul" sx={{ m: 0, pl: 2.25, columns: { md: 2 } }}>
                {of.lines.map((line) => (
                    <li key={line.ingredient}>
                        {grams(line.grams)} g <Link to={`/shelf/${line.ingredient}`}>{line.name}</Link>
                    </li>
                ))}
            </Box>
            <Box component="ol" sx={{ m: '6px 0 0', pl: 2.5 }}>
                {of.steps.map((step, n) => (
                    <li key={n}>{step}</li>
                ))}
            </Box>
            {sides.length > 0 && (
                <Box component="table" sx={{ mt: 1, borderCollapse: 'collapse', '& td, & th': { textAlign: 'left', p: '2px 14px 2px 0', verticalAlign: 'top', fontWeight: 400 }, '& tr': { borderTop: '1px solid var(--line)' } }}>
                    <caption style={{ textAlign: 'left', fontWeight: 650 }}>Made or bought</caption>
                    <tbody>
                        {sides.map(([word, side]) => (
                            <tr key={word}>
                                <th scope="row">
                                    <strong>{word}</strong>: {side.name}
                                </th>
                                <td>{side.minor_per_kg === null ? 'no price' : `${money(side.minor_per_kg)} per kg`}</td>
                                <td>{side.glance}</td>
                                <td>contains {side.allergens.join(', ') || 'no listed allergen'}</td>
                                <td>not {side.not.map(dietName).join(', ') || 'kept out of any diet'}</td>
                            </tr>
                        ))}
                    </tbody>
                </Box>
            )}
        </Box>
    );
}
