"""Properties of the flat formula: how a batch is written down does not change what is in it."""

import random

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.reckoning.formula import flatten
from gasket.core.reckoning.margin import Figure
from gasket.core.reckoning.reckon import reckon
from gasket.core.trade.nutrients.figure_types import NUTRIENTS
from gasket.formats.batch_json import to_batch
from tests.batches import FLAT, batch
from tests.core.test_margin_simulation import random_batch, random_label

KEYS = ("a", "b", "c")
FULL = {**FLAT, "cholesterol_mg": 12, "calcium_mg": 40, "iron_mg": 1.1, "potassium_mg": 90}
LABELS = {
    "a": FULL,
    "b": {**FULL, "kcal": 50, "protein_g": 12, "carbohydrate_g": 1, "fibre_g": 0, "fat_g": 0.2},
    "c": {**FULL, "style": "us", "basis_g": 31, "kcal": 120, "protein_g": 23, "fat_g": 1.5},
}
WEIGHED = st.lists(st.tuples(st.sampled_from(KEYS), st.integers(1, 500)), min_size=1, max_size=8)


def reckoned(components, **changes):
    return reckon(to_batch(batch(labels=LABELS, components=components, **changes)))


def values(facts):
    return [getattr(facts, nutrient).value for nutrient in NUTRIENTS if nutrient != "polyols_g"]


def component(name, weighed, **more):
    lines = [{"label": key, "grams": grams, "division_g": 0} for key, grams in weighed]
    return {"name": name, "lines": lines, **more}


@given(WEIGHED, st.randoms())
def test_the_order_of_lines_changes_nothing(weighed, dice):
    shuffled = list(weighed)
    dice.shuffle(shuffled)
    one, other = reckoned([component("x", weighed)]), reckoned([component("x", shuffled)])
    assert values(one.batch) == pytest.approx(values(other.batch))
    assert one.serving.kcal.likely == pytest.approx(other.serving.kcal.likely)


@given(WEIGHED, st.integers(2, 5))
def test_bowls_change_nothing(weighed, bowls):
    parts = [component(f"bowl {i}", weighed[i::bowls]) for i in range(bowls)]
    assert values(reckoned(parts).batch) == pytest.approx(
        values(reckoned([component("x", weighed)]).batch)
    )


@given(WEIGHED, st.sampled_from([0.5, 2.0, 3.0, 10.0]))
def test_figures_scale_with_the_batch_and_100_g_stay_as_they_are(weighed, factor):
    scaled = [(key, grams * factor) for key, grams in weighed]
    one, other = reckoned([component("x", weighed)]), reckoned([component("x", scaled)])
    assert values(other.batch) == pytest.approx([value * factor for value in values(one.batch)])
    assert values(other.per_100g) == pytest.approx(values(one.per_100g))


@given(WEIGHED, st.integers(1, 40))
def test_portions_add_up_to_the_batch(weighed, count):
    found = reckoned([component("x", weighed)], portions={"count": count})
    total = sum(portion.kcal.value for portion in found.portions)
    assert total == pytest.approx(found.batch.kcal.value)


@given(WEIGHED, st.lists(st.integers(1, 300), min_size=1, max_size=10))
def test_pieces_that_hold_the_residue_add_up_to_the_batch(weighed, pieces):
    found = reckoned([component("x", weighed)], portions={"weights_g": pieces})
    assert sum(portion.kcal.value for portion in found.portions) == pytest.approx(
        found.batch.kcal.value
    )


@given(WEIGHED)
def test_a_component_that_goes_in_whole_changes_nothing(weighed):
    whole = sum(grams for _, grams in weighed)
    through = {"component": "inner", "grams": whole, "division_g": 0}
    nested = [
        {"name": "outer", "lines": [through]},
        component("inner", weighed),
    ]
    flat, deep = reckoned([component("x", weighed)]), reckoned(nested)
    assert values(deep.batch) == pytest.approx(values(flat.batch))
    assert deep.batch.kcal.worst == pytest.approx(flat.batch.kcal.worst)
    assert deep.weight_g == pytest.approx(flat.weight_g)


