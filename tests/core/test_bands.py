"""Bands: a check speaks exactly where the solver's limit is broken, whoever widened it."""

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.build_checks.allowed import bands_of
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.solver.limits import Spot, kept, limits_of
from gasket.core.trade.families import BY_KEY
from tests.core.builds import FIGURES, workpiece

FOODS = st.dictionaries(
    st.sampled_from(sorted(FIGURES)), st.floats(0.5, 500), min_size=1, max_size=9
)
CODES = sorted(
    {
        *("hydration", "leavening", "powder_share", "fat_floor", "salt", "sweetness", "gum"),
        *(ratio.code for family in BY_KEY.values() for ratio in family.ratios),
    }
)
WAIVERS = st.lists(
    st.fixed_dictionaries(
        {
            "code": st.sampled_from(CODES),
            "value": st.none() | st.floats(0, 200),
            "note": st.just(""),
        }
    ),
    max_size=3,
)
KEEPERS = st.dictionaries(
    st.sampled_from(CODES), st.lists(st.floats(0, 100), max_size=3).map(tuple), max_size=4
)


def come_to(limit, lines):
    return sum(
        limit.weigh(Spot(placed.ingredient, placed.part, placed.per_serving)) * placed.amount
        for placed in lines
    )


def is_broken(limit, lines):
    slack = 1e-6 * sum(placed.amount for placed in lines)
    return not limit.low - slack <= come_to(limit, lines) <= limit.high + slack


@given(
    bowl=FOODS,
    frosting=FOODS | st.just({}),
    family=st.sampled_from(sorted(BY_KEY)),
    school=st.sampled_from(["keep", "none"]),
    dismissed=WAIVERS,
    keepers=KEEPERS,
)
def test_a_check_speaks_exactly_where_the_limit_of_the_solver_is_broken(
    bowl, frosting, family, school, dismissed, keepers
):
    parts = {"Body": bowl, "Frosting": frosting} if frosting else {"Body": bowl}
    piece = workpiece(parts, 4, family=family, fat_school=school, dismissed=dismissed)
    sweet = workpiece({"flour": 200, "sugar": 150}, 4)
    checked = CheckedBuild(piece, sweet, 90.0, keepers)
    lines = [*piece.lines()]
    said = {check.code: check for check in check_build(checked)}
    for band, value in bands_of(checked):
        broken = any(is_broken(limit, lines) for limit in kept(band))
        assert broken == band.speaks(value), (band.code, value, band.allowed)
        if value > 0 or not band.where_there:
            assert said[band.code].speaks == (broken and not band.notice)
    # And none of those that the solver keeps is broken where the build is.
    assert not any(is_broken(limit, lines) for limit in limits_of(checked) if not limit.goal)


def spoken(bowl, family="cake", **more):
    """Codes of the checks that speak."""
    keepers = more.pop("keepers", {})
    checked = CheckedBuild(workpiece(bowl, 4, family=family, **more), keepers=keepers)
    return {check.code for check in check_build(checked) if check.speaks}


FLAT = {"flour": 200, "milk": 400, "baking powder": 2}


def test_a_keeper_widens_the_band_to_where_it_lies():
    assert "leavening" in spoken(FLAT)
    assert "leavening" not in spoken(FLAT, keepers={"leavening": (1.0,)})
    assert "leavening" in spoken(FLAT, keepers={"leavening": (1.5,)})
    assert "leavening" in spoken(FLAT, keepers={"salt": (1.0,)})


@pytest.mark.parametrize(("powder", "speaks"), [(8.0, False), (9.1, True)])
def test_what_was_dismissed_on_one_side_still_speaks_on_the_other(powder, speaks):
    """Of 100 g of flour: 2 to 8 g are usual; 1 g and less were dismissed."""
    bowl = {"flour": 100, "milk": 200, "baking powder": powder}
    flat = [{"code": "leavening", "value": 0.0, "note": "flat on purpose"}]
    assert ("leavening" in spoken(bowl, dismissed=flat)) == speaks


@pytest.mark.parametrize(
    ("salt", "dismissed", "speaks"),
    [
        # Of a cake, 1.3 % at most are usual; cooking salt is not all salt.
        *((1.3, None, False), (1.6, None, True), (1.6, 1.6, False), (1.7, 1.6, True)),
        *((1.9, 1.6, True), (1.9, 1.9, False), (2.6, 1.9, True)),
    ],
)
def test_what_was_dismissed_speaks_again_when_it_is_much_further_out(salt, dismissed, speaks):
    bowl = {"flour": 100, "water": 200, "salt": 300 * salt / (100 - salt)}
    waived = [] if dismissed is None else [{"code": "salt", "value": dismissed}]
    assert ("salt" in spoken(bowl, dismissed=waived)) == speaks


def test_a_spoon_of_powder_is_never_too_much_but_a_pinch_of_soda_may_be():
    assert "leavening" not in spoken({"flour": 40, "milk": 80, "egg": 50, "baking powder": 5})
    assert "leavening" in spoken({"flour": 40, "milk": 80, "egg": 50, "baking powder": 5.1})
    soda = {"flour": 40, "quark": 90, "egg": 50, "baking soda": 1}
    assert "leavening" in spoken(soda)


def test_powders_fill_their_own_most_together():
    """Cake: a blend up to 60 % of the dry base, plain whey up to 40 %; half and half up to 48 %."""
    half = {"whey": 24, "blend": 24, "milk": 200}
    assert "powder_share" not in spoken({"flour": 52, **half})
    assert "powder_share" in spoken({"flour": 51, **half})
