"""Scenarios over every room of the core, with what each answers as plain data.

What they answered when it was last looked through is kept in `approved/`, a file a scenario, so
that a change of a rule shows every figure that it moves. `python -m tests.core.scenarios` writes
the files anew: read the difference before it goes in.
"""

import itertools
import json
import random
from collections.abc import Callable, Iterator
from datetime import UTC, date, datetime, timedelta
from pathlib import Path
from typing import Any, Final, get_args

from pydantic import BaseModel

from gasket.core.advice import advise
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.claim_check.check import check_claims
from gasket.core.claim_check.figures import ClaimSheet
from gasket.core.cooking.calls import calls_of
from gasket.core.cooking.keeping import eat_by, keeping, keeps_until
from gasket.core.cooking.looks import looks, next_look_min
from gasket.core.cooking.oven_memory import Baked, estimate, left_min
from gasket.core.cooking.safety import InTheBuild, asked_of, cautions, is_raw, set_by_egg
from gasket.core.cooking.schedule import HANDS, Task, schedule, schedule_back
from gasket.core.cooking.serving import late_says, reheat_says
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.stock import Move, StockMove, StockRecord, add_up, refusal
from gasket.core.cooking.templates import steps_for
from gasket.core.cooking.tools import TOOLS, by_hand
from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.readings import Known
from gasket.core.entry.spelling import written
from gasket.core.entry.work_out import work_out
from gasket.core.errors import FaultyInput
from gasket.core.label.audit import above_basis, audit
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.label.naming import Called, fit
from gasket.core.label.package import Package
from gasket.core.label.tolerance import tolerated
from gasket.core.rebuild.difference import Side, difference
from gasket.core.rebuild.family_signs import by_contents, likeliest
from gasket.core.rebuild.goals import goal_states, presets
from gasket.core.rebuild.needs import in_the_build, in_the_way
from gasket.core.rebuild.nutrition_claims.claims import claims
from gasket.core.rebuild.resizing import Pan, Scaling, out_of_step, scale
from gasket.core.rebuild.section import column, column_of_figures, links, scaled
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.dividing import ways
from gasket.core.reckoning.filling import Filled, above_what_is_left, level_g, targets
from gasket.core.reckoning.pan_cut import PanCut, cut, factors
from gasket.core.reckoning.pieces import learned, relative_spread
from gasket.core.reckoning.portions import scoop, target_each_g
from gasket.core.reckoning.reckon import reckon
from gasket.core.reckoning.side_by_side import compare
from gasket.core.solver.reach import reach
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import Shelf, options
from gasket.core.trade.families import BY_KEY, Call
from gasket.core.trade.quantities import HouseholdSystem
from gasket.core.trade.reference_amounts import REFERENCE_AMOUNTS
from gasket.core.trade.yields import yield_of
from gasket.core.weighing.closing import Weight, far_lines, fill_of, mixture_gap, plain_cause
from gasket.core.weighing.order import Placed, suggested
from gasket.core.weighing.overshoot import choices
from gasket.core.weighing.player import Known as KnownBowls
from gasket.core.weighing.player import play
from gasket.core.weighing.pour import judge, tolerance_g, wants_finer_scale
from gasket.core.weighing.records import Reading
from gasket.core.weighing.weigh_in import ToWeigh
from gasket.formats.batch_json import parse_batch, to_batch
from gasket.formats.claim_text import parse_claims
from tests.core.builds import ALL, FIGURES, IDS, ingredient, workpiece
from tests.core.solver_builds import random_task
from tests.core.test_margin_simulation import random_batch, random_label

FOLDER: Final = Path(__file__).parent / "approved"
START: Final = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)
Answers = Iterator[tuple[str, Any]]
SCENARIOS: Final[dict[str, Callable[[], Answers]]] = {}


def scenario(answers: Callable[[], Answers]) -> Callable[[], Answers]:
    SCENARIOS[answers.__name__] = answers
    return answers


