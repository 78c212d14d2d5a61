import { describe, expect, it } from 'vitest';
import contract from '../../../../docs/openapi.json';
import { auditWords } from './auditWords';

/** Sent as a write for their size and change nothing, or are somebody's own: an exercise, a seat at a tasting, of which nobody is told who sat there. */
const READS = ['POST readings', 'POST readings/heading', 'POST shelf/check', 'POST preparations/check', 'POST versions/{version}/routes', 'POST versions/{version}/faults', 'POST exercises', 'POST exercises/{exercise}/answer', 'POST tables/{code}/seats', 'PUT tables/{code}/seats/{number}'];

describe('who did what', () => {
    it('has words for every address that changes something', () => {
        const writes = Object.entries(contract.paths).flatMap(([path, operations]) =>
            Object.keys(operations)
                .filter((method) => ['post', 'put', 'patch', 'delete'].includes(method))
                .map((method) => `${method.toUpperCase()} ${path.replace('/api/', '')}`),
        );
        expect(writes.length).toBeGreaterThan(50);
        expect(writes.filter((what) => !READS.includes(what) && auditWords(what) === what)).toEqual([]);
    });
});
