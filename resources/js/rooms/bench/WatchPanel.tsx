import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { Warning } from '../../api/types';
import { Panel } from '../../shared/Panel';
import { Only } from '../../shared/Only';

const MARK = { stop: ['◆', 'var(--beet)', 'Stop'], attention: ['●', 'var(--yolk-fill)', 'Mind'], note: ['○', 'var(--ink-soft)', 'Note'] } as const;

/** What could go wrong, the worst first, with the cure where the engine knows one. */
export function WatchPanel({ watch, onCure }: { watch: Warning[]; onCure: (warning: Warning) => void }) {
    return (
        <Panel component="section" aria-labelledby="watch-title" id="watch" sx={{ overflow: 'auto', p: '8px 12px' }} tabIndex={0}>
            <h2 id="watch-title" className="name" style={{ margin: '0 0 4px', fontSize: 'var(--text-head)' }}>
                Watch
            </h2>
            {watch.length === 0 && <Box sx={{ color: 'var(--ink-soft)' }}>Nothing stands out in this version.</Box>}
            <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
                {watch.map((warning, n) => {
                    const [sign, colour, word] = MARK[warning.severity];
                    return (
                        <Box component="li" key={n} sx={{ display: 'flex', gap: 1, py: '3px', fontSize: 'var(--text-plain)', lineHeight: 1.35 }}>
                            <Box component="span" aria-hidden sx={{ color: colour }}>
                                {sign}
                            </Box>
                            <span>
                                <span className="sr-only">{word}: </span>
                                {warning.text}{' '}
                                {warning.cure && (
                                    <Only to="develop"><Button variant="outlined" onClick={() => onCure(warning)} sx={{ minHeight: 'var(--press-small)', py: 0, px: 1 }}>
                                        {warning.cure_words ?? 'Do that'}
                                    </Button></Only>
                                )}
                            </span>
                        </Box>
                    );
                })}
            </Box>
        </Panel>
    );
}
