"""What one amount may come to: readings, each with its words, and what is known of the food."""

from collections.abc import Callable
from dataclasses import dataclass, field, replace
from typing import Final, Literal, NamedTuple

from gasket.core.entry.model import Quantity
from gasket.core.label.food import FoodFacts, MeasureOrigin
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.trade.states import Weighed

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


class MissingFact(Answer):
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
    needs: MissingFact | None = None


@dataclass(frozen=True)
class FoodBackground:
    """What is known of the food that a line names."""

    facts: FoodFacts = field(default_factory=FoodFacts)
    label: Label | None = None
    package: Package = field(default_factory=Package)
    system: HouseholdSystem = HouseholdSystem.US
    pourable: bool = False
    kind: FoodKind = "other"
    weighed: Weighed | None = None
    """In which state its label's grams are: raw, cooked, dry."""
    like: "Lender | None" = None
    """The generic food of its kind: it lends what is not known of the food itself."""

    @property
    def refuse(self) -> "WeightShare | None":
        """What is thrown away of the weight as bought."""
        return self._share(lambda facts: facts.refuse_share)

    @property
    def drained(self) -> "WeightShare | None":
        """What is left of the net weight without its liquid."""
        return self._share(lambda facts: facts.drained_share)

    def _share(self, of: Callable[[FoodFacts], float | None]) -> "WeightShare | None":
        own = of(self.facts)
        if own is not None:
            return WeightShare(own)
        lent = None if self.like is None else of(self.like.facts)
        return None if lent is None or self.like is None else WeightShare(lent, self.like.says)

    def borrowed(
        self, ask: Callable[["FoodBackground"], "QuantityReadings"]
    ) -> "QuantityReadings | None":
        """What the generic food answers, which its readings say; None where it does not know."""
        if self.like is None:
            return None
        lender = replace(self, facts=self.like.facts, label=None, package=Package(), like=None)
        answer = ask(lender)
        if answer.readings[0].needs is not None:
            return None
        readings = tuple(
            reading.model_copy(update={"how": reading.how + self.like.says})
            for reading in answer.readings
        )
        return QuantityReadings(readings, answer.question)


@dataclass(frozen=True)
class Lender:
    """A generic food, and what is known of it."""

    name: str
    facts: FoodFacts = field(default_factory=FoodFacts)

    @property
    def says(self) -> str:
        """Whose figure it is, to follow the figure."""
        return f", as of “{self.name}”"


class WeightShare(NamedTuple):
    """A share of a weight, and whose it is where it is lent."""

    value: float
    says: str = ""


@dataclass(frozen=True)
class QuantityReadings:
    """Readings of one quantity with the question that they raise."""

    readings: tuple[AmountReading, ...]
    question: str = ""


ORIGIN_SAYS: Final[dict[MeasureOrigin, str]] = {
    "weighed": "weighed by you",
    "label": "from its label",
    "typical": "generic value",
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
    """The first that is known; 0 where neither is."""
    return value if value is not None else other or 0.0


def estimated(grams: float, low: float, high: float, how: str) -> AmountReading:
    """Grams from low to high as a reading; without a range where both are the same."""
    exact = low >= grams >= high
    return AmountReading(
        grams=grams, low_g=None if exact else low, high_g=None if exact else high, how=how
    )


def spelled(one: Quantity) -> str:
    """A quantity as a cook says it, without trailing zeros."""
    number = f"{one.low:.4g}" if one.low == one.high else f"{one.low:.4g} to {one.high:.4g}"
    unit = {"second": "s"}.get(one.unit, one.unit)
    return " ".join(word for word in (number, one.fill, unit) if word)
