"""Bowls, lines, claims and batches drawn at random and on round figures, where limits lie."""

import itertools
import random
from collections.abc import Sequence
from datetime import timedelta
from functools import partial
from pathlib import Path
from typing import Any, Final

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.claim_check.check import check_claims
from gasket.core.claim_check.figures import ClaimSheet
from gasket.core.cooking.oven_memory import Baked, belief, estimate, told_by
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.templates import steps_for
from gasket.core.entry.amounts import whole_quantity
from gasket.core.entry.readings import Known, Lender
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.rebuild.consistency import consistencies, own_key
from gasket.core.rebuild.family_signs import by_contents, likeliest
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.pan_cut import PanCut, cut
from gasket.core.reckoning.reckon import reckon
from gasket.core.solver.moves import LineMove, moves_of
from gasket.core.solver.reach import reach
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.trade.consistency import MIXTURES
from gasket.core.trade.families import BY_KEY
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.weighing.player import Known as KnownBowls
from gasket.core.weighing.player import play
from gasket.core.weighing.records import Reading
from gasket.core.weighing.weigh_in import ToWeigh
from gasket.formats.batch_json import to_batch
from tests.core.builds import ALL, full_shelf, workpiece
from tests.core.scenarios.model import START, Answers, answered, digest, scenario
from tests.core.scenarios.wide import worked_out
from tests.core.solver_builds import random_task
from tests.core.test_margin_simulation import random_batch

_HERE: Final = Path(__file__).parents[1]
_ROUND: Final = (1.0, 2.0, 5.0, 10.0, 20.0, 25.0, 30.0, 50.0, 75.0, 100.0, 150.0, 200.0, 300.0)


def _bowl(rng: random.Random) -> dict[str, float]:
    return {food: rng.choice(_ROUND) for food in rng.sample(sorted(ALL), rng.randint(1, 7))}


@scenario
def wide_bowls() -> Answers:
    """What is in them, which family they look like, what is said of each as any family."""
    families = sorted(BY_KEY)
    for n in range(240):
        rng = random.Random(n)
        bowls = {"Body": _bowl(rng)} | ({"Top": _bowl(rng)} if n % 3 == 0 else {})
        piece = workpiece(bowls, rng.randint(1, 12), family=families[n % len(families)])
        said = [by_contents(piece), likeliest(piece)[:6], list(consistencies(piece, {}))]
        said.append(list(check_build(CheckedBuild(piece))))
        yield f"{n}", digest(said)


@scenario
def wide_typed() -> Answers:
    """Amounts, units and foods in every order that people write them in."""
    amounts = (
        *("1", "1-2", "1 to 2 dozen", "a dozen", "two and a half", "1 1/2", "½", "3 x 40", "0.5"),
        *(
            "2 or 3",
            "a few",
            "half a",
            "1 and a quarter",
            "2 and 3",
            "2 and 1 1/2",
            "2 large",
            "1 (14 oz)",
            "twenty-five",
        ),
    )
    units = ("", "g", "oz", "cups", "heaped tbsp", "pinch", "cloves", "slices", "can", "lb 3 oz")
    foods = ("eggs", "onion, diced", "of garlic", "flour, sifted", "yogurt (drained)", "bread")
    facts = FoodFacts(
        density_g_per_ml=1.03,
        measures=tuple(
            Measure(name=name, grams=grams)
            for name, grams in (("small", 40), ("large", 60), ("clove", 5), ("slice", 30))
        ),
        refuse_share=0.1,
        drained_share=0.6,
    )
    label = Label(style="us", basis_g=30, protein_g=20, kcal=120)
    shelves = (
        Known(facts, label, Package(pack_g=400, drained_g=240), HouseholdSystem.US, True),
        Known(FoodFacts(), label, Package(), HouseholdSystem.METRIC, like=Lender("any", facts)),
        Known(),
    )
    for amount, unit in itertools.product(amounts, units):
        said: list[Any] = [answered(partial(whole_quantity, f"{amount} {unit}"))]
        for n, food in enumerate(foods):
            text = (f"{amount} {unit} {food}", f"{food}, {amount} {unit}", f"{unit} {food}")[n % 3]
            said += [answered(partial(worked_out, text, known)) for known in shelves]
        yield f"{amount} {unit}", digest(said)


