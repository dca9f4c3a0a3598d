"""Finding foods: the shelf's list, recent first, and full-text search with spelling tolerance."""

from typing import Final

from gasket.core.label.energy import EnergyMethod
from gasket.core.label.naming import FoodTitles, fit, sure_one
from gasket.core.label.panel import INDEX, panel_of
from gasket.core.numbers import Answer
from gasket.kitchen import settings
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import ShelfFood, ShelfLabel
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS, MatchedBy, find_foods

MOST_AT_ONCE: Final = 200


class ItemLabel(Answer):
    """A package in a list: what a cook chooses by. None is unknown."""

    id: int
    name: str
    typical: bool
    kcal_per_100g: float | None
    protein_per_100g: float | None


class FoodItem(Answer):
    id: int
    name: str
    aliases: tuple[str, ...]
    typical: bool
    recent: bool
    labels: tuple[ItemLabel, ...]


class FoodPage(Answer):
    """A page of foods, how many there are in all, and how loosely the words were found. `sure` when
    the first is called what was typed."""

    foods: tuple[FoodItem, ...]
    total: int
    how: MatchedBy
    sure: bool


def page(
    session: Session, words: str = "", limit: int = 50, offset: int = 0, *, own_only: bool = False
) -> FoodPage:
    """Foods for `words`; without words all of them, lately used ones first, then by name.
    `own_only` without the generic ones."""
    limit = min(limit, MOST_AT_ONCE)
    found, total, how = _found(session, words, limit, offset, own_only=own_only)
    method = settings.read(session).energy
    fits = [fit(words, (), called(food)) for food, _ in found] if words.strip() else []
    return FoodPage(
        foods=tuple(_item(food, recent, method) for food, recent in found),
        total=total,
        how=how,
        sure=how == "words" and sure_one(fits),
    )


def called(food: ShelfFood) -> FoodTitles:
    """Everything that a food goes by."""
    return FoodTitles(
        food.name, food.facts.aliases, tuple(label.label.name for label in food.labels)
    )


def foods(session: Session, words: str, limit: int) -> tuple[list[ShelfFood], MatchedBy]:
    """The whole foods for `words`, best first, and how loosely they were found."""
    found, _, how = _found(session, words, limit, 0)
    return [food for food, _ in found], how


def of_ids(session: Session, keys: list[int]) -> list[ShelfFood]:
    """The whole foods of these ids, in their order."""
    if not keys:
        return []
    return shelf.shelf_foods(session, FOODS.in_order(session, keys))


def _found(
    session: Session, words: str, limit: int, offset: int, *, own_only: bool = False
) -> tuple[list[tuple[ShelfFood, bool]], int, MatchedBy]:
    how: MatchedBy = "words"
    if words.strip():
        hit = find_foods(session, words, limit, offset, own_only=own_only)
        found, total, how = FOODS.in_order(session, hit.ids), hit.total, hit.how
    else:
        found, total = FOODS.lately_used(session, limit, offset, own_only=own_only)
    whole = shelf.shelf_foods(session, found)
    recently = [stored.used_at is not None for stored in found]
    return list(zip(whole, recently, strict=True)), total, how


def _item(food: ShelfFood, recent: bool, method: EnergyMethod) -> FoodItem:
    return FoodItem(
        id=food.id,
        name=food.name,
        aliases=food.facts.aliases,
        typical=food.typical,
        recent=recent,
        labels=tuple(_item_label(label, method) for label in food.labels),
    )


def _item_label(one: ShelfLabel, method: EnergyMethod) -> ItemLabel:
    panel = panel_of(one.label, method, 0.0)
    weighable = one.label.weight_g is not None

    def per_100g(at: int) -> float | None:
        return float(panel.rows[0][at]) * 100 if weighable and panel.known[at] else None

    return ItemLabel(
        id=one.id,
        name=one.label.name,
        typical=one.label.style == "table",
        kcal_per_100g=per_100g(INDEX["kcal"]),
        protein_per_100g=per_100g(INDEX["protein_g"]),
    )
