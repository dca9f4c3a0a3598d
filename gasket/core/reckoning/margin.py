"""Figures with a margin: value, likely band, worst case, or unknown.

Everything is linear in the grams, so one matrix of nutrients per gram and one vector of grams per
label give all figures at once. *Worst* adds the extremes; *likely* adds variances (errors of one
label count once, whatever the number of its lines) and is clipped to the worst case.
"""

from collections.abc import Iterable
from dataclasses import dataclass
from functools import cached_property
from math import sqrt
from typing import Final

import numpy as np
from numpy.typing import NDArray

from gasket.core.label.panel import INDEX, PARTS, Material, Panel, PerNutrient
from gasket.core.reckoning.formula import Formula, GramsByLabel
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, OfEach

LowHigh = tuple[float, float]
TWO_SIDED_95: Final = 1.96
_PLACES_OF_PARTS: Final = tuple(
    (INDEX[whole], tuple(INDEX[part] for part in parts)) for whole, parts in PARTS.items()
)


@dataclass(frozen=True, slots=True)
class Figure:
    """A known figure, unrounded."""

    value: float
    likely: LowHigh
    worst: LowHigh

    def times(self, factor: float) -> "Figure":
        """So many times of it."""
        likely, worst = ((low * factor, high * factor) for low, high in (self.likely, self.worst))
        return Figure(self.value * factor, likely, worst)


@dataclass(frozen=True, slots=True)
class PartlyKnown:
    """A figure with an unknown part; the known parts come to `at_least`."""

    at_least: float
    value: None = None
    likely: None = None
    worst: None = None


AnyFigure = Figure | PartlyKnown | None


def value_of(figure: AnyFigure) -> float | None:
    """The value of a figure; None is unknown."""
    return figure.value if isinstance(figure, Figure) else None


def slack_of_sum(variances_g2: Iterable[float], least_g: float) -> float:
    """How far a sum of weights may be off its parts, 19 times in 20; `least_g` at least."""
    return max(least_g, TWO_SIDED_95 * sqrt(sum(variances_g2)))


class Facts(OfEach[Figure | PartlyKnown]):
    """What something holds. None is unknown."""


class Portion(Facts):
    """What one portion of `grams` holds; grams are None while the batch weighs nothing."""

    grams: float | None


@dataclass(frozen=True, slots=True)
class Panels:
    """All labels' nutrients per gram: matrices of labels × nutrients."""

    known: NDArray[np.bool_]
    value: PerNutrient
    lo: PerNutrient
    hi: PerNutrient
    mid: PerNutrient
    variance: PerNutrient
    materials: tuple[Material | None, ...]

    @classmethod
    def stack(cls, panels: list[Panel]) -> "Panels":
        """Many labels as one array, a label a row."""
        if not panels:
            empty = np.zeros((0, len(NUTRIENTS)))
            return cls(empty.astype(bool), empty, empty, empty, empty, empty, ())
        known = np.array([panel.known for panel in panels])
        rows = np.array([panel.rows for panel in panels])
        value, lo, hi, mid, variance = rows.transpose(1, 0, 2)
        materials = tuple(panel.material for panel in panels)
        return cls(known, value, lo, hi, mid, variance, materials)

    def without(self, unknown: frozenset[int]) -> "Panels":
        """The same, with nothing known of the labels at these positions."""
        if not unknown:
            return self
        rows = np.isin(np.arange(len(self.known)), list(unknown))[:, None]
        return Panels(
            self.known & ~rows,
            np.where(rows, 0.0, self.value),
            np.where(rows, 0.0, self.lo),
            np.where(rows, 0.0, self.hi),
            np.where(rows, 0.0, self.mid),
            np.where(rows, 0.0, self.variance),
            self.materials,
        )


