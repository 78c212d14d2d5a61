// Made by bin/openapi from the core: not to be changed by hand.

/** Rungs of the set, from what pours. */
export const LADDER = [
    "pours",
    "coats a spoon",
    "spoonable",
    "holds or pipes",
    "soft slice",
    "clean slice",
    "hard"
] as const;

/** How a taste is judged. */
export const JUST = [
    "too little",
    "right",
    "too much"
] as const;

/** How a mass feels between tongue and palate. */
export const GRAINS = [
    "smooth",
    "a little grainy",
    "grainy",
    "lumpy"
] as const;

/** What becomes of what was tried. */
export const VERDICTS = [
    "keep",
    "change",
    "drop"
] as const;

/** What somebody can say of how it was made, where a fault is looked for. */
export const RUN_FACTS: readonly { id: string; words: string; low: number | null; high: number | null }[] = [
    {
        "id": "t_max_c",
        "words": "hottest °C",
        "low": -30,
        "high": 300
    },
    {
        "id": "boil_min",
        "words": "minutes at 95 °C or more",
        "low": 0,
        "high": 600
    },
    {
        "id": "join_c",
        "words": "°C where it was joined",
        "low": -20,
        "high": 200
    },
    {
        "id": "fold_c",
        "words": "°C where it was folded",
        "low": -20,
        "high": 120
    },
    {
        "id": "fold_to_fill_min",
        "words": "minutes from fold to fill",
        "low": 0,
        "high": 600
    },
    {
        "id": "pour_c",
        "words": "°C where it was poured",
        "low": -20,
        "high": 200
    },
    {
        "id": "oven_c",
        "words": "oven °C",
        "low": 0,
        "high": 350
    },
    {
        "id": "whip_c",
        "words": "°C where it was whipped",
        "low": -20,
        "high": 120
    },
    {
        "id": "cold_h",
        "words": "hours in the cold",
        "low": 0,
        "high": 8760
    },
    {
        "id": "core_c",
        "words": "core °C",
        "low": -40,
        "high": 150
    },
    {
        "id": "out_min",
        "words": "minutes out",
        "low": 0,
        "high": 10080
    },
    {
        "id": "out_c",
        "words": "°C where it stood",
        "low": -30,
        "high": 60
    },
    {
        "id": "yield_percent",
        "words": "yield %",
        "low": 1,
        "high": 300
    },
    {
        "id": "ph_found",
        "words": "pH found",
        "low": 0,
        "high": 14
    },
    {
        "id": "brix_found",
        "words": "°Brix found",
        "low": 0,
        "high": 100
    },
    {
        "id": "density_g_ml",
        "words": "density found, g per ml",
        "low": 0.05,
        "high": 3
    },
    {
        "id": "density_target_g_ml",
        "words": "density wanted, g per ml",
        "low": 0.05,
        "high": 3
    },
    {
        "id": "bath",
        "words": "water bath",
        "low": null,
        "high": null
    },
    {
        "id": "bowl_cold",
        "words": "cold bowl",
        "low": null,
        "high": null
    },
    {
        "id": "frozen",
        "words": "frozen",
        "low": null,
        "high": null
    }
];

/** Columns of a table of ingredients. */
export const SHELF_COLUMNS = [
    {
        "id": "name",
        "words": "name"
    },
    {
        "id": "like",
        "words": "is like (an ingredient of the shelf)"
    },
    {
        "id": "serving_g",
        "words": "grams of a serving, where the panel is of one"
    },
    {
        "id": "carbohydrate_with_fibre",
        "words": "whether carbohydrate counts the fibre (yes)"
    },
    {
        "id": "energy_kj",
        "words": "energy in kJ"
    },
    {
        "id": "energy_kcal",
        "words": "energy in kcal"
    },
    {
        "id": "fat_g",
        "words": "fat"
    },
    {
        "id": "saturates_g",
        "words": "saturates"
    },
    {
        "id": "carbohydrate_g",
        "words": "carbohydrate"
    },
    {
        "id": "sugars_g",
        "words": "sugars"
    },
    {
        "id": "polyols_g",
        "words": "polyols"
    },
    {
        "id": "starch_g",
        "words": "starch"
    },
    {
        "id": "fibre_g",
        "words": "fibre"
    },
    {
        "id": "protein_g",
        "words": "protein"
    },
    {
        "id": "salt_g",
        "words": "salt"
    },
    {
        "id": "alcohol_g",
        "words": "alcohol"
    },
    {
        "id": "water_g",
        "words": "water"
    },
    {
        "id": "price_minor_per_kg",
        "words": "price in minor units a kg"
    },
    {
        "id": "allergens",
        "words": "allergens, a semicolon between"
    },
    {
        "id": "may_contain",
        "words": "may contain"
    },
    {
        "id": "declared",
        "words": "its list of ingredients, as printed"
    },
    {
        "id": "sulphites",
        "words": "sulphites, mg of SO₂ a kg"
    },
    {
        "id": "also_called",
        "words": "also called"
    },
    {
        "id": "source",
        "words": "where it is from"
    }
] as const;

