"""A build as a programme.

Variables, for each line that may move: grams up, grams down, whether it is touched, whole pieces
for counted lines; for each swap: grams taken, whether it is used. The gentlest proposal minimises

    Σ |change| / grams now + ½ Σ taken / grams now + TOUCH × (lines touched + swaps used)

A line moves by itself or takes one swap: "at most half" leaves the other half. The leanest and the
one with most protein minimise kcal or −protein relative to today, touching at most one line more
than the gentlest does, with a small cost for change, so that they too leave alone what brings
little.
"""

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from typing import Final

import numpy as np

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.rebuild.workpiece import Measurable, Workpiece
from gasket.core.solver.limits import Limit, Spot
from gasket.core.solver.moves import LineMove, SwapMove
from gasket.core.solver.programme import Programme, Vector

TOUCH: Final = 2.0
SWAPPED: Final = 0.5
LEAST_TAKEN: Final = 0.25
"""A swap that is used takes at least a quarter of its line: less is not worth another package."""
LESS_CHANGE: Final = 0.01
"""What a touched line costs beside the energy or protein of a serving: one percent of it."""
ROUNDING_G: Final = 0.5
_ROUNDED_LINES: Final = 3


@dataclass(frozen=True)
class Variables:
    """Where each variable stands in x: per line up, down, touched, pieces; per swap taken, used."""

    moves: tuple[LineMove, ...]
    swaps: tuple[tuple[int, SwapMove], ...]

    @classmethod
    def of(cls, moves: Sequence[LineMove]) -> "Variables":
        """One set for each line that may move, one for each swap."""
        swaps = tuple((i, swap) for i, move in enumerate(moves) for swap in move.swaps)
        return cls(tuple(moves), swaps)

    @property
    def size(self) -> int:
        """How many variables there are."""
        return 4 * len(self.moves) + 2 * len(self.swaps)

    def up(self, i: int) -> int:
        """Where the grams that line `i` gains stand."""
        return 4 * i

    def down(self, i: int) -> int:
        """Where the grams that line `i` loses stand."""
        return 4 * i + 1

    def touched(self, i: int) -> int:
        """Where it stands whether line `i` moves."""
        return 4 * i + 2

    def pieces(self, i: int) -> int:
        """Where the whole pieces of line `i` stand."""
        return 4 * i + 3

    def taken(self, s: int) -> int:
        """Where the grams of swap `s` stand."""
        return 4 * len(self.moves) + 2 * s

    def used(self, s: int) -> int:
        """Where it stands whether swap `s` is made."""
        return 4 * len(self.moves) + 2 * s + 1

    def amount(self, x: Vector, i: int) -> float:
        """What a line comes to: now, up, down, and what its swaps took."""
        taken = sum(x[self.taken(s)] for s, (line, _) in enumerate(self.swaps) if line == i)
        return float(self.moves[i].now + x[self.up(i)] - x[self.down(i)] - taken)

    def effect(self, weigh: "Limit | Measurable") -> Vector:
        """d of a limit (or of a quality of one serving) by every variable."""

        def each(spot: Spot) -> float:
            return spot.of(weigh) if isinstance(weigh, str) else weigh.weigh(spot)

        row = np.zeros(self.size)
        for i, move in enumerate(self.moves):
            gram = each(move.spot)
            row[self.up(i)], row[self.down(i)] = gram, -gram
        for s, (i, swap) in enumerate(self.swaps):
            old = self.moves[i].spot
            into = sum(ratio * each(Spot(f, old.part, old.per_serving)) for f, ratio in swap.foods)
            row[self.taken(s)] = into - each(old)
        return row


@dataclass(frozen=True)
class SolverTask:
    """A build to be moved: what may move, within which limits; `judge` as the checks see it."""

    piece: Workpiece
    moves: tuple[LineMove, ...]
    limits: tuple[Limit, ...]
    judge: CheckedBuild | None = None

    @property
    def variables(self) -> Variables:
        return Variables.of(self.moves)

    def now(self, limit: Limit) -> float:
        """Where a limit stands before anything moves."""
        return sum(
            limit.weigh(Spot(placed.ingredient, placed.part, placed.per_serving)) * placed.amount
            for placed in self.piece.lines()
        )


def programme(task: SolverTask) -> Programme:
    """The gentlest proposal as a programme; its first rows are the limits in their order."""
    at = task.variables
    rows = [at.effect(limit) for limit in task.limits]
    low = [limit.low - task.now(limit) for limit in task.limits]
    high = [limit.high - task.now(limit) for limit in task.limits]
    for row, least, most in _structure(at):
        rows.append(row)
        low.append(least)
        high.append(most)
    lows, highs, whole = _variable_bounds(at)
    return Programme(
        cost=_gentle_cost(at),
        rows=np.array(rows).reshape(len(rows), at.size),
        low=np.array(low),
        high=np.array(high),
        least=lows,
        most=highs,
        whole=whole,
    )


