"""Dishes and their originals; the Kitchen's list of what is there and what is going on."""

from datetime import datetime
from typing import Annotated, Literal

from pydantic import Field
from sqlmodel import Session, col, select

from gasket.core.batch import Original
from gasket.core.cooking.cook_log import left_out
from gasket.core.errors import Conflict, FaultyInput
from gasket.core.goals import GoalState, goal_states
from gasket.core.margin import Portion
from gasket.core.numbers import Amount, Answer, Positive, Value
from gasket.core.reckon import ComparedOriginal, LineShare, reckon
from gasket.core.reference_amounts import ReferenceKey
from gasket.core.section import Column
from gasket.core.trial import ShortName
from gasket.kitchen import build, cooked, originals, trials, weigh, weighed
from gasket.kitchen.going_on import OpenCook, OpenWeighIn, open_cooks, open_weigh_ins
from gasket.kitchen.originals import OriginalFrom
from gasket.store import rows
from gasket.store.tables import BatchRow, DishRow, TrialRow


class OriginalEdit(Value):
    """One serving of the ordinary version, with the dish version that it was read at; `dish` is a
    new name for the dish itself."""

    version: Annotated[int, Field(ge=1)]
    dish: ShortName | None = None
    name: ShortName
    serving_g: Positive | None = None
    kcal: Amount | None = None
    protein_g: Amount | None = None
    carbohydrate_g: Amount | None = None
    fat_g: Amount | None = None
    original_from: OriginalFrom = "figures"
    reference: ReferenceKey | None = None
    source_note: Annotated[str, Field(max_length=2000)] = ""


class NewDish(Value):
    name: ShortName


Cooking = Literal["none", "going", "done"]


class BatchSummary(Answer):
    """A batch as a dish lists it; `cooking` is how far its steps are."""

    id: int
    started_at: datetime
    closed_at: datetime | None
    open_lines: int
    cooking: Cooking


class TrialSummary(Answer):
    id: int
    letter: str
    intent: str
    copied_from: int | None
    batches: tuple[BatchSummary, ...]


class DishSheet(Answer):
    """A dish with its original and its trials, newest last.

    `original` is one serving as it is compared with; `typed` are the figures that were typed, and
    `original_trial` holds its ingredients.
    """

    id: int
    name: str
    version: int
    original: Original
    typed: Original
    original_from: OriginalFrom
    original_trial: int | None
    reference: ReferenceKey | None
    source_note: str
    trials: tuple[TrialSummary, ...]


class DishCard(Answer):
    """A dish on the Kitchen screen: its newest trial, as planned or as last weighed."""

    id: int
    name: str
    trial_id: int
    trial: str
    weighed: bool
    serving: Portion
    original: ComparedOriginal | None
    original_column: Column | None
    goals: tuple[GoalState, ...]
    lines: tuple[LineShare, ...]
    names: tuple[str, ...]


class KitchenView(Answer):
    dishes: tuple[DishCard, ...]
    open_weigh_ins: tuple[OpenWeighIn, ...]
    open_cooks: tuple[OpenCook, ...]


def _batches(session: Session, trial_id: int) -> list[BatchRow]:
    query = select(BatchRow).where(BatchRow.trial_id == trial_id)
    return list(session.exec(query.order_by(col(BatchRow.id))))


def sheet(session: Session, dish_id: int) -> DishSheet:
    dish = rows.fetch(session, DishRow, dish_id)
    ingredients = originals.row_of(session, dish_id)
    return DishSheet(
        id=dish_id,
        name=dish.name,
        version=dish.version,
        original=originals.of(session, dish),
        typed=rows.original_of(dish),
        original_from=originals.from_of(dish),
        original_trial=None if ingredients is None else ingredients.id,
        reference=build.reference_of(dish),
        source_note=dish.source_note,
        trials=tuple(_trial(session, trial) for trial in trials.of_dish(session, dish_id)),
    )


def _trial(session: Session, trial: TrialRow) -> TrialSummary:
    batches = _batches(session, rows.key_of(trial))
    return TrialSummary(
        id=rows.key_of(trial),
        letter=trial.letter,
        intent=trial.intent,
        copied_from=trial.copied_from,
        batches=tuple(
            BatchSummary(
                id=rows.key_of(batch),
                started_at=batch.started_at,
                closed_at=batch.closed_at,
                open_lines=len(weigh.state_of(session, rows.key_of(batch)).open_lines),
                cooking=_cooking(session, batch),
            )
            for batch in batches
        ),
    )


def _cooking(session: Session, batch: BatchRow) -> Cooking:
    if batch.steps is None:
        return "none"
    log = cooked.log_of(session, rows.key_of(batch))
    if not log.begun:
        return "none"
    return "going" if left_out([step["id"] for step in batch.steps], log) else "done"


def add(session: Session, new: NewDish, now: datetime) -> DishSheet:
    """Start a dish with an empty trial A."""
    dish = DishRow(name=_name(new.name, "name"), created_at=now)
    session.add(dish)
    session.flush()
    session.add(TrialRow(dish_id=rows.key_of(dish), letter="A", created_at=now))
    return sheet(session, rows.key_of(dish))


def _name(typed: str, field: str) -> str:
    if not typed.strip():
        raise FaultyInput.at(field, "Give the dish a name.")
    return typed.strip()


def edit_original(session: Session, dish_id: int, edit: OriginalEdit) -> DishSheet:
    """Store the original. Raises `Conflict` when the dish was changed meanwhile."""
    dish = rows.fetch(session, DishRow, dish_id)
    if dish.version != edit.version:
        raise Conflict("original", sheet(session, dish_id))
    if edit.dish is not None:
        dish.name = _name(edit.dish, "dish")
    for field, value in edit.model_dump(exclude={"version", "dish", "name"}).items():
        setattr(dish, field, value)
    dish.original_name = edit.name.strip()
    dish.version += 1
    session.add(dish)
    return sheet(session, dish_id)


def kitchen(session: Session, now: datetime) -> KitchenView:
    cards: list[DishCard] = []
    for dish in list(session.exec(select(DishRow).order_by(col(DishRow.id)))):
        attempts = trials.of_dish(session, rows.key_of(dish))
        if attempts:
            cards.append(_card(session, dish, attempts[-1]))
    return KitchenView(
        dishes=tuple(cards),
        open_weigh_ins=tuple(open_weigh_ins(session)),
        open_cooks=tuple(open_cooks(session, now)),
    )


def _card(session: Session, dish: DishRow, trial: TrialRow) -> DishCard:
    batches = [
        batch for batch in _batches(session, rows.key_of(trial)) if batch.closed_at is not None
    ]
    if batches:
        made = weighed.read(session, rows.key_of(batches[-1]))
        batch, result = made.batch, made.result
        original = build.original_of(session, dish, result)
    else:
        found = build.draft(session, rows.key_of(trial))
        batch, result = found.planned, reckon(found.planned)
        original = build.original_column(found.original, found.original_build, result)
    return DishCard(
        id=rows.key_of(dish),
        name=dish.name,
        trial_id=rows.key_of(trial),
        trial=trial.letter,
        weighed=bool(batches),
        serving=result.serving,
        original=result.original,
        original_column=original,
        goals=goal_states(rows.terms_of(trial).goal, result.serving, {}),
        lines=result.lines,
        names=build.line_names(batch),
    )
