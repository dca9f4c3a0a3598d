"""Claims against each other: the check values of the trade (common practice), repairs, text."""

import contextlib
import time
from typing import get_args

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.claim_check.check import check_claims
from gasket.core.claim_check.figures import (
    FIGURES,
    Claim,
    ClaimFigure,
    ClaimSheet,
    Figures,
    name_of,
)
from gasket.core.errors import FaultyInput
from gasket.formats.claim_text import parse_claims


def figures(kcal=None, protein=None, carbohydrate=None, fat=None, **more):
    named = {"kcal": kcal, "protein_g": protein, "carbohydrate_g": carbohydrate, "fat_g": fat}
    known = {name: float(value) for name, value in named.items() if value is not None}
    return Figures(**known, **more)


def claim(*serving, servings=None, batch=None, name="", **more):
    whole = figures(*batch) if batch else Figures()
    return Claim(name=name, serving=figures(*serving, **more), servings=servings, batch=whole)


def report(*claims, relation="apart"):
    return check_claims(ClaimSheet(claims=claims, relation=relation))


@pytest.mark.parametrize(
    ("serving", "verdict", "makes"),
    [
        ((286, 28, 35, 4), "agrees", 288),
        ((444, 54, 48, 4), "agrees", 444),
        ((636, 88, 35, 16), "agrees", 636),
        ((552, 55, 40, 24), "disagrees", 596),
        ((650, 9, 104, 22), "agrees", 650),
        ((292, 19, 49, 4), "agrees with fibre", 308),
        ((248, 24, 3, 14), "disagrees", 234),
        ((295, 23, 45, 2), "agrees", 290),
        ((242, 35, 7, 8), "agrees", 240),
        ((337, 54, 13, 8), "agrees", 340),
        ((159, 22, 9, 4), "agrees", 160),
    ],
)
def test_kcal_against_macros(serving, verdict, makes):
    found = report(claim(*serving))
    assert found.verdict == verdict
    assert found.checks[0].reckoned == pytest.approx(makes)


def test_every_single_repair_of_a_faulty_claim_is_offered_and_the_smallest_is_suspected():
    found = report(claim(552, 55, 40, 24))
    repairs = {repair.figure: repair.should_be for repair in found.repairs}
    assert repairs == pytest.approx(
        {"kcal": 596, "protein_g": 44, "carbohydrate_g": 29, "fat_g": 24 - 44 / 9}
    )
    assert found.suspect.figure == "kcal"
    assert "off by 44 (8%)" in found.checks[0].says
    assert any("What is included" in question for question in found.questions)


def test_carbohydrate_that_would_repair_a_claim():
    found = report(claim(248, 24, 3, 14))
    assert {r.figure: r.should_be for r in found.repairs}["carbohydrate_g"] == pytest.approx(6.5)


def test_two_ways_of_cutting_one_pan_agree_in_kcal_and_not_in_protein():
    found = report(claim(407, 37, servings=8), claim(543, 52, servings=6), relation="same_pan")
    assert [check.agrees for check in found.checks] == [True, False]
    assert (found.suspect.figure, found.suspect.claim) == ("protein_g", 0)
    assert found.suspect.should_be == pytest.approx(39)


def test_servings_against_the_batch_for_every_figure_names_the_one_that_is_off():
    found = report(claim(200, 20, 10, 9, servings=8, batch=(1600, 160, 90, 72)))
    off = [check.figure for check in found.checks if not check.agrees and check.kind == "servings"]
    assert off == ["carbohydrate_g"]
    assert (found.suspect.part, found.suspect.figure) == ("batch", "carbohydrate_g")
    assert found.suspect.should_be == pytest.approx(80)


def test_a_wrong_number_of_servings_is_named_when_all_figures_are_off_alike():
    found = report(claim(200, 20, 10, 9, servings=6, batch=(1600, 160, 80, 72)))
    assert (found.suspect.figure, found.suspect.should_be) == ("servings", 8)


def test_claims_on_one_base_must_differ_by_a_finish_that_makes_sense():
    plain, savoury, sweet = claim(242, 35, 7, 8), claim(337, 54, 13, 8), claim(552, 55, 40, 24)
    found = report(plain, savoury, sweet, relation="same_base")
    finishes = {check.claims[1]: check.agrees for check in found.checks if check.kind == "finish"}
    assert finishes == {1: True, 2: False}
    assert found.suspect.claim == 2


def test_how_many_of_mine_for_one_of_theirs():
    theirs, mine = claim(1600, grams=900.0), claim(636, 88, 35, 16, grams=450.0)
    times = {ratio.figure: ratio.times for ratio in report(theirs, mine).ratios}
    assert times == pytest.approx({"kcal": 1600 / 636, "grams": 2})


def test_two_faults_at_once_are_not_blamed_on_one_figure():
    found = report(claim(300, 20, 10, 9, servings=8, batch=(1600, 160, 200, 72)))
    assert found.verdict == "disagrees"
    assert "no single change" in found.says
    assert found.repairs[0].leaves > 0


