"""Random builds for the solver, and the same question put to another library in another form."""

import random
import warnings

import pulp

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.goals import Goal
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine, Terms
from gasket.core.rebuild.workpiece import PlacedLine, Workpiece
from gasket.core.solver.formulation import LEAST_TAKEN, SWAPPED, TOUCH, SolverTask
from gasket.core.solver.limits import Limit, Spot, limits_of
from gasket.core.solver.moves import LineMove, SwapMove
from gasket.core.swaps.model import Swap, SwapPart
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.limits import Limits

KINDS: tuple[FoodKind, ...] = (
    *("flour", "protein_blend", "sugar", "oil", "egg", "thick_yogurt", "fruit", "cheese"),
)


def food(key: int, rng: random.Random, kind: FoodKind | None = None) -> Ingredient:
    """A food with plausible figures per 100 g that agree with its energy."""
    protein, carbohydrate, fat = (rng.uniform(0, 40) for _ in range(3))
    label = Label(
        name=f"Food {key}",
        style="table",
        spread=0.0,
        basis_g=100.0,
        kcal=round(4 * protein + 4 * carbohydrate + 9 * fat, 1),
        protein_g=round(protein, 1),
        carbohydrate_g=round(carbohydrate, 1),
        fat_g=round(fat, 1),
        fibre_g=round(rng.uniform(0, carbohydrate / 3), 1),
        sugars_g=round(carbohydrate / 2, 1),
        saturated_g=0.0,
        sodium_mg=10.0,
    )
    return Ingredient(key, key, f"food {key}", label, Package(), kind or rng.choice(KINDS))


def random_task(seed: int, lines: int = 8, swaps: int = 6) -> SolverTask:
    """A cake of random foods with a goal that is a step away from where it is."""
    rng = random.Random(seed)
    foods = {key: food(key, rng) for key in range(1, lines + 1)}
    built = tuple(
        BuildLine(
            id=f"l{key}",
            label_id=key,
            target_g=float(rng.randint(20, 300)),
            count=float(rng.randint(1, 4)) if rng.random() < 0.15 else None,
            locked=rng.random() < 0.1,
        )
        for key in foods
    )
    portions = rng.randint(1, 12)
    build = Build(
        components=(BuildComponent(name="all", lines=built),),
        portions=portions,
        terms=Terms(family="cake"),
    )
    piece = Workpiece(build, foods, {"all": 1 / portions})
    kcal, protein, fat = (piece.serving(name) or 0 for name in ("kcal", "protein_g", "fat_g"))
    share = 900 * fat / kcal
    goal = Goal(
        kcal=Limits(most=kcal * rng.uniform(0.85, 1.0)),
        protein_g=Limits(least=protein * rng.uniform(1.0, 1.15)),
        fat_energy=Limits(most=share * rng.uniform(0.9, 1)) if rng.random() < 0.4 else Limits(),
    )
    build = build.model_copy(update={"terms": Terms(goal=goal, family="cake")})
    piece = Workpiece(build, foods, {"all": 1 / portions})
    others = [food(1000 + n, rng) for n in range(swaps)]
    placed = [placed for placed in piece.lines() if not placed.line.locked]
    moves = []
    for i, placed_task in enumerate(placed):
        mine = [
            SwapMove(
                Swap(key=f"s{n}", name=f"swap {n}", gives=(SwapPart(),)),
                rng.choice((0.4, 0.75, 1.0)),
                ((other, rng.uniform(0.5, 1.5)),),
            )
            for n, other in enumerate(others)
            if n % max(1, len(placed)) == i
        ]
        step = placed_task.amount / placed_task.line.count if placed_task.line.count else None
        most = 2 * placed_task.amount
        bounded = key_of(placed_task) % 3 == 0
        swaps_of = tuple(mine if not step else ())
        moves.append(LineMove(placed_task, 0.5 * placed_task.amount, most, step, swaps_of, bounded))
    return SolverTask(piece, tuple(moves), limits_of(CheckedBuild(piece)))


