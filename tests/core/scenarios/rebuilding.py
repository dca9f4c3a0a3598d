"""Builds checked, resized, drawn, swapped, solved."""

import json
from typing import Any, Final

from gasket.core.advice import advise
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.law.claims import claims
from gasket.core.law.reference_amounts import REFERENCE_AMOUNTS
from gasket.core.rebuild.difference import TrialSide, difference
from gasket.core.rebuild.family_signs import by_contents, likeliest
from gasket.core.rebuild.goals import goal_states, presets
from gasket.core.rebuild.needs import in_the_build, in_the_way
from gasket.core.rebuild.resizing import Pan, Scaling, out_of_step, scale
from gasket.core.rebuild.section import column, column_of_figures, links, scaled
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.reckon import reckon
from gasket.core.solver.reach import reach
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import options
from gasket.core.trade.families import BY_KEY
from gasket.formats.batch_json import parse_batch
from tests.core.builds import IDS, full_shelf, ingredient, workpiece
from tests.core.scenarios.model import Answers, answered, plain, scenario
from tests.core.solver_builds import random_task
from tests.core.test_margin_simulation import random_batch

_LOAF: Final = {
    "Loaf": {
        **{"carrot": 280, "flour": 170, "blend": 90, "quark": 250, "egg": 150, "oil": 28},
        **{"sweetener": 110, "baking powder": 12, "salt": 3},
    },
    "Frosting": {"quark": 220, "cream cheese": 120},
}
_BOWLS: Final[dict[str, dict[str, Any]]] = {
    "loaf": _LOAF,
    "brownie": {"flour": 40, "cocoa": 40, "whey": 60, "quark": 300, "egg": 90, "baking soda": 9},
    "burger": {
        "Patty": {"mince": 400, "salt": 4},
        "Bun": {"burger bun": 240},
        "Dip": {"quark": 80},
    },
    "thin": {"egg white": 150, "flour": 30, "salt": 0.5},
    "shake": {"ice": 180, "skim milk": 200, "whey": 30, "gum": 2, "strawberries": 90},
    "base": {"cauliflower": 600, "egg white": 190, "parmesan": 25, "salt": 3},
    "sweet": {"sugar": 200, "butter": 120, "flour": 220, "egg": 100, "baking soda": 2},
    "dense": {"coconut flour": 80, "blend": 140, "milk": 90, "baking powder": 4},
    "bites": {"rolled oats": 120, "peanut butter": 80, "allulose": 40, "dark chips": 30},
    "custard": {"cream cheese": 400, "egg": 120, "sweetener": 70, "skyr": 100},
}


@scenario
def checks() -> Answers:
    for name, bowl in _BOWLS.items():
        original = workpiece(_BOWLS["sweet"], 6)
        for family in (None, *BY_KEY):
            piece = workpiece(
                bowl, 4, family=family, fat_school="none" if len(name) % 2 else "keep"
            )
            checked = CheckedBuild(piece, original, 90.0)
            yield (
                f"{name} {family}",
                [
                    plain((one.code, one.value, one.least, one.most, one.verdict, one.speaks))
                    for one in check_build(checked)
                ],
            )


@scenario
def told_by_contents() -> Answers:
    for name, bowl in _BOWLS.items():
        piece = workpiece(bowl, 4)
        yield name, (plain(by_contents(piece)), likeliest(piece)[:4])


@scenario
def resized() -> Answers:
    piece = workpiece(_LOAF, 8)
    for wanted in (
        {"by": "factor", "factor": 2.5},
        {"by": "factor", "factor": 0.1},
        {"by": "factor", "factor": 12},
        {"by": "portions", "portions": 12},
        {"by": "pan", "pan_from": {"diameter_cm": 20}, "pan_to": {"length_cm": 30, "width_cm": 20}},
        {"by": "pan", "pan_from": {"diameter_cm": 20}, "pan_to": {"diameter_cm": 20}},
        {"by": "pack", "line_id": "Loaf/quark", "pack_g": 500},
        {"by": "pack", "line_id": "Loaf/nothing", "pack_g": 500},
        {"by": "pan", "pan_from": {"diameter_cm": 20}},
    ):
        found = answered(lambda given=wanted: scale(piece, Scaling.model_validate(given)))
        if "build" in found:
            lines = [line for part in found["build"]["components"] for line in part["lines"]]
            found["build"] = [(line["id"], line.get("target_g")) for line in lines]
        yield str(wanted), found
    yield (
        "pans",
        [pan.area_cm2 for pan in (Pan(diameter_cm=23), Pan(length_cm=3, width_cm=4), Pan())],
    )
    more = {part: {food: 2 * g for food, g in lines.items()} for part, lines in _LOAF.items()}
    more["Loaf"]["salt"] = 3
    yield "out of step", plain(out_of_step(workpiece(more, 8).build, piece.build))
    other = workpiece({"Loaf": {**_LOAF["Loaf"], "oil": 10, "butter": 20}}, 10).build
    serving = reckon(random_batch(1)).serving
    sides = (
        TrialSide(piece.build, serving, 8),
        TrialSide(other, reckon(random_batch(2)).serving, 10),
    )
    yield "difference", plain(difference(*sides, {key: name for name, key in IDS.items()}))