@dataclass(frozen=True)
class NutrientAmounts:
    """Figures as arrays of nutrients, with the variance split by where it comes from."""

    known: NDArray[np.bool_]
    value: PerNutrient
    lo: PerNutrient
    hi: PerNutrient
    mid: PerNutrient
    from_labels: PerNutrient  # labels × nutrients
    from_weighing: PerNutrient  # labels × nutrients
    from_draws: PerNutrient  # nutrients

    @cached_property
    def variance(self) -> PerNutrient:
        """Of each nutrient, from labels, weighing and draws together."""
        total: PerNutrient = (
            self.from_labels.sum(axis=0) + self.from_weighing.sum(axis=0) + self.from_draws
        )
        return total

    def less(self, lost: "NutrientsLost") -> "NutrientAmounts":
        """Take off what was poured away; nothing falls below 0."""
        return NutrientAmounts(
            self.known,
            np.maximum(self.value - lost.value, 0),
            np.maximum(self.lo - lost.hi, 0),
            np.maximum(self.hi - lost.lo, 0),
            np.maximum(self.mid - (lost.lo + lost.hi) / 2, 0),
            self.from_labels,
            self.from_weighing,
            self.from_draws + (lost.hi - lost.lo) ** 2 / 12,
        )


@dataclass(frozen=True, slots=True)
class NutrientsLost:
    """Nutrients poured off: value, and the interval that they lie in."""

    value: PerNutrient
    lo: PerNutrient
    hi: PerNutrient

    def scaled(self, factor: float) -> "NutrientsLost":
        """Times an exact factor."""
        return NutrientsLost(self.value * factor, self.lo * factor, self.hi * factor)


def amounts(panels: Panels, grams: GramsByLabel, formula: Formula, share: float) -> NutrientAmounts:
    """What `grams` of the labels hold; the formula's draws come in by `share`."""
    present = grams_present(grams)
    mid_grams = grams.mid[:, None]
    draws = sum((((draw.grams_by_label @ panels.mid) * share) ** 2 for draw in formula.draws), 0.0)
    return NutrientAmounts(
        known=np.all(panels.known[present], axis=0),
        value=grams.value @ panels.value,
        lo=grams.lo @ panels.lo,
        hi=grams.hi @ panels.hi,
        mid=grams.mid @ panels.mid,
        from_labels=mid_grams**2 * panels.variance,
        from_weighing=panels.mid**2 * grams.variance[:, None],
        from_draws=np.zeros(len(NUTRIENTS)) + draws,
    )


def grams_present(grams: GramsByLabel) -> NDArray[np.bool_]:
    """Labels of which there is something: an unknown figure of nothing makes nothing unknown."""
    return (grams.value > 0) | (grams.mid > 0)


def facts(amounts: NutrientAmounts, factor: float = 1.0) -> dict[str, AnyFigure]:
    """Figures by nutrient, each times `factor`."""
    half = TWO_SIDED_95 * np.sqrt(amounts.variance)
    lo, hi, value = amounts.lo, amounts.hi, amounts.value
    worst_lo, worst_hi = np.minimum(lo, value), np.maximum(hi, value)
    likely_lo = np.minimum(np.clip(amounts.mid - half, worst_lo, worst_hi), value)
    likely_hi = np.maximum(np.clip(amounts.mid + half, worst_lo, worst_hi), value)
    _not_below_its_parts(likely_lo, value)
    columns = np.stack([value, likely_lo, likely_hi, worst_lo, worst_hi]).T * factor
    return {
        nutrient: _figure(row) if known else _partly(row)
        for nutrient, known, row in zip(
            NUTRIENTS, amounts.known.tolist(), columns.tolist(), strict=True
        )
    }


def _not_below_its_parts(likely_lo: PerNutrient, value: PerNutrient) -> None:
    """A whole is likely at least what its parts likely are at least."""
    for whole, parts in _PLACES_OF_PARTS:
        least = min(sum(likely_lo[part] for part in parts), value[whole])
        likely_lo[whole] = max(likely_lo[whole], least)


def _figure(row: list[float]) -> Figure:
    value, likely_lo, likely_hi, worst_lo, worst_hi = row
    return Figure(value=value, likely=(likely_lo, likely_hi), worst=(worst_lo, worst_hi))


def _partly(row: list[float]) -> PartlyKnown | None:
    at_least = row[3]
    return PartlyKnown(at_least=at_least) if at_least > 0 else None
