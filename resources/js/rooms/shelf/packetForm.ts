import { minorOf, plainMoney } from '../../shared/money';
import { typedOrText } from '../../shared/numbers';
import type { ShelfIngredient } from '../../api/types';

export const PANEL: { field: string; name: string; unit: string; inner?: boolean }[] = [
    { field: 'energy_kj', name: 'Energy', unit: 'kJ' },
    { field: 'energy_kcal', name: 'Energy', unit: 'kcal' },
    { field: 'fat_g', name: 'Fat', unit: 'g' },
    { field: 'saturates_g', name: 'of which saturates', unit: 'g', inner: true },
    { field: 'carbohydrate_g', name: 'Carbohydrate', unit: 'g' },
    { field: 'sugars_g', name: 'of which sugars', unit: 'g', inner: true },
    { field: 'polyols_g', name: 'of which polyols', unit: 'g', inner: true },
    { field: 'starch_g', name: 'of which starch', unit: 'g', inner: true },
    { field: 'fibre_g', name: 'Fibre', unit: 'g' },
    { field: 'protein_g', name: 'Protein', unit: 'g' },
    { field: 'salt_g', name: 'Salt', unit: 'g' },
    { field: 'alcohol_g', name: 'Alcohol', unit: 'g' },
    { field: 'water_g', name: 'Water', unit: 'g' },
];

export interface PacketForm {
    name: string;
    like: string | null;
    perServing: boolean;
    serving: string;
    us: boolean;
    price: string;
    source: string;
    values: Record<string, string>;
    contains: string[];
    may: string[];
    /** Its list of ingredients, as printed. */
    declared: string;
    /** mg of SO₂ in 1 kg, as typed. */
    sulphites: string;
}

export const EMPTY_FORM: PacketForm = { name: '', like: null, perServing: false, serving: '', us: false, price: '', source: '', values: {}, contains: [], may: [], declared: '', sulphites: '' };

/** The form a packet was kept from, or a fresh one for an ingredient that is to be corrected. */
export function formOf(ingredient: ShelfIngredient | undefined): PacketForm {
    if (!ingredient) return EMPTY_FORM;
    const packet = ingredient.packet;
    const base = { ...EMPTY_FORM, name: ingredient.name, like: ingredient.own === 'own' ? ingredient.based_on : ingredient.id, contains: ingredient.allergens.eu, may: ingredient.allergens.may_contain };
    if (!packet) return { ...base, price: ingredient.price ? plainMoney(ingredient.price.minor_per_kg) : '' };
    return {
        ...base,
        name: packet.name ?? ingredient.name,
        perServing: typeof packet.serving_g === 'number',
        serving: packet.serving_g ? String(packet.serving_g) : '',
        us: packet.carbohydrate_with_fibre === true,
        price: packet.price_minor_per_kg ? plainMoney(packet.price_minor_per_kg) : '',
        source: packet.source ?? '',
        declared: packet.declared ?? '',
        sulphites: typeof packet.sulphites === 'number' ? String(packet.sulphites) : '',
        values: Object.fromEntries(PANEL.flatMap(({ field }) => (typeof packet[field] === 'number' ? [[field, String(packet[field])]] : []))),
    };
}

/** What the server is sent: figures as numbers, what is empty as not on the packet. */
export function packetOf(form: PacketForm): Record<string, unknown> {
    const price = typedOrText(form.price);
    return {
        name: form.name.trim(),
        like: form.like,
        serving_g: form.perServing ? typedOrText(form.serving) : null,
        carbohydrate_with_fibre: form.us,
        price_minor_per_kg: typeof price === 'number' ? minorOf(price) : null,
        allergens: form.contains,
        may_contain: form.may,
        source: form.source.trim() || null,
        declared: form.declared.trim() || null,
        sulphites: typedOrText(form.sulphites),
        ...Object.fromEntries(PANEL.map(({ field }) => [field, typedOrText(form.values[field] ?? '')])),
    };
}

/** Whether there is enough to ask what it makes: a panel, or of something that is like another what else its packet says. */
export function isWorthChecking(form: PacketForm): boolean {
    const says = PANEL.some(({ field }) => (form.values[field] ?? '').trim() !== '') || (form.like !== null && (form.declared.trim() !== '' || form.sulphites.trim() !== ''));
    return form.name.trim() !== '' && says && (!form.perServing || form.serving.trim() !== '');
}
