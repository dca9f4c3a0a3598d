"""The demo kitchen's dishes: originals as ingredients, and their rebuilds with a goal each.

Invented kitchens' ordinary recipes; amounts from memory. A line is food, which of its packages,
grams; a rebuild's line also names the lines of the original that it stands for, and why it is
there.
"""

from typing import Any, Final, NamedTuple

from gasket.demo.packages import eu, known, pack, us


class OriginalLine(NamedTuple):
    """A line of the original."""

    key: str
    food: str
    grams: float


class Rebuilt(NamedTuple):
    """A line of a rebuild."""

    food: str
    grams: float
    stands_for: tuple[str, ...] = ()
    package: int = 0
    why: str = ""


class DemoDish(NamedTuple):
    """A dish, its original, trial A, and what the next trial changes: grams by line."""

    name: str
    family: str
    reference: str
    original_name: str
    serving_g: float
    source_note: str
    original_portions: int
    original: dict[str, list[OriginalLine]]
    portions: int
    rebuild: dict[str, list[Rebuilt]]
    goal: dict[str, dict[str, float]]
    next_intent: str = ""
    next_changes: tuple[tuple[str, float], ...] = ()


CARROT_ORIGINAL: Final[dict[str, list[OriginalLine]]] = {
    "Loaf": [
        OriginalLine("carrot", "Carrot", 250),
        OriginalLine("flour", "Wheat flour", 280),
        OriginalLine("sugar", "White sugar", 300),
        OriginalLine("oil", "Rapeseed oil", 240),
        OriginalLine("egg", "Egg", 200),
        OriginalLine("walnuts", "Walnut pieces", 80),
        OriginalLine("rise", "Baking powder", 12),
        OriginalLine("spice", "Cinnamon", 4),
        OriginalLine("salt", "Salt", 4),
    ],
    "Frosting": [
        OriginalLine("cream-cheese", "Full cream cheese", 200),
        OriginalLine("butter", "Salted butter", 80),
        OriginalLine("icing", "Icing sugar", 180),
    ],
}
CARROT_PORTIONS: Final = 10
CARROT_STANDS_FOR: Final[dict[tuple[str, str], tuple[str, ...]]] = {
    ("Loaf", "Carrot"): ("carrot",),
    ("Loaf", "Wheat flour"): ("flour",),
    ("Loaf", "Milk-protein blend, vanilla"): ("flour",),
    ("Loaf", "Quark"): ("oil",),
    ("Loaf", "Egg"): ("egg",),
    ("Loaf", "Rapeseed oil"): ("oil",),
    ("Loaf", "Erythritol blend"): ("sugar",),
    ("Loaf", "Baking powder"): ("rise",),
    ("Loaf", "Cinnamon"): ("spice",),
    ("Loaf", "Salt"): ("salt",),
    ("Frosting", "Quark"): ("butter", "cream-cheese"),
    ("Frosting", "Light cream cheese"): ("cream-cheese",),
    ("Frosting", "Erythritol blend"): ("icing",),
}
CARROT_WHY: Final = {
    ("Loaf", "Rapeseed oil"): "with less it was dry",
    ("Loaf", "Carrot"): "it is a carrot loaf",
}
CARROT_GOAL: Final = {"kcal": {"most": 300.0}, "protein_g": {"least": 20.0}}