def _structure(at: Variables) -> list[tuple[Vector, float, float]]:
    """Bounds of lines, whole pieces, and what ties a change to its being touched."""
    rows: list[tuple[Vector, float, float]] = []
    for i, move in enumerate(at.moves):
        line = np.zeros(at.size)
        line[at.up(i)], line[at.down(i)] = 1.0, -1.0
        for s, (of, _) in enumerate(at.swaps):
            if of == i:
                line[at.taken(s)] = -1.0
        # What swaps take may go below half of the line, since the stand-in takes its place; but not
        # below what the cook gave as the least.
        swapped = any(of == i for of, _ in at.swaps)
        floor = 0.0 if swapped and not move.bounded else move.least
        rows.append((line, floor - move.now, move.most - move.now))
        # Scaled by how far it can go each way: as tight as a touched line can be told from one
        # that is not, which is what the search lives on.
        tie = np.zeros(at.size)
        tie[at.up(i)] = _per(move.most - move.now)
        tie[at.down(i)] = _per(move.now - move.least)
        tie[at.touched(i)] = -1.0
        rows.append((tie, -np.inf, 0.0))
        if move.step is not None:
            pieces = line.copy()
            pieces[at.pieces(i)] = -move.step
            rows.append((pieces, -move.now, -move.now))
    for s, (i, swap) in enumerate(at.swaps):
        now = at.moves[i].now
        least = min(LEAST_TAKEN, swap.most)
        for share, low, high in ((swap.most, -np.inf, 0.0), (least, 0.0, np.inf)):
            row = np.zeros(at.size)
            row[at.taken(s)], row[at.used(s)] = 1.0, -share * now
            rows.append((row, low, high))
    return [*rows, *_one_change(at)]


def _one_change(at: Variables) -> Iterator[tuple[Vector, float, float]]:
    """A line moves or is swapped; where more of it comes in, it does not go out."""
    for i in {of for of, _ in at.swaps}:
        yield _changes(at, i), -np.inf, 1.0
    for s, (i, swap) in enumerate(at.swaps):
        for j, other in enumerate(at.moves):
            if j != i and other.takes_in(swap, at.moves[i]):
                comes = _changes(at, j)
                comes[at.used(s)] = 1.0
                yield comes, -np.inf, 1.0


def _changes(at: Variables, i: int) -> Vector:
    """Whether a line moves by itself or is swapped: one of the two at most."""
    row = np.zeros(at.size)
    row[at.touched(i)] = 1.0
    row[[at.used(s) for s, (of, _) in enumerate(at.swaps) if of == i]] = 1.0
    return row


def _per(reach: float) -> float:
    return 1 / reach if reach > 0 else 0.0


def _variable_bounds(at: Variables) -> tuple[Vector, Vector, np.ndarray]:
    least, most = np.zeros(at.size), np.zeros(at.size)
    whole = np.zeros(at.size, dtype=bool)
    for i, move in enumerate(at.moves):
        most[at.up(i)] = max(0.0, move.most - move.now)
        most[at.down(i)] = max(0.0, move.now - move.least)
        most[at.touched(i)], whole[at.touched(i)] = 1.0, True
        if move.step is not None:
            most[at.pieces(i)] = np.ceil(max(move.most, move.now) / move.step)
            whole[at.pieces(i)] = True
    for s, (i, swap) in enumerate(at.swaps):
        most[at.taken(s)] = swap.most * at.moves[i].now
        most[at.used(s)], whole[at.used(s)] = 1.0, True
    return least, most, whole


def _gentle_cost(at: Variables) -> Vector:
    cost = np.zeros(at.size)
    for i, move in enumerate(at.moves):
        cost[at.up(i)] = cost[at.down(i)] = 1 / move.now
        cost[at.touched(i)] = TOUCH
    for s, (i, _) in enumerate(at.swaps):
        cost[at.taken(s)] = SWAPPED / at.moves[i].now
        cost[at.used(s)] = TOUCH
    return cost


def touches(at: Variables) -> Vector:
    """How many lines are touched and swaps used, as a row."""
    row = np.zeros(at.size)
    row[[at.touched(i) for i in range(len(at.moves))]] = 1.0
    row[[at.used(s) for s in range(len(at.swaps))]] = 1.0
    return row


def with_touches(whole: Programme, at: Variables, most: float) -> Programme:
    """The same with at most so many lines touched and swaps used."""
    return replace(
        whole,
        rows=np.vstack([whole.rows, touches(at)]),
        low=np.append(whole.low, -np.inf),
        high=np.append(whole.high, most),
    )


def towards(task: SolverTask, name: Measurable, sign: float) -> Vector:
    """The cost of a proposal that goes for less (+1) or more (−1) of a quality."""
    at = task.variables
    whole = max(task.piece.serving(name) or 0.0, 1.0)
    return sign * at.effect(name) / whole + LESS_CHANGE / TOUCH * _gentle_cost(at)


def tightened(task: SolverTask) -> SolverTask:
    """The same with its limits a little narrower, so that grams rounded to the scale still meet
    them. A band stays as wide as where the build is."""
    at = task.variables

    def narrower(limit: Limit) -> Limit:
        effect = np.sort(np.abs(at.effect(limit)))[::-1]
        slack = ROUNDING_G * float(effect[:_ROUNDED_LINES].sum())
        low, high = limit.low + slack, limit.high - slack
        if low > high:
            return limit
        if not limit.goal:
            now = task.now(limit)
            low, high = max(limit.low, min(low, now)), min(limit.high, max(high, now))
        return replace(limit, low=low, high=high)

    return replace(task, limits=tuple(narrower(limit) for limit in task.limits))
