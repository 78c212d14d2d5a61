import { describe, expect, it } from 'vitest';
import { chanceWords } from './chances';

describe('chances of a set', () => {
    it('are said likeliest first, and what is unlikely is not', () => {
        expect(chanceWords([0, 0.01, 0.04, 0.05, 0.2, 0.65, 0.05])).toBe('clean slice 65 %, soft slice 20 %, holds or pipes 5 %, hard 5 %');
        expect(chanceWords([1, 0, 0, 0, 0, 0, 0])).toBe('pours 100 %');
    });
});
