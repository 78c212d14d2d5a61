import { Problem } from '../api/client';

/** Bytes of a file that is read at all. */
const MOST = 5_000_000;

/** Letters the server takes at once; of a longer page only what it says of its recipes is sent. */
const SENT = 380_000;

/** What a file begins with that is no text, and what to do instead. */
const NO_TEXT: { begins: number[]; is: string; mend: string }[] = [
    { begins: [0x50, 0x4b, 0x03, 0x04], is: 'is packed (a zip, or an office document)', mend: 'open it, copy the recipe and paste it, or save it as plain text' },
    { begins: [0x1f, 0x8b], is: 'is packed', mend: 'unpack it first' },
    { begins: [0x25, 0x50, 0x44, 0x46], is: 'is a PDF', mend: 'open it, copy the recipe and paste it' },
    { begins: [0x89, 0x50, 0x4e, 0x47], is: 'is a picture', mend: 'type what it shows; a picture is not read' },
    { begins: [0xff, 0xd8, 0xff], is: 'is a picture', mend: 'type what it shows; a picture is not read' },
];

const refuse = (file: File, is: string, mend: string) => new Problem(422, { detail: `“${file.name}” ${is}.`, field: 'file', mend });

/**
 * The text of a chosen file, to be read as a recipe: plain text, our JSON and table, schema.org as JSON or in a page.
 *
 * @throws Problem that says what the file is and what to do instead
 */
export async function recipeText(file: File): Promise<string> {
    if (file.size > MOST) throw refuse(file, 'is larger than 5 MB', 'choose the file of the recipe alone');
    const bytes = new Uint8Array(await file.arrayBuffer());
    if (bytes.length === 0) throw refuse(file, 'is empty', 'choose another');
    const packed = NO_TEXT.find((one) => one.begins.every((byte, n) => bytes[n] === byte));
    if (packed) throw refuse(file, packed.is, packed.mend);
    const text = decoded(bytes);
    if (text === null || text.includes('\0')) throw refuse(file, 'is no text that can be read', 'save it as plain text in UTF-8');
    return text.length <= SENT ? text : saidOfRecipes(file, text);
}

/** By its own declaration where it is not UTF-8, as a browser reads a page; null where it is neither. */
function decoded(bytes: Uint8Array): string | null {
    if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
    if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
    try {
        return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    } catch {
        const head = new TextDecoder('latin1').decode(bytes.subarray(0, 4096));
        const charset = /charset\s*=\s*["']?([\w-]+)/i.exec(head)?.[1];
        try {
            return charset === undefined ? null : new TextDecoder(charset).decode(bytes);
        } catch {
            return null;
        }
    }
}

/** What a long page says of its recipes, without the rest. Parsed, never run. */
function saidOfRecipes(file: File, page: string): string {
    const said = [...new DOMParser().parseFromString(page, 'text/html').querySelectorAll('script[type="application/ld+json"]')].map((one) => `<script type="application/ld+json">${one.textContent}</script>`).join('\n');
    if (said === '' || said.length > SENT) throw refuse(file, 'is too long to be one recipe', 'copy the recipe out of it and paste it');
    return `<html>${said}</html>`;
}
