"""Trials of a dish: copied to the next letter with an intent, compared, scaled, topped."""

import uuid
from collections.abc import Iterable, Iterator, Sequence
from datetime import datetime
from typing import Annotated, Any

from pydantic import Field

from gasket.core.errors import Refused
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.goals import Preset, presets
from gasket.core.rebuild.resizing import Scaling, ScalingAnswer, scale
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine, Remark
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.reckoning.reckon import reckon
from gasket.core.tasting.verdict import opens_with
from gasket.core.trade.kinds import FoodKind
from gasket.kitchen.rebuild import build, drafts, ingredients, originals
from gasket.kitchen.rebuild.build import TrialSheet
from gasket.kitchen.shelf.shelf import ShelfLabel, shelf_labels
from gasket.store.books import Session, builds
from gasket.store.books.dishes import DISHES
from gasket.store.books.trials import TRIALS, Trial

ORIGINAL_LETTER = "original"


class NewTrial(Value):
    """The next trial: a copy of one, with what it is meant to change."""

    copy_of: int
    intent: Remark = ""


class IntentEdit(Value):
    intent: Remark


def opened(session: Session, dish_id: int) -> Trial | None:
    """The trial that a dish opens with."""
    return opened_of(TRIALS.of_dish(session, dish_id))


def opened_of(trials: Sequence[Trial]) -> Trial | None:
    """Of a dish's trials, oldest first, the one that it opens with: an archived one only where
    there is no other."""
    here = [trial for trial in trials if trial.set_aside_at is None] or trials
    at = opens_with([trial.verdict.stamp for trial in here])
    return None if at is None else here[at]


def opened_each(session: Session, dish_ids: Iterable[int]) -> dict[int, Trial]:
    """The trial that each of these dishes opens with."""
    by_dish = TRIALS.of_dishes(session, dish_ids)
    opened = {key: opened_of(trials) for key, trials in by_dish.items()}
    return {key: trial for key, trial in opened.items() if trial is not None}


def letter(number: int) -> str:
    """A, B … Z, AA, AB …"""
    text = ""
    while number >= 0:
        text = chr(ord("A") + number % 26) + text
        number = number // 26 - 1
    return text


def blank(session: Session, dish_id: int, intent: str, now: datetime, **more: Any) -> Trial:
    """The next trial of the dish with nothing in it yet. A letter is never given twice."""
    next_letter = letter(TRIALS.ever_of(session, dish_id))
    return TRIALS.add(
        session, dish_id=dish_id, letter=next_letter, intent=intent, created_at=now, **more
    )


def copy(session: Session, dish_id: int, new: NewTrial, now: datetime) -> TrialSheet:
    """The next trial of the dish as a copy: lines keep their ids, so that what changes shows."""
    DISHES.fetch(session, dish_id)
    source = TRIALS.fetch(session, new.copy_of)
    if source.dish_id != dish_id or source.is_original:
        raise Refused("Copy a trial of this dish.")
    trial = blank(session, dish_id, new.intent.strip(), now, copied_from=new.copy_of)
    fill(session, trial, source)
    return build.sheet(session, trial.id)


def fill(session: Session, made: Trial, source: Trial) -> None:
    """Give a new trial the build and the steps of another."""
    planned = builds.build_of(session, source)
    builds.write_build(session, made, planned, stored_steps=source.stored_steps)


def edit_intent(session: Session, trial_id: int, edit: IntentEdit) -> TrialSheet:
    TRIALS.change(session, TRIALS.fetch(session, trial_id), intent=edit.intent.strip())
    return build.sheet(session, trial_id)


def start_original(session: Session, dish_id: int, now: datetime) -> TrialSheet:
    """The original as ingredients, begun now unless it is there already."""
    DISHES.fetch(session, dish_id)
    known = TRIALS.original_of(session, dish_id)
    return build.sheet(session, (known or blank_original(session, dish_id, now)).id)


def blank_original(session: Session, dish_id: int, now: datetime) -> Trial:
    """The original of the dish with no ingredients yet."""
    return TRIALS.add(
        session, dish_id=dish_id, letter=ORIGINAL_LETTER, is_original=True, created_at=now
    )


