"""The contract of the reckoning, worked by hand on exact figures."""

import pytest

from gasket.core.errors import FaultyInput
from gasket.core.reckoning.margin import PartlyKnown
from tests.batches import FLAT, batch, codes, lines, result

LEAN = {**FLAT, "kcal": 50, "protein_g": 12, "carbohydrate_g": 0.5, "fat_g": 0, "fibre_g": 0}


def test_a_batch_is_the_sum_of_its_lines_and_a_serving_its_share():
    found = result(
        labels={"a": FLAT, "b": LEAN},
        components=[lines({"label": "a", "grams": 300}, {"label": "b", "grams": 500})],
    )
    assert found.batch.kcal.value == pytest.approx(3 * 200 + 5 * 50)
    assert found.batch.protein_g.value == pytest.approx(3 * 10 + 5 * 12)
    assert found.serving.kcal.value == pytest.approx(850 / 4)
    assert found.serving.grams == 200
    assert found.per_100g.kcal.value == pytest.approx(850 / 8)
    assert len(found.portions) == 4
    assert found.portions[3].kcal.value == pytest.approx(850 / 4)


def test_net_carbohydrate_is_total_less_fibre_polyols_and_allulose():
    sweet = {**FLAT, "carbohydrate_g": 30, "fibre_g": 5, "polyols_g": 10, "allulose_g": 3}
    found = result(labels={"a": {**sweet, "polyol": "xylitol"}})
    assert found.batch.carbohydrate_g.value == pytest.approx(120)
    assert found.batch.net_carbohydrate_g.value == pytest.approx(4 * 12)


def test_an_eu_panel_leaves_fibre_out_of_its_carbohydrate():
    eu = {**FLAT, "style": "eu", "polyols_g": 10}
    found = result(labels={"a": eu})
    assert found.batch.carbohydrate_g.value == pytest.approx(4 * 35)
    assert found.batch.net_carbohydrate_g.value == pytest.approx(4 * 20)


def test_an_unknown_part_leaves_an_at_least_and_nothing_of_it_leaves_all_known():
    unsaid = {**FLAT, "fibre_g": None}
    both = {"a": FLAT, "b": unsaid}
    found = result(
        labels=both,
        components=[lines({"label": "a", "grams": 200}, {"label": "b", "grams": 100})],
    )
    assert isinstance(found.batch.fibre_g, PartlyKnown)
    assert found.batch.fibre_g.at_least == pytest.approx(10)
    none_of_it = result(
        labels=both, components=[lines({"label": "a", "grams": 200}, {"label": "b", "grams": 0})]
    )
    assert none_of_it.batch.fibre_g.value == pytest.approx(10)


def test_labelled_energy_without_kcal_is_unknown_and_never_reckoned():
    found = result(labels={"a": {**FLAT, "kcal": None}})
    assert found.batch.kcal is None
    assert "kcal_unknown" in codes(found)
    reckoned = result(labels={"a": {**FLAT, "kcal": None}}, settings={"energy": "us_449"})
    assert reckoned.batch.kcal.value == pytest.approx(4 * (40 + 120 + 36))
    assert "kcal_unknown" not in codes(reckoned)


# Components ---------------------------------------------------------------------------------------

FROSTING = lines({"label": "b", "grams": 200}, name="frosting")


def test_a_component_used_by_weight_brings_its_share_along():
    found = result(
        labels={"a": FLAT, "b": LEAN},
        components=[
            lines({"label": "a", "grams": 300}, {"component": "frosting", "grams": 150}),
            FROSTING,
        ],
    )
    assert found.batch.kcal.value == pytest.approx(600 + 75)
    assert found.weight_g == 450


def test_a_weighed_component_is_used_by_its_own_weight():
    found = result(
        labels={"a": FLAT, "b": LEAN},
        components=[
            lines({"label": "a", "grams": 300}, {"component": "frosting", "grams": 80}),
            {**FROSTING, "made_g": 160},
        ],
    )
    assert found.batch.kcal.value == pytest.approx(600 + 50)


