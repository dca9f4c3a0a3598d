"""Dishes and their originals; the Kitchen's list of what is there and what is going on."""

from collections.abc import Iterator
from datetime import datetime
from typing import Annotated, Final, Literal

from pydantic import Field
from sqlalchemy import ColumnElement, true
from sqlmodel import Session, col, func, select

from gasket.core.errors import Conflict, FaultyInput
from gasket.core.numbers import Amount, Answer, Positive, Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.reckoning.batch import Original
from gasket.core.tasting.verdict import TasteVerdict
from gasket.core.trade.reference_amounts import ReferenceKey
from gasket.kitchen.cook.batch_figures import BATCHES, BatchFigures, Cooking
from gasket.kitchen.overview.dish_cards import CARDS, DishCard
from gasket.kitchen.overview.going_on import OpenCook, OpenWeighIn, open_cooks, open_weigh_ins
from gasket.kitchen.rebuild import drafts, originals, trials
from gasket.kitchen.rebuild.originals import OriginalFrom
from gasket.kitchen.taste import tastings, verdicts
from gasket.kitchen.taste.tastings import FullnessAsked
from gasket.kitchen.taste.verdicts import WaitingForVerdict
from gasket.store import rows
from gasket.store.kept_tables import DishStampRow
from gasket.store.tables import BatchRow, DishRow, TrialRow

MOST_AT_ONCE: Final = 20
MOST_WORDS: Final = 8
Tag = Annotated[str, Field(max_length=40)]
Sort = Literal["touched", "name", "newest"]


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
    fullness: tuple[FullnessAsked, ...]


class DishName(Answer):
    """A dish by its name, with the trial that it opens with."""

    id: int
    name: str
    trial_id: int
    trial: str


def sheet(session: Session, dish_id: int) -> DishSheet:
    dish = rows.fetch(session, DishRow, dish_id)
    ingredients = originals.row_of(session, dish_id)
    opened = trials.opened(session, dish_id)
    return DishSheet(
        id=dish_id,
        name=dish.name,
        tags=tuple(dish.tags),
        archived=dish.set_aside_at is not None,
        version=dish.version,
        original=originals.of(session, dish),
        typed=rows.original_of(dish),
        original_from=originals.from_of(dish),
        original_trial=None if ingredients is None else ingredients.id,
        reference=drafts.reference_of(dish),
        source_note=dish.source_note,
        opens=None if opened is None else opened.id,
        trials=tuple(_trials(session, dish_id)),
    )


def _trials(session: Session, dish_id: int) -> Iterator[TrialSummary]:
    found = trials.of_dish(session, dish_id)
    batches = {
        key: [batch for batch in made if batch.removed_at is None]
        for key, made in rows.batches_of(session, map(rows.key_of, found)).items()
    }
    figures = BATCHES.of(session, [rows.key_of(row) for made in batches.values() for row in made])
    for trial in found:
        key = rows.key_of(trial)
        yield TrialSummary(
            id=key,
            letter=trial.letter,
            intent=trial.intent,
            copied_from=trial.copied_from,
            archived=trial.set_aside_at is not None,
            verdict=rows.verdict_of(trial),
            batches=tuple(_batch(row, figures[rows.key_of(row)]) for row in batches[key]),
        )


def _batch(row: BatchRow, figures: BatchFigures) -> BatchSummary:
    return BatchSummary(
        id=rows.key_of(row),
        started_at=row.started_at,
        closed_at=row.closed_at,
        open_lines=figures.open_lines,
        cooking=figures.cooking,
        archived=row.set_aside_at is not None,
        broken=figures.broken,
        arm_of=row.arm_of,
        arm=row.arm,
    )


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
    for field, value in edit.model_dump(exclude={"version", "dish", "name", "tags"}).items():
        setattr(dish, field, value)
    if edit.tags is not None:
        dish.tags = list(dict.fromkeys(tag.strip() for tag in edit.tags if tag.strip()))
    dish.original_name = edit.name.strip()
    dish.version += 1
    session.add(dish)
    return sheet(session, dish_id)


class Wanted(Value):
    """Which dishes a page of the Kitchen shows: with these words in their names, with this tag."""

    search: str = ""
    tag: str = ""
    sort: Sort = "touched"
    archived: bool = False
    limit: int = MOST_AT_ONCE
    offset: int = 0


ALL: Final = Wanted()


def kitchen(session: Session, now: datetime, wanted: Wanted = ALL) -> KitchenView:
    """A page of dishes, and what is going on."""
    aside = col(DishRow.set_aside_at).is_not(None)
    there = col(DishRow.removed_at).is_(None)
    archived = session.exec(select(func.count()).where(aside, there)).one()
    shown = [there, aside if wanted.archived else ~aside, *_named_like(wanted.search)]
    if wanted.tag:
        tagged = func.json_each(DishRow.tags).table_valued("value")
        shown.append(select(1).select_from(tagged).where(tagged.c.value == wanted.tag).exists())
    order = {
        "touched": col(DishStampRow.touched).desc(),
        "name": func.lower(DishRow.name),
        "newest": col(DishRow.id).desc(),
    }[wanted.sort]
    query = (
        select(DishRow.id)
        .join(DishStampRow, col(DishStampRow.dish_id) == col(DishRow.id))
        .where(*shown)
        .order_by(order, col(DishRow.id))
    )
    page = session.exec(query.limit(wanted.limit).offset(wanted.offset))
    return KitchenView(
        dishes=tuple(CARDS.of(session, [key for key in page if key is not None]).values()),
        total=session.exec(select(func.count()).select_from(DishRow).where(*shown)).one(),
        archived=archived,
        tags=tuple(_tags(session)),
        open_weigh_ins=tuple(open_weigh_ins(session)),
        open_cooks=tuple(open_cooks(session, now)),
        unjudged=verdicts.waiting(session, now),
        fullness=tastings.fullness_asked(session, now),
    )


def _tags(session: Session) -> list[str]:
    each = func.json_each(DishRow.tags).table_valued("value")
    query = select(each.c.value).select_from(DishRow).join(each, true()).where(*rows.here(DishRow))
    return sorted(session.exec(query.distinct()), key=str.casefold)


def _named_like(search: str) -> Iterator[ColumnElement[bool]]:
    for word in search.split()[:MOST_WORDS]:
        yield col(DishRow.name).icontains(word, autoescape=True)


def named(session: Session, words: str, limit: int) -> tuple[DishName, ...]:
    """Dishes whose name has all of these words in it, lately touched ones first."""
    query = (
        select(DishRow)
        .join(DishStampRow, col(DishStampRow.dish_id) == col(DishRow.id))
        .where(*rows.here(DishRow), *_named_like(words))
        .order_by(col(DishStampRow.touched).desc())
    )
    found = {rows.key_of(dish): dish.name for dish in session.exec(query.limit(limit))}
    opened = trials.opened_each(session, found)
    return tuple(
        DishName(id=key, name=name, trial_id=rows.key_of(opened[key]), trial=opened[key].letter)
        for key, name in found.items()
        if key in opened
    )
