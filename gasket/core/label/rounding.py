"""How panels round, read backwards: the interval of true figures behind a printed one.

A rule is a ladder of tiers (`gasket.core.trade.nutrients`). In the tier from `start` up, figures
are printed to the nearest `step`; step 0 means "printed as 0". A printed figure may have come from
more than one tier (a US "50 kcal" from 47.5 to 50 by fives, from 50 to 55 by tens), so its interval
is the hull of what each tier would have printed so. A figure off the ladder was not rounded by the
rule: then half a unit of its last digit either way. Amounts without a rule (alcohol, organic acids)
likewise, and their 0 means none.
"""

from functools import lru_cache
from typing import Final, Literal, NamedTuple

from gasket.core.numbers import half_last_digit
from gasket.core.trade.nutrients import ABSENT_MEANS_NONE
from gasket.core.trade.nutrients.model import Ladder
from gasket.core.trade.nutrients.table import TABLE, US_SERVING

PanelStyle = Literal["us", "eu", "table"]


class Interval(NamedTuple):
    """Closed interval [lo, hi]; both ends in the unit of the figure."""

    lo: float
    hi: float


LADDERS: Final[dict[str, dict[str, Ladder]]] = {
    "us": {row.key: row.us.ladder for row in TABLE if row.us and row.us.ladder}
    | {"basis_g": US_SERVING},
    "eu": {row.key: row.eu.ladder for row in TABLE if row.eu and row.eu.ladder},
}

_NO_RULE_ZERO_IS_NONE: Final = ABSENT_MEANS_NONE - {*LADDERS["us"], *LADDERS["eu"]}
_SLACK: Final = 1e-9  # relative slack of binary fractions when asking "is it on the grid?"


def _on_grid(figure: float, step: float) -> bool:
    steps = figure / step
    return abs(steps - round(steps)) <= _SLACK * max(1.0, steps)


def _behind(figure: float, ladder: Ladder) -> Interval | None:
    """Hull of the true figures that the ladder prints as `figure`; None when it prints none so."""
    intervals: list[Interval] = []
    for tier, following in zip(ladder, (*ladder[1:], None), strict=True):
        end = tier.end or (following.start if following else float("inf"))
        if tier.step == 0:
            if figure == 0:
                intervals.append(Interval(tier.start, end))
        elif _on_grid(figure, tier.step):
            lo = max(figure - tier.step / 2, tier.start)
            hi = min(figure + tier.step / 2, end)
            if lo < hi:
                intervals.append(Interval(lo, hi))
    if not intervals:
        return None
    return Interval(min(part.lo for part in intervals), max(part.hi for part in intervals))


@lru_cache(maxsize=65536)
def interval_behind(style: PanelStyle, field: str, figure: float, spread: float) -> Interval:
    """Interval of true figures behind a printed one.

    `field` is a panel field of `gasket.core.label.label.Label` (`kcal`, `fat_g`, … or `basis_g`),
    `figure` is in that field's unit. `spread` is the relative half-width of a table value and acts
    in style `table` only, where the basis is exact; it is exact in style `eu` too.
    """
    if field == "basis_g" and style != "us":
        return Interval(figure, figure)
    if style == "table":
        return Interval(figure * (1 - spread), figure * (1 + spread))
    ladder = LADDERS[style].get(field)
    if ladder is not None and (interval := _behind(figure, ladder)) is not None:
        return interval
    if figure == 0 and field in _NO_RULE_ZERO_IS_NONE:
        return Interval(0.0, 0.0)
    half = half_last_digit(figure)
    return Interval(max(figure - half, 0.0), figure + half)
