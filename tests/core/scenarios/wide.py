"""The same rooms asked much more: thousands of answers, of each case only a digest.

A digest that moves names its case; the readable scenarios beside it, or the case asked anew, say
which figure it was.
"""

import itertools
import random
from functools import partial
from pathlib import Path
from typing import Any, Final

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.claim_check.check import check_claims
from gasket.core.claim_check.figures import ClaimSheet
from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.readings import Known
from gasket.core.entry.work_out import work_out
from gasket.core.errors import FaultyInput
from gasket.core.label.audit import above_basis, audit
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.label.tolerance import tolerated
from gasket.core.rebuild.difference import Side, difference
from gasket.core.rebuild.family_signs import by_contents, likeliest
from gasket.core.rebuild.goals import goal_states
from gasket.core.rebuild.needs import in_the_build, in_the_way
from gasket.core.rebuild.resizing import Scaling, out_of_step, scale
from gasket.core.reckoning.reckon import reckon
from gasket.core.reckoning.side_by_side import compare
from gasket.core.solver.limits import Spot, limits_of
from gasket.core.solver.reach import reach
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import options
from gasket.core.trade.quantities import HouseholdSystem
from tests.core.builds import IDS, full_shelf, ingredient, workpiece
from tests.core.scenarios.model import Answers, answered, digest, scenario
from tests.core.solver_builds import random_task
from tests.core.test_margin_simulation import random_batch, random_label

_HERE: Final = Path(__file__).parents[1]
_NEEDS: Final = ["vegan", "gluten_free", "nut_free", "no_protein_powder"]


def _table(name: str) -> list[list[str]]:
    lines = (_HERE / name).read_text(encoding="utf-8").splitlines()
    return [line.split("|") for line in lines if line and line[0] != "#"]


def _builds() -> list[tuple[str, str, dict[str, float]]]:
    return [
        (
            f"{i} {family.strip()}",
            family.strip(),
            {
                food: float(grams)
                for food, grams in (part.strip().rsplit(" ", 1) for part in foods.split(","))
            },
        )
        for i, (family, foods, _) in enumerate(_table("family_builds.txt"))
    ]


@scenario
def wide_builds() -> Answers:
    goal = {"kcal": {"most": 250}, "protein_g": {"least": 18}, "serving_g": {"least": 90}}
    sweet = workpiece({"sugar": 200, "butter": 120, "flour": 220, "egg": 100}, 6)
    for name, family, bowl in _builds():
        said: list[Any] = []
        for portions, school in ((4, "keep"), (1, "none")):
            piece = workpiece(bowl, portions, family=family, fat_school=school, goal=goal)
            checked = CheckedBuild(piece, sweet, 90.0)
            said.append(list(check_build(checked)))
            said.append(list(check_build(CheckedBuild(piece))))
        piece = workpiece(bowl, 4, needs=_NEEDS)
        said += [by_contents(piece), likeliest(piece)[:6], list(in_the_way(piece))]
        said.append(in_the_build(piece))
        yield name, digest(said)


@scenario
def wide_sizes() -> Answers:
    rng = random.Random(11)
    builds = [bowl for _, _, bowl in _builds()]
    names = {key: name for name, key in IDS.items()}
    for n, bowl in enumerate(rng.sample(builds, 40)):
        piece, food = workpiece(bowl, 8), next(iter(bowl))
        wanted = (
            {"by": "factor", "factor": rng.choice([0.3, 0.75, 1.4, 3.0])},
            {"by": "portions", "portions": rng.randint(1, 30)},
            {"by": "pack", "line_id": f"all/{food}", "pack_g": rng.choice([100, 250, 500])},
        )
        asked = [Scaling.model_validate(given) for given in wanted]
        sizes = [answered(partial(scale, piece, scaling)) for scaling in asked]
        off = {key: g * rng.choice([1, 2, 2, 2, 2.05, 3]) for key, g in bowl.items()}
        serving = reckon(random_batch(n)).serving
        sides = Side(piece.build, serving, 8), Side(workpiece(off, 6).build, serving, 6)
        apart = [out_of_step(workpiece(off, 8).build, piece.build), difference(*sides, names)]
        goal = workpiece(bowl, 8, goal={"kcal": {"least": 60, "most": 300}}).build.terms.goal
        yield f"{n}", digest([sizes, apart, goal_states(goal, serving, {})])


@scenario
def wide_swaps() -> Answers:
    shelf = full_shelf()
    for name, family, bowl in _builds()[::5]:
        piece = workpiece(bowl, 4, family=family)
        found = [list(options(piece, placed, shelf, CATALOGUE, None)) for placed in piece.lines()]
        yield name, digest(found)


