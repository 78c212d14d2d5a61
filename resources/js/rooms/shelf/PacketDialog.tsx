import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { call, Problem } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { shelfQuery } from '../../api/queries';
import type { PacketCheck, ShelfIngredient } from '../../api/types';
import { useCurrency } from '../../shared/money';
import { ProblemNote } from '../../shared/ProblemNote';
import { ALLERGENS } from '../../shared/words';
import { PacketMade } from './PacketMade';
import { formOf, isWorthChecking, PANEL, packetOf, type PacketForm } from './packetForm';

interface Props {
    /** The ingredient this packet corrects; none where it adds one. */
    of?: ShelfIngredient;
    onClose: () => void;
    onKept?: (id: string) => void;
}

/** A packet's panel, typed as it is printed; what it makes is shown while it is typed. */
export function PacketDialog({ of, onClose, onKept }: Props) {
    const currency = useCurrency();
    const client = useQueryClient();
    const shelf = useQuery(shelfQuery());
    const [form, setForm] = useState<PacketForm>(() => formOf(of));
    const [asked, setAsked] = useState(form);
    useEffect(() => {
        const wait = setTimeout(() => setAsked(form), 250);
        return () => clearTimeout(wait);
    }, [form]);
    const packet = useMemo(() => packetOf(asked), [asked]);
    const check = useQuery({
        queryKey: ['packet-check', packet],
        queryFn: ({ signal }) => call<PacketCheck>('POST', 'shelf/check', packet, signal),
        enabled: isWorthChecking(asked),
        placeholderData: keepPreviousData,
        retry: false,
    });
    const write = useWrite(of?.revision ?? null);
    const keep = useMutation({
        mutationFn: () => (of ? write<ShelfIngredient>('PUT', `shelf/${of.id}`, packetOf(form)) : call<ShelfIngredient>('POST', 'shelf', packetOf(form))),
        onSuccess: async (kept) => {
            await client.invalidateQueries({ queryKey: ['shelf'] });
            await client.invalidateQueries({ queryKey: ['version'] });
            onKept?.(kept.id);
            onClose();
        },
    });
    const problem = keep.error instanceof Problem ? keep.error : check.error instanceof Problem ? check.error : null;
    const errors = problem?.errors ?? {};
    const set = (part: Partial<PacketForm>) => setForm((was) => ({ ...was, ...part }));
    const names = shelf.data ?? [];
    return (
        <Dialog open onClose={onClose} maxWidth="lg" fullWidth aria-labelledby="packet-title">
            <DialogTitle id="packet-title" className="name">
                {of ? `Correct ${of.name} from a packet` : 'Add from a packet'}
            </DialogTitle>
            <DialogContent>
                {problem && Object.keys(errors).length === 0 && <ProblemNote error={problem} />}
                <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 7fr) minmax(0, 5fr)' }, gap: 3, pt: 1 }}>
                    <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5 }}>
                        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
                            <TextField size="small" label="Name in your kitchen" value={form.name} onChange={(e) => set({ name: e.target.value })} error={'name' in errors} helperText={errors.name} />
                            {of && of.own !== 'own' ? (
                                <Box sx={{ alignSelf: 'center', color: 'var(--ink-soft)' }}>Kinds a panel does not print stay as the reference row has them.</Box>
                            ) : (
                            <Autocomplete
                                size="small" options={names} getOptionLabel={(one) => one.name} value={names.find((one) => one.id === form.like) ?? null}
                                onChange={(_, one) => set({ like: one?.id ?? null })} isOptionEqualToValue={(a, b) => a.id === b.id}
                                renderInput={(params) => <TextField {...params} label="Most like" error={'like' in errors} helperText={errors.like ?? 'gives the kinds a panel does not print'} />}
                            />
                            )}
                        </Box>
                        <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center', flexWrap: 'wrap' }}>
                            <Box role="radiogroup" aria-label="The panel is per" sx={{ display: 'flex', gap: 0.75 }}>
                                {[false, true].map((perServing) => (
                                    <Box
                                        component="button" type="button" role="radio" aria-checked={form.perServing === perServing} key={String(perServing)} onClick={() => set({ perServing })}
                                        sx={{ font: 'inherit', border: '1.5px solid var(--rim)', borderRadius: '9px', px: 1.25, minHeight: 'var(--press-large)', cursor: 'pointer', bgcolor: form.perServing === perServing ? 'var(--cobalt)' : 'var(--panel)', color: form.perServing === perServing ? 'var(--on-cobalt)' : 'var(--ink)' }}
                                    >
                                        {perServing ? 'per serving' : 'per 100 g'}
                                    </Box>
                                ))}
                            </Box>
                            {form.perServing && <TextField size="small" label="A serving, g" value={form.serving} onChange={(e) => set({ serving: e.target.value })} error={'serving_g' in errors} helperText={errors.serving_g} sx={{ width: 130 }} />}
                            <Box component="label" sx={{ display: 'flex', alignItems: 'center', gap: 0.75, fontSize: 'var(--text-plain)' }}>
                                <input type="checkbox" checked={form.us} onChange={(e) => set({ us: e.target.checked })} style={{ width: 17, height: 17, accentColor: 'var(--cobalt)' }} />
                                carbohydrate includes fibre (US panel)
                            </Box>
                        </Box>
                        <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 2, rowGap: 0.75 }}>
                            {PANEL.map(({ field, name, unit, inner }) => (
                                <Box key={field}>
                                    <Box component="label" sx={{ display: 'grid', gridTemplateColumns: '1fr 92px 32px', alignItems: 'center', gap: 0.75, fontSize: 'var(--text-body)', pl: inner ? 1.5 : 0 }}>
                                        {name}
                                        <Box
                                            component="input" inputMode="decimal" aria-label={`${name}, ${unit}`} aria-invalid={field in errors} aria-describedby={field in errors ? `${field}-wrong` : undefined} value={form.values[field] ?? ''}
                                            onChange={(e: React.ChangeEvent<HTMLInputElement>) => set({ values: { ...form.values, [field]: e.target.value } })}
                                            sx={{ font: 'inherit', fontSize: 'var(--text-body)', textAlign: 'right', border: '1.5px solid', borderColor: field in errors ? 'var(--beet)' : 'var(--line)', borderRadius: '7px', p: '4px 8px', bgcolor: 'var(--panel)', color: 'var(--ink)', minWidth: 0 }}
                                        />
                                        <span style={{ color: 'var(--ink-soft)' }}>{unit}</span>
                                    </Box>
                                    {errors[field] && (
                                        <Box id={`${field}-wrong`} role="alert" sx={{ color: 'var(--beet)', fontSize: 'var(--text-small)', lineHeight: 1.3 }}>
                                            {errors[field]}
                                        </Box>
                                    )}
                                </Box>
                            ))}
                        </Box>
                        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5 }}>
                            <Autocomplete multiple size="small" options={ALLERGENS} value={form.contains} onChange={(_, contains) => set({ contains })} renderInput={(params) => <TextField {...params} label="Contains (allergens)" />} />
                            <Autocomplete multiple size="small" options={ALLERGENS} value={form.may} onChange={(_, may) => set({ may })} renderInput={(params) => <TextField {...params} label="May contain" />} />
                            <TextField size="small" label="Its ingredients, as printed" placeholder="wheat flour, sugar, palm oil, salt" multiline minRows={2} maxRows={5} value={form.declared} onChange={(e) => set({ declared: e.target.value })} error={'declared' in errors} helperText={errors.declared ?? 'opens it on a label; its allergens are still said above'} sx={{ gridColumn: '1 / -1' }} />
                            <TextField size="small" label="Sulphites, mg SO₂ per kg" value={form.sulphites} onChange={(e) => set({ sulphites: e.target.value })} error={'sulphites' in errors} helperText={errors.sulphites ?? 'from its maker; decides whether a label names them'} />
                            <TextField size="small" label={`Price per kg, ${currency}`} value={form.price} onChange={(e) => set({ price: e.target.value })} error={'price_minor_per_kg' in errors} helperText={errors.price_minor_per_kg} />
                            <TextField size="small" label="Which packet, and when read" placeholder="1 l carton, 12 Nov 2026" value={form.source} onChange={(e) => set({ source: e.target.value })} />
                        </Box>
                    </Box>
                    <PacketMade check={check.data ?? null} refused={problem !== null} waiting={!isWorthChecking(form)} />
                </Box>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Close</Button>
                <Button variant="contained" onClick={() => keep.mutate()} disabled={keep.isPending || !isWorthChecking(form)}>
                    {of ? 'Keep the correction' : 'Put it on the shelf'}
                </Button>
            </DialogActions>
        </Dialog>
    );
}
