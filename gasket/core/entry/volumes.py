"""Cups and spoons into grams: through the density of that very food, and whose cup it is."""

from collections.abc import Iterator
from typing import Final

from gasket.core.entry.model import Quantity
from gasket.core.entry.readings import (
    CONFLICT,
    FILL_FACTOR,
    HEAPED_SPREAD,
    LEVEL_SPREAD,
    ORIGIN_SAYS,
    AmountReading,
    FoodBackground,
    MissingFact,
    QuantityReadings,
    estimated,
    spelled,
)
from gasket.core.label.food import MeasureOrigin
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.trade.units import convert, has_measure, kind_of


def mass(one: Quantity, known: FoodBackground) -> QuantityReadings:
    """A quantity by weight; ounces may have been meant by volume, which is asked."""
    low, high = convert(one.low, one.unit), convert(one.high, one.unit)
    how = "as written" if one.unit == "g" else f"{spelled(one)} by weight"
    by_weight = estimated((low + high) / 2, low, high, how)
    if one.unit != "oz" or not known.pourable:
        return QuantityReadings((by_weight,))
    by_volume = volume(one.model_copy(update={"unit": "fl oz"}), known)
    return QuantityReadings(
        (by_weight, *by_volume.readings[:1]), "Ounces by weight, or fluid ounces?"
    )


def measured(one: Quantity, known: FoodBackground) -> QuantityReadings:
    """A mass or a volume."""
    return mass(one, known) if kind_of(one.unit) == "mass" else volume(one, known)


def _densities(known: FoodBackground) -> Iterator[tuple[float, MeasureOrigin]]:
    """Densities in the order of trust: weighed by the cook, on the label, typical."""
    facts = known.facts
    if facts.density_g_per_ml is not None and facts.density_origin == "weighed":
        yield facts.density_g_per_ml, "weighed"
    if known.label is not None and known.label.density is not None:
        yield known.label.density, "label"
    if facts.density_g_per_ml is not None and facts.density_origin != "weighed":
        yield facts.density_g_per_ml, "typical"


def volume(one: Quantity, known: FoodBackground) -> QuantityReadings:
    """A quantity by volume, through every density that the food is known to have."""
    densities = [*_densities(known)]
    if not densities and (lent := known.borrowed(lambda generic: volume(one, generic))):
        return lent
    if not densities:
        measure = "cup" if one.unit in ("pint", "quart", "gallon") else one.unit
        need = MissingFact(kind="volume", measure=measure)
        says = f"what does one {measure} of it weigh?"
        return QuantityReadings((AmountReading(grams=None, how=says, needs=need),))
    best = densities[0]
    readings = [_poured(one, known.system, best)]
    readings += [
        _poured(one, known.system, other)
        for other in densities[1:]
        if abs(other[0] / best[0] - 1) > CONFLICT
    ]
    readings += [_poured(one, system, best) for system in _other_systems(one, known.system)]
    question = "" if has_measure(one.unit, known.system) else f"Whose {one.unit}?"
    return QuantityReadings(tuple(readings), question)


def _other_systems(one: Quantity, system: HouseholdSystem) -> Iterator[HouseholdSystem]:
    """Whose cup or spoon holds something else."""
    own = convert(1, one.unit, system)
    seen = [own]
    for other in HouseholdSystem:
        ml = convert(1, one.unit, other)
        if has_measure(one.unit, other) and all(abs(ml / said - 1) > 0.02 for said in seen):
            seen.append(ml)
            yield other


def _poured(
    one: Quantity, system: HouseholdSystem, density: tuple[float, MeasureOrigin]
) -> AmountReading:
    per_ml, origin = density
    filled = FILL_FACTOR[one.fill]
    spread = HEAPED_SPREAD if one.fill in ("heaped", "rounded") else LEVEL_SPREAD
    ml_low = convert(one.low, one.unit, system) * filled
    ml_high = convert(one.high, one.unit, system) * filled
    grams = (ml_low + ml_high) / 2 * per_ml
    name = _SYSTEM_NAME[system] if one.unit not in ("ml", "cl", "dl", "l") else ""
    how = f"{spelled(one)} ({name}{(ml_low + ml_high) / 2:.4g} ml) at {per_ml:.3g} g/ml"
    how += f", {ORIGIN_SAYS[origin]}"
    return estimated(grams, ml_low * per_ml * (1 - spread), ml_high * per_ml * (1 + spread), how)


_SYSTEM_NAME: Final = {
    HouseholdSystem.US: "US, ",
    HouseholdSystem.US_LABEL: "US label, ",
    HouseholdSystem.METRIC: "metric, ",
    HouseholdSystem.UK: "UK, ",
    HouseholdSystem.AU: "AU, ",
}