@scenario
def wide_lines() -> Answers:
    facts = FoodFacts(
        density_g_per_ml=0.6,
        measures=(
            *(Measure(name=name, grams=g) for name, g in (("medium", 110), ("large", 150))),
            *(Measure(name=name, grams=g) for name, g in (("clove", 5), ("slice", 28))),
            Measure(name="small", grams=70, origin="weighed"),
        ),
        refuse_share=0.2,
        drained_share=0.6,
    )
    shelves = (
        (facts, Label(style="us", basis_g=31, protein_g=23, kcal=120), Package(pack_g=400)),
        (FoodFacts(), Label(style="eu", basis_g=100, kcal=60, protein_g=4), Package()),
        (
            facts,
            Label(style="us", basis_pieces=2, piece="slice", basis_g=50),
            Package(drained_g=90),
        ),
    )
    recipe = (_HERE / "recipe_lines.txt").read_text(encoding="utf-8").splitlines()
    lines = [line.split(" => ")[0] for line in recipe if line and line[0] != "#"]
    lines += [row[0].strip() for row in _table("unseen_lines.txt")]
    known = [
        Known(*shelf, system, i % 2 == 0)
        for i, (shelf, system) in enumerate(itertools.product(shelves, HouseholdSystem))
    ]
    for line in lines:
        said = [answered(partial(worked_out, line, of)) for of in known]
        yield line, digest([answered(partial(parse_entry, line)), said])


def worked_out(line: str, known: Known) -> Any:
    return work_out(parse_entry(line), known)


@scenario
def wide_claims() -> Answers:
    for seed in range(80):
        rng = random.Random(seed)
        claims = []
        for i in range(rng.randint(1, 3)):
            p, c, f = rng.randint(5, 50), rng.randint(0, 60), rng.randint(0, 30)
            kcal, n = 4 * p + 4 * c + 9 * f + rng.choice([0, 0, 3, 40]), rng.choice([1, 6, 8, 12])
            serving = {"kcal": kcal, "protein_g": p, "carbohydrate_g": c, "fat_g": f}
            kept = {key: value for key, value in serving.items() if rng.random() < 0.8}
            whole = {key: n * value + rng.choice([0, 0, 2, 90]) for key, value in serving.items()}
            batch = {key: value for key, value in whole.items() if rng.random() < 0.4}
            claims.append({"name": f"claim {i}", "servings": n, "serving": kept, "batch": batch})
        for relation in ("apart", "same_pan", "same_base"):
            given = {"claims": claims, "relation": relation}
            said = answered(partial(check_claims, ClaimSheet.model_validate(given)))
            yield f"{seed} {relation}", digest(said)


@scenario
def wide_labels() -> Answers:
    rng = random.Random(21)
    package = Package(price=2.9, pack_g=340)
    for n in range(160):
        given = random_label(rng, unsaid=0.3)
        if n % 3 == 0:
            given |= {"kcal": round(given.get("kcal", 100) * rng.choice([0.8, 1.1, 1.4, 4.184]))}
        if n % 4 == 0:
            given |= {"polyols_g": 6.0, "polyol": rng.choice(["xylitol", "maltitol", None])}
        if n % 5 == 0:
            given |= {"below": ["fat_g"], "fat_g": 1}
        try:
            label = Label.model_validate({k: v for k, v in given.items() if v is not None})
        except (ValueError, FaultyInput) as error:
            yield f"{n}", digest(str(error))
            continue
        asks = (
            partial(audit, label, 0.2),
            partial(tolerated, label),
            partial(compare, label, package, "labelled"),
        )
        faults = [str(fault) for fault in above_basis(label)]
        yield f"{n}", digest([faults, *(answered(ask) for ask in asks)])


@scenario
def wide_batches() -> Answers:
    for seed in range(100, 150):
        rng = random.Random(seed)
        batch = random_batch(seed, unsaid=0.3, in_parts=seed % 2 == 0)
        made = sum(line.grams for part in batch.components for line in part.lines)
        more: dict[str, Any] = {}
        if rng.random() < 0.6:
            more["mixture_g"] = round(made * rng.choice([0.9, 0.99, 1.0, 1.03]), 1)
        if rng.random() < 0.5:
            more["cooked_g"] = round(made * rng.choice([0.6, 0.85, 1.0]), 1)
        yield f"{seed}", digest(answered(partial(reckon, batch.model_copy(update=more))))


@scenario
def wide_solved() -> Answers:
    for seed in range(20, 30):
        yield f"{seed}", digest(reach(random_task(seed)))


@scenario
def wide_limits() -> Answers:
    goals = (
        {
            "kcal": {"most": 250},
            "protein_g": {"least": 18},
            "serving_g": {"least": 90, "most": 300},
        },
        {"fat_energy": {"most": 30}, "protein_energy": {"least": 25}, "fibre_g": {"least": 3}},
        {"carbohydrate_per_protein": {"least": 1, "most": 2}, "net_carbohydrate_g": {"most": 40}},
    )
    sweet = workpiece({"sugar": 200, "butter": 120, "flour": 220, "egg": 100}, 6)
    for i, (name, family, bowl) in enumerate(_builds()):
        piece = workpiece(bowl, 4, family=family, goal=goals[i % len(goals)])
        spots = [Spot(line.ingredient, line.part, line.per_serving) for line in piece.lines()]
        spots.append(Spot(ingredient("baking powder"), "all", 0.25))
        limits = limits_of(CheckedBuild(piece, sweet, 90.0))
        bounds = [(limit.key, limit.unit, limit.low, limit.high, limit.goal) for limit in limits]
        yield name, digest([bounds, [[limit.weigh(spot) for spot in spots] for limit in limits]])
