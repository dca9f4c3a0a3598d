"""How a panel prints a true figure, written forwards and apart from the product's own ladders.

Sources: US 21 CFR 101.9(b)(7) and (c); European Commission guidance on tolerances, December 2012
(saturates, salt and minerals from memory).
"""

import math
import random
from collections.abc import Callable

US_GRAM_FIELDS = ("protein_g", "carbohydrate_g", "fibre_g", "sugars_g", "polyols_g")


def nearest(value: float, step: float) -> float:
    return round(math.floor(value / step + 0.5) * step, 6)


def us_kcal(kcal: float) -> float:
    if kcal < 5:
        return 0.0
    return nearest(kcal, 5 if kcal <= 50 else 10)


def us_fat(grams: float) -> float:
    if grams < 0.5:
        return 0.0
    return nearest(grams, 0.5 if grams < 5 else 1)


def us_gram(grams: float) -> float:
    return 0.0 if grams < 0.5 else nearest(grams, 1)


def us_sodium(milligrams: float) -> float:
    if milligrams < 5:
        return 0.0
    return nearest(milligrams, 5 if milligrams <= 140 else 10)


def us_serving(grams: float) -> float:
    if grams >= 5:
        return nearest(grams, 1)
    return nearest(grams, 0.5 if grams >= 2 else 0.1)


def us_cholesterol(milligrams: float) -> float:
    return 0.0 if milligrams < 2 else nearest(milligrams, 5)


def significant(digits: int) -> Callable[[float], float]:
    def rounded(figure: float) -> float:
        return nearest(figure, 10.0 ** (math.floor(math.log10(figure)) - digits + 1))

    return rounded


def eu_kcal(kcal: float) -> float:
    return nearest(kcal, 1)


def eu_gram(grams: float) -> float:
    if grams <= 0.5:
        return 0.0
    return nearest(grams, 1 if grams >= 10 else 0.1)


def eu_saturated(grams: float) -> float:
    if grams <= 0.1:
        return 0.0
    return nearest(grams, 1 if grams >= 10 else 0.1)


def eu_salt(grams: float) -> float:
    if grams <= 0.0125:
        return 0.0
    return nearest(grams, 0.1 if grams >= 1 else 0.01)


PRINTED: dict[str, dict[str, Callable[[float], float]]] = {
    "us": {
        **dict.fromkeys(US_GRAM_FIELDS, us_gram),
        "kcal": us_kcal,
        "fat_g": us_fat,
        "saturated_g": us_fat,
        "sodium_mg": us_sodium,
        "cholesterol_mg": us_cholesterol,
        "calcium_mg": lambda milligrams: 0.0 if milligrams < 26 else nearest(milligrams, 10),
        "iron_mg": lambda milligrams: nearest(milligrams, 0.1),
        "potassium_mg": lambda milligrams: nearest(milligrams, 10),
        "basis_g": us_serving,
    },
    "eu": {
        **dict.fromkeys(US_GRAM_FIELDS, eu_gram),
        "kcal": eu_kcal,
        "fat_g": eu_gram,
        "saturated_g": eu_saturated,
        "salt_g": eu_salt,
        "calcium_mg": significant(3),
        "iron_mg": significant(2),
        "potassium_mg": significant(3),
    },
}


def would_print(
    style: str, field: str, figure: float, dice: random.Random, spread: float = 0.1
) -> float:
    """A random true figure that this panel would print as `figure` (uniform among those)."""
    if style == "table":
        return figure if field == "basis_g" else figure * dice.uniform(1 - spread, 1 + spread)
    rule = PRINTED[style].get(field)
    if rule is None:
        return figure
    widest = 5.0 if field == "kcal" else 10.0 if field == "sodium_mg" else 1.0
    for _ in range(20_000):
        truth = dice.uniform(max(0.0, figure - widest), figure + widest)
        if rule(truth) == figure:
            return truth
    raise AssertionError(f"no true {field} prints as {figure} in style {style}")