DISHES: Final[tuple[DemoDish, ...]] = (
    DemoDish(
        name="Sticky toffee pudding",
        family="cake",
        reference="heavy_cake",
        original_name="Sticky toffee pudding with sauce",
        serving_g=195,
        source_note="An ordinary home recipe, from memory; a serving weighed warm with its sauce.",
        original_portions=6,
        original={
            "Sponge": [
                OriginalLine("dates", "Dates, pitted", 175),
                OriginalLine("water", "Tap water", 200),
                OriginalLine("flour", "Wheat flour", 175),
                OriginalLine("butter", "Salted butter", 85),
                OriginalLine("sugar", "Dark brown sugar", 140),
                OriginalLine("egg", "Egg", 100),
                OriginalLine("rise", "Baking powder", 8),
            ],
            "Toffee sauce": [
                OriginalLine("sauce-butter", "Salted butter", 60),
                OriginalLine("sauce-sugar", "Dark brown sugar", 120),
                OriginalLine("cream", "Whipping cream", 150),
            ],
        },
        portions=6,
        rebuild={
            "Sponge": [
                Rebuilt("Dates, pitted", 120, ("dates",), why="the toffee is in the dates"),
                Rebuilt("Tap water", 140, ("water",)),
                Rebuilt("Wheat flour", 115, ("flour",)),
                Rebuilt("Milk-protein blend, vanilla", 62, ("flour",)),
                Rebuilt("Quark", 110, ("butter",)),
                Rebuilt("Salted butter", 21, ("butter",), why="the crumb goes rubbery without it"),
                Rebuilt("Erythritol blend", 95, ("sugar",)),
                Rebuilt("Egg", 100, ("egg",)),
                Rebuilt("Baking powder", 8, ("rise",)),
                Rebuilt("Salt", 2),
            ],
            "Toffee sauce": [
                Rebuilt("Dates, pitted", 40, ("sauce-sugar",)),
                Rebuilt("Skim milk", 170, ("cream",)),
                Rebuilt("Erythritol blend", 55, ("sauce-sugar",)),
                Rebuilt("Salted butter", 14, ("sauce-butter",)),
                Rebuilt("Maize starch", 6),
            ],
        },
        goal={"kcal": {"most": 320.0}, "protein_g": {"least": 15.0}},
        next_intent="half the butter in the sponge",
        next_changes=(("Sponge/Salted butter", 10.5),),
    ),
    DemoDish(
        name="Drive-through crispy chicken sandwich",
        family="sandwich",
        reference="sandwich",
        original_name="Crispy chicken sandwich, fried",
        serving_g=285,
        source_note="Built from an ordinary recipe; fat taken up in the fryer is a guess.",
        original_portions=4,
        original={
            "Chicken": [
                OriginalLine("chicken", "Chicken thigh, skin on", 480),
                OriginalLine("buttermilk", "Cultured buttermilk", 120),
                OriginalLine("egg", "Egg", 50),
                OriginalLine("flour", "Wheat flour", 80),
                OriginalLine("crumbs", "Panko crumbs", 60),
                OriginalLine("oil", "Rapeseed oil", 55),
                OriginalLine("salt", "Salt", 8),
            ],
            "Sandwich": [
                OriginalLine("bun", "Brioche burger bun", 280),
                OriginalLine("mayo", "Deli mayonnaise", 60),
                OriginalLine("lettuce", "Crisp lettuce", 60),
            ],
        },
        portions=4,
        rebuild={
            "Chicken": [
                Rebuilt("Chicken breast fillet", 500, ("chicken",)),
                Rebuilt("Skyr", 80, ("buttermilk",)),
                Rebuilt("Egg white, carton", 60, ("egg",)),
                Rebuilt("Panko crumbs", 70, ("flour", "crumbs"), why="the crunch is the point"),
                Rebuilt("Cooking spray", 8, ("oil",)),
                Rebuilt("Salt", 6, ("salt",)),
            ],
            "Sandwich": [
                Rebuilt("Burger bun, thin", 220, ("bun",)),
                Rebuilt("Skyr", 80, ("mayo",)),
                Rebuilt("Yellow mustard", 15, ("mayo",)),
                Rebuilt("Crisp lettuce", 80, ("lettuce",)),
            ],
        },
        goal={"kcal": {"most": 450.0}, "protein_g": {"least": 40.0}, "fat_energy": {"most": 25.0}},
    ),
    DemoDish(
        name="Tiramisu pots",
        family="pot",
        reference="pudding",
        original_name="Tiramisu in a glass, with raw egg",
        serving_g=154,
        source_note="An ordinary recipe with raw egg, from memory.",
        original_portions=6,
        original={
            "Cream": [
                OriginalLine("mascarpone", "Mascarpone, full", 250),
                OriginalLine("yolk", "Egg yolk, fresh", 60),
                OriginalLine("white", "Egg white, fresh", 90),
                OriginalLine("sugar", "White sugar", 90),
                OriginalLine("cream", "Whipping cream", 100),
            ],
            "Layers": [
                OriginalLine("fingers", "Sponge fingers", 120),
                OriginalLine("water", "Tap water", 180),
                OriginalLine("coffee", "Instant espresso", 4),
                OriginalLine("rum", "Rum", 20),
                OriginalLine("cocoa", "Cocoa", 8),
            ],
        },
        portions=6,
        rebuild={
            "Cream": [
                Rebuilt("Quark", 360, ("mascarpone", "cream")),
                Rebuilt("Light cream cheese", 120, ("mascarpone",), why="some richness stays"),
                Rebuilt("Milk-protein blend, vanilla", 32, ("yolk", "white")),
                Rebuilt("Erythritol blend", 60, ("sugar",), package=1),
            ],
            "Layers": [
                Rebuilt("Sponge fingers", 72, ("fingers",)),
                Rebuilt("Tap water", 150, ("water",)),
                Rebuilt("Instant espresso", 6, ("coffee", "rum")),
                Rebuilt("Cocoa", 10, ("cocoa",)),
            ],
        },
        goal={"kcal": {"most": 180.0}, "protein_g": {"least": 13.0}},
    ),
    DemoDish(
        name="Mac and cheese tray",
        family="tray",
        reference="mixed_dish",
        original_name="Baked macaroni and cheese",
        serving_g=330,
        source_note="An ordinary tray for six, from memory; pasta weighed dry.",
        original_portions=6,
        original={
            "Pasta": [
                OriginalLine("pasta", "Macaroni", 400),
                OriginalLine("pasta-water", "Tap water", 480),
            ],
            "Sauce": [
                OriginalLine("milk", "Whole milk, fresh", 600),
                OriginalLine("butter", "Salted butter", 60),
                OriginalLine("flour", "Wheat flour", 50),
                OriginalLine("cheddar", "Mature cheddar", 350),
                OriginalLine("mustard", "Yellow mustard", 10),
                OriginalLine("salt", "Salt", 6),
            ],
            "Top": [
                OriginalLine("crumbs", "Panko crumbs", 50),
                OriginalLine("top-butter", "Salted butter", 20),
            ],
        },
        portions=6,
        rebuild={
            "Pasta": [
                Rebuilt("Macaroni", 300, ("pasta",)),
                Rebuilt("Tap water", 360, ("pasta-water",)),
                Rebuilt("Cauliflower florets", 330, ("pasta",)),
            ],
            "Sauce": [
                Rebuilt("Skim milk", 320, ("milk",)),
                Rebuilt("Cottage cheese", 400, ("cheddar", "butter"), package=1),
                Rebuilt("Cheddar, light", 170, ("cheddar",), package=1),
                Rebuilt("Maize starch", 18, ("flour",)),
                Rebuilt("Yellow mustard", 14, ("mustard",)),
                Rebuilt("Salt", 6, ("salt",)),
            ],
            "Top": [
                Rebuilt("Panko crumbs", 28, ("crumbs",)),
                Rebuilt("Cooking spray", 3, ("top-butter",)),
            ],
        },
        goal={"kcal": {"most": 420.0}, "protein_g": {"least": 25.0}},
        next_intent="more cauliflower, less pasta",
        next_changes=(("Pasta/Macaroni", 260.0), ("Pasta/Cauliflower florets", 430.0)),
    ),
)

