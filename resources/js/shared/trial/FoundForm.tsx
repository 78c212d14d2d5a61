import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { protocolsQuery } from '../../api/queries';
import { GRAINS, JUST, LADDER, VERDICTS } from '../../api/words';
import { Choice } from './Choice';
import { noLayer, type FoundDraft, type LayerDraft } from './foundDraft';

const asOptions = (words: readonly string[]) => words.map((word) => ({ value: word, word }));
const JUST_RIGHT = asOptions(JUST);
const GRAIN = asOptions(GRAINS);
const VERDICT = VERDICTS.map((value) => ({ value, word: `${value} it` }));
const STEPS = LADDER.map((word, n) => ({ value: String(n), word }));

interface Props {
    draft: FoundDraft;
    layers: { id: string; name: string }[];
    onChange: (draft: FoundDraft) => void;
}

/** What came out, layer by layer and of the whole; what nobody looked at stays empty. */
export function FoundForm({ draft, layers, onChange }: Props) {
    const set = (change: Partial<FoundDraft>) => onChange({ ...draft, ...change });
    const figure = (key: 'ph' | 'brix' | 'height_mm' | 'weep_g', label: string) => <TextField size="small" label={label} value={draft[key]} onChange={(e) => set({ [key]: e.target.value })} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />;
    return (
        <>
            {layers.map((layer) => (
                <LayerFound key={layer.id} name={layer.name} isOnly={layers.length === 1} draft={draft.layers[layer.id] ?? noLayer} onChange={(one) => set({ layers: { ...draft.layers, [layer.id]: one } })} />
            ))}
            <Choice legend="Sweetness" options={JUST_RIGHT} value={draft.sweetness} onChange={(sweetness) => set({ sweetness })} />
            <Choice legend="Sharpness" options={JUST_RIGHT} value={draft.sharpness} onChange={(sharpness) => set({ sharpness })} />
            <Box component="details" sx={{ mt: 1.5 }}>
                <summary style={{ fontWeight: 650, cursor: 'pointer' }}>Measured, looked at, kept</summary>
                <Choice legend="Grain" options={GRAIN} value={draft.grain} onChange={(grain) => set({ grain })} />
                <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(120px, 1fr))', gap: 1, mt: 1.5 }}>
                    {figure('ph', 'pH')}
                    {figure('brix', '°Brix')}
                    {figure('height_mm', 'Height, mm')}
                    {figure('weep_g', 'Wept, g of 100 g in 24 h')}
                    <TextField size="small" label="Colour" value={draft.colour} onChange={(e) => set({ colour: e.target.value })} />
                    <TextField size="small" label="How it cuts" value={draft.cut} onChange={(e) => set({ cut: e.target.value })} />
                    {[1, 2, 3, 4].map((day) => (
                        <TextField key={day} size="small" label={`On day ${day}`} value={draft.keeps[day] ?? ''} onChange={(e) => set({ keeps: { ...draft.keeps, [day]: e.target.value } })} />
                    ))}
                </Box>
            </Box>
            <Choice legend="Verdict" options={VERDICT} value={draft.verdict} onChange={(verdict) => set({ verdict })} />
            <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 170px' }, gap: 1.5, mt: 1.5 }}>
                <TextField size="small" label="What to change next" value={draft.next} onChange={(e) => set({ next: e.target.value })} slotProps={{ htmlInput: { maxLength: 400 } }} />
                <TextField size="small" type="date" label="Made on" value={draft.made_on} onChange={(e) => set({ made_on: e.target.value })} slotProps={{ inputLabel: { shrink: true } }} />
                <TextField multiline minRows={2} size="small" label="Remark" value={draft.remark} onChange={(e) => set({ remark: e.target.value })} sx={{ gridColumn: '1 / -1' }} />
            </Box>
        </>
    );
}

/** g on a probe, where nobody says another. */
const USUAL_LOAD = '50';

function LayerFound({ name, isOnly, draft, onChange }: { name: string; isOnly: boolean; draft: LayerDraft; onChange: (draft: LayerDraft) => void }) {
    const { data } = useQuery(protocolsQuery());
    const by = data?.find((one) => one.id === draft.protocol);
    // A load belongs to the protocol: it goes with it, so that a measure without one never carries one.
    const choose = (protocol: string) => onChange({ ...draft, protocol, step: '', force: data?.find((one) => one.id === protocol)?.needs_force ? draft.force || USUAL_LOAD : '' });
    const legend = isOnly ? 'How did it set?' : `How did the ${name.toLowerCase()} set?`;
    return (
        <Box>
            {draft.protocol === '' && <Choice legend={legend} options={STEPS} value={draft.step} onChange={(step) => onChange({ ...draft, step })} />}
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'center', mt: 1.75 }}>
                <TextField select size="small" label={`${name}: measured by`} value={draft.protocol} onChange={(e) => choose(e.target.value)} sx={{ minWidth: 220 }} slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}>
                    <MenuItem value="">nothing; by eye and spoon</MenuItem>
                    {data?.map((one) => (
                        <MenuItem key={one.id} value={one.id}>
                            {one.name}
                        </MenuItem>
                    ))}
                </TextField>
                {by && <TextField size="small" label={`${name}: ${by.unit}`} value={draft.value} onChange={(e) => onChange({ ...draft, value: e.target.value })} sx={{ width: 150 }} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />}
                {by?.needs_force && <TextField size="small" label="Load, g" value={draft.force} onChange={(e) => onChange({ ...draft, force: e.target.value })} sx={{ width: 90 }} slotProps={{ htmlInput: { inputMode: 'decimal' } }} />}
            </Box>
            {by && (
                <Box sx={{ mt: 0.5, fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
                    {by.how}. {by.reads}. Unsure by {by.unsure} (recalled, not from a standard).
                </Box>
            )}
        </Box>
    );
}
