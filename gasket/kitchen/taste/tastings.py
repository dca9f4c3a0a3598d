"""The tastings of a batch and of its trial; how full it left, asked again."""

from collections.abc import Iterator, Sequence
from datetime import datetime
from typing import Final

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
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES, BatchFigures
from gasket.kitchen.taste import tasters
from gasket.kitchen.taste.tasters import Taster
from gasket.store.books import Session
from gasket.store.books import tastings as tasting_book
from gasket.store.books.batches import BATCHES, BatchHead, NamedBatch, called
from gasket.store.books.book import plain
from gasket.store.books.dishes import DISHES
from gasket.store.books.tastings import TASTERS, KeptTasting, fullness_of
from gasket.store.books.trials import TRIALS

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


class ArchiveTasting(Value):
    """Whether a tasting is archived: it then counts no more."""

    archived: YesNo


class FullnessQuestion(Answer):
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
    batch = BATCHES.fetch(session, batch_id)
    trial = TRIALS.fetch(session, batch.trial_id)
    dish = DISHES.fetch(session, trial.dish_id)
    stored = tasting_book.of_batch_and_original(session, trial.dish_id, batch_id)
    own = read_all(session, stored)[::-1]
    return TasteSheet(
        batch_id=batch_id,
        dish_id=trial.dish_id,
        dish=dish.name,
        original=dish.typed.name,
        trial_id=batch.trial_id,
        letter=called(trial.letter, batch.arm),
        closed=batch.closed_at is not None,
        verdict=trial.verdict,
        verdict_version=trial.verdict_version,
        finishes=tuple(finish.name for finish in batch.finishes),
        tasters=tasters.all_of(session),
        tastings=tuple(tasting for tasting in own if not tasting.sheet.of_original),
        of_original=tuple(tasting for tasting in own if tasting.sheet.of_original),
        habits=_habits(session),
    )


def record(session: Session, batch_id: int, said: TastingSheet, now: datetime) -> TasteSheet:
    """Keep a tasting; the same id again changes nothing. Raises `FaultyInput` for a taster who is
    not there, `Refused` for a batch that is still being weighed."""
    batch = BATCHES.fetch(session, batch_id)
    stored = tasting_book.find(session, said.id)
    if stored is not None and stored.batch_id != batch_id:
        raise Refused("This tasting belongs to another batch.")
    if stored is None:
        _refuse(session, batch, said)
        tasting = KeptTasting(
            id=said.id,
            dish_id=TRIALS.fetch(session, batch.trial_id).dish_id,
            batch_id=batch_id,
            taster_id=said.taster_id,
            stored_sheet=plain(said),
            at=_corrected(session, batch_id, said, now) or now,
            archived_at=None,
        )
        tasting_book.add(session, tasting)
    return sheet(session, batch_id)


def _refuse(session: Session, batch: BatchHead, said: TastingSheet) -> None:
    if batch.closed_at is None:
        raise Refused("Close the weigh-in first.")
    try:
        taster = TASTERS.fetch(session, said.taster_id)
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
    old = tasting_book.find(session, said.replaces)
    if old is None or old.batch_id != batch_id:
        raise FaultyInput.at("replaces", "There is no such tasting to correct.")
    if old.archived_at is None:
        tasting_book.archive(session, old.id, now)
    return old.at


def _fetch(session: Session, tasting_id: str) -> KeptTasting:
    tasting = tasting_book.find(session, tasting_id)
    if tasting is None:
        raise FaultyInput.at("tasting", "There is no such tasting.")
    return tasting


def put(session: Session, tasting_id: str, wanted: ArchiveTasting, now: datetime) -> TasteSheet:
    """Archive a tasting, or let it count again."""
    tasting = _fetch(session, tasting_id)
    tasting_book.archive(session, tasting_id, now if wanted.archived else None)
    return sheet(session, tasting.batch_id or 0)


# Read


