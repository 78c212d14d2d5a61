import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import type { ShelfIngredient } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { BY_AMOUNT, dietName } from '../../shared/words';
import { EvidenceDialog } from './EvidenceDialog';
import { Only } from '../../shared/Only';

const COLOUR = { met: 'var(--herb)', 'not met': 'var(--beet)', unproven: 'var(--yolk)' } as const;

/** Each diet as this ingredient stands in it, the question to its packet, and what was answered. */
export function DietStandings({ data }: { data: ShelfIngredient }) {
    const client = useQueryClient();
    const [asking, setAsking] = useState<string | null>(null);
    const withdraw = useMutation({
        mutationFn: (id: number) => call<undefined>('DELETE', `evidence/${id}`),
        onSuccess: () => client.invalidateQueries({ queryKey: ['shelf'] }),
    });
    const shown = data.diets.filter((diet) => !BY_AMOUNT.includes(diet.diet));
    return (
        <Box component="section" aria-label="Diets">
            <h3 style={{ margin: '0 0 4px', fontSize: 'var(--text-lead)' }}>Diets</h3>
            {withdraw.error && <ProblemNote error={withdraw.error} />}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {shown.map((diet) => (
                    <Box component="li" key={diet.diet} sx={{ display: 'grid', gridTemplateColumns: '150px 74px 1fr', columnGap: 1, borderTop: '1px solid var(--line)', py: '3px', fontSize: 'var(--text-plain)', alignItems: 'baseline' }}>
                        <span>{dietName(diet.diet)}</span>
                        <Box component="strong" sx={{ color: COLOUR[diet.standing], fontSize: 'var(--text-small)' }}>
                            {diet.standing}
                        </Box>
                        <span>
                            {diet.why}{diet.diet === 'keto' && diet.standing === 'met' && 'no added sugar; its net carbs count'}{' '}
                            {diet.standing === 'unproven' && (
                                <Only to="develop"><Button variant="outlined" onClick={() => setAsking(diet.diet)} sx={{ minHeight: 'var(--press-small)', py: 0, px: 1 }} aria-label={`Answer for ${dietName(diet.diet)}`}>
                                    Answer it
                                </Button></Only>
                            )}
                        </span>
                    </Box>
                ))}
            </Box>
            {data.evidence.length > 0 && (
                <Box sx={{ mt: 1 }}>
                    <strong style={{ fontSize: 'var(--text-plain)' }}>What packets answered</strong>
                    {data.evidence.map((seen) => (
                        <Box key={seen.id} sx={{ fontSize: 'var(--text-plain)', py: '3px', display: 'flex', gap: 1, alignItems: 'baseline' }}>
                            <span style={{ flex: 1 }}>
                                {dietName(seen.diet)}: <strong style={{ color: seen.meets ? 'var(--herb)' : 'var(--beet)' }}>{seen.meets ? 'meets it' : 'does not'}</strong>, {seen.note}; {seen.who}, {seen.seen_on}
                                {seen.expires_on && `, good until ${seen.expires_on}`}
                                {seen.expired && <strong style={{ color: 'var(--yolk)' }}> run out: look again</strong>}
                            </span>
                            <Only to="develop"><Button onClick={() => withdraw.mutate(seen.id)} sx={{ minHeight: 'var(--press-small)', py: 0 }}>
                                Withdraw
                            </Button></Only>
                        </Box>
                    ))}
                </Box>
            )}
            {asking && <EvidenceDialog ingredient={data} diet={asking} onClose={() => setAsking(null)} />}
        </Box>
    );
}
