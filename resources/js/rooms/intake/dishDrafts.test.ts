import { beforeEach, describe, expect, it } from 'vitest';
import { tellWho } from '../../shared/own';
import { begun, called, keep, kept, withText } from './dishDrafts';

beforeEach(() => {
    localStorage.clear();
    tellWho(1);
});

describe('drafts of new dishes', () => {
    it('lie side by side: what is brought in writes over nothing', () => {
        const first = { ...begun('100 g sugar'), title: 'Curd' };
        const both = withText([first], '200 g cream');
        expect(both.map((one) => one.lines)).toEqual(['200 g cream', '100 g sugar']);
        expect(withText(both, '100 g sugar').map((one) => one.title)).toEqual(['Curd', '']);
    });

    it('are kept for the one who typed them, and not shown to another', () => {
        keep([begun('mine')]);
        tellWho(2);
        expect(kept()).toEqual([]);
        keep([begun('theirs')]);
        tellWho(1);
        expect(kept().map((one) => one.lines)).toEqual(['mine']);
    });

    it('that hold nothing are not kept, and what is no draft is not read', () => {
        keep([begun(), begun(' ')]);
        expect(kept()).toEqual([]);
        localStorage.setItem('of-1:new-dishes', '[7, {"lines": 3}, {"id": "a", "lines": "5 g salt"}]');
        expect(kept().map((one) => one.lines)).toEqual(['5 g salt']);
        localStorage.setItem('of-1:new-dishes', 'no JSON');
        expect(kept()).toEqual([]);
    });

    it('are called by their name, or by how they begin', () => {
        expect(called({ ...begun('x'), title: ' Curd ' })).toBe('Curd');
        expect(called(begun('\n  100 g sugar\n50 g salt'))).toBe('100 g sugar');
        expect(called(begun())).toBe('an empty one');
        expect(called(begun('a'.repeat(45)))).toHaveLength(44);
        expect(called(begun('a'.repeat(44)))).toBe('a'.repeat(44));
    });
});
