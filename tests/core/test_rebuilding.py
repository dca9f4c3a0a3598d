"""Goals, claims, needs, scaling and the difference of two trials: values by hand."""

from dataclasses import replace

import pytest

from gasket.core.errors import FaultyInput
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.law.claims import claims
from gasket.core.law.reference_amounts import REFERENCE_AMOUNTS
from gasket.core.rebuild.difference import TrialSide, difference
from gasket.core.rebuild.goals import Goal, goal_states, presets
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.needs import breaks, in_the_build, in_the_way, keeps_out
from gasket.core.rebuild.resizing import Scaling, out_of_step, scale
from gasket.core.rebuild.trial import Build, BuildChange, BuildComponent
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import Figure, Portion
from gasket.core.trade.kind_reading import kind_read
from tests.core.builds import FIGURES, ingredient, line, piece_of, workpiece


def figure(value, half=0.0):
    return Figure(value, (value - half, value + half), (value - half, value + half))


def serving(grams=100.0, kcal=200.0, half=0.0, **more):
    given = {"protein_g": 10.0, "carbohydrate_g": 20.0, "fat_g": 5.0, "fibre_g": 3.0, **more}
    known = {name: figure(value) for name, value in given.items() if value is not None}
    return Portion(grams=grams, kcal=figure(kcal, half), **known)


# Goals


@pytest.mark.parametrize(
    ("goal", "verdict", "by"),
    [
        ({"kcal": {"most": 210}}, "met", 0),
        ({"kcal": {"most": 203}}, "within_margin", 0),
        ({"kcal": {"most": 190}}, "missed", 10),
        ({"protein_g": {"least": 12}}, "missed", 2),
        ({"fibre_g": {"least": 3, "most": 5}}, "met", 0),
        ({"carbohydrate_per_protein": {"most": 2.0}}, "met", 0),
        ({"carbohydrate_per_protein": {"most": 1.5}}, "missed", 0.5),
        ({"fat_energy": {"most": 25}}, "met", 0),  # 45 of 200 kcal are 22.5 %
        ({"protein_energy": {"least": 25}}, "missed", 5),
        ({"net_carbohydrate_g": {"most": 15}}, "unknown", 0),
        ({"hands_on_min": {"most": 20}}, "unknown", 0),
        ({"bowls": {"most": 1}}, "missed", 1),
    ],
)
def test_a_goal_stands_by_its_value_and_its_margin(goal, verdict, by):
    (state,) = goal_states(Goal.model_validate(goal), serving(half=5.0), {"bowls": 2.0})
    assert (state.verdict, state.by) == (verdict, pytest.approx(by))


@pytest.mark.parametrize("goal", ["fat_energy", "protein_energy", "carbohydrate_per_protein"])
def test_a_share_of_what_nobody_knows_is_unknown(goal):
    nothing = {"protein_g": None, "carbohydrate_g": None, "fat_g": None}
    asked = Goal.model_validate({goal: {"most": 25}})
    (state,) = goal_states(asked, serving(**nothing), {})
    assert (state.verdict, state.value) == ("unknown", None)


def test_limits_in_the_wrong_order_are_refused_at_the_goal():
    with pytest.raises(ValueError, match="more than"):
        Goal.model_validate({"kcal": {"least": 300, "most": 200}})


def test_presets_are_reckoned_from_the_original_and_do_without_one():
    half = {preset.key: preset.goal.kcal.most for preset in presets(Original(kcal=640))}
    assert half["lean"] == 350  # 55 % of 640, to the ten
    assert presets(None)[0].goal.kcal.most is None


# Claims: definitions and their numbers


def said(portion, piece, original=None, reference=None, *, drink=False):
    found = claims(
        portion, original, REFERENCE_AMOUNTS.get(reference), piece.protein_by_kind(), drink=drink
    )
    return {one.key: one for one in found}


def test_claims_hang_on_their_deciding_number():
    original = Original(kcal=300, serving_g=100, fat_g=20, protein_g=5, carbohydrate_g=20)
    piece = workpiece({"quark": 80, "egg": 20})
    light = serving(kcal=200, protein_g=11.6, fat_g=2.2, sugars_g=4.0)
    found = said(light, piece, original, "muffin")
    assert found["eu-protein-high"].value == pytest.approx(23.2)  # 46.4 of 200 kcal
    assert found["eu-protein-high"].verdict == "yes"
    assert found["eu-reduced"].verdict == "yes"  # a third less
    assert found["eu-low-energy"].by == pytest.approx(160)
    assert found["eu-fibre-source"].verdict == "yes"
    assert found["eu-low-sugars"].verdict == "yes"
    # Milk and egg protein count whole: 11.6 g in 100 g, 12.76 g in the 110 g of a muffin.
    assert found["us-protein-high"].value == pytest.approx(12.76)
    assert found["us-protein-high"].verdict == "yes"
    # 180 of the original's 300 kcal are fat, so light asks for half of the fat.
    assert found["us-light"].unit.startswith("% less fat")
    assert found["us-light"].value == pytest.approx(89)
    assert found["us-low-fat"].value == pytest.approx(2.42)


