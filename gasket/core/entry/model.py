"""What a line of a recipe says, as values."""

from typing import Final, Literal

from gasket.core.entry.words import SpoonFill
from gasket.core.numbers import Answer

FoodPart = Literal["", "juice", "zest", "juice and zest"]
WeighedAs = Literal["", "as bought", "edible"]

MOST_TEXT: Final = 300


class Quantity(Answer):
    """So many of a unit; `high` is above `low` for a range. Unit "" is a bare number."""

    low: float
    high: float
    unit: str = ""
    fill: SpoonFill = ""

    @property
    def middle(self) -> float:
        """Halfway from the least to the most, in its unit."""
        return (self.low + self.high) / 2


class Entry(Answer):
    """What a line says. Several quantities add up; `each` is the size of one pack or piece;
    `also` is the same amount said another way in brackets; `otherwise` is what the digits could
    mean as well ("1 200 g" read as one of 200 g could be 1,200 g). `unread` is what the note says
    beside how the food is prepared: it may mean another food, or more of it."""

    food: str
    quantities: tuple[Quantity, ...] = ()
    each: Quantity | None = None
    also: Quantity | None = None
    otherwise: Quantity | None = None
    part: FoodPart = ""
    states: tuple[str, ...] = ()
    bought: WeighedAs = ""
    to_taste: bool = False
    optional: bool = False
    protein_said: bool = False
    note: str = ""
    unread: str = ""
