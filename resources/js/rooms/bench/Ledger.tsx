import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { Formula, FormulaLine, Side } from '../../api/types';
import { Panel } from '../../shared/Panel';
import type { LedgerLayer } from './ledger';
import { dragged, dropped } from './dragging';
import { LayerDialog } from './LayerDialog';
import type { LineAt } from './layers';
import { LayerKeeper } from './LayerKeeper';
import { LedgerLine } from './LedgerLine';
import { walk } from './roving';
import { TypeLine } from './TypeLine';
import { Only } from '../../shared/Only';

interface Props {
    layers: LedgerLayer[];
    side: Side;
    chosen: number;
    isOriginal: boolean;
    onChoose: (layer: number) => void;
    onLine: (at: { layer: number; line: number }, change: Partial<FormulaLine> | null) => void;
    onTyped: (layer: number, text: string) => void;
    version: number;
    onKept: (layer: number, id: string, name: string, grams: number) => void;
    onBalance: () => void;
    onMeasured: (ingredient: string, brix: number | null, acid: number | null) => void;
    /** The whole formula changed at once; refused where it cannot be read. */
    onKeep: (formula: Formula) => Promise<void>;
    onMove: (from: LineAt, to: LineAt) => void;
    /** The ingredient that is lit, here and where it says who pays. */
    lit: string | null;
    onLit: (ingredient: string | null) => void;
    onAddLayer: (name: string) => void;
}

/** What leaves, what comes in, and what each line does, by layer. */
export function Ledger({ layers, side, chosen, isOriginal, onChoose, onLine, onTyped, onBalance, onMeasured, version, onKept, onKeep, onMove, lit, onLit, onAddLayer }: Props) {
    const [changing, setChanging] = useState<number | null>(null);
    return (
        <Panel
            component="section" aria-label="Ledger" id="ledger"
            onKeyDown={(e) => {
                if (!e.altKey && !e.ctrlKey && !e.metaKey && walk(e.currentTarget, e)) e.preventDefault();
            }}
            sx={{ gridColumn: { lg: 2 }, gridRow: { lg: 2 }, overflow: 'auto', p: '0 12px 8px' }} tabIndex={0}>
            {!isOriginal && (
                <Box sx={{ position: 'sticky', top: 0, bgcolor: 'var(--panel)', zIndex: 2, pt: 0.75, pb: 0.25 }}>
                    <Only to="develop"><Button variant="outlined" data-balance onClick={onBalance} title="Pinned lines stay; the others move back to the original's set, sweetness, fat, water and acid">
                        Balance again
                    </Button></Only>
                </Box>
            )}
            {layers.map((layer) => {
                const reading = side.reading.layers[layer.index];
                const formula = side.formula.layers[layer.index];
                return (
                    <Box component="section" key={layer.index} aria-label={layer.name} sx={{ mb: 1 }}>
                        <Box
                            sx={{ display: 'flex', alignItems: 'baseline', columnGap: 1, flexWrap: { xs: 'wrap', sm: 'nowrap' }, borderBottom: `1.5px solid ${layer.index === chosen ? 'var(--cobalt)' : 'var(--line)'}`, pb: '1px', mt: 0.25, cursor: 'pointer' }}
                            onClick={() => onChoose(layer.index)}
                            onDragOver={(e) => dragged(e) && e.preventDefault()}
                            onDrop={(e) => {
                                const from = dropped(e);
                                if (from) onMove(from, { layer: layer.index, line: 0 });
                            }}
                        >
                            <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-head)' }}>
                                {layer.name}
                            </h2>
                            <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)', lineHeight: 1.2, minWidth: 0 }}>
                                {reading ? `${Math.round(reading.mass_g)} g · ` : ''}
                                {side.treated[layer.index]}
                                {formula?.tin ? ` · ${formula.tin}` : ''}
                            </Box>
                            <Only to="develop"><Button
                                size="small" onClick={(e) => { e.stopPropagation(); setChanging(layer.index); }} aria-label={`Change the layer ${layer.name}`} title="Its name, what is done to it, its tin; higher, lower, split, out"
                                sx={{ ml: 'auto', flex: 'none', minWidth: 0, minHeight: 'var(--press-small)', py: 0, fontWeight: 400, color: 'var(--ink-soft)' }}
                            >
                                change
                            </Button></Only>
                            {(formula?.lines.length ?? 0) > 1 && <LayerKeeper version={version} layer={layer.index} name={layer.name} onKept={(id, name, mass) => onKept(layer.index, id, name, mass)} />}
                        </Box>
                        {layer.rows.map((row) => (
                            <LedgerLine key={row.key} row={row} layers={layers} formula={side.formula} onLine={onLine} onMove={onMove} lit={row.ingredient !== null && row.ingredient === lit} onLit={onLit} candidates={side.candidates} measured={measuredOf(side, row.ingredient, onMeasured)} />
                        ))}
                        <Only to="develop"><TypeLine layer={layer.name} onTyped={(text) => onTyped(layer.index, text)} /></Only>
                    </Box>
                );
            })}
            <Only to="develop"><TypeLine layer="the section" label="Add a layer" placeholder="add a layer on top, such as Jelly" onTyped={onAddLayer} /></Only>
            {changing !== null && <LayerDialog key={changing} formula={side.formula} index={changing} onKeep={onKeep} onClose={() => setChanging(null)} onMoved={onChoose} />}
        </Panel>
    );
}

function measuredOf(side: Side, ingredient: string | null, onMeasured: Props['onMeasured']) {
    if (ingredient === null || !side.fruit.includes(ingredient)) return undefined;
    const found = side.formula.measured?.find((one) => one.ingredient === ingredient);
    return { brix: found?.brix ?? null, acid: found?.acid ?? null, onMeasured: (brix: number | null, acid: number | null) => onMeasured(ingredient, brix, acid) };
}
