"""Energy methods against factors worked by hand from the regulations."""

import pytest

from gasket.core.label.energy import add_up, energy_terms
from gasket.core.label.label import Label

MACROS = {"protein_g": 10, "carbohydrate_g": 30, "fat_g": 5, "fibre_g": 6}


def kcal(method, style="us", erythritol=0.0, **figures):
    label = Label(style=style, basis_g=100, **{**MACROS, **figures})
    found = add_up(label, energy_terms(label, method, erythritol))
    return None if found is None else found.value


def bounds(method, **figures):
    exact = {"spread": 0.0}
    label = Label(style="table", basis_g=100, **{**MACROS, **figures, **exact})
    found = add_up(label, energy_terms(label, method, 0.0))
    return found.lo, found.hi


@pytest.mark.parametrize(
    ("method", "style", "figures", "expected"),
    [
        # 21 CFR 101.9(c)(1)(i): 4 P + 9 F + 4 (C - fibre) + 2 x soluble fibre
        ("us", "us", {"soluble_fibre_g": 0}, 40 + 45 + 4 * 24),
        ("us", "us", {"soluble_fibre_g": 4}, 40 + 45 + 4 * 24 + 8),
        ("us", "us", {}, 40 + 45 + 4 * 24 + 2 * 6),
        ("us", "eu", {"soluble_fibre_g": 0}, 40 + 45 + 4 * 30),
        ("us", "us", {"polyols_g": 10, "polyol": "xylitol"}, 181 - 40 + 24 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "maltitol"}, 181 - 40 + 21 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "isomalt"}, 181 - 40 + 20 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "lactitol"}, 181 - 40 + 20 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "sorbitol"}, 181 - 40 + 26 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "mannitol"}, 181 - 40 + 16 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "hsh"}, 181 - 40 + 30 + 12),
        ("us", "us", {"polyols_g": 10, "polyol": "erythritol"}, 181 - 40 + 12),
        ("us", "us", {"allulose_g": 10}, 181 - 40 + 4 + 12),
        ("us", "us", {"alcohol_g": 2}, 181 + 14 + 12),
        ("us_449", "us", {}, 40 + 45 + 120),
        ("us_449", "eu", {}, 40 + 45 + 4 * 36),
        # Regulation (EU) 1169/2011 Annex XIV
        ("eu", "eu", {}, 40 + 45 + 120 + 12),
        ("eu", "us", {}, 40 + 45 + 4 * 24 + 12),
        ("eu", "eu", {"polyols_g": 10, "polyol": "mannitol"}, 217 - 40 + 24),
        ("eu", "eu", {"polyols_g": 10}, 217 - 40 + 24),
        ("eu", "eu", {"polyols_g": 10, "polyol": "erythritol"}, 217 - 40),
        ("eu", "eu", {"allulose_g": 10}, 217),
        ("eu", "eu", {"alcohol_g": 2, "organic_acids_g": 3}, 217 + 14 + 9),
    ],
)
def test_a_method_makes_the_sum_of_its_factors(method, style, figures, expected):
    assert kcal(method, style, **figures) == pytest.approx(expected)


def test_erythritol_is_worth_what_the_setting_says_in_us_and_eu_only():
    sweet = {"polyols_g": 10, "polyol": "erythritol"}
    assert kcal("us", erythritol=0.2, **sweet) == pytest.approx(kcal("us", **sweet) + 2)
    assert kcal("eu", erythritol=0.2, **sweet) == pytest.approx(kcal("eu", **sweet) + 2)
    assert kcal("us_449", erythritol=0.2, **sweet) == kcal("us_449", **sweet)


def test_fibre_of_unknown_solubility_is_worth_0_to_2():
    assert bounds("us") == pytest.approx((181, 181 + 12))


def test_a_polyol_without_a_name_is_worth_0_to_3_in_the_us():
    lo, hi = bounds("us", soluble_fibre_g=0, polyols_g=10)
    assert (lo, hi) == pytest.approx((181 - 40, 181 - 40 + 30))


@pytest.mark.parametrize(
    ("method", "missing"),
    [("us", "fibre_g"), ("us_449", "protein_g"), ("eu", "fibre_g"), ("labelled", "kcal")],
)
def test_an_unknown_figure_makes_the_energy_unknown(method, missing):
    assert kcal(method, **{missing: None}) is None


def test_kilojoules_stand_in_for_missing_kilocalories_only():
    assert kcal("labelled", "eu", kj=418.4) == pytest.approx(100)
    assert kcal("labelled", "eu", kj=418.4, kcal=99) == 99
