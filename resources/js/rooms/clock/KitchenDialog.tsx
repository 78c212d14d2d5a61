import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Problem } from '../../api/client';
import type { KitchenAtWork, Service } from '../../api/types';
import { fieldsOf } from '../../shared/fields';
import { typedOrText } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { useChange } from './useService';

const COUNTS = [['cooks', 'Cooks'], ['ovens', 'Ovens'], ['rings', 'Rings'], ['blenders', 'Blenders'], ['fridge_shelves', 'Free fridge shelves'], ['freezer_shelves', 'Free freezer shelves']] as const;

/** Windows as they are typed: "08:00–16:00, 18:00–22:00". */
export function windowsOf(text: string): [string, string][] {
    return text.split(/[,;]|\band\b/).map((part) => part.trim()).filter((part) => part !== '').map((part) => {
        const [from = '', to = ''] = part.split(/\s*(?:–|—|-|to)\s*/);
        return [timeOf(from), timeOf(to)];
    });
}

/** "8" is 08:00; what is no time is sent as it stands, so that the server says what is wrong with it. */
function timeOf(text: string): string {
    if (/^\d{1,2}$/.test(text)) return `${text.padStart(2, '0')}:00`;
    return /^\d:\d\d$/.test(text) ? `0${text}` : text;
}

/** When it is served, its name, and what there is to make it with. */
export function KitchenDialog({ service, onClose }: { service: Service; onClose: () => void }) {
    const { kitchen } = service;
    const [form, setForm] = useState({
        name: service.name, serve_at: service.serve_at, hours: kitchen.hours.map((one) => one.join('–')).join(', '), mixers: kitchen.mixers.map((one) => one.litres).join(', '),
        ...(Object.fromEntries(COUNTS.map(([key]) => [key, String(kitchen[key] ?? 1)])) as Record<(typeof COUNTS)[number][0], string>),
    });
    const change = useChange(service);
    const field = change.error instanceof Problem ? change.error.field : '';
    const wrong = change.error === null ? {} : { [field.startsWith('kitchen.') ? (/^kitchen\.(\w+)/.exec(field)?.[1] ?? '') : field]: change.error.message };
    const of = fieldsOf(form, setForm, wrong);
    const said = (): KitchenAtWork => ({
        ...(Object.fromEntries(COUNTS.map(([key]) => [key, typedOrText(form[key])])) as unknown as Omit<KitchenAtWork, 'hours' | 'mixers'>),
        hours: windowsOf(form.hours), mixers: form.mixers.split(/[,;]/).map((one) => one.trim()).filter((one) => one !== '').map((one) => ({ litres: typedOrText(one) as number })),
    });
    return (
        <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="kitchen-title">
            <DialogTitle id="kitchen-title" className="name">The kitchen of this service</DialogTitle>
            <DialogContent>
                <Box
                    component="form" id="kitchen-form" sx={{ display: 'grid', gap: 1.5, pt: 1, gridTemplateColumns: { xs: '1fr 1fr', sm: '1fr 1fr 1fr' } }}
                    onSubmit={(e: React.SyntheticEvent) => {
                        e.preventDefault();
                        change.mutate({ name: form.name, serve_at: form.serve_at, kitchen: said() }, { onSuccess: onClose });
                    }}
                >
                    <Box sx={{ gridColumn: '1 / -1', display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' } }}>
                        <TextField size="small" label="What it is called" {...of('name')} />
                        <TextField size="small" type="datetime-local" label="When it is on the table" {...of('serve_at')} slotProps={{ inputLabel: { shrink: true } }} />
                        <TextField size="small" label="When somebody is there" {...of('hours', 'Such as 08:00–16:00, 18:00–22:00; the night is never assumed.')} />
                        <TextField size="small" label="Mixer bowls, litres" {...of('mixers', 'Such as 5, 20; what does not fit is whipped in parts.')} />
                    </Box>
                    {COUNTS.map(([key, name]) => <TextField key={key} size="small" label={name} {...of(key)} slotProps={{ htmlInput: { inputMode: 'numeric' } }} />)}
                </Box>
                {change.error && <ProblemNote error={change.error} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Leave it</Button>
                <Button type="submit" form="kitchen-form" variant="contained" disabled={change.isPending}>Keep it</Button>
            </DialogActions>
        </Dialog>
    );
}
