"""More of the demo shelf: further foods, what cups and pieces weigh, packs with prices.

Invented packages; every figure is a typical value, from memory.
"""

from typing import Any, Final

from gasket.core.trade.quantities import density_from_cup


def us(
    name: str,
    basis_g: float | None,
    kcal: float,
    fat: float,
    carbohydrate: float,
    protein: float,
    *,
    sat: float = 0,
    sodium: float | None = None,
    fibre: float | None = 0,
    sugars: float | None = None,
    ml: float | None = None,
) -> dict[str, Any]:
    """A US panel in the order in which it is printed."""
    return {
        **{"name": name, "style": "us", "basis_g": basis_g, "basis_ml": ml, "kcal": kcal},
        **{"fat_g": fat, "saturated_g": sat, "sodium_mg": sodium, "carbohydrate_g": carbohydrate},
        **{"fibre_g": fibre, "sugars_g": sugars, "protein_g": protein},
    }


def eu(
    name: str,
    kcal: float,
    fat: float,
    carbohydrate: float,
    protein: float,
    *,
    sat: float | None = None,
    sugars: float | None = None,
    fibre: float | None = 0,
    salt: float | None = None,
    per_ml: bool = False,
) -> dict[str, Any]:
    """An EU panel for 100 g or 100 ml, in the order in which it is printed."""
    basis = {"basis_ml": 100, "density_g_per_ml": 1.03} if per_ml else {"basis_g": 100}
    return {
        **{"name": name, "style": "eu", **basis, "kcal": kcal, "fat_g": fat},
        **{"saturated_g": sat, "carbohydrate_g": carbohydrate, "sugars_g": sugars},
        **{"fibre_g": fibre, "protein_g": protein, "salt_g": salt},
    }


def known(cup_g: float | None, *measures: tuple[str, float], **more: Any) -> dict[str, Any]:
    """What a US cup and one of some pieces weigh."""
    found = [{"name": name, "grams": grams} for name, grams in measures]
    density = None if cup_g is None else round(density_from_cup(cup_g), 3)
    return {"density_g_per_ml": density, "measures": found, **more}


def pack(pack_g: float | None, price: float | None, *allergens: str, **more: Any) -> dict[str, Any]:
    return {"pack_g": pack_g, "price": price, "allergens": allergens, **more}


MORE_FOODS: Final[dict[str, list[dict[str, Any]]]] = {
    "Cottage cheese": [
        us("Saltmarsh cottage cheese 2 %", 113, 90, 2.5, 5, 12, sat=1.5, sodium=350, ml=118),
        eu("Northlight cottage cheese light", 64, 0.9, 2.4, 11.8, sat=0.6, salt=0.7, sugars=2.4),
    ],
    "Skyr": [eu("Tarn skyr, plain", 62, 0.2, 3.8, 11, salt=0.1, sugars=3.8)],
    "Greek yogurt, 2 %": [
        us("Eastgate strained yogurt 2 %", 170, 120, 3.5, 6, 17, sat=2, sugars=6)
    ],
    "Skim milk": [eu("Northlight skim milk", 35, 0.1, 5, 3.4, salt=0.1, sugars=5, per_ml=True)],
    "Oat drink": [eu("Millrace oat drink", 46, 1.5, 6.6, 1, fibre=0.8, salt=0.1, per_ml=True)],
    "Egg white, carton": [us("Henhouse egg whites", 46, 25, 0, 1, 5, sodium=75, ml=44)],
    "Whey powder, chocolate": [
        us("Tidewater whey, chocolate", 32, 120, 1.5, 4, 24, sat=1, sodium=130, fibre=1),
        us("Slipway whey, cocoa", 30, 110, 1, 3, 23, sat=0.5, sodium=110, fibre=0),
    ],
    "Defatted peanut powder": [
        us("Copperleaf peanut powder", 13, 60, 1.5, 5, 6, fibre=1, sodium=90)
    ],
    "Protein wrap": [us("Boathouse protein wrap", 48, 110, 3, 18, 9, fibre=8, sodium=320)],
    "Crew sandwich loaf": [
        {
            **us("Millrace crew loaf, thin sliced", None, 60, 1, 11, 3, fibre=1, sodium=115),
            "basis_pieces": 1,
            "piece": "slice",
        }
    ],
    "Cheddar, light": [
        us("Harbour light cheddar", 28, 80, 6, 0, 8, sat=3.5, sodium=200),
        eu("Eastgate mature lighter", 309, 21.8, 0.1, 28, sat=13.8, salt=1.8),
    ],
    "Chicken breast fillet": [eu("Ridgeway chicken breast fillets", 106, 1.1, 0, 24, salt=0.18)],
    "Turkey breast mince": [eu("Ridgeway turkey breast mince, 2 %", 113, 2, 0, 24, sat=0.7)],
    "Pudding powder, sugar-free": [
        us("Larkspur vanilla pudding, sugar-free", 8, 25, 0, 6, 0, fibre=0, sodium=310)
    ],
    "Pumpkin purée, canned": [us("Allotment plain pumpkin", 122, 45, 0.5, 10, 1, fibre=4, ml=120)],
    "Chickpeas, canned": [
        eu("Allotment chickpeas in water", 121, 2.1, 16, 6.6, fibre=6, salt=0.02)
    ],
    "Oats": [eu("Millrace rolled oats", 377, 7, 60, 13.5, fibre=10, sat=1.3, salt=0.01)],
    "Cocoa": [us("Larkspur cocoa", 5, 10, 0.5, 3, 1, fibre=2, sodium=0)],
    "Protein jelly pots": [us("Boathouse jelly pot", 90, 10, 0, 1, 1, fibre=0, sodium=45)],
    "Rum": [{**eu("Quayside dark rum", 231, 0, 0, 0, per_ml=True), "alcohol_g": 33}],
}