def plain(value: Any) -> Any:
    """Plain data with figures of seven digits."""
    match value:
        case BaseModel():
            return plain(value.model_dump(mode="json", exclude_none=True))
        case float():
            return float(f"{value:.7g}") + 0.0
        case dict():
            return {str(key): plain(item) for key, item in value.items()}
        case list() | tuple() | set() | frozenset():
            items = [plain(item) for item in value]
            ordered = isinstance(value, list | tuple)
            return items if ordered else sorted(items, key=json.dumps)
        case timedelta() | datetime() | date():
            return str(value)
        case None | bool() | int() | str():
            return value
        case _:
            names = getattr(value, "__slots__", None) or vars(value)
            return {name: plain(getattr(value, name)) for name in names if name[0] != "_"}


def answered(ask: Callable[[], Any]) -> Any:
    """What is answered, or what is refused."""
    try:
        return plain(ask())
    except FaultyInput as error:
        return {"refused": [str(fault) for fault in error.faults]}


# Reckoning ----------------------------------------------------------------------------------------

_GIVEN: Final = ("kcal", "protein_g", "carbohydrate_g", "net_carbohydrate_g", "fat_g", "fibre_g")


def _short(result: Any) -> Any:
    """A result without what its serving says already."""
    said = plain(result)
    return {key: said[key] for key in ("serving", "findings", "original") if key in said} | {
        "batch": {name: said["batch"].get(name) for name in _GIVEN}
    }


@scenario
def reckoned() -> Answers:
    for seed in range(12):
        batch = random_batch(seed, unsaid=0.5 if seed % 3 else 0.0, in_parts=seed % 2 == 0)
        original = Original(name="x", serving_g=120, kcal=400, protein_g=9, fat_g=20)
        yield f"random {seed}", _short(reckon(batch.model_copy(update={"original": original})))
    for seed in range(4):
        batch = random_batch(seed)
        for energy in ("us", "us_449", "eu"):
            settings = batch.settings.model_copy(update={"energy": energy})
            found = reckon(batch.model_copy(update={"settings": settings}))
            yield f"energy {energy} {seed}", plain(found.serving)


@scenario
def divided() -> Answers:
    for portions in (
        {"count": 6},
        {"count": 6, "serving_pieces": 1.5},
        {"serving_g": 90},
        {"weights_g": [100, 120, 95, 0], "weights_state": "raw"},
        {"weights_g": [100, 120, 300], "weights_state": "cooked"},
    ):
        for more in ({}, {"mixture_g": 380.0}, {"mixture_g": 391.0, "cooked_g": 340.0}):
            document = {
                **{"format": "gasket-batch", "version": 1, "portions": portions},
                "labels": {"a": dict(_FLAT)},
                "components": [{"name": "all", "lines": [{"label": "a", "grams": 400}]}],
                **more,
            }
            yield f"{portions} {more}", answered(lambda given=document: reckon(to_batch(given)))
    facts = reckon(random_batch(3)).batch
    yield "ways", plain(ways(facts, 800.0, (1, 3, 4, 8, 12)))
    for mixture, fill in ((1000.0, 120.0), (95.0, 100.0), (1000.0, 33.3), (60.0, 0.5)):
        yield f"scoop {mixture} {fill}", plain(scoop(mixture, fill))
        yield f"each {mixture}", target_each_g(mixture, 7)
    pieces = [101.0, 96.5, 110.0, 92.0]
    yield "spread", (relative_spread(pieces), learned([pieces, [50, 55], [70, 71, 69]]))
    for pan in (
        {"rows": 3, "columns": 4, "length_cm": 30, "width_cm": 20},
        {"rows": 1, "columns": 1, "length_cm": 30, "width_cm": 20},
        {"rows": 2, "columns": 5},
        {"rows": 4, "columns": 2, "length_cm": 33},
    ):
        yield f"cut {pan}", answered(lambda given=pan: cut(PanCut.model_validate(given)))
    yield "factors", [factors(n) for n in (1, 2, 7, 12, 36, 97, 100)]


