import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { BenchData } from '../../api/types';
import { ProblemNote } from '../../shared/ProblemNote';
import { Only } from '../../shared/Only';

/** The original was changed since versions were aimed at it: who aims at what was, and the press that aims anew. */
export function AimNote({ data }: { data: BenchData }) {
    const client = useQueryClient();
    const { aim, id } = data.version;
    const anew = useMutation({
        mutationFn: (versions: number[]) => Promise.all(versions.map((version) => call<BenchData>('PUT', `versions/${version}/aim`))),
        onSuccess: (fresh) => {
            for (const one of fresh) client.setQueryData(versionQuery(one.version.id).queryKey, one);
            return client.invalidateQueries({ queryKey: versionQuery(id).queryKey });
        },
    });
    if (!aim.is_behind && aim.behind.length === 0) return null;
    const names = aim.behind.map((one) => one.name);
    return (
        <Box role="status" sx={{ flexBasis: '100%', bgcolor: 'var(--cobalt-wash)', borderRadius: '9px', p: '6px 12px', fontSize: 'var(--text-plain)', display: 'flex', gap: 1.25, alignItems: 'center', flexWrap: 'wrap' }}>
            {aim.is_behind ? (
                <>
                    <span>
                        <strong>The original has changed since.</strong> This version is held against revision {aim.number} of it.
                    </span>
                    <Only to="develop"><Button variant="outlined" onClick={() => anew.mutate([id])} disabled={anew.isPending}>
                        Hold it against the original as it is now
                    </Button></Only>
                </>
            ) : (
                <>
                    <span>
                        <strong>{names.join(', ')}</strong> {names.length === 1 ? 'is' : 'are'} still held against the original as it was before.
                    </span>
                    <Only to="develop"><Button variant="outlined" onClick={() => anew.mutate(aim.behind.map((one) => one.id))} disabled={anew.isPending}>
                        Hold {names.length === 1 ? 'it' : 'them'} against this one
                    </Button></Only>
                </>
            )}
            {anew.error && <ProblemNote error={anew.error} />}
        </Box>
    );
}
