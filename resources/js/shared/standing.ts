import type { DietVerdict } from '../api/types';

export function standing(verdict: DietVerdict): 'met' | 'not met' | 'unproven' {
    return verdict.met ? 'met' : verdict.because.length > 0 ? 'not met' : 'unproven';
}
