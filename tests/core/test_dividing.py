"""Dividing: ways, filling in one pass or two, cutting a pan, how far pieces differ, the yield."""

import random
import statistics

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from gasket.core.errors import FaultyInput
from gasket.core.reckoning.batch import Portions
from gasket.core.reckoning.dividing import Dividing, portions_of, ways
from gasket.core.reckoning.filling import (
    FIRST_PASS,
    FillingOfPiece,
    above_what_is_left,
    level_g,
    targets,
)
from gasket.core.reckoning.margin import Facts, Figure
from gasket.core.reckoning.pan_cut import PanCut, cut, factors
from gasket.core.reckoning.pieces import (
    BY_EYE,
    learned,
    relative_spread,
    spread_by_eye,
    spread_weighed,
)
from gasket.core.trade.yields import yield_of
from tests.batches import result


def test_1492_g_in_8_is_186_5_each_and_the_next_takes_what_is_left():
    first = targets(1492, 8, {}, two_pass=False, slack_g=1)
    assert (first.next_piece, first.by_piece[1]) == (1, 186.5)
    after = targets(1492, 8, {1: FillingOfPiece(200)}, two_pass=False, slack_g=1)
    assert (after.next_piece, after.by_piece[2]) == (2, pytest.approx((1492 - 200) / 7))


@given(
    st.floats(50, 5000),
    st.integers(1, 24),
    st.dictionaries(st.integers(1, 24), st.tuples(st.floats(0, 300), st.booleans())),
    st.booleans(),
)
def test_targets_never_share_out_more_than_there_is(whole, pieces, filled, two_pass):
    there = {n: FillingOfPiece(g, odd) for n, (g, odd) in filled.items() if n <= pieces}
    found = targets(whole, pieces, there, two_pass=two_pass, slack_g=1)
    left = max(0.0, whole - sum(one.grams for one in there.values()))
    poured = sum(found.by_piece.values())
    assert poured <= left + 1e-6
    assert all(grams >= 0 for grams in found.by_piece.values())
    if not two_pass and len(there) < pieces:
        assert poured == pytest.approx(left)
    assert all(not there[n].odd for n in found.by_piece if n in there)


@given(st.integers(0, 1000), st.integers(2, 16), st.floats(400, 3000))
def test_two_passes_end_level_and_use_everything(seed, pieces, whole):
    """A cook who pours off by a few per cent in the first pass ends with equal pieces."""
    hand, there = random.Random(seed), {}
    while (found := targets(whole, pieces, there, two_pass=True, slack_g=0.01)).next_piece:
        piece = found.next_piece
        poured = found.by_piece[piece]
        if found.topping_up:
            there[piece] = FillingOfPiece(there[piece].grams + poured)
        else:
            there[piece] = FillingOfPiece(poured * hand.uniform(0.95, 1.05))
    grams = [one.grams for one in there.values()]
    assert sum(grams) == pytest.approx(whole, abs=0.02 * pieces)
    assert max(grams) - min(grams) < 0.05
    assert min(grams) >= FIRST_PASS * 0.9 * whole / pieces


def test_water_finds_its_level_and_an_odd_piece_is_left_alone():
    assert level_g([100, 100, 130], 30) == 115
    assert level_g([100, 100, 130], 90) == 140
    assert level_g([], 50) == 0
    there = {1: FillingOfPiece(40, odd=True), 2: FillingOfPiece(90), 3: FillingOfPiece(95)}
    found = targets(240, 3, there, two_pass=True, slack_g=1)
    assert found.topping_up
    assert found.by_piece == {2: pytest.approx(10), 3: pytest.approx(5)}


def test_filling_at_a_fixed_weight_says_how_far_it_goes():
    # domain: 767.2 g scooped at 59 g is 13 pieces; 14 of them do not fit in 801.2
    assert Dividing(way="scoop", fill_g=59).made(767.2) == 13
    assert Dividing(way="scoop", fill_g=59).made(801.2) == 13
    assert Dividing(way="scoop", fill_g=80).made(500) == 6
    assert Dividing(way="scoop", fill_g=900).made(500) == 1


