"""Stocking with generic foods: once, again, and with a later list than the kitchen had."""

import re
from dataclasses import replace

import pytest

from gasket.core.label.food import FoodFacts
from gasket.core.swaps.catalogue import CATALOGUE
from gasket.core.swaps.options import options
from gasket.core.trade.kinds import KINDS
from gasket.kitchen import settings as house_settings
from gasket.kitchen.rebuild.ingredients import shelf_of
from gasket.kitchen.shelf import food_search, reference, shelf
from gasket.kitchen.shelf.shelf import FoodEdit
from gasket.store.books import settings
from gasket.store.books.book import plain
from gasket.store.books.shelf import FOODS
from tests.conftest import START
from tests.core.builds import IDS, workpiece

STATE = re.compile(r"\b(?:raw|cooked|canned|dry)\b")


def first_food(session, words):
    return food_search.foods(session, words, 1)[0][0]


def test_stocking_twice_adds_nothing_and_what_was_removed_stays_away(stocked_house):
    house = stocked_house
    assert reference.stock(house.database, START).foods == 0
    banana = house.read(lambda session: first_food(session, "banana"))
    house.write(lambda session: shelf.remove_food(session, banana.id, True, START))
    reference.stock_once(house.database, START)
    assert house.read(lambda session: food_search.page(session, "banana")).total == 0


@pytest.mark.parametrize(
    ("style", "called"),
    [("eu", "Beef mince, 20 % fat, raw"), ("us", "Ground beef, 20 % fat, raw")],
)
def test_a_kitchen_of_an_earlier_list_gets_the_new_foods_and_keeps_what_the_cook_did(
    stocked_house, style, called
):
    house = stocked_house
    beef = house.read(lambda session: first_food(session, "beef mince, 20 % fat, raw"))
    pear = house.read(lambda session: first_food(session, "pear"))
    banana = house.read(lambda session: first_food(session, "banana"))

    def as_before(session):
        at_home = house_settings.read(session).model_copy(update={"label_style": style})
        house_settings.write(session, at_home)
        settings.write(session, "reference_shelf", True)
        named = beef.facts.model_copy(update={"aliases": ("ground beef",)})
        FOODS.change(session, FOODS.fetch(session, beef.id), stored_facts=plain(named))
        own = FoodEdit(name=pear.name, facts=FoodFacts(aliases=("my pear",)), version=pear.version)
        shelf.edit_food(session, pear.id, own)
        shelf.remove_food(session, banana.id, True, START)

    house.write(as_before)
    reference.stock_once(house.database, START)
    now = [
        house.read(lambda session, key=food.id: shelf.food(session, key))
        for food in (beef, pear, banana)
    ]
    assert now[0].name == called
    assert "ground beef" not in now[0].facts.aliases
    assert now[1].facts.aliases == ("my pear",)
    assert now[2].removed


def test_no_swap_among_the_generic_foods_crosses_from_one_state_to_another(stocked_house):
    """By their own names: what is called cooked never gives way to what is called raw, nor dry to
    cooked at the same weight."""
    found = stocked_house.read(lambda session: shelf_of(session, KINDS))
    by_label = {food.label_id: food for foods in found.by_kind.values() for food in foods}
    tried = 0
    for old in by_label.values():
        piece = workpiece({"mince": 180}, 1, family="tray")
        piece = replace(piece, ingredients={IDS["mince"]: old})
        for one in options(piece, piece.line("all/mince"), found, CATALOGUE, 1.0):
            new = by_label[one.goes_in[0].label_id]
            states = [STATE.search(food.food) for food in (old, new)]
            names = tuple(state[0] if state else None for state in states)
            assert names not in {("cooked", "raw"), ("canned", "raw"), ("cooked", "dry")}, one.key
            if names == ("raw", "cooked"):
                assert one.goes_in[0].grams < 180, one.key
            tried += 1
    assert tried > 500


def test_the_cooks_own_foods_are_listed_and_found_alone(stocked_house):
    def page(words="", **more):
        return stocked_house.read(lambda session: food_search.page(session, words, **more))

    mine, everything = page(own_only=True, limit=200), page(limit=200)
    assert 0 < mine.total < everything.total
    assert not any(food.typical for food in mine.foods)
    own, every = (
        {food.id for food in page("chicken", own_only=only).foods} for only in (True, False)
    )
    assert set() < own < every
    assert page("zucchini", own_only=True).total == 0 < page("zucchini").total
