import { describe, expect, it } from 'vitest';
import { Problem } from '../api/client';
import { recipeText } from './recipeFile';

const file = (parts: (string | Uint8Array<ArrayBuffer>)[], name = 'dish.txt') => new File(parts, name);
const refused = async (one: File): Promise<Problem> => {
    const error: unknown = await recipeText(one).then(() => null, (wrong: unknown) => wrong);
    if (!(error instanceof Problem)) throw new Error(`${one.name} was not refused`);
    return error;
};

describe('a file of a recipe', () => {
    it('is read in UTF-8, with its mark or without, and in UTF-16', async () => {
        expect(await recipeText(file(['2 œufs']))).toBe('2 œufs');
        expect(await recipeText(file([new Uint8Array([0xef, 0xbb, 0xbf]), '1 egg']))).toBe('1 egg');
        expect(await recipeText(file([new Uint8Array([0xff, 0xfe, 0x31, 0, 0x20, 0, 0x65, 0])]))).toBe('1 e');
    });
    it('is read as the page itself declares, and refused where nothing does', async () => {
        const cafe = new Uint8Array([0x63, 0x61, 0x66, 0xe9]);
        expect(await recipeText(file(['<meta charset="windows-1252">', cafe]))).toContain('café');
        expect((await refused(file([cafe]))).message).toContain('no text');
        expect((await refused(file(['<meta charset="moon">', cafe]))).message).toContain('no text');
    });
    it('is refused by what it is, with what to do instead', async () => {
        for (const [begins, word] of [[[0x50, 0x4b, 3, 4], 'packed'], [[0x1f, 0x8b, 8], 'packed'], [[0x25, 0x50, 0x44, 0x46], 'PDF'], [[0xff, 0xd8, 0xff, 0xe0], 'picture']] as const) {
            const error = await refused(file([new Uint8Array(begins)]));
            expect(error.message).toContain(word);
            expect(error.mend).not.toBe('');
        }
        expect((await refused(file([]))).message).toContain('empty');
        expect((await refused(file(['a\0b']))).message).toContain('no text');
        expect((await refused(file(['x'.repeat(5_000_001)]))).message).toContain('5 MB');
    });
    it('of a long page takes only what it says of its recipes, and runs nothing', async () => {
        const said = '<script type="application/ld+json">{"@type":"Recipe"}</script>';
        const page = `<html><script>window.broken = true</script>${said}<p>${'word '.repeat(80_000)}</p></html>`;
        expect(await recipeText(file([page], 'page.html'))).toBe(`<html>${said}</html>`);
        expect('broken' in window).toBe(false);
        expect((await refused(file(['word '.repeat(80_000)]))).message).toContain('too long');
    });
});