def from_original(session: Session, trial_id: int) -> Build:
    """The original's ingredients as a build to begin a trial with, each line standing for its
    own."""
    trial = TRIALS.fetch(session, trial_id)
    original = TRIALS.original_of(session, trial.dish_id)
    source = None if original is None else builds.build_of(session, original)
    if source is None or not any(True for _ in source.lines()):
        raise Refused("The original has no ingredients yet: enter them on its page.")
    return Build(
        portions=source.portions,
        terms=trial.terms,
        components=tuple(
            BuildComponent(name=part.name, lines=tuple(_standing_for(part.lines)))
            for part in source.components
        ),
    )


def _standing_for(lines: tuple[BuildLine, ...]) -> Iterator[BuildLine]:
    for line in lines:
        yield line.model_copy(update={"id": str(uuid.uuid4()), "stands_for": (line.id,)})


class ScalingWanted(Value):
    """An unsaved build and how it is to be scaled."""

    build: Build
    scaling: Scaling


def scale_edit(session: Session, trial_id: int, wanted: ScalingWanted) -> ScalingAnswer:
    return scale(drafts.draft(session, trial_id, wanted.build).piece, wanted.scaling)


def goal_presets(session: Session, trial_id: int) -> tuple[Preset, ...]:
    """Starting points for a goal, those relative to the original worked out from it."""
    trial = TRIALS.fetch(session, trial_id)
    return presets(originals.of(session, DISHES.fetch(session, trial.dish_id)))


# A topping allowance

TOPPINGS: tuple[FoodKind, ...] = (
    *("syrup", "jam", "nuts", "chocolate", "cheese", "cream", "thick_yogurt", "whipped_topping"),
    *("fruit", "nut_butter", "sauce", "mayonnaise", "seeds", "cream_cheese", "dried_fruit"),
)
MOST_TOPPINGS = 16
_PER_KIND = 2


class AllowanceWanted(Value):
    """kcal of one serving that may be spent on a topping; None takes what the goal leaves."""

    build: Build
    kcal: Annotated[float, Field(strict=True, allow_inf_nan=False, ge=0, le=5000)] | None = None


class Topping(Answer):
    """So many grams of a food fit, and bring this."""

    label_id: int
    name: str
    grams: float
    kcal: float
    protein_g: float | None
    in_build: bool


class Allowance(Answer):
    """What fits into the kcal that are left, most protein first."""

    kcal: float | None
    toppings: tuple[Topping, ...]
    labels: dict[int, ShelfLabel]


def allowance(session: Session, trial_id: int, wanted: AllowanceWanted) -> Allowance:
    """Toppings that fit. Lines that are switched off come first: they were meant to go on."""
    draft = drafts.draft(session, trial_id, wanted.build)
    kcal = wanted.kcal
    if kcal is None:
        kcal = _left(wanted.build, reckon(draft.planned).serving)
    if kcal is None or kcal <= 0:
        return Allowance(kcal=kcal, toppings=(), labels={})
    off = [
        food
        for placed in draft.piece.lines()
        if placed.line.off and (food := placed.ingredient) and not food.by_piece
    ]
    shelf = ingredients.shelf_of(session, TOPPINGS)
    others = [food for kind in TOPPINGS for food in shelf.by_kind.get(kind, ())[:_PER_KIND]]
    seen = {food.label_id for food in off}
    toppings = [
        Topping(
            label_id=food.label_id,
            name=food.name,
            grams=kcal / each,
            kcal=kcal,
            protein_g=None if (held := food.per_g("protein_g")) is None else held * kcal / each,
            in_build=food.label_id in seen,
        )
        for food in (*off, *(other for other in others if other.label_id not in seen))
        if (each := food.per_g("kcal") or 0.0) > 0 and not food.by_piece
    ]
    toppings.sort(key=lambda topping: (not topping.in_build, -(topping.protein_g or 0.0)))
    fitting = toppings[:MOST_TOPPINGS]
    labels = shelf_labels(session, {topping.label_id for topping in fitting})
    return Allowance(kcal=kcal, toppings=tuple(fitting), labels=labels)


def _left(edited: Build, serving: Portion) -> float | None:
    most = edited.terms.goal.kcal.most
    if most is None or not isinstance(serving.kcal, Figure):
        return None
    return most - serving.kcal.value
