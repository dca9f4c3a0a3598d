"""The demo kitchen's shelf and dishes, from the files beside this: a shelf file and dishes as data.

Invented packages; figures, recipes and amounts are typical ones, from memory.
"""

from functools import cache
from pathlib import Path
from typing import Any, Final

from pydantic import Field, TypeAdapter

from gasket.core.numbers import Value
from gasket.core.rebuild.trial import Terms
from gasket.formats.shelf_csv import ShelfRow, Table, parse_row

_HERE: Final = Path(__file__).parent


class OriginalLine(Value):
    """A line of the original, known by its key."""

    key: str
    food: str
    grams: float


class RebuiltLine(Value):
    """A line of a rebuild: which of the food's packages, what it stands for in the original, and
    what the scale showed where the demo's batch came out other than planned."""

    food: str
    grams: float
    package: int = 0
    stands_for: tuple[str, ...] = ()
    why: str = ""
    weighed_g: float | None = None


class DemoDish(Value):
    """A dish, its original, trial A, and what the next trial changes: grams by line. The rest of a
    batch that is lighter than its lines stayed in the bowls."""

    name: str
    original: dict[str, Any]
    original_portions: int
    original_lines: dict[str, tuple[OriginalLine, ...]]
    portions: int
    terms: Terms
    rebuild: dict[str, tuple[RebuiltLine, ...]]
    mixture_g: float | None = None
    next_intent: str = ""
    next_grams: dict[str, float] = Field(default_factory=dict)

    def foods(self) -> set[str]:
        """What its original and its rebuild are made of."""
        originals = {line.food for lines in self.original_lines.values() for line in lines}
        return originals | {line.food for lines in self.rebuild.values() for line in lines}

    def weighed(self) -> dict[tuple[str, str], float]:
        """What came out other than planned, by component and food."""
        return {
            (part, line.food): line.weighed_g
            for part, lines in self.rebuild.items()
            for line in lines
            if line.weighed_g is not None
        }


@cache
def demo_dishes() -> tuple[DemoDish, ...]:
    """The loaf that the demo has tasted comes first."""
    text = (_HERE / "dishes.json").read_bytes()
    return TypeAdapter(tuple[DemoDish, ...]).validate_json(text)


@cache
def demo_shelf() -> dict[str, tuple[ShelfRow, ...]]:
    """The packages of each food."""
    table = Table((_HERE / "shelf.csv").read_bytes())
    foods: dict[str, list[ShelfRow]] = {}
    for _, cells in table.records():
        row = parse_row(cells, table.numbers)
        foods.setdefault(row.food, []).append(row)
    return {food: tuple(rows) for food, rows in foods.items()}


@cache
def food_of_package() -> dict[str, str]:
    """The food of each package, by the package's name."""
    return {row.label.name: food for food, rows in demo_shelf().items() for row in rows}
