"""How much liquid makes a dip of a powder: common practice, by weight."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.rebuild.consistency import consistencies, own_key
from gasket.core.trade.consistency import MIXTURES, THICKNESSES
from tests.core.builds import workpiece


def of(parts, own=None):
    return list(consistencies(workpiece(parts), own or {}))


@pytest.mark.parametrize(
    ("bowl", "mixture", "now", "dip"),
    [
        ({"peanut powder": 40, "water": 72}, "peanut", "dip", (64, 80)),
        ({"peanut powder": 40, "water": 44, "salt": 0.5}, "peanut", "fill", (64, 80)),
        ({"peanut powder": 40, "water": 100}, "peanut", "drizzle", (64, 80)),
        ({"peanut powder": 40}, "peanut", None, (64, 80)),
        ({"blend": 30, "cocoa": 10, "milk": 46}, "protein", "spread", (56, 72)),
        ({"whey": 30, "water": 32}, "protein", "dip", (28, 36)),
        ({"cocoa": 20, "water": 20}, "cocoa", "drizzle", (10, 12)),
    ],
)
def test_a_powder_and_its_liquid_say_how_thick_it_gets(bowl, mixture, now, dip):
    (found,) = of({"Glaze": bowl, "Loaf": {"flour": 200, "milk": 300, "egg": 100}})
    way = next(one for one in found.liquids if one.thickness == "dip")
    assert (found.mixture, found.now, found.component) == (mixture, now, "Glaze")
    assert (way.least_g / 0.9, way.most_g / 1.1) == pytest.approx(dip)
    assert way.grams == pytest.approx(sum(dip) / 2)
    assert way.hold_back_g == pytest.approx(0.12 * way.grams)
    assert (found.line_id is None) == (now is None)


@pytest.mark.parametrize(
    "bowl",
    [
        {"flour": 100, "milk": 150},
        {"blend": 30, "quark": 150},
        {"blend": 30, "egg white": 100, "milk": 20},
        {"cocoa": 20, "butter": 60},
        {"water": 100},
        {},
    ],
)
def test_batters_and_creams_are_no_such_mixture(bowl):
    assert of({"Bowl": bowl}) == []


@given(st.floats(1, 500), st.floats(0.3, 6))
def test_the_cooks_own_ratio_takes_over(powder, ratio):
    bowl = {"Dip": {"peanut powder": powder, "water": powder * ratio}}
    (found,) = of(bowl, {own_key("peanut", "dip"): ratio})
    own = {one.thickness: one for one in found.liquids}["dip"]
    assert (own.own, found.now) == (True, "dip")
    assert own.grams == own.least_g == own.most_g == pytest.approx(powder * ratio)


def test_thinner_takes_more_in_every_mixture():
    for mixture in MIXTURES:
        spans = [mixture.ratios[thickness] for thickness in THICKNESSES]
        assert spans == sorted(spans)
        assert all(least <= most for least, most in spans)
