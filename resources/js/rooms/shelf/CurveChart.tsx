import Box from '@mui/material/Box';
import { LineChart } from '@mui/x-charts/LineChart';
import type { Curve } from '../../api/types';
import { LADDER } from '../../shared/words';

/** Upper edges of the ladder's rungs, GE %. */
const EDGES = [0.25, 0.5, 0.8, 1.15, 1.6, 2.6];

/** One curve of an ingredient: how it goes with temperature or dose. */
export function CurveChart({ curve }: { curve: Curve }) {
    const xs = curve.points.map(([x]) => x);
    const ys = curve.points.map(([, y]) => y);
    const most = Math.max(...ys, 0.1);
    const last = curve.points.at(-1);
    return (
        <Box component="figure" sx={{ m: 0, minWidth: 0 }}>
            <Box component="figcaption" sx={{ fontWeight: 650, fontSize: 15 }}>
                {curve.name}{' '}
                <Box component="span" sx={{ fontWeight: 400, color: 'var(--ink-soft)', fontSize: 13.5 }}>
                    {curve.y}, over {curve.x}
                </Box>
            </Box>
            <Box role="img" aria-label={`${curve.name}: from ${ys[0]?.toFixed(1)} to ${last?.[1].toFixed(1)} ${curve.y} at ${last?.[0]} ${curve.x}`}>
                <Box aria-hidden sx={{ '& .MuiChartsAxis-line, & .MuiChartsAxis-tick': { stroke: 'var(--ink-soft)' }, '& .MuiChartsAxis-tickLabel': { fill: 'var(--ink-soft)', fontFamily: 'inherit', fontSize: '12px' }, '& .MuiChartsGrid-line': { stroke: 'var(--line)' } }}>
                    <LineChart
                        height={170} margin={{ top: 10, right: 12, bottom: 4, left: 0 }} hideLegend skipAnimation disableAxisListener disableKeyboardNavigation grid={{ horizontal: true }} slots={{ tooltip: () => null }}
                        xAxis={[{ data: xs, min: xs[0] ?? 0, max: last?.[0] ?? 1, tickNumber: 6, height: 30, tickLabelInterval: () => true }]} yAxis={[{ min: 0, max: most * 1.08, tickNumber: 5, width: 34 }]}
                        series={[{ data: ys, color: 'var(--cobalt)', showMark: false, curve: 'linear' }]}
                    />
                </Box>
            </Box>
            <Box sx={{ fontSize: 13.5, color: 'var(--ink-soft)' }}>
                {curve.y === 'GE %' && <>{rungs(curve.points)} </>}
                {capital(curve.note)}
            </Box>
        </Box>
    );
}

/** Doses at which the curve climbs each rung, in words. */
function rungs(points: [number, number][]): string {
    const found = EDGES.flatMap((edge, n) => {
        const at = points.find(([, y]) => y >= edge);
        return at && at[0] > 0 ? [`${LADDER[n + 1]} from ${Number(at[0].toPrecision(2))} g`] : [];
    });
    return found.length > 0 ? `${capital(found.filter((_, n) => n % 2 === 1 || n === found.length - 1).join(', '))}.` : '';
}

function capital(text: string): string {
    return text.charAt(0).toUpperCase() + text.slice(1);
}