DISH_FOODS: Final[dict[str, list[dict[str, Any]]]] = {
    "White sugar": [eu("Quayside white sugar", 400, 0, 100, 0, sugars=100, salt=0)],
    "Dark brown sugar": [eu("Quayside dark muscovado sugar", 385, 0, 95, 0.2, sugars=95, salt=0.1)],
    "Icing sugar": [eu("Quayside icing sugar", 396, 0, 99, 0, sugars=99, salt=0)],
    "Salted butter": [eu("Harbour salted butter", 745, 82, 0.6, 0.6, sat=52, sugars=0.6, salt=1.5)],
    "Full cream cheese": [
        eu("Harbour full cream cheese", 245, 23.5, 3.2, 5.4, sat=15.5, sugars=3.2, salt=0.75)
    ],
    "Walnut pieces": [eu("Ridgeway walnut pieces", 690, 67, 5, 15, sat=6.2, sugars=2.6, fibre=6)],
    "Dates, pitted": [eu("Quayside pitted dates", 290, 0.4, 66, 2.5, sugars=63, fibre=7.5, salt=0)],
    "Whipping cream": [us("Saltmarsh whipping cream", 15, 50, 5, 0, 0, sat=3.5, sodium=5, ml=15)],
    "Mascarpone, full": [eu("Harbour mascarpone", 400, 41, 4.2, 4.4, sat=28, sugars=4.2, salt=0.1)],
    "Egg yolk, fresh": [eu("Henhouse egg yolk", 322, 26.5, 3.6, 15.9, sat=9.6, salt=0.12)],
    "Egg white, fresh": [eu("Henhouse egg white, fresh", 49, 0.2, 0.7, 10.9, salt=0.42)],
    "Sponge fingers": [eu("Larkspur sponge fingers", 388, 3.6, 79, 8.6, sugars=40, fibre=1.3)],
    "Instant espresso": [us("Larkspur instant espresso", 2, 5, 0, 1, 0, fibre=0, sodium=0)],
    "Tap water": [eu("Tap water", 0, 0, 0, 0, sat=0, sugars=0, salt=0)],
    "Macaroni": [eu("Millrace macaroni", 358, 1.6, 72, 12.5, sugars=3.2, fibre=3, salt=0.01)],
    "Whole milk, fresh": [eu("Northlight whole milk", 64, 3.6, 4.7, 3.3, sugars=4.7, salt=0.1)],
    "Mature cheddar": [eu("Eastgate mature cheddar", 416, 34.9, 0.1, 25.4, sat=21.7, salt=1.8)],
    "Yellow mustard": [us("Copperleaf yellow mustard", 5, 5, 0, 0, 0, fibre=0, sodium=55)],
    "Panko crumbs": [us("Millrace panko crumbs", 15, 60, 0.5, 11, 2, fibre=0, sodium=50)],
    "Cauliflower florets": [eu("Allotment cauliflower florets", 30, 0.4, 3, 2, fibre=2, salt=0.05)],
    "Maize starch": [eu("Millrace maize starch", 365, 0.1, 90, 0.4, sugars=0, salt=0.01)],
    "Chicken thigh, skin on": [
        eu("Ridgeway chicken thighs, skin on", 190, 13.5, 0, 17, sat=3.7, salt=0.2)
    ],
    "Cultured buttermilk": [us("Saltmarsh buttermilk", 245, 110, 2.5, 13, 9, sodium=360, ml=240)],
    "Brioche burger bun": [us("Millrace brioche bun", 70, 210, 5, 34, 6, fibre=1, sodium=320)],
    "Burger bun, thin": [us("Millrace thin bun", 55, 130, 1.5, 25, 6, fibre=4, sodium=230)],
    "Deli mayonnaise": [us("Copperleaf deli mayonnaise", 14, 100, 11, 0, 0, sat=1.5, sodium=90)],
    "Crisp lettuce": [eu("Allotment crisp lettuce", 15, 0.2, 1.6, 1, fibre=1.2, salt=0.02)],
}