_FLAT: Final = {
    **{"style": "table", "spread": 0.1, "basis_g": 100, "kcal": 200, "protein_g": 10},
    **{"carbohydrate_g": 30, "fat_g": 4, "fibre_g": 5, "sugars_g": 6, "saturated_g": 1},
    **{"sodium_mg": 50},
}


@scenario
def filled() -> Answers:
    there = {1: Filled(201.0), 2: Filled(180.0, odd=True), 3: Filled(150.0)}
    for whole, pieces, two_pass in itertools.product((900.0, 500.0, 0.0), (4, 6, 3), (True, False)):
        yield (
            f"targets {whole} {pieces} {two_pass}",
            answered(
                lambda w=whole, p=pieces, t=two_pass: targets(w, p, there, two_pass=t, slack_g=2.0)
            ),
        )
    for piece, net, on_top in (
        (4, 380.0, False),
        (1, 20.0, True),
        (2, 700.0, False),
        (9, 1.0, True),
    ):
        says = above_what_is_left(900.0, there, piece, net, on_top=on_top)
        yield f"above {piece} {net} {on_top}", says
    yield "level", [level_g([50, 60, 80], left) for left in (0, 5, 30, 200)]


# Labels -------------------------------------------------------------------------------------------


_PACK: Final = Package(price=3.5, pack_g=250)


@scenario
def labels() -> Answers:
    rng = random.Random(4)
    for n in range(24):
        given = random_label(rng, unsaid=0.4)
        if n % 4 == 0:
            given |= {"polyols_g": 5.0, "polyol": rng.choice(["erythritol", "maltitol", None])}
        if n % 5 == 0:
            given |= {"kcal": round(given.get("kcal", 100) * 1.4)}
        if n % 6 == 0:
            given |= {"kj": round(4.2 * given.get("kcal", 100)), "sugars_g": 0, "fat_g": 0}
        given = {key: value for key, value in given.items() if value is not None}
        label = Label.model_validate(given)
        yield f"audit {n}", answered(lambda of=label: audit(of, 0.2))
        yield f"tolerated {n}", answered(lambda of=label: tolerated(of))
        yield f"above {n}", [str(fault) for fault in above_basis(label)]
        yield f"beside {n}", answered(lambda of=label: compare(of, _PACK, "labelled"))


@scenario
def names() -> Answers:
    foods = [
        Called("Cream cheese, light", ("light cream cheese",), ("Northlight light",)),
        Called("Rice, white, dry", ("white rice",), ()),
        Called("Rice, white, cooked", (), ()),
        Called("Sugar, brown", ("brown sugar", "muscovado"), ()),
        Called("Egg, whole, raw", ("eggs",), ()),
    ]
    typed = ("cream cheese", "light cream cheese", "rice", "brown sugar", "egg", "sugar", "eggs")
    for words in typed:
        for states in ((), ("cooked",), ("dry",), ("raw",)):
            yield f"{words} {states}", [int(fit(words, states, food)) for food in foods]


# Entry --------------------------------------------------------------------------------------------


@scenario
def typed_lines() -> Answers:
    facts = FoodFacts(
        density_g_per_ml=0.6,
        measures=(
            Measure(name="medium", grams=110),
            Measure(name="large", grams=150),
            Measure(name="small", grams=70, origin="weighed"),
            Measure(name="clove", grams=5),
        ),
        refuse_share=0.2,
        drained_share=0.6,
    )
    label = Label(style="us", basis_g=31, protein_g=23, kcal=120)
    package = Package(price=3, pack_g=400, drained_g=240)
    lines = [
        line.split("=>")[0].strip()
        for line in (Path(__file__).parent / "recipe_lines.txt").read_text().splitlines()
        if line and line[0] != "#"
    ]
    for i, line in enumerate(lines):
        system = list(HouseholdSystem)[i % len(HouseholdSystem)]
        known = Known(facts, label, package, system, i % 3 == 0)

        def read(text: str = line, known: Known = known) -> Any:
            entry = parse_entry(text)
            worked = work_out(entry, known)
            readings = [
                (one.grams, one.low_g, one.high_g, one.how, one.needs is not None)
                for one in worked.readings
            ]
            return written(entry), worked.question, readings

        yield line, answered(read)


