import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { refreshQuery, versionQuery } from '../../api/queries';
import type { BenchData, ReadingChanges } from '../../api/types';
import { money } from '../../shared/money';
import { ProblemNote } from '../../shared/ProblemNote';
import { dietName } from '../../shared/words';
import { Only } from '../../shared/Only';

/** The shelf has changed since this version was computed: what would change with it, and the press that takes it. */
export function ChangedShelf({ data }: { data: BenchData }) {
    const client = useQueryClient();
    const [open, setOpen] = useState(false);
    const { id, revision } = data.version;
    const preview = useQuery({ ...refreshQuery(id, revision), enabled: open });
    const take = useMutation({
        mutationFn: () => call<BenchData>('POST', `versions/${id}/refresh`, undefined, undefined, revision),
        onSuccess: (fresh) => {
            client.setQueryData(versionQuery(id).queryKey, fresh);
            void client.invalidateQueries({ queryKey: ['dishes'] });
        },
    });
    if (data.changed_ingredients.length === 0) return null;
    return (
        <Box role="status" sx={{ flexBasis: '100%', bgcolor: 'var(--cobalt-wash)', borderRadius: '9px', p: '6px 12px', fontSize: 'var(--text-plain)' }}>
            <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center', flexWrap: 'wrap' }}>
                <span>
                    <strong>Computed with the shelf as it was.</strong> Changed since: {data.changed_ingredients.map((one) => one.name).join(', ')}.
                </span>
                <Button variant="outlined" onClick={() => setOpen(!open)} aria-expanded={open}>
                    {open ? 'Hide what would change' : 'See what would change'}
                </Button>
                {open && (
                    <Only to="develop"><Button variant="contained" onClick={() => take.mutate()} disabled={take.isPending}>
                        Take today’s shelf
                    </Button></Only>
                )}
            </Box>
            {open && preview.error && <ProblemNote error={preview.error} />}
            {take.error && <ProblemNote error={take.error} />}
            {open && preview.data && <Box sx={{ mt: 0.5 }}>{changesInWords(preview.data)}</Box>}
        </Box>
    );
}

function changesInWords(changes: ReadingChanges): string {
    const figure = (unit: string, value: number) => (unit === 'minor units' ? money(value) : `${value} ${unit}`);
    const words = [
        ...changes.portion.map((one) => `${one.what.toLowerCase()} ${figure(one.unit, one.was)} → ${figure(one.unit, one.now)} a portion`),
        ...changes.layers.map((one) => `${one.layer}, ${one.what.toLowerCase()}: ${one.was} → ${one.now}`),
        ...changes.diets.map((one) => `${dietName(one.diet)}: ${one.was} → ${one.now}`),
        ...changes.allergens.in.map((one) => `brings the allergen ${one}`),
        ...changes.allergens.out.map((one) => `without the allergen ${one}`),
    ];
    return words.length > 0 ? words.join('; ') : 'Nothing that shows.';
}
