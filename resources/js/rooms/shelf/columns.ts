import { SHELF_COLUMNS } from '../../api/words';

/** The names in the first row of a table, in small letters as the server reads them; commas or semicolons between, quotes taken off. */
export function headOf(csv: string): string[] {
    const first = csv.replace(/^\uFEFF/, '').split(/\r?\n/, 1)[0] ?? '';
    const mark = first.split(';').length > first.split(',').length ? ';' : ',';
    const cells = first.match(new RegExp(`("(?:[^"]|"")*"|[^${mark}]*)(${mark}|$)`, 'g')) ?? [];
    return cells.map((cell) => cell.replace(new RegExp(`${mark}$`), '').trim().replace(/^"(.*)"$/s, '$1').replace(/""/g, '"').trim().toLowerCase()).filter((cell, n, all) => cell !== '' || n < all.length - 1);
}

const KNOWN = new Set<string>(SHELF_COLUMNS.map((one) => one.id));

/** What others call a column, as a spreadsheet of a wholesaler or an office might; the unit in brackets is looked at where it decides. */
const CALLED: [RegExp, string][] = [
    [/^ingredients$|ingredients? (list|declar)|declared/, 'declared'], [/sulph|sulf|\bso2\b/, 'sulphites'], [/^(name|product|article|item|ingredient|description)\b/, 'name'], [/kj/, 'energy_kj'], [/kcal|calories/, 'energy_kcal'], [/saturat/, 'saturates_g'], [/\bfat\b/, 'fat_g'], [/sugars?\b/, 'sugars_g'], [/polyol|sugar alcohol/, 'polyols_g'],
    [/starch/, 'starch_g'], [/carb/, 'carbohydrate_g'], [/fib(re|er)/, 'fibre_g'], [/protein/, 'protein_g'], [/salt/, 'salt_g'], [/alcohol/, 'alcohol_g'], [/water|moisture/, 'water_g'], [/may contain|traces/, 'may_contain'], [/allergen/, 'allergens'], [/serving/, 'serving_g'],
];

/** Which of our columns each of theirs is: as it was said before, by our own name, else by a guess that is shown as one; '' is left out. */
export function columnsFor(head: string[], remembered: Record<string, string>): Record<string, string> {
    const taken = new Set<string>();
    const of: Record<string, string> = {};
    for (const sure of [true, false]) {
        for (const theirs of head) {
            if (theirs in of) continue;
            const said = remembered[theirs] ?? (KNOWN.has(theirs) ? theirs : undefined);
            const ours = sure ? said : CALLED.find(([pattern, column]) => pattern.test(theirs) && !taken.has(column))?.[1] ?? '';
            if (ours === undefined || (ours !== '' && taken.has(ours))) continue;
            of[theirs] = ours;
            if (ours !== '') taken.add(ours);
        }
    }
    return Object.fromEntries(head.map((theirs) => [theirs, of[theirs] ?? '']));
}

/** Whether the table is called as ours: nothing has to be said of its columns then. */
export const isOurs = (head: string[]): boolean => head.includes('name') && head.every((one) => KNOWN.has(one));
