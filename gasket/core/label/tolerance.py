"""The legal tolerance: how far the food itself may be from its label, and still be lawful.

A wider band than rounding, one-sided in the US, stepped in the EU. It is shown apart and never
mixed into a margin: most labels are far better than the law asks.

Sources: US 21 CFR 101.9(g)(4)-(5); European Commission guidance on tolerances, December 2012
(measurement uncertainty included). The guidance has no row for energy: it is derived here from the
rows of the macronutrients.
"""

from collections.abc import Iterator
from typing import Final

from gasket.core.label.label import Label, PrintedFigure, printed
from gasket.core.numbers import Answer
from gasket.core.trade.nutrients.model import NutrientRow
from gasket.core.trade.nutrients.table import TABLE

US_MOST: Final = 1.20
US_LEAST_NATURAL: Final = 0.80


class ToleranceLimits(Answer):
    """What the law allows a printed figure to stand for; None is without a limit that way."""

    field: str
    printed: float
    least: float | None
    most: float | None


def tolerated(label: Label) -> tuple[ToleranceLimits, ...]:
    """The band of each figure that its law has a row for, per label basis. Tables have none."""
    match label.style:
        case "us":
            return tuple(_us(label))
        case "eu":
            return tuple(_eu(label))
        case _:
            return ()


def _us(label: Label) -> Iterator[ToleranceLimits]:
    for row in TABLE:
        figure = printed(label, row.key) if row.us_tolerance else None
        if figure is None:
            continue
        ceiling = row.us_tolerance == "at most"
        yield ToleranceLimits(
            field=row.key,
            printed=figure.value,
            least=None if ceiling else US_LEAST_NATURAL * figure.value,
            most=US_MOST * figure.value if ceiling else None,
        )


def _eu(label: Label) -> Iterator[ToleranceLimits]:
    per = label.basis_ml or label.weight_g
    if per is None:
        return
    bands = [
        (row, figure, _eu_reach(row, figure, per))
        for row in TABLE
        if row.eu_tolerance and (figure := printed(label, row.key)) is not None
    ]
    kcal = printed(label, "kcal")
    if kcal is not None and bands:
        worth = [(row.annex_xiv[0], reach) for row, _, reach in bands if row.annex_xiv]
        below = sum(kcal_per_g * reach[0] for kcal_per_g, reach in worth)
        above = sum(kcal_per_g * reach[1] for kcal_per_g, reach in worth)
        yield _around("kcal", kcal, (below, above))
    for row, figure, reach in bands:
        yield _around(row.key, figure, reach)


def _eu_reach(row: NutrientRow, figure: PrintedFigure, per: float) -> tuple[float, float]:
    """How far below and above the figure the food may be."""
    per_100 = figure.value / per * 100
    step = next(step for step in row.eu_tolerance if per_100 < step.under)
    units = step.units * per / 100
    return units + step.share_below * figure.value, units + step.share_above * figure.value


def _around(field: str, figure: PrintedFigure, reach: tuple[float, float]) -> ToleranceLimits:
    below, above = reach
    return ToleranceLimits(
        field=field,
        printed=figure.value,
        least=max(0.0, figure.value - below),
        most=figure.value + above,
    )
