"""Labels side by side: the bases, and margins that hold for quotients of printed figures."""

import random

import pytest

from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.reckoning.side_by_side import compare
from tests.printing import would_print

BLEND = Label(
    style="us",
    basis_g=31,
    **{"kcal": 120, "protein_g": 23, "carbohydrate_g": 4, "fat_g": 1.5, "fibre_g": 1},
)
BAG = Package(price=27.9, pack_g=900.0)


def test_each_base_holds_what_it_says():
    found = compare(BLEND, BAG, "labelled")
    assert found.per_100g.figures.protein_g.value == pytest.approx(23 / 31 * 100)
    assert found.per_100kcal.figures.kcal.value == pytest.approx(100)
    assert found.per_100kcal.figures.protein_g.value == pytest.approx(23 / 1.2)
    assert found.per_30g_protein.grams == pytest.approx(31 * 30 / 23)
    assert found.per_30g_protein.price == pytest.approx(31 * 30 / 23 * 27.9 / 900)
    assert found.per_price.grams == pytest.approx(900 / 27.9)


def test_what_is_unknown_has_no_base():
    bare = compare(Label(style="us", basis_pieces=1, kcal=60, protein_g=0), Package(), "labelled")
    assert (bare.per_100g, bare.per_price, bare.per_30g_protein) == (None, None, None)
    assert bare.per_100kcal.grams is None
    assert bare.per_100kcal.figures.protein_g.value == 0
    assert bare.per_100kcal.figures.fat_g is None


def test_the_margin_of_a_quotient_holds_the_truth_and_is_not_wide():
    dice = random.Random(5)
    side = compare(BLEND, BAG, "labelled").per_100kcal
    truths = []
    for _ in range(800):
        kcal = would_print("us", "kcal", 120, dice)
        truths.append(would_print("us", "protein_g", 23, dice) / kcal * 100)
    band = side.figures.protein_g
    assert all(band.worst[0] <= truth <= band.worst[1] for truth in truths)
    inside = [truth for truth in truths if band.likely[0] <= truth <= band.likely[1]]
    assert len(inside) / len(truths) >= 0.945
    ordered = sorted(truths)
    central = ordered[int(0.975 * len(truths))] - ordered[int(0.025 * len(truths))]
    assert band.likely[1] - band.likely[0] <= 1.25 * central
