"""Goals and kept bands as limits that are linear in the amounts of the lines.

A share such as "25 % of the energy from fat" becomes 9 fat − 0.25 kcal ≤ 0. A band that the build
does not keep today is widened to where the build is: the solver never makes it worse, and never
refuses a build that is already out of the ordinary.
"""

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from typing import Final

from gasket.core.build_checks.allowed import bands_of
from gasket.core.build_checks.bands import Band
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.rebuild.goals import GOAL_NAMES, SOFT, Goal, GoalKey
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.workpiece import Measurable, quality
from gasket.core.trade.families import Span
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

    def of(self, name: Measurable) -> float:
        """A quality per gram as it counts in one serving; unknown counts as none."""
        return self.per_serving * (quality(self.food, name) or 0.0)


@dataclass(frozen=True)
class Limit:
    """low ≤ Σ weigh(spot) × amount ≤ high. `goal` limits may be relaxed, bands are kept; those of
    which there is nothing are kept `unsaid`."""

    key: str
    name: str
    unit: str
    weigh: Callable[[Spot], float]
    low: float
    high: float
    goal: bool
    unsaid: bool = False


_PLAIN: Final[dict[GoalKey, Measurable]] = {
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
            means: Measurable = (
                "net_carbohydrate_g" if goal.ratio_means == "net" else "carbohydrate_g"
            )
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
    key: GoalKey, limits: Limits, above: Measurable, below: Measurable, factor: float
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


def _bands(checked: CheckedBuild) -> Iterator[Limit]:
    """Every band, widened to where the build is."""
    for band, now in bands_of(checked):
        least, most = band.allowed
        here = Span(
            None if least is None else min(least, now), None if most is None else max(most, now)
        )
        there = now > 0 or not band.where_there
        for limit in kept(replace(band, allowed=here)):
            yield limit if there else replace(limit, unsaid=True)


def kept(band: Band) -> Iterator[Limit]:
    """A band as limits: broken where its check speaks."""
    least, most = band.allowed
    for bound, low, high in ((most, -_INF, 0.0), (least, 0.0, _INF)):
        if bound is not None:
            yield Limit(
                key=band.code,
                name=band.name.lower(),
                unit="",
                weigh=_kept_within(band, bound / band.times),
                low=low,
                high=high,
                goal=False,
            )


def _kept_within(band: Band, bound: float) -> Callable[[Spot], float]:
    def weigh(spot: Spot) -> float:
        if not band.weighs(spot.part):
            return 0.0
        counts = spot.per_serving if band.parts is None else 1.0
        return counts * (band.above(spot.food) - bound * band.below(spot.food))

    return weigh