/** Where a label is printed for. */
export const LABELS = [
    {
        "id": "eu",
        "name": "European Union"
    },
    {
        "id": "uk",
        "name": "United Kingdom"
    },
    {
        "id": "us",
        "name": "United States"
    },
    {
        "id": "ca",
        "name": "Canada"
    },
    {
        "id": "anz",
        "name": "Australia and New Zealand"
    },
    {
        "id": "in",
        "name": "India"
    }
] as const;

/** Those asked for most stand first; who must not rely on one, and whom they ask. */
export const DIETS = [
    {
        "id": "vegan",
        "name": "Vegan",
        "caution": "Vegan is no allergy statement: traces of milk and egg are not computed."
    },
    {
        "id": "eggless",
        "name": "Eggless",
        "caution": "Eggless by its lines is no statement for an egg allergy: traces are not computed."
    },
    {
        "id": "gluten-free",
        "name": "Gluten-free",
        "caution": "For coeliac guests it needs certified inputs and a controlled kitchen: no calculation shows 20 mg/kg."
    },
    {
        "id": "keto",
        "name": "Keto",
        "caution": "Net carbohydrate is computed from typical values. Who keeps to it for an illness, or doses insulin by it, goes by their clinic."
    },
    {
        "id": "high-protein",
        "name": "High protein",
        "caution": "Protein is limited in kidney disease: such a guest asks their clinic first."
    },
    {
        "id": "vegetarian",
        "name": "No gelatin (vegetarian)",
        "caution": "By what the lines are made of; what a packet does not tell is asked of its maker."
    },
    {
        "id": "dairy-free",
        "name": "Dairy-free",
        "caution": "Dairy-free is no statement for a milk allergy: traces are not computed, and lactose-free is another matter."
    },
    {
        "id": "nut-free",
        "name": "Nut-free",
        "caution": "Nut-free by its lines is no statement for a nut allergy: traces are not computed, and every packet is read."
    },
    {
        "id": "soy-free",
        "name": "Soy-free",
        "caution": "Soy-free by its lines is no statement for a soy allergy: traces are not computed."
    },
    {
        "id": "alcohol-free",
        "name": "Alcohol-free",
        "caution": "Extracts and essences may be made with alcohol: the packet is asked. For faith or recovery, none at all is another thing than little."
    },
    {
        "id": "reduced-sugar",
        "name": "Reduced sugar",
        "caution": "Less sugar is no food for diabetes by itself: starch and polyols count too, and doses are a clinic’s matter."
    },
    {
        "id": "low-fat",
        "name": "Low fat",
        "caution": "For an illness of the pancreas or gall bladder the clinic’s own limit counts."
    },
    {
        "id": "raw",
        "name": "Raw",
        "caution": "Raw is not kept safe by heat: not for pregnant, very young, old or ill guests without your local code’s word."
    }
] as const;
export type Diet = (typeof DIETS)[number]['id'];

/** The five that a dish is asked for most, side by side in the Spread. */
export const FIVE = [
    "vegan",
    "eggless",
    "gluten-free",
    "keto",
    "high-protein"
] as const;

/** Diets that are a matter of how much a portion holds: no ingredient meets or misses them by itself. */
export const BY_AMOUNT: readonly string[] = [
    "high-protein",
    "reduced-sugar",
    "low-fat"
];