@scenario
def drawn() -> Answers:
    original = Original(name="x", serving_g=120, kcal=400, protein_g=9, carbohydrate_g=50, fat_g=18)
    ours = column_of_figures(original, {"carbohydrate": 200.0, "fat": 160.0})
    yield "figures", plain(ours)
    yield "scaled", plain(scaled(ours, 60.0))
    yield "links", plain(links(workpiece(_BOWLS["sweet"]).build, workpiece(_LOAF).build))
    batch = parse_batch(_batch_of(_LOAF, 8))
    yield "column", plain(column("Trial", workpiece(_LOAF, 8), reckon(batch)))
    for given in (None, original, Original(kcal=300), Original(protein_g=20, kcal=0)):
        yield f"presets {given}", plain(presets(given))


@scenario
def goals_and_needs() -> Answers:
    goal = {
        "kcal": {"most": 200},
        "protein_g": {"least": 20},
        "fat_energy": {"most": 30},
        "protein_energy": {"least": 25},
        "carbohydrate_per_protein": {"least": 1, "most": 2},
        "serving_g": {"least": 100, "most": 150},
        "cost": {"most": 1.5},
        "bowls": {"most": 1},
    }
    for name, bowl in _BOWLS.items():
        needs = ["vegan", "gluten_free", "nut_free", "no_protein_powder"]
        piece = workpiece(bowl, 4, goal=goal, needs=needs)
        serving = reckon(parse_batch(_batch_of(bowl, 4))).serving
        yield (
            f"goals {name}",
            plain(goal_states(piece.build.terms.goal, serving, {"cost": 1.2, "bowls": 2.0})),
        )
        yield f"in the way {name}", plain(list(in_the_way(piece)))
        yield f"contains {name}", plain(in_the_build(piece))
        for drink in (False, True):
            original = Original(kcal=330, protein_g=8, fat_g=15, serving_g=110)
            for reference in (None, REFERENCE_AMOUNTS["muffin"]):
                found = claims(serving, original, reference, piece.protein_by_kind(), drink=drink)
                yield (
                    f"claims {name} {drink} {reference and reference.key}",
                    [(claim.key, plain(claim)) for claim in found if claim.key[-1] in "netdy"],
                )


def _batch_of(bowl: dict[str, Any], portions: int) -> str:
    bowls = bowl if all(isinstance(part, dict) for part in bowl.values()) else {"all": bowl}
    foods = sorted({food for part in bowls.values() for food in part})
    return json.dumps(
        {
            **{"format": "gasket-batch", "version": 1, "portions": {"count": portions}},
            "labels": {
                food: ingredient(food).label.model_dump(mode="json", exclude_none=True)
                for food in foods
            },
            "components": [
                {"name": part, "lines": [{"label": food, "grams": g} for food, g in lines.items()]}
                for part, lines in bowls.items()
            ],
        }
    )


@scenario
def advised() -> Answers:
    for name, bowl in _BOWLS.items():
        found = plain(advise(parse_batch(_batch_of(bowl, 4)).model_copy(update={"name": name})))
        yield name, {key: found.get(key) for key in ("family", "kinds", "safety", "steps")}


@scenario
def swapped() -> Answers:
    shelf = full_shelf()
    for name in ("loaf", "brownie", "sweet", "burger"):
        piece = workpiece(_BOWLS[name], 4, family="cake" if name != "burger" else "sandwich")
        for placed in piece.lines():
            for share in (None, 0.3):
                yield (
                    f"{name} {placed.line.id} {share}",
                    [
                        (option.key, option.share, plain(option.moved), plain(option.goes_in))
                        for option in options(piece, placed, shelf, CATALOGUE, share)
                    ],
                )


@scenario
def solved() -> Answers:
    for seed in range(6):
        found = reach(random_task(seed))
        for proposal in found.proposals:
            yield (
                f"random {seed} {proposal.key}",
                plain((proposal.objective, proposal.lines, proposal.moved)),
            )
        yield f"random {seed} prices", plain(found.prices)