@scenario
def wide_mixtures() -> Answers:
    """Glazes, batters, creams and the rest, from thin to thick, in a bowl that is called so."""
    kinds: dict[str, list[str]] = {}
    for name, (kind, _) in sorted(ALL.items()):
        kinds.setdefault(kind, []).append(name)
    for mixture, n in itertools.product(MIXTURES, range(8)):
        rng = random.Random(f"{mixture.key} {n}")
        bowl: dict[str, float] = {}
        for group, most in ((mixture.base, 100.0), (mixture.added, 20.0), (mixture.helps, 5.0)):
            foods = [name for kind in group for name in kinds.get(kind, ())]
            for food in rng.sample(foods, min(len(foods), 2)):
                bowl[food] = most * rng.choice([0.2, 0.5, 1, 2])
        if not bowl:
            continue
        called = rng.choice(["Glaze", "Cream", "Batter", "Icing", "Frosting", "Dip", mixture.key])
        piece = workpiece({called: bowl}, 4, family=mixture.family or rng.choice(["cake", "dip"]))
        own = {own_key(mixture.key, thickness): 0.4 for thickness in list(mixture.ratios)[: n % 2]}
        yield f"{mixture.key} {n}", digest(list(consistencies(piece, own)))


@scenario
def wide_lower_claims() -> Answers:
    """kcal below their 4-4-9, which fibre or polyols may explain; figures that are not there."""
    for seed in range(120):
        rng = random.Random(seed)
        claims = []
        for _ in range(rng.randint(1, 2)):
            p, c, f = rng.choice(_ROUND[:8]), rng.choice(_ROUND[:9]), rng.choice(_ROUND[:6])
            kcal = max(0, 4 * p + 4 * c + 9 * f - rng.choice([0, 4, 10, 20, 40, 80, 120]))
            serving = {"kcal": kcal, "protein_g": p, "carbohydrate_g": c, "fat_g": f}
            if rng.random() < 0.3:
                serving["fibre_g"] = rng.choice([0, 2, c / 2])
            if rng.random() < 0.2:
                serving["polyols_g"] = c / 4
            n = rng.choice([None, 4, 10])
            batch = {"kcal": max(0, (n or 4) * kcal + rng.choice([0, 0, 4, -100])), "grams": 800}
            claims.append({"servings": n, "serving": serving, "batch": batch})
        for relation in ("apart", "same_base"):
            given = {"claims": claims, "relation": relation}
            said = answered(partial(check_claims, ClaimSheet.model_validate(given)))
            yield f"{seed} {relation}", digest(said)


_LABELS: Final = {
    "a": {"style": "eu", "basis_g": 100, "kcal": 200, "protein_g": 10, "carbohydrate_g": 30}
    | {"fat_g": 4, "fibre_g": 5, "sugars_g": 6, "saturated_g": 1, "salt_g": 0.5},
    "b": {"style": "us", "basis_pieces": 2, "piece": "slice", "kcal": 90, "protein_g": 0}
    | {"fat_g": 0, "carbohydrate_g": 20},
    "c": {"style": "table", "basis_g": 10, "kcal": 37},
}


@scenario
def wide_documents() -> Answers:
    """Nested, half-used, drained, left over, divided; some of it more than there is."""
    for seed in range(160):
        rng = random.Random(seed)
        parts: list[dict[str, Any]] = []
        for i in range(rng.randint(1, 3)):
            lines: list[dict[str, Any]] = [
                {"label": rng.choice("ac"), "grams": rng.choice(_ROUND)}
                for _ in range(rng.randint(0, 3))
            ]
            if rng.random() < 0.2:
                lines.append({"label": "b", "count": rng.choice([1, 2, 2.5])})
            if parts and rng.random() < 0.7:
                of = rng.choice(parts)["name"]
                for division in rng.sample([0, 1, 5, 50], rng.randint(1, 2)):
                    grams = rng.choice(_ROUND)
                    lines.append({"component": of, "grams": grams, "division_g": division})
            part: dict[str, Any] = {"name": f"part {i}", "lines": lines}
            for key, likely in (("made_g", 0.2), ("leftover_g", 0.3), ("fat_poured_off_g", 0.1)):
                if rng.random() < likely:
                    part[key] = rng.choice([0, *_ROUND])
            parts.append(part)
        more: dict[str, Any] = {}
        for key, likely in (("mixture_g", 0.3), ("cooked_g", 0.3)):
            if rng.random() < likely:
                more[key] = rng.choice(_ROUND)
        more["portions"] = rng.choice(
            [
                *({"count": 4}, {"count": 1}, {"serving_g": 100}, {"serving_g": 2.5}),
                *({"weights_g": [50, 50, 75]}, {"count": 6, "serving_pieces": 2}),
            ]
        )
        more["settings"] = {"residue": rng.choice(["counted", "left"])}
        figures = ("serving_g", "kcal", "protein_g", "fat_g")
        original = _original(rng, [None, 50.0, 400.0], figures)
        document = {"format": "gasket-batch", "version": 1, "labels": _LABELS, "components": parts}
        yield f"{seed}", digest(answered(partial(_reckoned, document | more, original)))


def _original(
    rng: random.Random, amounts: Sequence[float | None], figures: Sequence[str]
) -> Original:
    """One of which some figures are not known."""
    return Original(name="x", **{key: rng.choice(amounts) for key in figures})


def _reckoned(document: dict[str, Any], original: Original) -> Any:
    return reckon(to_batch(document).model_copy(update={"original": original}))


