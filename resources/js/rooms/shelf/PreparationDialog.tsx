import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Autocomplete from '@mui/material/Autocomplete';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { call } from '../../api/client';
import { useWrite } from '../../api/useWrite';
import { shelfQuery } from '../../api/queries';
import type { PreparationInput, ShelfIngredient } from '../../api/types';
import { useMoney } from '../../shared/money';
import { counted, oneDecimal, typedOrText } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';

interface Props {
    /** What is changed; a new one where absent. */
    of?: ShelfIngredient;
    onClose: () => void;
    onKept: (id: string) => void;
}

interface Made {
    ingredient: ShelfIngredient;
    made_of: { yield: number; keeps_days: number };
}

/** A recipe becomes an ingredient: what goes in, what it comes to, how long it keeps, and what would be bought instead. */
export function PreparationDialog({ of, onClose, onKept }: Props) {
    const was: PreparationInput | null = isPreparation(of?.packet?.preparation) ? of.packet.preparation : null;
    const [name, setName] = useState(was?.name ?? '');
    const [text, setText] = useState(was?.text ?? '');
    const [yieldG, setYield] = useState(was?.yield_g ? String(was.yield_g) : '');
    const [boiled, setBoiled] = useState(was?.boiled_off !== false);
    const [keeps, setKeeps] = useState(was?.keeps_days ? String(was.keeps_days) : '');
    const [beside, setBeside] = useState<string | null>(was?.beside ?? null);
    const client = useQueryClient();
    const { data: shelf } = useQuery(shelfQuery());
    const body = { name, text, yield_g: typedOrText(yieldG), boiled_off: boiled, keeps_days: typedOrText(keeps), beside };
    const asked = useDeferredValue(body);
    const check = useQuery({
        queryKey: ['preparation', asked], enabled: asked.text.trim() !== '' && asked.name.trim() !== '', retry: false,
        queryFn: ({ signal }) => call<Made>('POST', 'preparations/check', asked, signal),
        placeholderData: (before) => before,
    });
    const write = useWrite(of?.revision ?? null);
    const keep = useMutation({
        mutationFn: () => (of ? write<{ id: string }>('PUT', `preparations/${of.id}`, body) : call<{ id: string }>('POST', 'preparations', body)),
        onSuccess: async ({ id }) => {
            onClose();
            onKept(id);
            await client.invalidateQueries({ queryKey: ['shelf'] });
        },
    });
    const made = check.error ? undefined : check.data;
    const title = of ? `Change ${of.name}` : 'Make a preparation';
    return (
        <Dialog open onClose={onClose} maxWidth="md" fullWidth slotProps={{ paper: { 'aria-label': title } }}>
            <DialogTitle>{title}</DialogTitle>
            <DialogContent sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, gap: 2 }}>
                <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, pt: 1 }}>
                    <TextField size="small" label="Name" value={name} onChange={(e) => setName(e.target.value)} placeholder="House praline" autoFocus={!of} />
                    <TextField
                        label="What goes in, and its method if you like" value={text} onChange={(e) => setText(e.target.value)} multiline minRows={8} maxRows={14}
                        placeholder={'200 g hazelnuts\n200 g caster sugar\n\nMethod\nCaramelise the sugar, add the nuts, cool and blend.'}
                    />
                    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
                        <TextField size="small" label="It comes to, g" value={yieldG} onChange={(e) => setYield(e.target.value)} placeholder={made ? oneDecimal(made.made_of.yield) : ''} sx={{ width: 112 }} inputMode="decimal" slotProps={{ inputLabel: { shrink: true } }} />
                        <TextField select size="small" label="What is missing" value={boiled ? 'boiled' : 'left'} onChange={(e) => setBoiled(e.target.value === 'boiled')} sx={{ width: 186 }}>
                            <MenuItem value="boiled">is water boiled off</MenuItem>
                            <MenuItem value="left">stayed in pan and sieve</MenuItem>
                        </TextField>
                        <TextField size="small" label="Keeps, days" value={keeps} onChange={(e) => setKeeps(e.target.value)} placeholder={made ? String(made.made_of.keeps_days) : ''} sx={{ width: 100 }} inputMode="numeric" slotProps={{ inputLabel: { shrink: true } }} />
                    </Box>
                    <Autocomplete
                        size="small" options={shelf ?? []} getOptionLabel={(one) => one.name} value={shelf?.find((one) => one.id === beside) ?? null} onChange={(_, one) => setBeside(one?.id ?? null)}
                        isOptionEqualToValue={(a, b) => a.id === b.id} getOptionKey={(one) => one.id} renderInput={(params) => <TextField {...params} label="What would be bought instead" />}
                    />
                </Box>
                <Box component="section" aria-label="What it would be" sx={{ fontSize: 'var(--text-plain)', pt: 1 }}>
                    {check.error && <ProblemNote error={check.error} />}
                    {keep.error && <ProblemNote error={keep.error} />}
                    {!made && !check.error && <Box sx={{ color: 'var(--ink-soft)' }}>Name it and write what goes in: what 100 g of it hold, what it costs and what it is free of is computed through its lines, at any depth.</Box>}
                    {made && <Summary made={made} />}
                </Box>
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>Leave it</Button>
                <Button variant="contained" disabled={keep.isPending || !made} onClick={() => keep.mutate()}>
                    Keep it on the shelf
                </Button>
            </DialogActions>
        </Dialog>
    );
}

/** Whether what was typed is a recipe and not a packet. */
function isPreparation(typed: unknown): typed is PreparationInput {
    return typeof typed === 'object' && typed !== null && 'text' in typed;
}

function Summary({ made: { ingredient, made_of: of } }: { made: Made }) {
    const money = useMoney();
    const big = ingredient.parts.filter((part) => part.grams >= 0.5).sort((a, b) => b.grams - a.grams).slice(0, 9);
    return (
        <>
            <strong>100 g hold</strong>
            <Box component="ul" sx={{ m: 0, pl: 2.25 }}>
                {big.map((part) => (
                    <li key={part.part}>
                        {part.part.replace('.', ': ')} {oneDecimal(part.grams)} g
                    </li>
                ))}
            </Box>
            <Box sx={{ mt: 1 }}>
                {Math.round(ingredient.computed_kj)} kJ. {ingredient.price ? `${money(ingredient.price.minor_per_kg)} per kg.` : 'A line has no price yet.'} One making comes to {oneDecimal(of.yield)} g and keeps {counted(of.keeps_days, 'day')}.
            </Box>
            <Box sx={{ mt: 1 }}>
                <strong>Contains {ingredient.allergens.eu.join(', ') || 'none of the fourteen'}.</strong>
            </Box>
        </>
    );
}
