"""The schedule: steps laid out in time, so that the dish is ready soonest with one pair of hands.

The problem: every step has a duration and comes after others; a hands-on step needs the cook, a
step with a tool needs that tool, and there is one of each. Find start times with the earliest end.
It is the resource-constrained project scheduling problem; kitchens are small.

    weigh 8 (hands) → bake 25 (oven) → cool 15          preheat 12 (oven) before bake
    frosting 6 (hands)                                  → preheat and frosting cost nothing: 48 min

How: any order of the steps that respects "after" gives a schedule by placing each step as early as
it fits; some order gives the optimum. The best of a few rules of thumb is the start, a
depth-first search with bounds looks for better until it is proven or `MOST_NODES` are looked at.
Then the mirrored problem is searched too, since both have the same optimum, and what is still not
proven is improved: everything pushed as late and then as early as it fits (double justification,
after Valls, Ballestín and Quintanilla 2005), from orders shaken a fixed number of times. Nothing
hangs on a clock. What it does not do: split a step, slow the cook down, or keep an oven for one
dish while another waits.
"""

import itertools
import math
from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, replace
from typing import Final

from gasket.core.errors import FaultyInput

MOST_NODES: Final = 3000
MOST_SHAKES: Final = 60
HANDS: Final = "hands"
_GOLDEN: Final = (math.sqrt(5) - 1) / 2


@dataclass(frozen=True, slots=True)
class Task:
    """A step as the schedule sees it. `needs` are what only one step can have at a time: hands,
    an oven. `late` ones are put off as long as it costs nothing; `running` ones have begun."""

    id: str
    minutes: float
    needs: frozenset[str] = frozenset()
    after: frozenset[str] = frozenset()
    late: bool = False
    running: bool = False


@dataclass(frozen=True, slots=True)
class Placed:
    """From when to when a step runs, in minutes from the schedule's start."""

    id: str
    start_min: float
    end_min: float


@dataclass(frozen=True, slots=True)
class Plan:
    """Steps in order of their start. `proven`: no schedule ends earlier."""

    placed: tuple[Placed, ...]
    minutes: float
    proven: bool


Rule = Callable[[Task, Mapping[str, float]], tuple[float, ...]]
_RULES: Final[tuple[Rule, ...]] = (
    lambda task, tail: (-tail[task.id],),
    lambda task, tail: (float(HANDS not in task.needs), -tail[task.id]),
    lambda task, tail: (float(HANDS in task.needs), -tail[task.id]),
    lambda task, _: (-task.minutes,),
    lambda *_: (0.0,),  # as the cook wrote them
)


def schedule(tasks: Sequence[Task]) -> Plan:
    """Ready soonest, from now on. Raises `FaultyInput` for steps that wait for each other."""
    best = _soonest(tasks)
    return _plan(_put_off(tasks, best.starts), tasks, best.proven)


def schedule_back(tasks: Sequence[Task]) -> Plan:
    """The same with everything as late as it can be: to eat as soon as it is ready.

    Running steps cannot be moved: where there are any, the plan runs forward.
    """
    if any(task.running for task in tasks):
        return schedule(tasks)
    best = _soonest(tasks)
    late = _Search(_mirrored(tasks)).in_order(_turned(tasks, best).starts)
    return _plan(_turned(tasks, late).starts, tasks, best.proven)


def _mirrored(tasks: Sequence[Task]) -> list[Task]:
    """The same kitchen with time running backwards."""
    before: dict[str, set[str]] = {task.id: set() for task in tasks}
    for task in tasks:
        for key in task.after:
            before[key].add(task.id)
    return [replace(task, after=frozenset(before[task.id])) for task in tasks]


def _turned(tasks: Sequence[Task], found: "_Found") -> "_Found":
    """A schedule of the mirrored problem as one of this, and the other way round."""
    starts = {task.id: found.minutes - found.starts[task.id] - task.minutes for task in tasks}
    return _Found(starts, found.minutes, found.proven)


def _even_shares() -> Iterator[float]:
    """0 to 1, spread evenly and the same each time: multiples of the golden ratio."""
    return (i * _GOLDEN % 1 for i in itertools.count(1))


def _soonest(tasks: Sequence[Task]) -> "_Found":
    """The best of both directions, improved where neither could prove it."""
    forward = _Search(tasks)
    best = forward.solve()
    if best.proven or any(task.running for task in tasks):
        return best
    back = _Search(_mirrored(tasks))
    other = _turned(tasks, back.solve())
    if other.proven or other.minutes < best.minutes - 1e-9:
        best = other
    if best.proven:
        return best
    shares = _even_shares()
    begin = best
    for shake in range(MOST_SHAKES):
        spread = 0.0 if shake == 0 else begin.minutes * (0.02 + 0.18 * next(shares))
        shaken = {key: start + spread * next(shares) for key, start in begin.starts.items()}
        late = back.in_order(_turned(tasks, _Found(shaken, begin.minutes, False)).starts)
        early = forward.in_order(_turned(tasks, late).starts)
        if early.minutes <= begin.minutes + 1e-9:
            begin = early
        if early.minutes < best.minutes - 1e-9:
            best = early
        if best.minutes <= forward.least + 1e-9:
            return replace(best, proven=True)
    return best


def _plan(starts: Mapping[str, float], tasks: Sequence[Task], proven: bool) -> Plan:
    placed = [
        Placed(task.id, round(starts[task.id], 6), round(starts[task.id] + task.minutes, 6))
        for task in tasks
    ]
    order = {task.id: i for i, task in enumerate(tasks)}
    placed.sort(key=lambda one: (one.start_min, one.end_min, order[one.id]))
    return Plan(tuple(placed), max((one.end_min for one in placed), default=0.0), proven)


