import Button, { type ButtonProps } from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { call } from '../../api/client';
import type { Run } from '../../api/types';
import { notice } from '../notice';
import { Only } from '../Only';

/** Begins to make a version, and goes to the stove with it. */
export function BeginRun({ version, portions, item = null, children, ...rest }: ButtonProps & { version: number; portions: number; item?: number | null }) {
    const go = useNavigate();
    const begin = useMutation({
        mutationFn: () => call<Run>('POST', `versions/${version}/runs`, { portions, service_item_id: item }),
        onSuccess: (run) => go(`/stove/${run.id}`),
        onError: (error) => notice({ text: error.message }),
    });
    return (
        <Only to="record"><Button {...rest} onClick={() => begin.mutate()} disabled={begin.isPending}>
            {children}
        </Button></Only>
    );
}