@pytest.mark.parametrize(
    ("figures", "how", "key", "verdict", "value"),
    [
        # 1.6 g of fibre in 100 kcal are enough, though 100 g hold only 0.8
        ({"kcal": 50, "fibre_g": 0.8}, {}, "eu-fibre-source", "yes", 1.6),
        ({"kcal": 50, "fibre_g": 0.7}, {}, "eu-fibre-source", "no", 1.4),
        ({"kcal": 300, "fibre_g": 3.5}, {}, "eu-fibre-source", "yes", 3.5),
        # drinks: half the limits of solids
        ({"kcal": 30}, {}, "eu-low-energy", "yes", 30),
        ({"kcal": 30}, {"drink": True}, "eu-low-energy", "no", 30),
        ({"fat_g": 2}, {"drink": True}, "eu-low-fat", "no", 2),
        ({"sugars_g": 2.4}, {"drink": True}, "eu-low-sugars", "yes", 2.4),
        # a main dish: 3 g of fat in 100 g, and 27 of 80 kcal are more than 30 %
        ({"kcal": 80, "fat_g": 3}, {"reference": "mixed_dish"}, "us-low-fat", "no", 33.75),
        ({"kcal": 100, "fat_g": 3}, {"reference": "mixed_dish"}, "us-low-fat", "yes", 3),
        ({"kcal": 200, "fat_g": 3.5}, {"reference": "mixed_dish"}, "us-low-fat", "no", 3.5),
        # light: low in calories is enough for a main dish, half the fat for anything lean
        ({"kcal": 110, "fat_g": 9}, {"reference": "mixed_dish"}, "us-light", "yes", 110),
        ({"kcal": 190, "fat_g": 4}, {"original": (200, 8)}, "us-light", "yes", 50),
        ({"kcal": 190, "fat_g": 6}, {"original": (200, 8)}, "us-light", "no", 25),
        ({"kcal": 130, "fat_g": 8}, {"original": (200, 8)}, "us-light", "yes", 35),
    ],
)
def test_a_rule_with_two_numbers(figures, how, key, verdict, value):
    if theirs := how.pop("original", None):
        how = {**how, "original": Original(kcal=theirs[0], serving_g=100, fat_g=theirs[1])}
    portion = Portion(grams=100, **{name: figure(one) for name, one in figures.items()})
    found = said(portion, workpiece({"tofu": 100}), **how)[key]
    assert (found.verdict, found.value) == (verdict, pytest.approx(value))


def test_what_is_not_known_cannot_be_told():
    found = said(serving(fibre_g=None), workpiece({"tofu": 100}))
    assert found["eu-fibre-high"].verdict == "cannot_tell"
    assert found["eu-reduced"].verdict == "cannot_tell"
    assert found["us-low-fat"].verdict == "cannot_tell"  # eaten as what?
    assert (
        said(serving(), workpiece({"tofu": 100}), reference="muffin")["us-protein-high"].verdict
        == "cannot_tell"
    )  # nobody said how good its protein is


def test_wheat_protein_counts_two_fifths_and_a_margin_may_cross():
    found = said(serving(protein_g=20), workpiece({"flour": 100}), reference="muffin")
    assert found["us-protein-high"].value == pytest.approx(20 * 1.1 * 0.4)
    near = Portion(grams=100, kcal=figure(40.0, 3.0))
    assert said(near, workpiece({"milk": 100}))["eu-low-energy"].verdict == "within_margin"


# Needs


