"""Intervals behind printed figures: the seams of the ladders, the forward rule as a property."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.label.rounding import interval_behind
from tests.printing import PRINTED

SEAMS = [
    # US 21 CFR 101.9(c)
    ("us", "kcal", 0, 0, 5),
    ("us", "kcal", 5, 5, 7.5),
    ("us", "kcal", 45, 42.5, 47.5),
    ("us", "kcal", 50, 47.5, 55),
    ("us", "kcal", 60, 55, 65),
    ("us", "fat_g", 0, 0, 0.5),
    ("us", "fat_g", 0.5, 0.5, 0.75),
    ("us", "fat_g", 4.5, 4.25, 4.75),
    ("us", "fat_g", 5, 4.75, 5.5),
    ("us", "saturated_g", 5, 4.75, 5.5),
    ("us", "protein_g", 0, 0, 0.5),
    ("us", "carbohydrate_g", 1, 0.5, 1.5),
    ("us", "fibre_g", 7, 6.5, 7.5),
    ("us", "sodium_mg", 0, 0, 5),
    ("us", "sodium_mg", 140, 137.5, 145),
    ("us", "sodium_mg", 150, 145, 155),
    ("us", "cholesterol_mg", 0, 0, 2.5),
    ("us", "cholesterol_mg", 5, 2.5, 7.5),
    # from memory: less than 2 % of the daily value may be printed as 0
    ("us", "calcium_mg", 0, 0, 26),
    ("us", "calcium_mg", 20, 15, 25),
    ("us", "iron_mg", 0.7, 0.65, 0.75),
    ("us", "potassium_mg", 240, 235, 245),
    # US 21 CFR 101.9(b)(7)
    ("us", "basis_g", 30, 29.5, 30.5),
    ("us", "basis_g", 5, 4.75, 5.5),
    ("us", "basis_g", 2, 1.95, 2.25),
    ("us", "basis_g", 1.2, 1.15, 1.25),
    # European Commission guidance on tolerances, December 2012
    ("eu", "kcal", 67, 66.5, 67.5),
    ("eu", "protein_g", 0, 0, 0.5),
    ("eu", "protein_g", 8.3, 8.25, 8.35),
    ("eu", "protein_g", 10, 9.95, 10.5),
    ("eu", "protein_g", 76, 75.5, 76.5),
    ("eu", "saturated_g", 0, 0, 0.1),
    ("eu", "saturated_g", 0.2, 0.15, 0.25),
    ("eu", "salt_g", 0, 0, 0.0125),
    ("eu", "salt_g", 0.72, 0.715, 0.725),
    ("eu", "salt_g", 1, 0.995, 1.05),
    # three significant figures, iron two (from memory)
    ("eu", "calcium_mg", 120, 119.5, 120.5),
    ("eu", "calcium_mg", 1230, 1225, 1235),
    ("eu", "iron_mg", 2.4, 2.35, 2.45),
    ("eu", "basis_g", 100, 100, 100),
    # Off the ladder: not rounded by the rule, so half a unit of the last digit
    ("us", "basis_g", 12.5, 12.45, 12.55),
    ("us", "basis_g", 0.25, 0.245, 0.255),
    ("us", "kcal", 123, 122.5, 123.5),
    ("us", "fat_g", 1.3, 1.25, 1.35),
    ("us", "protein_g", 2.25, 2.245, 2.255),
    ("eu", "protein_g", 0.3, 0.25, 0.35),
    # No rule: none means none
    ("us", "alcohol_g", 0, 0, 0),
    ("eu", "organic_acids_g", 1.5, 1.45, 1.55),
    ("table", "fat_g", 20, 18, 22),
]


@pytest.mark.parametrize(("style", "field", "printed", "lo", "hi"), SEAMS)
def test_a_printed_figure_stands_for_its_interval(style, field, printed, lo, hi):
    assert interval_behind(style, field, float(printed), 0.1) == pytest.approx((lo, hi))


FIELDS = [(style, field) for style in ("us", "eu") for field in PRINTED[style]]


@given(st.sampled_from(FIELDS), st.floats(0.02, 2500, allow_nan=False))
def test_every_true_figure_lies_in_the_interval_of_what_it_prints_as(which, truth):
    style, field = which
    shown = PRINTED[style][field](truth)
    lo, hi = interval_behind(style, field, shown, 0.1)
    assert lo - 1e-6 <= truth <= hi + 1e-6