@given(WEIGHED, st.floats(0, 1))
def test_what_is_left_over_takes_its_share_of_everything(weighed, share):
    whole = sum(grams for _, grams in weighed)
    left = round(whole * share, 3)
    found = reckoned([component("x", weighed, leftover_g=min(left, whole))])
    kept = 1 - min(left, whole) / whole
    full = values(reckoned([component("x", weighed)]).batch)
    assert values(found.batch) == pytest.approx([value * kept for value in full], abs=1e-9)


@given(WEIGHED, st.lists(st.tuples(st.sampled_from(KEYS), st.integers(1, 50)), max_size=3))
def test_a_finish_adds_itself_to_every_serving(weighed, finish):
    lines = [{"label": key, "grams": grams, "division_g": 0} for key, grams in finish]
    with_it = reckoned([component("x", weighed)], finish=lines).serving
    without = reckoned([component("x", weighed)]).serving
    alone = reckoned([component("x", finish)], portions={"count": 1}).serving
    added = values(alone) if finish else [0.0] * len(values(alone))
    assert values(with_it) == pytest.approx(
        [value + other for value, other in zip(values(without), added, strict=True)]
    )


@given(WEIGHED, st.integers(0, 2**32))
def test_a_wider_weight_never_narrows_a_margin(weighed, seed):
    dice = random.Random(seed)
    sharp = component("x", weighed)
    vague = component("x", weighed)
    line = dice.choice(vague["lines"])
    line["estimate"] = [line["grams"] * 0.5, line["grams"] * 1.5]
    narrow, wide = reckoned([sharp]).batch, reckoned([vague]).batch
    for nutrient in NUTRIENTS:
        one, other = getattr(narrow, nutrient), getattr(wide, nutrient)
        assert other.worst[0] <= one.worst[0] + 1e-9
        assert other.worst[1] >= one.worst[1] - 1e-9


@given(st.integers(0, 5000))
def test_every_figure_keeps_value_likely_and_worst_in_order(seed):
    found = reckon(random_batch(seed))
    for facts in (found.batch, found.per_100g, found.serving, *found.portions):
        for nutrient in NUTRIENTS:
            figure = getattr(facts, nutrient)
            if isinstance(figure, Figure):
                (lo, hi), (least, most) = figure.likely, figure.worst
                assert 0 <= least <= lo <= figure.value <= hi <= most


@given(st.integers(0, 5000))
def test_a_gram_never_holds_more_than_a_gram(seed):
    dice = random.Random(seed)
    found = reckon(
        to_batch(
            batch(
                labels={"a": random_label(dice)},
                components=[{"name": "x", "lines": [{"label": "a", "grams": 100}]}],
            )
        )
    )
    most = 101.0
    for nutrient in ("protein_g", "fat_g", "fibre_g", "sugars_g", "saturated_g"):
        figure = getattr(found.batch, nutrient)
        assert figure.worst[1] <= max(most, figure.value) + 1e-9
    assert found.batch.kcal.worst[1] <= max(9 * most, found.batch.kcal.value) + 1e-9


def test_draws_of_a_component_move_all_of_it_together():
    parts = [
        {"name": "outer", "lines": [{"component": "inner", "grams": 100, "estimate": [50, 150]}]},
        component("inner", [("a", 100), ("b", 100)]),
    ]
    found = reckoned(parts)
    each = 100 / 200 * (200 + 50)
    assert found.batch.kcal.value == pytest.approx(each)
    assert found.batch.kcal.worst == pytest.approx((each / 2, each * 1.5))
    sd = (100**2 / 12) ** 0.5 / 100 * each
    lo, hi = found.batch.kcal.likely
    assert hi - lo == pytest.approx(min(2 * 1.96 * sd, each), rel=0.02)


def test_what_was_used_is_the_sum_of_the_roots():
    parts = [
        component("loaf", [("a", 300)], leftover_g=20),
        {"name": "top", "lines": [{"component": "jam", "grams": 40}]},
        component("jam", [("b", 100)], made_g=60),
    ]
    flat = flatten(to_batch(batch(labels=LABELS, components=parts)))
    assert flat.used_g == pytest.approx(280 + 40)
    assert flat.shares["jam"].value == pytest.approx(40 / 60)
    assert flat.parts_first.index("jam") < flat.parts_first.index("top")
