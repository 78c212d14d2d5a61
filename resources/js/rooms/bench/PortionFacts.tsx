import Box from '@mui/material/Box';
import type { BenchData, Brief, Facts, Reading } from '../../api/types';
import { useMoney } from '../../shared/money';
import { fact } from '../../shared/numbers';
import { Why } from '../../shared/why/Why';
import { pieceOf } from '../../shared/words';

const ROWS: { key: keyof Facts; name: string; digits: number; inner?: boolean }[] = [
    { key: 'mass_g', name: 'Mass, g', digits: 0 },
    { key: 'kcal', name: 'Energy, kcal', digits: 0 },
    { key: 'kj', name: 'Energy, kJ', digits: 0 },
    { key: 'fat_g', name: 'Fat, g', digits: 1 },
    { key: 'saturates_g', name: 'saturates, g', digits: 1, inner: true },
    { key: 'carbohydrate_g', name: 'Carbohydrate, g', digits: 1 },
    { key: 'sugars_g', name: 'sugars, g', digits: 1, inner: true },
    { key: 'net_carbs_g', name: 'Net carbs, g', digits: 1 },
    { key: 'fibre_g', name: 'Fibre, g', digits: 1 },
    { key: 'protein_g', name: 'Protein, g', digits: 1 },
    { key: 'salt_g', name: 'Salt, g', digits: 2 },
    { key: 'cost_minor', name: 'Cost', digits: 2 },
];


/** What one portion holds, original beside version; what misses the brief is said in words. */
export function PortionFacts({ now, original, brief, family }: { now: Reading; original: Reading | null; brief: Brief; family: string }) {
    const money = useMoney();
    const show = (key: keyof Facts, value: number, digits: number) => (key === 'cost_minor' ? money(value) : fact(value, digits));
    return (
        <Box
            component="table"
            sx={{ width: '100%', borderCollapse: 'collapse', fontSize: 'var(--text-plain)', '& th': { fontWeight: 400, textAlign: 'left', p: 0 }, '& td': { textAlign: 'right', p: '0 0 0 6px' }, '& tbody tr': { borderTop: '1px solid var(--line)' }, '& tbody th, & tbody td': { height: 24 } }}
        >
            <caption className="sr-only">One portion, original and now</caption>
            <thead>
                <tr style={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>
                    <th scope="col">per {pieceOf(family)}</th>
                    {original && <td>original</td>}
                    <td>now</td>
                    <td style={{ width: '26%' }} />
                </tr>
            </thead>
            <tbody>
                {ROWS.map(({ key, name, digits, inner }) => {
                    const note = verdict(key, now.portion, original?.portion ?? null, brief);
                    return (
                        <tr key={key}>
                            <th scope="row" style={{ whiteSpace: 'nowrap', ...(inner && { paddingLeft: 10 }) }}>
                                {name}
                            </th>
                            {original && <td style={{ color: 'var(--ink-soft)' }}>{show(key, original.portion[key], digits)}</td>}
                            <td style={{ fontWeight: 700 }}>
                                <Why path={`portion.${key}`} of={name.replace(/,.*/, '')}>
                                    {show(key, now.portion[key], digits)}
                                </Why>
                            </td>
                            <td style={{ color: note?.bad ? 'var(--beet)' : 'var(--herb)', fontSize: 'var(--text-small)', fontWeight: 650, whiteSpace: 'nowrap' }}>{note?.text}</td>
                        </tr>
                    );
                })}
            </tbody>
        </Box>
    );
}

/** What keeps anything from being stated of the dish. */
export function Unanswered({ questions }: { questions: string[] }) {
    if (questions.length === 0) return null;
    return (
        <Box role="note" sx={{ bgcolor: 'var(--yolk-wash)', borderRadius: '7px', p: '4px 8px', mb: 0.75 }}>
            <strong>Provisional. Allergens and diets are unknown:</strong> {questions.slice(0, 3).join(' ')}
            {questions.length > 3 && ` And ${questions.length - 3} more.`}
        </Box>
    );
}

/** Allergens by ingredient, and what a swap brought in. */
export function AllergenLine({ now, original, kitchen }: { now: Reading; original: Reading | null; kitchen: BenchData['kitchen'] }) {
    const { contains, may_contain: may } = now.allergens;
    const brought = original ? contains.filter((one) => !original.allergens.contains.includes(one)) : [];
    return (
        <Box sx={{ fontSize: 'var(--text-plain)', mt: 1, lineHeight: 1.35 }}>
            <strong>{now.questions.length > 0 ? 'As far as it is read, it contains' : 'Contains'} {contains.join(', ') || 'no listed allergen'}.</strong>
            {brought.length > 0 && (
                <Box component="span" sx={{ color: 'var(--beet)', fontWeight: 650 }}>
                    {' '}
                    New: {brought.join(', ')}.
                </Box>
            )}
            {may.length > 0 && ` Packets may warn of ${may.join(', ')}.`}
            {kitchen.may_carry.length > 0 && <span title={kitchen.words}> This kitchen may carry in {kitchen.may_carry.join(', ')}.</span>}
        </Box>
    );
}

export function verdict(key: keyof Facts, now: Facts, original: Facts | null, brief: Brief): { text: string; bad: boolean } | null {
    const most = key === 'net_carbs_g' || key === 'kcal' || key === 'sugars_g' || key === 'fat_g' ? (brief[key] ?? null) : null;
    if (most !== null) return now[key] <= most ? { text: `within ${most}`, bad: false } : { text: `over ${most}`, bad: true };
    if (key === 'protein_g' && brief.protein_g !== null) {
        return now.protein_g >= brief.protein_g ? { text: `at least ${brief.protein_g}`, bad: false } : { text: `under ${brief.protein_g}`, bad: true };
    }
    if (key === 'cost_minor' && original && original.cost_minor > 0) {
        const change = Math.round((now.cost_minor / original.cost_minor - 1) * 100);
        return change === 0 ? null : { text: change < 0 ? `${-change} % less` : `${change} % more`, bad: change > 0 };
    }
    return null;
}
