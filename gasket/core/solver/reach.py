"""Reaching the goal: up to three proposals; else what collides, and the closest build."""

from dataclasses import replace
from typing import Final

from gasket.core.numbers import Answer
from gasket.core.solver.collision import closest, collision
from gasket.core.solver.formulation import (
    SolverTask,
    programme,
    tightened,
    touches,
    towards,
    with_touches,
)
from gasket.core.solver.prices import Price, prices_of
from gasket.core.solver.programme import Programme, Solution, Vector, solve, solve_soon
from gasket.core.solver.proposals import Proposal, ProposalKey, proposal

ONE_MORE: Final = 1
"""Lines that the leanest and the richest may touch beyond those of the gentlest."""


FIRST_NODES: Final = 1000
FURTHER_NODES: Final = 300
"""An answer comes while the cook looks: after so many branches the best found so far is shown, and
said not to be proven the best."""


class GoalAnswer(Answer):
    """Up to three proposals; when nothing fits, what collides and the closest build.

    `kept` names the bands that the proposals keep. `free` is how many lines could move.
    """

    proposals: tuple[Proposal, ...]
    prices: tuple[Price, ...]
    collides: tuple[str, ...]
    kept: tuple[str, ...]
    free: int
    swaps: int


def reach(task: SolverTask) -> GoalAnswer:
    """Up to three ways to satisfy every limit, or the closest build and what collides."""
    exact = programme(task)
    whole = programme(tightened(task))
    gentlest = solve_soon(whole, FIRST_NODES)
    if gentlest is None:
        whole, gentlest = exact, solve_soon(exact, FIRST_NODES)
    said = (limit.name for limit in task.limits if not (limit.goal or limit.unsaid))
    kept = tuple(dict.fromkeys(said))
    answer = GoalAnswer(
        proposals=(),
        prices=(),
        collides=(),
        kept=kept,
        free=len(task.moves),
        swaps=len(task.variables.swaps),
    )
    if gentlest is None:
        nearest = closest(task, exact)
        drawn = None if nearest is None else proposal(task, "closest", nearest)
        solutions = () if drawn is None else (drawn,)
        return answer.model_copy(
            update={"proposals": solutions, "collides": collision(task, exact)}
        )
    costs: dict[ProposalKey, Vector] = {
        "leanest": towards(task, "kcal", 1.0),
        "most_protein": towards(task, "protein_g", -1.0),
    }
    at = task.variables
    few = with_touches(whole, at, round(float(touches(at) @ gentlest.x)) + ONE_MORE)
    solved: dict[ProposalKey, Solution] = {"gentlest": gentlest}
    for key, cost in costs.items():
        further = solve_soon(few.with_cost(cost), FURTHER_NODES, patient=False)
        solved[key] = further or _same_lines(few.with_cost(cost), gentlest)
    proposals = [
        one
        for key, solution in solved.items()
        if (one := proposal(task, key, solution)) is not None
    ]
    different = {proposal.change.model_dump_json(): proposal for proposal in reversed(proposals)}
    return answer.model_copy(
        update={
            "proposals": tuple(
                proposal for proposal in proposals if proposal in different.values()
            ),
            "prices": prices_of(task, exact, gentlest),
        }
    )


def _same_lines(programme: Programme, gentlest: Solution) -> Solution:
    """As far as the lines that the gentlest touches go, when there was no time for others."""
    solution = solve(programme.fixed(gentlest.x))
    return replace(solution or gentlest, proven=False)
