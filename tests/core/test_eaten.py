"""What is not eaten of a glaze or a soak: a guess with its width, until it is weighed back."""

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from gasket.core.rebuild.trial import plan
from gasket.core.reckoning.batch import Component, Settings
from gasket.core.reckoning.eaten import EatenShare, less_uneaten
from gasket.core.reckoning.reckon import reckon
from gasket.core.trade.uptake import uptake_of
from tests.core.builds import IDS, ingredient, workpiece

LOAF = {"Loaf": {"flour": 200, "egg": 100}, "Glaze": {"sugar": 100, "water": 20}}
HALF = EatenShare(least=0.4, most=0.6)


def serving(eaten):
    terms = {"eaten": {"Glaze": eaten}} if eaten else {}
    build = workpiece(LOAF, 4, **terms).build
    labels = {IDS[name]: ingredient(name).label for name in ("flour", "egg", "sugar", "water")}
    return reckon(plan(build, labels, Settings(), None)).serving


def test_half_a_glaze_brings_half_its_sugar_and_a_margin_as_wide_as_the_guess():
    whole, half = serving(None), serving(HALF)
    exact = serving(EatenShare(least=0.5, most=0.5))
    assert whole.kcal.value - half.kcal.value == pytest.approx(0.5 * 400 / 4)
    assert half.kcal.value == pytest.approx(exact.kcal.value)
    low, high = half.kcal.worst
    assert exact.kcal.worst[0] - low == pytest.approx(0.1 * 400 / 4, rel=0.05)
    assert high - exact.kcal.worst[1] == pytest.approx(0.1 * 400 / 4, rel=0.05)
    spread = (half.kcal.likely[1] - half.kcal.likely[0]) / 2
    before = (exact.kcal.likely[1] - exact.kcal.likely[0]) / 2
    uniform = 1.96 * 0.2 / 12**0.5 * 400 / 4
    assert spread == pytest.approx((before**2 + uniform**2) ** 0.5, rel=0.02)


@given(
    st.floats(1, 5000),
    st.floats(0, 1),
    st.floats(0.001, 1),
    st.floats(0, 1),
)
def test_never_more_is_left_than_there_is(whole, one, other, taken):
    least, most = min(one, other), max(one, other)
    part = Component(name="Glaze", made_g=whole)
    less = less_uneaten(part, EatenShare(least=least, most=most), taken * whole)
    low, high = less.leftover_estimate
    assert 0 <= low <= less.leftover_g <= high <= whole * (1 - taken) + 1e-9 * whole


def test_a_share_runs_from_least_to_most():
    with pytest.raises(ValidationError, match="the smaller share first"):
        EatenShare(least=0.6, most=0.4)
    with pytest.raises(ValidationError, match="between the least and the most"):
        Component(name="x", made_g=100, leftover_g=50, leftover_estimate=(60, 70))


@pytest.mark.parametrize(
    ("component", "family", "least", "most"),
    [
        ("Lemon glaze", "cake", 0.30, 0.45),
        ("Icing", "cake", 0.6, 0.8),
        ("Chocolate drizzle", "waffle", 0.85, 0.95),
        ("Soak", "soaked_bread", 0.7, 0.95),
        ("Panko crumbs", "coated", 0.5, 0.7),
        ("Marinade", "bowl", 0.05, 0.15),
        ("Yogurt coat", "frozen", 0.6, 0.9),
        ("Crumb topping", "fruit_bake", None, None),
        ("Soak", "cake", None, None),
        ("Loaf", "cake", None, None),
    ],
)
def test_what_is_usually_eaten_goes_by_the_component_and_the_dish(component, family, least, most):
    found = uptake_of(component, family)
    assert (found and (found.least, found.most)) == (None if least is None else (least, most))