def of_trial(session: Session, trial_id: int) -> tuple[Tasting, ...]:
    """Everything that was said of a trial, newest first."""
    TRIALS.fetch(session, trial_id)
    sheets = read_all(session, tasting_book.of_trial(session, trial_id))
    return tuple(tasting for tasting in sheets if not tasting.sheet.of_original)[::-1]


def read_all(session: Session, stored: Sequence[KeptTasting]) -> list[Tasting]:
    """These tastings, in their order."""
    names = {taster.id: taster.name for taster in tasters.all_of(session)}
    batches = BATCHES.named(session, {one.batch_id for one in stored if one.batch_id is not None})
    books = fullness_of(session, [one.id for one in stored])
    weights = settings.read(session).weights
    guessed = {
        one.batch_id
        for one in stored
        if one.batch_id is not None and (one.sheet.guess_kcal or one.sheet.guess_g)
    }
    figures = BATCH_FIGURES.of(session, guessed)
    return [
        Tasting(
            id=one.id,
            taster_id=one.taster_id,
            taster=names.get(one.taster_id, ""),
            batch_id=one.batch_id,
            trial_id=named.batch.trial_id if named else None,
            letter=_letter(named),
            sheet=one.sheet,
            counts=one.sheet.counts,
            overall=overall(one.sheet.counts, weights),
            later=fullness.later_marks(books.get(one.id, ())),
            guesses=tuple(_guesses(one.sheet, figures.get(one.batch_id or 0))),
            at=one.at,
            archived=one.archived_at is not None,
        )
        for one in stored
        for named in (batches.get(one.batch_id or 0),)
    ]


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
    latest = tasting_book.with_guesses(session, MOST_GUESSES)
    figures = BATCH_FIGURES.of(session, {one.batch_id for one in latest if one.batch_id})
    guesses = [
        guess for one in latest for guess in _guesses(one.sheet, figures.get(one.batch_id or 0))
    ]
    time = guessing.habit_of_time(session)
    habits = (habit("kcal", guesses), habit("grams", guesses), time)
    return tuple(known for known in habits if known is not None)


# How full it left


def answer_fullness(
    session: Session, tasting_id: str, answer: FullnessAnswer, now: datetime
) -> tuple[FullnessQuestion, ...]:
    """Keep how full it still was, or when to ask again; what is still to be asked."""
    _fetch(session, tasting_id)
    if not tasting_book.fullness_known(session, answer.id):
        record = FullnessRecord(**answer.model_dump(), at=now)
        tasting_book.add_fullness(session, tasting_id, record)
    return fullness_asked(session, now)


def fullness_asked(session: Session, now: datetime) -> tuple[FullnessQuestion, ...]:
    """Everybody who is to be asked now how full it still is, who has waited longest first."""
    tastings = tasting_book.with_fullness(session, now - fullness.FORGOTTEN_AFTER)
    books = fullness_of(session, [one.id for one, _ in tastings])
    due = {one.id: fullness.due(one.at, books.get(one.id, ()), now) for one, _ in tastings}
    waiting = [(one, name, asked) for one, name in tastings if (asked := due[one.id]) is not None]
    waiting = sorted(waiting, key=lambda each: each[2].since)[:MOST_ASKED]
    names = {taster.id: taster.name for taster in tasters.all_of(session)} if waiting else {}
    batches = BATCHES.named(session, {one.batch_id for one, _, _ in waiting if one.batch_id})
    return tuple(
        FullnessQuestion(
            tasting=one.id,
            taster=names.get(one.taster_id, ""),
            dish_id=one.dish_id,
            dish=dish,
            letter=_letter(batches.get(one.batch_id or 0)),
            batch_id=one.batch_id,
            after_h=asked.after_h,
            since=asked.since,
        )
        for one, dish, asked in waiting
    )


def _letter(named: NamedBatch | None) -> str:
    return named.letter if named else ""
