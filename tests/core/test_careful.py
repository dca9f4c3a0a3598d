"""What one food asks of whoever cooks it or eats it, and when."""

import re

import pytest

from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.safety import InTheBuild, asked_of
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import faults
from gasket.core.cooking.usual_steps import foods_of, usual_steps
from gasket.core.trade.kind_reading import guess_kind
from tests.core.builds import workpiece

BAKE = read_step("bake 200 C 20 min", "bake")

# Foods, steps, kind of dish → what is said: US FDA, CDC and FSIS, UK FSA and NHS, from memory.
CAREFUL = [
    (["Kidney beans, dry"], [BAKE], "pot", {"boil_hard": "5 hours.*30 minutes"}),
    (["Red kidney beans"], [], None, {"boil_hard": "if they are dry"}),
    (["Kidney beans, canned"], [BAKE], "pot", {}),
    (["Chickpeas, dry", "Red lentils, dry"], [BAKE], "pot", {}),
    (["Honey"], [BAKE], "cake", {"honey": "under 12 months, baked or not"}),
    (["Honeydew melon"], [], "no_bake", {}),
    (["Cooked rice"], [read_step("fry 5 min", "a")], "pot", {"reheat_once": "only once"}),
    (["Frozen leftover lasagne"], [BAKE], "tray", {"reheat_once": "steams"}),
    (["Cooked rice"], [], "no_bake", {}),
    (["Egg"], [read_step("melt the chocolate 2 min", "a")], "pot", {"raw_egg": "pasteurised"}),
    (["Pasteurised egg yolk"], [], "no_bake", {}),
    (["Egg, hard-boiled"], [], "no_bake", {}),
]


@pytest.mark.parametrize(("names", "steps", "family", "said"), CAREFUL)
def test_what_can_hurt_is_said_and_what_cannot_is_not(names, steps, family, said):
    there = [InTheBuild(name, guess_kind([name]) or "other", "all") for name in names]
    found = {one.code: one.says for one in cautions(steps, there, family)}
    microwaved = {"microwaved_egg", "cast_iron"}
    assert found.keys() - microwaved == said.keys()
    assert all(re.search(words, found[code]) for code, words in said.items())
    assert all(rule.reason != "set_egg" for rule in asked_of(steps, there, family, "us").values())


def test_the_schools_differ_in_how_long_beans_boil_and_the_longer_holds_in_doubt():
    beans = [InTheBuild("Kidney beans, dry", "legumes", "all")]
    said = {school: cautions([], beans, "pot", school)[0].says for school in ("us", "uk", None)}
    assert "10 minutes" in said["uk"]
    assert said["us"] == said[None] != said["uk"]


@pytest.mark.parametrize(
    ("bowls", "dish", "family", "holder", "heated"),
    [
        ({"Cheese": "cheese", "Meat sauce": "mince"}, "Lasagne", "tray", "Meat sauce", "Brown"),
        ({"Meat sauce": "mince", "Cheese": "cheese"}, "Lasagne", "tray", "Meat sauce", "Brown"),
        ({"Salad": "carrot", "Patties": "mince"}, "Burger", "sandwich", "Patties", "Cook"),
        ({"Pasta": "mince", "Sauce": "milk"}, "Bake", "tray", "Pasta", "Brown"),
    ],
)
def test_the_component_that_holds_the_raw_meat_is_the_one_that_is_cooked(
    bowls, dish, family, holder, heated
):
    piece = workpiece({name: {food: 300} for name, food in bowls.items()}, 4, family=family)
    steps = usual_steps(piece, family, dish)
    (cooks,) = [step for step in steps if step.says.startswith(f"{heated} the meat for the")]
    assert cooks.uses == (holder,)
    alone = [step for step in steps if step.uses == (holder,)]
    assert alone[0] is cooks, "it is cooked before anything else is done with it"
    assert all(cooks.id in step.after for step in alone[1:2])
    assert list(faults(steps)) == []
    assert asked_of(steps, foods_of(piece), family, "us"), "and its temperature is asked for"
