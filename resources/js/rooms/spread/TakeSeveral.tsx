import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { BenchData } from '../../api/types';
import { counted } from '../../shared/numbers';
import { ProblemNote } from '../../shared/ProblemNote';
import { asked } from '../../shared/routeWords';
import type { Ticked } from './ticked';

/** Takes every ticked route as a version beside the original; what one of them asks is asked once more before. */
export function TakeSeveral({ version, ticked }: { version: number; ticked: Ticked }) {
    const client = useQueryClient();
    const [asking, setAsking] = useState(false);
    const questions = [...new Set(ticked.all.map((one) => asked(one.route)).filter((question) => question !== ''))];
    const take = useMutation({
        mutationFn: async () => {
            for (const { route, brief } of ticked.all) {
                const made = await call<BenchData>('POST', `versions/${version}/versions`, { ...brief, route: route.hash });
                client.setQueryData(versionQuery(made.version.id).queryKey, made);
                ticked.took(route.hash, made.version.id);
            }
        },
        onSettled: async () => {
            setAsking(false);
            ticked.clear();
            await client.invalidateQueries({ queryKey: ['dishes'] });
            await client.invalidateQueries({ queryKey: ['history'] });
        },
    });
    const many = ticked.all.length;
    if (many === 0) return take.error ? <ProblemNote error={take.error} /> : null;
    return (
        <Box sx={{ display: 'flex', gap: 1, alignItems: 'center' }}>
            {asking && <Box role="status" sx={{ color: 'var(--yolk)', fontSize: 'var(--text-plain)' }}>{questions.join('; ')}.</Box>}
            <Button variant="contained" disabled={take.isPending} onClick={() => (questions.length > 0 && !asking ? setAsking(true) : take.mutate())}>
                {asking ? 'Take them all the same' : many === 1 ? 'Take the one ticked' : `Take the ${many} ticked`}
            </Button>
            <Button onClick={ticked.clear} aria-label={`Untick ${counted(many, 'route')}`}>
                None
            </Button>
        </Box>
    );
}
