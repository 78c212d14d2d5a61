/** Sizes of a sheet: what is left between its margins of 14 mm stands on the screen as it prints. */
export const SHEETS = { a4: { name: 'A4', page: 'A4', wide: 'calc(210mm - 28mm)' }, letter: { name: 'US Letter', page: 'letter', wide: 'calc(8.5in - 28mm)' } } as const;

export type SheetId = keyof typeof SHEETS;

/** What stands at the foot of every page, as CSS writes a string. */
export const footed = (text: string): string => `"${text.replace(/[^\p{L}\p{N}\p{P}\p{Zs}]/gu, '').replace(/\\/g, '').replace(/"/g, '”')}"`;

/** Where this machine keeps the sheet it prints on, as it was chosen on the Pass. */
export const SHEET_KEY = 'paper-size';

export const sheetOf = (text: string | null): SheetId => (text === 'letter' ? 'letter' : 'a4');

/** The sheet this machine prints on. */
export const sheetHere = (): SheetId => sheetOf(localStorage.getItem(SHEET_KEY));
