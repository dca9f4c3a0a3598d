"""What is going on now: weigh-ins that are open, cooks that are not over."""

from collections.abc import Iterator
from datetime import datetime
from typing import Final

from sqlmodel import Session, col, select

from gasket.core.cooking.cook_log import StepStatus, left_out
from gasket.core.numbers import Answer
from gasket.kitchen import cooked, weigh
from gasket.store import rows
from gasket.store.tables import BatchRow, CookRow, DishRow, TrialRow

_BATCHES: Final = (
    select(BatchRow, TrialRow, DishRow)
    .join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
    .join(DishRow, col(DishRow.id) == col(TrialRow.dish_id))
)


class OpenWeighIn(Answer):
    batch_id: int
    dish_id: int
    dish: str
    letter: str
    started_at: datetime
    done: int
    lines: int


class OpenCook(Answer):
    """A cook that was begun and has steps left; `going` are the steps that run."""

    batch_id: int
    dish_id: int
    dish: str
    letter: str
    done: int
    steps: int
    going: tuple[str, ...]


def open_weigh_ins(session: Session) -> Iterator[OpenWeighIn]:
    """Oldest first."""
    query = _BATCHES.where(col(BatchRow.closed_at).is_(None)).order_by(col(BatchRow.id))
    for batch, trial, dish in session.exec(query):
        state = weigh.state_of(session, rows.key_of(batch))
        yield OpenWeighIn(
            batch_id=rows.key_of(batch),
            dish_id=rows.key_of(dish),
            dish=dish.name,
            letter=trial.letter,
            started_at=batch.started_at,
            done=len(state.lines) - len(state.open_lines),
            lines=len(state.lines),
        )


def open_cooks(session: Session, now: datetime) -> Iterator[OpenCook]:
    """Those in which something was done lately, oldest batch first."""
    lately = select(CookRow.batch_id).where(
        col(CookRow.at) >= now - cooked.LATELY, col(CookRow.batch_id).is_not(None)
    )
    query = _BATCHES.where(col(BatchRow.id).in_(lately)).order_by(col(BatchRow.id))
    for batch, trial, dish in session.exec(query):
        if batch.steps is None:
            continue
        steps, log = rows.steps_of(batch.steps), cooked.log_of(session, rows.key_of(batch))
        left = left_out([step.id for step in steps], log)
        if not left or not log.begun:
            continue
        yield OpenCook(
            batch_id=rows.key_of(batch),
            dish_id=rows.key_of(dish),
            dish=dish.name,
            letter=trial.letter,
            done=len(steps) - len(left),
            steps=len(steps),
            going=tuple(one.says for one in steps if log.of(one.id).status is StepStatus.GOING),
        )
