"""When nothing fits: which limits collide, and the build that misses them by least."""

from dataclasses import replace
from typing import Final

import numpy as np

from gasket.core.solver.formulation import SolverTask
from gasket.core.solver.limits import Limit, Spot
from gasket.core.solver.programme import Programme, Solution, solve

CLOSEST_NODES: Final = 500
CHANGE_WEIGHT: Final = 0.005
"""A line is touched where that brings a goal nearer by about a percent of it."""
BAND_WEIGHT: Final = 20.0
"""Kept bands give way only when goals alone cannot, at twenty times their cost."""


def closest(task: SolverTask, whole: Programme) -> Solution | None:
    """The build that misses the goals by least, bands kept as far as anything allows."""
    count, rows = len(task.limits), whole.rows
    weights = np.array(
        [(1.0 if limit.goal else BAND_WEIGHT) / _size(task, limit) for limit in task.limits]
    )
    slack = np.zeros((rows.shape[0], 2 * count))
    for k in range(count):
        slack[k, 2 * k], slack[k, 2 * k + 1] = 1.0, -1.0
    relaxed = Programme(
        cost=np.concatenate([CHANGE_WEIGHT * whole.cost, np.repeat(weights, 2)]),
        rows=np.hstack([rows, slack]),
        low=whole.low,
        high=whole.high,
        least=np.concatenate([whole.least, np.zeros(2 * count)]),
        most=np.concatenate([whole.most, np.full(2 * count, np.inf)]),
        whole=np.concatenate([whole.whole, np.zeros(2 * count, dtype=bool)]),
    )
    solution = solve(relaxed, CLOSEST_NODES)
    return None if solution is None else replace(solution, x=solution.x[: len(whole.cost)])


def _size(task: SolverTask, limit: Limit) -> float:
    """What one unit of a limit is measured against: its bound, or what its terms come to."""
    bounds = [abs(b) for b in (limit.low, limit.high) if np.isfinite(b) and b]
    if bounds:
        return max(bounds)
    terms = sum(
        abs(limit.weigh(Spot(placed.ingredient, placed.part, placed.per_serving))) * placed.amount
        for placed in task.piece.lines()
    )
    return max(terms, 1e-6)


def collision(task: SolverTask, whole: Programme) -> tuple[str, ...]:
    """A set of limits that cannot hold together, none of which could be left out of it."""
    loose = whole.relaxed().with_cost(np.zeros_like(whole.cost))
    dropped: list[int] = []
    if solve(loose) is not None:
        return ("whole pieces", *_names(task, list(range(len(task.limits))), goal=True))
    by_band_first = sorted(range(len(task.limits)), key=lambda k: task.limits[k].goal)
    for k in by_band_first:
        if solve(loose.without_rows([*dropped, k])) is None:
            dropped.append(k)
    left = [k for k in range(len(task.limits)) if k not in dropped]
    return (*_names(task, left), *(("the bounds of the lines",) if _bounded(task) else ()))


def _names(task: SolverTask, at: list[int], goal: bool = False) -> tuple[str, ...]:
    limits = (task.limits[k] for k in at)
    return tuple(dict.fromkeys(limit.name for limit in limits if limit.goal or not goal))


def _bounded(task: SolverTask) -> bool:
    return any(
        move.one.line.least_g is not None or move.one.line.most_g is not None for move in task.moves
    )
