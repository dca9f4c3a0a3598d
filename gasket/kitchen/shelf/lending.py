"""Generic foods lend their cups, pieces and waste to packages of which nobody has weighed them."""

from dataclasses import dataclass, field

from gasket.core.entry.readings import Lender
from gasket.core.label.naming import FoodTitles, nearest
from gasket.core.trade.kind_reading import KindReading
from gasket.core.trade.kinds import FoodKind
from gasket.kitchen.shelf.shelf import ShelfFood, ShelfLabel
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS


@dataclass
class Generic:
    """The generic foods, looked up by kind as they are asked for."""

    session: Session
    found: dict[FoodKind, list[Lender]] = field(default_factory=dict)

    def like(self, food: ShelfFood, label: ShelfLabel) -> Lender | None:
        """The one that lends its cups and pieces to a package of the cook's own. None for a food
        whose kind is only guessed: its cup would be a guess of a guess."""
        if food.typical or food.kind == "other" or not KindReading(food.kind, food.kind_by).sure:
            return None
        if food.kind not in self.found:
            generic = FOODS.generic(self.session, food.kind)
            self.found[food.kind] = [Lender(one.name, one.facts) for one in generic]
        foods = self.found[food.kind]
        called = [FoodTitles(lender.name, lender.facts.aliases) for lender in foods]
        at = nearest(f"{food.name} {label.label.name}", called)
        return None if at is None else foods[at]
