"""Labels and claims against their own macros: check values of the trade (common practice)."""

import pytest

from gasket.core.label.audit import AuditVerdict, audit
from gasket.core.label.known_parts import known_part
from gasket.core.label.label import Label, printed


def claim(kcal, protein, carbohydrate, fat, **more):
    return Label(
        style=more.pop("style", "us"),
        basis_g=more.pop("basis_g", 250),
        kcal=kcal,
        protein_g=protein,
        carbohydrate_g=carbohydrate,
        fat_g=fat,
        **more,
    )


AGREE = [
    (286, 28, 35, 4),
    (636, 88, 35, 16),
    (650, 9, 104, 22),
    (295, 23, 45, 2),
    (242, 35, 7, 8),
    (337, 54, 13, 8),
    (159, 22, 9, 4),
]


@pytest.mark.parametrize("figures", AGREE)
def test_figures_that_agree_pass(figures):
    assert audit(claim(*figures)).verdict is AuditVerdict.AGREES


@pytest.mark.parametrize(
    ("figures", "reckoned", "off"),
    [((552, 55, 40, 24), 596, -44), ((292, 19, 49, 4), 308, -16), ((248, 24, 3, 14), 234, 14)],
)
def test_figures_that_do_not_agree_say_by_how_much(figures, reckoned, off):
    found = audit(claim(*figures, fibre_g=0))
    assert found.verdict is AuditVerdict.OFF
    assert found.off_kcal == pytest.approx(off)
    assert f"make {reckoned}" in found.says


def test_444_agrees_by_4_4_9_though_fibre_taken_out_makes_412_to_428():
    found = audit(claim(444, 54, 48, 4, fibre_g=8))
    by = {energy.method: energy for energy in found.reckoned}
    assert found.verdict is AuditVerdict.AGREES
    assert "4-4-9" in found.says
    assert by["us_449"].kcal == pytest.approx(444)
    assert by["us"].kcal == pytest.approx(428)


@pytest.mark.parametrize(
    ("label", "verdict", "says"),
    [
        (claim(292, 19, 49, 4), "AGREES_WITH_UNSAID", "4 to 8 g of fibre"),
        (claim(292, 19, 49, 4, sugars_g=49), "OFF", "would take 4 to 8 g of fibre"),
        (claim(248, 24, 3, 14), "OFF", "off by 14"),
        (claim(372, 13.5, 58.7, 7, style="eu", basis_g=100), "AGREES_WITH_UNSAID", "10 g of fibre"),
        (
            claim(480, 13.5, 58.7, 7, style="eu", basis_g=100),
            "OFF",
            "would take 64 g of fibre, and there is room for 21 g",
        ),
        (claim(330, 13.5, 58.7, 7, style="eu", basis_g=100), "OFF", "off by 22"),
    ],
)
def test_fibre_that_a_panel_leaves_out_explains_energy_as_far_as_there_is_room(
    label, verdict, says
):
    found = audit(label)
    assert found.verdict is AuditVerdict[verdict]
    assert says in found.says


def test_a_panel_without_energy_cannot_be_judged():
    assert audit(claim(None, 1, 1, 1)).verdict is AuditVerdict.CANNOT_TELL
    assert audit(Label(style="us", basis_g=30, kcal=100)).verdict is AuditVerdict.CANNOT_TELL


def test_a_spoon_of_zero_kcal_can_hide_100_kcal_in_100_g():
    spoon = Label(style="us", basis_g=5, kcal=0, protein_g=0, carbohydrate_g=1, fat_g=0)
    hidden = {part.field: part.per_100g for part in audit(spoon).hidden}
    assert hidden["kcal"] == pytest.approx(5 / 4.75 * 100)
    spray = Label(style="us", basis_g=0.25, kcal=0, fat_g=0)
    assert {part.field: part.per_100g for part in audit(spray).hidden} == {
        "kcal": 900,
        "fat_g": 100,
    }


def test_parts_above_their_whole_and_above_the_basis_are_impossible():
    found = audit(claim(500, 20, 20, 5, basis_g=30, sugars_g=25))
    assert any("add up to 45 g in 30 g" in says for says in found.impossible)
    assert any("More sugars" in says for says in found.impossible)
    rounded = audit(claim(120, 24, 4, 3, basis_g=30))
    assert rounded.impossible == ()


def test_what_is_off_is_off_from_the_nearest_lawful_sum():
    found = audit(claim(600, 54, 48, 4, fibre_g=8))
    lawful = [one.kcal for one in found.reckoned if one.lawful]
    assert len(set(lawful)) > 1
    assert found.verdict is AuditVerdict.OFF
    assert abs(found.off_kcal) == pytest.approx(min(abs(600 - kcal) for kcal in lawful))


def test_a_typical_value_of_zero_hides_nothing():
    nothing = {"kcal": 0, "protein_g": 0, "carbohydrate_g": 0, "fat_g": 0}
    assert audit(Label(style="table", basis_g=100, **nothing)).hidden == ()


def test_kilojoules_stand_for_kilocalories_with_their_rounding():
    figure = printed(Label(style="eu", basis_g=100, kj=1000), "kcal")
    assert figure.value == pytest.approx(1000 / 4.184)
    assert figure.lo < figure.value < figure.hi


def test_fat_counts_in_what_a_panel_without_carbohydrate_holds_at_least():
    label = Label(style="us", basis_g=100, protein_g=10, fat_g=5, sugars_g=3)
    assert known_part(label, "kcal", "4-4-9").value == pytest.approx(4 * 10 + 9 * 5 + 4 * 3)
