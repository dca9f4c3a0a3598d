"""The number that decides whether a serving may be called so, and how far off it is."""

from typing import Literal

from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion

School = Literal["us", "eu"]
ClaimVerdict = Literal["yes", "within_margin", "no", "cannot_tell"]


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


Deciding = tuple[float, float, float] | None
"""Value, likely low, likely high of the number that decides; None is unknown."""


def claim(
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
    by = 0.0 if found is None else off(found[0], least, most)
    verdict: ClaimVerdict = "cannot_tell"
    if found is not None:
        crossing = any(off(edge, least, most) > 0 for edge in found[1:])
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


def off(value: float, least: float | None, most: float | None) -> float:
    if least is not None:
        return max(0.0, least - value)
    return max(0.0, value - (most or 0.0))


def scaled(figure: object, factor: float | None) -> Deciding:
    if not isinstance(figure, Figure) or factor is None:
        return None
    return figure.value * factor, figure.likely[0] * factor, figure.likely[1] * factor


def share(figure: object, kcal: object, per_g: float) -> Deciding:
    """Percent of the energy, its bounds from the figure's own likely margin."""
    if not isinstance(kcal, Figure) or kcal.value <= 0:
        return None
    return scaled(figure, 100 * per_g / kcal.value)


def less_of(
    figure: object, theirs: float | None, serving: Portion, original: Original | None
) -> Deciding:
    """Percent less than the original has, weight for weight."""
    if not theirs or original is None or not original.serving_g or not serving.grams:
        return None
    found = scaled(figure, original.serving_g / serving.grams)
    if found is None:
        return None
    value, low, high = (100 * (1 - one / theirs) for one in found)
    return value, high, low


def either(one: NutritionClaim, other: NutritionClaim) -> NutritionClaim:
    """A rule with two numbers of which one is enough: the one that comes nearer to it."""
    return min((one, other), key=_distance)


def both(one: NutritionClaim, other: NutritionClaim) -> NutritionClaim:
    """A rule with two numbers that must both be kept: the one that is further from it."""
    return max((one, other), key=_distance)


def _distance(found: NutritionClaim) -> tuple[int, float]:
    order = ("yes", "within_margin", "cannot_tell", "no")
    limit = found.least if found.least is not None else found.most
    return order.index(found.verdict), found.by / limit if limit else found.by
