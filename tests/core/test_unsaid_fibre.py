"""Fibre that a panel does not print, by hand; figures that never contradict each other."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.label.energy import add_up, energy_terms
from gasket.core.label.label import Label
from gasket.core.label.panel import PARTS, sums_of
from gasket.core.reckoning.margin import Figure, PartlyKnown
from gasket.core.trade.nutrients.figure_types import FIGURES, NUTRIENTS
from tests.batches import FLAT, codes, lines, result

OATS = {"protein_g": 13, "carbohydrate_g": 59, "fat_g": 7, "sugars_g": 1.2}
"""On an EU panel per 100 g: 4 × 13 + 4 × 59 + 9 × 7 = 351 kcal, 17 × 72 + 37 × 7 = 1483 kJ."""


def sums(method="labelled", style="eu", **figures):
    label = Label(style=style, **{"basis_g": 100, **OATS, **figures})
    return dict(zip(NUTRIENTS, sums_of(label, method, 0.0), strict=True))


@pytest.mark.parametrize(
    ("figures", "value", "lo", "hi"),
    [
        # f = (371 - 351) / 2 = 10 g; P, C ± 0.5, fat ± 0.05, kcal ± 0.5: f ± 1 + 0.225 + 0.25, and
        # carbohydrate's own error enters the total with 1 - 2 = -1
        ({"kcal": 371}, 69, 69 - 0.5 - 1 - 0.225 - 0.25, 69 + 0.5 + 1 + 0.225 + 0.25),
        # (1563 - 1483) / 8 = 10 g in kJ's own factors, 17/8 a gram of protein, 1 - 17/8 of C
        (
            {"kj": 1563},
            69,
            69 - 0.5 * 17 / 8 - 0.5 * 9 / 8 - 0.05 * 37 / 8 - 0.5 / 8,
            69 + 0.5 * 17 / 8 + 0.5 * 9 / 8 + 0.05 * 37 / 8 + 0.5 / 8,
        ),
        # with both, kcal decides
        ({"kcal": 371, "kj": 1700}, 69, 69 - 1.975, 69 + 1.975),
        # f = 0 by energy: cut at none, C alone is the least
        ({"kcal": 351}, 59, 58.5, 59 + 1.975),
        # what is soluble is the least
        ({"kcal": 351, "soluble_fibre_g": 4}, 63, 58.5 + 3.95, None),
        # no energy: room alone, 100 - 12.5 - 58.5 - 6.95 = 22.05 g
        ({}, 59, 58.5, 59.5 + 22.05),
        ({"salt_g": 2}, 59, 58.5, 59.5 + 22.05 - 1.95),
        # energy that no fibre explains says nothing of fibre
        ({"kcal": 500}, 59, 58.5, 59.5 + 22.05),
        ({"kcal": 300}, 59, 58.5, 59.5 + 22.05),
        # erythritol counts nothing: 59 g of carbohydrate, 30 of it sweet, make 351 - 120 kcal
        (
            {"kcal": 251, "polyols_g": 30, "polyol": "erythritol"},
            69,
            # its error enters the total with +2: (4 - 0) / 2
            69 - 1.975 - 1,
            69 + 1.975 + 1,
        ),
    ],
)
def test_an_eu_panels_total_holds_the_fibre_that_weight_and_energy_allow(figures, value, lo, hi):
    total = sums(**figures)["carbohydrate_g"]
    assert total.value == pytest.approx(value)
    assert total.lo == pytest.approx(lo)
    if hi is not None:
        assert total.hi == pytest.approx(hi)


def test_what_is_not_cut_is_likelier_in_the_middle_and_what_is_cut_even():
    whole, cut = sums(kcal=371)["carbohydrate_g"], sums(kcal=351)["carbohydrate_g"]
    thirds = (0.5**2 + 1**2 + 0.225**2 + 0.25**2) / 3
    assert (whole.mid, whole.variance) == pytest.approx((69, thirds))
    assert (cut.mid, cut.variance) == pytest.approx(
        ((cut.lo + cut.hi) / 2, (cut.hi - cut.lo) ** 2 / 12)
    )


def test_reckoned_by_annex_xiv_such_a_panel_has_its_printed_energy():
    reckoned = sums("eu", kcal=371)["kcal"]
    assert (reckoned.value, reckoned.lo, reckoned.hi) == pytest.approx((371, 370.5, 371.5))
    # by US factors 351 and 0 to 2 kcal for each of 10 g; at least, with every figure at its least
    us = sums("us", kcal=371)["kcal"]
    assert us.value == pytest.approx(371)
    assert us.lo == pytest.approx(351 - 2 - 2 - 0.45)


def test_a_label_per_piece_without_energy_leaves_its_total_unknown():
    piece = {"basis_g": None, "basis_pieces": 1}
    assert sums(**piece)["carbohydrate_g"] is None
    assert sums(**piece, kcal=371)["carbohydrate_g"].value == pytest.approx(69)


@pytest.mark.parametrize("style", ["us", "table"])
def test_other_panels_hold_it_in_their_carbohydrate(style):
    found = sums(style=style, kcal=371, spread=0.0 if style == "table" else None, sugars_g=9)
    net = found["net_carbohydrate_g"]
    rounding = 0.5 if style == "us" else 0.0
    assert net.value == pytest.approx(59)
    assert net.hi == pytest.approx(59 + rounding)
    assert net.lo == pytest.approx(9 - rounding)  # sugars are not fibre
    assert found["fibre_g"] is None


def test_one_note_where_it_widens_by_a_gram_a_serving():
    unsaid = {**FLAT, "style": "eu", "fibre_g": None, "kcal": None}
    both = {"a": unsaid, "b": {**unsaid, "name": "b"}}
    much = result(
        labels=both,
        components=[lines({"label": "a", "grams": 50}, {"label": "b", "grams": 50})],
    )
    assert codes(much).count("fibre_not_printed") == 1
    little = result(labels=both, components=[lines({"label": "a", "grams": 1})])
    assert "fibre_not_printed" not in codes(little)
    assert "parts_exceed" in codes(result(labels={"a": {**FLAT, "polyols_g": 26}}))


def test_a_missing_figure_is_at_least_its_printed_parts():
    found = result(labels={"a": {**FLAT, "carbohydrate_g": None, "fat_g": None}}).batch
    at_least = {name: getattr(found, name).at_least for name in ("carbohydrate_g", "fat_g")}
    assert at_least == pytest.approx({"carbohydrate_g": 4 * (5 + 6), "fat_g": 4})
    assert found.net_carbohydrate_g.at_least == pytest.approx(4 * 6)


def labels():
    """Panels of possible foods, figures missing at random, rounded as printed."""
    part = st.floats(0, 1).map(lambda share: share**2)

    def printed(style, basis, shares, missing, polyol):
        protein, starch, sugars, fat, fibre, polyols, saturated, allulose = shares
        scale = basis * 0.97 / max(sum(shares), 1)
        carbohydrate = starch + sugars + polyols + allulose + (0 if style == "eu" else fibre)
        figures = {
            "protein_g": protein,
            "carbohydrate_g": carbohydrate,
            "sugars_g": sugars,
            "fat_g": fat,
            "saturated_g": saturated * fat,
            "fibre_g": fibre,
            "soluble_fibre_g": fibre / 2,
            "polyols_g": polyols,
            "allulose_g": allulose,
            "kcal": 4 * (protein + starch + sugars) + 9 * fat + 2 * fibre + 2.4 * polyols,
        }
        kept = {
            key: round(scale * figure, 1) for key, figure in figures.items() if key not in missing
        }
        return {"style": style, "basis_g": basis, "polyol": polyol, **kept}

    return st.builds(
        printed,
        st.sampled_from(["us", "eu", "table"]),
        st.sampled_from([2.0, 30.0, 100.0]),
        st.tuples(*[part] * 8),
        st.sets(st.sampled_from([name for name in FIGURES if not name.startswith("added")])),
        st.sampled_from([None, "erythritol", "xylitol"]),
    )


ENDS = (lambda one: one.worst[0], lambda one: one.likely[0], lambda one: one.value)


def least(figure, of):
    match figure:
        case Figure():
            return of(figure)
        case PartlyKnown():
            return figure.at_least
    return 0.0


@given(
    st.lists(st.tuples(labels(), st.integers(1, 400)), min_size=1, max_size=5),
    st.sampled_from(["labelled", "us", "us_449", "eu"]),
)
def test_no_whole_is_less_than_its_parts(given_lines, energy):
    found = result(
        settings={"energy": energy},
        labels={f"l{i}": label for i, (label, _) in enumerate(given_lines)},
        components=[
            lines(*({"label": f"l{i}", "grams": grams} for i, (_, grams) in enumerate(given_lines)))
        ],
    )
    if {"parts_exceed", "part_above_whole"} & {*codes(found)}:
        return
    for facts in (found.batch, found.serving):
        for whole, parts in PARTS.items():
            figure = getattr(facts, whole)
            for of in ENDS if isinstance(figure, Figure) else ENDS[:1]:
                sum_of_parts = sum(least(getattr(facts, part), of) for part in parts)
                assert sum_of_parts <= least(figure, of) + 1e-6, whole


def test_energy_without_room_or_fibre_is_still_unknown():
    label = Label(style="us", basis_g=100, protein_g=10, fat_g=5)
    assert add_up(label, energy_terms(label, "us", 0.0)) is None
