/** Shapes the server answers with. Masses in g, temperatures in °C, fractions in g per 100 g, money in minor units. */
export type Job = 'set' | 'sweet' | 'fat' | 'acid' | 'air' | 'protein' | 'firm' | 'water' | 'brown' | 'colour';

export interface FormulaLine {
    /** A ULID, given once and kept; left out where the server is to give it. */
    id?: string;
    text: string;
    ingredient: string | null;
    grams: number | null;
    trace: string;
    confidence: 'sure' | 'likely' | 'guess';
    prep: string[];
    pinned: boolean;
    reason: string | null;
    suggestions: string[];
    /** What a guess does not account for. */
    doubt?: string | null;
}

export interface FormulaLayer {
    id?: string;
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
    measures: 'us' | 'metric' | 'au' | 'uk' | 'in' | 'ca';
    portions: number;
    serve_at_c: number;
    layers: FormulaLayer[];
    method: { id?: string; text: string }[];
    measured?: { ingredient: string; brix: number | null; acid: number | null }[];
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
    /** Share of the layer's set that goes with the line, by mechanism. */
    set_by: Record<string, number>;
}

/** Hours from going into the cold. */
export interface Cooling {
    from_c: number;
    air_c: number;
    height_mm: number;
    firm_h: number | null;
    firm_at_c: number | null;
    core_8c_h: number | null;
    h_57_to_21: number | null;
    h_57_to_5: number | null;
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
    set_20c: { ge: number; step: string; step_index: number } | null;
    balance: { brix: number; ratio: number | null; brima: number | null; brima_se: number | null; word: string };
    crystals: Record<string, { per_100g_water: number; dissolves_5c: number; dissolves_20c: number | null; most_g: number; over: boolean }>;
    richness: { dry_matter: number; solid_fat_5c: number; solid_fat_35c: number; firm_fat: number };
    air: number;
    height_mm: number;
    thermal: { conductivity_w_mk: number; density_kg_m3: number; specific_heat_kj_kgk: number };
    cooling: Cooling;
    ripening: { h: number; share: number; ge: number; step: string }[] | null;
    frozen: { ice_share_minus18: number; ice_share_minus10: number; word: string; scoops_at_c: number; temper_min: number } | null;
    /** The water phase as a syrup: it thickens and never sets. */
    syrup: { solids: number; mpas_20c: number; word: string } | null;
    aftertaste: { cooling_j_g: number; cold: string; bitter: string; of_ceiling: Record<string, number> };
    pan: { pan_mm: number; watts: number; gentle: boolean; thickens_min: number | null; done_min: number | null; boil_min: number | null; margin_s: number | null; climbs_c_min: number } | null;
    cooking: { thickens_c: number; done_c: number; curdles_c: number; may_boil: boolean; starch: string; safe_c: number } | null;
    keeping: { days: number; keep_cold: boolean; reasons: { rule: string; days: number; words: string }[] };
    cost_minor: number;
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
    proven: string[];
}

export interface Reading {
    title: string;
    family: string;
    portions: number;
    layers: LayerReading[];
    portion: Facts;
    per_100g: Facts;
    us: Record<string, number> & { micronutrients: Record<string, { value: number; unknown: string[] }> };
    /** What has to be answered before anything is stated of the dish. */
    questions: string[];
    allergens: { unknown: string[]; contains: string[]; may_contain: string[]; by_regime: Record<'eu' | 'us', { contains: Record<string, string[]>; may_contain: Record<string, string[]> }> };
    claims: { claim: string; regime: string; standing: 'met' | 'not met' | 'unproven'; value: number; unit: string; condition: string; note: string }[];
    cooling: Cooling | null;
    keeps_days: number;
    diets: Record<string, DietVerdict>;
    unresolved: { line: number; text: string; reason: string }[];
    provisional: { line: number; text: string; ingredient: string; doubt: string | null }[];
}

export interface SectionShape {
    width_mm: number;
    cut: boolean;
    height_mm: number | null;
    fill: number | null;
    shape: string;
    layers: { name: string; height_mm: number; kind: string }[];
}

/** A treatment a page offers, in the text form's own words. */
export interface TreatmentChoice {
    words: string;
    name: string;
}

export interface Side {
    /** What is done to each layer, in a cook's words. */
    treated: string[];
    formula: Formula;
    reading: Reading;
    section: SectionShape;
    names: Record<string, string>;
    /** Ingredients a refractometer and a titration can speak for. */
    fruit: string[];
    /** What a line that is not sure may mean: a name that is read back as just that, and what 100 g hold. */
    candidates: Record<string, Candidate>;
}

/** One side of made or bought. */
export interface Beside {
    id: string;
    name: string;
    minor_per_kg: number | null;
    glance: string;
    allergens: string[];
    not: string[];
    ask: string[];
}

