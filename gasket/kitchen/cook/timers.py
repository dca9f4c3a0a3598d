"""Everything in the house that runs: steps, timers of their own, reminders. Nothing is kept in
memory: what runs is what the logs say."""

from collections.abc import Iterator
from datetime import datetime, timedelta
from typing import Final, Literal

from gasket.core.cooking.cook_log import CookDeed, CookLog, StepAct, StepStatus, refusal, replay
from gasket.core.cooking.keeping import COOLING_SAYS, INTO_THE_FRIDGE_MIN
from gasket.core.errors import Refused
from gasket.core.numbers import Answer
from gasket.kitchen.cook import cooked, cooking, oven
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES
from gasket.kitchen.weigh import weighed
from gasket.store.books import Session
from gasket.store.books.batches import BatchHead
from gasket.store.books.cooks import COOKS, timers_since
from gasket.store.books.dishes import Dish

REMIND_FOR_H: Final = 4.0
"""After that a reminder that nobody answered is given up."""


class RunningTimer(Answer):
    """Something that runs: a step, a timer of its own, or a reminder.

    `says` is what to look for."""

    id: str
    kind: Literal["step", "timer", "reminder"]
    name: str
    says: str
    batch_id: int | None
    dish_id: int | None
    dish: str
    begun_at: datetime
    due_at: datetime
    next_look_at: datetime | None
    needs_temperature: bool


class Timers(Answer):
    """Everything that runs, soonest first; `now` is the server's clock."""

    now: datetime
    running: tuple[RunningTimer, ...]


def log_timer(session: Session, deed: CookDeed, now: datetime) -> Timers:
    """A timer that belongs to no batch: set, extended, ended."""
    if not COOKS.holds(session, deed.id, None):
        known = _of_no_batch(session, now)
        if deed.deed not in (StepAct.TIMER, StepAct.EXTEND, StepAct.DONE, StepAct.UNDO):
            raise Refused("A timer is set, extended or ended.")
        if why := refusal(deed, known, {}):
            raise Refused(why)
        if deed.deed is StepAct.UNDO:
            cooking.refuse_undo(session, deed, None)
        cooking.store(session, None, deed, now)
    return timers(session, now)


def timers(session: Session, now: datetime) -> Timers:
    """Everything that runs in the house."""
    running = [*_own(_of_no_batch(session, now), None, None)]
    figures = BATCH_FIGURES.of(session, cooked.lately(session, now))
    shown = [key for key, figure in figures.items() if figure.runs or _lately(figure.done_at, now)]
    memory = oven.memory(session) if shown else {}
    for batch_id in shown:
        running += _of_batch(session, batch_id, memory, now)
    return Timers(now=now, running=tuple(sorted(running, key=_soonest)))


def _of_no_batch(session: Session, now: datetime) -> CookLog:
    return replay(timers_since(session, now - cooked.LATELY))


def _soonest(timer: RunningTimer) -> datetime:
    return min(timer.due_at, timer.next_look_at or timer.due_at)


def _lately(done_at: datetime | None, now: datetime) -> bool:
    """Whether a reminder to put it away may still be of use."""
    ago = timedelta(minutes=INTO_THE_FRIDGE_MIN, hours=REMIND_FOR_H)
    return done_at is not None and now - done_at < ago


def _own(known: CookLog, head: BatchHead | None, dish: Dish | None) -> Iterator[RunningTimer]:
    for key, (asked, state) in known.timers.items():
        if state.status is StepStatus.GOING and state.begun_at is not None:
            yield RunningTimer(
                id=key,
                kind="timer",
                name=asked.note or "Timer",
                says="",
                batch_id=head.id if head else None,
                dish_id=dish.id if dish else None,
                dish=dish.name if dish else "",
                begun_at=state.begun_at,
                due_at=state.begun_at + timedelta(minutes=(asked.minutes or 0.0) + state.extra_min),
                next_look_at=None,
                needs_temperature=False,
            )


def _of_batch(
    session: Session, batch_id: int, memory: oven.Memory, now: datetime
) -> Iterator[RunningTimer]:
    known = cooked.log_of(session, batch_id)
    batch = weighed.read(session, batch_id)
    steps = cooked.steps_of(batch)
    rules = cooking.rules_of(batch, steps)
    estimates = cooking.estimates_of(batch, steps, rules, memory)
    yield from _own(known, batch.head, batch.dish)
    about = {"batch_id": batch_id, "dish_id": batch.dish.id, "dish": batch.dish.name}
    for step in steps:
        state = known.of(step.id)
        guess = estimates[step.id]
        due = state.due_at(guess.minutes)
        if state.status is not StepStatus.GOING or due is None or state.begun_at is None:
            continue
        yield RunningTimer(
            id=step.id,
            kind="step",
            name=step.says,
            says=step.cue,
            begun_at=state.begun_at,
            due_at=due,
            next_look_at=state.next_look(guess.looks_min, now),
            needs_temperature=not cooking.is_safe(state, rules.get(step.id)),
            **about,
        )
    by = cooking.fridge_by(session, batch_id, steps, known)
    if by is not None and now - by < timedelta(hours=REMIND_FOR_H):
        yield RunningTimer(
            id=f"fridge-{batch_id}",
            kind="reminder",
            name="Into the fridge",
            says=COOLING_SAYS,
            begun_at=by - timedelta(minutes=INTO_THE_FRIDGE_MIN),
            due_at=by,
            next_look_at=None,
            needs_temperature=False,
            **about,
        )
