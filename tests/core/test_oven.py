"""How long it takes here: what the oven has taught, and what the size of the piece makes of it."""

import math
import random

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from gasket.core.cooking.cook_log import CookDeed, refusal, replay
from gasket.core.cooking.oven_memory import (
    LEAST_RATIO,
    MOST_RATIO,
    PRIOR,
    TimedBake,
    bakes_of,
    belief,
    estimate,
    estimates,
)
from gasket.core.cooking.sizing import BatchSize, sized
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step
from tests.core.test_cooking import at, record


def bakes(*ratios, vessel="tin", tool="oven", kind="bake", stated=20):
    about = {"tool": tool, "kind": kind, "vessel": vessel, "dish": "Loaf"}
    return [
        TimedBake(**about, stated_min=stated, actual_min=stated * r, at=at(i))
        for i, r in enumerate(ratios)
    ]


STEP = read_step("bake in the tin 175 C 16-18 min", "a")


def test_without_memory_the_stated_time_stands():
    guess = estimate(STEP, [])
    assert (guess.minutes, guess.ratio, guess.bakes) == (17, 1, ())
    assert guess.least_min < 16 < 18 < guess.most_min


def test_memory_moves_the_estimate_shrunk_and_narrows_it():
    once = estimate(STEP, bakes(30 / 17))
    often = estimate(STEP, bakes(*[30 / 17] * 6))
    assert 17 < once.minutes < often.minutes < 30.1  # stated 15-20 became 30 in one oven
    assert once.minutes == pytest.approx(17 * (30 / 17) ** (1 / (1 + (0.14 / 0.18) ** 2)), rel=1e-9)
    assert often.most_min / often.minutes < once.most_min / once.minutes
    assert len(often.bakes) == 6
    other = estimate(STEP, bakes(30 / 17, vessel="glass dish"))
    assert 17 < other.minutes < once.minutes
    assert estimate(STEP, bakes(2, tool="air fryer")).minutes == 17


@given(st.lists(st.floats(0.05, 20), max_size=20), st.booleans())
def test_memory_stays_within_reason_and_moves_towards_what_was_seen(ratios, measured):
    guess = estimate(STEP, bakes(*ratios), measured=measured)
    assert LEAST_RATIO <= guess.ratio <= MOST_RATIO
    assert guess.least_min <= guess.minutes <= guess.most_min
    assert guess.first_look_min < guess.minutes
    if ratios and min(ratios) > 1:
        assert guess.ratio > 1
    if ratios and max(ratios) < 1:
        assert guess.ratio == 1 if measured else guess.ratio < 1
    if measured:  # never shorter than stated, never looked at later than stated
        assert guess.minutes >= 17
        assert guess.least_min >= 17
        assert guess.first_look_min <= 0.8 * 17


def test_more_bakes_never_make_it_less_sure():
    reaches = [belief("tin", bakes(*[1.2] * n)).reach for n in range(6)]
    assert reaches == sorted(reaches, reverse=True)


@pytest.mark.parametrize(
    ("text", "told", "counts"),
    [
        ("bake in the tin 175 C 60 min", bakes(*[30 / 17] * 5, stated=17), 0),  # slow muffins
        ("bake in the tin 175 C 30 min", bakes(*[30 / 17] * 5, stated=17), 5),
        ("broil 3 min", bakes(2, stated=3), 0),
        ("broil 3 min", bakes(2, stated=3, kind="broil", vessel=""), 1),
        ("fry the patties 8 min", bakes(2, stated=9, tool="stove", kind="boil"), 0),
        ("bake in the tin 175 C 20 min", bakes(2, tool="air fryer"), 0),
    ],
)
def test_memory_goes_by_appliance_kind_of_heat_and_length(text, told, counts):
    guess = estimate(read_step(text, "a"), told)
    assert len(guess.bakes) == counts
    assert (guess.ratio == 1) == (counts == 0)


def test_the_first_look_never_comes_after_the_stated_end():
    slow = estimate(STEP, bakes(*[3.5] * 8))
    assert slow.minutes > 50
    assert slow.first_look_min == 16


@pytest.mark.parametrize("noise", [0.05, 0.12, 0.2])
@pytest.mark.parametrize("bias", [None, 0.5, 2.5])
def test_nineteen_of_twenty_fall_where_it_is_said(noise, bias):
    """Ovens of random or one fixed bias, as unsteady as `noise`, after 0 to 12 bakes."""
    dice = random.Random(7)
    inside = []
    for _ in range(1500):
        middle = dice.gauss(0, PRIOR) if bias is None else math.log(bias)
        seen = [math.exp(dice.gauss(middle, noise)) for _ in range(dice.choice([0, 1, 3, 6, 12]))]
        if bias is not None and len(seen) < 3:
            continue  # that such an oven is one cannot be known before
        known = belief("tin", bakes(*seen))
        inside.append(abs(dice.gauss(middle, noise) - known.mean) <= known.reach)
    assert sum(inside) / len(inside) >= 0.93


# Pieces, depth and rounds


