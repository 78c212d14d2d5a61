import Box from '@mui/material/Box';
import type { Trial } from '../../api/types';
import { chanceWords } from '../chances';
import { longDay } from '../numbers';
import { LADDER } from '../words';
import { compareStep } from './compareStep';

const VERDICTS: Record<string, string> = { keep: 'kept', change: 'to be changed', drop: 'dropped' };

/** Foretold and found, side by side, layer by layer; then whatever else was looked at. */
export function TrialRow({ trial, title }: { trial: Trial; title?: string }) {
    const set = compareStep(trial);
    const { found } = trial;
    const rest = [
        found.grain, found.ph !== null && `pH ${found.ph}`, found.brix !== null && `${found.brix} °Bx`, found.height_mm !== null && `${found.height_mm} mm high`, found.weep_g !== null && `wept ${found.weep_g} g of 100 g in a day`,
        found.colour !== null && `colour: ${found.colour}`, found.cut !== null && `cut: ${found.cut}`, ...found.keeps.map((one) => `day ${one.day}: ${one.words}`),
    ].filter((one): one is string => typeof one === 'string');
    const several = found.layers.length > 1 ? found.layers : [];
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
                    {trial.who !== '' && `, ${trial.who}`}
                </Box>
                <Box component="span" sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>
                    revision {trial.revision}
                    {trial.run_id !== null && ', as it was made at the Stove'}
                </Box>
                {trial.verdict !== null && <strong style={{ color: trial.verdict === 'keep' ? 'var(--herb)' : 'var(--yolk)' }}>{VERDICTS[trial.verdict]}</strong>}
            </Box>
            <Box sx={{ display: 'grid', gridTemplateColumns: '110px 1fr 1fr', columnGap: 2, rowGap: 0.25, mt: 0.5, maxWidth: 620 }}>
                <span />
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>foretold</Box>
                <Box sx={{ color: 'var(--ink-soft)', fontSize: 'var(--text-small)' }}>found</Box>
                {several.length === 0 && (
                    <>
                        <span>Set</span>
                        <span title={chancesOf(trial, trial.predicted.layer_id)}>
                            {trial.predicted.step} {trial.predicted.ge !== null && <span style={{ color: 'var(--ink-soft)' }}>({trial.predicted.ge.toFixed(2)} GE)</span>}
                        </span>
                        {trial.set_word === null ? (
                            <Unjudged />
                        ) : (
                            <strong>
                                {trial.set_word} <span style={{ color: set.same ? 'var(--herb)' : 'var(--yolk)' }}>{set.words}</span>
                            </strong>
                        )}
                    </>
                )}
                {several.map((one) => {
                    const foretold = trial.predicted.layers.find((layer) => layer.layer_id === one.layer_id);
                    const step = one.stands_on;
                    const beside = compareStep({ set_step: step, predicted: { step_index: foretold?.step_index ?? null } });
                    return (
                        <Box key={one.layer_id} sx={{ display: 'contents' }}>
                            <span>{foretold?.layer ?? 'Layer'}</span>
                            <span title={chancesOf(trial, one.layer_id)}>{foretold?.step ?? 'nothing'}</span>
                            <strong>
                                {LADDER[step]}
                                {one.protocol !== undefined && <span style={{ fontWeight: 400 }}> by {one.protocol}, {one.value}</span>} <span style={{ color: beside.same ? 'var(--herb)' : 'var(--yolk)' }}>{beside.words}</span>
                            </strong>
                        </Box>
                    );
                })}
                <span>Sweetness</span>
                <span>{trial.predicted.se.toFixed(1)} SE</span>
                {trial.sweetness === null ? <Unjudged /> : <strong>{trial.sweetness}</strong>}
                <span>Sharpness</span>
                <span>{trial.predicted.ph === null ? 'no pH' : `pH ${trial.predicted.ph.toFixed(1)}`}</span>
                {trial.sharpness === null ? <Unjudged /> : <strong>{trial.sharpness}</strong>}
            </Box>
            {rest.length > 0 && <Box sx={{ mt: 0.5, fontSize: 'var(--text-plain)' }}>{rest.join(' · ')}</Box>}
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
            {trial.corrections.map((one) => (
                <Box key={one.at} sx={{ mt: 0.5, fontSize: 'var(--text-small)', color: 'var(--ink-soft)' }}>
                    Corrected by {one.who}, {longDay(one.at.slice(0, 10))}
                    {one.why !== '' && `: ${one.why}`}. Before: {wasWords(one.was)}
                </Box>
            ))}
        </Box>
    );
}

const Unjudged = () => <span style={{ color: 'var(--ink-soft)' }}>not judged</span>;

const chancesOf = (trial: Trial, layer: string | undefined): string | undefined => {
    const chances = trial.predicted.layers.find((one) => one.layer_id === layer)?.chances;
    return chances === undefined ? undefined : chanceWords(chances);
};

/** What stood there before a correction, in words; what was measured is told by its names. */
function wasWords(was: Record<string, unknown>): string {
    const words: Record<string, string> = { made_on: 'made on', set_step: 'set', sweetness: 'sweetness', sharpness: 'sharpness', remark: 'remark', verdict: 'verdict', next: 'next' };
    const told = Object.entries(was).flatMap(([key, value]) => {
        const name = words[key];
        if (name === undefined) return [];
        return [`${name} ${value === null || value === '' ? 'not said' : key === 'set_step' ? (LADDER[Number(value)] ?? '') : typeof value === 'string' || typeof value === 'number' ? value : '…'}`];
    });
    return told.length > 0 ? told.join(', ') : 'other figures';
}