@pytest.mark.parametrize(
    ("dividing", "weighed", "expected"),
    [
        (Dividing(pieces=8), [], Portions(count=8)),
        (Dividing(pieces=6, serving_pieces=3), [], Portions(count=6, serving_pieces=3)),
        (
            Dividing(pieces=2),
            [90, 110],
            Portions(weights_g=(90, 110), weights_state="raw"),
        ),
        (Dividing(pieces=3), [90, 110], Portions(count=3)),  # not all are filled yet
        (Dividing(way="grams", serving_g=186), [], Portions(serving_g=186)),
        (
            Dividing(way="scoop", fill_g=59, serving_pieces=2),
            [],
            Portions(serving_g=118),
        ),
        (Dividing(way="cut", cut=PanCut(rows=3, columns=4)), [], Portions(count=12)),
    ],
)
def test_a_way_to_divide_is_reckoned_as_it_says(dividing, weighed, expected):
    assert portions_of(dividing, 767.2, weighed, "raw") == expected


@pytest.mark.parametrize(
    "wrong",
    [
        {"way": "scoop"},
        {"way": "grams"},
        {"way": "cut"},
        {"pieces": 0},
        {"serving_pieces": 0},
        {"way": "cut", "cut": {"rows": 50, "columns": 50}},
        {"way": "cut", "cut": {"diameter_cm": 26.0, "width_cm": 20.0, "wedges": 8}},
    ],
)
def test_a_way_that_says_too_little_is_refused(wrong):
    with pytest.raises(ValidationError):
        Dividing.model_validate(wrong)


def test_three_of_six_pieces_make_two_servings():
    whole = result(portions={"count": 6, "serving_pieces": 3})
    alone = result(portions={"count": 6})
    serving, piece = whole.serving, alone.serving
    assert serving.kcal.value == pytest.approx(3 * piece.kcal.value)
    assert serving.grams == pytest.approx(3 * piece.grams)
    assert whole.portions == alone.portions
    assert sum(line.kcal for line in whole.lines) == pytest.approx(serving.kcal.value)
    with pytest.raises(FaultyInput):
        result(portions={"count": 2, "serving_pieces": 3})


def test_296_kcal_cut_16_and_12_ways():
    batch_facts = Facts(kcal=Figure(296, (290, 302), (280, 310)))
    found = {way.pieces: way for way in ways(batch_facts, 480, (16, 12, 6, 12))}
    assert list(found) == [6, 12, 16]
    assert found[16].kcal.value == pytest.approx(18.5)
    assert found[12].kcal.value == pytest.approx(24.7, abs=0.04)
    assert found[12].kcal.likely == (pytest.approx(290 / 12), pytest.approx(302 / 12))
    assert found[16].protein_g is None
    assert found[6].grams == 80


@pytest.mark.parametrize(
    ("pan", "pieces", "corner", "edge", "middle"),
    [
        ({"rows": 3, "columns": 4}, 12, 4, 6, 2),
        ({"rows": 2, "columns": 3}, 6, 4, 2, 0),
        ({"rows": 1, "columns": 8}, 8, 2, 6, 0),
        ({"rows": 1, "columns": 1}, 1, 1, 0, 0),
        ({"rows": 4, "columns": 4}, 16, 4, 8, 4),
        ({"rows": 3, "columns": 4, "diameter_cm": 26}, 12, 0, 10, 2),
        ({"rows": 2, "columns": 2, "diameter_cm": 26}, 4, 0, 4, 0),
    ],
)
def test_corners_edges_and_middles_add_up(pan, pieces, corner, edge, middle):
    found = cut(PanCut(**pan))
    assert found.pieces == pieces == sum(found.places.values())
    assert found.places == {"corner": corner, "edge": edge, "middle": middle}
    assert found.area_cm2 is None  # nobody has said how large the pan is, or it is round


def test_the_size_of_a_piece_in_cm_and_inches():
    # 9 × 9 in pan, domain: 81 in²
    pan = cut(PanCut(length_cm=22.86, width_cm=22.86, rows=3, columns=3))
    assert (pan.across_in, pan.along_in) == (pytest.approx(3), pytest.approx(3))
    assert pan.area_cm2 == pytest.approx(81 * 2.54**2 / 9)
    # 10 in round, domain: 78.5 in²
    round_pan = cut(PanCut(diameter_cm=25.4, wedges=8))
    assert round_pan.area_cm2 * 8 == pytest.approx(78.5 * 2.54**2, rel=0.001)
    assert round_pan.places == {"wedge": 8}
    assert [factors(n) for n in (6, 8, 12, 16, 7)] == [(2, 3), (2, 4), (3, 4), (4, 4), (1, 7)]