def test_components_nest_and_may_be_used_twice():
    found = result(
        labels={"a": FLAT, "b": LEAN},
        components=[
            lines({"component": "filling", "grams": 50}, {"component": "frosting", "grams": 20}),
            lines(
                {"component": "frosting", "grams": 60}, {"label": "a", "grams": 40}, name="filling"
            ),
            FROSTING,
        ],
    )
    frosting_g = 20 + 60 * 50 / 100
    assert found.batch.kcal.value == pytest.approx(frosting_g * 0.5 + 20 * 2)
    assert found.weight_g == 70


def test_what_is_left_over_is_taken_off():
    glaze = lines({"label": "a", "grams": 151}, name="glaze", leftover_g=100)
    found = result(components=[lines({"label": "a", "grams": 400}), glaze])
    assert found.batch.kcal.value == pytest.approx(2 * 451)
    assert found.weight_g == 451


@pytest.mark.parametrize(
    ("components", "path"),
    [
        ([lines({"label": "a", "grams": 10}, leftover_g=11)], "components[0].leftover_g"),
        (
            [
                lines({"component": "frosting", "grams": 150}),
                {**FROSTING, "lines": [{"label": "a", "grams": 200}], "leftover_g": 51},
            ],
            "components[1].leftover_g",
        ),
        (
            [
                lines({"component": "two", "grams": 1}, name="one"),
                lines({"component": "one", "grams": 1}, name="two"),
            ],
            "components[0].lines[0].component",
        ),
        ([lines({"component": "all", "grams": 1})], "components[0].lines[0].component"),
        ([lines({"label": "z", "grams": 1})], "components[0].lines[0].label"),
        ([lines({"component": "z", "grams": 1})], "components[0].lines[0].component"),
        ([lines({"label": "a", "grams": 1}), lines()], "components[1].name"),
        (
            [lines({"component": "none", "grams": 5}), lines(name="none")],
            "components[0].lines[0].grams",
        ),
    ],
)
def test_a_structure_that_cannot_be_made_is_refused_at_its_place(components, path):
    with pytest.raises(FaultyInput) as refused:
        result(components=components)
    assert path in [fault.path for fault in refused.value.faults]


def test_fat_poured_off_goes_as_fat_and_never_more_than_there_is():
    oily = {**FLAT, "fat_g": 20, "kcal": 340}
    browned = [lines({"label": "a", "grams": 400}, removed=[{"fat_g": 30, "grams": 40}])]
    found = result(labels={"a": oily}, components=browned)
    assert found.batch.fat_g.value == pytest.approx(80 - 30)
    assert found.batch.kcal.value == pytest.approx(4 * 340 - 9 * 30)
    assert found.batch.fat_g.worst == pytest.approx((50, 65))
    assert found.batch.protein_g.value == pytest.approx(40)
    assert found.weight_g == 360
    drained = [lines({"label": "a", "grams": 400}, removed=[{"fat_g": 500}])]
    assert result(labels={"a": oily}, components=drained).batch.fat_g.value == 0


def test_poured_off_fat_takes_its_saturates_along():
    oily = {**FLAT, "fat_g": 20, "saturated_g": 8, "kcal": 340}
    browned = [lines({"label": "a", "grams": 400}, removed=[{"fat_g": 30}])]
    found = result(labels={"a": oily}, components=browned).batch
    assert found.saturated_g.value == pytest.approx(4 * 8 - 30 * 8 / 20)


@pytest.mark.parametrize(("used", "told"), [(100, False), (101, False), (101.5, True)])
def test_a_component_is_used_up_to_what_was_made_and_a_division(used, told):
    found = result(
        components=[
            lines({"component": "b", "grams": used, "division_g": 1}),
            lines({"label": "a", "grams": 100}, name="b"),
        ]
    )
    assert ("component_exceeds" in codes(found)) is told
    half = [lines({"component": "b", "grams": 50}), lines({"label": "a", "grams": 100}, name="b")]
    assert "component_exceeds" not in codes(result(components=half))


def test_eu_salt_is_two_and_a_half_times_its_sodium():
    eu = {**FLAT, "style": "eu", "sodium_mg": None, "salt_g": 1.0}
    assert result(labels={"a": eu}).per_100g.sodium_mg.value == pytest.approx(400)


# Portions -----------------------------------------------------------------------------------------


