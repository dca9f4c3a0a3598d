"""Nutrients: one row for each figure that a panel prints or that is calculated from panels.

Labels, rounding, tolerance, audits, energy, the calculation with its margins, goals, comparisons,
files, schemas and pages read this one table. A new nutrient is a row in `table`; `./run types` then
writes `figure_types` from it, and `./run check` refuses a row that was not carried over.

model          what is known of a nutrient
table          the rows
figure_types   their keys and the values that hold a figure of each, as types (generated)
"""

from collections.abc import Iterable
from typing import Final, Literal

from gasket.core.trade.nutrients.model import NutrientRow, PrintedRow
from gasket.core.trade.nutrients.table import TABLE

BY_KEY: Final = {row.key: row for row in TABLE}


def _keys(rows: Iterable[NutrientRow]) -> tuple[str, ...]:
    return tuple(row.key for row in rows)


CALCULATED: Final = _keys(row for row in TABLE if row.calculated)
PRINTED: Final = _keys(row for row in TABLE if row.us or row.eu)
MACROS: Final = _keys(row for row in TABLE if row.macro)
GOALS: Final = _keys(row for row in TABLE if row.goal)
ABSENT_MEANS_NONE: Final = frozenset(row.key for row in TABLE if row.absent_means_none)

KCAL_PER_G: Final = {row.key: row.kcal_per_g for row in TABLE if row.kcal_per_g is not None}
MACRO_KCAL: Final = {key: KCAL_PER_G[key] for key in ("protein_g", "carbohydrate_g", "fat_g")}
"""4-4-9."""

WEIGH_BY_THEMSELVES: Final = _keys(
    row for row in TABLE if row.unit == "g" and row.part_of is None and row.key != "salt_g"
)
"""What a panel's figures add up from, salt apart: no part of another figure."""


def parts_of(whole: str, among: Iterable[str]) -> tuple[str, ...]:
    """Those of `among` that lie side by side in `whole`: each one's nearest whole of `among`."""
    keys = {*among}
    return tuple(key for key in BY_KEY if key in keys and whole_of(key, keys) == whole)


def whole_of(key: str, among: Iterable[str]) -> str | None:
    """The nearest figure of `among` that holds `key`."""
    keys = {*among}
    whole = BY_KEY[key].part_of
    while whole is not None and whole not in keys:
        whole = BY_KEY[whole].part_of
    return whole


def amount_of(key: str) -> str:
    """What follows a number of it: "kcal", "g protein", "mg iron"."""
    row = BY_KEY[key]
    return row.unit if row.name == "energy" else f"{row.unit} {row.short or row.name}"


def panel_rows(style: Literal["us", "eu"]) -> tuple[tuple[NutrientRow, PrintedRow], ...]:
    """The rows of a panel from top to bottom."""
    places = {
        printed.at: (row, printed)
        for row in TABLE
        if (printed := getattr(row, style)) is not None and printed.at is not None
    }
    return tuple(places[at] for at in sorted(places))


BESIDE_FIBRE: Final = tuple(key for key in parts_of("carbohydrate_g", PRINTED) if key != "fibre_g")
"""What a panel's carbohydrate holds besides fibre."""
