"""A mixed-integer linear programme in matrix form, and what HiGHS makes of it.

    minimise cost · x,  low ≤ rows · x ≤ high,  least ≤ x ≤ most,  x whole where `whole`

SciPy is imported when the first programme is solved: it takes a second.
"""

from dataclasses import dataclass, replace
from typing import Any, Final

import numpy as np
from numpy.typing import NDArray

Vector = NDArray[np.float64]
NODES: Final = 3000
"""So many branches are looked at, whatever the machine: the same question has the same answer."""
GAP: Final = 1e-4
MANY: Final = 50
KEPT: Final = 26
_OPTIMAL, _OUT_OF_NODES = 0, 1


def warm_up() -> None:
    """Import the solver ahead of the first question; it takes a second."""
    import scipy.optimize  # noqa: F401 - only to have it


@dataclass(frozen=True)
class Programme:
    """Shapes: rows (m, n); low, high (m,); cost, least, most (n,); whole (n,) of booleans."""

    cost: Vector
    rows: Vector
    low: Vector
    high: Vector
    least: Vector
    most: Vector
    whole: NDArray[np.bool_]

    def relaxed(self) -> "Programme":
        """The same without whole numbers: a bound, and quick."""
        return replace(self, whole=np.zeros_like(self.whole))

    def fixed(self, at: Vector) -> "Programme":
        """The same with every whole variable held at its value in `at`, for prices."""
        value = np.round(at)
        return replace(
            self.relaxed(),
            least=np.where(self.whole, value, self.least),
            most=np.where(self.whole, value, self.most),
        )

    def with_cost(self, cost: Vector) -> "Programme":
        return replace(self, cost=cost)

    def without_rows(self, dropped: list[int]) -> "Programme":
        """The same with these limits lifted."""
        low, high = self.low.copy(), self.high.copy()
        low[dropped], high[dropped] = -np.inf, np.inf
        return replace(self, low=low, high=high)


@dataclass(frozen=True)
class Solution:
    """Values of the variables, the cost at them, and whether nothing better can exist."""

    x: Vector
    objective: float
    proven: bool = True


def solve(programme: Programme, nodes: int = NODES, *, patient: bool = True) -> Solution | None:
    """The optimum; None when nothing satisfies the limits.

    After `nodes` branches the best found so far is the answer, not `proven`; when there is none
    yet, a patient search goes on for up to `NODES`.
    """
    from scipy.optimize import Bounds, LinearConstraint, milp

    answer = milp(
        programme.cost,
        integrality=programme.whole.astype(int),
        bounds=Bounds(programme.least, programme.most),
        constraints=LinearConstraint(programme.rows, programme.low, programme.high),
        # presolve gains nothing at this size
        options={"node_limit": nodes, "mip_rel_gap": GAP, "presolve": False},
    )
    if answer.x is None:
        if answer.status == _OUT_OF_NODES and patient and nodes < NODES:
            return solve(programme)
        return None
    x = np.asarray(answer.x, dtype=np.float64)
    return Solution(x, float(answer.fun), answer.status == _OPTIMAL)


def solve_soon(programme: Programme, nodes: int, *, patient: bool = True) -> Solution | None:
    """As `solve`; a large programme is first cut down to the choices that its relaxation favours.

    What is found among those is good, not proven the best.
    """
    if programme.whole.sum() <= MANY:
        return solve(programme, nodes, patient=patient)
    favoured = _favoured(programme)
    if favoured is None:
        return None  # the relaxation has no answer, so there is none
    few = solve(favoured, nodes, patient=patient)
    if few is not None:
        return replace(few, proven=False)
    return solve(programme, nodes, patient=patient) if patient else None


def _favoured(programme: Programme) -> Programme | None:
    """The same with all but the `KEPT` most favoured yes-or-no choices at no."""
    linear = _linear(programme)
    if linear.status != _OPTIMAL:
        return None
    reduced = np.asarray(linear.lower.marginals) + np.asarray(linear.upper.marginals)
    choices = np.flatnonzero(programme.whole & (programme.most == 1.0))
    order = np.lexsort((reduced[choices], -np.asarray(linear.x)[choices]))
    most = programme.most.copy()
    most[choices[order[KEPT:]]] = 0.0
    return replace(programme, most=most)


def row_prices(programme: Programme) -> Vector | None:
    """d objective / d limit of every row of a linear programme; None when it has no optimum.

    A row that binds below has the price of raising `low`, one that binds above of raising `high`.
    """
    linear = _linear(programme)
    if linear.status != _OPTIMAL:
        return None
    upper, lower = np.isfinite(programme.high), np.isfinite(programme.low)
    marginals = np.asarray(linear.ineqlin.marginals, dtype=np.float64)
    prices = np.zeros(len(programme.low))
    prices[upper] += marginals[: upper.sum()]
    prices[lower] -= marginals[upper.sum() :]
    return prices


def _linear(programme: Programme) -> Any:
    """What the linear programme comes to without whole numbers, with its marginals."""
    from scipy.optimize import linprog

    upper, lower = np.isfinite(programme.high), np.isfinite(programme.low)
    return linprog(
        programme.cost,
        A_ub=np.vstack([programme.rows[upper], -programme.rows[lower]]),
        b_ub=np.concatenate([programme.high[upper], -programme.low[lower]]),
        bounds=list(zip(programme.least.tolist(), programme.most.tolist(), strict=True)),
        method="highs",
    )