def test_the_weight_to_reckon_with_is_cooked_else_mixture_else_the_sum():
    assert result().per_100g.kcal.value == pytest.approx(200)
    assert result(mixture_g=380).per_100g.kcal.value == pytest.approx(800 / 3.8)
    both = result(mixture_g=380, cooked_g=320)
    assert both.per_100g.kcal.value == pytest.approx(800 / 3.2)
    assert both.batch.kcal.value == pytest.approx(800)


def test_a_serving_by_weight_is_its_share_of_the_weight():
    found = result(cooked_g=320, portions={"serving_g": 80})
    assert found.serving.kcal.value == pytest.approx(200)
    assert found.serving.grams == 80


@pytest.mark.parametrize(("residue", "first"), [("counted", 800 * 100 / 350), ("left", 200.0)])
def test_residue_is_counted_among_the_pieces_or_left(residue, first):
    found = result(
        settings={"residue": residue},
        portions={"weights_g": [100, 150, 100], "weights_state": "raw"},
    )
    assert found.portions[0].kcal.value == pytest.approx(first)
    assert found.serving.grams == pytest.approx(350 / 3)
    assert found.serving.kcal.value == pytest.approx(
        sum(portion.kcal.value for portion in found.portions) / 3
    )


def test_cooked_pieces_are_shares_of_the_cooked_weight():
    found = result(
        settings={"residue": "left"},
        mixture_g=400,
        cooked_g=320,
        portions={"weights_g": [80, 80], "weights_state": "cooked"},
    )
    assert found.portions[0].kcal.value == pytest.approx(200)


def test_a_finish_is_in_the_serving_and_not_in_the_batch():
    found = result(finish=[{"label": "a", "grams": 30, "division_g": 0}])
    assert found.batch.kcal.value == pytest.approx(800)
    assert found.per_100g.kcal.value == pytest.approx(200)
    assert found.serving.kcal.value == pytest.approx(200 + 60)
    assert found.serving.grams == 130


# Original -----------------------------------------------------------------------------------------


def test_the_original_is_compared_per_serving_and_at_equal_weight():
    original = {"name": "theirs", "serving_g": 150, "kcal": 450, "protein_g": 5}
    found = result(original=original).original
    assert found.saved_kcal == pytest.approx(250)
    assert found.at_equal_weight.grams == 150
    assert found.at_equal_weight.kcal == pytest.approx(300)
    assert found.at_equal_weight.protein_g == pytest.approx(15)
    assert found.carbohydrate_g is None


def test_what_is_saved_has_the_margin_of_the_serving_turned_round():
    us = {**FLAT, "style": "us", "basis_g": 50, "kcal": 100}
    found = result(labels={"a": us}, original={"name": "theirs", "kcal": 500})
    ours, saved = found.serving.kcal, found.original
    assert ours.likely[0] < ours.value < ours.likely[1]
    assert saved.saved_kcal == pytest.approx(500 - ours.value)
    assert saved.saved_kcal_likely == pytest.approx((500 - ours.likely[1], 500 - ours.likely[0]))
    assert saved.saved_kcal_worst == pytest.approx((500 - ours.worst[1], 500 - ours.worst[0]))


@pytest.mark.parametrize(("kcal", "times"), [(None, 1), (420, 2)])
def test_the_originals_energy_by_macronutrient_adds_up_to_its_kcal(kcal, times):
    macros = {"protein_g": 10, "carbohydrate_g": 20, "fat_g": 10}
    found = result(original={"name": "x", "kcal": kcal, **macros}).original
    assert found.energy_from == pytest.approx(
        {"carbohydrate": 80 * times, "fat": 90 * times, "protein": 40 * times}
    )
    assert (found.saved_kcal is None) is (kcal is None)
    unsaid = result(original={"name": "x", "kcal": 420, "fat_g": 10}).original
    assert unsaid.energy_from is None


def test_without_its_serving_weight_there_is_no_equal_weight():
    assert result(original={"name": "x", "kcal": 450}).original.at_equal_weight is None


# Findings -----------------------------------------------------------------------------------------

GRAVE = {
    *("kcal_disagrees", "heavier_than_basis", "part_above_whole", "portions_exceed"),
    "component_exceeds",
}
SWEETENER = {**FLAT, "name": "Baker's sweetener", "kcal": 0}


