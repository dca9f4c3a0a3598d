"""What the ovens of this house have taught: the timed cooking steps of the newest cooks."""

from collections.abc import Iterator, Mapping, Sequence
from typing import Final

from sqlmodel import Session, col, select

from gasket.core.cooking.cook_log import CookRecord, replay
from gasket.core.cooking.oven_memory import Baked
from gasket.core.cooking.steps import HOT, Step
from gasket.store import rows
from gasket.store.tables import BatchRow, DishRow, TrialRow

MOST_COOKS: Final = 60
"""Ovens change, and a house with years of cooks is asked every two seconds while something runs."""


def baked(session: Session, without: int | None = None) -> tuple[Baked, ...]:
    """Bakes, newest first; those of one batch (that is being cooked) left out."""
    logs = rows.newest_cook_records(session, MOST_COOKS)
    query = (
        select(BatchRow, DishRow)
        .join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
        .join(DishRow, col(DishRow.id) == col(TrialRow.dish_id))
        .where(col(BatchRow.id).in_(list(logs)))
    )
    found = [
        one
        for batch, dish in session.exec(query)
        if batch.steps and batch.id is not None and batch.id != without
        for one in of_log(rows.steps_of(batch.steps), logs[batch.id], dish.name)
    ]
    return tuple(sorted(found, key=lambda one: one.at, reverse=True))


def of_log(steps: Sequence[Step], records: Sequence[CookRecord], dish: str) -> Iterator[Baked]:
    """The timed cooking steps of one cook."""
    log = replay(records)
    by_id: Mapping[str, Step] = {step.id: step for step in steps}
    for key, state in log.steps.items():
        step, minutes = by_id.get(key), state.actual_min
        if step is None or minutes is None or minutes <= 0 or state.done_at is None:
            continue
        if step.kind in HOT and step.tool:
            yield Baked(
                tool=step.tool,
                vessel=step.vessel,
                stated_min=step.stated_min,
                actual_min=minutes,
                dish=dish,
                at=state.done_at,
            )
