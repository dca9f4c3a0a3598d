"""A solution as a cook reads it: lines before and after, what stands in, what it does."""

from collections.abc import Callable, Sequence
from dataclasses import replace
from typing import Final, Literal

from gasket.core.build_checks.checks import alarms
from gasket.core.numbers import Answer
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import BuildChange, BuildLine
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.solver.formulation import SolverTask, Variables
from gasket.core.solver.limits import Limit, Spot
from gasket.core.solver.moves import LineMove, SwapMove
from gasket.core.solver.programme import Solution, Vector
from gasket.core.swaps.options import Effect, SwapIn, moved_by, round_g, stand_in, with_less

ProposalKey = Literal["gentlest", "leanest", "most_protein", "closest"]
NAMES: Final[dict[ProposalKey, str]] = {
    "gentlest": "Fewest changes",
    "leanest": "Fewest calories",
    "most_protein": "Most protein",
    "closest": "As close as it gets",
}
SCRAP: Final = 0.15
"""So little of a line is a scrap: all of it is swapped where the goals still hold."""
_TOUCHED: Final = 0.5
_SAME_G: Final = 0.05
_SLACK: Final = 1e-6


class ProposedLine(Answer):
    """One line of a proposal: grams before and after, and what stands in."""

    line_id: str
    name: str
    before_g: float
    after_g: float
    goes_in: tuple[SwapIn, ...]
    swap: str


class Proposal(Answer):
    """A way to the goal: lines touched, and what it does to a serving.

    `proven` when no better one exists; else it is the best that was found in time.
    """

    key: ProposalKey
    name: str
    change: BuildChange
    lines: tuple[ProposedLine, ...]
    moved: Effect
    objective: float
    proven: bool


def proposal(task: SolverTask, key: ProposalKey, solution: Solution) -> Proposal | None:
    """The solution in grams as a scale shows them: whole ones where the goals still hold and no
    check speaks that was silent before, else tenths; None where even those raise an alarm."""
    coarse = _drawn(task, key, solution, round_g)
    if key == "closest":
        return coarse
    news = _foods(task, solution.x)
    whole = _drawn(task, key, replace(solution, x=_no_scraps(task.variables, solution.x)), round_g)
    fine = _drawn(task, key, solution, lambda grams: round(grams, 1))
    goals = [limit for limit in task.limits if limit.goal]
    for found, kept in ((whole, task.limits), (coarse, goals), (fine, ())):
        after = _after_change(task, found.change, news)
        if _holds(kept, after) and not _new_alarms(task, after):
            return found
    return None


def _no_scraps(at: Variables, x: Vector) -> Vector:
    """The same with a line all swapped where a scrap of it would be left."""
    whole = x.copy()
    for s, (i, swap) in enumerate(at.swaps):
        now = at.moves[i].now
        if swap.most == 1 and not at.moves[i].bounded and x[at.taken(s)] > (1 - SCRAP) * now:
            whole[at.taken(s)] = now
    return whole


def _new_alarms(task: SolverTask, after: Workpiece) -> bool:
    judge = task.judge
    if judge is None:
        return False
    return bool(alarms(replace(judge, piece=after)) - alarms(judge))


def _foods(task: SolverTask, x: Vector) -> dict[int, Ingredient]:
    at = task.variables
    return {
        food.label_id: food
        for s, (_, swap) in enumerate(at.swaps)
        if x[at.used(s)] > _TOUCHED
        for food, _ in swap.foods
    }


def _after_change(task: SolverTask, change: BuildChange, news: dict[int, Ingredient]) -> Workpiece:
    piece = task.piece
    return Workpiece(change.applied(piece.build), {**piece.ingredients, **news}, piece.per_serving)


def _holds(limits: Sequence[Limit], after: Workpiece) -> bool:
    spots = [
        (Spot(placed.ingredient, placed.part, placed.per_serving), placed.amount)
        for placed in after.lines()
    ]
    sums = [sum(limit.weigh(spot) * amount for spot, amount in spots) for limit in limits]
    return all(
        limit.low - _SLACK <= found <= limit.high + _SLACK
        for limit, found in zip(limits, sums, strict=True)
    )


def _drawn(
    task: SolverTask, key: ProposalKey, solution: Solution, rounded: Callable[[float], float]
) -> Proposal:
    at, x = task.variables, solution.x
    lines: dict[str, tuple[BuildLine, ...]] = {}
    shown: list[ProposedLine] = []
    joining: list[tuple[BuildLine, float]] = []
    for i, move in enumerate(at.moves):
        swaps = _swaps_used(at, x, i)
        amount = at.amount(x, i)
        if not swaps and abs(amount - move.now) < _SAME_G:
            continue
        after = amount if move.step is not None else max(0.0, rounded(amount))
        incoming = [
            (food, rounded(taken * ratio), taken)
            for swap, taken in swaps
            for food, ratio in swap.foods
        ]
        line = move.one.line
        lines[line.id] = (*lines.get(line.id, ()), *_after(line, move, after))
        for food, grams, taken in incoming:
            joined = _line_of(task, move, food)
            if joined is None:
                lines[line.id] += (stand_in(move.one, food, grams, taken),)
            else:
                joining.append((joined, grams))
        shown.append(
            ProposedLine(
                line_id=line.id,
                name=move.one.ingredient.name,
                before_g=move.now,
                after_g=after,
                goes_in=tuple(
                    SwapIn(label_id=food.label_id, name=food.name, grams=grams)
                    for food, grams, _ in incoming
                ),
                swap=", ".join(dict.fromkeys(swap.swap.name for swap, _ in swaps)),
            )
        )
    for joined, grams in joining:
        now = lines.get(joined.id, (joined,))
        stays = bool(now) and now[0].id == joined.id
        whole = grams + (now[0].target_g if stays else 0.0)
        more = joined.model_copy(update={"target_g": round(whole, 1)})
        lines[joined.id] = (more, *(now[1:] if stays else now))
    change = BuildChange(lines=lines)
    return Proposal(
        key=key,
        name=NAMES[key],
        change=change,
        lines=tuple(shown),
        moved=moved_by(task.piece, change, _foods(task, x)),
        objective=solution.objective,
        proven=solution.proven,
    )


def _line_of(task: SolverTask, move: LineMove, food: Ingredient) -> BuildLine | None:
    """A line of the same package in the same bowl, which takes what comes in: nobody wants a second
    yogurt beside the first."""
    for placed in task.piece.lines():
        line = placed.line
        same = placed.ingredient.label_id == food.label_id and placed.part == move.one.part
        free = not line.off and not line.locked and line.count is None and line.most_g is None
        if same and free and line.id != move.one.line.id:
            return line
    return None


def _swaps_used(at: Variables, x: Vector, i: int) -> list[tuple[SwapMove, float]]:
    return [
        (swap, float(x[at.taken(s)]))
        for s, (of, swap) in enumerate(at.swaps)
        if of == i and x[at.used(s)] > _TOUCHED
    ]


def _after(line: BuildLine, move: LineMove, amount: float) -> tuple[BuildLine, ...]:
    if move.step is None or not line.count:
        return with_less(line, amount)
    count = round(line.count * amount / move.now * 2) / 2
    if count <= 0:
        return ()
    grams = line.target_g * count / line.count
    return (line.model_copy(update={"count": count, "target_g": round(grams, 1)}),)
