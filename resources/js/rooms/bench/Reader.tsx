import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { BenchData, Rail } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { SchoolsAtWork } from '../../shared/SchoolsAtWork';
import { DietList } from './DietList';
import { LabelFacts } from './LabelFacts';
import { LayerFacts } from './LayerFacts';
import { RailRow } from './RailRow';
import { wantedKey } from './railWords';

type Tab = 'rails' | 'reading' | 'diets' | 'label';

/** The right of the Bench: how close a layer is, what it is, and which diets the dish meets. */
export function Reader({ data, layer, isOriginal, onWant }: { data: BenchData; layer: number; isOriginal: boolean; onWant: (layer: string, property: string, value: number | null) => void }) {
    const [tab, setTab] = useState<Tab>(isOriginal ? 'reading' : 'rails');
    const reading = data.now.reading.layers[layer];
    if (!reading) return null;
    const rails = data.rails[layer] ?? [];
    const tabs: { id: Tab; name: string }[] = [...(isOriginal ? [] : [{ id: 'rails' as const, name: 'Rails' }]), { id: 'reading', name: 'Reading' }, { id: 'diets', name: 'Diets' }, { id: 'label', name: 'Label' }];
    return (
        <Panel component="section" aria-label="Reading" sx={{ display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '8px 12px' }}>
            <Box role="tablist" aria-label="What to show" sx={{ display: 'flex', gap: 0.5, mb: 0.75 }}>
                {tabs.map((one) => (
                    <Box
                        component="button" type="button" role="tab" key={one.id} id={`tab-${one.id}`} aria-selected={tab === one.id} aria-controls="reader-panel" onClick={() => setTab(one.id)}
                        sx={{ font: 'inherit', fontSize: 14, border: 0, borderRadius: '8px', px: 1, py: '3px', cursor: 'pointer', color: 'var(--ink)', bgcolor: tab === one.id ? 'var(--cobalt-wash)' : 'transparent', fontWeight: tab === one.id ? 700 : 400 }}
                    >
                        {one.name}
                    </Box>
                ))}
            </Box>
            <Box id="reader-panel" role="tabpanel" aria-labelledby={`tab-${tab}`} tabIndex={0} sx={{ position: 'relative', overflow: 'auto', minHeight: 0, flex: 1 }}>
                {tab === 'rails' && <SchoolsAtWork schools={data.version.schools_at_work} acts="rails" sx={{ mb: 0.5 }} />}
                {tab === 'rails' && <Rails name={reading.name} layerKey={data.layer_keys[layer] ?? reading.name} rails={rails} layer={layer} wanted={data.version.wanted[data.layer_keys[layer] ?? reading.name] ?? {}} onWant={onWant} />}
                {tab === 'reading' && <SchoolsAtWork schools={data.version.schools_at_work} acts="set" sx={{ mb: 0.5 }} />}
                {tab === 'reading' && <LayerFacts reading={reading} index={layer} dish={data.now.reading} />}
                {tab === 'diets' && <DietList reading={data.now.reading} />}
                {tab === 'label' && <LabelFacts reading={data.now.reading} />}
            </Box>
        </Panel>
    );
}

function Rails({ name, layerKey, rails, layer, wanted, onWant }: { name: string; layerKey: string; rails: Rail[]; layer: number; wanted: Record<string, number>; onWant: (layer: string, property: string, value: number | null) => void }) {
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
            {rails.map((rail) => {
                const key = wantedKey(rail);
                return <RailRow key={rail.property} rail={rail} layer={layer} onWant={key ? (value) => onWant(layerKey, key, value) : undefined} />;
            })}
            {Object.keys(wanted).length > 0 && (
                <Box sx={{ fontSize: 14, mt: 0.75 }}>
                    Wanted otherwise than the original: {Object.keys(wanted).join(', ')}. Balance again to move the lines there.{' '}
                    <Button variant="outlined" onClick={() => onWant(layerKey, '', null)} sx={{ minHeight: 24, py: 0, px: 1 }}>
                        As the original
                    </Button>
                </Box>
            )}
        </>
    );
}
