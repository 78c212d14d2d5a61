import type { Job } from '../../api/types';

/** What is left out: less than this of a job is noise. */
const NOISE = 0.01;

type Line = { jobs: Record<Job, number> | null };

/**
 * What each line does of a job, so that all of them add up to 1. It is found by taking a line away alone; what lines only do together is found at
 * each of them, and `together` is by how much that says more than there is.
 */
export function sharesOf(lines: readonly Line[], job: Job): { shares: number[]; together: number } {
    const alone = lines.map((line) => Math.max(0, line.jobs?.[job] ?? 0));
    const sum = alone.reduce((all, one) => all + one, 0);
    return { shares: alone.map((one) => (sum > 0 && one / sum >= NOISE ? one / sum : 0)), together: Math.max(0, sum - 1) };
}
