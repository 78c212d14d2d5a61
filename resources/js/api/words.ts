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
