"""What one amount may come to: readings, each with its words, and what is known of the food."""

from dataclasses import dataclass, field
from typing import Final, Literal

from gasket.core.entry.model import Quantity
from gasket.core.label.food import FoodFacts, MeasureOrigin
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer
from gasket.core.trade.quantities import HouseholdSystem

NeedKind = Literal["volume", "measure", "refuse", "drained"]

# Common practice: cups and spoons are good to about a tenth, heaped ones to a quarter.
LEVEL_SPREAD: Final = 0.10
HEAPED_SPREAD: Final = 0.25
# From memory: how much a spoon holds beside a level one.
FILL_FACTOR: Final = {
    "": 1.0,
    "level": 1.0,
    "packed": 1.0,
    "heaped": 1.5,
    "rounded": 1.25,
    "scant": 0.9,
}
CONFLICT: Final = 0.10
"""Relative difference from which two sources are both shown."""


class Need(Answer):
    """What has to be told or weighed once: grams of one `measure` of this food, or a share."""

    kind: NeedKind
    measure: str


class AmountReading(Answer):
    """One way of reading the line. `low_g` and `high_g` where it is no weighed amount."""

    grams: float | None
    low_g: float | None = None
    high_g: float | None = None
    count: float | None = None
    how: str
    needs: Need | None = None


@dataclass(frozen=True)
class Known:
    """What is known of the food that a line names."""

    facts: FoodFacts = field(default_factory=FoodFacts)
    label: Label | None = None
    package: Package = field(default_factory=Package)
    system: HouseholdSystem = HouseholdSystem.US
    pourable: bool = False


@dataclass(frozen=True)
class Found:
    """Readings of one quantity with the question that they raise."""

    readings: tuple[AmountReading, ...]
    question: str = ""


ORIGIN_SAYS: Final[dict[MeasureOrigin, str]] = {
    "weighed": "weighed by you",
    "label": "from its label",
    "typical": "typical, from memory",
}


def scaled(
    reading: AmountReading, factor: float, how: str, low: float = 1.0, high: float = 1.0
) -> AmountReading:
    """`factor` times the reading; its ends `low` and `high` times that. Unknown stays unknown."""
    if reading.grams is None:
        return reading
    least, most = or_else(reading.low_g, reading.grams), or_else(reading.high_g, reading.grams)
    return estimated(reading.grams * factor, least * factor * low, most * factor * high, how)


def or_else(value: float | None, other: float | None) -> float:
    return value if value is not None else other or 0.0


def estimated(grams: float, low: float, high: float, how: str) -> AmountReading:
    exact = low >= grams >= high
    return AmountReading(
        grams=grams, low_g=None if exact else low, high_g=None if exact else high, how=how
    )


def spelled(one: Quantity) -> str:
    number = f"{one.low:.4g}" if one.low == one.high else f"{one.low:.4g} to {one.high:.4g}"
    unit = {"second": "s"}.get(one.unit, one.unit)
    return " ".join(word for word in (number, one.fill, unit) if word)
