"""Which temperature a food asks for by its name: USDA FSIS chart, figures from memory."""

import itertools
from pathlib import Path

import pytest

from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.safety import InTheBuild, asked_of, set_by_egg
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import faults
from gasket.core.cooking.templates import steps_for
from gasket.core.trade.families import FAMILIES
from gasket.core.trade.families.reading import read_family
from gasket.core.trade.kind_reading import guess_kind
from gasket.core.trade.step_kinds import HOT

BAKE = read_step("bake 200 C 20 min", "bake")
TABLE = Path(__file__).with_name("meat_names.txt").read_text(encoding="utf-8")
NAMES = [
    (None if reason == "none" else reason, name)
    for line in TABLE.splitlines()
    if not line.startswith("#")
    for reason, names in [line.split(" | ")]
    for name in names.split("; ")
]


def of(name, grams=None, component="Dish", **more):
    return InTheBuild(name, guess_kind([name]) or "other", component, grams=grams, **more)


def said_by(name):
    said = read_family(name)
    return said.key if said else None


@pytest.mark.parametrize(("reason", "name"), NAMES)
def test_a_name_asks_for_the_temperature_of_what_it_may_be(reason, name):
    asked = asked_of([BAKE], [of(name)], "tray", "us")
    assert [rule.reason for rule in asked.values()] == ([reason] if reason else [])
    uncooked = [caution.code for caution in cautions([], [of(name)], "no_bake")]
    assert ("uncooked" in uncooked) == (reason not in (None, "reheated"))


@pytest.mark.parametrize(
    ("food", "reason"),
    [
        (of("Steak", flags=("raw_ground_meat",)), "ground"),
        (of("Something in a tray", flags=("raw_poultry",)), "poultry"),
        (of("Salami", state="raw"), "ground"),
        (of("Chicken breast", state="cooked"), "reheated"),
        (of("Cooked chicken", state="raw"), "poultry"),
        (InTheBuild("Best of the bay", "mince", "Dish"), "ground"),
    ],
)
def test_package_and_kind_may_make_it_stricter(food, reason):
    assert asked_of([BAKE], [food], None, "us")["bake"].reason == reason


SET = {
    "egg muffins": {"egg": 100, "egg white": 150, "spinach": 80, "feta": 40},
    "frittata": {"egg": 200, "potato": 300},
    "quiche filling": {"egg": 150, "milk": 300, "cheddar": 80},
    "custard": {"egg yolk": 60, "milk": 250, "cornflour": 15},
    "banana pancakes": {"egg": 100, "banana": 110},
}
BAKED = {
    "cake": {"egg": 150, "flour": 170, "quark": 250, "sugar": 130},
    "waffle": {"egg white": 120, "oat flour": 40, "whey": 30},
    "meat loaf": {"beef mince": 500, "egg": 50, "onion": 100},
    "crumb coat": {"egg": 50, "breadcrumbs": 60},
}


@pytest.mark.parametrize("name", [*SET, *BAKED])
def test_what_egg_sets_is_told_by_what_is_in_it(name):
    foods = [of(food, grams) for food, grams in (SET | BAKED)[name].items()]
    assert bool(set_by_egg(foods, None)) == (name in SET)


def test_egg_of_an_unknown_share_is_asked_for_unless_a_dry_base_sets():
    assert set_by_egg([of("egg"), of("milk", 200)], None)
    assert not set_by_egg([of("egg"), of("flour", 200)], "cake")


@pytest.mark.parametrize(
    "dish", ["Egg muffins", "Egg bites", "Frittata", "Quiche", "Chicken pot pie"]
)
def test_dishes_of_egg_or_pastry_are_baked(dish):
    steps = steps_for(said_by(dish), ["Filling"], raw=["Filling"])
    assert [step.kind for step in steps if step.kind in HOT]


@pytest.mark.parametrize("family", FAMILIES)
def test_a_template_never_leaves_out_the_heat_that_raw_contents_need(family):
    for parts in (["Main"], ["Main", "Cream"], ["Chicken", "Crumb topping", "Sauce", "Base"]):
        some = [(), *((part,) for part in parts), tuple(parts)]
        for raw, eggs in itertools.product(some, some):
            steps = steps_for(family, parts, raw=raw, set_by_egg=eggs)
            heated = {part for step in steps if step.kind in HOT for part in step.uses}
            assert heated >= {*raw, *eggs}
            assert not faults(steps)
