"""The verdict on a trial, and what waits for one."""

from datetime import datetime, timedelta
from typing import Annotated, Final

from pydantic import Field
from sqlmodel import Session, col, func, select

from gasket.core.errors import Conflict, Refused
from gasket.core.numbers import Answer, Value
from gasket.core.tasting.verdict import TasteVerdict
from gasket.store import rows
from gasket.store.tables import BatchRow, DishRow, TrialRow
from gasket.store.taste_tables import TastingRow

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
    trial = rows.fetch(session, TrialRow, trial_id)
    return TrialVerdict(
        trial_id=trial_id,
        letter=trial.letter,
        verdict=rows.verdict_of(trial),
        version=trial.verdict_version,
    )


def write(session: Session, trial_id: int, edit: VerdictEdit) -> TrialVerdict:
    """Raises `Conflict` when it was judged meanwhile."""
    trial = rows.fetch(session, TrialRow, trial_id)
    if trial.is_original:
        raise Refused("The original needs no verdict.")
    if trial.verdict_version != edit.version:
        raise Conflict("verdict", read(session, trial_id))
    verdict = edit.verdict
    trial.verdict = rows.plain(
        verdict.model_copy(
            update={"change": verdict.change.strip(), "lesson": verdict.lesson.strip()}
        )
    )
    trial.verdict_version += 1
    session.add(trial)
    session.flush()
    return read(session, trial_id)


def waiting(session: Session, now: datetime) -> WaitingForVerdict:
    """Trials of which a batch was closed lately, the newest first."""
    closed = (
        select(
            col(BatchRow.trial_id).label("trial_id"),
            func.max(BatchRow.id).label("batch_id"),
            func.max(BatchRow.closed_at).label("closed_at"),
        )
        .where(col(BatchRow.closed_at) > now - WAITS, col(BatchRow.arm_of).is_(None))
        .where(*rows.here(BatchRow))
        .group_by(col(BatchRow.trial_id))
        .subquery()
    )
    query = (
        select(DishRow, TrialRow, closed.c.batch_id, closed.c.closed_at)
        .join(TrialRow, col(TrialRow.dish_id) == col(DishRow.id))
        .join(closed, closed.c.trial_id == col(TrialRow.id))
        .where(col(TrialRow.verdict)["stamp"].as_string().is_(None), *rows.here(DishRow, TrialRow))
    )
    newest = query.order_by(closed.c.closed_at.desc()).limit(MOST_WAITING)
    shown = list(session.exec(newest))
    total = session.exec(select(func.count()).select_from(query.subquery())).one()
    whole = func.coalesce(BatchRow.arm_of, BatchRow.id)
    counts = dict(
        session.exec(
            select(whole, func.count())
            .join(TastingRow, col(TastingRow.batch_id) == col(BatchRow.id))
            .where(whole.in_([batch for _, _, batch, _ in shown]))
            .where(col(TastingRow.archived_at).is_(None))
            .group_by(whole)
        ).all()
    )
    return WaitingForVerdict(
        trials=tuple(
            Unjudged(
                dish_id=rows.key_of(dish),
                dish=dish.name,
                trial_id=rows.key_of(trial),
                letter=trial.letter,
                batch_id=batch_id,
                closed_at=closed_at,
                tastings=counts.get(batch_id, 0),
            )
            for dish, trial, batch_id, closed_at in shown
        ),
        total=total,
    )
