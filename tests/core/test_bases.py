"""What figures are for: grams, millilitres, pieces; and counted lines in the reckoning."""

import pytest
from pydantic import ValidationError

from gasket.core.label.audit import audit
from gasket.core.label.label import Label, printed
from gasket.core.label.package import Package, allergens_named, pack_weight_g, price_per_g
from gasket.core.rebuild.ingredients import Ingredient
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine, planned_line
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.reckon import reckon
from gasket.formats.batch_json import to_batch
from tests.batches import FLAT

SLICE = {
    **{"name": "Crew loaf", "style": "us", "basis_pieces": 1, "piece": "slice", "kcal": 60},
    **{"protein_g": 3, "carbohydrate_g": 11, "fat_g": 1, "fibre_g": 1},
}
QUARK = {**FLAT, "name": "Quark", "kcal": 70, "protein_g": 12, "carbohydrate_g": 4, "fat_g": 0}


def toast(lines, **more):
    components = [{"name": "Toast", "lines": lines, **more.pop("component", {})}]
    labels = {"bread": {**SLICE, **more.pop("bread", {})}, "quark": QUARK}
    base = {"format": "gasket-batch", "version": 1, "portions": {"count": 2}}
    return reckon(to_batch({**base, "labels": labels, "components": components, **more}))


@pytest.mark.parametrize(
    ("basis", "weight", "density", "piece"),
    [
        ({"basis_g": 31}, 31, None, None),
        ({"basis_ml": 100}, None, None, None),
        ({"basis_ml": 100, "density_g_per_ml": 1.03}, 103, 1.03, None),
        ({"basis_ml": 118, "basis_g": 113}, 113, 113 / 118, None),
        ({"basis_pieces": 2, "basis_g": 56}, 56, None, 28),
        ({"basis_pieces": 1}, None, None, None),
    ],
)
def test_a_basis_says_what_it_can_of_weight_density_and_pieces(basis, weight, density, piece):
    label = Label(style="us", **basis)
    assert (label.weight_g, label.density, label.piece_g) == (weight, density, piece)
    assert label.by_piece is (basis == {"basis_pieces": 1})


def test_a_panel_for_nothing_is_refused_at_its_basis():
    with pytest.raises(ValidationError) as refused:
        Label(style="us", kcal=100)
    assert refused.value.errors()[0]["loc"] == ("basis_g",)


def test_less_than_one_stands_for_nought_to_one():
    label = Label(style="us", basis_g=30, fibre_g=1, below=("fibre_g",))
    assert printed(label, "fibre_g") == (0.5, 0.0, 1.0)
    with pytest.raises(ValidationError, match="Less than"):
        Label(style="us", basis_g=30, below=("fibre_g",))


def test_slices_without_grams_are_reckoned_by_their_count_and_leave_the_weight_unknown():
    found = toast([{"label": "bread", "count": 2}, {"label": "quark", "grams": 100}])
    assert found.serving.kcal.value == pytest.approx((2 * 60 + 70) / 2)
    assert found.serving.kcal.worst[1] > found.serving.kcal.value
    assert found.serving.grams is None
    assert found.per_100g is None
    assert "weight_unknown" in {finding.code for finding in found.findings}
    assert found.lines[0].count == pytest.approx(1)


def test_one_weighing_makes_the_weight_known_and_changes_no_figure():
    counted = toast([{"label": "bread", "count": 2}, {"label": "quark", "grams": 100}])
    weighed = toast([{"label": "bread", "count": 2, "grams": 57}, {"label": "quark", "grams": 100}])
    assert weighed.serving.kcal.value == counted.serving.kcal.value
    assert weighed.serving.grams == pytest.approx(78.5)
    mixture = toast(
        [{"label": "bread", "count": 2}, {"label": "quark", "grams": 100}], mixture_g=158
    )
    assert mixture.per_100g.kcal.value == pytest.approx(190 / 158 * 100)


def test_grams_of_what_can_only_be_counted_are_unknown():
    found = toast([{"label": "bread", "grams": 60}, {"label": "quark", "grams": 100}])
    assert found.serving.kcal.value is None
    assert found.serving.kcal.at_least == pytest.approx(35, rel=0.02)


def test_millilitres_without_a_density_are_unknown_and_with_one_are_not():
    milk = {"basis_pieces": None, "basis_ml": 100, "kcal": 35}
    lines = [{"label": "bread", "grams": 206}]
    unknown = toast(lines, bread=milk)
    assert unknown.serving.kcal is None
    assert "nobody has said what that weighs" in unknown.findings[0].message
    told = toast(lines, bread={**milk, "density_g_per_ml": 1.03})
    assert told.serving.kcal.value == pytest.approx(35)


