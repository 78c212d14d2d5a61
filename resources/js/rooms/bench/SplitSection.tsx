import Box from '@mui/material/Box';
import { useId } from 'react';
import type { Side } from '../../api/types';
import { hatchOf, Hatches } from '../../shared/Hatches';
import { fitScale, heightBelow } from '../../shared/sectionScale';
import { inkOn, toneOf } from '../../shared/tones';

interface Props {
    original: Side | null;
    originalName: string;
    now: Side;
    name: string;
    chosen: number;
    onChoose: (layer: number) => void;
}

const WIDTH = 276;
const TALLEST = 140;

/** The dish cut down the middle, to scale: the original on the left, the version on the right. */
export function SplitSection({ original, originalName, now, name, chosen, onChoose }: Props) {
    const id = useId().replaceAll(':', '');
    const left = original ?? now;
    const tall = (side: Side) => side.section.layers.reduce((sum, layer) => sum + layer.height_mm, 0);
    const width = Math.max(left.section.width_mm, now.section.width_mm);
    const vessel = now.section.height_mm;
    const heightMm = Math.max(tall(left), tall(now), vessel ?? 0);
    const scale = fitScale({ widthMm: width, heightMm, width: WIDTH - 40, height: TALLEST });
    const foot = Math.max(48, heightMm * scale) + 10;
    const height = foot + 24;
    const half = (width * scale) / 2;
    const middle = WIDTH / 2;
    const column = (side: Side, isLeft: boolean) => {
        return side.section.layers.map((layer, n) => {
            const h = layer.height_mm * scale;
            const y = foot - heightBelow(side.section.layers, n + 1) * scale;
            const x = isLeft || !original ? middle - half : middle;
            const wide = original ? half : 2 * half;
            const tone = toneOf(side.formula.layers[n]?.lines ?? []);
            const own = !isLeft;
            const text = `${Math.round(layer.height_mm)} mm`;
            return (
                <g key={`${layer.name}${n}`} onClick={() => onChoose(Math.min(n, now.section.layers.length - 1))} style={{ cursor: 'pointer' }}>
                    <rect x={x} y={y} width={wide} height={h} fill={tone} />
                    <rect x={x} y={y} width={wide} height={h} fill={hatchOf(id, layer.kind)} stroke={own && n === chosen ? 'var(--cobalt)' : '#6f5a36'} strokeWidth={own && n === chosen ? 2.5 : 0.9} />
                    {h >= 13 && (
                        <text x={x + wide / 2} y={y + h / 2 + 4} textAnchor="middle" fontSize="11.5" fontWeight="650" fill={inkOn(tone)} stroke={tone} strokeWidth="3.5" paintOrder="stroke">
                            {wide > 84 ? `${layer.name.length > 13 ? `${layer.name.slice(0, 12)}…` : layer.name} ${text}` : text}
                        </text>
                    )}
                </g>
            );
        });
    };
    const top = foot - (vessel ?? 0) * scale;
    const label = `${name}: ${now.section.layers.map((layer) => `${layer.name} ${Math.round(layer.height_mm)} mm`).join(', ')}`;
    return (
        <Box>
            <Box sx={{ display: 'flex', justifyContent: 'space-around', fontSize: 14, color: 'var(--ink-soft)' }} aria-hidden>
                <span>{original ? originalName : ''}</span>
                <Box component="span" sx={{ fontWeight: 650, color: 'var(--cobalt)' }}>
                    {name}
                </Box>
                {!original && <span />}
            </Box>
            <svg viewBox={`0 0 ${WIDTH} ${height}`} role="img" aria-label={label} style={{ width: '100%', maxWidth: 420, margin: '0 auto', display: 'block' }}>
                <Hatches id={id} />
                {original && column(left, true)}
                {column(now, false)}
                {vessel !== null && !now.section.cut && (
                    <path d={`M${middle - half - 3} ${top}V${foot + 3}H${middle + half + 3}V${top}`} fill="none" stroke="var(--rim)" strokeWidth="2.5" strokeLinejoin="round" opacity="0.7" />
                )}
                {vessel !== null && now.section.cut && (
                    <path d={`M${middle - half - 6} ${top}H${middle + half + 6}`} stroke="var(--rim)" strokeWidth="1.5" strokeDasharray="2 4" />
                )}
                {original && <path d={`M${middle} 2V${foot + 6}`} stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="5 4" />}
                <text x={middle} y={height - 5} textAnchor="middle" fontSize="12.5" fill="var(--ink-soft)">
                    {Math.round(now.section.width_mm)} mm {now.section.cut ? 'cut' : 'wide'}
                    {vessel !== null ? ` · tin ${Math.round(vessel)} mm deep` : ''}
                    {now.section.fill !== null ? ` · filled to ${Math.round(now.section.fill * 100)} %` : ''}
                </text>
            </svg>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, justifyContent: 'center', mb: 0.5 }} role="group" aria-label="Layers">
                {now.formula.layers.map((layer, n) => (
                    <Box
                        component="button" type="button" key={`${layer.name}${n}`} aria-pressed={n === chosen} onClick={() => onChoose(n)}
                        sx={{
                            font: 'inherit', fontSize: 13, border: '1.5px solid', borderColor: n === chosen ? 'var(--cobalt)' : 'var(--line)', bgcolor: n === chosen ? 'var(--cobalt-wash)' : 'transparent',
                            color: 'var(--ink)', borderRadius: '12px', px: 1, py: '1px', minHeight: 24, cursor: 'pointer',
                        }}
                    >
                        {layer.name}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
