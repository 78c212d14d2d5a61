import Box from '@mui/material/Box';
import type { TextReading } from '../../api/types';
import { counted } from '../../shared/numbers';
import { understood } from '../../shared/readActs';

/** The maker's own words, sentence by sentence, each with what is understood of it. What is not understood stays, and says so. */
export function ReadMethod({ method, onFind }: { method: TextReading['method']; onFind: (sentence: string) => void }) {
    const unread = method.sentences.filter((one) => one.as === 'unread').length;
    return (
        <Box component="section" aria-label="Method" sx={{ mb: 2 }}>
            <h2 className="name" style={{ margin: 0, fontSize: 'var(--text-title)' }}>
                Method, in your words
            </h2>
            {(unread > 0 || method.unsaid.length > 0) && (
                <Box sx={{ bgcolor: 'var(--yolk-wash)', borderRadius: '6px', px: 1, py: 0.5, my: 0.75, lineHeight: 1.45 }}>
                    {unread > 0 && <div>{counted(unread, 'sentence')} not understood: kept as written, and no step of the plan.</div>}
                    {method.unsaid.length > 0 && <div>No sentence says where this goes in: {method.unsaid.join(', ')}.</div>}
                </Box>
            )}
            <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0, lineHeight: 1.4 }}>
                {method.sentences.map((one, n) => (
                    <Box component="li" key={n} sx={{ py: 0.6, borderBottom: '1px solid var(--line)', ...(one.as === 'unread' && { bgcolor: 'var(--yolk-wash)', mx: -1, px: 1, borderRadius: '6px' }) }}>
                        <Box
                            component="button" type="button" onClick={() => onFind(one.text)} title="To it in your text"
                            sx={{ font: 'inherit', color: 'inherit', border: 0, p: 0, background: 'none', textAlign: 'left', cursor: 'pointer', display: 'block', '&:hover': { color: 'var(--cobalt)' }, ...(one.as === 'heading' && { fontWeight: 650 }) }}
                        >
                            {one.text}
                        </Box>
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>
                            {understood(one)}
                        </Box>
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
