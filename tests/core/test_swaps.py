"""Swaps for a line, calculated for its build: domain check values, what applies, what it does."""

import pytest

from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.model import Also, Swap, SwapPart
from gasket.core.swaps.options import Shelf, options
from gasket.core.trade.sources import SOURCES
from tests.core.builds import FIGURES, IDS, full_shelf, ingredient, workpiece

FOODS = [ingredient(name) for name in FIGURES]
SHELF = full_shelf()
CAKE = {"flour": 170, "butter": 60, "sugar": 100, "egg": 100, "milk": 100, "peanut butter": 50}


def offered(food, share=None, swaps=CATALOGUE, **terms):
    piece = workpiece(CAKE, 8, **{"family": "cake", **terms})
    return list(options(piece, piece.line(f"all/{food}"), SHELF, swaps, share))


def only(food, swap, **more):
    found = [one for one in offered(food, **more) if one.swap == swap]
    assert len(found) == 1, [swap.key for swap in offered(food, **more)]
    return found[0]


def test_yogurt_takes_three_quarters_of_the_butter_at_most():
    found = only("butter", "fat-yogurt")
    assert found.share == 0.75
    assert [(one.name, one.grams) for one in found.goes_in] == [("Quark", 45.0)]
    rest, new = found.change.lines["all/butter"]
    assert (rest.target_g, new.target_g) == (15.0, 45.0)
    # By hand: 45 g of butter are 335.25 kcal, 45 g of quark 29.7; eight servings.
    assert found.moved.kcal == pytest.approx((29.7 - 335.25) / 8)
    assert found.moved.protein_g == pytest.approx((5.4 - 0.27) / 8)
    # Butter costs 2.50 for 250 g, quark 1.80 for 500 g.
    assert found.moved.cost == pytest.approx((45 * 0.0036 - 45 * 0.01) / 8)
    assert only("butter", "fat-yogurt", share=0.5).goes_in[0].grams == 30.0


def test_sugar_is_replaced_by_its_sweetness():
    found = only("sugar", "sugar-sweetener")
    assert found.goes_in[0].grams == 100.0
    assert found.moved.kcal == pytest.approx(-400 / 8)
    assert found.moved.sweetness_g == pytest.approx(0, abs=1e-9)
    erythritol = ingredient("sweetener")
    object.__setattr__(
        erythritol, "package", erythritol.package.model_copy(update={"sweetness": 0.65})
    )
    weaker = Shelf(by_kind={"sweetener": [erythritol]}, by_food={})
    piece = workpiece(CAKE, 8, family="cake")
    one = next(options(piece, piece.line("all/sugar"), weaker, CATALOGUE, None))
    assert one.goes_in[0].grams == 154.0  # 100 / 0.65


def test_powdered_peanut_saves_about_two_thirds():
    """Domain: 1 part powder to 1-1.5 parts water is -60 to -70 % kcal."""
    found = only("peanut butter", "nut-butter-powder")
    powder, water = found.goes_in
    assert 1 <= water.grams / powder.grams <= 1.5
    saved = -found.moved.kcal * 8 / (50 * 6.0)
    assert 0.60 <= saved <= 0.70


def test_what_does_not_fit_is_not_offered():
    assert not [swap for swap in offered("butter", family="tray") if swap.swap == "fat-yogurt"]
    assert all(swap.swap != "milk-leaner" for swap in offered("milk"))  # nothing lighter is there
    assert offered("egg")
    piece = workpiece({"flour": 0, "egg": 10}, 1, family="cake")
    assert list(options(piece, piece.line("all/flour"), SHELF, CATALOGUE, None)) == []


def test_a_need_that_would_be_broken_is_named():
    found = only("flour", "flour-powder", needs=["vegan"])
    assert found.breaks == ("vegan",)
    assert only("flour", "flour-powder").breaks == ()


def test_a_compound_swap_moves_other_lines_along():
    own = Swap(
        key="own-1",
        name="Plain powder, more sweetener",
        takes_food_id=IDS["flour"],
        gives=(SwapPart(food_id=IDS["blend"], ratio=0.5),),
        also=(Also(food_id=IDS["sugar"], factor=1.2), Also(kinds=("egg",), factor=0)),
        most=0.5,
        likeness=9.0,
        source="own",
    )
    (found,) = offered("flour", swaps=[own])
    assert found.likeness == 9.0
    assert [one.grams for one in found.goes_in] == [42.0]  # half of 170 g, half as much powder
    after = found.change.applied(workpiece(CAKE, 8, family="cake").build)
    grams = {line.id: line.target_g for line in after.lines()}
    assert grams["all/sugar"] == 120.0
    assert "all/egg" not in grams
    # 85 g flour, 100 g egg out; 42 g of blend and 20 g of sugar in.
    by_hand = (42 * 3.9 + 20 * 4 - 85 * 3.5 - 100 * 1.4) / 8
    assert found.moved.kcal == pytest.approx(by_hand)


def test_every_swap_of_the_catalogue_says_its_rule_and_its_source():
    keys = [swap.key for swap in CATALOGUE]
    assert len(set(keys)) == len(keys)
    for swap in CATALOGUE:
        assert all((swap.takes, swap.rule, swap.watch)), swap.key
        assert swap.source in SOURCES
        assert all(part.kinds for part in swap.gives)
        assert not any(part.lighter and part.ratio > 2 for part in swap.gives)
