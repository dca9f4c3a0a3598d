"""How much liquid makes a dip of a powder: common practice, by weight."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.rebuild.thickness import own_key, thicknesses
from gasket.core.trade.thickness import MIXTURES, THICKNESSES
from tests.core.builds import workpiece


def of(parts, own=None, **terms):
    return list(thicknesses(workpiece(parts, **terms), own or {}))


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
    way = next(way for way in found.ways if way.thickness == "dip")
    assert (found.mixture, found.now, found.component) == (mixture, now, "Glaze")
    assert (way.least_g / 0.9, way.most_g / 1.1) == pytest.approx(dip)
    assert way.grams == pytest.approx(sum(dip) / 2)
    held = {way.thickness: way.grams for way in found.ways}.get(now, 0.0)
    assert found.hold_back_g == pytest.approx(0.12 * held)
    assert (found.line_id is None) == (now is None)
    assert found.little == (found.base_g < 60)


CREAM = {"light cream cheese": 120, "quark": 100, "blend": 28, "allulose": 30}


@pytest.mark.parametrize(
    ("name", "bowl", "mixture", "now", "spread"),
    [
        ("Frosting", {"quark": 200, "blend": 24, "sweetener": 40}, "yogurt_frosting", "spread", 23),
        ("Cream", {"quark": 200, "whey": 29, "pudding powder": 8}, "yogurt_frosting", "fill", 23),
        ("Dip", {"quark": 200, "blend": 12}, "yogurt_frosting", "dip", 23),
        ("Icing", CREAM, "cheese_frosting", "spread", 28.6),
        ("Bowl", {"quark": 200, "blend": 24}, None, None, None),
        ("Frosting", {"quark": 200, "sweetener": 40}, None, None, None),
        ("Frosting", {"quark": 200, "blend": 24, "butter": 60}, None, None, None),
    ],
)
def test_a_frosting_takes_powder_for_what_it_is_made_of(name, bowl, mixture, now, spread):
    found = of({name: bowl, "Loaf": {"flour": 200, "milk": 100}})
    if mixture is None:
        assert found == []
        return
    way = next(way for way in found[0].ways if way.thickness == "spread")
    assert (found[0].mixture, found[0].now, found[0].sort) == (mixture, now, "powder")
    assert way.grams == pytest.approx(spread)
    assert ("whey" in found[0].standing) == ("whey" in bowl)
    assert found[0].line_id == f"{name}/{'whey' if 'whey' in bowl else 'blend'}"


SHAKE = {"skim milk": 250, "whey": 30, "ice": 120}


@pytest.mark.parametrize(
    ("more", "mixture", "now", "milkshake"),
    [
        ({"gum": 0.8}, "shake", "milkshake", 0.8),
        ({"gum": 0.4}, "shake", "body", 0.8),
        ({"gum": 1.5}, "shake", "spoon", 0.8),
        # 10 g of pudding powder thicken like 1 g of gum.
        ({"gum": 0.3, "pudding powder": 5}, "shake", "milkshake", 0.8),
        ({"pudding powder": 4}, "pudding_shake", "body", 7),
        ({}, None, None, None),
    ],
)
def test_a_shake_takes_gum_for_all_that_is_in_it(more, mixture, now, milkshake):
    found = of({"Shake": SHAKE | more}, family="drink")
    assert of({"Shake": SHAKE | more}, family="pot") == []
    if mixture is None:
        assert found == []
        return
    way = next(way for way in found[0].ways if way.thickness == "milkshake")
    assert (found[0].mixture, found[0].now, found[0].base_g) == (mixture, now, 400)
    assert way.grams == pytest.approx(milkshake)
    assert found[0].hold_back_g == 0


@pytest.mark.parametrize(
    "bowl",
    [
        {"flour": 100, "milk": 150},
        {"blend": 30, "quark": 150},
        {"blend": 30, "milk": 300},
        {"blend": 30, "egg white": 100, "milk": 20},
        {"cocoa": 20, "butter": 60},
        {"water": 100},
        {},
    ],
)
def test_batters_and_creams_are_no_such_mixture(bowl):
    assert of({"Bowl": bowl}) == []


@given(st.floats(1, 500), st.floats(0.3, 4.9))
def test_the_cooks_own_ratio_takes_over(powder, ratio):
    bowl = {"Dip": {"peanut powder": powder, "water": powder * ratio}}
    (found,) = of(bowl, {own_key("peanut", "dip"): ratio})
    own = {way.thickness: way for way in found.ways}["dip"]
    assert (own.own, found.now) == (True, "dip")
    assert own.grams == own.least_g == own.most_g == pytest.approx(powder * ratio)


def test_from_the_stiffest_to_the_thinnest_the_ratio_moves_one_way():
    for mixture in MIXTURES:
        spans = list(mixture.ratios.values())
        assert list(mixture.ratios) == [name for name in THICKNESSES if name in mixture.ratios]
        assert spans == sorted(spans, reverse=mixture.sort != "liquid")
        assert all(least <= most for least, most in spans)