/** What kinds of dish there are. */
export const FAMILIES = [
    "curd",
    "cream",
    "mousse",
    "cheesecake",
    "custard",
    "other"
] as const;

/** Whose cups and spoons. */
export const MEASURES = [
    {
        "id": "us",
        "name": "US (cup 237 ml, spoon 14.8)"
    },
    {
        "id": "metric",
        "name": "Metric (cup 250 ml, spoon 15)"
    },
    {
        "id": "au",
        "name": "Australian (cup 250 ml, spoon 20)"
    },
    {
        "id": "uk",
        "name": "UK (imperial ounces and pints)"
    },
    {
        "id": "in",
        "name": "Indian (cup 240 ml, spoon 15)"
    },
    {
        "id": "ca",
        "name": "Canadian (cup 250 ml, imperial pint)"
    }
] as const;

/** What is done to a layer, in the words of its grammar, and what that is called. */
export const TREATMENTS = [
    {
        "words": "none",
        "name": "nothing: mixed or pressed cold"
    },
    {
        "words": "melt",
        "name": "melted together, warm"
    },
    {
        "words": "whip",
        "name": "whipped"
    },
    {
        "words": "cook to 82 C stirred",
        "name": "cooked to 82 °C, stirred"
    },
    {
        "words": "boil 2 min stirred",
        "name": "boiled 2 min, stirred"
    },
    {
        "words": "bake 150 C",
        "name": "baked at 150 °C"
    },
    {
        "words": "bake 170 C",
        "name": "baked at 170 °C"
    },
    {
        "words": "boil 2 min stirred; bake 150 C",
        "name": "boiled 2 min, then baked at 150 °C"
    },
    {
        "words": "whip; bake 150 C",
        "name": "whipped, then baked at 150 °C"
    },
    {
        "words": "freeze -18 C",
        "name": "frozen at −18 °C"
    },
    {
        "words": "whip; freeze -18 C",
        "name": "whipped, then frozen at −18 °C"
    }
] as const;

/** Vessels a kitchen has, in the words of the grammar, by name. Sizes are those commonly sold. */
export const TINS = [
    {
        "name": "springform 18 cm (7 in)",
        "words": "round 180 x 65 mm"
    },
    {
        "name": "springform 20 cm (8 in)",
        "words": "round 200 x 65 mm"
    },
    {
        "name": "springform 23 cm (9 in)",
        "words": "round 230 x 65 mm"
    },
    {
        "name": "springform 26 cm (10 in)",
        "words": "round 260 x 65 mm"
    },
    {
        "name": "square tin 20 cm (8 in)",
        "words": "rect 200 x 200 x 50 mm"
    },
    {
        "name": "square tin 23 cm (9 in)",
        "words": "rect 230 x 230 x 50 mm"
    },
    {
        "name": "traybake tin 33 × 23 cm (13 × 9 in)",
        "words": "rect 330 x 230 x 50 mm"
    },
    {
        "name": "loaf tin 450 g (1 lb)",
        "words": "rect 180 x 90 x 60 mm"
    },
    {
        "name": "loaf tin 900 g (2 lb)",
        "words": "rect 230 x 130 x 70 mm"
    },
    {
        "name": "tart tin 23 cm (9 in)",
        "words": "round 230 x 30 mm"
    },
    {
        "name": "pie dish 23 cm (9 in)",
        "words": "round 230 x 40 mm"
    },
    {
        "name": "12 tartlet tins 8 cm",
        "words": "12 x round 80 x 20 mm"
    },
    {
        "name": "muffin tray of 12",
        "words": "12 x round 60 x 35 mm"
    },
    {
        "name": "6 ramekins 150 ml",
        "words": "6 x glass 150 ml"
    },
    {
        "name": "8 glasses 120 ml",
        "words": "8 x glass 120 ml"
    },
    {
        "name": "12 verrines 80 ml",
        "words": "12 x glass 80 ml"
    },
    {
        "name": "frame 60 × 40 cm",
        "words": "rect 600 x 400 x 45 mm"
    },
    {
        "name": "half frame 40 × 30 cm",
        "words": "rect 400 x 300 x 45 mm"
    }
] as const;