DISH_FACTS: Final[dict[str, dict[str, Any]]] = {
    "White sugar": known(200, aliases=("granulated sugar",)),
    "Icing sugar": known(120, aliases=("powdered sugar", "confectioners sugar")),
    "Salted butter": known(227, ("stick", 113)),
    "Dates, pitted": known(147, ("piece", 8)),
    "Macaroni": known(105, aliases=("elbow pasta",)),
    "Whole milk, fresh": known(244),
    "Whipping cream": known(238),
    "Mature cheddar": known(113),
}

DISH_PACKAGES: Final[dict[str, dict[str, Any]]] = {
    "Tap water": pack(1000, 0.0),
    "Carrot, raw": pack(1000, 1.2),
    "Larkspur baking powder": pack(150, 1.1),
    "Cinnamon, ground": pack(40, 1.3),
    "Salt, fine": pack(500, 0.6),
    "Copperleaf cooking spray": pack(170, 3.9),
    "Henhouse egg whites": pack(500, 2.9, "egg"),
    "Northlight skim milk": pack(1000, 1.1, "milk"),
    "Larkspur cocoa": pack(250, 3.6),
    "Quayside dark rum": pack(665, 12.0),
    "Allotment crisp lettuce": pack(250, 1.3),
    "Quayside white sugar": pack(1000, 1.1),
    "Quayside dark muscovado sugar": pack(500, 1.9),
    "Quayside icing sugar": pack(500, 1.2),
    "Harbour salted butter": pack(250, 2.5, "milk"),
    "Harbour full cream cheese": pack(180, 2.1, "milk"),
    "Ridgeway walnut pieces": pack(200, 3.2, "tree_nuts", may_contain=("peanut",)),
    "Quayside pitted dates": pack(500, 3.4),
    "Saltmarsh whipping cream": pack(300, 2.1, "milk"),
    "Harbour mascarpone": pack(250, 2.4, "milk"),
    "Henhouse egg yolk": pack(None, None, "egg", state="raw", flags=("raw_egg",)),
    "Henhouse egg white, fresh": pack(None, None, "egg", state="raw", flags=("raw_egg",)),
    "Larkspur sponge fingers": pack(200, 1.8, "wheat", "gluten", "egg"),
    "Larkspur instant espresso": pack(100, 4.2),
    "Millrace macaroni": pack(500, 0.95, "wheat", "gluten", state="dry"),
    "Northlight whole milk": pack(1000, 1.2, "milk"),
    "Eastgate mature cheddar": pack(350, 3.9, "milk"),
    "Copperleaf yellow mustard": pack(250, 1.6, "mustard"),
    "Millrace panko crumbs": pack(200, 1.9, "wheat", "gluten"),
    "Allotment cauliflower florets": pack(900, 2.2, state="frozen"),
    "Millrace maize starch": pack(400, 1.4, does=("thickens",)),
    "Ridgeway chicken thighs, skin on": pack(1000, 5.9, state="raw", flags=("raw_poultry",)),
    "Saltmarsh buttermilk": pack(500, 1.3, "milk"),
    "Millrace brioche bun": pack(280, 2.2, "wheat", "gluten", "egg", "milk"),
    "Millrace thin bun": pack(330, 2.6, "wheat", "gluten"),
    "Copperleaf deli mayonnaise": pack(400, 2.9, "egg", "mustard"),
}
"""Packs with prices; a fresh yolk's price depends on the egg and is left out."""
