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

/** Those asked for most stand first. */
export const DIETS = [
    {
        "id": "vegan",
        "name": "Vegan"
    },
    {
        "id": "eggless",
        "name": "Eggless"
    },
    {
        "id": "gluten-free",
        "name": "Gluten-free"
    },
    {
        "id": "keto",
        "name": "Keto"
    },
    {
        "id": "high-protein",
        "name": "High protein"
    },
    {
        "id": "vegetarian",
        "name": "No gelatin (vegetarian)"
    },
    {
        "id": "dairy-free",
        "name": "Dairy-free"
    },
    {
        "id": "nut-free",
        "name": "Nut-free"
    },
    {
        "id": "soy-free",
        "name": "Soy-free"
    },
    {
        "id": "alcohol-free",
        "name": "Alcohol-free"
    },
    {
        "id": "reduced-sugar",
        "name": "Reduced sugar"
    },
    {
        "id": "low-fat",
        "name": "Low fat"
    },
    {
        "id": "raw",
        "name": "Raw"
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
        "words": "bake 150 C still",
        "name": "baked at 150 °C"
    },
    {
        "words": "bake 170 C still",
        "name": "baked at 170 °C"
    },
    {
        "words": "boil 2 min stirred; bake 150 C still",
        "name": "boiled 2 min, then baked at 150 °C"
    },
    {
        "words": "whip; bake 150 C still",
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
    "caramel": "boiled sugar"
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