/** Forms an ingredient goes in as, where that changes what it does. */
export const FORMS = [
    {
        "id": "boiled",
        "name": "boiled with its liquid"
    },
    {
        "id": "heated",
        "name": "heated before it goes in"
    },
    {
        "id": "melted",
        "name": "melted"
    },
    {
        "id": "whipped",
        "name": "whipped and folded in"
    },
    {
        "id": "infused",
        "name": "infused and strained out"
    },
    {
        "id": "baked",
        "name": "baked"
    },
    {
        "id": "grated",
        "name": "grated"
    }
] as const;

/** What makes a layer set. */
export const MECHANISMS: Record<string, string> = {
    "gelatin": "gelatin",
    "egg": "heated egg",
    "starch": "starch paste",
    "agar": "agar",
    "iota": "iota carrageenan",
    "kappa": "kappa carrageenan",
    "lm-pectin": "low-methoxyl pectin",
    "hm-pectin": "high-methoxyl pectin",
    "soy": "soy protein set",
    "whey": "heat-set whey",
    "fat": "firm fat",
    "citrus": "casein set by acid",
    "cultured": "soured casein",
    "powder": "protein powder",
    "particles": "fibre and particles",
    "chia": "chia",
    "flax": "flax",
    "psyllium": "psyllium",
    "xanthan": "gum",
    "gellan": "gellan",
    "konjac": "konjac or locust bean",
    "methylcellulose": "methylcellulose",
    "air": "air",
    "frozen": "ice",
    "concentrate": "milk boiled down",
    "caramel": "boiled sugar",
    "alginate": "alginate with calcium"
};

/** What an ingredient is taken for. */
export const JOBS: Record<string, string> = {
    "sets": "sets",
    "thickens": "thickens",
    "sweetens": "sweetens",
    "enriches": "enriches",
    "whips": "whips",
    "sours": "sours",
    "protein": "brings protein",
    "flavours": "flavours",
    "base": "makes a base",
    "fruit": "fruit"
};

