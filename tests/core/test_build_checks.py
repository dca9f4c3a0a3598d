"""Build checks: values by hand, bands of the domain, proven builds that must raise nothing."""

import pytest

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.rebuild.trial import Dismissal
from gasket.core.trade.families import BY_KEY
from tests.core.builds import checked, workpiece

LOAF = {
    "Loaf": {
        **{"carrot": 280, "flour": 170, "blend": 90, "quark": 250, "egg": 150, "oil": 28},
        **{"sweetener": 110, "baking powder": 12, "salt": 3},
    },
    "Frosting": {"quark": 220, "cream cheese": 120},
}
PROVEN = [
    ("cake", LOAF, 8),
    (
        "brownie",
        {
            **{"flour": 40, "cocoa": 40, "blend": 60, "quark": 300, "egg": 100, "banana": 100},
            **{"sweetener": 60, "baking powder": 4, "salt": 2},
        },
        16,
    ),
    (
        "pancake",
        {
            **{"flour": 90, "blend": 40, "quark": 150, "egg white": 120, "egg": 50, "milk": 60},
            **{"baking powder": 6, "salt": 1.5},
        },
        3,
    ),
    ("crepe", {"flour": 30, "egg white": 150, "salt": 0.5}, 2),
    ("roll", {"flour": 250, "quark": 270, "baking powder": 12, "salt": 4}, 8),
    ("tray", {"mince": 500, "quark": 200, "salt": 6}, 6),
]


def found(checks, code):
    return next((check for check in checks if check.code == code), None)


@pytest.mark.parametrize(("family", "build", "portions"), PROVEN, ids=[one[0] for one in PROVEN])
def test_proven_builds_raise_nothing(family, build, portions):
    loud = [one for one in check_build(checked(build, portions, family=family)) if one.speaks]
    assert loud == [], [(one.code, one.value, one.least, one.most) for one in loud]


def test_values_by_hand():
    checks = check_build(
        checked({"flour": 200, "milk": 300, "egg": 100, "baking powder": 8}, 4, family="pancake")
    )
    # Water per 100 g: flour 100-10-73-1-1 = 15, milk 89, egg 76, so 30 + 267 + 76 = 373.
    assert found(checks, "hydration").value == pytest.approx(373 / 200)
    assert found(checks, "leavening").value == pytest.approx(4.0)
    assert found(checks, "fat_floor").value == pytest.approx((2 + 4.8 + 10) / 608 * 100)
    # Sodium without that of the raising agent: 4 + 132 + 140 mg, times 2.5.
    assert found(checks, "salt").value == pytest.approx(0.276 * 2.5 / 608 * 100)


@pytest.mark.parametrize(
    ("build", "family", "code", "verdict"),
    [
        ({"flour": 300, "milk": 100, "baking powder": 9}, "cake", "hydration", "below"),
        ({"flour": 100, "milk": 500, "baking powder": 4}, "cake", "hydration", "above"),
        ({"flour": 200, "milk": 400, "baking powder": 2}, "cake", "leavening", "below"),
        ({"flour": 200, "milk": 400, "baking soda": 6}, "cake", "leavening", "above"),
        ({"flour": 200, "milk": 400, "baking soda": 2}, "cake", "soda_without_acid", "below"),
        ({"flour": 60, "blend": 140, "milk": 400}, "cake", "powder_share", "above"),
        ({"flour": 110, "whey": 90, "milk": 400}, "cake", "powder_share", "above"),
        ({"flour": 110, "whey": 76, "blend": 14, "milk": 400}, "cake", "powder_share", "above"),
        ({"flour": 200, "quark": 400, "egg white": 100}, "cake", "fat_floor", "below"),
        ({"flour": 200, "milk": 400, "salt": 12}, "cake", "salt", "above"),
        ({"mince": 500, "milk": 200}, "tray", "salt", "below"),
        ({"quark": 300, "gum": 3}, "frozen", "gum", "above"),
    ],
)
def test_what_is_out_of_the_ordinary_is_said_with_its_reason(build, family, code, verdict):
    check = found(check_build(checked(build, 4, family=family)), code)
    assert check.verdict == verdict
    assert check.speaks
    assert len(check.says) > 20


def test_a_blend_with_some_whey_stands_more_than_whey():
    mixed = {"flour": 120, "whey": 63, "blend": 17, "milk": 400}
    check = found(check_build(checked(mixed, 4, family="cake")), "powder_share")
    assert (check.verdict, check.speaks, check.says) == ("within", False, "")


def test_a_fudgy_bake_and_the_school_of_no_fat_stand_less_of_it():
    lean = {"flour": 200, "quark": 380, "egg white": 100, "egg": 70}
    assert found(check_build(checked(lean, 4, family="cake")), "fat_floor").speaks
    none = checked(lean, 4, family="cake", fat_school="none")
    assert not found(check_build(none), "fat_floor").speaks
    fudgy = checked({**lean, "cocoa": 60}, 4, family="cake")
    assert not found(check_build(fudgy), "fat_floor").speaks


def test_sweetness_is_measured_against_the_original_weight_for_weight():
    original = workpiece({"flour": 200, "sugar": 200}, 4)
    ours = workpiece({"flour": 200, "quark": 100, "sweetener": 100}, 4, family="cake")
    both = CheckedBuild(ours, original, original_serving_g=100.0)
    check = found(check_build(both), "sweetness")
    # 25 g of sweetener and the lactose of the quark against 50 g of sugar and the flour's gram.
    assert check.value == pytest.approx((25 + 0.2 + 0.5) / (50 + 0.5) * 100, rel=1e-3)
    assert check.speaks
    bitter = workpiece(
        {"flour": 200, "quark": 100, "sweetener": 100}, 4, family="cake", sweetness_least=0.5
    )
    assert not found(
        check_build(CheckedBuild(bitter, original, original_serving_g=100.0)),
        "sweetness",
    ).speaks


def test_a_dismissed_check_is_quiet_until_the_build_goes_further_out():
    build = {"flour": 200, "milk": 400, "baking powder": 2}
    said = Dismissal(code="leavening", value=1.0, note="flat on purpose")
    quiet = found(check_build(checked(build, 4, family="cake", dismissed=[said])), "leavening")
    other = said.model_copy(update={"code": "hydration"})
    spoken = found(check_build(checked(build, 4, family="cake", dismissed=[other])), "leavening")
    assert spoken.speaks
    assert (quiet.speaks, quiet.note) == (False, "flat on purpose")
    flatter = {**build, "baking powder": 1}
    loud = found(check_build(checked(flatter, 4, family="cake", dismissed=[said])), "leavening")
    assert loud.speaks


def test_without_a_family_only_what_holds_for_all_is_said():
    codes = {one.code for one in check_build(checked({"flour": 200, "milk": 100}, 4))}
    assert codes == set()
    assert len({family.name for family in BY_KEY.values()}) == len(BY_KEY)
