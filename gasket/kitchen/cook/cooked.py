"""What a batch has been through at the stove: its steps, its log, and when it was made."""

from collections.abc import Iterable, Sequence
from datetime import date, datetime, timedelta
from typing import Final

from gasket.core.cooking.cook_log import CookLog, StepStatus, replay
from gasket.core.cooking.sizing import BatchSize, TimeScaling, sizes
from gasket.core.cooking.steps import Step, without
from gasket.core.trade.step_kinds import HOT
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BatchHead
from gasket.store.books.cooks import COOKS, cooked_since
from gasket.store.books.trials import Trial

LATELY: Final = timedelta(days=8)
"""A step takes a week at most: a cook or a timer of which nothing was heard for longer is over."""


def all_steps(batch: StoredBatch) -> tuple[Step, ...]:
    """All that is done to what is in it, by it or by its arms."""
    return kept_steps(batch.trial, batch.head)


def kept_steps(trial: Trial, batch: BatchHead) -> tuple[Step, ...]:
    """The steps that a batch was begun with, else its trial's."""
    return trial.steps if batch.steps is None else batch.steps


def steps_of(batch: StoredBatch) -> tuple[Step, ...]:
    """Its own: as they were when cooking began, until then the trial's, without what its arms
    do."""
    return left_to_it(all_steps(batch), batch.arms)


def left_to_it(steps: tuple[Step, ...], arms: Iterable[BatchHead]) -> tuple[Step, ...]:
    """The steps of a batch that its arms don't do."""
    return without(steps, {step.id for arm in arms for step in arm.steps or ()})


def sizes_of(batch: StoredBatch, steps: Sequence[Step]) -> dict[str, TimeScaling]:
    """What each step's time is scaled by for what this batch weighs, by step."""
    there = BatchSize(batch.parts_g, batch.pieces)
    return sizes(steps, there, batch.house.microwave_w)


def log_of(session: Session, batch_id: int) -> CookLog:
    return replay(COOKS.of(session, batch_id))


def lately(session: Session, now: datetime) -> list[int]:
    """The batches at whose cook something was logged lately."""
    return cooked_since(session, now - LATELY)


def cooked_at(steps: Sequence[Step], log: CookLog) -> datetime | None:
    """When the last step that cooks was done; None while one of them is still to come, and where
    all were left out."""
    hot = [log.of(step.id) for step in steps if step.kind in HOT]
    done = [state.done_at for state in hot if state.status is StepStatus.DONE and state.done_at]
    return max(done) if done and all(state.is_over for state in hot) else None


def made_at(session: Session, batch: StoredBatch, log: CookLog) -> datetime:
    """From when on it keeps: it was cooked, or weighed where no cook was logged. An arm of what was
    cooked already keeps no longer than that."""
    steps = steps_of(batch)
    own = cooked_at(steps, log) or batch.head.closed_at or batch.head.started_at
    if batch.whole is None or any(step.kind in HOT for step in steps):
        return own
    return min(own, made_at(session, batch.whole, log_of(session, batch.whole.head.id)))


def local_day(at: datetime) -> date:
    """The day on the kitchen's own calendar."""
    return at.astimezone().date()
