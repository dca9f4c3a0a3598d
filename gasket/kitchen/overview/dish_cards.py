"""A dish in a list: the trial that it opens with, as planned or as last weighed, beside its
original. Kept, since lists are long."""

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final

from gasket.core.errors import Refused
from gasket.core.label.panel import Material
from gasket.core.numbers import Answer
from gasket.core.rebuild.goals import GoalState, goal_states
from gasket.core.rebuild.section import Column
from gasket.core.reckoning.margin import AnyFigure, Portion
from gasket.core.reckoning.reckon import Result, reckon
from gasket.kitchen import settings
from gasket.kitchen.rebuild import build, drafts, trials
from gasket.kitchen.weigh import weighed
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES
from gasket.store.books.dishes import DISHES, Dish
from gasket.store.books.figures import FigureBook
from gasket.store.books.trials import Trial


class Slice(Answer):
    """A layer of a cut bar: kcal of one ingredient in a serving, and what most of them sit in."""

    material: Material | None
    kcal: float


class DishCard(Answer):
    """A dish on the Kitchen screen. `broken` says why it cannot be calculated."""

    id: int
    name: str
    tags: tuple[str, ...] = ()
    broken: str = ""
    trial_id: int | None = None
    trial: str = ""
    keeper: bool = False
    weighed: bool = False
    serving_g: float | None = None
    kcal: AnyFigure = None
    protein_g: AnyFigure = None
    saved_kcal: float | None = None
    original: tuple[Slice, ...] = ()
    rebuild: tuple[Slice, ...] = ()
    goals: tuple[GoalState, ...] = ()


class ServingOfDish(Answer):
    """One serving of a dish, of its newest trial as planned or as last weighed."""

    name: str
    serving: Portion


def calculate(session: Session, dish_id: int) -> DishCard:
    """The card of a dish as it is stored now."""
    dish = DISHES.fetch(session, dish_id)
    newest = _newest(session, dish)
    if newest is None:
        return DishCard(id=dish_id, name=dish.name, tags=tuple(dish.tags))
    trial, result = newest.trial, newest.result
    compared = result.original
    return DishCard(
        id=dish_id,
        name=dish.name,
        tags=tuple(dish.tags),
        trial_id=trial.id,
        trial=trial.letter,
        keeper=trial.verdict.stamp == "keep",
        weighed=newest.weighed,
        serving_g=result.serving.grams,
        kcal=result.serving.kcal,
        protein_g=result.serving.protein_g,
        saved_kcal=None if compared is None else compared.saved_kcal,
        original=_slices(newest.original),
        rebuild=tuple(_slice(line.material, line.kcal) for line in result.lines if line.kcal),
        goals=goal_states(trial.terms.goal, result.serving, {}),
    )


def served(session: Session, dish_id: int) -> ServingOfDish:
    """One serving of a dish. Raises `Refused` for a dish without a trial."""
    dish = DISHES.fetch(session, dish_id)
    newest = _newest(session, dish)
    if newest is None:
        raise Refused("This dish has no trial yet.")
    return ServingOfDish(name=f"{dish.name} {newest.trial.letter}", serving=newest.result.serving)


@dataclass(frozen=True)
class _Newest:
    """A dish's newest trial, as its last closed batch or else as planned."""

    trial: Trial
    weighed: bool
    result: Result
    original: Column | None


def _newest(session: Session, dish: Dish) -> _Newest | None:
    trial = trials.opened(session, dish.id)
    if trial is None:
        return None
    batch = BATCHES.last_closed(session, [trial.id]).get(trial.id)
    if batch is None:
        draft = drafts.draft(session, trial.id)
        planned = reckon(draft.planned)
        beside = build.original_column(draft.original, draft.original_build, planned)
        return _Newest(trial, False, planned, beside)
    result = weighed.read(session, batch.id).result
    return _Newest(trial, True, result, build.original_of(session, dish, result))


def _slices(column: Column | None) -> tuple[Slice, ...]:
    layers: Iterable[tuple[Material | None, float | None]] = (
        () if column is None else ((layer.material, layer.kcal) for layer in column.layers)
    )
    return tuple(_slice(material, kcal) for material, kcal in layers if kcal)


def _slice(material: Material | None, kcal: float) -> Slice:
    return Slice(material=material, kcal=round(kcal, 2))


def _broken(session: Session, dish_id: int, says: str) -> DishCard:
    return DishCard(id=dish_id, name=DISHES.fetch(session, dish_id).name, broken=says)


DISH_CARDS: Final = FigureBook(
    of_what="dish",
    figures=DishCard,
    house=settings.figures_basis,
    calculate=calculate,
    broken=_broken,
)
