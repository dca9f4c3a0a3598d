"""What is going on now: weigh-ins that are open, cooks that are not over."""

from collections.abc import Iterator
from datetime import datetime
from typing import Final

from sqlmodel import Session, col, select

from gasket.core.cooking.cook_log import StepStatus, left_out
from gasket.core.numbers import Answer
from gasket.kitchen.cook import cooked
from gasket.kitchen.cook.batch_figures import BATCHES
from gasket.store import rows
from gasket.store.tables import BatchRow, DishRow, TrialRow, WeighingRow

MOST_OPEN: Final = 20
_BATCHES: Final = (
    select(BatchRow, TrialRow, DishRow)
    .join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
    .join(DishRow, col(DishRow.id) == col(TrialRow.dish_id))
    .where(*rows.here(BatchRow, TrialRow, DishRow))
)
_TOUCHED: Final = (
    select(WeighingRow.id).where(col(WeighingRow.batch_id) == col(BatchRow.id)).exists()
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
    """The newest ones, oldest first; one of which nothing is recorded was begun by accident."""
    query = _BATCHES.where(col(BatchRow.closed_at).is_(None), _TOUCHED)
    query = query.order_by(col(BatchRow.id).desc())
    found = list(session.exec(query.limit(MOST_OPEN)))[::-1]
    figures = BATCHES.of(session, [rows.key_of(batch) for batch, _, _ in found])
    for batch, trial, dish in found:
        known = figures[rows.key_of(batch)]
        yield OpenWeighIn(
            batch_id=rows.key_of(batch),
            dish_id=rows.key_of(dish),
            dish=dish.name,
            letter=rows.called(trial.letter, batch.arm),
            started_at=batch.started_at,
            done=known.lines - known.open_lines,
            lines=known.lines,
        )


def open_cooks(session: Session, now: datetime) -> Iterator[OpenCook]:
    """Those in which something was done lately, oldest batch first."""
    lately = cooked.lately(session, now)
    going = [
        key for key, figures in BATCHES.of(session, lately).items() if figures.cooking == "going"
    ]
    query = _BATCHES.where(col(BatchRow.id).in_(going)).order_by(col(BatchRow.id))
    for batch, trial, dish in session.exec(query):
        key = rows.key_of(batch)
        log = cooked.log_of(session, key)
        arms = rows.arms_of(session, key)
        steps = cooked.left_to_it(rows.steps_of(batch.steps or []), arms)
        yield OpenCook(
            batch_id=key,
            dish_id=rows.key_of(dish),
            dish=dish.name,
            letter=rows.called(trial.letter, batch.arm),
            done=len(steps) - len(left_out([step.id for step in steps], log)),
            steps=len(steps),
            going=tuple(step.says for step in steps if log.of(step.id).status is StepStatus.GOING),
        )
