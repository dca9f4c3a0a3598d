"""Before the weigh-in is closed: order, far lines, the mixture and the pan."""

import pytest

from gasket.core.weighing.closing import LineWeight, far_lines, fill_of, mixture_gap
from gasket.core.weighing.order import BowlLine, suggested

LINES = [
    LineWeight("flour", 120, 121),
    LineWeight("quark", 250, 252),
    LineWeight("vanilla", 4, None),
    LineWeight("walnuts", 60, None),
    LineWeight("oil", 28, 36),
]
SUM = 409.0
BOWLS = [("steel bowl", 385.0)]


def test_a_tenth_off_the_plan_is_far_and_a_skipped_line_is_not():
    assert [(line.name, round(line.off, 2)) for line in far_lines(LINES)] == [("oil", 0.29)]


@pytest.mark.parametrize(
    ("mixture", "codes"),
    [
        (SUM + 2, []),
        (SUM + 61, ["forgotten", "unknown"]),
        (SUM + 384, ["not_tared", "unknown"]),
        (SUM + 250, ["twice", "unknown"]),
        (SUM - 10, ["residue"]),
        (SUM - 121, ["not_tipped_in", "unknown"]),
        (SUM - 80, ["unknown"]),
        (SUM - 385, ["bowl_counted", "unknown"]),
    ],
)
def test_a_gap_names_its_likely_cause(mixture, codes):
    gap = mixture_gap(mixture, LINES, SUM, slack_g=3, bowls=BOWLS)
    assert [cause.code for cause in gap.causes] == codes
    assert gap.agrees is (not codes)


def test_the_forgotten_line_is_named():
    gap = mixture_gap(SUM + 61, LINES, SUM, slack_g=3)
    assert "walnuts" in gap.causes[0].says


@pytest.mark.parametrize(("grams", "too_much"), [(600, False), (900, True)])
def test_a_tin_is_filled_to_three_quarters(grams, too_much):
    fill = fill_of(grams, "loaf tin", 1000)
    assert fill.too_much is too_much
    assert fill.least <= fill.most
    assert (fill.fits_from_g, fill.fits_to_g) == pytest.approx((675, 825))


def test_bowl_by_bowl_dry_before_wet_and_what_is_made_for_another_bowl_first():
    lines = [
        BowlLine(1, "loaf", "vegetable"),
        BowlLine(2, "loaf", "flour"),
        BowlLine(3, "loaf", "other", of_component="frosting"),
        BowlLine(4, "loaf", "salt"),
        BowlLine(5, "frosting", "thick_yogurt"),
        BowlLine(6, "frosting", "sweetener"),
    ]
    assert suggested(lines) == [6, 5, 2, 4, 1, 3]
