"""Trials that were made and wait for a verdict."""

from dataclasses import dataclass
from datetime import datetime
from typing import Any

from sqlalchemy import Select
from sqlmodel import Session, col, func, select

from gasket.store.books import batches, dishes, trials
from gasket.store.tables import BatchRow, DishRow, TrialRow


@dataclass(frozen=True)
class Unjudged:
    """A trial without a verdict, with the batch of it that was closed last."""

    dish_id: int
    dish: str
    trial_id: int
    letter: str
    batch_id: int
    closed_at: datetime


def unjudged(session: Session, closed_since: datetime, most: int) -> tuple[list[Unjudged], int]:
    """Trials of which a batch was closed since then, the newest first, and how many there are."""
    closed = (
        select(
            col(BatchRow.trial_id).label("trial_id"),
            func.max(BatchRow.id).label("batch_id"),
            func.max(BatchRow.closed_at).label("closed_at"),
        )
        .where(col(BatchRow.closed_at) > closed_since, col(BatchRow.arm_of).is_(None))
        .where(*batches.HERE)
        .group_by(col(BatchRow.trial_id))
        .subquery()
    )
    no_stamp = col(TrialRow.stored_verdict)["stamp"].as_string().is_(None)
    named = (col(DishRow.id), col(DishRow.name), col(TrialRow.id), col(TrialRow.letter))
    query: Select[Any] = (
        select(*named, closed.c.batch_id, closed.c.closed_at)  # type: ignore[call-overload]
        .join(TrialRow, col(TrialRow.dish_id) == col(DishRow.id))
        .join(closed, closed.c.trial_id == col(TrialRow.id))
        .where(no_stamp, *dishes.HERE, *trials.HERE)
    )
    total = session.exec(select(func.count()).select_from(query.subquery())).one()
    newest = query.order_by(closed.c.closed_at.desc()).limit(most)
    return [Unjudged(*row) for row in session.execute(newest)], total
