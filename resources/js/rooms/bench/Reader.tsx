import Box from '@mui/material/Box';
import { useState } from 'react';
import type { Formula } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { SchoolsAtWork } from '../../shared/SchoolsAtWork';
import { DietList } from './DietList';
import { LabelFacts } from './LabelFacts';
import { LayerFacts } from './LayerFacts';
import { MethodSteps } from './MethodSteps';
import { Payers, type PayersProps } from './Payers';

type Tab = 'pays' | 'reading' | 'method' | 'diets' | 'label';

/** The right of the Bench: who does what in a layer and how close it is, what it is, how the dish is made, and which diets it meets. */
export function Reader({ data, layer, lit, onLit, onWant, onPay, formula, onMethod }: PayersProps & { formula: Formula; onMethod: (next: Formula['method']) => void }) {
    const isOriginal = data.original.version_id === data.version.id;
    const [tab, setTab] = useState<Tab>(isOriginal ? 'reading' : 'pays');
    const reading = data.now.reading.layers[layer];
    if (!reading) return null;
    const tabs: { id: Tab; name: string }[] = [{ id: 'pays', name: isOriginal ? 'Who does it' : 'Who pays' }, { id: 'reading', name: 'Reading' }, { id: 'method', name: 'Method' }, { id: 'diets', name: 'Diets' }, { id: 'label', name: 'Label' }];
    return (
        <Panel component="section" aria-label="Reading" id="payers" sx={{ gridColumn: { lg: 3 }, gridRow: { lg: 2 }, display: 'flex', flexDirection: 'column', overflow: 'hidden', p: '8px 12px' }}>
            <Box role="tablist" aria-label="What to show" sx={{ display: 'flex', gap: 0.5, mb: 0.75 }}>
                {tabs.map((one) => (
                    <Box
                        component="button" type="button" role="tab" key={one.id} id={`tab-${one.id}`} aria-selected={tab === one.id} aria-controls="reader-panel" onClick={() => setTab(one.id)}
                        sx={{ font: 'inherit', fontSize: 'var(--text-plain)', border: 0, borderRadius: '8px', px: 1, py: '3px', cursor: 'pointer', color: 'var(--ink)', bgcolor: tab === one.id ? 'var(--cobalt-wash)' : 'transparent', fontWeight: tab === one.id ? 700 : 400 }}
                    >
                        {one.name}
                    </Box>
                ))}
            </Box>
            <Box id="reader-panel" role="tabpanel" aria-labelledby={`tab-${tab}`} tabIndex={0} sx={{ position: 'relative', overflow: 'auto', minHeight: 0, flex: 1 }}>
                {tab === 'pays' && <SchoolsAtWork schools={data.version.schools_at_work} acts="rails" sx={{ mb: 0.5 }} />}
                {tab === 'pays' && <Payers data={data} layer={layer} lit={lit} onLit={onLit} onWant={onWant} onPay={onPay} />}
                {tab === 'reading' && <SchoolsAtWork schools={data.version.schools_at_work} acts="set" sx={{ mb: 0.5 }} />}
                {tab === 'reading' && <LayerFacts reading={reading} index={layer} dish={data.now.reading} />}
                {tab === 'method' && <MethodSteps data={data} formula={formula} onMethod={onMethod} />}
                {tab === 'diets' && <DietList reading={data.now.reading} names={data.now.names} />}
                {tab === 'label' && <LabelFacts reading={data.now.reading} />}
            </Box>
        </Panel>
    );
}
