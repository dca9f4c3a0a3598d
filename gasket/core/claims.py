"""What a serving may be called: the US and EU definitions, the number that decides, how far off.

For the cook's own orientation, not labelling advice.
"""

from collections.abc import Iterator
from typing import Final, Literal

from gasket.core.batch import Original
from gasket.core.kinds import FoodKind
from gasket.core.margin import Figure, Portion
from gasket.core.numbers import Answer
from gasket.core.reference_amounts import ReferenceAmount
from gasket.core.workpiece import Workpiece

School = Literal["us", "eu"]
ClaimVerdict = Literal["yes", "within_margin", "no", "cannot_tell"]
DAILY_PROTEIN_G: Final = 50.0
SMALL_G: Final = 30.0
PER_SMALL_G: Final = 50.0

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


class NutritionClaim(Answer):
    """One word and whether it fits.

    `value` is the number that decides, in `unit`, beside `least` or `most`; `by` is how far off.
    """

    key: str
    name: str
    school: School
    verdict: ClaimVerdict
    value: float | None
    unit: str
    least: float | None
    most: float | None
    by: float
    says: str


def claims(
    serving: Portion,
    original: Original | None,
    reference: ReferenceAmount | None,
    bench: Workpiece,
) -> tuple[NutritionClaim, ...]:
    """Every claim that can be looked at, the EU's first."""
    return (
        *_eu(serving, original),
        *_us(serving, original, reference, bench),
    )


Deciding = tuple[float, float, float] | None
"""Value, likely low, likely high of the number that decides; None is unknown."""


def _claim(
    key: str,
    name: str,
    school: School,
    found: Deciding,
    unit: str,
    says: str,
    *,
    least: float | None = None,
    most: float | None = None,
) -> NutritionClaim:
    by = 0.0 if found is None else _off(found[0], least, most)
    verdict: ClaimVerdict = "cannot_tell"
    if found is not None:
        crossing = any(_off(edge, least, most) > 0 for edge in found[1:])
        verdict = "no" if by > 0 else "within_margin" if crossing else "yes"
    return NutritionClaim(
        key=key,
        name=name,
        school=school,
        verdict=verdict,
        value=None if found is None else found[0],
        unit=unit,
        least=least,
        most=most,
        by=by,
        says=says,
    )


def _off(value: float, least: float | None, most: float | None) -> float:
    if least is not None:
        return max(0.0, least - value)
    return max(0.0, value - (most or 0.0))


def _scaled(figure: object, factor: float | None) -> Deciding:
    if not isinstance(figure, Figure) or factor is None:
        return None
    return figure.value * factor, figure.likely[0] * factor, figure.likely[1] * factor


def _share(figure: object, kcal: object, per_g: float) -> Deciding:
    """Percent of the energy, its bounds from the figure's own likely margin."""
    if not isinstance(kcal, Figure) or kcal.value <= 0:
        return None
    return _scaled(figure, 100 * per_g / kcal.value)


def _less_of(
    figure: object, theirs: float | None, serving: Portion, original: Original | None
) -> Deciding:
    """Percent less than the original has, weight for weight."""
    if not theirs or original is None or not original.serving_g or not serving.grams:
        return None
    found = _scaled(figure, original.serving_g / serving.grams)
    if found is None:
        return None
    value, low, high = (100 * (1 - one / theirs) for one in found)
    return value, high, low


