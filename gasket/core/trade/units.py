"""Units that a line of a recipe may carry, converted by pint.

The definitions are ours (`quantities`, each with its source), because a cup is five different
things; pint does the rest. Its import takes a third of a second, so it waits until it is needed.
"""

from functools import lru_cache
from typing import TYPE_CHECKING, Any, Final, Literal

from gasket.core.trade.quantities import GRAMS_PER, MILLILITRES_PER, HouseholdSystem

if TYPE_CHECKING:
    import pint

UnitKind = Literal["mass", "volume"]

METRIC_VOLUMES_ML: Final = {"ml": 1.0, "cl": 10.0, "dl": 100.0, "l": 1000.0}
_QUARTS_PER_GALLON: Final = 4
_PINTS_PER_QUART: Final = 2

MASS_UNITS: Final = tuple(GRAMS_PER)
VOLUME_UNITS: Final = (
    *METRIC_VOLUMES_ML,
    "cup",
    "tbsp",
    "tsp",
    "fl oz",
    "pint",
    "quart",
    "gallon",
)


def kind_of(unit: str) -> UnitKind | None:
    """Whether `unit` is a mass or a volume; None for anything that is counted."""
    if unit in MASS_UNITS:
        return "mass"
    return "volume" if unit in VOLUME_UNITS else None


def millilitres_per(system: HouseholdSystem) -> dict[str, float]:
    """The system's measures; what it lacks comes from the metric set (cups) or the US set."""
    lent = {**MILLILITRES_PER[HouseholdSystem.US], **MILLILITRES_PER[HouseholdSystem.METRIC]}
    measures = {**lent, **MILLILITRES_PER[system]}
    measures["quart"] = _PINTS_PER_QUART * measures["pint"]
    measures["gallon"] = _QUARTS_PER_GALLON * measures["quart"]
    return {**METRIC_VOLUMES_ML, **measures}


@lru_cache
def _registry(system: HouseholdSystem) -> "pint.UnitRegistry[Any]":
    import pint

    registry: pint.UnitRegistry[Any] = pint.UnitRegistry(None)
    registry.define("gram = [mass] = g")
    registry.define("millilitre = [volume] = ml")
    for name, grams in GRAMS_PER.items():
        if name != "g":
            registry.define(f"{name} = {grams!r} * gram")
    for name, ml in millilitres_per(system).items():
        if name != "ml":
            registry.define(f"{name.replace(' ', '_')} = {ml!r} * millilitre")
    return registry


def convert(amount: float, unit: str, system: HouseholdSystem = HouseholdSystem.US) -> float:
    """Grams of a mass unit, millilitres of a volume unit, in `system`."""
    to = "gram" if kind_of(unit) == "mass" else "millilitre"
    quantity = _registry(system).Quantity(amount, unit.replace(" ", "_"))
    return float(quantity.to(to).magnitude)


def has_measure(unit: str, system: HouseholdSystem) -> bool:
    """Whether the system itself knows the measure (there is no UK cup)."""
    own = MILLILITRES_PER[system]
    return unit in METRIC_VOLUMES_ML or unit in own or (unit in ("quart", "gallon"))
