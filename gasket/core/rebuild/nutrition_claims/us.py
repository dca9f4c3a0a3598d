"""US definitions: 21 CFR 101.54, 101.56, 101.60, 101.62, per reference amount."""

from collections.abc import Iterator
from typing import Final

from gasket.core.rebuild.nutrition_claims.deciding import (
    Deciding,
    NutritionClaim,
    both,
    claim,
    either,
    less_of,
    scaled,
    share,
)
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.reference_amounts import ReferenceAmount

DAILY_PROTEIN_G: Final = 50.0
SMALL_G: Final = 30.0
PER_SMALL_G: Final = 50.0
FAT_HEAVY: Final = 50.0
"""Percent of the original's energy from fat from which only half the fat makes it light."""

QUALITY: Final[dict[FoodKind, float]] = {
    # PDCAAS, from memory: milk, egg and soy about 1, wheat 0.4, collagen and gelatine 0.
    **dict.fromkeys(
        (
            *("egg", "egg_white", "egg_yolk", "milk", "thick_yogurt", "cottage_cheese"),
            *("cheese", "cream_cheese", "cream", "whey_powder", "protein_blend"),
        ),
        1.0,
    ),
    **dict.fromkeys(("poultry", "poultry_mince", "mince", "meat", "fish"), 0.92),
    **dict.fromkeys(("flour", "bread", "wrap", "pasta", "crumbs", "self_raising_flour"), 0.4),
    **dict.fromkeys(("oats", "oat_flour"), 0.5),
    "collagen": 0.0,
    "gelatine": 0.0,
}
NEGLIGIBLE_PROTEIN: Final = 0.05


def us_claims(
    serving: Portion,
    original: Original | None,
    reference: ReferenceAmount | None,
    bench: Workpiece,
) -> Iterator[NutritionClaim]:
    per_reference = reference.grams / serving.grams if reference and serving.grams else None
    corrected = _corrected_protein(bench, serving, per_reference)
    strict = _strict(reference, serving, per_reference)
    unsaid = "" if reference else " (choose what it is eaten as, on the original)"
    amount = f"{reference.grams:g} g" if reference else "the reference amount"
    yield claim(
        "us-protein-good",
        "good source of protein",
        "us",
        corrected,
        "g, corrected",
        f"10 % of 50 g in {amount}, corrected for quality{unsaid}",
        least=0.1 * DAILY_PROTEIN_G,
    )
    yield claim(
        "us-protein-high",
        "high protein",
        "us",
        corrected,
        "g, corrected",
        f"20 % of 50 g in {amount}, corrected for quality{unsaid}",
        least=0.2 * DAILY_PROTEIN_G,
    )
    main_dish = reference is not None and reference.main_dish
    if main_dish:
        low_calorie, low_fat = _low_calorie_main_dish(serving), _low_fat_main_dish(serving)
    else:
        low_calorie, low_fat = (
            claim(
                key,
                name,
                "us",
                scaled(figure, strict),
                unit,
                f"at most {most} {unit} in {amount}{unsaid}",
                most=most,
            )
            for key, name, figure, unit, most in (
                ("us-low-calorie", "low calorie", serving.kcal, "kcal", 40),
                ("us-low-fat", "low fat", serving.fat_g, "g", 3),
            )
        )
    yield low_calorie
    less = less_of(serving.kcal, original.kcal if original else None, serving, original)
    yield claim(
        "us-reduced",
        "reduced calories",
        "us",
        less,
        "% less at equal weight",
        "at least 25 % less than the original",
        least=25,
    )
    light = _light(serving, original, less)
    if main_dish:
        # 101.56(d): a main dish is light too when it is low in calories or in fat
        for low in (low_calorie, low_fat):
            light = either(light, low.model_copy(update={"key": "us-light", "name": "light"}))
    yield light
    yield low_fat


def _strict(
    reference: ReferenceAmount | None, serving: Portion, per_reference: float | None
) -> float | None:
    """Where the reference amount is 30 g or less, the rule also holds for 50 g."""
    if reference is None or per_reference is None or not serving.grams:
        return None
    small = reference.grams <= SMALL_G
    return PER_SMALL_G / serving.grams if small else per_reference


def _low_calorie_main_dish(serving: Portion) -> NutritionClaim:
    return claim(
        "us-low-calorie",
        "low calorie",
        "us",
        scaled(serving.kcal, _per_100(serving)),
        "kcal per 100 g",
        "at most 120 kcal per 100 g of a main dish",
        most=120,
    )


def _per_100(serving: Portion) -> float | None:
    return 100 / serving.grams if serving.grams else None


def _low_fat_main_dish(serving: Portion) -> NutritionClaim:
    """101.62(b)(3): 3 g per 100 g, and not more than 30 % of the energy from fat."""
    grams = claim(
        "us-low-fat",
        "low fat",
        "us",
        scaled(serving.fat_g, _per_100(serving)),
        "g per 100 g",
        "at most 3 g of fat per 100 g of a main dish, and 30 % of its energy",
        most=3,
    )
    energy = claim(
        "us-low-fat",
        "low fat",
        "us",
        share(serving.fat_g, serving.kcal, 9),
        "% of energy",
        "at most 30 % of the energy of a main dish from fat, and 3 g per 100 g",
        most=30,
    )
    return both(grams, energy)


def _light(serving: Portion, original: Original | None, less: Deciding) -> NutritionClaim:
    """101.56(b): half the fat where fat carries half of the original's energy, else a third fewer
    kcal or half the fat."""
    theirs = original.fat_g if original else None
    heavy = bool(
        original and theirs and original.kcal and 9 * theirs >= FAT_HEAVY / 100 * original.kcal
    )
    fat = claim(
        "us-light",
        "light",
        "us",
        less_of(serving.fat_g, theirs, serving, original),
        "% less fat at equal weight",
        "half of its energy is fat, so at least 50 % less fat"
        if heavy
        else "at least 50 % less fat than the original, or a third fewer kcal",
        least=50,
    )
    if heavy:
        return fat
    kcal = claim(
        "us-light",
        "light",
        "us",
        less,
        "% less at equal weight",
        "at least a third fewer kcal than the original, or half the fat",
        least=100 / 3,
    )
    return either(kcal, fat)


def _corrected_protein(bench: Workpiece, serving: Portion, per_reference: float | None) -> Deciding:
    """Grams of protein by quality in the reference amount; None where a quality is unknown."""
    if per_reference is None or not isinstance(serving.protein_g, Figure):
        return None
    total = corrected = unknown = 0.0
    for one in bench.lines():
        protein = (one.brings("protein_g") or 0.0) * one.per_serving
        total += protein
        if one.kind in QUALITY:
            corrected += protein * QUALITY[one.kind]
        else:
            unknown += protein
    if total <= 0 or unknown > NEGLIGIBLE_PROTEIN * total:
        return None
    return scaled(serving.protein_g, per_reference * corrected / total)