Busy = Mapping[str, tuple[tuple[float, float], ...]]
"""When what only one step can have is taken, by its name."""


@dataclass(frozen=True, slots=True)
class _Partial:
    """Some of the steps placed. No schedule that goes on from here ends before `bound`."""

    starts: Mapping[str, float]
    busy: Busy
    bound: float


_NOTHING: Final = _Partial({}, {}, 0.0)


def _earliest(task: Task, ready: float, busy: Busy) -> float:
    start = ready
    moved = True
    while moved:
        moved = False
        for need in task.needs:
            for from_min, to_min in busy.get(need, ()):
                if start < to_min - 1e-9 and from_min < start + task.minutes - 1e-9:
                    start, moved = to_min, True
    return start


@dataclass(slots=True)
class _Found:
    starts: dict[str, float]
    minutes: float
    proven: bool


class _Search:
    """Depth first over the orders of the steps."""

    def __init__(self, tasks: Sequence[Task]) -> None:
        self.tasks = tasks
        self.by_id = {task.id: task for task in tasks}
        self.tail = _tails(tasks)
        self.least = max(self.tail.values(), default=0.0)
        self.best = _Found({}, math.inf, False)
        self.nodes = 0

    def solve(self) -> _Found:
        begun = _NOTHING
        for task in self.tasks:
            if task.running:
                begun = self._placed(begun, task)
        for rule in _RULES:
            self._keep(self._by_rule(rule, begun))
        self._deeper(begun)
        self.best.proven = self.nodes <= MOST_NODES
        return self.best

    def in_order(self, starts: Mapping[str, float]) -> "_Found":
        """Each step as early as it fits, the ones that begin first placed first."""
        placed = self._by_rule(lambda task, _: (starts[task.id],), _NOTHING).starts
        minutes = max(
            (start + self.by_id[key].minutes for key, start in placed.items()), default=0.0
        )
        return _Found(dict(placed), minutes, False)

    def _placed(self, so_far: _Partial, task: Task) -> _Partial:
        """With one step more, as early as it fits."""
        starts = so_far.starts
        ready = max(
            (starts[key] + self.by_id[key].minutes for key in task.after if key in starts),
            default=0.0,
        )
        start = 0.0 if task.running else _earliest(task, ready, so_far.busy)
        busy = dict(so_far.busy)
        if task.minutes > 0:
            for need in task.needs:
                busy[need] = (*busy.get(need, ()), (start, start + task.minutes))
        bound = max(so_far.bound, start + self.tail[task.id])
        return _Partial({**starts, task.id: start}, busy, bound)

    def _free(self, so_far: _Partial) -> list[Task]:
        """What can be placed next: everything that it comes after is placed."""
        placed = so_far.starts.keys()
        return [task for task in self.tasks if task.id not in placed and task.after <= placed]

    def _by_rule(self, rule: Rule, so_far: _Partial) -> _Partial:
        """A list schedule: the one that the rule puts first, again and again."""
        while free := self._free(so_far):
            so_far = self._placed(so_far, min(free, key=lambda task: rule(task, self.tail)))
        return so_far

    def _keep(self, whole: _Partial) -> None:
        minutes = max(
            (start + self.by_id[key].minutes for key, start in whole.starts.items()), default=0.0
        )
        if minutes < self.best.minutes - 1e-9:
            self.best = _Found(dict(whole.starts), minutes, False)

    def _deeper(self, so_far: _Partial) -> None:
        if self.best.minutes <= self.least + 1e-9 or self.nodes > MOST_NODES:
            return
        if len(so_far.starts) == len(self.tasks):
            self._keep(so_far)
            return
        for task in sorted(self._free(so_far), key=lambda one: -self.tail[one.id]):
            self.nodes += 1
            longer = self._placed(so_far, task)
            if longer.bound < self.best.minutes - 1e-9:
                self._deeper(longer)


def _tails(tasks: Sequence[Task]) -> dict[str, float]:
    """From the start of each step to the end of all, by what comes after it alone."""
    followers: dict[str, list[str]] = {task.id: [] for task in tasks}
    for task in tasks:
        for key in task.after:
            followers[key].append(task.id)
    by_id = {task.id: task for task in tasks}
    tails: dict[str, float] = {}
    left = list(by_id)
    while left:
        known = [key for key in left if all(one in tails for one in followers[key])]
        if not known:
            raise FaultyInput.at("steps", "Some steps wait for each other.")
        for key in known:
            tails[key] = by_id[key].minutes + max(
                (tails[one] for one in followers[key]), default=0.0
            )
        left = [key for key in left if key not in tails]
    return tails


def _put_off(tasks: Sequence[Task], starts: dict[str, float]) -> dict[str, float]:
    """Move what is `late` (a preheating oven) as near to its use as costs nothing."""
    starts = dict(starts)
    by_id = {task.id: task for task in tasks}
    end = max((starts[task.id] + task.minutes for task in tasks), default=0.0)
    for task in sorted(tasks, key=lambda one: -starts[one.id]):
        if not task.late or task.running:
            continue
        followers = [starts[one.id] for one in tasks if task.id in one.after]
        latest = min(followers, default=end) - task.minutes
        for other in by_id.values():
            if other.id != task.id and other.needs & task.needs:
                begins = starts[other.id]
                if begins >= starts[task.id] + task.minutes - 1e-9:
                    latest = min(latest, begins - task.minutes)
        starts[task.id] = max(starts[task.id], latest)
    return starts
