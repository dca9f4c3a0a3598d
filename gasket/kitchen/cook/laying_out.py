"""Steps laid out on the clock: forward from now, or backward from when to eat."""

from collections.abc import Mapping, Sequence
from datetime import datetime, timedelta

from gasket.core.cooking.oven_memory import Estimate
from gasket.core.cooking.schedule import HANDS, ScheduledTask, ScheduleTask, schedule, schedule_back
from gasket.core.cooking.steps import Step
from gasket.core.numbers import Answer


class CookScheduleStep(Answer):
    """From when to when a step runs; `late` is how many minutes it was put off for the oven."""

    id: str
    start_at: datetime
    end_at: datetime


class CookSchedule(Answer):
    """The schedule. `late_min` is by how much it misses the time to eat; `lead` steps are those
    that have to be begun ahead; `proven` says that no order of the steps is ready sooner."""

    steps: tuple[CookScheduleStep, ...]
    begin_at: datetime
    ready_at: datetime
    minutes: float
    hands_on_min: float
    proven: bool
    eat_at: datetime | None
    late_min: float
    lead: tuple[str, ...]


def task_of(step: Step, minutes: float, *, running: bool = False) -> ScheduleTask:
    """A step as the schedule sees it."""
    needs = {HANDS} if step.hands_on else set()
    if step.tool:
        needs.add(step.tool)
    return ScheduleTask(
        id=step.id,
        minutes=max(0.0, minutes),
        needs=frozenset(needs),
        after=frozenset(step.after),
        late=step.kind == "preheat",
        running=running,
    )


def lay_out(
    steps: Sequence[Step],
    estimates: Mapping[str, Estimate],
    now: datetime,
    eat_at: datetime | None,
) -> CookSchedule | None:
    """Forward from now, or backward from the time to eat."""
    if not steps:
        return None
    tasks = [task_of(step, estimates[step.id].minutes) for step in steps]
    plan = schedule(tasks) if eat_at is None else schedule_back(tasks)
    begin = now if eat_at is None else eat_at - timedelta(minutes=plan.minutes)
    late = max(0.0, (now - begin).total_seconds() / 60)
    if late > 0:
        begin = now
    return laid(steps, plan.placed, begin, plan.proven, eat_at, late if eat_at else 0.0)


def laid(
    steps: Sequence[Step],
    placed: Sequence[ScheduledTask],
    begin: datetime,
    proven: bool,
    eat_at: datetime | None,
    late_min: float,
) -> CookSchedule:
    by_id = {step.id: step for step in steps}
    ends = max((placed_task.end_min for placed_task in placed), default=0.0)
    return CookSchedule(
        steps=tuple(
            CookScheduleStep(
                id=placed_task.id,
                start_at=begin + timedelta(minutes=placed_task.start_min),
                end_at=begin + timedelta(minutes=placed_task.end_min),
            )
            for placed_task in placed
        ),
        begin_at=begin,
        ready_at=begin + timedelta(minutes=ends),
        minutes=ends,
        hands_on_min=sum(
            placed_task.end_min - placed_task.start_min
            for placed_task in placed
            if by_id[placed_task.id].hands_on
        ),
        proven=proven,
        eat_at=eat_at,
        late_min=late_min,
        lead=tuple(step.id for step in steps if step.is_lead),
    )
