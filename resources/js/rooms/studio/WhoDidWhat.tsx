import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useInfiniteQuery } from '@tanstack/react-query';
import { auditQuery } from '../../api/queries';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { auditWords } from './auditWords';

/** Who changed what, when, from which revision to which. */
export function WhoDidWhat() {
    const { data, error, refetch, hasNextPage, fetchNextPage } = useInfiniteQuery(auditQuery());
    const entries = data?.pages.flatMap((page) => page.entries) ?? [];
    return (
        <Panel component="section" aria-labelledby="audit-title">
            <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
                <h2 id="audit-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)', flex: 1 }}>
                    Who did what
                </h2>
                {entries.length > 0 && <a href="/api/audit.csv" download>as a table</a>}
            </Box>
            {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
            {data && entries.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>Nothing was changed yet.</Box>}
            <Box sx={{ maxHeight: 320, overflow: 'auto' }} tabIndex={0} role="region" aria-label="Entries">
                {entries.map((one) => (
                    <Box key={one.id} sx={{ borderTop: '1px solid var(--line)', py: '3px', fontSize: 'var(--text-small)' }}>
                        <span style={{ color: 'var(--ink-soft)' }}>{new Date(one.at).toLocaleString('en-GB', { dateStyle: 'short', timeStyle: 'short' })}</span> <strong>{one.who}</strong> {auditWords(one.what)}
                        {one.subject && `: ${one.subject}`}
                        {one.to_revision !== null && `, revision ${one.from_revision ?? '–'} → ${one.to_revision}`}
                    </Box>
                ))}
            </Box>
            {hasNextPage && (
                <Button size="small" onClick={() => void fetchNextPage()}>
                    Earlier
                </Button>
            )}
        </Panel>
    );
}
