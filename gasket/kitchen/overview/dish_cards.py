"""A dish in a list: the trial that it opens with, as planned or as last weighed, beside its
original. Kept, since lists are long."""

from collections.abc import Iterable
from dataclasses import dataclass
from typing import Final

from sqlmodel import Session

from gasket.core.errors import Refused
from gasket.core.label.panel import Material
from gasket.core.numbers import Answer
from gasket.core.rebuild.goals import GoalState, goal_states
from gasket.core.rebuild.section import Column
from gasket.core.reckoning.margin import AnyFigure, Portion
from gasket.core.reckoning.reckon import Result, reckon
from gasket.kitchen.kept import Kept
from gasket.kitchen.rebuild import build, drafts, trials
from gasket.kitchen.weigh import weighed
from gasket.store import rows
from gasket.store.kept_tables import DishStampRow, KeptDishRow
from gasket.store.tables import DishRow, TrialRow


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


class Served(Answer):
    """One serving of a dish, of its newest trial as planned or as last weighed."""

    name: str
    serving: Portion


def calculate(session: Session, dish_id: int) -> DishCard:
    """The card of a dish as it is stored now."""
    dish = rows.fetch(session, DishRow, dish_id)
    newest = _newest(session, dish)
    if newest is None:
        return DishCard(id=dish_id, name=dish.name, tags=tuple(dish.tags))
    trial, result = newest.trial, newest.result
    compared = result.original
    return DishCard(
        id=dish_id,
        name=dish.name,
        tags=tuple(dish.tags),
        trial_id=rows.key_of(trial),
        trial=trial.letter,
        keeper=rows.verdict_of(trial).stamp == "keep",
        weighed=newest.weighed,
        serving_g=result.serving.grams,
        kcal=result.serving.kcal,
        protein_g=result.serving.protein_g,
        saved_kcal=None if compared is None else compared.saved_kcal,
        original=_slices(newest.original),
        rebuild=tuple(_slice(line.material, line.kcal) for line in result.lines if line.kcal),
        goals=goal_states(rows.terms_of(trial).goal, result.serving, {}),
    )


def served(session: Session, dish_id: int) -> Served:
    """One serving of a dish. Raises `Refused` for a dish without a trial."""
    dish = rows.fetch(session, DishRow, dish_id)
    newest = _newest(session, dish)
    if newest is None:
        raise Refused("This dish has no trial yet.")
    return Served(name=f"{dish.name} {newest.trial.letter}", serving=newest.result.serving)


@dataclass(frozen=True)
class _Newest:
    """A dish's newest trial, as its last closed batch or else as planned."""

    trial: TrialRow
    weighed: bool
    result: Result
    original: Column | None


def _newest(session: Session, dish: DishRow) -> _Newest | None:
    trial = trials.opened(session, rows.key_of(dish))
    if trial is None:
        return None
    batch_id = rows.last_closed_batch(session, rows.key_of(trial))
    if batch_id is None:
        found = drafts.draft(session, rows.key_of(trial))
        planned = reckon(found.planned)
        beside = build.original_column(found.original, found.original_build, planned)
        return _Newest(trial, False, planned, beside)
    result = weighed.read(session, batch_id).result
    return _Newest(trial, True, result, build.original_of(session, dish, result))


def _slices(column: Column | None) -> tuple[Slice, ...]:
    layers: Iterable[tuple[Material | None, float | None]] = (
        () if column is None else ((layer.material, layer.kcal) for layer in column.layers)
    )
    return tuple(_slice(material, kcal) for material, kcal in layers if kcal)


def _slice(material: Material | None, kcal: float) -> Slice:
    return Slice(material=material, kcal=round(kcal, 2))


def _broken(session: Session, dish_id: int, says: str) -> DishCard:
    return DishCard(id=dish_id, name=rows.fetch(session, DishRow, dish_id).name, broken=says)


CARDS: Final = Kept(
    key="dish_id",
    figures=DishCard,
    calculate=calculate,
    broken=_broken,
    stamps=DishStampRow,
    kept_in=KeptDishRow,
)
