"""Goals and kept bands as limits that are linear in the amounts of the lines.

A share such as "25 % of the energy from fat" becomes 9 fat − 0.25 kcal ≤ 0. A band that the build
does not keep today is widened to where the build is: the solver never makes it worse, and never
refuses a build that is already out of the ordinary.
"""

from collections.abc import Callable, Collection, Iterator
from dataclasses import dataclass
from typing import Final

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import (
    LIFTS,
    MOSTLY_WHEY,
    SODA_IN_POWDER,
)
from gasket.core.rebuild.goals import GOAL_NAMES, SOFT, Goal, GoalKey
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.workpiece import Quality, quality
from gasket.core.trade.caution import POLYOLS_MOST
from gasket.core.trade.families import Span
from gasket.core.trade.kinds import POWDERS, FoodKind
from gasket.core.trade.limits import Limits
from gasket.core.trade.nutrients import MACRO_KCAL
from gasket.core.trade.nutrients.figure_types import GOAL_NUTRIENTS

PAN_FILL: Final = Span(0.9, 1.15)
"""A serving keeps about its weight, unless the goal says otherwise: the pan stays as full."""


@dataclass(frozen=True)
class Spot:
    """A food in a component: what one gram of it adds to a limit depends on both."""

    food: Ingredient
    part: str
    per_serving: float

    def of(self, name: Quality) -> float:
        """A quality per gram as it counts in one serving; unknown counts as none."""
        return self.per_serving * (quality(self.food, name) or 0.0)


@dataclass(frozen=True)
class Limit:
    """low ≤ Σ weigh(spot) × amount ≤ high. `goal` limits may be relaxed, bands are kept."""

    key: str
    name: str
    unit: str
    weigh: Callable[[Spot], float]
    low: float
    high: float
    goal: bool


_PLAIN: Final[dict[GoalKey, Quality]] = {
    **{nutrient: nutrient for nutrient in GOAL_NUTRIENTS},
    "serving_g": "grams",
}
_INF: Final = float("inf")


def limits_of(checked: CheckedBuild) -> tuple[Limit, ...]:
    """Every goal that the solver can work towards, and every band that it keeps."""
    goal = checked.terms.goal
    return (*_goals(goal), *_bands(checked), *_pan_fill(checked, goal))


def _goals(goal: Goal) -> Iterator[Limit]:
    for key, limits in goal.given():
        if key in SOFT:
            continue
        if key in _PLAIN:
            yield _plain(key, limits)
        elif key == "carbohydrate_per_protein":
            means: Quality = "net_carbohydrate_g" if goal.ratio_means == "net" else "carbohydrate_g"
            yield from _ratio(key, limits, means, "protein_g", 1.0)
        elif key == "fat_energy":
            yield from _ratio(key, limits, "fat_g", "kcal", 0.01 / MACRO_KCAL["fat_g"])
        elif key == "protein_energy":
            yield from _ratio(key, limits, "protein_g", "kcal", 0.01 / MACRO_KCAL["protein_g"])


def _plain(key: GoalKey, limits: Limits) -> Limit:
    name, unit = GOAL_NAMES[key]
    kind = _PLAIN[key]
    return Limit(
        key=key,
        name=name,
        unit=unit,
        weigh=lambda spot: spot.of(kind),
        low=-_INF if limits.least is None else limits.least,
        high=_INF if limits.most is None else limits.most,
        goal=True,
    )


def _ratio(
    key: GoalKey, limits: Limits, above: Quality, below: Quality, factor: float
) -> Iterator[Limit]:
    """above ≤ most × factor × below, and the other way round for least."""
    name, unit = GOAL_NAMES[key]
    for bound, low, high in ((limits.most, -_INF, 0.0), (limits.least, 0.0, _INF)):
        if bound is not None:
            per = bound * factor
            yield Limit(
                key=key,
                name=name,
                unit=unit,
                weigh=lambda spot, per=per: spot.of(above) - per * spot.of(below),  # type: ignore[misc]
                low=low,
                high=high,
                goal=True,
            )


def _pan_fill(checked: CheckedBuild, goal: Goal) -> Iterator[Limit]:
    now = checked.held("grams")
    if goal.serving_g.given or now <= 0:
        return
    yield Limit(
        key="pan_fill",
        name="serving weight as it is",
        unit="g",
        weigh=lambda spot: spot.of("grams"),
        low=PAN_FILL.least * now if PAN_FILL.least else -_INF,
        high=PAN_FILL.most * now if PAN_FILL.most else _INF,
        goal=False,
    )


# Bands: numerator − bound × denominator, over the bowl that holds the flour.


@dataclass(frozen=True)
class _Band:
    key: str
    name: str
    above: Callable[[Ingredient], float]
    below: Callable[[Ingredient], float]
    span: Span
    everywhere: bool = False
    """Over all components, and not in one bowl."""


def _bands(checked: CheckedBuild) -> Iterator[Limit]:
    for band in (*_bands_of(checked), *_ratios_of(checked)):
        yield from _band_limits(checked, band)
    yield from _whole_bands(checked)