@scenario
def wide_compared() -> Answers:
    for seed in range(200, 230):
        rng = random.Random(seed)
        figures = ("serving_g", "kcal", "protein_g", "carbohydrate_g", "fat_g")
        original = _original(rng, [None, 10.0, 120.0, 400.0], figures)
        batch = random_batch(seed, unsaid=0.2, in_parts=seed % 2 == 0)
        yield f"{seed}", digest(reckon(batch.model_copy(update={"original": original})))


@scenario
def wide_pans() -> Answers:
    for rows, columns in itertools.product(range(1, 8), range(1, 8)):
        pans = (
            {"rows": rows, "columns": columns, "diameter_cm": 24},
            {"rows": rows, "columns": columns, "length_cm": 30, "width_cm": 22.5},
            {"wedges": rows * columns, "diameter_cm": 24},
        )
        asked = [answered(partial(_cut, pan)) for pan in pans]
        yield f"{rows} × {columns}", digest(asked)


def _cut(pan: dict[str, Any]) -> Any:
    return cut(PanCut.model_validate(pan))


@scenario
def wide_memory() -> Answers:
    for seed in range(80):
        rng = random.Random(seed)
        bakes = [
            Baked(
                **{
                    "tool": rng.choice(["oven"] * 4 + ["air_fryer"]),
                    "kind": rng.choice(["bake"] * 4 + ["broil"]),
                },
                **{"vessel": rng.choice(["", "tin"]), "dish": rng.choice(["x", "y"])},
                **{"stated_min": rng.choice([0.5, 1, 5, 10, 20, 20, 40, 80])},
                **{"actual_min": rng.choice([0, 1, 5, 22, 40, 300])},
                at=START + timedelta(days=i),
                outcome=rng.choice([None, "under", "right", "over"]),
            )
            for i in range(rng.randint(0, 10))
        ]
        step = read_step(f"bake in the tin 175 C {rng.choice([1, 5, 20, 40])} min", "bake")
        told = [told_by(step, bakes, factor) for factor in (1.0, 0.5, 2.0)]
        said = [[belief("tin", some) for some in told], told]
        yield f"{seed}", digest([*said, estimate(step, bakes)])


@scenario
def wide_bases() -> Answers:
    """Steps of families whose parts are joined, in every number and order of parts."""
    names = ("Filling", "Glaze", "Frosting", "Sauce", "Crumbs")
    for family in BY_KEY:
        said = [
            steps_for(family, ["Body", *some], ["oven"], (), (), ("parts",), {})
            for some in itertools.permutations(names, 2)
        ]
        yield family, digest(said)


@scenario
def wide_moves() -> Answers:
    for seed in range(40, 56):
        task = random_task(seed, lines=5, swaps=4)
        found = reach(task)
        yield f"{seed}", digest([[p.key, p.lines, p.change] for p in found.proposals])
    for n in range(30):
        rng = random.Random(n)
        needs = rng.choice([[], ["vegan"], ["nut_free"]])
        piece = workpiece(_bowl(rng), 4, family="cake", goal={"kcal": {"most": 200}}, needs=needs)
        moves = moves_of(piece, full_shelf(), CATALOGUE, dish=rng.choice(["", "Banana bread"]))
        yield f"moves {n}", digest([_plainly(move) for move in moves])


def _plainly(move: LineMove) -> Any:
    swaps = [
        (swap.swap.key, swap.most, [(food.name, ratio) for food, ratio in swap.foods])
        for swap in move.swaps
    ]
    return [move.one.line.id, move.least, move.most, move.step, move.bounded, swaps]


@scenario
def wide_slips() -> Answers:
    """Scales that go off, bowls put back with something in them, cups emptied, readings that are
    not there."""
    lines = [ToWeigh(1, 40, "bowl"), ToWeigh(2, 10, "cup", way="out_of"), ToWeigh(3, 60, "bowl")]
    for seed in range(100, 160):
        rng = random.Random(seed)
        at, gross, stream = 0.0, 0.0, []
        division = rng.choice([0.1, 1.0, 1.0, 5.0])
        for _ in range(12):
            gross = rng.choice([0.0, 0.0, 250.0, 253.0, 290.0, 290.5, 300.0, 350.0, 262.0, -3.0])
            at += rng.choice([0.3, 0.3, 2.0, 30.0])
            for _ in range(rng.choice([1, 4, 12, 25])):
                at += 0.1
                stream.append(
                    (
                        at,
                        Reading(
                            grams=gross + rng.choice([0.0, 0.0, 0.0, division]),
                            stable=rng.random() < 0.9,
                            overload=rng.random() < 0.02,
                            division_g=division,
                        ),
                    )
                )
        known = KnownBowls(empty_g=(("bowl", 250.0),), by_hand=frozenset())
        yield f"{seed}", digest(list(play(lines, stream, START, known)))
