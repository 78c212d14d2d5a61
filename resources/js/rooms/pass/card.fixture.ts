import type { Card } from '../../api/types';

/** A card for the tests. */
export const card: Card = {
    is_own_words: false, changed_steps: [], quarrels: [], kitchen: { may_carry: [], words: 'Made where nuts are handled, with nothing shared' },
    title: 'Curd tartlet', version: 'Vegan 1', version_id: 2, revision: 3, revised_at: '2026-11-20T10:00:00Z', qr: null, portions: 12, portion_g: 68.2, portion_oz: 2.4, serve_at_c: 6, serve_at_f: 43, tins: ['12 x round 70 x 20 mm'],
    brief: { diets: ['vegan'], net_carbs_g: null, protein_g: null, kcal: null },
    ingredients: [{ layer: 'Curd', treat: 'boiled 2 min, stirred', lines: [{ grams: 0.96, us: '0.03 oz', name: 'Agar powder', note: 'boiled', made_of: [] }, { grams: 163.5, us: '5¾ oz · ⅔ cup', name: 'Passion-fruit juice', note: '', made_of: [{ grams: 10, name: 'Pulp' }] }] }],
    open: [], final: true, steps: ['Boil it.'], own_method: [], pull: [{ place: 'Dry store', lines: [{ ingredient: 'sugar', name: 'Sugar', grams: 65, for: [{ what: 'Curd', grams: 20 }, { what: 'House praline', grams: 45 }] }] }], preparations: [{ name: 'House praline', grams: 60, steps: ['Caramelise it.'], keeps_days: 60 }], facts: [{ name: 'Energy', unit: 'kJ', portion: '1087', per_100g: '1600' }], contains: ['gluten'], may_contain: ['nuts'],
    diets: [{ diet: 'vegan', standing: 'unproven', why: ['Plant butter: is it free of milk protein?'] }, { diet: 'keto', standing: 'not met', why: ['Sugar'] }],
    cautions: ['Keep at 5 °C or below.'],
    schools_at_work: [{ question: 'juice', words: 'Juice', choice: 'bottled or frozen is fine', acts: 'method: how the juice is named' }, { question: 'market', words: 'Sold in', choice: 'EU', acts: 'routes: which sweeteners may be used' }],
};