def _ratios_of(checked: CheckedBuild) -> Iterator[_Band]:
    for ratio in checked.family.ratios if checked.family else ():
        yield _Band(
            ratio.code,
            ratio.name.lower(),
            _one_of(ratio.of),
            _one_of(ratio.to) if ratio.to else lambda _: 1.0,
            ratio.span,
            everywhere=bool(ratio.to),
        )


def _one_of(kinds: Collection[FoodKind]) -> Callable[[Ingredient], float]:
    return lambda food: float(food.kind in kinds)


def _bands_of(checked: CheckedBuild) -> Iterator[_Band]:
    bands = checked.bands
    if not checked.is_batter:
        return
    if bands.water:
        yield _Band(
            "hydration",
            "water to dry base",
            lambda food: food.water,
            lambda food: food.dry_base,
            bands.water,
        )
    if bands.lift:
        least, most = bands.lift
        least = None if checked.rises_by_itself else least
        span = Span((least or 0) / 100, None if most is None else most / 100)
        yield _Band("leavening", "raising agent", _lift, lambda food: food.dry_base, span)
    if bands.powder_most is not None and checked.has_flour:
        blend, whey = bands.powder_most
        yield _Band(
            "powder_share",
            "protein powder in the dry base",
            lambda food: float(food.kind in POWDERS),
            _plain_base,
            Span(None, blend),
        )
        # Powder that is mostly whey keeps to less: so little whey is never too much of it.
        yield _Band(
            "whey_share",
            "whey in the dry base",
            lambda food: float(food.kind == "whey_powder"),
            _plain_base,
            Span(None, MOSTLY_WHEY * whey),
        )
    if bands.fat:
        keep, none = bands.fat
        yield _Band(
            "fat_floor",
            "fat in the mixture",
            lambda food: food.amount("fat_g"),
            lambda _: 1.0,
            Span(none if checked.terms.fat_school == "none" else keep, None),
        )
    tasted = (placed for placed in checked.base if placed.kind not in LIFTS)
    if bands.salt and all(placed.ingredient.per_g("sodium_mg") is not None for placed in tasted):
        least, most = bands.salt
        yield _Band(
            "salt",
            "salt in the mixture",
            lambda food: 0.0 if food.kind in LIFTS else food.salt,
            lambda _: 1.0,
            Span((least or 0) / 100, None if most is None else most / 100),
        )


def _lift(food: Ingredient) -> float:
    return {"baking_powder": 1.0, "baking_soda": SODA_IN_POWDER}.get(food.kind, 0.0)


def _plain_base(food: Ingredient) -> float:
    return float(food.dry_base > 0)


def _band_limits(checked: CheckedBuild, band: _Band) -> Iterator[Limit]:
    if not checked.base:
        return
    part = None if band.everywhere else checked.base[0].part
    lines = [*checked.piece.lines()] if band.everywhere else checked.base
    below = sum(band.below(placed.ingredient) * placed.grams for placed in lines)
    above = sum(band.above(placed.ingredient) * placed.grams for placed in lines)
    if below <= 0 or (above <= 0 and band.everywhere):
        return
    now = above / below
    least, most = band.span
    for bound, low, high in (
        (None if most is None else max(most, now), -_INF, 0.0),
        (None if least is None else min(least, now), 0.0, _INF),
    ):
        if bound is not None:
            yield Limit(
                key=band.key,
                name=band.name,
                unit="",
                weigh=_in_part(part, band, bound),
                low=low,
                high=high,
                goal=False,
            )


def _in_part(part: str | None, band: _Band, bound: float) -> Callable[[Spot], float]:
    def weigh(spot: Spot) -> float:
        if part not in (None, spot.part) or spot.food.by_piece:
            return 0.0
        counts = 1.0 if part is None else spot.per_serving
        return counts * (band.above(spot.food) - bound * band.below(spot.food))

    return weigh


def _whole_bands(checked: CheckedBuild) -> Iterator[Limit]:
    """Sweetness against the original and the share of polyols, over all of a serving."""
    now = checked.held("grams")
    if now <= 0:
        return
    if (floor := _sweetness_floor(checked, now)) is not None:
        yield _over_all("sweetness", "sweetness", "sweetness_g", floor, 0.0, _INF)
    polyols = checked.held("polyols_g") / now
    most = max(POLYOLS_MOST, polyols)
    yield _over_all("polyols", "share of polyols", "polyols_g", most, -_INF, 0.0)


def _sweetness_floor(checked: CheckedBuild, now_g: float) -> float | None:
    """Sucrose equivalents per gram that a serving keeps; None where it does not matter."""
    family, original = checked.family, checked.original
    if family is None or not family.sweet or original is None or not checked.original_serving_g:
        return None
    theirs = (original.serving("sweetness_g") or 0.0) / checked.original_serving_g
    ours = checked.held("sweetness_g") / now_g
    return min(checked.terms.sweetness_least * theirs, ours)


def _over_all(key: str, name: str, above: Quality, bound: float, low: float, high: float) -> Limit:
    return Limit(
        key=key,
        name=name,
        unit="",
        weigh=lambda spot: spot.of(above) - bound * spot.of("grams"),
        low=low,
        high=high,
        goal=False,
    )
