import Box from '@mui/material/Box';
import type { ReadAct, TextReading } from '../../api/types';
import { counted } from '../../shared/numbers';

const ELSE: Record<string, string> = { note: 'a note, no step', serving: 'how it is served', storage: 'how long it keeps: checked, not obeyed', heading: 'a heading' };

/** The maker's own words, sentence by sentence, each with what is understood of it. What is not understood stays, and says so. */
export function ReadMethod({ method }: { method: TextReading['method'] }) {
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
                        <Box sx={one.as === 'heading' ? { fontWeight: 650 } : undefined}>{one.text}</Box>
                        <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-plain)' }}>
                            {one.as === 'steps' ? one.acts.map(understood).join(' → ') : one.as === 'unread' ? 'not understood' : ELSE[one.as]}
                        </Box>
                    </Box>
                ))}
            </Box>
        </Box>
    );
}

/** "bake · 160 °C fan · 10 min, then 110 °C · 35 min", "combine butter, 50 % of the sugar". */
function understood(act: ReadAct): string {
    const lines = act.lines.map((line) => (line.share < 0.995 ? `${Math.round(100 * line.share)} % of the ${line.name}` : line.name)).join(', ');
    const heat = act.oven !== '' ? act.oven : act.celsius === null ? '' : `${Math.round(act.celsius)} °C`;
    const first = [lines === '' ? act.does : `${act.does} ${lines}`, heat, act.minutes === null ? '' : minutes(act.minutes)].filter((part) => part !== '').join(' · ');
    return [first, ...act.stages.map((stage) => [stage.celsius === 0 ? 'oven off' : stage.celsius === null ? '' : `${Math.round(stage.celsius)} °C`, stage.minutes === null ? '' : minutes(stage.minutes)].filter((part) => part !== '').join(' · '))].join(', then ');
}

function minutes(time: number): string {
    return time >= 120 ? `${Math.round(time / 6) / 10} h` : time < 1 ? `${Math.round(time * 60)} s` : `${Math.round(time)} min`;
}