/** A preparation as it was typed. */
export interface PreparationInput {
    name: string;
    text: string;
    yield_g: number | null;
    boiled_off: boolean;
    keeps_days: number | null;
    beside: string | null;
}

/** What of a pasted recipe is not written in so many words, and why it is taken so. */
export interface Inference {
    what: 'title' | 'family' | 'measures' | 'portions' | 'serve at' | 'treat' | 'tin' | 'loss';
    layer: number | null;
    value: string;
    because: string;
}

/** A text as it is read, before it is kept. */
export type TextReading = Side & { watch: Warning[]; treatments: TreatmentChoice[]; inferred: Inference[]; aside: string[]; others: string[]; text: string | null };

export interface Candidate {
    name: string;
    called: string;
    glance: string;
}

export interface Warning {
    rule: string;
    severity: 'stop' | 'attention' | 'note';
    text: string;
    layer: number | null;
    cure: { action: string; ingredient: string; grams?: number; for?: string } | null;
    /** What the cure does, for its button; absent where it is not offered. */
    cure_words?: string | null;
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

export interface Aims {
    sweetness: number;
    set: number;
    sharpness: number;
    richness: number;
}

export interface Brief {
    diets: string[];
    net_carbs_g: number | null;
    protein_g: number | null;
    kcal: number | null;
    sugars_g?: number | null;
    fat_g?: number | null;
    aims?: Aims;
    without?: string[];
}

/** Routes, or what stands in their way and the nearest that can be had. */
export interface Answer {
    brief: Brief;
    routes: Route[];
    blocked: Blocked[];
    proposals: { words: string; brief: Brief | null; portions: number | null }[];
}

/** A choice that is not the usual one, and where it acts. */
export interface SchoolAtWork {
    question: string;
    words: string;
    choice: string;
    acts: string;
}

export interface SchoolQuestion {
    words: string;
    acts: string;
    choices: Record<string, string>;
    default: string;
}

export interface Comparison {
    a: { id: number; name: string } & Side;
    b: { id: number; name: string } & Side;
    changes: ReadingChanges;
}

export interface Change {
    layer: string;
    out: { ingredient: string; name: string; grams: number }[];
    in: { ingredient: string; name: string; grams: number; weigh?: string | null }[];
    why: string;
}

export interface Trial {
    id: number;
    version_id: number;
    /** The revision of the version that was made. */
    revision: number;
    made_on: string;
    set_step: number;
    set_word: string;
    sweetness: string;
    sharpness: string;
    remark: string;
    predicted: { layer: string; ge: number | null; step_index: number | null; step: string; se: number; ph: number | null };
}

/** One state of a version, never written over. */
export interface RevisionEntry {
    number: number;
    /** The revision it was made from. */
    from: number | null;
    kind: string;
    words: string[];
    author: string;
    at: string;
    trials: number;
    is_head: boolean;
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
        notes: string;
        wanted: Record<string, Record<string, number>>;
        schools: Record<string, string>;
        schools_at_work: SchoolAtWork[];
        /** What a window must have seen to write: grows with every change. */
        revision: number;
        /** Where it stands in its history. */
        standing: { number: number; can_undo: boolean; can_redo: boolean };
        /** The revision of the original it aims at; for the original, who aims at an earlier one. */
        aim: { number: number | null; is_behind: boolean; behind: { id: number; name: string }[] };
        saved_at: string;
    };
    lineage: { id: number; name: string; parent_id: number | null; aims_at: number | null }[];
    now: Side;
    original: Side & { version_id: number; name: string };
    /** What tells the layers apart, in their order: two may have one name. */
    layer_keys: string[];
    rails: Record<number, Rail[]>;
    watch: Warning[];
    changed_ingredients: { id: string; name: string }[];
    trials: Trial[];
}

/** What stands between a dish and its brief. */
export interface Blocked {
    what: string;
    number: number;
    unit: string;
    reason: string;
    nearest: string;
    because: string[];
}

/** One job of one layer after a swap, and whether anything pays it. */
export interface Debt {
    job: string;
    layer: string;
    layer_index: number;
    amount: number;
    unit: string;
    paid: number;
    from: string[];
    by: string[];
    critical: boolean;
    state: 'paid' | 'short' | 'lost';
    why: string;
}

