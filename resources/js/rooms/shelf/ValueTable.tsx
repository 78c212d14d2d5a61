import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Mark, ShelfIngredient } from '../../api/types';
import { SourceMark } from '../../shared/SourceMark';
import { partName, partUnit } from './parts';

interface Row {
    group: string;
    name: string;
    value: string;
    mark: Mark | null;
    source: string;
}

const FACTS: Record<string, [string, string]> = {
    cholesterol_mg: ['Cholesterol', 'mg'], trans_g: ['Trans fat', 'g'], calcium_mg: ['Calcium', 'mg'], iron_mg: ['Iron', 'mg'], potassium_mg: ['Potassium', 'mg'], vitamin_d_ug: ['Vitamin D', 'µg'],
};

const figure = (value: number) => Number(value.toPrecision(4)).toString();

function rows(data: ShelfIngredient): Row[] {
    const unit = (name: string) => name.replace(':', ', ').replaceAll('-', ' ') || 'as it comes';
    return [
        ...data.parts.map((one) => ({ group: 'In 100 g', name: partName(one.part), value: `${figure(one.grams)} ${partUnit(one.part)}`, mark: one.mark, source: one.source })),
        ...data.micronutrients.map((one) => ({ group: 'In 100 g', name: FACTS[one.fact]?.[0] ?? one.fact, value: one.value === null ? 'not known' : `${figure(one.value)} ${FACTS[one.fact]?.[1] ?? ''}`, mark: one.mark ?? null, source: one.source ?? '' })),
        ...data.densities.map((one) => ({ group: 'Measures', name: `1 ml ${unit(one.name)}`, value: `${figure(one.value)} g`, mark: one.mark, source: one.source })),
        ...data.units.map((one) => ({ group: 'Measures', name: `one ${unit(one.name)}`, value: `${figure(one.value)} g`, mark: one.mark, source: one.source })),
        ...data.functions.map((one) => ({ group: 'What it does', name: unit(one.name), value: figure(one.value), mark: one.mark, source: one.source })),
        ...data.sweetener.map((row) => ({
            group: 'What it does',
            name: `${(row.species ?? '').replaceAll('-', ' ')}, sweetness`,
            value: row.relative_sweetness ? `${row.relative_sweetness} × sucrose${row.solubility_5 ? `; ${row.solubility_5} g dissolve in 100 g water at 5 °C` : ''}${row.laxative_g ? `; laxative guide ${row.laxative_g} g at once` : ''}` : `at most ${row.rm} SE; ${row.p5} × sucrose at 5 SE`,
            mark: (row.mark ?? 'mem') as Mark,
            source: row.source ?? '',
        })),
    ];
}

/** Every value with where it comes from. */
export function ValueTable({ data }: { data: ShelfIngredient }) {
    const [open, setOpen] = useState(false);
    const all = rows(data);
    const marks = [...new Set(all.map((row) => row.mark).filter((mark) => mark !== null))];
    return (
        <Box component="section" aria-label="Every value and its source">
            <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', flexWrap: 'wrap' }}>
                <h3 style={{ margin: 0, fontSize: 'var(--text-lead)' }}>
                    <Box component="button" type="button" aria-expanded={open} onClick={() => setOpen(!open)} sx={{ font: 'inherit', border: 0, background: 'none', color: 'var(--cobalt)', p: 0, cursor: 'pointer', textDecoration: 'underline', textUnderlineOffset: '3px' }}>
                        {open ? 'Hide' : 'Show'} all {all.length} values and their sources
                    </Box>
                </h3>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>
                    composition <SourceMark mark={data.mark} source={data.source} full />
                    {marks.length > 1 && `; ${marks.length} kinds of source in all`}
                </Box>
            </Box>
            {open && (
                <Box component="table" sx={{ borderCollapse: 'collapse', fontSize: 'var(--text-plain)', mt: 0.75, width: '100%', '& td, & th': { textAlign: 'left', borderTop: '1px solid var(--line)', py: '2px', pr: 2, fontWeight: 400 } }}>
                    <tbody>
                        {all.map((row, n) => (
                            <tr key={`${row.group}${row.name}`}>
                                <td style={{ color: 'var(--ink-soft)', width: 110 }}>{row.group === all[n - 1]?.group ? '' : row.group}</td>
                                <th scope="row">{row.name}</th>
                                <td style={{ fontWeight: 650, color: row.mark === null ? 'var(--yolk)' : undefined }}>{row.value}</td>
                                <td>{row.mark && <SourceMark mark={row.mark} source={row.source} full />}</td>
                            </tr>
                        ))}
                    </tbody>
                </Box>
            )}
        </Box>
    );
}
