"""The schedule: steps laid out in time, so that the dish is ready soonest with one pair of hands.

The problem: every step has a duration and comes after others; a hands-on step needs the cook, a
step with a tool needs that tool, and there is one of each. Find start times with the earliest end.
It is the resource-constrained project scheduling problem; kitchens are small.

    weigh 8 (hands) → bake 25 (oven) → cool 15          preheat 12 (oven) before bake
    frosting 6 (hands)                                  → preheat and frosting cost nothing: 48 min

How: OR-tools' CP-SAT finds the order, on a grid of minutes (of seconds where a step has no whole
minutes), and proves it, or says that it could not within its measure of work, which hangs on no
clock: the same kitchen has the same schedule. Then every step is placed in that order as early as
it fits, or as late. What it does not do: split a step, slow the cook down, or keep an oven for one
dish while another waits.

OR-tools is imported when the first schedule is asked for: it takes most of a second.
"""

import math
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from typing import Final

from gasket.core.errors import FaultyInput

HANDS: Final = "hands"
WORK: Final = 1.0
"""How long the solver may look for better, in its own measure: about a second of one core."""
SECONDS: Final = 60
_SAME_MIN: Final = 1e-9


def warm_up() -> None:
    """Import the solver ahead of the first schedule."""
    from ortools.sat.python import cp_model  # noqa: F401 - only to have it


@dataclass(frozen=True, slots=True)
class ScheduleTask:
    """A step as the schedule sees it. `needs` are what only one step can have at a time: hands,
    an oven. `late` ones are put off as long as it costs nothing; `running` ones have begun."""

    id: str
    minutes: float
    needs: frozenset[str] = frozenset()
    after: frozenset[str] = frozenset()
    late: bool = False
    running: bool = False


@dataclass(frozen=True, slots=True)
class ScheduledTask:
    """From when to when a step runs, in minutes from the schedule's start."""

    id: str
    start_min: float
    end_min: float


@dataclass(frozen=True, slots=True)
class TaskSchedule:
    """Steps in order of their start. `proven`: no schedule ends earlier."""

    placed: tuple[ScheduledTask, ...]
    minutes: float
    proven: bool


def schedule(tasks: Sequence[ScheduleTask]) -> TaskSchedule:
    """Ready soonest, from now on. Raises `FaultyInput` for steps that wait for each other."""
    order, proven = _order(tasks)
    return _plan(_put_off(tasks, _as_early(tasks, order)), tasks, proven)


def schedule_back(tasks: Sequence[ScheduleTask]) -> TaskSchedule:
    """The same with everything as late as it can be: to eat as soon as it is ready.

    Running steps cannot be moved: where there are any, the plan runs forward.
    """
    if any(task.running for task in tasks):
        return schedule(tasks)
    order, proven = _order(tasks)
    early = _as_early(tasks, order)
    mirrored = _mirrored(tasks)
    late = _as_early(mirrored, _turned(tasks, early))
    return _plan(_turned(tasks, late), tasks, proven)


def _order(tasks: Sequence[ScheduleTask]) -> tuple[Mapping[str, float], bool]:
    """Start times that end soonest, of which the order counts, and whether nothing ends sooner."""
    by_hand = {task.id: -tail for task, tail in zip(tasks, _tails(tasks), strict=True)}
    if not tasks:
        return by_hand, True
    from ortools.sat.python import cp_model

    model = cp_model.CpModel()
    whole = all(task.minutes % 1 == 0 for task in tasks)
    ticks = 1 if whole else SECONDS
    length = {task.id: math.ceil(task.minutes * ticks - 1e-6) for task in tasks}
    most = sum(length.values())
    start = {t.id: model.new_int_var(0, 0 if t.running else most, t.id) for t in tasks}
    end = model.new_int_var(0, most, "end")
    for task in tasks:
        model.add(start[task.id] + length[task.id] <= end)
        for key in () if task.running else sorted(task.after):
            model.add(start[key] + length[key] <= start[task.id])
    # In order: the solver takes the first of equal answers, and that must not hang on a set's.
    for need in sorted({need for task in tasks for need in task.needs}):
        model.add_no_overlap(
            model.new_fixed_size_interval_var(start[task.id], length[task.id], task.id)
            for task in _sharing(tasks, need)
        )
    model.minimize(end)
    solver = cp_model.CpSolver()
    solver.parameters.num_workers = 1
    solver.parameters.max_deterministic_time = WORK
    outcome = solver.solve(model)
    if outcome not in (cp_model.OPTIMAL, cp_model.FEASIBLE):
        return by_hand, False
    return {
        key: float(solver.value(minute)) for key, minute in start.items()
    }, outcome == cp_model.OPTIMAL


