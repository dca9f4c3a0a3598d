"""Which family a dish is: by its name, by what is in it."""

from dataclasses import replace
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.build_checks.checks import check_build
from gasket.core.rebuild.family_signs import by_name, family_of
from gasket.core.trade.families import BY_KEY, FAMILIES
from gasket.core.trade.families.reading import read_family
from tests.core.builds import checked, workpiece

NAMES = [
    (name.strip(), family.strip())
    for line in (Path(__file__).parent / "family_names.txt").read_text().splitlines()
    if line and not line.startswith("#")
    for family, *names in [line.split("|")]
    for name in names
]


def said_by(name):
    said = read_family(name)
    return said.key if said else None


@pytest.mark.parametrize(("name", "family"), NAMES)
def test_the_head_of_a_name_says_the_family(name, family):
    assert said_by(name) == (None if family == "-" else family)


def test_every_family_that_has_words_is_in_the_table():
    assert {family for _, family in NAMES} - {"-"} == set(FAMILIES) - {"blender_pancake"}


@given(st.sampled_from(NAMES), st.sampled_from([str.upper, str.title, str.lower, str.swapcase]))
def test_case_never_matters(named, written):
    name, family = named
    assert said_by(written(name)) == (None if family == "-" else family)


def test_accents_and_marks_never_matter():
    for plain, written in (
        ("creme brulee", "Crème Brûlée"),
        ("mac and cheese", "Mac & Cheese"),
        ("shepherds pie", "Shepherd’s pie"),
        ("french toast roll ups", "French-toast/roll-ups"),
    ):
        assert read_family(plain) == read_family(written)


@given(st.text(max_size=60))
def test_any_name_is_read(name):
    assert said_by(name) in (None, *BY_KEY)


# Builds of the atlas (families.md 8): common practice, figures from memory.
GOOD = [
    (
        "waffle",
        {
            **{"brownie mix": 45, "pancake mix": 25, "whey": 50, "cocoa": 8, "egg white": 130},
            **{"skyr": 190, "baking powder": 3.5},
        },
    ),
    ("blender_pancake", {"egg white": 160, "rolled oats": 36, "banana": 70, "cinnamon": 1}),
    (
        "bite",
        {
            **{"pumpkin purée": 125, "soy milk": 70, "pea protein": 32, "coconut flour": 12},
            **{"cocoa": 6, "baking powder": 4.5, "salt": 0.4},
        },
    ),
    ("crepe", {"egg": 105, "egg white": 65, "skim milk": 50, "blend": 62}),
    (
        "cookie",
        {
            **{"oat flour": 110, "blend": 35, "quark": 90, "light spread": 30, "yolk": 17},
            **{"allulose": 40, "dark chips": 35, "baking powder": 3, "salt": 1},
        },
    ),
    ("roll", {"self-raising flour": 200, "blend": 50, "quark": 280, "salt": 2}),
    (
        "set_base",
        {
            **{"cauliflower": 600, "egg white": 190, "cottage cheese": 120, "parmesan": 25},
            **{"coconut flour": 12, "salt": 3},
        },
    ),
    (
        "drink",
        {
            **{"ice": 180, "lemonade drink": 200, "skim milk": 160, "skyr": 80, "whey": 22},
            **{"pudding powder": 9, "gum": 1.2},
        },
    ),
]
BAD = [
    (
        "cake",
        {"flour": 130, "blend": 80, "quark": 320, "egg": 60, "sweetener": 60, "salt": 1.5},
        {"leavening", "fat_floor"},
    ),
    (
        "roll",
        {"flour": 150, "blend": 50, "quark": 400, "baking powder": 8, "salt": 2},
        {"hydration"},
    ),
    (
        "waffle",
        {
            **{"flour": 30, "whey": 100, "egg white": 150, "skim milk": 120},
            **{"baking powder": 5, "salt": 0.8},
        },
        {"powder_share"},
    ),
    (
        "cake",
        {
            **{"coconut flour": 85, "blend": 40, "egg": 150, "skim milk": 130, "sweetener": 50},
            **{"baking powder": 6, "salt": 1},
        },
        {"hydration"},
    ),
    (
        "cookie",
        {
            **{"flour": 170, "blend": 40, "butter": 45, "water": 60, "sweetener": 40},
            **{"baking soda": 6, "salt": 1},
        },
        {"leavening", "soda_without_acid"},
    ),
    ("drink", {"skim milk": 300, "strawberries": 120, "whey": 30, "gum": 4}, {"gum"}),
]


