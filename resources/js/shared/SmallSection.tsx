import { useId } from 'react';
import type { SectionShape } from '../api/types';
import { hatchOf, Hatches } from './Hatches';
import { fitScale, heightBelow } from './sectionScale';

/** A dish as one cut, small, to scale. */
export function SmallSection({ section, tones, title }: { section: SectionShape; tones: string[]; title: string }) {
    const id = useId().replaceAll(':', '');
    const [width, height] = [220, 120];
    const total = section.layers.reduce((sum, layer) => sum + layer.height_mm, 0);
    const scale = fitScale({ widthMm: section.width_mm, heightMm: Math.max(total, section.cut ? 0 : (section.height_mm ?? 0)), width: width - 24, height: height - 14 });
    const w = section.width_mm * scale;
    const left = (width - w) / 2;
    const vessel = !section.cut && section.height_mm !== null;
    return (
        <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={title} style={{ width: '100%', height: '100%', maxHeight: 150 }}>
            <Hatches id={id} />
            {section.layers.map((layer, n) => {
                const h = layer.height_mm * scale;
                const y = height - 7 - heightBelow(section.layers, n + 1) * scale;
                return (
                    <g key={`${layer.name}${n}`}>
                        <rect x={left} y={y} width={w} height={h} fill={tones[n] ?? '#f0e6cf'} stroke="#6f5a36" strokeWidth="1" />
                        <rect x={left} y={y} width={w} height={h} fill={hatchOf(id, layer.kind)} />
                    </g>
                );
            })}
            {vessel && (
                <path
                    d={`M${left - 4} ${height - 7 - (section.height_mm ?? 0) * scale}V${height - 3}H${left + w + 4}V${height - 7 - (section.height_mm ?? 0) * scale}`}
                    fill="none" stroke="var(--rim)" strokeWidth="2.5" strokeLinejoin="round" opacity="0.65"
                />
            )}
        </svg>
    );
}
