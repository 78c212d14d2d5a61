import Box from '@mui/material/Box';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Waiting } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { behind, decisions } from './decisions';

/** So many stand at first; the others are a press away. */
const FIRST = 4;

/** What asks for a decision, over every dish of the studio. */
export function Undecided({ waiting }: { waiting: Waiting }) {
    const [all, setAll] = useState(false);
    const todo = decisions(waiting);
    const shown = all ? todo : todo.slice(0, FIRST);
    return (
        <Panel component="section" aria-labelledby="decide-title">
            <h2 id="decide-title" className="name" style={{ margin: '0 0 6px', fontSize: 'var(--text-title)' }}>
                Needs a decision
            </h2>
            {todo.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>Nothing waits. Every version was made and came out as foretold.</Box>}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0, '& li': { py: 0.75, borderTop: '1px solid var(--line)', display: 'flex', gap: 1 } }}>
                {shown.map((item) => (
                    <li key={item.key}>
                        <Box component="span" aria-hidden sx={{ color: 'var(--yolk-fill)', lineHeight: 1.5 }}>
                            {item.mark}
                        </Box>
                        <span>
                            <Link to={item.to} style={{ color: 'var(--ink)', fontWeight: 650 }}>
                                {item.title}
                            </Link>{' '}
                            {item.text}
                        </span>
                    </li>
                ))}
                {todo.length > FIRST && (
                    <li>
                        <Box component="button" type="button" onClick={() => setAll(!all)} sx={{ font: 'inherit', color: 'var(--cobalt)', border: 0, background: 'none', p: 0, cursor: 'pointer', textDecoration: 'underline', minHeight: 'var(--press-small)' }}>
                            {all ? 'Show the first only' : `Show the other ${todo.length - FIRST}`}
                        </Box>
                    </li>
                )}
                {behind(waiting).map((more) => (
                    <li key={more.kind}>
                        <Link to={`/?state=${more.kind}`}>{more.words}</Link>
                    </li>
                ))}
            </Box>
        </Panel>
    );
}
