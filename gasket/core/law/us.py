"""US definitions: 21 CFR 101.54, 101.56, 101.60, 101.62, per reference amount."""

from collections.abc import Iterable, Iterator
from functools import partial
from typing import Final

from gasket.core.law.claim_rules import (
    ClaimLimit,
    ClaimSubject,
    Deciding,
    NutritionClaim,
    ReducibleFigure,
    Rule,
    less_than_the_original,
    nearest,
    per_100_g,
    scaled,
    share,
)
from gasket.core.law.reference_amounts import ReferenceAmount
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.trade.kinds import FoodKind

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


def us_rules(reference: ReferenceAmount | None, *, fat_heavy: bool) -> Iterator[Rule]:
    """Every rule: of a main dish, or of what is eaten in the reference amount. `fat_heavy` when
    half of the original's energy is fat."""
    unsaid = "" if reference else " (choose what it is eaten as, on the original)"
    amount = f"{reference.grams:g} g{unsaid}" if reference else f"the reference amount{unsaid}"
    is_main = reference is not None and reference.main_dish
    low_calorie = _MAIN_LOW_CALORIE if is_main else _low_calorie(amount)
    low_fat = _MAIN_LOW_FAT if is_main else _low_fat(amount)
    yield _protein("us-protein-good", "good source of protein", 10, amount)
    yield _protein("us-protein-high", "high protein", 20, amount)
    yield low_calorie
    yield _REDUCED
    yield _LIGHT_OF_FAT if fat_heavy else _LIGHT
    yield low_fat


def us_claims(judged: ClaimSubject) -> Iterator[NutritionClaim]:
    """Every US claim. 101.56(d): a main dish is light too when it is low in calories or in fat."""
    rules = us_rules(judged.reference, fat_heavy=is_fat_heavy(judged.original))
    by_key = {rule.key: rule.verdict(judged) for rule in rules}
    if judged.reference is not None and judged.reference.main_dish:
        low = (by_key["us-low-calorie"], by_key["us-low-fat"])
        light = (claim.model_copy(update={"key": "us-light", "name": "light"}) for claim in low)
        by_key["us-light"] = nearest((by_key["us-light"], *light))
    yield from by_key.values()


def is_fat_heavy(original: Original | None) -> bool:
    """Whether at least half of the original's energy is fat: then only less fat makes it light."""
    if original is None or not original.kcal or not original.fat_g:
        return False
    return 9 * original.fat_g >= FAT_HEAVY / 100 * original.kcal


def _corrected(judged: ClaimSubject) -> Deciding:
    return judged.corrected


def _fat_share(judged: ClaimSubject) -> Deciding:
    return share(judged.serving.fat_g, judged.serving.kcal, 9)


def _in_the_amount(judged: ClaimSubject, name: ReducibleFigure) -> Deciding:
    """In the reference amount; where that is 30 g or less the rule also holds for 50 g."""
    reference, grams = judged.reference, judged.serving.grams
    if reference is None or not grams:
        return None
    amount = PER_SMALL_G if reference.grams <= SMALL_G else reference.grams
    return scaled(getattr(judged.serving, name), amount / grams)


def _protein(key: str, name: str, percent: float, amount: str) -> Rule:
    says = f"{percent:g} % of {DAILY_PROTEIN_G:g} g in {amount}, corrected for quality"
    least = percent / 100 * DAILY_PROTEIN_G
    return Rule(key, name, "us", (ClaimLimit(_corrected, "g, corrected", says, least=least),))


def _low_calorie(amount: str) -> Rule:
    says = f"at most 40 kcal in {amount}"
    limit = ClaimLimit(partial(_in_the_amount, name="kcal"), "kcal", says, most=40)
    return Rule("us-low-calorie", "low calorie", "us", (limit,))


def _low_fat(amount: str) -> Rule:
    says = f"at most 3 g in {amount}"
    limit = ClaimLimit(partial(_in_the_amount, name="fat_g"), "g", says, most=3)
    return Rule("us-low-fat", "low fat", "us", (limit,))


_MAIN_LOW_CALORIE: Final = Rule(
    "us-low-calorie",
    "low calorie",
    "us",
    (
        ClaimLimit(
            partial(per_100_g, name="kcal"),
            "kcal per 100 g",
            "at most 120 kcal per 100 g of a main dish",
            most=120,
        ),
    ),
)
_MAIN_LOW_FAT: Final = Rule(
    # 21 CFR 101.62(b)(3): both numbers are kept.
    "us-low-fat",
    "low fat",
    "us",
    (
        ClaimLimit(
            partial(per_100_g, name="fat_g"),
            "g per 100 g",
            "at most 3 g of fat per 100 g of a main dish, and 30 % of its energy",
            most=3,
        ),
        ClaimLimit(
            _fat_share,
            "% of energy",
            "at most 30 % of the energy of a main dish from fat, and 3 g per 100 g",
            most=30,
        ),
    ),
    how="both",
)
_REDUCED: Final = Rule(
    "us-reduced",
    "reduced calories",
    "us",
    (less_than_the_original("kcal", 25, "at least 25 % less than the original"),),
)
_LIGHT: Final = Rule(
    # 21 CFR 101.56(b): one of the two is enough.
    "us-light",
    "light",
    "us",
    (
        less_than_the_original(
            "kcal", 100 / 3, "at least a third fewer kcal than the original, or half the fat"
        ),
        less_than_the_original(
            "fat_g", 50, "at least 50 % less fat than the original, or a third fewer kcal"
        ),
    ),
)
_LIGHT_OF_FAT: Final = Rule(
    "us-light",
    "light",
    "us",
    (less_than_the_original("fat_g", 50, "half of its energy is fat, so at least 50 % less fat"),),
)


def corrected_protein(
    protein_g: Iterable[tuple[FoodKind, float]],
    serving: Portion,
    reference: ReferenceAmount | None,
) -> Deciding:
    """Grams of protein by quality in the reference amount, by the `protein_g` that foods of
    each kind bring into the serving; None where a quality is unknown."""
    if reference is None or not serving.grams or not isinstance(serving.protein_g, Figure):
        return None
    per_reference = reference.grams / serving.grams
    total = corrected = unknown = 0.0
    for kind, protein in protein_g:
        total += protein
        if kind in QUALITY:
            corrected += protein * QUALITY[kind]
        else:
            unknown += protein
    if total <= 0 or unknown > NEGLIGIBLE_PROTEIN * total:
        return None
    return scaled(serving.protein_g, per_reference * corrected / total)
