import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { call } from '../../api/client';
import type { BroughtIn, Session } from '../../api/types';
import { counted } from '../../shared/numbers';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { useComeIn } from '../../shared/SignIn';

/** The whole studio as one file, to take along or to bring in as a studio of its own. */
export function Archive() {
    const comeIn = useComeIn();
    const field = useRef<HTMLInputElement>(null);
    const [file, setFile] = useState<File | null>(null);
    const bring = useMutation({
        mutationFn: (chosen: File) => call<BroughtIn>('POST', 'archives', chosen),
        onSuccess: () => {
            setFile(null);
            if (field.current) field.current.value = '';
        },
    });
    const stand = useMutation({ mutationFn: (studio_id: number) => call<Session>('PUT', 'session/studio', { studio_id }), onSuccess: comeIn });
    const came = bring.data;
    return (
        <Panel component="section" aria-labelledby="archive-title">
            <h2 id="archive-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>
                The studio as a file
            </h2>
            <p style={{ margin: '0 0 8px' }}>
                <a href="/api/studio/archive" download>
                    Take the whole studio along
                </a>
                : every dish, version and revision, trial, packet and lot as JSON, each version also as the text you type, and who did what as a table. People, passwords and links stay here.
            </p>
            <Box component="label" sx={{ display: 'block', mb: 0.75 }}>
                <span style={{ fontWeight: 650, display: 'block' }}>Bring one in, as a studio of its own</span>
                <input
                    ref={field} type="file" accept=".zip,application/zip"
                    onChange={(e) => {
                        setFile(e.target.files?.[0] ?? null);
                        bring.reset();
                    }}
                />
            </Box>
            <Button variant="outlined" disabled={file === null || bring.isPending} onClick={() => file && bring.mutate(file)}>
                {bring.isPending ? 'Reading it…' : 'Bring it in'}
            </Button>
            {(bring.error ?? stand.error) && <ProblemNote error={bring.error ?? stand.error} />}
            {came && (
                <Box role="status" sx={{ mt: 1 }}>
                    {came.name} is there: {counted(came.dishes, 'dish', 'dishes')}, {counted(came.versions, 'version')}, {counted(came.trials, 'trial')}. You own it; nobody else works there yet.{' '}
                    <Button variant="contained" size="small" onClick={() => stand.mutate(came.id)}>
                        Go there
                    </Button>
                </Box>
            )}
        </Panel>
    );
}