def test_a_claim_with_too_little_in_it_asks_for_more():
    assert report(claim(500)).verdict == "too little"
    assert report(Claim()).checks == ()


amounts = st.integers(0, 150)


@given(amounts, amounts, amounts, st.integers(2, 24))
def test_figures_that_were_reckoned_right_never_fail(protein, carbohydrate, fat, servings):
    one = (4 * protein + 4 * carbohydrate + 9 * fat, protein, carbohydrate, fat)
    whole = tuple(servings * value for value in one)
    assert report(claim(*one, servings=float(servings), batch=whole)).verdict in (
        "agrees",
        "too little",
    )


@given(amounts, amounts, amounts, st.integers(60, 400))
def test_every_offered_repair_does_reconcile(protein, carbohydrate, fat, off):
    kcal = 4 * protein + 4 * carbohydrate + 9 * fat + off
    found = report(claim(kcal, protein, carbohydrate, fat))
    assert found.verdict == "disagrees"
    assert "kcal" in {repair.figure for repair in found.repairs}
    for repair in found.repairs:
        serving = {
            **{"kcal": float(kcal), "protein_g": float(protein)},
            **{"carbohydrate_g": float(carbohydrate), "fat_g": float(fat)},
            repair.figure: repair.should_be,
        }
        assert report(Claim(serving=Figures(**serving))).verdict == "agrees"


TEXTS = {
    "552 kcal, 55 P / 40 C / 24 F": [claim(552, 55, 40, 24)],
    "552 kcal with P 55 C 40 F 24": [claim(552, 55, 40, 24)],
    "24F 40C 55P 552cal": [claim(552, 55, 40, 24)],
    "552 calories\n55g protein\n40g carbs\n24g fat\nserves 8": [claim(552, 55, 40, 24, servings=8)],
    "kcal: 286, protein: 28, carbs: 35, fat: 4": [claim(286, 28, 35, 4)],
    "407 kcal 37 g protein, makes 8\n\n543 kcal, 52 g protein, cut into 6": [
        claim(407, 37, servings=8),
        claim(543, 52, servings=6),
    ],
    "Plain: 242 kcal, 35/7/8\nSweet: 552 kcal 55/40/24": [
        claim(242, 35, 7, 8, name="Plain"),
        claim(552, 55, 40, 24, name="Sweet"),
    ],
    "Per serving: 200 kcal, 20 g protein\nMakes 8\nWhole pan: 1,600 kcal, 160 g protein": [
        claim(200, 20, servings=8, batch=(1600, 160))
    ],
    "150 kcal, 186 g each": [claim(150, grams=186.0)],
}


TEXTS |= {
    "19.5 kcal per piece if 12, 234 for the batch": [claim(19.5, servings=12, batch=[234])],
    "245 calories, 20 g protein per serving, 8 servings, 1970 total": [
        claim(245, 20, servings=8, batch=[1970])
    ],
    "3 cookies = 243 kcal": [claim(servings=3, batch=[243])],
    "1.970 kcal per batch, 246 per serving": [claim(246, batch=[1970])],
    "415 kcal, 41 P / 30 C / 12 F, makes 6, whole pan 2,490": [
        claim(415, 41, 30, 12, servings=6, batch=[2490])
    ],
}


@pytest.mark.parametrize("text", TEXTS)
def test_claims_are_read_out_of_words(text):
    assert list(parse_claims(text)) == TEXTS[text]


@pytest.mark.parametrize("text", ["", "lovely and light", "x" * 5000])
def test_words_without_figures_are_refused(text):
    with pytest.raises(FaultyInput):
        parse_claims(text)


@pytest.mark.parametrize("text", ["0" * 4000, "5" + " " * 3990 + "kcal", "1," * 2000, "1/" * 2000])
def test_a_long_run_of_digits_or_spaces_is_read_in_a_moment(text):
    began = time.process_time()
    with contextlib.suppress(FaultyInput):
        parse_claims(text)
    assert time.process_time() - began < 2


@pytest.mark.parametrize(
    ("text", "kcal", "servings"),
    [
        ("410 kcal, 40 P\n300 kcal, 20 P", [410, 300], [None, None]),
        ("4 servings, 170 each", [170], [4]),
        ("whole batch 330 kcal, 15 pieces", [None], [15]),
    ],
)
def test_each_line_with_kcal_of_a_serving_is_a_claim(text, kcal, servings):
    claims = parse_claims(text)
    assert [claim.serving.kcal for claim in claims] == kcal
    assert [claim.servings for claim in claims] == servings


def test_a_whole_batch_and_its_pieces_say_what_a_piece_has():
    sheet = ClaimSheet(claims=parse_claims("whole batch 330 kcal, 15 pieces"))
    assert "22 kcal each" in check_claims(sheet).says


def test_every_figure_that_can_be_claimed_is_checked_under_its_name():
    assert set(FIGURES) == set(get_args(ClaimFigure))
    named = ClaimSheet(claims=(Claim(name="Pie", serving=Figures(kcal=100, fat_g=20)), Claim()))
    assert (name_of(named, 0), name_of(named, 1)) == ("Pie", "claim 2")
