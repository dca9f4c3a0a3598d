"""The margins of a serving: what stands behind each printed figure and each weight."""

import pytest

from tests.batches import FLAT, lines, result

LEAN = {**FLAT, "kcal": 50, "protein_g": 12, "carbohydrate_g": 0.5, "fat_g": 0, "fibre_g": 0}


def test_worst_case_by_hand():
    us = {**FLAT, "style": "us", "basis_g": 50, "kcal": 100, "protein_g": 10}
    found = result(
        labels={"a": us}, components=[{"name": "all", "lines": [{"label": "a", "grams": 400}]}]
    )
    lo, hi = 399 * 95 / 50.5, 401 * 105 / 49.5
    assert found.batch.kcal.worst == pytest.approx((lo, hi))
    assert found.batch.protein_g.worst == pytest.approx((399 * 9.5 / 50.5, 401 * 10.5 / 49.5))


def test_lines_that_share_a_label_share_its_error():
    us = {**FLAT, "style": "us"}
    once = result(labels={"a": us}, components=[lines({"label": "a", "grams": 400})])
    twice = result(
        labels={"a": us},
        components=[lines({"label": "a", "grams": 150}, {"label": "a", "grams": 250})],
    )
    assert twice.batch.kcal.likely == pytest.approx(once.batch.kcal.likely)


def test_a_gram_holds_at_most_a_gram_and_9_kcal():
    oil = {**FLAT, "style": "us", "basis_g": 14, "kcal": 130, "fat_g": 14}
    spray = {**FLAT, "style": "us", "basis_g": 0.25, "kcal": 0, "fat_g": 0}
    for label in (oil, spray):
        found = result(labels={"a": label}, components=[lines({"label": "a", "grams": 10})])
        assert found.batch.fat_g.worst[1] == pytest.approx(10)
        assert found.batch.kcal.worst[1] == pytest.approx(max(90, found.batch.kcal.value))


def test_the_margin_names_its_widest_part():
    us = {**FLAT, "style": "us"}
    found = result(
        labels={"a": us, "b": {**FLAT, "name": "oil", "kcal": 900}},
        components=[
            lines(
                {"label": "a", "grams": 100},
                {"label": "b", "grams": 15, "estimate": [5, 25]},
            )
        ],
    )
    first = found.margin_parts["kcal"][0]
    assert (first.label, first.comes_from) == ("b", "weight")
    table = {"c": {**FLAT, "spread": 0.1}}
    generic = result(labels=table, components=[lines({"label": "c", "grams": 100})])
    assert generic.margin_parts["kcal"][0].comes_from == "generic"
    assert first.share > 0.9
    assert sum(part.share for part in found.margin_parts["kcal"]) <= 1 + 1e-9
