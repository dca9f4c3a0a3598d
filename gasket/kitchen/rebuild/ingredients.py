"""The ingredients of a build as the shelf knows them now, and what could go in."""

from collections.abc import Iterable

from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Build
from gasket.core.reckoning.batch import Settings
from gasket.core.swaps.options import Shelf
from gasket.core.trade.kind_reading import kind_read
from gasket.core.trade.kinds import FoodKind
from gasket.kitchen import settings
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import ShelfFood, ShelfLabel
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS, Food

MOST_OF_A_KIND = 40


def label_ids(build: Build) -> set[int]:
    return {line.label_id for line in build.lines() if line.label_id}


def ingredients(
    session: Session, labels: dict[int, ShelfLabel], reckoning: Settings
) -> dict[int, Ingredient]:
    """The ingredients of these shelf labels, by label id."""
    foods = FOODS.each(session, {label.food_id for label in labels.values()})
    return {
        key: _ingredient(label, foods[label.food_id], reckoning)
        for key, label in labels.items()
        if label.food_id in foods
    }


def _ingredient(one: ShelfLabel, food: Food | ShelfFood, reckoning: Settings) -> Ingredient:
    read = kind_read(food.facts.kind, food.name, food.facts.aliases, one.label.name)
    return Ingredient(
        label_id=one.id,
        food_id=one.food_id,
        food=food.name,
        label=one.label,
        package=one.package,
        kind=read.kind,
        kind_sure=read.sure,
        method=reckoning.energy,
        erythritol_kcal_per_g=reckoning.erythritol_kcal_per_g,
    )


def shelf_of(session: Session, kinds: Iterable[FoodKind], food_ids: Iterable[int] = ()) -> Shelf:
    """Packages of these kinds and foods: own before typical, lately used before the rest."""
    wanted = list(kinds)
    foods = FOODS.of_kinds(session, wanted, food_ids, MOST_OF_A_KIND * max(1, len(wanted)))
    reckoning = settings.read(session).reckoning
    by_kind: dict[FoodKind, list[Ingredient]] = {}
    by_food: dict[int, list[Ingredient]] = {}
    for food in shelf.shelf_foods(session, foods):
        for label in food.labels:
            one = _ingredient(label, food, reckoning)
            by_kind.setdefault(one.kind, []).append(one)
            by_food.setdefault(food.id, []).append(one)
    return Shelf(by_kind=by_kind, by_food=by_food)
