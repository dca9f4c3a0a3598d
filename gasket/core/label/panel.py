"""A label as nutrients per gram: value, bounds, centre and variance of each, as numpy rows."""

from functools import lru_cache
from typing import Final, Literal, NamedTuple

import numpy as np
from numpy.typing import NDArray

from gasket.core.label.energy import (
    EnergyMethod,
    Sum,
    Term,
    add_up,
    carbohydrate_terms,
    energy_terms,
    exactly,
    net_carbohydrate_terms,
)
from gasket.core.label.known_parts import known_part
from gasket.core.label.label import Label, basis, printed
from gasket.core.label.unsaid_fibre import sum_of
from gasket.core.trade.nutrients import BY_KEY, CALCULATED, MACRO_KCAL, parts_of
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, Nutrient

PerNutrient = NDArray[np.float64]
Material = Literal["protein", "carbohydrate", "fat", "fibre", "polyols"]
INDEX: Final[dict[Nutrient, int]] = {nutrient: i for i, nutrient in enumerate(NUTRIENTS)}
"""The column of each nutrient, in every row."""

PARTS: Final[dict[Nutrient, tuple[Nutrient, ...]]] = {
    whole: parts
    for whole in reversed(NUTRIENTS)
    if (parts := tuple(part for part in NUTRIENTS if part in parts_of(whole, NUTRIENTS)))
}
"""What a whole holds side by side, whatever else it holds; parts come before their wholes."""

MOST_PER_G: Final = np.array([BY_KEY[nutrient].most_per_g for nutrient in NUTRIENTS])
"""What a gram of anything can hold: 9 kcal, 1 g, 1000 mg."""

if NUTRIENTS != CALCULATED:
    raise ImportError("The types of the nutrients are older than their table: run ./run types.")


class Panel(NamedTuple):
    """Per gram of food: rows of value, lo, hi, centre and variance, one column a nutrient.

    Per piece where a label can only be counted (`Label.by_piece`). Where `known` is False, value
    and lo are those of the printed parts.
    """

    known: NDArray[np.bool_]
    rows: PerNutrient
    material: Material | None


def _terms(label: Label, nutrient: Nutrient, method: EnergyMethod, erythritol: float) -> list[Term]:
    match nutrient:
        case "kcal":
            return energy_terms(label, method, erythritol)
        case "carbohydrate_g":
            return carbohydrate_terms(label)
        case "net_carbohydrate_g":
            return net_carbohydrate_terms(label)
        case _:
            return [Term(nutrient, exactly(1))]


def sums_of(label: Label, method: EnergyMethod, erythritol_kcal_per_g: float) -> list[Sum | None]:
    """What the label's basis holds of each nutrient; None where it is unknown."""
    sums = {
        nutrient: sum_of(label, _terms(label, nutrient, method, erythritol_kcal_per_g))
        for nutrient in NUTRIENTS
    } | {"fibre_g": add_up(label, _terms(label, "fibre_g", method, 0.0))}
    for whole, parts in PARTS.items():
        total = sums[whole]
        if total is not None:
            least = sum((sums[part] or known_part(label, part, method)).lo for part in parts)
            sums[whole] = total._replace(lo=max(total.lo, min(least, total.value)))
    return [*sums.values()]


@lru_cache(maxsize=8192)
def panel_of(label: Label, method: EnergyMethod, erythritol_kcal_per_g: float) -> Panel:
    """The label's nutrients per gram. The error of the basis weight is in `variance` and bounds.

    A label for millilitres without a density can be neither weighed nor counted: all unknown.
    """
    per = basis(label)
    most = np.full(len(NUTRIENTS), np.inf) if label.by_piece else MOST_PER_G
    measurable = label.weight_g is not None or label.by_piece
    sums = sums_of(label, method, erythritol_kcal_per_g) if measurable else [None] * len(NUTRIENTS)
    known = np.array([found is not None for found in sums])
    rows = np.array(
        [
            found or (known_part(label, nutrient, method) if measurable else Sum(0, 0, 0, 0, 0))
            for nutrient, found in zip(NUTRIENTS, sums, strict=True)
        ]
    ).T
    value, lo, hi, mid, variance = rows
    value = value / per.value
    mid, variance = _capped(lo, hi, mid, variance, most * per.mid)
    hi = np.maximum(np.minimum(hi / per.lo, most), value)
    variance = variance / per.mid**2 + mid**2 * per.half**2 / 3 / per.mid**4
    return Panel(
        known, np.stack([value, lo / per.hi, hi, mid / per.mid, variance]), _material(value)
    )


@lru_cache(maxsize=8192)
def opened_by_unsaid_fibre(label: Label) -> float | None:
    """How much wider the label's carbohydrate is for not printing its fibre: the total of an EU
    panel, the net of others, in grams per gram (or piece). None where it is unknown anyway."""
    stated = printed(label, "carbohydrate_g")
    terms = net_carbohydrate_terms(label) if label.fibre_inside else carbohydrate_terms(label)
    total = sum_of(label, terms)
    if stated is None or total is None:
        return None
    return max(0.0, total.hi - total.lo - (stated.hi - stated.lo)) / basis(label).value


def _material(per_gram: PerNutrient) -> Material | None:
    """The macronutrient that most of the energy sits in; fibre and polyols count 2 kcal/g."""
    grams = dict(zip(NUTRIENTS, per_gram.tolist(), strict=True))
    energy: dict[Material, float] = {
        "protein": MACRO_KCAL["protein_g"] * grams["protein_g"],
        "carbohydrate": MACRO_KCAL["carbohydrate_g"] * grams["net_carbohydrate_g"],
        "fat": MACRO_KCAL["fat_g"] * grams["fat_g"],
        "fibre": 2 * grams["fibre_g"],
        "polyols": 2 * grams["polyols_g"],
    }
    material = max(energy, key=lambda name: energy[name])
    return material if energy[material] > 0 else None


def _capped(
    lo: PerNutrient, hi: PerNutrient, mid: PerNutrient, variance: PerNutrient, most: PerNutrient
) -> tuple[PerNutrient, PerNutrient]:
    """Centre and variance where rounding alone would allow more than a gram can hold."""
    over = (hi > most) & (lo < most)
    return (
        np.where(over, (lo + most) / 2, mid),
        np.where(over, np.minimum(variance, (most - lo) ** 2 / 12), variance),
    )