def test_a_part_that_was_only_counted_cannot_be_taken_from_by_weight():
    faults = pytest.raises(Exception, match="Weigh “Toast” first")
    with faults:
        toast([{"label": "bread", "count": 2}], component={"leftover_g": 10})


def test_a_planned_piece_becomes_grams_as_soon_as_one_has_been_weighed():
    line = BuildLine(id="a", label_id=1, target_g=0, count=3)
    before = planned_line(line, {1: Label.model_validate(SLICE)})
    after = planned_line(line, {1: Label.model_validate({**SLICE, "basis_g": 28})})
    assert (before.grams, before.count) == (0, 3)
    assert (after.grams, after.count) == (84, None)


def test_an_audit_of_pieces_speaks_of_no_100_g():
    found = audit(Label.model_validate({**SLICE, "fat_g": 0, "kcal": 60}))
    assert found.verdict == "agrees"
    assert found.hidden == ()


# Packages


@pytest.mark.parametrize(
    ("package", "grams"),
    [
        ({"pack_g": 500.0}, 500),
        ({"pack_g": 400.0, "drained_g": 240.0}, 400),
        ({"pack_g": 400.0, "drained_g": 240.0, "state": "drained"}, 240),
        ({"pack_ml": 1000.0}, 1030),
        ({"pack_pieces": 4.0}, 112),
        ({}, None),
    ],
)
def test_the_pack_weighs_what_can_be_used_of_it(package, grams):
    label = Label(style="eu", basis_ml=100, density_g_per_ml=1.03, basis_pieces=4)
    if "pack_pieces" in package:
        label = Label(style="eu", basis_g=28, basis_pieces=1)
    assert pack_weight_g(Package(**package), label) == grams


def test_price_waits_for_a_pack_weight():
    label = Label(style="eu", basis_g=100)
    assert price_per_g(Package(price=2.0, pack_g=400.0), label) == pytest.approx(0.005)
    assert price_per_g(Package(price=2.0), label) is None


def test_the_schools_name_their_own_allergens():
    # FALCPA and FASTER: nine; Regulation (EU) 1169/2011 Annex II: fourteen, wheat among gluten.
    there = ("wheat", "milk", "celery")
    assert allergens_named(there, "us") == ["milk", "wheat"]
    assert allergens_named(there, "eu") == ["gluten", "milk", "celery"]


def test_more_drained_than_in_the_pack_is_refused():
    with pytest.raises(ValidationError, match="drained weight cannot be more"):
        Package(pack_g=100.0, drained_g=120.0)


def test_what_is_only_counted_counts_by_the_piece_in_a_build():
    label = Label.model_validate(SLICE)
    food = Ingredient(1, 1, "Bread", label, Package(), "bread")
    build = Build(
        components=(
            BuildComponent(
                name="all", lines=(BuildLine(id="a", label_id=1, target_g=0.0, count=3.0),)
            ),
        )
    )
    piece = Workpiece(build, {1: food}, {"all": 0.5})
    (placed,) = piece.lines()
    assert (placed.amount, placed.grams, piece.serving("kcal")) == (3, 0, 90)


def test_of_a_sweet_mix_only_the_rest_takes_up_water():
    def base(sugars, **more):
        figures = {"kcal": 380, "protein_g": 5, "carbohydrate_g": 80, "fat_g": 4, "fibre_g": 2}
        label = Label(style="table", basis_g=100, sugars_g=sugars, sodium_mg=400, **figures, **more)
        return Ingredient(1, 1, "Cake mix", label, Package(), "mix").dry_base

    assert base(44) == pytest.approx(0.56)
    assert base(20) == 1
    assert base(20, polyols_g=15, polyol="erythritol") == pytest.approx(0.65)


def test_a_basis_in_millilitres_weighs_as_its_density_has_it_with_its_rounding():
    label = Label(style="us", basis_ml=30, density_g_per_ml=1.2, kcal=90)
    basis = printed(label, "basis_g")
    assert (basis.value, basis.lo, basis.hi) == pytest.approx((36, 29.5 * 1.2, 30.5 * 1.2))
    assert printed(Label(style="us", basis_ml=30, kcal=90), "basis_g") is None


@pytest.mark.parametrize("given", [{}, {"label_id": 1, "component": "Sauce"}])
def test_a_line_is_of_one_food_or_of_one_component(given):
    with pytest.raises(ValidationError, match="of one food or of one component"):
        BuildLine(id="a", target_g=10.0, **given)
