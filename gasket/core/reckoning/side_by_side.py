"""Labels side by side: per 100 g, per 100 kcal, per 30 g of protein and per unit of price.

Margins come from the rounding of the panels. A figure per 100 kcal is a quotient of two figures of
one panel, so the rounding of the serving weight drops out of it.
"""

from typing import Final, Literal, NamedTuple

import numpy as np

from gasket.core.label.energy import EnergyMethod, Sum
from gasket.core.label.label import Label
from gasket.core.label.package import Package, price_per_g
from gasket.core.label.panel import INDEX, PerNutrient, panel_of, sums_of
from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import Facts, NutrientAmounts, facts
from gasket.core.trade.nutrients.figure_types import NUTRIENTS

Base = Literal["per_100g", "per_100kcal", "per_30g_protein", "per_price"]
PROTEIN_G: Final = 30.0


class LabelOnBase(Answer):
    """One label on one base. Grams and price are what that much of it weighs and costs."""

    grams: float | None
    price: float | None
    figures: Facts


class LabelComparison(Answer):
    """One label on every base that its figures allow; None where something is unknown."""

    per_100g: LabelOnBase | None
    per_100kcal: LabelOnBase | None
    per_30g_protein: LabelOnBase | None
    per_price: LabelOnBase | None


class _Rows(NamedTuple):
    value: PerNutrient
    lo: PerNutrient
    hi: PerNutrient
    mid: PerNutrient
    variance: PerNutrient


def compare(
    label: Label, package: Package, method: EnergyMethod, erythritol_kcal_per_g: float = 0.0
) -> LabelComparison:
    """`label` on the four bases. Price needs a price and a pack weight."""
    price = price_per_g(package, label)
    weighable = label.weight_g is not None
    return LabelComparison(
        per_100g=_by_weight(label, 100.0, price, method, erythritol_kcal_per_g)
        if weighable
        else None,
        per_100kcal=_by_figure(label, "kcal", 100.0, price, method, erythritol_kcal_per_g),
        per_30g_protein=_by_figure(
            label, "protein_g", PROTEIN_G, price, method, erythritol_kcal_per_g
        ),
        per_price=_by_weight(label, 1 / price, price, method, erythritol_kcal_per_g)
        if price and weighable
        else None,
    )


def _by_weight(
    label: Label, grams: float, price: float | None, method: EnergyMethod, erythritol: float
) -> LabelOnBase:
    panel = panel_of(label, method, erythritol)
    value, lo, hi, mid, variance = panel.rows
    figures = _facts(panel.known, _Rows(value, lo, hi, mid, variance), grams)
    return LabelOnBase(grams=grams, price=None if price is None else grams * price, figures=figures)


def _by_figure(
    label: Label,
    base: Literal["kcal", "protein_g"],
    amount: float,
    price: float | None,
    method: EnergyMethod,
    erythritol: float,
) -> LabelOnBase | None:
    sums = sums_of(label, method, erythritol)
    below = sums[INDEX[base]]
    if below is None or below.value <= 0:
        return None
    known = np.array([summed is not None for summed in sums])
    quotients = [_quotient(summed or Sum(0, 0, 0, 0, 0), below) for summed in sums]
    quotients[INDEX[base]] = (1.0, 1.0, 1.0, 1.0, 0.0)
    figures = _facts(known, _Rows(*np.array(quotients).T), amount)
    weight = label.weight_g
    grams = None if weight is None else weight / below.value * amount
    cost = None if price is None or grams is None else grams * price
    return LabelOnBase(grams=grams, price=cost, figures=figures)


def _quotient(one: Sum, below: Sum) -> tuple[float, float, float, float, float]:
    """Value, bounds, centre and variance of a quotient of two independent printed sums."""
    least = max(below.lo, 1e-9 * below.value)
    centre = below.mid if below.mid > 0 else below.value
    mid = one.mid / centre
    variance = one.variance / centre**2 + mid**2 * below.variance / centre**2
    return one.value / below.value, one.lo / below.hi, one.hi / least, mid, variance


def _facts(known: np.ndarray, rows: _Rows, factor: float) -> Facts:
    nothing = np.zeros((1, len(NUTRIENTS)))
    amounts = NutrientAmounts(
        known=known,
        value=rows.value,
        lo=rows.lo,
        hi=rows.hi,
        mid=rows.mid,
        from_labels=rows.variance[None, :],
        from_weighing=nothing,
        from_draws=nothing[0],
    )
    return Facts(**facts(amounts, factor))