def serving(kcal=200.0, grams=100.0):
    return result().serving.model_copy(
        update={"kcal": Figure(kcal, (kcal - 6, kcal + 6), (kcal - 12, kcal + 12)), "grams": grams}
    )


def test_a_piece_cut_by_eye_carries_the_habitual_spread_until_others_were_weighed():
    plain = spread_by_eye(serving(), 1, learned([]))
    assert (plain.relative, plain.pieces, plain.known) == (BY_EYE, 0, False)
    assert plain.grams == pytest.approx(12.5)
    assert plain.this_kcal[0] < 200 - 1.96 * 25 < 200 + 1.96 * 25 < plain.this_kcal[1]
    # Two-sided 95 %, with the serving's own margin beside it.
    assert plain.this_kcal[0] > 200 - 2.5 * 25
    steady_hand = learned([[100, 101, 99, 100]] * 8)
    assert steady_hand[0] < BY_EYE / 1.5
    assert steady_hand[1] == 32
    assert learned([[100, 0, 110], [0, 0], [90]])[1] == 3
    evened_out = spread_by_eye(serving(), 4, learned([]))
    assert evened_out.relative == pytest.approx(BY_EYE / 2)


def test_weighed_pieces_show_their_own_spread():
    portions = result(portions={"weights_g": [90.0, 100.0, 110.0]}).portions
    found = spread_weighed([90, 100, 110], portions)
    assert found.known
    assert found.relative == pytest.approx(0.1)
    assert (found.least_g, found.most_g) == (90, 110)
    assert found.this_kcal == (portions[0].kcal.value, portions[2].kcal.value)
    assert relative_spread([5]) == 0


@pytest.mark.parametrize(
    ("raw", "cooked", "family", "says"),
    [
        (1000, 900, "cake", ""),
        (1000, 700, "cake", "lost more"),
        (1000, 1100, "cake", "more cooked than raw"),
        (1000, 995, "patty", "lost less"),
        (1000, 700, None, ""),
    ],
)
def test_the_yield_is_judged_against_what_is_usual(raw, cooked, family, says):
    found = yield_of(raw, cooked, family)
    assert found.share == pytest.approx(cooked / raw)
    assert says in found.says
    assert bool(found.says) is bool(says)
    assert yield_of(0, 900, family) is None


def unevenness(seed, *, two_pass, whole_off):
    """Standard deviation of 8 pieces of 186.5 g, each poured with an error of 3 g; what is left in
    the end goes into the last."""
    dice = random.Random(seed)
    there = 8 * 186.5
    said = there * (1 + whole_off * dice.gauss(0, 1))
    filled = {}
    while there > 0.01:
        aim = targets(said, 8, filled, two_pass=two_pass, slack_g=2.0)
        if aim.next_piece is None:
            break
        held = filled[aim.next_piece].grams if aim.topping_up else 0.0
        poured = min(there, max(0.0, aim.by_piece[aim.next_piece] + dice.gauss(0, 3)))
        there -= poured
        filled[aim.next_piece] = FillingOfPiece(held + poured)
        if poured == 0.0:
            break
    grams = [filled[piece].grams if piece in filled else 0.0 for piece in range(1, 9)]
    grams[-1] += there
    return statistics.pstdev(grams)


@pytest.mark.parametrize(("whole_off", "better"), [(0.0, False), (0.05, True)])
def test_two_passes_help_where_the_whole_is_a_guess_and_only_there(whole_off, better):
    once, twice = (
        statistics.mean(unevenness(seed, two_pass=two, whole_off=whole_off) for seed in range(300))
        for two in (False, True)
    )
    assert (twice < once) is better


@pytest.mark.parametrize(
    ("piece", "net", "on_top", "fits"),
    [
        *((2, 300, False, True), (2, 330, False, False), (1, 500, False, True)),
        *((1, 300, True, True), (1, 330, True, False)),
    ],
)
def test_no_piece_comes_out_of_more_than_is_left(piece, net, on_top, fits):
    """500 g, of which 200 are in the first piece."""
    says = above_what_is_left(500, {1: FillingOfPiece(200)}, piece, net, on_top=on_top)
    assert (says is None) == fits
    assert fits or "300 g that are left of 500 g" in says
