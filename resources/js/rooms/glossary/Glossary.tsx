import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { Link } from 'react-router';
import { Panel } from '../../shared/Panel';
import { RoomName } from '../../shared/RoomName';
import { SourceMark } from '../../shared/SourceMark';
import { GLOSSARY } from '../../shared/words';

/** Every term on one page, in a cook's words. */
export function Glossary() {
    const [sought, setSought] = useState('');
    const found = Object.entries(GLOSSARY)
        .filter(([, said]) => `${said.name} ${said.plain} ${said.figure}`.toLowerCase().includes(sought.trim().toLowerCase()))
        .sort(([, a], [, b]) => a.name.localeCompare(b.name));
    return (
        <Box sx={{ p: '14px 16px', maxWidth: 860 }}>
            <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', mb: 1.25, flexWrap: 'wrap' }}>
                <RoomName style={{ flex: 1 }}>Words</RoomName>
                <TextField size="small" placeholder="Find a word" value={sought} onChange={(e) => setSought(e.target.value)} slotProps={{ htmlInput: { 'aria-label': 'Find a word', type: 'search' } }} />
            </Box>
            <Panel>
                {found.length === 0 && <div>No word answers to “{sought}”.</div>}
                <Box component="dl" sx={{ m: 0 }}>
                    {found.map(([term, said]) => (
                        <Box key={term} id={term} sx={{ borderTop: '1px solid var(--line)', py: 1, '&:first-of-type': { borderTop: 0 } }}>
                            <Box component="dt" className="name" sx={{ fontSize: 'var(--text-head)' }}>
                                {said.name}
                            </Box>
                            <Box component="dd" sx={{ m: 0 }}>
                                {said.plain} <span style={{ color: 'var(--ink-soft)' }}>{said.figure}</span> <SourceMark mark={said.mark} source={said.source} />
                            </Box>
                        </Box>
                    ))}
                </Box>
            </Panel>
            <p style={{ color: 'var(--ink-soft)' }}>
                What the trade goes by stands under <Link to="/practice">common practice</Link>.
            </p>
        </Box>
    );
}
