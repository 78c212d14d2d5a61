import Box from '@mui/material/Box';
import type { BenchData } from '../../api/types';
import { useMoney } from '../../shared/money';
import { Panel } from '../../shared/Panel';
import { SmallSection } from '../../shared/SmallSection';
import { toneOf } from '../../shared/tones';
import { factRows, layerRow, Rows } from './Rows';

/** The dish as it stands, at the head of the row. */
export function OriginalColumn({ data }: { data: BenchData }) {
    const money = useMoney();
    const { reading, section, formula } = data.now;
    const { portion } = reading;
    return (
        <Panel component="article" aria-label={data.version.name} sx={{ display: 'flex', flexDirection: 'column', bgcolor: 'var(--sunk)', p: '10px 11px' }}>
            <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-head)', lineHeight: '30px' }}>
                {data.version.name}
            </h2>
            <Box sx={{ fontSize: 'var(--text-plain)', minHeight: 97, lineHeight: 1.25 }}>{data.version.dish_title}</Box>
            <Box sx={{ height: 70, mb: 0.5 }}>
                <SmallSection section={section} tones={formula.layers.map((layer) => toneOf(layer.lines))} title={`${data.version.name}, cut`} />
            </Box>
            <Rows
                layers={reading.layers.map((layer) => layerRow(layer.name, layer.set.step, layer.set.ge, layer.se))}
                rows={[
                    ...factRows(portion), ['Cost', money(portion.cost_minor)], ['More work', '–'], ['Contains', reading.allergens.contains.join(', ') || 'no listed allergen'],
                ]}
            />
        </Panel>
    );
}
