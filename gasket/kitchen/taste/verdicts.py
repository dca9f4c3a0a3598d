"""The verdict on a trial, and what waits for one."""

from datetime import datetime, timedelta
from typing import Annotated, Final

from pydantic import Field

from gasket.core.errors import Conflict, Refused
from gasket.core.numbers import Answer, Value
from gasket.core.tasting.verdict import TasteVerdict
from gasket.store.books import Session
from gasket.store.books.book import plain
from gasket.store.books.tastings import counts_by_batch
from gasket.store.books.trials import TRIALS
from gasket.store.books.verdicts import unjudged

MOST_WAITING: Final = 6
WAITS: Final = timedelta(days=30)
"""Nobody judges from memory what was made longer ago."""


class VerdictEdit(Value):
    """A verdict, with the version that it was read at."""

    version: Annotated[int, Field(ge=1)]
    verdict: TasteVerdict


class TrialVerdict(Answer):
    """What became of a trial, with its version."""

    trial_id: int
    letter: str
    verdict: TasteVerdict
    version: int


class Unjudged(Answer):
    """A trial that was made and waits for a verdict."""

    dish_id: int
    dish: str
    trial_id: int
    letter: str
    batch_id: int
    closed_at: datetime
    tastings: int


class WaitingForVerdict(Answer):
    """The newest of them, and how many there are."""

    trials: tuple[Unjudged, ...]
    total: int


def read(session: Session, trial_id: int) -> TrialVerdict:
    trial = TRIALS.fetch(session, trial_id)
    return TrialVerdict(
        trial_id=trial_id,
        letter=trial.letter,
        verdict=trial.verdict,
        version=trial.verdict_version,
    )


def write(session: Session, trial_id: int, edit: VerdictEdit) -> TrialVerdict:
    """Raises `Conflict` when it was judged meanwhile."""
    trial = TRIALS.fetch(session, trial_id)
    if trial.is_original:
        raise Refused("The original needs no verdict.")
    if trial.verdict_version != edit.version:
        raise Conflict("verdict", read(session, trial_id))
    words = {"change": edit.verdict.change.strip(), "lesson": edit.verdict.lesson.strip()}
    TRIALS.change(
        session,
        trial,
        stored_verdict=plain(edit.verdict.model_copy(update=words)),
        verdict_version=trial.verdict_version + 1,
    )
    return read(session, trial_id)


def waiting(session: Session, now: datetime) -> WaitingForVerdict:
    """Trials of which a batch was closed lately, the newest first."""
    shown, total = unjudged(session, now - WAITS, MOST_WAITING)
    counts = counts_by_batch(session, [one.batch_id for one in shown])
    return WaitingForVerdict(
        trials=tuple(Unjudged(**vars(one), tastings=counts.get(one.batch_id, 0)) for one in shown),
        total=total,
    )