export interface Route {
    id: string;
    name: string;
    mouth: string;
    fit: number;
    met: boolean;
    standing: 'met' | 'met_but' | 'missed';
    hash: string;
    debts: Debt[];
    /** What a cook has to hear first, worst first. */
    words: string[];
    near: string[];
    /** What it was guessed from, as questions. */
    guesses: string[];
    questions: string[];
    names: Record<string, string>;
    rails: Record<number, Rail[]>;
    blocked_by: string[];
    changes: Change[];
    steps: string[];
    effort_min: number;
    wait_h: number;
    new_allergens: string[];
    risks: number;
    watch: Warning[];
    cost_minor: number;
    portion: Facts;
    contains: string[];
    layers: { name: string; set: string; ge: number | null; se: number }[];
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
    revision: number;
    portions: number;
    portion_g: number;
    serve_at_c: number;
    brief: Brief;
    schools_at_work: SchoolAtWork[];
    tins: string[];
    ingredients: { layer: string; treat: string; lines: { grams: number; name: string; note: string; made_of: { grams: number; name: string }[] }[] }[];
    /** What is fetched before, by where it is kept; preparations opened to the end. */
    pull: { place: string; lines: { ingredient: string; name: string; grams: number; for: { what: string; grams: number }[] }[] }[];
    /** What the kitchen makes for itself, with its own steps. */
    preparations: { name: string; grams: number; steps: string[]; keeps_days: number }[];
    steps: string[];
    /** The dish's own method, as its maker wrote it. */
    own_method: string[];
    facts: { name: string; unit: string; portion: string; per_100g: string }[];
    open: string[];
    final: boolean;
    contains: string[];
    may_contain: string[];
    diets: { diet: string; standing: 'met' | 'not met' | 'unproven'; why: string[] }[];
    cautions: string[];
}

export interface NotebookEntry extends Trial {
    dish: string;
    version: string;
}

export type Mark = 'pub' | 'trade' | 'mem' | 'packet' | 'meas' | 'est';

/** One step of how a number came about. */
export interface TraceStep {
    label: string;
    value: number | null;
    unit: string;
    words: string;
    source: { mark: Mark; words: string; source: string } | null;
    inputs: TraceStep[];
}

export interface ReadingChanges {
    portion: { what: string; unit: string; was: number; now: number }[];
    layers: { layer: string; what: string; was: string; now: string }[];
    diets: { diet: string; was: string; now: string }[];
    allergens: { in: string[]; out: string[] };
}

export interface ShelfEntry {
    id: string;
    name: string;
    group: string;
    names: string[];
    jobs: string[];
    not: string[];
    ask: string[];
    mark: Mark;
    source: string;
    own: 'own' | 'corrected' | null;
}

export interface Sourced {
    mark: Mark;
    words: string;
    source: string;
}

export interface Curve {
    name: string;
    x: string;
    y: string;
    note: string;
    points: [number, number][];
}

export interface Evidence {
    id: number;
    diet: string;
    meets: boolean;
    note: string;
    seen_on: string;
    expires_on: string | null;
    who: string;
    expired: boolean;
}

export interface ShelfIngredient extends ShelfEntry {
    parts: ({ part: string; grams: number } & Sourced)[];
    sum: number;
    stated_kj: number | null;
    computed_kj: number;
    note: string | null;
    ph: ({ value: number } & Sourced) | null;
    micronutrients: ({ fact: string; value: number | null } & Partial<Sourced>)[];
    densities: ({ name: string; value: number } & Sourced)[];
    units: ({ name: string; value: number } & Sourced)[];
    functions: ({ name: string; value: number } & Sourced)[];
    agents: Record<string, string>[];
    sweetener: Record<string, string>[];
    diets: { diet: string; standing: 'met' | 'not met' | 'unproven'; why: string }[];
    allergens: { eu: string[]; us: string[]; may_contain: string[]; cereals: string[] };
    price: ({ minor_per_kg: number } & Sourced) | null;
    based_on: string | null;
    /** What the law or a codex asks of what is sold under this name. */
    /** Present where the studio makes it: its lines in g per 1000 g of it. */
    preparation: { lines: { ingredient: string; name: string; grams: number }[]; steps: string[]; yield: number; keeps_days: number; beside: { made: Beside; bought: Beside } | null } | null;
    standards: { fact: string; rule: 'min' | 'max'; value: number; source: string; ours: number }[];
    curves: Curve[];
    packet: Packet | null;
    used_in: { version_id: number; version: string; dish: string }[];
    evidence: Evidence[];
}

/** A packet as it is typed; what is not on it is null. */
export interface Packet {
    name: string;
    like: string | null;
    serving_g: number | null;
    carbohydrate_with_fibre: boolean;
    price_minor_per_kg: number | null;
    allergens: string[] | null;
    may_contain: string[] | null;
    source: string | null;
    [field: string]: string | number | boolean | string[] | null;
}

export interface PacketCheck {
    estimates: { field: string; words: string }[];
    stated_kj: number | null;
    computed_kj: number;
    energy_note: string | null;
    ingredient: ShelfIngredient;
}
