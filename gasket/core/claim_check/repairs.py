"""Which single figure, changed alone, would reconcile the rest."""

from collections.abc import Iterator
from typing import Final

from gasket.core.claim_check.equations import Equation, Values
from gasket.core.claim_check.figures import (
    NAME,
    ClaimSheet,
    FigurePlace,
    Repair,
    name_of,
    shown,
)
from gasket.core.label.rounding import Interval
from gasket.core.numbers import half_last_digit


def repairs_of(
    equations: list[Equation],
    failing: list[Equation],
    values: Values,
    at: dict[FigurePlace, Interval],
    sheet: ClaimSheet,
) -> Iterator[Repair]:
    """Single numbers that, put otherwise, leave the fewest equations broken: likeliest first."""
    if not failing:
        return
    by_place: dict[FigurePlace, Repair] = {}
    for equation in failing:
        for place in equation.places:
            should_be = _solved(equation, place, values)
            if should_be is None or should_be < 0:
                continue
            repair = _tried(place, should_be, equations, failing, values, at, sheet)
            best = by_place.get(place)
            if repair and (best is None or _rank(repair) < _rank(best)):
                by_place[place] = repair
    ranked = sorted(by_place.values(), key=_rank)
    fewest = ranked[0].leaves if ranked else 0
    yield from (repair for repair in ranked if repair.leaves == fewest)


OFF_THE_GRID: Final = 1.25
"""A repair that is not a figure as they are stated (29.3 among whole grams) is less likely."""


def _rank(repair: Repair) -> tuple[int, float]:
    step = 2 * half_last_digit(repair.stated)
    on_grid = abs(repair.should_be / step - round(repair.should_be / step)) < 0.01
    return repair.leaves, abs(repair.change) * (1.0 if on_grid else OFF_THE_GRID)


def _solved(equation: Equation, place: FigurePlace, values: Values) -> float | None:
    """The value of `place` with which the equation holds exactly: linear, so two points do."""

    def gap(value: float) -> float:
        exact = {key: Interval(value, value) for key, value in values.items()}
        exact[place] = Interval(value, value)
        return equation.left(exact).hi - equation.right(exact).hi

    stated = values[place]
    at_stated, further = gap(stated), gap(stated + 1)
    slope = further - at_stated
    return None if slope == 0 else stated - at_stated / slope


def _tried(
    place: FigurePlace,
    should_be: float,
    equations: list[Equation],
    failing: list[Equation],
    values: Values,
    at: dict[FigurePlace, Interval],
    sheet: ClaimSheet,
) -> Repair | None:
    stated = values[place]
    if place.figure == "servings" and stated == round(stated):
        should_be = float(round(should_be))
    half = 0.0 if place.figure == "servings" else half_last_digit(stated)
    repaired = {**at, place: Interval(max(0.0, should_be - half), should_be + half)}
    left = [equation for equation in equations if not equation.holds(repaired)]
    if len(left) >= len(failing):
        return None
    return Repair(
        claim=place.claim,
        part=place.part,
        figure=place.figure,
        stated=stated,
        should_be=should_be,
        change=(should_be - stated) / stated if stated else 1e9,
        settles=len(failing) - len(left),
        leaves=len(left),
        says=_repair_says(place, stated, should_be, sheet),
    )


def _repair_says(place: FigurePlace, stated: float, should_be: float, sheet: ClaimSheet) -> str:
    of = "" if len(sheet.claims) == 1 else f" of {name_of(sheet, place.claim)}"
    part = " of the batch" if place.part == "batch" else ""
    unit = "" if place.figure in ("kcal", "servings") else " g"
    return f"{NAME[place.figure]}{part}{of}: {shown(should_be)}{unit}, not {shown(stated)}{unit}"
