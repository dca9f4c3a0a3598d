"""Generic foods lend their cups, pieces and waste to packages of which nobody has weighed them."""

from dataclasses import dataclass, field

from sqlmodel import Session

from gasket.core.entry.readings import Lender
from gasket.core.label.naming import Called, nearest
from gasket.core.trade.kinds import FoodKind
from gasket.kitchen.shelf.shelf import ShelfFood, ShelfLabel
from gasket.store import rows
from gasket.store.tables import FoodRow


@dataclass
class Generic:
    """The generic foods, looked up by kind as they are asked for."""

    session: Session
    found: dict[FoodKind, list[FoodRow]] = field(default_factory=dict)

    def like(self, food: ShelfFood, label: ShelfLabel) -> Lender | None:
        """The one that lends its cups and pieces to a package of the cook's own. None for a food
        whose kind is only guessed: its cup would be a guess of a guess."""
        if food.typical or food.kind_by not in ("said", "name") or food.kind == "other":
            return None
        if food.kind not in self.found:
            self.found[food.kind] = rows.generic_foods(self.session, food.kind)
        foods = self.found[food.kind]
        called = [Called(row.name, rows.facts_of(row).aliases) for row in foods]
        at = nearest(f"{food.name} {label.label.name}", called)
        return None if at is None else Lender(foods[at].name, rows.facts_of(foods[at]))