def key_of(one: PlacedLine) -> int:
    return int(one.line.id.removeprefix("l"))


def gentlest_by_shares(task: SolverTask) -> float | None:
    """The gentlest proposal's cost, found by PuLP and CBC over another set of variables.

    Here a line is described by what it becomes and a swap by the share of the line that it takes;
    the change is the absolute distance, and limits are sums over what is then in the build.
    """
    problem = pulp.LpProblem("gentlest", pulp.LpMinimize)
    lines = [_Line(problem, i, move) for i, move in enumerate(task.moves)]
    problem += pulp.lpSum(line.cost() for line in lines)
    for line in lines:
        line.constrain(problem)
    moving = {move.one.line.id for move in task.moves}
    for limit in task.limits:
        fixed = sum(
            limit.weigh(Spot(placed.ingredient, placed.part, placed.per_serving)) * placed.amount
            for placed in task.piece.lines()
            if placed.line.id not in moving
        )
        total = fixed + pulp.lpSum(term for line in lines for term in line.terms(limit))
        if limit.low > float("-inf"):
            problem += total >= limit.low
        if limit.high < float("inf"):
            problem += total <= limit.high
    with warnings.catch_warnings():
        # The solver that comes with the package is to become a package of its own.
        warnings.simplefilter("ignore", DeprecationWarning)
        solver = pulp.PULP_CBC_CMD(msg=False, gapRel=0, timeLimit=20)
    problem.solve(solver)
    if pulp.LpStatus[problem.status] != "Optimal":
        return None
    return float(pulp.value(problem.objective))


class _Line:
    """A line's variables: what it becomes by itself, or the share that a swap takes of it."""

    def __init__(self, problem: pulp.LpProblem, i: int, move: LineMove) -> None:
        self.i, self.move = i, move
        self.becomes = problem.add_variable(f"g{i}", lowBound=min(move.least, move.now))
        self.distance = problem.add_variable(f"d{i}", lowBound=0)
        self.moved = problem.add_variable(f"m{i}", cat="Binary")
        self.shares = [
            problem.add_variable(f"q{i}_{s}", lowBound=0, upBound=swap.most)
            for s, swap in enumerate(move.swaps)
        ]
        self.picked = [
            problem.add_variable(f"z{i}_{s}", cat="Binary") for s in range(len(move.swaps))
        ]

    def cost(self) -> pulp.LpAffineExpression:
        return (
            self.distance * (1 / self.move.now)
            + SWAPPED * pulp.lpSum(self.shares)
            + TOUCH * pulp.lpSum([self.moved, *self.picked])
        )

    def constrain(self, problem: pulp.LpProblem) -> None:
        move = self.move
        most = max(move.most - move.now, move.now - move.least)
        taken = pulp.lpSum(share * move.now for share in self.shares)
        problem += self.distance >= self.becomes - move.now
        problem += self.distance >= move.now - self.becomes
        problem += self.distance <= most * self.moved
        problem += self.becomes <= move.most + move.now
        problem += self.becomes - taken >= (0 if move.swaps and not move.bounded else move.least)
        problem += self.becomes - taken <= move.most
        for share, picked, swap in zip(self.shares, self.picked, move.swaps, strict=True):
            problem += share <= swap.most * picked
            problem += share >= min(LEAST_TAKEN, swap.most) * picked
        problem += pulp.lpSum(self.picked) <= 1 - self.moved
        if move.step is not None:
            count = problem.add_variable(f"n{self.i}", lowBound=0, cat="Integer")
            problem += self.becomes == move.step * count

    def terms(self, limit: Limit) -> list[pulp.LpAffineExpression]:
        move = self.move
        old = limit.weigh(move.spot)
        found = [old * self.becomes]
        for share, swap in zip(self.shares, move.swaps, strict=True):
            new = sum(
                ratio * limit.weigh(Spot(f, move.one.part, move.one.per_serving))
                for f, ratio in swap.foods
            )
            found.append((new - old) * move.now * share)
        return found
