import { describe, expect, it } from 'vitest';
import { portionsOf } from './portions';

describe('portions', () => {
    it('are a whole number from 1 to 10000', () => {
        expect(portionsOf('12', '', 420)).toEqual({ count: 12, reason: '' });
        expect(portionsOf('10000', '', 420).reason).toBe('');
        for (const wrong of ['0', '10001', '2.5', 'abc', '']) expect(portionsOf(wrong, '', 420).reason).not.toBe('');
    });

    it('or by the grams in each', () => {
        expect(portionsOf('12', '35', 420)).toEqual({ count: 12, reason: '' });
        expect(portionsOf('', '34,5', 420)).toEqual({ count: 12, reason: '' });
        expect(portionsOf('12', '420', 420)).toEqual({ count: 1, reason: '' });
        expect(portionsOf('12', '421', 420).reason).toBe('All of it weighs 420 g');
        for (const wrong of ['0', '-3', 'abc', '0.01']) expect(portionsOf('12', wrong, 420).reason).not.toBe('');
    });
});
