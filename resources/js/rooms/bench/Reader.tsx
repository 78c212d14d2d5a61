import Box from '@mui/material/Box';
import { useState } from 'react';
import type { BenchData, LayerReading, Rail } from '../../api/types';
import { oneDecimal, percent } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { LADDER, MECHANISMS } from '../../shared/words';
import { DietList } from './DietList';
import { RailRow } from './RailRow';

type Tab = 'rails' | 'reading' | 'diets';

/** The right of the Bench: how close a layer is, what it is, and which diets the dish meets. */
export function Reader({ data, layer, isOriginal }: { data: BenchData; layer: number; isOriginal: boolean }) {
    const [tab, setTab] = useState<Tab>(isOriginal ? 'reading' : 'rails');
    const reading = data.now.reading.layers[layer];
    if (!reading) return null;
    const rails = data.rails[reading.name] ?? [];
    const tabs: { id: Tab; name: string }[] = [...(isOriginal ? [] : [{ id: 'rails' as const, name: 'Rails' }]), { id: 'reading', name: 'Reading' }, { id: 'diets', name: 'Diets' }];
    return (
        <Panel component="section" aria-label="Reading" sx={{ display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '8px 12px' }}>
            <Box role="tablist" aria-label="What to show" sx={{ display: 'flex', gap: 0.5, mb: 0.75 }}>
                {tabs.map((one) => (
                    <Box
                        component="button" type="button" role="tab" key={one.id} id={`tab-${one.id}`} aria-selected={tab === one.id} aria-controls="reader-panel" onClick={() => setTab(one.id)}
                        sx={{ font: 'inherit', fontSize: 14, border: 0, borderRadius: '8px', px: 1.25, py: '3px', cursor: 'pointer', color: 'var(--ink)', bgcolor: tab === one.id ? 'var(--cobalt-wash)' : 'transparent', fontWeight: tab === one.id ? 700 : 400 }}
                    >
                        {one.name}
                    </Box>
                ))}
            </Box>
            <Box id="reader-panel" role="tabpanel" aria-labelledby={`tab-${tab}`} tabIndex={0} sx={{ overflow: 'auto', minHeight: 0, flex: 1 }}>
                {tab === 'rails' && <Rails name={reading.name} rails={rails} />}
                {tab === 'reading' && <LayerFacts reading={reading} />}
                {tab === 'diets' && <DietList reading={data.now.reading} />}
            </Box>
        </Panel>
    );
}

function Rails({ name, rails }: { name: string; rails: Rail[] }) {
    return (
        <>
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
                <h2 className="name" style={{ margin: 0, fontSize: 17 }}>
                    {name}
                </h2>
                <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 13.5 }}>
                    now / wanted
                </Box>
            </Box>
            {rails.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>The original has no layer of this name to compare with.</Box>}
            {rails.map((rail) => (
                <RailRow key={rail.property} rail={rail} />
            ))}
        </>
    );
}

function LayerFacts({ reading }: { reading: LayerReading }) {
    const { set } = reading;
    const facts: [string, string][] = [
        ['Sweetness', `${oneDecimal(reading.se)} SE`],
        ['pH', reading.ph === null ? 'too dry for one' : reading.ph.toFixed(2)],
        ['Acid, as citric', `${reading.acid_citric.toFixed(2)} %`],
        ['Water', `${oneDecimal(reading.water)} %`],
        ['Fat', `${oneDecimal(reading.fat)} %`],
        ['Protein', `${oneDecimal(reading.protein)} %`],
        ['Sugars', `${oneDecimal(reading.sugars)} %`],
        ['Starch', `${oneDecimal(reading.starch)} %`],
        ['Fibre', `${oneDecimal(reading.fibre)} %`],
        ['Water activity', reading.aw.toFixed(2)],
        ['Freezes at', reading.freezing_point_c === null ? '–' : `${oneDecimal(reading.freezing_point_c)} °C`],
        ['Mass', `${Math.round(reading.mass_g)} g`],
        ['Volume', `${Math.round(reading.volume_ml)} ml`],
    ];
    return (
        <>
            <h2 className="name" style={{ margin: 0, fontSize: 17 }}>
                {reading.name}
            </h2>
            <Box sx={{ fontSize: 20, fontWeight: 700, mt: 0.25 }}>{set.step}</Box>
            {set.ge !== null && (
                <>
                    <Box sx={{ fontSize: 14 }}>
                        {set.ge.toFixed(2)} GE %, {set.kind}; between {set.low?.toFixed(2)} and {set.high?.toFixed(2)}
                    </Box>
                    <Box aria-hidden sx={{ display: 'flex', gap: '3px', my: 0.75 }}>
                        {LADDER.map((word, n) => (
                            <Box key={word} sx={{ flex: 1, height: 8, borderRadius: '3px', bgcolor: n === set.step_index ? 'var(--cobalt)' : Math.abs(n - (set.step_index ?? 0)) === 1 ? 'var(--cobalt-wash)' : 'var(--sunk)', border: '1px solid var(--line)' }} />
                        ))}
                    </Box>
                    <Box sx={{ fontSize: 14, mb: 0.75 }}>
                        {set.mechanisms.length === 0
                            ? 'Nothing in it sets.'
                            : set.mechanisms.filter((m) => m.share >= 0.02).map((m) => `${percent(m.share)} % ${MECHANISMS[m.name] ?? m.name}`).join(' · ')}
                    </Box>
                </>
            )}
            <Box component="dl" sx={{ display: 'grid', gridTemplateColumns: '1fr auto', m: 0, fontSize: 14.5, '& dt, & dd': { m: 0, py: '2px', borderTop: '1px solid var(--line)' }, '& dd': { textAlign: 'right', fontWeight: 650 } }}>
                {facts.map(([name, value]) => (
                    <Box key={name} sx={{ display: 'contents' }}>
                        <dt>{name}</dt>
                        <dd>{value}</dd>
                    </Box>
                ))}
            </Box>
        </>
    );
}
