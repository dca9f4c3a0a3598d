"""Legal tolerances as tables from the rules, and what a careful reader suspects.

US 21 CFR 101.9(g); European Commission guidance on tolerances, December 2012.
"""

import pytest

from gasket.core.label.audit import audit
from gasket.core.label.label import Label
from gasket.core.label.tolerance import tolerated


def bands(**label):
    return {one.field: (one.least, one.most) for one in tolerated(Label(**label))}


@pytest.mark.parametrize(
    ("field", "figure", "least", "most"),
    [
        ("kcal", 120, None, 144),
        ("fat_g", 5, None, 6),
        ("sugars_g", 10, None, 12),
        ("added_sugars_g", 5, None, 6),
        ("saturated_g", 1, None, 1.2),
        ("sodium_mg", 100, None, 120),
        ("cholesterol_mg", 30, None, 36),
        ("calcium_mg", 130, 104, None),
        ("protein_g", 10, 8, None),
        ("carbohydrate_g", 20, 16, None),
        ("fibre_g", 5, 4, None),
    ],
)
def test_the_us_band_is_one_sided(field, figure, least, most):
    found = bands(style="us", basis_g=30, **{field: figure})[field]
    assert found == pytest.approx((least, most))


@pytest.mark.parametrize(
    ("field", "per_100g", "half"),
    [
        ("protein_g", 9, 2),
        ("protein_g", 10, 2),
        ("protein_g", 30, 6),
        ("protein_g", 40, 8),
        ("carbohydrate_g", 72, 8),
        ("fibre_g", 3, 2),
        ("fat_g", 9, 1.5),
        ("fat_g", 20, 4),
        ("fat_g", 82, 8),
        ("saturated_g", 3, 0.8),
        ("saturated_g", 10, 2),
        ("salt_g", 1, 0.375),
        ("salt_g", 2, 0.4),
    ],
)
@pytest.mark.parametrize("basis", [100, 50])
def test_the_eu_band_has_steps_by_the_content_of_100_g(field, per_100g, half, basis):
    printed = per_100g * basis / 100
    least, most = bands(style="eu", basis_g=basis, **{field: printed})[field]
    assert most - printed == pytest.approx(half * basis / 100)
    assert least == pytest.approx(max(0, printed - half * basis / 100))


def test_minerals_reach_further_up_than_down_in_the_eu():
    assert bands(style="eu", basis_g=100, iron_mg=2)["iron_mg"] == pytest.approx((1.3, 2.9))


def test_the_eu_has_no_row_for_energy_so_it_is_derived_from_the_macros():
    figures = {"kcal": 382, "protein_g": 76, "carbohydrate_g": 9, "fat_g": 4, "fibre_g": 1}
    least, most = bands(style="eu", basis_g=100, **figures)["kcal"]
    assert most - 382 == pytest.approx(4 * 8 + 4 * 2 + 9 * 1.5 + 2 * 2)
    assert least == pytest.approx(382 - (most - 382))


def test_a_table_of_typical_values_has_no_law():
    assert tolerated(Label(style="table", basis_g=100, kcal=41)) == ()


def panel(style, basis_g, kcal, protein, carbohydrate, fat, **more):
    figures = {"protein_g": protein, "carbohydrate_g": carbohydrate, "fat_g": fat, "fibre_g": 0}
    return Label(style=style, basis_g=basis_g, kcal=kcal, **{**figures, **more})


ERYTHRITOL = {"polyol": "erythritol"}
SUSPECTED = [
    (panel("us", 250, 444, 54, 48, 4, fibre_g=8), "4-4-9 on total carbohydrate"),
    (panel("us", 30, 120, 0, 30, 0, polyols_g=30, **ERYTHRITOL), "counted at 4 kcal/g"),
    (panel("eu", 100, 396, 0, 99, 0, polyols_g=99, **ERYTHRITOL), "counted at 4 kcal/g"),
    (panel("eu", 100, 238, 0, 99, 0, polyols_g=99, **ERYTHRITOL), "counted at 2.4 kcal/g"),
    (panel("eu", 100, 1456, 10.5, 72, 1.2, fibre_g=3.2), "looks like kJ"),
    (panel("us", 60, 300, 0, 61, 0, fibre_g=30), "leaves fibre out"),
    (panel("eu", 100, 188, 10, 50, 2, fibre_g=35), "holds the fibre"),
    (panel("eu", 100, 231, 0, 0, 0), "Alcohol would explain it: about 33 g"),
    (panel("us", 30, 250, 4, 23, 1), "as prepared"),
]


@pytest.mark.parametrize(("label", "says"), SUSPECTED)
def test_the_likely_cause_is_named(label, says):
    causes = audit(label).causes
    assert any(says in cause for cause in causes), causes


def test_a_panel_that_agrees_is_suspected_of_nothing():
    assert audit(panel("us", 31, 120, 23, 4, 1.5, fibre_g=1)).causes == ()