@scenario
def claim_texts() -> Answers:
    for text in (
        "410 kcal, 40 P / 30 C / 12 F, makes 6, whole pan 2,460",
        "410 kcal, 40 P / 30 C / 22 F",
        "300 kcal, protein 30, carbs 40, fat 10, fibre 12",
        "Plain: 240 kcal, 20 P, 20 C, 9 F\nTopped: 310 kcal, 21 P, 30 C, 12 F",
        "8 servings, 200 kcal, whole batch 1700 kcal",
        "whole batch 330 kcal, 15 pieces",
        "150 kcal 20/10/3 makes 12, batch 1800 kcal 240 P 120 C 36 F",
        "95 kcal, 4 P, 20 C, 0 F, 12 g erythritol",
    ):
        parsed = parse_claims(text)
        for relation in ("apart", "same_pan", "same_base"):
            sheet = ClaimSheet(claims=parsed, relation=relation)
            yield f"{relation}: {text}", answered(lambda of=sheet: check_claims(of))


# Rebuild ------------------------------------------------------------------------------------------

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
            checked = CheckedBuild(piece, original, 90.0, 120.0)
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
    sides = (Side(piece.build, serving, 8), Side(other, reckon(random_batch(2)).serving, 10))
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
                found = claims(serving, original, reference, piece, drink=drink)
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


# Swaps and the solver -----------------------------------------------------------------------------


@scenario
def swapped() -> Answers:
    foods = [ingredient(name) for name in FIGURES]
    by_kind: dict[str, list[Any]] = {}
    for food in foods:
        by_kind.setdefault(food.kind, []).append(food)
    shelf = Shelf(by_kind, {food.food_id: [food] for food in foods})
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
        for one in found.proposals:
            yield f"random {seed} {one.key}", plain((one.objective, one.lines, one.moved))
        yield f"random {seed} prices", plain(found.prices)


# Cooking ------------------------------------------------------------------------------------------

_PARTS: Final = (["Body"], ["Body", "Sauce"], ["Body", "Crust", "Crumb topping", "Frosting"])


@scenario
def steps() -> Answers:
    calls = get_args(Call)
    for family, parts in itertools.product(BY_KEY, _PARTS):
        for some in ((), calls[::2], calls[1::2]):
            found = steps_for(
                family, parts, ["blender", "air fryer"], parts[1:2], parts[:1], some, {}
            )
            yield (
                f"{family} {len(parts)} {len(some)} {some[:1]}",
                [
                    (step.id, step.says, step.kind, step.stated_min, step.hands_on, step.after)
                    for step in found
                ],
            )
    for line, tool in itertools.product(("bake 180 C 20-25 min, look at 15", "whisk 6 min"), TOOLS):
        step = read_step(line, "a").model_copy(update={"tool": tool})
        yield f"{line} {tool}", plain(list(by_hand(step, tool)))


@scenario
def kept_and_served() -> Answers:
    for family in (None, *BY_KEY):
        for kinds in (("flour",), ("rice", "egg")):
            advice = keeping(family, kinds)
            yield f"{family} {kinds}", plain(advice)
            for place, school in itertools.product(("fridge", "freezer"), ("us", "uk")):
                until = keeps_until(place, date(2026, 3, 1), advice, school)
                yield f"{family} {kinds} {place} {school}", str(until)
        yield (
            f"{family} served",
            (
                reheat_says(family, "us"),
                reheat_says(family, "uk"),
                late_says(family, ["Body", "Crumb topping"]),
            ),
        )
        for raw, cooked in ((1000, 700), (1000, 930), (1000, 1001), (1000, 400), (0, 5)):
            yield f"{family} yield {raw} {cooked}", plain(yield_of(raw, cooked, family))


