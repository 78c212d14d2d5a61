import { counted } from '../numbers';

/** How the set found stands to the one foretold, in steps of the ladder; nothing is said of what nobody judged. */
export function compareStep(trial: { set_step: number | null; predicted: { step_index: number | null } }): { same: boolean; words: string } {
    if (trial.predicted.step_index === null || trial.set_step === null) return { same: true, words: '' };
    const off = trial.set_step - trial.predicted.step_index;
    if (off === 0) return { same: true, words: '✓ as foretold' };
    const steps = Math.abs(off);
    return { same: false, words: `${counted(steps, 'step')} ${off < 0 ? 'softer' : 'firmer'}` };
}