/** Terms in a cook’s words, then what the figure means, with the mark and source of what is said. */
export const GLOSSARY: Record<string, { name: string; plain: string; figure: string; mark: "pub" | "trade" | "mem"; source: string }> = {
    "se": {
        "name": "Sweetness (SE)",
        "plain": "How sweet it tastes, whatever sweetens it, as the sugar that would taste as sweet.",
        "figure": "Sucrose equivalent: g of sugar in 100 g that would taste as sweet. A lemon curd is about 30, a mousse 15 to 20.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "ge": {
        "name": "Set (GE)",
        "plain": "How firmly it holds, whatever makes it hold: egg, starch, gelatin, cold fat.",
        "figure": "Gelatin equivalent: the % of 200-bloom gelatin that would set water as firmly. From about 0.3 it coats a spoon, from about 1.5 it cuts clean.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "fit": {
        "name": "Fit",
        "plain": "How close a route comes to the original over everything that is measured. It never covers a job that is dead: what is lost is said beside it.",
        "figure": "0 to 100; 100 is the original itself. Each property loses by how many tolerances it is off.",
        "mark": "mem",
        "source": "docs/computation.md"
    },
    "unproven": {
        "name": "Unproven",
        "plain": "Nothing in it speaks against the diet, but a packet or a certificate has not been asked yet.",
        "figure": "A state of its own beside met and not met; it becomes met when the packet answers.",
        "mark": "mem",
        "source": "docs/computation.md"
    },
    "brix": {
        "name": "Brix",
        "plain": "What a refractometer shows: how much of it is dissolved, mostly sugar.",
        "figure": "°Brix: g dissolved in 100 g, read as sucrose.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "brima": {
        "name": "BrimA",
        "plain": "Sweet against sharp in fruit: dissolved sugar less a few times its acid.",
        "figure": "°Brix − 4 × g citric acid in 100 g. Higher tastes sweeter, lower sharper.",
        "mark": "mem",
        "source": "recalled: Jordan, Seelye and McGlone 2001, Food Technology 55"
    },
    "ph": {
        "name": "Acidity (pH)",
        "plain": "How acid it is. It decides whether milk curdles, what gels, and how long it keeps.",
        "figure": "pH 7 is neutral; lemon curd about 3.3; at 4.6 and under few germs of illness grow.",
        "mark": "pub",
        "source": "21 CFR 114.3"
    },
    "acid": {
        "name": "Sharpness",
        "plain": "How sour it tastes: all its acid, as if it were lemon's.",
        "figure": "g citric acid in 100 g that would hold as much acid.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "aw": {
        "name": "Water activity",
        "plain": "How free the water is for germs and moulds. Sugar and salt bind it.",
        "figure": "0 to 1; pure water is 1. Under 0.85 few germs of illness grow.",
        "mark": "pub",
        "source": "21 CFR 114.3 and 110.3"
    },
    "net-carbs": {
        "name": "Net carbs",
        "plain": "The carbohydrate a keto diet counts: without fibre and, by the school chosen, without polyols.",
        "figure": "g a portion.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "polyols": {
        "name": "Polyols",
        "plain": "Sugar alcohols: erythritol, xylitol, maltitol. Over some 20 g at once most upset a stomach; xylitol kills dogs.",
        "figure": "g a portion; EU labels warn above 10 %.",
        "mark": "pub",
        "source": "Regulation (EU) No 1169/2011 Annex III"
    },
    "firm-fat": {
        "name": "Firm fat",
        "plain": "The fat that is solid when it is eaten: what makes butter hold and coconut snap.",
        "figure": "g solid fat in 100 g at the temperature it is served at.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "free-fat": {
        "name": "Free fat",
        "plain": "Fat that nothing in it holds: it may split or weep.",
        "figure": "g in 100 g beyond what egg, lecithin and protein hold.",
        "mark": "mem",
        "source": "docs/computation.md"
    },
    "sugar-body": {
        "name": "Sugar body",
        "plain": "What sugar gives besides sweetness: weight on the tongue, moisture, softness when frozen.",
        "figure": "g in 100 g of everything that dissolves as sugar does.",
        "mark": "mem",
        "source": "docs/computation.md"
    },
    "moisture": {
        "name": "Moisture",
        "plain": "Water in it.",
        "figure": "g in 100 g.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "richness": {
        "name": "Richness",
        "plain": "Fat in it.",
        "figure": "g in 100 g.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "twin": {
        "name": "Twin",
        "plain": "What stands in for a thing like for like: plant cream for cream, coconut condensed milk for condensed milk.",
        "figure": "",
        "mark": "mem",
        "source": "docs/computation.md"
    },
    "bloom": {
        "name": "Bloom",
        "plain": "How strong a gelatin is.",
        "figure": "g that press a standard jelly in by 4 mm; leaves are 140 (bronze) to 250 (platinum).",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "overrun": {
        "name": "Overrun",
        "plain": "Air beaten in.",
        "figure": "% more volume than before it was beaten.",
        "mark": "trade",
        "source": "docs/practice.md"
    },
    "syneresis": {
        "name": "Weeping (syneresis)",
        "plain": "Water that a gel lets go as it stands or thaws.",
        "figure": "g in 24 h.",
        "mark": "trade",
        "source": "docs/practice.md"
    }
};

/** What a kitchen may share, so that what is handled may be carried. */
export const SHARED: Record<string, string> = {
    "mixers": "mixers and bowls",
    "oven": "oven and trays",
    "fryer": "a fryer",
    "tools": "boards, knives and spatulas",
    "air": "a room where flour or nuts are in the air"
};

/** Regulation (EU) No 1169/2011 Annex II. */
export const ALLERGENS: readonly string[] = [
    "gluten",
    "crustaceans",
    "eggs",
    "fish",
    "peanuts",
    "soybeans",
    "milk",
    "nuts",
    "celery",
    "mustard",
    "sesame",
    "sulphites",
    "lupin",
    "molluscs"
];

/** Where a step is done, and whether it is kept busy until what stands in it is done. */
export const STATIONS = [
    {
        "id": "bench",
        "runs": false
    },
    {
        "id": "hob",
        "runs": true
    },
    {
        "id": "oven",
        "runs": true
    },
    {
        "id": "mixer",
        "runs": true
    },
    {
        "id": "blender",
        "runs": true
    },
    {
        "id": "fridge",
        "runs": false
    },
    {
        "id": "freezer",
        "runs": false
    }
] as const;