@scenario
def stocked() -> Answers:
    told = [
        ("put", 4, {}),
        ("eaten", 1, {}),
        ("moved", 2, {"to": "freezer"}),
        ("moved", 1, {"place": "freezer", "to": "fridge"}),
        ("given", 1, {"place": "freezer"}),
        ("eaten", 1, {"place": None}),
    ]
    records = [
        StockRecord(
            id=f"stock-{i:04}", move=Move(move), amount=n, at=START + timedelta(days=i), **more
        )
        for i, (move, n, more) in enumerate(told)
    ]
    for upto in range(len(records) + 1):
        stock = add_up(records[:upto], START)
        yield f"{upto}", plain(stock)
        for school, family in itertools.product(("us", "uk"), ("cake", "bowl")):
            advice = keeping(family, ("flour",))
            lots = [str(eat_by(lot, advice, school)) for lot in stock.lots]
            yield f"{upto} {school} {family}", lots
        for move, amount in itertools.product(("eaten", "moved", "put"), (1, 4, 9)):
            more = {"to": "freezer"} if move == "moved" else {}
            asked = StockMove(id="stock-asked", move=Move(move), amount=amount, **more)
            yield f"{upto} {move} {amount}", refusal(asked, stock, 8)


@scenario
def baked() -> Answers:
    step = read_step("bake the Loaf in the loaf tin 175 C 35-40 min", "bake")
    bakes = [
        Baked(
            **{"tool": "oven", "kind": "bake", "vessel": vessel, "stated_min": stated},
            **{"actual_min": actual, "dish": "x", "at": START + timedelta(days=i)},
        )
        for i, (vessel, stated, actual) in enumerate(
            [
                ("loaf tin", 38, 46),
                ("", 25, 33),
                ("loaf tin", 20, 19),
                ("tray", 37, 200),
                ("", 0.4, 3),
            ]
        )
    ]
    for n in range(len(bakes) + 1):
        for measured in (False, True):
            yield f"{n} {measured}", plain(estimate(step, bakes[:n], measured=measured))
    for kind, minutes in itertools.product(("bake", "pan", "chill"), (1.0, 12.0, 45.0, 400.0)):
        plan = looks(kind, minutes)
        yield f"looks {kind} {minutes}", plain((plan, looks(kind, minutes, 5.0)))
        for elapsed, last in ((0.0, None), (minutes / 2, None), (minutes, minutes / 2), (2e3, 1e3)):
            due = plain((next_look_min(plan, elapsed, last), left_min(minutes, elapsed)))
            yield f"next {kind} {minutes} {elapsed}", due


@scenario
def scheduled() -> Answers:
    rng = random.Random(2)
    for n in range(10):
        tasks = [
            Task(
                f"s{i}",
                float(rng.choice([0, 2, 5, 12, 30])),
                frozenset(rng.sample([HANDS, "oven", "stove"], rng.randint(0, 2))),
                frozenset({f"s{rng.randrange(i)}"} if i and rng.random() < 0.6 else ()),
            )
            for i in range(rng.randint(2, 9))
        ]
        yield f"forward {n}", plain(schedule(tasks))
        yield f"back {n}", plain(schedule_back(tasks))


@scenario
def made_safe() -> Answers:
    kinds = ("poultry", "mince", "fish", "egg", "egg_white", "flour", "milk", "cured_meat", "meat")
    lines = ("mix 5 min", "bake the Main 180 C 30 min", "chill 2 h", "microwave the Side 3 min")
    some = [read_step(line, f"s{i}") for i, line in enumerate(lines)]
    some[1] = some[1].model_copy(update={"uses": ("Main",)})
    some[3] = some[3].model_copy(update={"uses": ("Side",)})
    for one, other in itertools.combinations(kinds, 2):
        foods = [
            InTheBuild(f"a {one}", one, "Main", grams=60.0),
            InTheBuild(f"a {other}", other, "Side", grams=200.0, state="cooked"),
            InTheBuild("Milk", "milk", "Main", grams=500.0),
        ]
        for family in (None, "cake", "custard", "pot"):
            yield (
                f"{one} {other} {family}",
                {
                    "raw": [is_raw(food) for food in foods],
                    "set": sorted(set_by_egg(foods, family)),
                    "calls": sorted(calls_of(foods, ["Main", "Crust"], "Loaf")),
                    "asked": {
                        key: (rule.reason, plain(rule.enough))
                        for key, rule in asked_of(some, foods, family, "us").items()
                    },
                    "careful": [caution.code for caution in cautions(some, foods, family)],
                    "unplanned": [caution.code for caution in cautions([], foods, family)],
                },
            )


