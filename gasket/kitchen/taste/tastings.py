"""The tastings of a batch and of its trial; how full it left, asked again."""

from collections.abc import Iterable, Iterator, Mapping, Sequence
from datetime import datetime
from typing import Final

from sqlmodel import Session, col, select

from gasket.core.errors import FaultyInput, Refused, Unknown
from gasket.core.numbers import Answer, Value, YesNo
from gasket.core.reckoning.margin import value_of
from gasket.core.tasting import fullness
from gasket.core.tasting.fullness import FullnessAnswer, FullnessRecord
from gasket.core.tasting.guesses import Guess, GuessHabit, GuessOf, habit
from gasket.core.tasting.marks import Quality, TastingSheet, overall
from gasket.core.tasting.verdict import TasteVerdict
from gasket.kitchen import settings
from gasket.kitchen.cook import guessing
from gasket.kitchen.cook.batch_figures import BATCHES, BatchFigures
from gasket.kitchen.taste import tasters
from gasket.kitchen.taste.tasters import Taster
from gasket.kitchen.weigh.finishes import stored_finishes
from gasket.store import rows
from gasket.store.tables import BatchRow, DishRow, TrialRow
from gasket.store.taste_tables import FullnessRow, TastingRow

MOST_ASKED: Final = 12
MOST_GUESSES: Final = 200


class Tasting(Answer):
    """What one taster said. `counts` are the marks as they count, `overall` their weighted mean,
    `later` how full it still was by the hours after; `guesses` what was guessed and what it was."""

    id: str
    taster_id: int
    taster: str
    batch_id: int | None
    trial_id: int | None
    letter: str
    sheet: TastingSheet
    counts: dict[Quality, float]
    overall: float | None
    later: dict[int, str]
    guesses: tuple[Guess, ...]
    at: datetime
    archived: bool


class TasteSheet(Answer):
    """All that the Taste stage of a batch shows. `tastings` are those of this batch, newest first,
    and those of the dish's original."""

    batch_id: int
    dish_id: int
    dish: str
    original: str
    trial_id: int
    letter: str
    closed: bool
    verdict: TasteVerdict
    verdict_version: int
    finishes: tuple[str, ...]
    tasters: tuple[Taster, ...]
    tastings: tuple[Tasting, ...]
    of_original: tuple[Tasting, ...]
    habits: tuple[GuessHabit, ...]


class Whether(Value):
    """Whether a tasting is archived: it then counts no more."""

    archived: YesNo


class FullnessAsked(Answer):
    """A taster to be asked how full it still is."""

    tasting: str
    taster: str
    dish_id: int
    dish: str
    letter: str
    batch_id: int | None
    after_h: int
    since: datetime


def sheet(session: Session, batch_id: int) -> TasteSheet:
    """Raises `Unknown`."""
    batch = rows.fetch(session, BatchRow, batch_id)
    trial = rows.fetch(session, TrialRow, batch.trial_id)
    dish = rows.fetch(session, DishRow, trial.dish_id)
    of_original = col(TastingRow.sheet)["of_original"].as_boolean().is_(True)
    query = select(TastingRow).where(TastingRow.dish_id == trial.dish_id)
    query = query.where((col(TastingRow.batch_id) == batch_id) | of_original)
    own = read_all(session, session.exec(query))[::-1]
    return TasteSheet(
        batch_id=batch_id,
        dish_id=trial.dish_id,
        dish=dish.name,
        original=rows.original_of(dish).name,
        trial_id=batch.trial_id,
        letter=rows.called(trial.letter, batch.arm),
        closed=batch.closed_at is not None,
        verdict=rows.verdict_of(trial),
        verdict_version=trial.verdict_version,
        finishes=tuple(finish.name for finish in stored_finishes(batch)),
        tasters=tasters.all_of(session),
        tastings=tuple(tasting for tasting in own if not tasting.sheet.of_original),
        of_original=tuple(tasting for tasting in own if tasting.sheet.of_original),
        habits=_habits(session),
    )


