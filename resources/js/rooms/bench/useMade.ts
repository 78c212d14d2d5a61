import { useMutation, useQueryClient } from '@tanstack/react-query';
import { call } from '../../api/client';
import { versionQuery } from '../../api/queries';
import type { BenchData } from '../../api/types';

/** Makes a version beside this one and goes to it. */
export function useMade(path: string, onMade: (version: number) => void) {
    const client = useQueryClient();
    return useMutation({
        mutationFn: (body: Record<string, unknown>) => call<BenchData>('POST', path, body),
        onSuccess: async (made) => {
            client.setQueryData(versionQuery(made.version.id).queryKey, made);
            await client.invalidateQueries({ queryKey: ['dishes'] });
            onMade(made.version.id);
        },
    });
}
