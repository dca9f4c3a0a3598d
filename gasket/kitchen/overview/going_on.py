"""What is going on now: weigh-ins that are open, cooks that are not over."""

from collections.abc import Iterator
from datetime import datetime
from typing import Final

from gasket.core.cooking.cook_log import StepStatus, left_out
from gasket.core.numbers import Answer
from gasket.kitchen.cook import cooked
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES
from gasket.store.books import Session
from gasket.store.books.batches import ALL_HERE, BATCHES

MOST_OPEN: Final = 20


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
    batches = BATCHES.open_and_weighed(session, MOST_OPEN)[::-1]
    figures = BATCH_FIGURES.of(session, [named.batch.id for named in batches])
    for named in batches:
        known = figures[named.batch.id]
        yield OpenWeighIn(
            batch_id=named.batch.id,
            dish_id=named.dish_id,
            dish=named.dish,
            letter=named.letter,
            started_at=named.batch.started_at,
            done=known.lines - known.open_lines,
            lines=known.lines,
        )


def open_cooks(session: Session, now: datetime) -> Iterator[OpenCook]:
    """Those in which something was done lately, oldest batch first."""
    lately = BATCH_FIGURES.of(session, cooked.lately(session, now))
    going = [key for key, figures in lately.items() if figures.cooking == "going"]
    for key, named in BATCHES.named(session, going, *ALL_HERE).items():
        log = cooked.log_of(session, key)
        steps = cooked.left_to_it(named.batch.steps or (), BATCHES.arms_of(session, key))
        yield OpenCook(
            batch_id=key,
            dish_id=named.dish_id,
            dish=named.dish,
            letter=named.letter,
            done=len(steps) - len(left_out([step.id for step in steps], log)),
            steps=len(steps),
            going=tuple(step.says for step in steps if log.of(step.id).status is StepStatus.GOING),
        )