def test_needs_name_the_lines_in_their_way_and_traces():
    piece = workpiece(
        {"flour": 100, "blend": 30, "peanut powder": 20, "banana": 50},
        needs=["vegan", "gluten_free", "nut_free", "no_protein_powder"],
    )
    found = {(one.need, one.name) for one in in_the_way(piece)}
    assert found == {
        ("vegan", "Blend"),
        ("gluten_free", "Flour"),
        ("nut_free", "Peanut powder"),
        ("no_protein_powder", "Blend"),
    }
    assert in_the_build(piece).allergens == ("wheat", "gluten", "milk", "peanut")
    assert in_the_build(piece).may_contain == ("tree_nuts",)
    off = piece.build.model_copy(
        update={
            "components": (
                BuildComponent(name="all", lines=(line("flour", 100), line("blend", 30, off=True))),
            )
        }
    )
    assert in_the_build(piece_of(off)).allergens == ("wheat", "gluten")


def named(name, *, allergens=(), label=""):
    kind = kind_read(None, name, (), label)
    food = Label(name=label or name, style="table", basis_g=100.0)
    package = Package(allergens=allergens)
    return Ingredient(1, 1, name, food, package, kind.kind, kind_sure=kind.sure)


@pytest.mark.parametrize(
    ("need", "food", "barred", "kept_out"),
    [
        ("vegan", named("Sliced turkey ham"), True, True),
        ("vegan", named("Skim milk powder"), True, True),
        ("vegan", named("Coffee creamer"), True, True),
        ("vegan", named("Vegan cheddar slices"), False, False),
        ("gluten_free", named("Brownie mix"), True, True),
        ("gluten_free", named("Vegan brownie mix"), True, True),
        ("gluten_free", named("Gluten-free brownie mix"), False, False),
        ("gluten_free", named("Rice cakes"), False, False),
        ("gluten_free", named("Ice cream cones"), True, True),
        ("vegan", named("Wattle", label="Milk powder"), False, True),
        ("vegan", named("Wattle", label="Milk powder", allergens=("milk",)), True, True),
        ("vegan", named("Wattle", allergens=("soy",)), False, False),
        ("vegan", named("Wattle, vegan"), False, False),
        ("no_protein_powder", named("Wattle"), False, False),
    ],
)
def test_a_guessed_kind_rules_nothing_out_and_lets_nothing_in(need, food, barred, kept_out):
    assert (breaks(need, food), keeps_out(need, food)) == (barred, kept_out)


def test_a_food_of_which_nobody_says_what_it_is_made_is_to_be_read_up():
    piece = workpiece({"flour": 100}, needs=["vegan"])
    (placed,) = piece.lines()
    odd = replace(named("Wattle", label="Milk powder"), label_id=placed.line.label_id)
    (found,) = in_the_way(replace(piece, ingredients={odd.label_id: odd}))
    assert (found.certain, "read its label" in found.says) == (False, True)


# Scaling


def grams(change, build):
    return {line.id: line.target_g for line in change.applied(build).lines()}


def test_all_lines_share_one_factor_and_counted_things_round_to_halves():
    eggs = line("egg", 150, count=3.0)
    lines = (line("flour", 170, least_g=150.0, most_g=250.0), line("salt", 3), eggs)
    build = Build(components=(BuildComponent(name="all", lines=lines),), portions=8)
    found = scale(piece_of(build), Scaling(by="portions", portions=6))
    assert found.factor == 0.75
    assert grams(found.change, build) == {"flour": 128.0, "salt": 2.25, "egg": 125.0}
    flour = next(found.change.applied(build).lines())
    assert (flour.least_g, flour.most_g) == (112, 188), "its own bounds go along"
    assert found.change.applied(build).find("egg").count == 2.5
    assert any("rounded to 2.5 (+11 %)" in note for note in found.notes)
    assert found.change.portions == 6


@pytest.mark.parametrize(
    ("wanted", "factor"),
    [
        ({"by": "factor", "factor": 2.0}, 2.0),
        # Domain check: 9 x 9 in is 81 square inches, 10 in round 78.5.
        (
            {
                "by": "pan",
                "pan_from": {"length_cm": 22.86, "width_cm": 22.86},
                "pan_to": {"diameter_cm": 25.4},
            },
            78.54 / 81,
        ),
        ({"by": "pack", "line_id": "all/flour", "pack_g": 500.0}, 500 / 170),
    ],
)
def test_ways_to_scale(wanted, factor):
    piece = workpiece({"flour": 170, "milk": 300}, 8)
    found = scale(piece, Scaling.model_validate(wanted))
    assert found.factor == pytest.approx(factor, rel=1e-4)
    assert grams(found.change, piece.build)["all/milk"] == round(300 * found.factor)


