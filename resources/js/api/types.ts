/** Shapes the server answers with. Masses in g, temperatures in °C, fractions in g per 100 g, money in minor units. */
export type Job = 'set' | 'sweet' | 'fat' | 'acid' | 'air' | 'protein';

export interface FormulaLine {
    text: string;
    ingredient: string | null;
    grams: number | null;
    trace: string;
    confidence: 'sure' | 'likely' | 'guess';
    prep: string[];
    pinned: boolean;
    reason: string | null;
    suggestions: string[];
}

export interface FormulaLayer {
    name: string;
    treat: string;
    air: number | null;
    tin: string | null;
    loss: string | null;
    lines: FormulaLine[];
}

export interface Formula {
    title: string;
    family: string;
    measures: 'us' | 'metric' | 'au' | 'uk';
    portions: number;
    serve_at_c: number;
    layers: FormulaLayer[];
    method: string[];
}

export interface SetReading {
    ge: number | null;
    low: number | null;
    high: number | null;
    step: string;
    step_index: number | null;
    kind: string;
    mechanisms: { name: string; ge: number; share: number }[];
}

export interface LineReading {
    text: string;
    ingredient: string | null;
    grams: number | null;
    trace: string;
    confidence: string;
    jobs: Record<Job, number>;
}

export interface LayerReading {
    name: string;
    mass_g: number;
    volume_ml: number;
    water: number;
    protein: number;
    fat: number;
    sugars: number;
    starch: number;
    fibre: number;
    se: number;
    acid_citric: number;
    ph: number | null;
    aw: number;
    freezing_point_c: number | null;
    set: SetReading;
    lines: LineReading[];
}

export interface Facts {
    mass_g: number;
    kj: number;
    kcal: number;
    fat_g: number;
    saturates_g: number;
    carbohydrate_g: number;
    sugars_g: number;
    polyols_g: number;
    net_carbs_g: number;
    fibre_g: number;
    protein_g: number;
    salt_g: number;
    cost_minor: number;
}

export interface DietVerdict {
    met: boolean;
    unproven: string[];
    because: string[];
}

export interface Reading {
    title: string;
    family: string;
    portions: number;
    layers: LayerReading[];
    portion: Facts;
    per_100g: Facts;
    allergens: { contains: string[]; may_contain: string[] };
    diets: Record<string, DietVerdict>;
    unresolved: { line: number; text: string; reason: string }[];
}

export interface SectionShape {
    width_mm: number;
    cut: boolean;
    height_mm: number | null;
    fill: number | null;
    shape: string;
    layers: { name: string; height_mm: number; kind: string }[];
}

export interface Side {
    formula: Formula;
    reading: Reading;
    section: SectionShape;
    names: Record<string, string>;
}

export interface Warning {
    rule: string;
    severity: 'stop' | 'attention' | 'note';
    text: string;
    layer: number | null;
    cure: { action: string; ingredient: string } | null;
}

export interface Rail {
    property: string;
    unit: string;
    target: number;
    now: number;
    tolerance: number;
    residual: number;
    met: boolean;
    target_word: string;
    now_word: string;
    low: number | null;
    high: number | null;
}

export interface Brief {
    diets: string[];
    net_carbs_g: number | null;
    protein_g: number | null;
    kcal: number | null;
}

export interface Change {
    layer: string;
    out: { ingredient: string; name: string; grams: number }[];
    in: { ingredient: string; name: string; grams: number }[];
    why: string;
}

export interface Trial {
    id: number;
    version_id: number;
    made_on: string;
    set_step: number;
    set_word: string;
    sweetness: string;
    sharpness: string;
    remark: string;
    predicted: { layer: string; ge: number | null; step_index: number | null; step: string; se: number; ph: number | null };
}

export interface BenchData {
    version: {
        id: number;
        dish_id: number;
        dish_title: string;
        family: string;
        parent_id: number | null;
        name: string;
        brief: Brief;
        origin: { kind: string; route?: string; mouth?: string; fit?: number; changes?: Change[]; blocked_by?: string[] };
        revision: number;
        saved_at: string;
    };
    lineage: { id: number; name: string; parent_id: number | null }[];
    now: Side;
    original: Side & { version_id: number; name: string };
    rails: Record<string, Rail[]>;
    watch: Warning[];
    trials: Trial[];
}

export interface Route {
    id: string;
    name: string;
    mouth: string;
    fit: number;
    met: boolean;
    rails: Record<string, Rail[]>;
    blocked_by: string[];
    changes: Change[];
    steps: string[];
    effort_min: number;
    wait_h: number;
    new_allergens: string[];
    risks: number;
    watch: Warning[];
    cost_minor: number;
    diets: Record<string, DietVerdict>;
    section: SectionShape;
    formula: Formula;
}

export interface DishSummary {
    id: number;
    title: string;
    family: string;
    portions: number | null;
    portion_g: number | null;
    unresolved: number;
    section: SectionShape | null;
    made_of: { ingredient: string; grams: number }[][];
    versions: { id: number; name: string; parent_id: number | null; trials: number; verdict: string | null; found: string | null }[];
}

export interface Card {
    title: string;
    version: string;
    version_id: number;
    portions: number;
    portion_g: number;
    serve_at_c: number;
    brief: Brief;
    tins: string[];
    ingredients: { layer: string; treat: string; lines: { grams: number; name: string; note: string }[] }[];
    steps: string[];
    facts: { name: string; unit: string; portion: string; per_100g: string }[];
    contains: string[];
    may_contain: string[];
    diets: { diet: string; standing: 'met' | 'not met' | 'unproven'; why: string[] }[];
    cautions: string[];
}

export interface NotebookEntry extends Trial {
    dish: string;
    version: string;
}
