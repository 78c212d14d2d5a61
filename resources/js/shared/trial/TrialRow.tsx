import Box from '@mui/material/Box';
import type { Trial } from '../../api/types';
import { longDay } from '../numbers';
import { compareStep } from './compareStep';

/** Foretold and found, side by side. */
export function TrialRow({ trial, title }: { trial: Trial; title?: string }) {
    const set = compareStep(trial);
    return (
        <Box component="article" aria-label={`Trial of ${trial.made_on}`} sx={{ borderTop: '1px solid var(--line)', py: 1 }}>
            <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'baseline', flexWrap: 'wrap' }}>
                {title && (
                    <span className="name" style={{ fontSize: 'var(--text-head)' }}>
                        {title}
                    </span>
                )}
                <Box component="span" sx={{ color: 'var(--ink-soft)' }}>
                    {longDay(trial.made_on)}
                </Box>
                <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>
                    revision {trial.revision}
                </Box>
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: '110px 1fr 1fr', columnGap: 2, rowGap: 0.25, mt: 0.5, maxWidth: 620 }}>
                <span />
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>foretold</Box>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>found</Box>
                <span>Set</span>
                <span>
                    {trial.predicted.step} {trial.predicted.ge !== null && <span style={{ color: 'var(--ink-soft)' }}>({trial.predicted.ge.toFixed(2)} GE)</span>}
                </span>
                <strong>
                    {trial.set_word} <span style={{ color: set.same ? 'var(--herb)' : 'var(--yolk)' }}>{set.words}</span>
                </strong>
                <span>Sweetness</span>
                <span>{trial.predicted.se.toFixed(1)} SE</span>
                <strong>{trial.sweetness}</strong>
                <span>Sharpness</span>
                <span>{trial.predicted.ph === null ? 'no pH' : `pH ${trial.predicted.ph.toFixed(1)}`}</span>
                <strong>{trial.sharpness}</strong>
            </Box>
            {trial.lots.length > 0 && (
                <Box sx={{ mt: 0.5, fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
                    Made of{' '}
                    {trial.lots.map((lot, n) => (
                        <span key={lot.id}>
                            {n > 0 && ', '}
                            {lot.name} {lot.code}
                            {lot.recalled_on !== null && <strong style={{ color: 'var(--beet)' }}> (called back{lot.recall_reason && `: ${lot.recall_reason}`})</strong>}
                        </span>
                    ))}
                </Box>
            )}
            {trial.remark && <Box sx={{ mt: 0.5, fontStyle: 'italic' }}>{trial.remark}</Box>}
        </Box>
    );
}
