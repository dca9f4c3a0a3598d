"""The demo shelf: invented packages. Every figure is a typical value, from memory."""

from typing import Any, Final

DEMO_FOODS: Final[dict[str, list[dict[str, Any]]]] = {
    "Carrot": [
        {
            "name": "Carrot, raw",
            "style": "table",
            "basis_g": 100,
            "kcal": 41,
            "protein_g": 0.9,
            "carbohydrate_g": 9.6,
            "fat_g": 0.2,
            "fibre_g": 2.8,
            "sugars_g": 4.7,
            "saturated_g": 0.03,
            "sodium_mg": 69,
        }
    ],
    "Wheat flour": [
        {
            "name": "Millrace plain flour",
            "style": "eu",
            "basis_g": 100,
            "kcal": 348,
            "protein_g": 10.5,
            "carbohydrate_g": 72,
            "fat_g": 1.2,
            "fibre_g": 3.2,
            "sugars_g": 0.7,
            "saturated_g": 0.2,
            "salt_g": 0.01,
        }
    ],
    "Milk-protein blend, vanilla": [
        {
            "name": "Tidewater milk protein, vanilla",
            "style": "us",
            "basis_g": 31,
            "kcal": 120,
            "protein_g": 23,
            "carbohydrate_g": 4,
            "fat_g": 1.5,
            "fibre_g": 1,
            "sugars_g": 2,
            "saturated_g": 0.5,
            "sodium_mg": 95,
        },
        {
            "name": "Slipway protein blend, vanilla",
            "style": "eu",
            "basis_g": 100,
            "kcal": 382,
            "protein_g": 76,
            "carbohydrate_g": 9.2,
            "fat_g": 4.4,
            "fibre_g": 0.9,
            "sugars_g": 5.1,
            "saturated_g": 2.6,
            "salt_g": 0.72,
        },
    ],
    "Quark": [
        {
            "name": "Northlight skim quark",
            "style": "eu",
            "basis_g": 100,
            "kcal": 67,
            "protein_g": 12,
            "carbohydrate_g": 4.0,
            "fat_g": 0,
            "fibre_g": 0,
            "sugars_g": 4.0,
            "saturated_g": 0,
            "salt_g": 0.1,
        },
        {
            "name": "Eastgate half-fat quark",
            "style": "eu",
            "basis_g": 100,
            "kcal": 104,
            "protein_g": 11,
            "carbohydrate_g": 3.7,
            "fat_g": 5.0,
            "fibre_g": 0,
            "sugars_g": 3.7,
            "saturated_g": 3.3,
            "salt_g": 0.09,
        },
    ],
    "Egg": [
        {
            "name": "Egg, large, shelled",
            "style": "us",
            "basis_g": 50,
            "kcal": 70,
            "protein_g": 6,
            "carbohydrate_g": 0,
            "fat_g": 5,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 1.5,
            "sodium_mg": 70,
        }
    ],
    "Rapeseed oil": [
        {
            "name": "Fieldhouse rapeseed oil",
            "style": "us",
            "basis_g": 14,
            "kcal": 120,
            "protein_g": 0,
            "carbohydrate_g": 0,
            "fat_g": 14,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 1,
            "sodium_mg": 0,
        }
    ],
    "Erythritol blend": [
        {
            "name": "Brightwater 1:1 sweetener",
            "style": "us",
            "basis_g": 4,
            "kcal": 0,
            "protein_g": 0,
            "carbohydrate_g": 4,
            "fat_g": 0,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 0,
            "sodium_mg": 0,
            "polyols_g": 4,
            "polyol": "erythritol",
        },
        {
            "name": "Brightwater powdered sweetener",
            "style": "eu",
            "basis_g": 100,
            "kcal": 0,
            "protein_g": 0,
            "carbohydrate_g": 99,
            "fat_g": 0,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 0,
            "salt_g": 0,
            "polyols_g": 99,
            "polyol": "erythritol",
        },
    ],
    "Light cream cheese": [
        {
            "name": "Harbour light cream cheese",
            "style": "us",
            "basis_g": 30,
            "kcal": 60,
            "protein_g": 2,
            "carbohydrate_g": 2,
            "fat_g": 4.5,
            "fibre_g": 0,
            "sugars_g": 2,
            "saturated_g": 3,
            "sodium_mg": 110,
        }
    ],
    "Baking powder": [
        {
            "name": "Larkspur baking powder",
            "style": "eu",
            "basis_g": 100,
            "kcal": 98,
            "protein_g": 0,
            "carbohydrate_g": 24,
            "fat_g": 0,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 0,
            "salt_g": 27.5,
        }
    ],
    "Cinnamon": [
        {
            "name": "Cinnamon, ground",
            "style": "table",
            "basis_g": 100,
            "kcal": 247,
            "protein_g": 4,
            "carbohydrate_g": 80.6,
            "fat_g": 1.2,
            "fibre_g": 53.1,
            "sugars_g": 2.2,
            "saturated_g": 0.3,
            "sodium_mg": 10,
        }
    ],
    "Salt": [
        {
            "name": "Salt, fine",
            "style": "table",
            "basis_g": 100,
            "spread": 0.02,
            "kcal": 0,
            "protein_g": 0,
            "carbohydrate_g": 0,
            "fat_g": 0,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 0,
            "sodium_mg": 38758,
        }
    ],
    "Cooking spray": [
        {
            "name": "Copperleaf cooking spray",
            "style": "us",
            "basis_g": 0.25,
            "kcal": 0,
            "protein_g": 0,
            "carbohydrate_g": 0,
            "fat_g": 0,
            "fibre_g": 0,
            "sugars_g": 0,
            "saturated_g": 0,
            "sodium_mg": 0,
        }
    ],
    "Protein granola": [
        {
            "name": "Boathouse protein granola",
            "style": "us",
            "basis_g": 110,
            "kcal": 498,
            "protein_g": 47,
            "carbohydrate_g": 43,
            "fat_g": 21,
            "fibre_g": 6,
            "sugars_g": 9,
            "saturated_g": 5,
            "sodium_mg": 180,
        }
    ],
}