@pytest.mark.parametrize(
    ("code", "changes"),
    [
        ("kcal_disagrees", {"labels": {"a": {**FLAT, "kcal": 250}}}),
        ("heavier_than_basis", {"labels": {"a": {**FLAT, "protein_g": 70}}}),
        ("part_above_whole", {"labels": {"a": {**FLAT, "fibre_g": 31}}}),
        ("mass_balance", {"mixture_g": 380}),
        ("mass_balance", {"mixture_g": 420}),
        (
            "estimated_lines",
            {"components": [lines({"label": "a", "grams": 2, "estimate": [1, 3]})]},
        ),
        ("zero_hides", {"labels": {"a": {**FLAT, "style": "us", "kcal": 0}}}),
        ("zero_hides", {"labels": {"a": {**FLAT, "style": "us", "fat_g": 0, "basis_g": 30}}}),
        ("weight_is_raw", {"original": {"name": "x", "serving_g": 100, "kcal": 1}}),
        ("maybe_sweetener", {"labels": {"a": SWEETENER}}),
        ("portions_exceed", {"portions": {"weights_g": [59] * 14}, "mixture_g": 801}),
        ("table_values", {}),
        ("nothing_weighed", {"components": []}),
        (
            "component_exceeds",
            {
                "components": [
                    lines({"component": "b", "grams": 120}),
                    lines({"label": "a", "grams": 100}, name="b"),
                ]
            },
        ),
    ],
)
def test_a_slip_is_found(code, changes):
    found = [finding for finding in result(**changes).findings if finding.code == code]
    assert found
    much_hidden = changes.get("labels", {}).get("a", {}).get("kcal") == 0 and code == "zero_hides"
    grave = code in GRAVE or code == "mass_balance" or much_hidden
    assert {one.severity for one in found} == {"warning" if grave else "note"}


@pytest.mark.parametrize(
    ("code", "changes"),
    [
        ("kcal_disagrees", {"labels": {"a": {**FLAT, "kcal": 196}}}),
        ("mass_balance", {"mixture_g": 400}),
        ("maybe_sweetener", {"labels": {"a": {**SWEETENER, "polyols_g": 20}}}),
        ("zero_hides", {"labels": {"a": {**FLAT, "style": "table", "kcal": 0}}}),
        (
            "weight_is_raw",
            {"original": {"name": "x", "serving_g": 100, "kcal": 1}, "cooked_g": 350},
        ),
        ("portions_exceed", {"portions": {"weights_g": [100, 100]}}),
    ],
)
def test_what_is_in_order_raises_nothing(code, changes):
    assert code not in codes(result(**changes))


@pytest.mark.parametrize(
    ("label", "energy", "nutrient", "sources"),
    [
        ({"style": "us"}, "us", "kcal", ["us-energy", "us-rounding", "us-serving-rounding"]),
        (
            {"style": "us", "allulose_g": 2},
            "us",
            "kcal",
            ["us-energy", "us-allulose", "us-rounding", "us-serving-rounding"],
        ),
        (
            {"style": "us", "alcohol_g": 2},
            "us",
            "kcal",
            ["us-energy", "alcohol", "us-rounding", "us-serving-rounding"],
        ),
        (
            {"style": "us", "allulose_g": 2},
            "labelled",
            "kcal",
            ["us-rounding", "us-serving-rounding"],
        ),
        ({"style": "eu", "fibre_g": None}, "eu", "carbohydrate_g", ["unsaid-fibre", "eu-rounding"]),
        ({"style": "eu"}, "eu", "carbohydrate_g", ["eu-rounding"]),
        ({"style": "eu"}, "eu", "sodium_mg", ["eu-salt", "eu-rounding"]),
    ],
)
def test_who_says_a_figure(label, energy, nutrient, sources):
    found = result(labels={"a": {**FLAT, **label}}, settings={"energy": energy}).says_who
    assert found[nutrient] == (*sources, "weighed")


def test_an_empty_batch_is_no_fault_and_has_no_figures_per_100_g():
    found = result(components=[], portions={"weights_g": [10]})
    assert found.per_100g is None
    assert found.batch.kcal.value == 0
    assert result(components=[]).serving.kcal.value == 0


def test_a_reckoning_leaves_its_batch_alone():
    given = batch()
    before = repr(given)
    result(**given)
    assert repr(given) == before