@pytest.mark.parametrize(
    ("more", "grams", "pieces", "factor", "says"),
    [
        ({}, 600, 10, 1.0, ""),
        ({"for_piece_g": 60}, 600, 10, 1.0, ""),
        ({"for_piece_g": 60}, 620, 10, 1.0, ""),  # within the twentieth that nobody sees
        ({"for_piece_g": 60}, 1200, 10, 2**0.55, "pieces of 60 g: these weigh 120 g"),
        ({"for_piece_g": 60}, 300, 10, 0.5**0.55, "these weigh 30 g"),
        ({"for_piece_g": 60}, 0, 10, 1.0, ""),
        ({"for_whole_g": 700}, 1050, 8, 1.5**0.8, "700 g in one tin: there is 1050 g"),
        ({"at_a_time": 4}, 600, 10, 3.0, "3 rounds, 4 at a time"),
        ({"at_a_time": 4}, 600, 4, 1.0, ""),
        ({"at_a_time": 3, "ladle_g": 60}, 600, 2, 4.0, "4 rounds, 3 of 60 g at a time"),
        ({"at_a_time": 3, "ladle_g": 60}, 560, 2, 4.0, "4 rounds"),
        ({"at_a_time": 3, "ladle_g": 60}, 541, 2, 3.0, "3 rounds"),
        ({"for_piece_g": 1}, 9e6, 1, 4.0, "1 g"),
        ({"for_piece_g": 9e4}, 1, 1, 0.25, "90000 g"),
        ({"at_a_time": 1, "ladle_g": 1}, 9e6, 1, 100.0, "100 rounds"),
    ],
)
def test_a_stated_time_moves_with_what_is_cooked(more, grams, pieces, factor, says):
    step = Step(id="a", kind="bake", says="x", uses=("Dough",), **more)
    found = sized(step, BatchSize({"Dough": grams, "Icing": 500.0}, pieces))
    assert found.factor == pytest.approx(factor)
    assert says in found.says
    assert bool(found.says) == (factor != 1)


@pytest.mark.parametrize(("watts", "kind", "factor"), [(700, "microwave", 9 / 7), (700, "pan", 1)])
def test_a_microwave_of_another_power_takes_another_time(watts, kind, factor):
    step = Step(id="a", kind=kind, says="x")
    assert sized(step, BatchSize({}, 1), watts).factor == pytest.approx(factor)


def test_memory_is_of_the_oven_and_not_of_the_piece():
    step = STEP.model_copy(update={"for_piece_g": 60.0})
    twice = sized(step, BatchSize({"Dough": 1200.0}, 10))
    guess = estimate(step, bakes(1.0, 1.0, stated=17 * 2**0.55), size=twice)
    assert guess.minutes == pytest.approx(17 * 2**0.55)
    assert guess.first_look_min == pytest.approx(0.7 * guess.minutes)
    log = replay([record(1, "begin", 0), record(2, "done", 24)])
    (baked,) = bakes_of([step], log, "Loaf", {"a": twice})
    assert baked.ratio == pytest.approx(24 / (17 * 2**0.55))


def test_how_it_came_out_moves_what_the_oven_is_taken_for():
    def after(outcome):
        said = [record(3, "outcome", 21, note=outcome)] if outcome else []
        log = replay([record(1, "begin", 0), record(2, "done", 20), *said])
        return next(bakes_of([STEP], log, "Loaf"))

    assert [after(said).ratio for said in ("over", "", "right", "under")] == pytest.approx(
        [0.9 * 20 / 17, 20 / 17, 20 / 17, 1.1 * 20 / 17]
    )
    assert after("over").actual_min == 20
    assert "once it is done" in (refusal(deed("outcome", note="over"), replay([]), {"a": ""}) or "")
    with pytest.raises(ValidationError, match="Say how it came out"):
        deed("outcome", note="burnt")


def test_a_guess_counts_before_the_first_look():
    begun = [record(1, "begin", 0)]
    guess = deed("guess", minutes=25)
    assert refusal(guess, replay(begun), {"a": ""}) is None
    assert "Begin it first" in (refusal(guess, replay([]), {"a": ""}) or "")
    looked = replay([*begun, record(2, "look", 10)])
    assert "looked at" in (refusal(guess, looked, {"a": ""}) or "")
    said = [record(2, "guess", 1, minutes=30), record(3, "guess", 2, minutes=25)]
    done = replay([*begun, *said, record(4, "done", 20)])
    assert (done.of("a").guess_min, done.of("a").actual_min) == (25, 20)
    assert next(bakes_of([STEP], done, "Loaf")).ratio == pytest.approx(20 / 17)
    with pytest.raises(ValidationError, match="how many minutes"):
        deed("guess")


def deed(name, **more):
    return CookDeed(id="record-9", deed=name, step="a", **more)


def test_each_step_is_estimated_by_what_there_is_of_it():
    """Twice the pieces at a time for one step, the other as stated; only one ends by its core."""
    steps = [STEP, STEP.model_copy(update={"id": "b"})]
    twice = sized(STEP).model_copy(update={"factor": 2.0})
    found = estimates(steps, bakes(0.5, 0.5, 0.5), {"a"}, {"a": twice, "b": sized(STEP)})
    assert found["a"].minutes == pytest.approx(2 * 17)
    assert "core temperature" in found["a"].held
    assert found["b"].minutes < 17
    assert found["b"].held == ""


def test_a_wide_window_stays_as_wide_in_a_slow_oven():
    step = read_step("bake in the tin 175 C 10-60 min", "a")
    slow = estimate(step, bakes(1.5, 1.5, 1.5, stated=35))
    assert slow.ratio > 1.2
    assert slow.most_min >= 60 * slow.ratio - 1e-9
