"""Typed weights, and the check values of the trade for volumes (common practice)."""

import pytest

from gasket.core.errors import FaultyInput
from gasket.core.reckoning.portions import scoop, target_each_g
from gasket.core.trade.quantities import (
    edible_g,
    parse_grams,
)


@pytest.mark.parametrize(
    ("text", "grams"),
    [
        ("120", 120),
        ("0,5", 0.5),
        (" 12.5 g ", 12.5),
        ("1/2", 0.5),
        ("1 1/2 kg", 1500),
        ("4 oz", 113.398),
        ("1 lb", 453.592),
        ("1 OZ", 28.35),
        ("250mg", 0.25),
    ],
)
def test_a_typed_weight_is_grams(text, grams):
    assert parse_grams(text) == pytest.approx(grams, abs=0.001)


@pytest.mark.parametrize(
    "text", ["", "abc", "-5", "1/0", "5 cups", "1e9", "99999999 kg", "12 12", "9" * 5000]
)
def test_what_is_no_weight_is_refused_at_its_field(text):
    with pytest.raises(FaultyInput) as refused:
        parse_grams(text, "line")
    assert refused.value.faults[0].path == "line"


def test_what_is_thrown_away_is_not_eaten():
    assert edible_g(200, 0.36) == pytest.approx(128)
    with pytest.raises(FaultyInput):
        edible_g(200, 1.0)


@pytest.mark.parametrize(("mixture", "pieces", "each"), [(1492, 8, 186.5), (353, 3, 117.667)])
def test_equal_portions_share_the_mixture(mixture, pieces, each):
    assert target_each_g(mixture, pieces) == pytest.approx(each, abs=0.001)


@pytest.mark.parametrize(
    ("mixture", "fill", "exact", "whole"),
    [(767.2, 59, 13.0, 13), (759.2, 58, 13.1, 13), (500, 80, 6.25, 6), (801.2, 59, 13.58, 13)],
)
def test_scoops_out_of_a_mixture(mixture, fill, exact, whole):
    found = scoop(mixture, fill)
    assert found.exact == pytest.approx(exact, abs=0.05)
    assert found.pieces == whole
    assert found.over_g == pytest.approx(mixture - whole * fill)
