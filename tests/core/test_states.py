"""Raw, cooked, dry: what a weight speaks of, and that nothing crosses it but by a yield."""

from dataclasses import replace
from pathlib import Path

import pytest

from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.readings import FoodBackground
from gasket.core.entry.work_out import work_out
from gasket.core.label.package import Package
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import Shelf, options
from gasket.core.trade.states import COOKED_OVER, InState, grams_in, not_alike, state_of
from tests.core.builds import ingredient, workpiece

TABLE = Path(__file__).with_name("food_states.txt").read_text(encoding="utf-8")
STATES = [
    (name, kind, None if said == "-" else said, None if water == "-" else float(water), weighed)
    for line in TABLE.splitlines()
    if not line.startswith("#")
    for name, kind, said, water, weighed in [line.split(" | ")]
]


@pytest.mark.parametrize(("name", "kind", "said", "water", "weighed"), STATES)
def test_a_name_and_its_figures_say_in_which_state_it_is_weighed(name, kind, said, water, weighed):
    assert str(state_of(name, kind, said, water)).lower() == weighed


@pytest.mark.parametrize("kind", COOKED_OVER)
def test_there_and_back_is_as_much(kind):
    there = grams_in(kind, "dry", "cooked")
    back = grams_in(kind, "cooked", "dry")
    assert there.least < there.usual < there.most
    assert there.usual * back.usual == pytest.approx(1)
    assert (there.least * back.most, there.most * back.least) == pytest.approx((1, 1))
    assert grams_in(kind, "unknown", "cooked") is None
    assert grams_in(kind, "raw", "dry") is None


def offered(old, new, family, kind):
    """Grams of the new food that some swap puts in for 180 g of the old one."""
    piece = workpiece({old.food: 180}, 1, family=family)
    piece = replace(piece, ingredients={old.label_id: old})
    shelf = Shelf(by_kind={kind: [new]}, by_food={})
    return [
        (one.goes_in[0].grams, one.watch)
        for one in options(piece, piece.line(f"all/{old.food}"), shelf, CATALOGUE, 1.0)
        if one.goes_in[0].label_id == new.label_id
    ]


def test_what_is_cooked_never_gives_way_to_what_is_raw():
    fat, lean = ingredient("mince"), replace(ingredient("chicken breast"), kind="poultry_mince")
    raw, cooked = Package(state="raw"), Package(state="cooked")
    assert offered(replace(fat, package=cooked), lean, "wrap", "mince") == []
    ((grams, says),) = offered(fat, replace(lean, package=raw), "wrap", "mince")
    assert (grams, "weighed" in says) == (180, False)
    ((grams, says),) = offered(fat, replace(lean, package=cooked), "wrap", "mince")
    assert grams == round(180 * COOKED_OVER["mince"].usual)
    assert "is weighed cooked: 74 g for 100 g raw, usually 65 to 82 g" in says


def test_a_ratio_of_dry_pasta_is_not_that_of_cooked_pasta():
    pasta, florets = ingredient("pasta"), ingredient("cauliflower")
    ((dry, _),) = offered(pasta, florets, "tray", "vegetable")
    cooked = replace(pasta, package=Package(state="cooked"))
    ((less, _),) = offered(cooked, florets, "tray", "vegetable")
    assert less == pytest.approx(dry / COOKED_OVER["pasta"].usual, abs=0.5)


def test_side_by_side_they_say_that_they_are_not_weighed_alike():
    raw, cooked = InState("Thigh", "poultry", "raw"), InState("Breast", "poultry", "cooked")
    assert not_alike([raw, raw, InState("Quark", "thick_yogurt", None)]) == ""
    assert "(Thigh: raw; Breast: cooked)" in not_alike([raw, cooked])
    assert "100 g raw is about 75 g cooked" in not_alike([cooked, raw])


def test_a_cooked_weight_of_a_raw_label_is_worked_out_by_the_usual_yield_and_asked():
    known = FoodBackground(kind="poultry", weighed="raw")
    found = work_out(parse_entry("150 g chicken breast, cooked"), known)
    usual, least, most = COOKED_OVER["poultry"]
    by_yield, as_it_stands = found.readings
    assert as_it_stands.grams == 150
    assert by_yield.grams == pytest.approx(150 / usual)
    assert (by_yield.low_g, by_yield.high_g) == pytest.approx((150 / most, 150 / least))
    assert "says cooked, the label is for raw weight" in found.caution
    unweighed = work_out(parse_entry("2 cups chicken breast, cooked"), known)
    assert unweighed.readings[0].grams is None
    assert "first figure" in found.caution
    assert "first figure" not in unweighed.caution, "there is none"
    alike = work_out(parse_entry("150 g chicken breast, cooked"), replace(known, weighed="cooked"))
    assert (len(alike.readings), alike.caution) == (1, "")