def record(session: Session, batch_id: int, said: TastingSheet, now: datetime) -> TasteSheet:
    """Keep a tasting; the same id again changes nothing. Raises `FaultyInput` for a taster who is
    not there, `Refused` for a batch that is still being weighed."""
    batch = rows.fetch(session, BatchRow, batch_id)
    stored = rows.appended(session, TastingRow, said.id)
    if stored is not None and stored.batch_id != batch_id:
        raise Refused("This tasting belongs to another batch.")
    if stored is None:
        _refuse(session, batch, said)
        trial = rows.fetch(session, TrialRow, batch.trial_id)
        session.add(
            TastingRow(
                id=said.id,
                dish_id=trial.dish_id,
                batch_id=batch_id,
                taster_id=said.taster_id,
                sheet=said.model_dump(mode="json", exclude_defaults=True),
                at=_corrected(session, batch_id, said, now) or now,
            )
        )
        session.flush()
    return sheet(session, batch_id)


def _refuse(session: Session, batch: BatchRow, said: TastingSheet) -> None:
    if batch.closed_at is None:
        raise Refused("Close the weigh-in first.")
    try:
        taster = tasters.fetch(session, said.taster_id)
    except Unknown:
        raise FaultyInput.at("taster_id", "Say who tastes.") from None
    if taster.removed_at is not None:
        raise FaultyInput.at("taster_id", f"{taster.name} was removed: bring them back first.")


def _corrected(
    session: Session, batch_id: int, said: TastingSheet, now: datetime
) -> datetime | None:
    """Archive the tasting that is replaced; when it was."""
    if said.replaces is None:
        return None
    old = rows.appended(session, TastingRow, said.replaces)
    if old is None or old.batch_id != batch_id:
        raise FaultyInput.at("replaces", "There is no such tasting to correct.")
    if old.archived_at is None:
        old.archived_at = now
        session.add(old)
    return old.at


def _fetch(session: Session, tasting_id: str) -> TastingRow:
    row = rows.appended(session, TastingRow, tasting_id)
    if row is None:
        raise FaultyInput.at("tasting", "There is no such tasting.")
    return row


def put(session: Session, tasting_id: str, whether: Whether, now: datetime) -> TasteSheet:
    """Archive a tasting, or let it count again."""
    row = _fetch(session, tasting_id)
    row.archived_at = now if whether.archived else None
    session.add(row)
    session.flush()
    return sheet(session, row.batch_id or 0)


# Read


def of_trial(session: Session, trial_id: int) -> tuple[Tasting, ...]:
    """Everything that was said of a trial, newest first."""
    rows.fetch(session, TrialRow, trial_id)
    batches = select(BatchRow.id).where(BatchRow.trial_id == trial_id)
    query = select(TastingRow).where(col(TastingRow.batch_id).in_(batches))
    found = read_all(session, session.exec(query.order_by(col(TastingRow.sequence))))
    return tuple(tasting for tasting in found if not tasting.sheet.of_original)[::-1]


def read_all(session: Session, stored: Iterable[TastingRow]) -> list[Tasting]:
    """These tastings, oldest first."""
    found = sorted(stored, key=lambda row: row.sequence or 0)
    names = {taster.id: taster.name for taster in tasters.all_of(session)}
    batches = _trials_of(session, {row.batch_id for row in found if row.batch_id is not None})
    books = _fullness(session, [row.id for row in found])
    weights = settings.read(session).weights
    sheets = {row.id: TastingSheet.model_validate(row.sheet) for row in found}
    guessed = {
        row.batch_id
        for row in found
        if row.batch_id is not None and (sheets[row.id].guess_kcal or sheets[row.id].guess_g)
    }
    figures = BATCHES.of(session, guessed)
    return [
        Tasting(
            id=row.id,
            taster_id=row.taster_id,
            taster=names.get(row.taster_id, ""),
            batch_id=row.batch_id,
            trial_id=batches[row.batch_id][0] if row.batch_id in batches else None,
            letter=batches[row.batch_id][1] if row.batch_id in batches else "",
            sheet=sheets[row.id],
            counts=sheets[row.id].counts,
            overall=overall(sheets[row.id].counts, weights),
            later=fullness.later_marks(books.get(row.id, ())),
            guesses=tuple(_guesses(sheets[row.id], figures.get(row.batch_id or 0))),
            at=row.at,
            archived=row.archived_at is not None,
        )
        for row in found
    ]


