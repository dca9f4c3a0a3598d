"""Nutrients gone with the fat that was poured off a component."""

from typing import Final

import numpy as np

from gasket.core.label.panel import INDEX, PerNutrient
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.formula import Formula, quantity
from gasket.core.reckoning.margin import NutrientsLost, Panels
from gasket.core.trade.nutrients import MACRO_KCAL
from gasket.core.trade.nutrients.figure_types import NUTRIENTS

_POURED_FAT_AT_LEAST: Final = 0.5
"""Fat poured off is part water: the low end is half of it (common practice)."""


def poured_off(batch: Batch, formula: Formula, panels: Panels) -> NutrientsLost:
    """Nutrients gone with the fat poured off, at the batch's shares of each component."""
    lost = NutrientsLost(*(np.zeros(len(NUTRIENTS)) for _ in range(3)))
    poured = {
        part.name: sum(removal.fat_g for removal in part.removed) for part in batch.components
    }
    if any(poured.values()):
        held = _contents(batch, formula, panels)
        for name, fat_g in poured.items():
            _pour(lost, fat_g, held[name], formula.shares[name].value)
    return lost


def _pour(
    lost: NutrientsLost, fat_g: float, held: tuple[PerNutrient, PerNutrient], share: float
) -> None:
    value, hi = held
    fat, saturated, kcal = INDEX["fat_g"], INDEX["saturated_g"], INDEX["kcal"]
    gone = min(fat_g, value[fat])
    most = min(fat_g, hi[fat])
    least = _POURED_FAT_AT_LEAST * gone
    each = value[saturated] / value[fat] if value[fat] else 0.0
    fat_at_least = 2 * value[fat] - hi[fat]
    each_most = min(1.0, hi[saturated] / fat_at_least) if fat_at_least > 0 else 1.0
    each_least = max(0.0, 2 * value[saturated] - hi[saturated]) / hi[fat] if hi[fat] else 0.0
    ends = ((lost.value, gone, each), (lost.lo, least, each_least), (lost.hi, most, each_most))
    for row, grams, saturates in ends:
        row[fat] += share * grams
        row[kcal] += share * grams * MACRO_KCAL["fat_g"]
        row[saturated] += share * grams * saturates


def _contents(
    batch: Batch, formula: Formula, panels: Panels
) -> dict[str, tuple[PerNutrient, PerNutrient]]:
    """What the whole of each component holds, other components' parts included: value and most."""
    by_name = {part.name: part for part in batch.components}
    held: dict[str, tuple[PerNutrient, PerNutrient]] = {}
    for name in formula.parts_first:
        value, hi = np.zeros(len(NUTRIENTS)), np.zeros(len(NUTRIENTS))
        for line in by_name[name].lines:
            if line.label is not None:
                at = formula.position[line.label]
                amount = quantity(batch, line)
                value += amount.grams * panels.value[at]
                hi += amount.high_g * panels.hi[at]
            elif line.component is not None and (whole := by_name[line.component].whole_g):
                part_value, part_hi = held[line.component]
                value += line.grams / whole * part_value
                hi += line.high_g / whole * part_hi
        held[name] = (value, hi)
    return held
