"""What a food is in a build: flour, a lean cheese, a sweetener, a raising agent.

Swaps and build checks speak of kinds, not of packages. A kind is guessed from the food's names;
the cook can say otherwise on the food.
"""

from typing import Final, Literal, get_args

FoodKind = Literal[
    "flour",
    "oat_flour",
    "oats",
    "nut_flour",
    "coconut_flour",
    "starch",
    "self_raising_flour",
    "mix",
    "fibre",
    "cocoa",
    "whey_powder",
    "protein_blend",
    "plant_protein",
    "collagen",
    "milk_powder",
    "sugar",
    "brown_sugar",
    "powdered_sugar",
    "syrup",
    "jam",
    "sprinkles",
    "confection",
    "sweetener",
    "brown_sweetener",
    "powdered_sweetener",
    "intense_sweetener",
    "butter",
    "spread",
    "oil",
    "oil_spray",
    "mayonnaise",
    "nut_butter",
    "peanut_powder",
    "nuts",
    "seeds",
    "chocolate",
    "protein_bar",
    "egg",
    "egg_white",
    "egg_yolk",
    "egg_replacer",
    "cream_cheese",
    "cream",
    "thick_yogurt",
    "cottage_cheese",
    "plant_yogurt",
    "cheese",
    "plant_cheese",
    "milk",
    "plant_milk",
    "creamer",
    "ice_cream",
    "mince",
    "poultry_mince",
    "poultry",
    "cured_meat",
    "deli_meat",
    "jerky",
    "meat",
    "fish",
    "plant_meat",
    "tofu",
    "legumes",
    "bread",
    "wrap",
    "pasta",
    "noodle",
    "rice",
    "potato",
    "crumbs",
    "cereal",
    "wafer",
    "cookie",
    "snack",
    "pie_crust",
    "fruit",
    "dried_fruit",
    "puree",
    "juice",
    "vegetable",
    "baking_powder",
    "baking_soda",
    "yeast",
    "gum",
    "gelatine",
    "pudding_mix",
    "whipped_topping",
    "salt",
    "spice",
    "seasoning_blend",
    "savoury_dust",
    "flavouring",
    "coffee",
    "acid",
    "sauce",
    "dressing",
    "dip",
    "stock",
    "alcohol",
    "soft_drink",
    "water",
    "other",
]
KINDS: Final[tuple[FoodKind, ...]] = get_args(FoodKind)

DRY_FACTOR: Final[dict[FoodKind, float]] = {
    # How much of the dry base a gram of what is dry counts for, where that is not 1 (common
    # practice for coconut flour, else from memory).
    "coconut_flour": 3.5,
    "fibre": 2.0,
    "potato": 2.0,
}
NEVER_BASE: Final[frozenset[FoodKind]] = frozenset(
    {
        # They dissolve or set, season or lift; they are fat or bits; they take water of their own.
        *("sugar", "brown_sugar", "powdered_sugar", "syrup", "jam", "sweetener"),
        *("brown_sweetener", "powdered_sweetener", "intense_sweetener", "gelatine", "collagen"),
        *("coffee", "salt", "spice", "seasoning_blend", "savoury_dust", "flavouring"),
        *("baking_powder", "baking_soda", "yeast", "gum", "stock", "butter", "spread", "oil"),
        *("oil_spray", "cream_cheese", "nut_butter", "chocolate", "sprinkles", "confection"),
        *("nuts", "seeds", "cookie", "wafer", "cereal", "snack", "protein_bar", "pie_crust"),
        *("pasta", "noodle", "rice", "legumes", "dried_fruit", "jerky", "cheese", "plant_cheese"),
        *("bread", "wrap", "mayonnaise", "dressing", "creamer", "egg", "egg_white", "egg_yolk"),
        *("mince", "poultry_mince", "poultry", "cured_meat", "deli_meat", "meat", "fish"),
        *("plant_meat", "tofu", "alcohol", "acid", "soft_drink", "water", "egg_replacer"),
    }
)
BASES: Final[frozenset[FoodKind]] = frozenset(
    {
        *("flour", "self_raising_flour", "mix", "fibre", "oat_flour", "oats", "nut_flour"),
        *("coconut_flour", "starch", "cocoa", "whey_powder", "protein_blend", "plant_protein"),
        *("milk_powder", "peanut_powder", "crumbs"),
    }
)
"""Dry base by their kind, whatever their label says of water."""
EGGS: Final[frozenset[FoodKind]] = frozenset({"egg", "egg_white", "egg_yolk"})
POWDERS: Final[frozenset[FoodKind]] = frozenset({"whey_powder", "protein_blend", "plant_protein"})
FLOURS: Final[frozenset[FoodKind]] = frozenset(
    {
        *("flour", "self_raising_flour", "mix", "oat_flour", "oats", "nut_flour"),
        *("coconut_flour", "starch"),
    }
)
ACIDS: Final[frozenset[FoodKind]] = frozenset(
    {
        *("thick_yogurt", "plant_yogurt", "acid", "fruit", "juice", "soft_drink", "cocoa"),
        *("syrup", "brown_sugar", "cottage_cheese"),
    }
)
POURED: Final[frozenset[FoodKind]] = frozenset(
    {
        *("milk", "plant_milk", "cream", "creamer", "thick_yogurt", "plant_yogurt", "egg_white"),
        *("juice", "oil", "stock", "acid", "sauce", "dressing", "syrup", "coffee", "alcohol"),
        *("soft_drink", "water", "flavouring"),
    }
)
"""An ounce of them might be a fluid ounce."""
SEASONINGS: Final[frozenset[FoodKind]] = frozenset(
    {
        "salt",
        "spice",
        "seasoning_blend",
        "savoury_dust",
        "flavouring",
        "coffee",
        "acid",
        "baking_powder",
        "baking_soda",
        "yeast",
        "gum",
        "gelatine",
        "stock",
        "water",
        "intense_sweetener",
        "oil_spray",
    }
)
"""Small lines that carry taste, rise or set: no solver moves them unless told to."""
MEATS: Final[frozenset[FoodKind]] = frozenset(
    {
        *("mince", "poultry_mince", "poultry", "cured_meat", "deli_meat", "jerky", "meat"),
        *("fish", "gelatine", "collagen"),
    }
)