def spoken(family, build):
    found = check_build(checked(build, family=family))
    return {check.code: check for check in found if check.speaks}


@pytest.mark.parametrize(("family", "build"), GOOD)
def test_proven_builds_raise_no_alarm(family, build):
    loud = spoken(family, build)
    assert not loud, [(key, one.value, one.least, one.most) for key, one in loud.items()]


@pytest.mark.parametrize(("family", "build", "codes"), BAD)
def test_what_would_fail_is_said(family, build, codes):
    assert codes == spoken(family, build).keys()


@given(st.sampled_from(GOOD), st.floats(0.25, 20))
def test_a_scaled_proven_build_raises_no_alarm(proven, factor):
    family, build = proven
    scaled = {food: grams * factor for food, grams in build.items()}
    assert not spoken(family, scaled)


BUILDS = [
    (family.strip(), {food: float(grams) for food, grams in lines}, expected)
    for line in (Path(__file__).parent / "family_builds.txt").read_text().splitlines()
    if line and not line.startswith("#")
    for family, foods, codes in [line.split("|")]
    for lines in [[part.strip().rsplit(" ", 1) for part in foods.split(",")]]
    for expected in [set(codes.strip().split(",")) - {"-"}]
]


@pytest.mark.parametrize(("family", "build", "codes"), BUILDS)
def test_builds_of_our_own_are_judged_as_a_cook_would(family, build, codes):
    loud = spoken(family, build)
    assert codes == loud.keys(), [
        (key, one.value, one.least, one.most) for key, one in loud.items()
    ]


def test_keepers_widen_a_band_and_are_named_as_its_source():
    wet = {"flour": 150, "blend": 50, "quark": 400, "baking powder": 8, "salt": 2}
    piece = checked(wet, family="roll")
    water = next(one for one in check_build(piece) if one.code == "hydration")
    kept = replace(piece, keepers={"hydration": (water.value, 1.2), "salt": (0.9,)})
    found = {one.code: one for one in check_build(kept)}
    assert (water.verdict, water.source) == ("above", "build-checks")
    assert (found["hydration"].verdict, found["hydration"].source) == ("within", "own-keepers")
    assert found["hydration"].most == water.value
    assert found["salt"].source == "build-checks"


@pytest.mark.parametrize(
    ("name", "family"),
    [("Carrot loaf", "cake"), ("Cauliflower crust pizza", "set_base"), ("Wattle wonder", None)],
)
def test_a_name_alone_says_the_family_or_nothing(name, family):
    assert by_name(name) == family


@pytest.mark.parametrize(
    ("build", "family"),
    [
        ({"flour": 200, "skyr": 220, "baking powder": 8, "salt": 3}, "roll"),
        ({"flour": 200, "skyr": 80, "water": 60, "baking powder": 8, "egg": 90, "salt": 3}, "cake"),
        ({"mince": 500, "salt": 6}, "patty"),
        ({"cauliflower": 500, "egg": 160, "parmesan": 30}, "set_base"),
        ({"cauliflower": 500, "egg": 40, "parmesan": 30}, None),
        ({"egg": 105, "egg white": 65, "skim milk": 50, "blend": 62}, "crepe"),
        ({"egg white": 160, "rolled oats": 36, "banana": 70}, "blender_pancake"),
        ({"skim milk": 300, "ice": 120, "whey": 30}, "drink"),
    ],
)
def test_what_no_name_says_the_contents_do(build, family):
    parts = {"Base": build, "Sauce": {"tomato sauce": 100, "cheese": 60}}
    whole = parts if "cauliflower" in build else {"Base": build}
    found = family_of("Wattle wonder", workpiece(whole))
    assert (found and found.key) == family