def _trials_of(session: Session, batch_ids: Iterable[int]) -> Mapping[int | None, tuple[int, str]]:
    query = (
        select(BatchRow.id, TrialRow.id, TrialRow.letter, BatchRow.arm)
        .join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
        .where(col(BatchRow.id).in_(list(batch_ids)))
    )
    return {
        batch: (trial or 0, rows.called(letter, arm))
        for batch, trial, letter, arm in session.exec(query)
    }


def _guesses(said: TastingSheet, batch: BatchFigures | None) -> Iterator[Guess]:
    serving = batch.serving if batch else None
    if serving is None:
        return
    pairs: tuple[tuple[GuessOf, float | None, float | None], ...] = (
        ("kcal", said.guess_kcal, value_of(serving.kcal)),
        ("grams", said.guess_g, serving.grams),
    )
    for of, guess, truth in pairs:
        if guess is not None and truth:
            yield Guess(of=of, guess=guess, truth=truth)


def _habits(session: Session) -> tuple[GuessHabit, ...]:
    """Over the latest guesses of the house."""
    guess = col(TastingRow.sheet)["guess_kcal"].as_float().is_not(None)
    guess |= col(TastingRow.sheet)["guess_g"].as_float().is_not(None)
    query = select(TastingRow).where(col(TastingRow.archived_at).is_(None), guess)
    latest = list(session.exec(query.order_by(col(TastingRow.sequence).desc()).limit(MOST_GUESSES)))
    figures = BATCHES.of(session, {row.batch_id for row in latest if row.batch_id is not None})
    guesses = [
        guess
        for row in latest
        for guess in _guesses(
            TastingSheet.model_validate(row.sheet), figures.get(row.batch_id or 0)
        )
    ]
    time = guessing.habit_of_time(session)
    found = (habit("kcal", guesses), habit("grams", guesses), time)
    return tuple(known for known in found if known is not None)


# How full it left


def answer_fullness(
    session: Session, tasting_id: str, answer: FullnessAnswer, now: datetime
) -> tuple[FullnessAsked, ...]:
    """Keep how full it still was, or when to ask again; what is still to be asked."""
    _fetch(session, tasting_id)
    if rows.appended(session, FullnessRow, answer.id) is None:
        session.add(FullnessRow(tasting=tasting_id, at=now, **answer.model_dump()))
        session.flush()
    return fullness_asked(session, now)


def _fullness(session: Session, ids: Sequence[str]) -> dict[str, list[FullnessRecord]]:
    books: dict[str, list[FullnessRecord]] = {}
    query = select(FullnessRow).where(col(FullnessRow.tasting).in_(ids))
    for row in session.exec(query.order_by(col(FullnessRow.sequence))):
        record = FullnessRecord.model_validate(
            {name: getattr(row, name) for name in FullnessRecord.model_fields}
        )
        books.setdefault(row.tasting, []).append(record)
    return books


def fullness_asked(session: Session, now: datetime) -> tuple[FullnessAsked, ...]:
    """Everybody who is to be asked now how full it still is, who has waited longest first."""
    query = (
        select(TastingRow, DishRow.name)
        .join(DishRow, col(DishRow.id) == col(TastingRow.dish_id))
        .where(col(TastingRow.archived_at).is_(None), *rows.here(DishRow))
        .where(col(TastingRow.at) > now - fullness.FORGOTTEN_AFTER)
        .where(col(TastingRow.sheet)["fullness"].as_string().is_not(None))
    )
    found = list(session.exec(query))
    books = _fullness(session, [row.id for row, _ in found])
    due = {row.id: fullness.due(row.at, books.get(row.id, ()), now) for row, _ in found}
    waiting = [(row, name, asked) for row, name in found if (asked := due[row.id]) is not None]
    names = {taster.id: taster.name for taster in tasters.all_of(session)} if waiting else {}
    batches = _trials_of(session, {row.batch_id for row, _, _ in waiting if row.batch_id})
    return tuple(
        FullnessAsked(
            tasting=row.id,
            taster=names.get(row.taster_id, ""),
            dish_id=row.dish_id,
            dish=name,
            letter="" if row.batch_id not in batches else batches[row.batch_id][1],
            batch_id=row.batch_id,
            after_h=asked.after_h,
            since=asked.since,
        )
        for row, name, asked in sorted(waiting, key=lambda found: found[2].since)[:MOST_ASKED]
    )