@pytest.mark.parametrize(
    ("wanted", "at"),
    [
        ({"by": "factor"}, "factor"),
        ({"by": "pan", "pan_from": {"diameter_cm": 20.0}}, "pan_to"),
        (
            {"by": "pan", "pan_from": {"length_cm": 20.0}, "pan_to": {"diameter_cm": 1.0}},
            "pan_from",
        ),
        ({"by": "pack", "pack_g": 500.0, "line_id": "nowhere"}, "line_id"),
        ({"by": "pack", "pack_g": 500.0, "line_id": "all/salt"}, "line_id"),
    ],
)
def test_what_is_missing_is_asked_for_at_its_field(wanted, at):
    with pytest.raises(FaultyInput) as refused:
        scale(workpiece({"flour": 170, "salt": 0}), Scaling.model_validate(wanted))
    assert refused.value.faults[0].path == at


def test_a_line_that_was_not_doubled_is_flagged_with_its_own_factor():
    before = workpiece({"flour": 100, "milk": 200, "egg": 50, "salt": 2}).build
    doubled = scale(piece_of(before), Scaling(by="factor", factor=2.0)).change.applied(before)
    assert out_of_step(doubled, before) == ()
    forgotten = BuildChange(lines={"all/egg": (before.find("all/egg"),)}).applied(doubled)
    (one,) = out_of_step(forgotten, before)
    assert (one.line_id, one.factor, one.common) == ("all/egg", 1.0, 2.0)
    changed = BuildChange(lines={"all/egg": (line("egg", 75, id="all/egg"),)}).applied(before)
    assert out_of_step(changed, before) == (), "one changed line is a change, not a slip"


# The difference of two trials


def test_the_difference_names_lines_and_figures():
    before = workpiece({"flour": 100, "oil": 40, "egg": 50}).build
    halved = line("oil", 20, id="all/oil")
    swapped = line("egg white", 50, id="all/egg")
    change = {"all/oil": (halved, line("salt", 2)), "all/egg": (swapped,)}
    after = BuildChange(lines=change).applied(before)
    names = {one.label_id: one.name for one in map(ingredient, FIGURES)}
    found = difference(
        TrialSide(before, serving(kcal=300), 8), TrialSide(after, serving(kcal=250), 8), names
    )
    assert {
        (line.kind, line.name, line.before_g, line.after_g, line.says) for line in found.lines
    } == {
        ("changed", "Oil", 40.0, 20.0, "half of it"),
        ("added", "Salt", None, 2.0, ""),
        ("changed", "Egg white", 50.0, 50.0, ""),
    }
    kcal = next(figure for figure in found.figures if figure.nutrient == "kcal")
    assert (kcal.before, kcal.after) == (300, 250)
    off = BuildChange(lines={"all/oil": (halved.model_copy(update={"off": True}),)}).applied(before)
    (gone,) = difference(TrialSide(before, serving(), 8), TrialSide(off, serving(), 8), names).lines
    assert (gone.kind, gone.before_g, gone.after_g) == ("removed", 40.0, None)
    # as weighed: 101 g are the planned 100 beside a plan, and 101 g beside another that was made
    poured = {"all/flour": (line("flour", 101, id="all/flour"),)}
    poured |= {"all/oil": (line("oil", 55, id="all/oil"),)}
    made = TrialSide(before, serving(), 8, BuildChange(lines=poured).applied(before))
    beside_a_plan = difference(made, TrialSide(before, serving(), 8), names).lines
    assert [(one.name, one.before_g) for one in beside_a_plan] == [("Oil", 55)]
    beside_a_batch = difference(made, TrialSide(before, serving(), 8, before), names).lines
    assert [(one.name, one.before_g) for one in beside_a_batch] == [("Flour", 101), ("Oil", 55)]


def test_the_same_swap_twice_makes_two_lines_with_ids_of_their_own():
    build = workpiece({"butter": 60, "flour": 100}).build
    for left in (30.0, 15.0):
        kept = line("butter", left, id="all/butter")
        swapped = line("quark", left, id="all/butter>quark")
        build = BuildChange(lines={"all/butter": (kept, swapped)}).applied(build)
    ids = [placed.id for placed in build.lines()]
    assert len(set(ids)) == len(ids) == 4
    assert sum(placed.target_g for placed in build.lines() if "quark" in placed.id) == 45


def test_a_drink_is_told_by_its_millilitres():
    piece = workpiece({"milk": 100})
    solid, drink = (said(serving(kcal=30), piece, drink=of) for of in (False, True))
    for key in ("eu-low-energy", "eu-low-fat", "eu-low-sugars"):
        assert (solid[key].unit[-5:], drink[key].unit[-6:]) == ("100 g", "100 ml")