# At the scale -------------------------------------------------------------------------------------


@scenario
def poured() -> Answers:
    for target, division in itertools.product((0.5, 4.0, 40.0, 300.0), (0.1, 1.0)):
        slack = tolerance_g(target, division)
        yield f"slack {target} {division}", (plain(slack), wants_finer_scale(target, division))
        yield (
            f"nudged {target} {division}",
            plain([tolerance_g(target, division, nudge) for nudge in (-2, -1, 1, 3)]),
        )
        for share in (0.0, 0.5, 0.97, 1.0, 1.03, 1.5):
            judged = judge(share * target, target, division, slack)
            yield f"{target} {division} {share}", plain(judged)
            yield f"choices {target} {share}", plain(choices(round(share * target, 2), target))
    lines = [
        Weight(f"food {i}", target, net)
        for i, (target, net) in enumerate([(100, 100), (100, 88), (5, 9), (300, None), (40, 80)])
    ]
    yield "far", plain(far_lines(lines))
    for mixture in (250.0, 272.0, 277.0, 281.0, 320.0, 577.0):
        yield f"gap {mixture}", plain(mixture_gap(mixture, lines, 277.0, 4.0, [("bowl", 43.0)]))
        yield f"plain {mixture}", plain(plain_cause(mixture - 277.0, 277.0))
        yield f"fill {mixture}", plain(fill_of(mixture, "bowl", 400.0))
    rng = random.Random(8)
    foods = rng.sample(sorted(ALL), 14)
    placed = [
        Placed(i, rng.choice(["Loaf", "Frosting"]), ingredient(food).kind)
        for i, food in enumerate(foods)
    ]
    yield "order", [foods[i] for i in suggested(placed)]


@scenario
def hands_free() -> Answers:
    lines = [ToWeigh(1, 120, "bowl"), ToWeigh(2, 4, "bowl"), ToWeigh(3, 60, "other")]
    for seed in range(6):
        rng = random.Random(seed)
        at, gross, stream = 0.0, 0.0, []
        for aim in (412.0, 532.0, 536.0, 0.0, 300.0, 360.0, 361.0):
            offset = rng.choice([0.0, 0.0, 1.0, -2.0, 15.0])
            for share in (0.3, 0.7, 1.0):
                at += 0.1
                stream.append(
                    (at, Reading(grams=gross + share * (aim - gross), stable=False, division_g=1))
                )
            gross = aim
            for _ in range(rng.randint(4, 40)):
                at += 0.1
                stream.append((at, Reading(grams=aim + offset, stable=True, division_g=1)))
        for known in (KnownBowls(), KnownBowls(empty_g=(("bowl", 412.0),), by_hand=frozenset({2}))):
            records = play(lines, stream, START, known)
            yield (
                f"{seed} {known.by_hand}",
                [
                    (
                        one.kind.value,
                        one.line,
                        plain(one.gross_g),
                        plain(one.net_g),
                        one.origin.value,
                    )
                    for one in records
                ],
            )


def _one_line(value: Any) -> str:
    return json.dumps(value, ensure_ascii=False, sort_keys=True)


def main() -> None:
    """Write what every scenario answers now."""
    FOLDER.mkdir(exist_ok=True)
    for name, answers in SCENARIOS.items():
        said = {key: plain(value) for key, value in answers()}
        text = "\n".join(
            f"{json.dumps(key, ensure_ascii=False)}: {_one_line(value)},"
            for key, value in said.items()
        )
        (FOLDER / f"{name}.json").write_text("{\n" + text.rstrip(",") + "\n}\n", encoding="utf-8")


if __name__ == "__main__":
    main()
