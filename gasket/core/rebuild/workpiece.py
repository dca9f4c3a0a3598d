"""A build on the piece: every line with its ingredient and its way into one serving.

Swaps, build checks, the solver and the price of a line all work on this one view.
"""

from collections.abc import Iterator, Mapping
from dataclasses import dataclass
from typing import Literal

from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Build, BuildLine, planned_g
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.formula import flatten
from gasket.core.reckoning.portions import divide
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.nutrients.figure_types import Nutrient

Measurable = Literal[Nutrient, "grams", "water_g", "sweetness_g", "cost"]
"""What a line brings: nutrients, and what a build is judged by."""


def quality(of: Ingredient, name: Measurable) -> float | None:
    """Of a quality per gram (per piece where it can only be counted); None is unknown."""
    match name:
        case "grams":
            return None if of.by_piece else 1.0
        case "water_g":
            return of.water
        case "sweetness_g":
            return of.sweetness
        case "cost":
            return of.price
        case _:
            return of.per_g(name)


@dataclass(frozen=True)
class PlacedLine:
    """A line of a label where it stands. `per_serving` turns an amount of it into one serving's."""

    component: int
    index: int
    part: str
    line: BuildLine
    ingredient: Ingredient
    amount: float
    """Grams; pieces where it can only be counted."""
    per_serving: float

    @property
    def kind(self) -> FoodKind:
        return self.ingredient.kind

    @property
    def grams(self) -> float:
        """Grams in the whole batch; 0 of what is only counted."""
        return 0.0 if self.ingredient.by_piece else self.amount

    def brings(self, name: Measurable) -> float | None:
        """What the line brings to the batch."""
        each = quality(self.ingredient, name)
        return 0.0 if self.amount == 0 else None if each is None else each * self.amount


@dataclass(frozen=True)
class Workpiece:
    """A build with its ingredients by label id and each component's way into a serving."""

    build: Build
    ingredients: Mapping[int, Ingredient]
    per_serving: Mapping[str, float]

    @classmethod
    def of(cls, build: Build, ingredients: Mapping[int, Ingredient], planned: Batch) -> "Workpiece":
        """Raises `FaultyInput` where the planned batch cannot be reckoned."""
        formula = flatten(planned)
        mean = divide(planned, formula.used_g).serving_share or 0.0
        shares = {name: share.value * mean for name, share in formula.shares.items()}
        return cls(build, ingredients, shares)

    def lines(self) -> Iterator[PlacedLine]:
        """Every line of a label, those switched off with an amount of 0."""
        for i, j, line in self.build.placed():
            food = None if line.label_id is None else self.ingredients.get(line.label_id)
            if food is not None:
                part = self.build.components[i].name
                amount = 0.0 if line.off else amount_of(line, food)
                yield PlacedLine(i, j, part, line, food, amount, self.per_serving.get(part, 0.0))

    def line(self, line_id: str) -> PlacedLine | None:
        """The line of this id; None where it is not there, or has no label."""
        return next((placed for placed in self.lines() if placed.line.id == line_id), None)

    def serving(self, name: Measurable) -> float | None:
        """What one serving holds of a quality; None while a line's part of it is unknown."""
        total = 0.0
        for placed in self.lines():
            brought = placed.brings(name)
            if brought is None:
                return None
            total += brought * placed.per_serving
        return total

    def protein_by_kind(self) -> Iterator[tuple[FoodKind, float]]:
        """Grams of protein that each line brings into a serving; nothing where it is unknown."""
        for line in self.lines():
            yield line.kind, (line.brings("protein_g") or 0.0) * line.per_serving

    def base(self) -> list[PlacedLine]:
        """The lines of the component that holds most of the dry base; all when none holds any."""
        lines = [*self.lines()]
        dry: dict[int, float] = {}
        for line in lines:
            dry[line.component] = dry.get(line.component, 0.0) + dry_base_g(line)
        main = max(dry, key=lambda at: dry[at], default=None)
        if main is None or dry[main] <= 0:
            return lines
        return [line for line in lines if line.component == main]

    def within(self, component: int) -> list[PlacedLine]:
        """The lines of one component."""
        return [line for line in self.lines() if line.component == component]

    def dry_share(self, component: int) -> float:
        """What part of a component is dry base or bread; 0 where nothing in it is weighed."""
        lines = self.within(component)
        grams = sum(line.grams for line in lines)
        dry = sum(line.grams if line.kind == "bread" else dry_base_g(line) for line in lines)
        return dry / grams if grams > 0 else 0.0


def amount_of(line: BuildLine, of: Ingredient) -> float:
    """Grams of the line; pieces where nobody has weighed one."""
    if of.by_piece:
        return line.count or 0.0
    return planned_g(line, of.label)


def dry_base_g(one: PlacedLine) -> float:
    """What the line counts for as dry base: flour, powders, cocoa and starch."""
    return one.grams * one.ingredient.dry_base