def _eu(serving: Portion, original: Original | None) -> Iterator[NutritionClaim]:
    per_100 = 100 / serving.grams if serving.grams else None
    protein = _share(serving.protein_g, serving.kcal, 4)
    fibre = _scaled(serving.fibre_g, per_100)
    yield _claim(
        "eu-protein-source",
        "source of protein",
        "eu",
        protein,
        "% of energy",
        "12 % of the energy from protein",
        least=12,
    )
    yield _claim(
        "eu-protein-high",
        "high protein",
        "eu",
        protein,
        "% of energy",
        "20 % of the energy from protein",
        least=20,
    )
    yield _claim(
        "eu-low-energy",
        "low energy",
        "eu",
        _scaled(serving.kcal, per_100),
        "kcal per 100 g",
        "at most 40 kcal per 100 g",
        most=40,
    )
    yield _claim(
        "eu-reduced",
        "reduced energy, light",
        "eu",
        _less_of(serving.kcal, original.kcal if original else None, serving, original),
        "% less at equal weight",
        "at least 30 % less than the original",
        least=30,
    )
    yield _claim(
        "eu-low-fat",
        "low fat",
        "eu",
        _scaled(serving.fat_g, per_100),
        "g per 100 g",
        "at most 3 g of fat per 100 g",
        most=3,
    )
    yield _claim(
        "eu-low-sugars",
        "low sugars",
        "eu",
        _scaled(serving.sugars_g, per_100),
        "g per 100 g",
        "at most 5 g of sugars per 100 g",
        most=5,
    )
    yield _claim(
        "eu-fibre-source",
        "source of fibre",
        "eu",
        fibre,
        "g per 100 g",
        "3 g of fibre per 100 g",
        least=3,
    )
    yield _claim(
        "eu-fibre-high", "high fibre", "eu", fibre, "g per 100 g", "6 g of fibre per 100 g", least=6
    )


def _us(
    serving: Portion,
    original: Original | None,
    reference: ReferenceAmount | None,
    bench: Workpiece,
) -> Iterator[NutritionClaim]:
    per_reference = reference.grams / serving.grams if reference and serving.grams else None
    corrected = _corrected_protein(bench, serving, per_reference)
    unsaid = "" if reference else " (choose what it is eaten as, on the original)"
    amount = f"{reference.grams:g} g" if reference else "the reference amount"
    yield _claim(
        "us-protein-good",
        "good source of protein",
        "us",
        corrected,
        "g, corrected",
        f"10 % of 50 g in {amount}, corrected for quality{unsaid}",
        least=0.1 * DAILY_PROTEIN_G,
    )
    yield _claim(
        "us-protein-high",
        "high protein",
        "us",
        corrected,
        "g, corrected",
        f"20 % of 50 g in {amount}, corrected for quality{unsaid}",
        least=0.2 * DAILY_PROTEIN_G,
    )
    if reference and reference.main_dish:
        per_100 = 100 / serving.grams if serving.grams else None
        yield _claim(
            "us-low-calorie",
            "low calorie",
            "us",
            _scaled(serving.kcal, per_100),
            "kcal per 100 g",
            "at most 120 kcal per 100 g of a main dish",
            most=120,
        )
    else:
        yield _claim(
            "us-low-calorie",
            "low calorie",
            "us",
            _scaled(serving.kcal, _strict(reference, serving, per_reference)),
            "kcal",
            f"at most 40 kcal in {amount}{unsaid}",
            most=40,
        )
    less = _less_of(serving.kcal, original.kcal if original else None, serving, original)
    yield _claim(
        "us-reduced",
        "reduced calories",
        "us",
        less,
        "% less at equal weight",
        "at least 25 % less than the original",
        least=25,
    )
    yield _light(serving, original, less)
    yield _claim(
        "us-low-fat",
        "low fat",
        "us",
        _scaled(serving.fat_g, _strict(reference, serving, per_reference)),
        "g",
        f"at most 3 g in {amount}{unsaid}",
        most=3,
    )


def _strict(
    reference: ReferenceAmount | None, serving: Portion, per_reference: float | None
) -> float | None:
    """Where the reference amount is 30 g or less, the rule also holds for 50 g."""
    if reference is None or per_reference is None or not serving.grams:
        return None
    small = reference.grams <= SMALL_G
    return PER_SMALL_G / serving.grams if small else per_reference


def _light(serving: Portion, original: Original | None, less: Deciding) -> NutritionClaim:
    """A third fewer kcal or half the fat; half the fat when fat carries half of the energy."""
    if original and original.fat_g and original.kcal and 9 * original.fat_g >= original.kcal / 2:
        return _claim(
            "us-light",
            "light",
            "us",
            _less_of(serving.fat_g, original.fat_g, serving, original),
            "% less fat at equal weight",
            "half of its energy is fat, so at least 50 % less fat",
            least=50,
        )
    return _claim(
        "us-light",
        "light",
        "us",
        less,
        "% less at equal weight",
        "at least a third fewer kcal than the original",
        least=100 / 3,
    )


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
    return _scaled(serving.protein_g, per_reference * corrected / total)
