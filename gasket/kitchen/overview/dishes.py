"""Dishes and their originals; the Kitchen's list of what is there and what is going on."""

from collections.abc import Iterator, Sequence
from datetime import datetime
from typing import Annotated, Final

from pydantic import Field

from gasket.core.errors import Conflict, FaultyInput
from gasket.core.law.reference_amounts import ReferenceKey
from gasket.core.numbers import Amount, Answer, Positive, Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.reckoning.batch import Original
from gasket.core.tasting.verdict import TasteVerdict
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES, BatchFigures, Cooking
from gasket.kitchen.overview.dish_cards import DISH_CARDS, DishCard
from gasket.kitchen.overview.going_on import OpenCook, OpenWeighIn, open_cooks, open_weigh_ins
from gasket.kitchen.rebuild import drafts, originals, trials
from gasket.kitchen.rebuild.originals import OriginalFrom
from gasket.kitchen.taste import tastings, verdicts
from gasket.kitchen.taste.tastings import FullnessQuestion
from gasket.kitchen.taste.verdicts import WaitingForVerdict
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, BatchHead
from gasket.store.books.dishes import DISHES, DishesWanted
from gasket.store.books.trials import TRIALS, Trial

MOST_AT_ONCE: Final = 20
Tag = Annotated[str, Field(max_length=40)]


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
    tags: Annotated[tuple[Tag, ...], Field(max_length=20)] | None = None


class NewDish(Value):
    name: ShortName


class BatchSummary(Answer):
    """A batch as a dish lists it; `cooking` is how far its steps are, `broken` why it cannot be
    read. An `arm` is called so and is a part of `arm_of`."""

    id: int
    started_at: datetime
    closed_at: datetime | None
    open_lines: int
    cooking: Cooking
    archived: bool
    broken: str
    arm_of: int | None
    arm: str


class TrialSummary(Answer):
    id: int
    letter: str
    intent: str
    copied_from: int | None
    archived: bool
    verdict: TasteVerdict
    batches: tuple[BatchSummary, ...]


class DishSheet(Answer):
    """A dish with its original and its trials, newest last.

    `original` is one serving as it is compared with; `typed` are the figures that were typed, and
    `original_trial` holds its ingredients; `opens` is the trial that it opens with.
    """

    id: int
    name: str
    tags: tuple[str, ...]
    archived: bool
    version: int
    original: Original
    typed: Original
    original_from: OriginalFrom
    original_trial: int | None
    reference: ReferenceKey | None
    source_note: str
    opens: int | None
    trials: tuple[TrialSummary, ...]


class KitchenView(Answer):
    """A page of dishes, what is going on, what waits for a verdict, who is to be asked how full it
    still is. `total` is how many dishes there are to page through,
    `archived` how many are out of the way, `tags` are those of all dishes that are not."""

    dishes: tuple[DishCard, ...]
    total: int
    archived: int
    tags: tuple[str, ...]
    open_weigh_ins: tuple[OpenWeighIn, ...]
    open_cooks: tuple[OpenCook, ...]
    unjudged: WaitingForVerdict
    fullness: tuple[FullnessQuestion, ...]


class DishName(Answer):
    """A dish by its name, with the trial that it opens with."""

    id: int
    name: str
    trial_id: int
    trial: str


def sheet(session: Session, dish_id: int) -> DishSheet:
    dish = DISHES.fetch(session, dish_id)
    all_trials = TRIALS.of_dish(session, dish_id)
    ingredients, opened = TRIALS.original_of(session, dish_id), trials.opened_of(all_trials)
    return DishSheet(
        id=dish_id,
        name=dish.name,
        tags=tuple(dish.tags),
        archived=dish.set_aside_at is not None,
        version=dish.version,
        original=originals.of(session, dish),
        typed=dish.typed,
        original_from=originals.from_of(dish),
        original_trial=None if ingredients is None else ingredients.id,
        reference=drafts.reference_of(dish),
        source_note=dish.source_note,
        opens=None if opened is None else opened.id,
        trials=tuple(_trials(session, all_trials)),
    )


def _trials(session: Session, of_dish: Sequence[Trial]) -> Iterator[TrialSummary]:
    batches = {
        key: [batch for batch in of_trial if batch.removed_at is None]
        for key, of_trial in BATCHES.of_trials(session, [trial.id for trial in of_dish]).items()
    }
    figures = BATCH_FIGURES.of(
        session, [batch.id for of_trial in batches.values() for batch in of_trial]
    )
    for trial in of_dish:
        yield TrialSummary(
            id=trial.id,
            letter=trial.letter,
            intent=trial.intent,
            copied_from=trial.copied_from,
            archived=trial.set_aside_at is not None,
            verdict=trial.verdict,
            batches=tuple(_batch(batch, figures[batch.id]) for batch in batches[trial.id]),
        )


def _batch(batch: BatchHead, figures: BatchFigures) -> BatchSummary:
    return BatchSummary(
        id=batch.id,
        started_at=batch.started_at,
        closed_at=batch.closed_at,
        open_lines=figures.open_lines,
        cooking=figures.cooking,
        archived=batch.set_aside_at is not None,
        broken=figures.broken,
        arm_of=batch.arm_of,
        arm=batch.arm,
    )


def add(session: Session, new: NewDish, now: datetime) -> DishSheet:
    """Start a dish with an empty trial A."""
    dish = DISHES.add(session, name=_name(new.name, "name"), created_at=now)
    trials.blank(session, dish.id, "", now)
    return sheet(session, dish.id)


def _name(typed: str, field: str) -> str:
    if not typed.strip():
        raise FaultyInput.at(field, "Give the dish a name.")
    return typed.strip()


def edit_original(session: Session, dish_id: int, edit: OriginalEdit) -> DishSheet:
    """Store the original. Raises `Conflict` when the dish was changed meanwhile."""
    dish = DISHES.fetch(session, dish_id)
    if dish.version != edit.version:
        raise Conflict("original", sheet(session, dish_id))
    changed = edit.model_dump(exclude={"version", "dish", "name", "tags"})
    if edit.dish is not None:
        changed["name"] = _name(edit.dish, "dish")
    if edit.tags is not None:
        changed["tags"] = list(dict.fromkeys(tag.strip() for tag in edit.tags if tag.strip()))
    original_name, version = edit.name.strip(), dish.version + 1
    DISHES.change(session, dish, original_name=original_name, version=version, **changed)
    return sheet(session, dish_id)


ALL: Final = DishesWanted()


def kitchen(
    session: Session,
    now: datetime,
    wanted: DishesWanted = ALL,
    limit: int = MOST_AT_ONCE,
    offset: int = 0,
) -> KitchenView:
    """A page of dishes, and what is going on."""
    page, total = DISHES.page(session, wanted, limit, offset)
    return KitchenView(
        dishes=tuple(DISH_CARDS.of(session, page).values()),
        total=total,
        archived=DISHES.archived(session),
        tags=tuple(DISHES.tags(session)),
        open_weigh_ins=tuple(open_weigh_ins(session)),
        open_cooks=tuple(open_cooks(session, now)),
        unjudged=verdicts.waiting(session, now),
        fullness=tastings.fullness_asked(session, now),
    )


def named(session: Session, words: str, limit: int) -> tuple[DishName, ...]:
    """Dishes whose name has all of these words in it, lately touched ones first."""
    dishes = DISHES.named(session, words, limit)
    opened = trials.opened_each(session, dishes)
    return tuple(
        DishName(id=key, name=name, trial_id=opened[key].id, trial=opened[key].letter)
        for key, name in dishes.items()
        if key in opened
    )
