/** What leaves the kitchen on paper, in the order it is wanted. */
export const PAPERS = [
    { id: 'card', name: 'Recipe card', says: 'grams, method, a portion, cautions' },
    { id: 'batch', name: 'Batch card', says: 'boxes to weigh, to read and to sign' },
    { id: 'method', name: 'Method', says: 'step by step, what is watched' },
    { id: 'pull', name: 'Pull list', says: 'what to fetch, by where it is' },
    { id: 'label', name: 'Label', says: 'for six markets' },
    { id: 'specification', name: 'Specification', says: 'for a customer who asks' },
    { id: 'cost', name: 'Cost', says: 'a portion, and what is left of its price' },
    { id: 'files', name: 'Files', says: 'for other programs' },
] as const;

export type PaperId = (typeof PAPERS)[number]['id'];

export const paperOf = (id: string | undefined): PaperId => PAPERS.find((one) => one.id === id)?.id ?? 'card';

/** Sizes of a sheet: what is left between its margins of 14 mm stands on the screen as it prints. */
export const SHEETS = { a4: { name: 'A4', page: 'A4', wide: 'calc(210mm - 28mm)' }, letter: { name: 'US Letter', page: 'letter', wide: 'calc(8.5in - 28mm)' } } as const;

export type SheetId = keyof typeof SHEETS;

/** What stands at the foot of every page, as CSS writes a string. */
export const footed = (text: string): string => `"${text.replace(/[^\p{L}\p{N}\p{P}\p{Zs}]/gu, '').replace(/\\/g, '').replace(/"/g, '”')}"`;