FIRST_PACKAGE: Final = 0
SECOND_PACKAGE: Final = 1

FOOD_OF: Final = {
    str(panel["name"]): food for food, panels in DEMO_FOODS.items() for panel in panels
}
"""The food of each package."""

CARROT_LOAF: Final[dict[str, list[tuple[str, int, float]]]] = {
    "Loaf": [
        ("Carrot", FIRST_PACKAGE, 280),
        ("Wheat flour", FIRST_PACKAGE, 170),
        ("Milk-protein blend, vanilla", FIRST_PACKAGE, 90),
        ("Quark", FIRST_PACKAGE, 250),
        ("Egg", FIRST_PACKAGE, 150),
        ("Rapeseed oil", FIRST_PACKAGE, 28),
        ("Erythritol blend", FIRST_PACKAGE, 130),
        ("Baking powder", FIRST_PACKAGE, 12),
        ("Cinnamon", FIRST_PACKAGE, 4),
        ("Salt", FIRST_PACKAGE, 3),
        ("Cooking spray", FIRST_PACKAGE, 2),
    ],
    "Frosting": [
        ("Quark", FIRST_PACKAGE, 220),
        ("Light cream cheese", FIRST_PACKAGE, 120),
        ("Erythritol blend", SECOND_PACKAGE, 40),
    ],
}
"""Trial A: food, which of its packages, target grams."""

ORIGINAL: Final[dict[str, Any]] = {
    "name": "Carrot loaf with cream cheese frosting, bakery slice",
    "serving_g": 180,
    "kcal": 690,
    "protein_g": 8,
    "carbohydrate_g": 80,
    "fat_g": 38,
    "source_note": "Typical bakery slice, 180 g with frosting. Figures from memory.",
}

WEIGHED: Final[dict[tuple[str, str], float]] = {
    ("Loaf", "Carrot"): 281,
    ("Loaf", "Quark"): 252,
    ("Loaf", "Egg"): 151,
    ("Loaf", "Rapeseed oil"): 29,
    ("Frosting", "Quark"): 219,
}
"""Where the first batch came out other than planned; the mixture weighed 1,476 g."""

MIXTURE_G: Final = 1476
"""The rest of it stayed in the bowls."""
