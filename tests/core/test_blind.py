"""Blind tests: exact p, what so few could show, balanced plans. ISO 4120 and ISO 5495 (the
critical values from memory)."""

import random
from collections import Counter

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy import stats

from gasket.core.tasting.blind import (
    MOST_SEATS,
    ORDERS,
    needed,
    p_value,
    prospect,
    result,
    serving_plan,
    smallest_shown,
)

KINDS = st.sampled_from(["triangle", "preference"])


@pytest.mark.parametrize(("of", "least"), [(6, 5), (12, 8), (24, 13), (3, 3), (2, None), (1, None)])
def test_the_published_critical_values_of_the_triangle_test(of, least):
    assert needed("triangle", of) == least


@given(KINDS, st.integers(1, MOST_SEATS), st.data())
def test_p_is_the_exact_binomial(kind, of, data):
    hits = data.draw(st.integers(0, of))
    chance, sides = {"triangle": (1 / 3, "greater"), "preference": (0.5, "two-sided")}[kind]
    expected = stats.binomtest(hits, of, chance, alternative=sides).pvalue
    assert p_value(kind, hits, of) == pytest.approx(expected)


@pytest.mark.parametrize("kind", ["triangle", "preference"])
@pytest.mark.parametrize("of", [6, 10, 24, 60])
def test_the_smallest_difference_shows_in_8_of_10(kind, of):
    """Power by simulation of people who can tell (or prefer) as often as said."""
    share, least = smallest_shown(kind, of), needed(kind, of)
    hit = share + (1 - share) / 3 if kind == "triangle" else share
    hits = stats.binom(of, hit).rvs(20_000, random_state=1)
    shown = hits >= least
    if kind == "preference":
        shown |= hits <= of - least
    assert shown.mean() == pytest.approx(0.8, abs=0.012)


def test_too_few_are_told_so_before_it_starts():
    assert prospect("triangle", 2).needed is None
    assert "can show nothing" in prospect("triangle", 2).says
    assert "can show nothing" in prospect("preference", 5).says
    assert "8 of 12 must find the odd one" in prospect("triangle", 12).says
    assert needed("preference", 6) == 6


@given(KINDS, st.integers(1, MOST_SEATS), st.integers())
def test_a_plan_is_balanced_and_every_code_stands_once(kind, seats, seed):
    plan = serving_plan(kind, seats, random.Random(seed).randrange)
    orders = Counter("".join(cup.sample for cup in seat.cups) for seat in plan)
    counts = [orders[order] for order in ORDERS[kind]]
    assert sum(counts) == seats
    assert max(counts) - min(counts) <= 1
    codes = [cup.code for seat in plan for cup in seat.cups]
    assert len(set(codes)) == len(codes)
    assert all(100 <= code <= 999 for code in codes)
    assert [seat.number for seat in plan] == list(range(1, seats + 1))


def test_chance_decides_the_order():
    plans = {str(serving_plan("triangle", 6, random.Random(seed).randrange)) for seed in range(9)}
    assert len(plans) == 9


NAMES = ("With oil", "Without")


def answers(kind, seats, hits):
    plan = serving_plan(kind, seats, random.Random(1).randrange)
    chosen = {}
    for seat in plan:
        is_hit = seat.number <= hits
        right = seat.odd if kind == "triangle" else seat.cups[0].code
        if kind == "preference":
            right = next(cup.code for cup in seat.cups if cup.sample == "A")
        wrong = next(cup.code for cup in seat.cups if cup.code != right)
        chosen[seat.number] = right if is_hit else wrong
    return result(kind, plan, chosen, NAMES)


@pytest.mark.parametrize(
    ("kind", "hits", "shown", "says"),
    [
        ("triangle", 7, True, "7 of 10 found the odd one (p = 0.020). With oil and Without taste"),
        ("triangle", 6, False, "That could be chance"),
        ("preference", 9, True, "9 of 10 prefer With oil (p = 0.021). That’s a real preference."),
        ("preference", 1, True, "9 of 10 prefer Without"),
        ("preference", 6, False, "6 of 10 prefer With oil (p = 0.75). That could be chance"),
    ],
)
def test_the_result_in_a_sentence(kind, hits, shown, says):
    found = answers(kind, 10, hits)
    assert (found.answers, found.hits, found.is_shown) == (10, hits, shown)
    assert says in found.says


def test_nobody_answered():
    plan = serving_plan("triangle", 3, random.Random(1).randrange)
    found = result("triangle", plan, {}, NAMES)
    assert (found.p, found.is_shown, found.says) == (1.0, False, "Nobody has answered.")
    assert result("triangle", plan, {99: 100}, NAMES).answers == 0
