import Box from '@mui/material/Box';
import Popover from '@mui/material/Popover';
import { useState } from 'react';
import { Link } from 'react-router';
import { GLOSSARY } from '../api/words';

interface Props {
    /** What has to be answered first: "Dark chocolate 55 %: is it made beside milk?". */
    questions: readonly string[];
    /** Names of the ingredients it may be asked of, by id: a question that begins with one leads to its packet. */
    names?: Readonly<Record<string, string>>;
    children?: string;
}

/** "Unproven", wherever it stands: a press opens what has to be asked, and where the answer is noted. */
export function Unproven({ questions, names = {}, children = 'unproven' }: Props) {
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    return (
        <>
            <Box
                component="button" type="button" aria-haspopup="dialog" onClick={(e: React.MouseEvent<HTMLElement>) => { e.stopPropagation(); setAnchor(e.currentTarget); }}
                sx={{ font: 'inherit', fontWeight: 'inherit', color: 'inherit', border: 0, background: 'none', p: 0, minHeight: 'var(--press-small)', cursor: 'pointer', textDecoration: 'underline dotted', textUnderlineOffset: '3px' }}
            >
                {children}
                <span className="sr-only">, what has to be asked</span>
            </Box>
            <Popover open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)} anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }} slotProps={{ paper: { role: 'dialog', 'aria-label': 'What has to be asked' } }}>
                <Box sx={{ p: 2, maxWidth: 420, fontSize: 'var(--text-plain)' }}>
                    <div>{GLOSSARY.unproven?.plain}</div>
                    {questions.length === 0 && <p style={{ marginBottom: 0 }}>What is open was not said; the Diets of the Bench list it.</p>}
                    <ul style={{ margin: '8px 0 0', paddingLeft: 18 }}>
                        {questions.map((question) => {
                            const of = ingredientOf(question, names);
                            return (
                                <li key={question}>
                                    {question} {of && <Link to={`/shelf/${of}`}>Note what the packet says</Link>}
                                </li>
                            );
                        })}
                    </ul>
                </Box>
            </Popover>
        </>
    );
}

/** The ingredient a question is about: the longest name that it begins with. */
export function ingredientOf(question: string, names: Readonly<Record<string, string>>): string | null {
    const asked = Object.entries(names).filter(([, name]) => question.startsWith(`${name}:`));
    return asked.sort(([, a], [, b]) => b.length - a.length)[0]?.[0] ?? null;
}