FACTS: Final[dict[str, dict[str, Any]]] = {
    "Carrot": known(110, ("medium", 61), ("small", 50), ("large", 72), refuse_share=0.11),
    "Wheat flour": known(122, aliases=("plain flour", "all-purpose flour")),
    "Milk-protein blend, vanilla": known(
        105,
        ("scoop", 31),
        aliases=("whey-casein blend", "vanilla protein powder"),
        buy_rule="casein first on the list: it bakes moister than whey alone",
    ),
    "Quark": known(225, buy_rule="at most 5 g carbohydrate per 100 g, no starch on the list"),
    "Egg": known(
        243,
        *(("large (US)", 50), ("medium (US)", 44), ("medium (UK)", 50), ("large (UK)", 58)),
        aliases=("whole egg",),
    ),
    "Rapeseed oil": known(218, aliases=("canola oil", "vegetable oil")),
    "Erythritol blend": known(195, aliases=("granulated sweetener", "1:1 sweetener")),
    "Light cream cheese": known(232),
    "Baking powder": known(220),
    "Cinnamon": known(125),
    "Salt": known(288),
    "Cooking spray": known(218, aliases=("oil spray", "pan spray")),
    "Cottage cheese": known(226, buy_rule="at most 5 g carbohydrate in 110 g"),
    "Skyr": known(230),
    "Skim milk": known(245, aliases=("fat-free milk",)),
    "Egg white, carton": known(243, ("large", 33), aliases=("egg whites", "liquid egg white")),
    "Whey powder, chocolate": known(None, aliases=("chocolate whey",)),
    "Oats": known(85, aliases=("rolled oats", "porridge oats")),
    "Cocoa": known(82, aliases=("cocoa powder",)),
    "Pumpkin purée, canned": known(
        245, buy_rule="nothing but the vegetable in the tin", aliases=("canned pumpkin",)
    ),
    "Chickpeas, canned": known(152, ("can", 400), drained_share=0.6),
    "Chicken breast fillet": known(None, ("piece", 170), aliases=("chicken breast",)),
}

PACKAGES: Final[dict[str, dict[str, Any]]] = {
    "Millrace plain flour": pack(1500, 1.35, "wheat", "gluten", state="dry", flags=("raw_flour",)),
    "Tidewater milk protein, vanilla": pack(
        900, 27.9, "milk", does=("thickens", "sweetens"), sweetness=0.4
    ),
    "Slipway protein blend, vanilla": pack(
        1000, 24.5, "milk", does=("dries", "sweetens"), sweetness=0.4
    ),
    "Northlight skim quark": pack(500, 1.79, "milk"),
    "Eastgate half-fat quark": pack(250, 1.29, "milk"),
    "Egg, large, shelled": pack(600, 3.6, "egg", state="raw", flags=("raw_egg",)),
    "Fieldhouse rapeseed oil": pack(920, 3.2),
    "Brightwater 1:1 sweetener": pack(454, 8.9, sweetness=1.0),
    "Brightwater powdered sweetener": pack(400, 7.8, sweetness=1.0),
    "Harbour light cream cheese": pack(226, 2.4, "milk"),
    "Saltmarsh cottage cheese 2 %": pack(680, 4.1, "milk"),
    "Northlight cottage cheese light": pack(300, 1.6, "milk"),
    "Tarn skyr, plain": pack(450, 2.2, "milk"),
    "Tidewater whey, chocolate": pack(900, 24.9, "milk", "soy", does=("dries", "sweetens")),
    "Slipway whey, cocoa": pack(750, 19.9, "milk", does=("dries", "sweetens")),
    "Copperleaf peanut powder": pack(184, 5.2, "peanut"),
    "Millrace crew loaf, thin sliced": pack(None, 1.95, "wheat", "gluten", pack_pieces=20),
    "Harbour light cheddar": pack(226, 3.9, "milk"),
    "Eastgate mature lighter": pack(350, 4.2, "milk"),
    "Ridgeway chicken breast fillets": pack(500, 6.9, state="raw", flags=("raw_poultry",)),
    "Ridgeway turkey breast mince, 2 %": pack(
        400, 5.1, state="raw", flags=("raw_poultry", "raw_ground_meat")
    ),
    "Larkspur vanilla pudding, sugar-free": pack(
        32, 1.4, does=("thickens", "sweetens"), flags=("aspartame",)
    ),
    "Allotment plain pumpkin": pack(425, 2.3),
    "Allotment chickpeas in water": pack(400, 0.95, state="drained", drained_g=240.0),
    "Millrace rolled oats": pack(1000, 1.6, "gluten", state="dry"),
}
