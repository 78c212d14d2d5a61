import Box from '@mui/material/Box';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { call } from '../../api/client';
import { Panel } from '../../shared/Panel';
import { ProblemNote } from '../../shared/ProblemNote';
import { RoomName } from '../../shared/RoomName';
import { Waiting } from '../../shared/Waiting';

interface Page {
    intro: string;
    sections: { id: string; title: string; html: string }[];
}

/** What values marked common practice rest on, a paragraph for each. */
export function Practice() {
    const { hash } = useLocation();
    const { data, error, isPending, refetch } = useQuery({ queryKey: ['practice'], queryFn: ({ signal }) => call<Page>('GET', 'practice', undefined, signal), staleTime: Infinity });
    useEffect(() => {
        if (data && hash !== '') document.getElementById(hash.slice(1))?.scrollIntoView();
    }, [data, hash]);
    return (
        <Box sx={{ p: '14px 16px', height: '100%', boxSizing: 'border-box', overflow: 'auto' }} tabIndex={0} role="region" aria-label="What the trade knows">
            <Panel sx={{ maxWidth: 820, p: '14px 22px', lineHeight: 1.5 }}>
                <RoomName>What the trade knows</RoomName>
                {isPending && <Waiting what="the page" />}
                {error && <ProblemNote error={error} onRetry={() => void refetch()} />}
                {/* The server makes this of our own text, docs/practice.md. */}
                {data && <div dangerouslySetInnerHTML={{ __html: data.intro }} />}
                {data?.sections.map((section) => (
                    <Box component="section" key={section.id} id={section.id} sx={{ borderTop: '1px solid var(--line)', pt: 0.5, ...(hash === `#${section.id}` && { bgcolor: 'var(--cobalt-wash)', mx: -1.5, px: 1.5, borderRadius: '8px' }) }}>
                        <h2 className="name" style={{ margin: '6px 0 0', fontSize: 'var(--text-title)' }}>
                            {section.title}
                        </h2>
                        <div dangerouslySetInnerHTML={{ __html: section.html }} />
                    </Box>
                ))}
            </Panel>
        </Box>
    );
}
