"""The number that decides whether a serving may be called so, and how far off it is."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass
from functools import partial
from typing import Literal

from gasket.core.law.reference_amounts import ReferenceAmount
from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion

School = Literal["us", "eu"]
ReducibleFigure = Literal["kcal", "fat_g", "sugars_g", "fibre_g"]
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


@dataclass(frozen=True, slots=True)
class ClaimSubject:
    """A serving as the rules look at it. `corrected` is its protein by quality in the reference
    amount; a `drink` has limits of its own in the EU."""

    serving: Portion
    original: Original | None = None
    reference: ReferenceAmount | None = None
    drink: bool = False
    corrected: Deciding = None


@dataclass(frozen=True, slots=True)
class ClaimLimit:
    """One number that a rule asks for, in `unit`, with its bound and how that is said."""

    number: Callable[[ClaimSubject], Deciding]
    unit: str
    says: str
    least: float | None = None
    most: float | None = None

    def beyond(self, value: float) -> float:
        """By how much a value misses the bound; 0 where it keeps it."""
        if self.least is not None:
            return max(0.0, self.least - value)
        return max(0.0, value - (self.most or 0.0))


@dataclass(frozen=True, slots=True)
class Rule:
    """A word and what it asks for: one number, `either` of several, or `both` of two."""

    key: str
    name: str
    school: School
    limits: tuple[ClaimLimit, ...]
    how: Literal["either", "both"] = "either"

    def verdict(self, judged: ClaimSubject) -> NutritionClaim:
        """Whether it fits: of several numbers by the one that comes nearest, or that is furthest
        where both must be kept."""
        each = [self._by(limit, judged) for limit in self.limits]
        return nearest(each) if self.how == "either" else max(each, key=_distance)

    def _by(self, limit: ClaimLimit, judged: ClaimSubject) -> NutritionClaim:
        number = limit.number(judged)
        by = 0.0 if number is None else limit.beyond(number[0])
        verdict: ClaimVerdict = "cannot_tell"
        if number is not None:
            crossing = any(limit.beyond(edge) > 0 for edge in number[1:])
            verdict = "no" if by > 0 else "within_margin" if crossing else "yes"
        return NutritionClaim(
            key=self.key,
            name=self.name,
            school=self.school,
            verdict=verdict,
            value=None if number is None else number[0],
            unit=limit.unit,
            least=limit.least,
            most=limit.most,
            by=by,
            says=limit.says,
        )


def scaled(figure: object, factor: float | None) -> Deciding:
    """A figure with its likely interval, times a factor; None where either is unknown."""
    if not isinstance(figure, Figure) or factor is None:
        return None
    return figure.value * factor, figure.likely[0] * factor, figure.likely[1] * factor


def share(figure: object, kcal: object, per_g: float) -> Deciding:
    """Percent of the energy, its bounds from the figure's own likely margin."""
    if not isinstance(kcal, Figure) or kcal.value <= 0:
        return None
    return scaled(figure, 100 * per_g / kcal.value)


def _less(judged: ClaimSubject, name: ReducibleFigure) -> Deciding:
    """Percent less than the original has, weight for weight."""
    serving, original = judged.serving, judged.original
    theirs = getattr(original, name) if original else None
    if not theirs or original is None or not original.serving_g or not serving.grams:
        return None
    found = scaled(getattr(serving, name), original.serving_g / serving.grams)
    if found is None:
        return None
    value, low, high = (100 * (1 - ours / theirs) for ours in found)
    return value, high, low


def less_than_the_original(name: Literal["kcal", "fat_g"], least: float, says: str) -> ClaimLimit:
    """So many percent less than the original has, weight for weight."""
    unit = "% less fat at equal weight" if name == "fat_g" else "% less at equal weight"
    return ClaimLimit(partial(_less, name=name), unit, says, least=least)


def per_100_g(judged: ClaimSubject, name: ReducibleFigure) -> Deciding:
    """A figure of the serving in 100 g of it."""
    grams = judged.serving.grams
    return scaled(getattr(judged.serving, name), 100 / grams if grams else None)


def nearest(claims: Iterable[NutritionClaim]) -> NutritionClaim:
    """Of several ways to be called so, the one that comes nearest."""
    return min(claims, key=_distance)


def _distance(claim: NutritionClaim) -> tuple[int, float]:
    order = ("yes", "within_margin", "cannot_tell", "no")
    limit = claim.least if claim.least is not None else claim.most
    return order.index(claim.verdict), claim.by / limit if limit else claim.by