def _sharing(tasks: Sequence[ScheduleTask], need: str) -> list[ScheduleTask]:
    """The steps that take turns at something. Of those that run already, the longest holds it."""
    wanting = [task for task in tasks if need in task.needs and task.minutes > 0]
    running = [task for task in wanting if task.running]
    longest = max(running, key=lambda task: task.minutes, default=None)
    return [task for task in wanting if not task.running or task is longest]


def _as_early(tasks: Sequence[ScheduleTask], order: Mapping[str, float]) -> dict[str, float]:
    """When each begins: as early as it fits, those that come first in the order placed first."""
    starts = {task.id: 0.0 for task in tasks if task.running}
    left = [task for task in tasks if not task.running]
    by_id = {task.id: task for task in tasks}
    while left:
        free = [task for task in left if task.after <= starts.keys()]
        task = min(free, key=lambda ready: order[ready.id])
        left.remove(task)
        ready = max((starts[key] + by_id[key].minutes for key in task.after), default=0.0)
        starts[task.id] = _earliest(task, ready, [by_id[key] for key in starts], starts)
    return starts


def _earliest(
    task: ScheduleTask, ready: float, placed: Sequence[ScheduleTask], starts: Mapping[str, float]
) -> float:
    begin = ready
    sharing = [other for other in placed if other.needs & task.needs and other.minutes > 0]
    for other in sorted(sharing, key=lambda other: starts[other.id]):
        ends = starts[other.id] + other.minutes
        overlaps = begin < ends - _SAME_MIN and starts[other.id] < begin + task.minutes - _SAME_MIN
        if overlaps and task.minutes > 0:
            begin = ends
    return begin


def _mirrored(tasks: Sequence[ScheduleTask]) -> list[ScheduleTask]:
    """The same kitchen with time running backwards."""
    before: dict[str, set[str]] = {task.id: set() for task in tasks}
    for task in tasks:
        for key in task.after:
            before[key].add(task.id)
    return [replace(task, after=frozenset(before[task.id])) for task in tasks]


def _turned(tasks: Sequence[ScheduleTask], starts: Mapping[str, float]) -> dict[str, float]:
    """Start times seen from the end."""
    end = max((starts[task.id] + task.minutes for task in tasks), default=0.0)
    return {task.id: end - starts[task.id] - task.minutes for task in tasks}


def _plan(starts: Mapping[str, float], tasks: Sequence[ScheduleTask], proven: bool) -> TaskSchedule:
    placed = [
        ScheduledTask(task.id, round(starts[task.id], 6), round(starts[task.id] + task.minutes, 6))
        for task in tasks
    ]
    order = {task.id: i for i, task in enumerate(tasks)}
    placed.sort(key=lambda slot: (slot.start_min, slot.end_min, order[slot.id]))
    return TaskSchedule(tuple(placed), max((slot.end_min for slot in placed), default=0.0), proven)


def _tails(tasks: Sequence[ScheduleTask]) -> list[float]:
    """From the start of each step to the end of all, by what comes after it alone."""
    followers = {task.id: [other for other in tasks if task.id in other.after] for task in tasks}
    tails: dict[str, float] = {}
    left = list(tasks)
    while left:
        known = [task for task in left if all(other.id in tails for other in followers[task.id])]
        if not known:
            raise FaultyInput.at("steps", "Some steps wait for each other.")
        for task in known:
            after = (tails[other.id] for other in followers[task.id])
            tails[task.id] = task.minutes + max(after, default=0.0)
        left = [task for task in left if task.id not in tails]
    return [tails[task.id] for task in tasks]


def _put_off(tasks: Sequence[ScheduleTask], starts: dict[str, float]) -> dict[str, float]:
    """Move what is `late` (a preheating oven) as near to its use as costs nothing."""
    starts = dict(starts)
    by_id = {task.id: task for task in tasks}
    end = max((starts[task.id] + task.minutes for task in tasks), default=0.0)
    for task in sorted(tasks, key=lambda task: -starts[task.id]):
        if not task.late or task.running:
            continue
        followers = [starts[follower.id] for follower in tasks if task.id in follower.after]
        latest = min(followers, default=end) - task.minutes
        for other in by_id.values():
            if other.id != task.id and other.needs & task.needs:
                begins = starts[other.id]
                if begins >= starts[task.id] + task.minutes - 1e-9:
                    latest = min(latest, begins - task.minutes)
        starts[task.id] = max(starts[task.id], latest)
    return starts
