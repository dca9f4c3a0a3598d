"""The weigh-in replayed from its records, and the judgement of a pour."""

from datetime import UTC, datetime

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from gasket.core.weighing import (
    HOLD_S,
    Capture,
    LineStatus,
    PourState,
    Reading,
    captures_itself,
    judge,
    recorded,
    refusal,
    replay,
    tolerance_g,
    wants_finer_scale,
)

NOW = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)
LINES = [11, 12, 13]


def capture(kind, gross=None, **more):
    number = more.pop("n", 0)
    return Capture(id=f"capture-{kind}-{number}", kind=kind, gross_g=gross, **more)


class Cook:
    """Keeps the records of a weigh-in the way the kitchen does."""

    def __init__(self):
        self.records = []

    @property
    def state(self):
        return replay(self.records, LINES)

    def do(self, kind, gross=None, **more):
        seen = {"tare_record": self.state.tare_record} if gross is not None else {}
        one = capture(kind, gross, n=len(self.records), **seen, **more)
        self.records.append(recorded(one, self.state, NOW))
        return self.records[-1]


def test_a_net_is_the_difference_of_two_readings_and_the_next_line_starts_there():
    cook = Cook()
    cook.do("tare", 412)
    assert cook.do("line", 532, line=11).net_g == 120
    assert cook.state.current == 12
    assert cook.do("line", 700, line=12).net_g == 168
    assert cook.state.tare_g == 700


def test_undo_takes_back_the_line_and_its_tare_and_keeps_every_record():
    cook = Cook()
    cook.do("tare", 412)
    taken = cook.do("line", 532, line=11)
    cook.do("undo", undoes=taken.id)
    state = cook.state
    assert state.lines[11].status is LineStatus.OPEN
    assert (state.tare_g, state.current) == (412, 11)
    assert len(cook.records) == 3


def test_a_later_record_corrects_a_line_and_a_skip_is_on_purpose():
    cook = Cook()
    cook.do("line", net_g=50, line=11, origin="hand")
    cook.do("line", net_g=55, line=11, origin="hand")
    cook.do("skip", line=12, origin="hand")
    state = cook.state
    assert state.lines[11].record.net_g == 55
    assert state.lines[12].status is LineStatus.SKIPPED
    assert state.open_lines == [13]


def test_the_cook_may_turn_to_any_line_and_returns_to_the_first_open_one():
    cook = Cook()
    cook.do("turn", line=13)
    assert cook.state.current == 13
    cook.do("line", net_g=5, line=13, origin="hand")
    assert cook.state.current == 11


def test_the_scales_own_tare_moves_its_zero():
    cook = Cook()
    cook.do("tare", 412)
    assert cook.do("line", 30, line=11, mode="net").net_g == 30


def test_portions_mixture_and_cooked_weight_are_records_too():
    cook = Cook()
    cook.do("mixture", net_g=1492, origin="hand")
    cook.do("portion", net_g=186, piece=1, origin="hand")
    cook.do("cooked", net_g=1350, origin="hand")
    state = cook.state
    assert (state.mixture.net_g, state.cooked.net_g) == (1492, 1350)
    assert state.portions[1].net_g == 186


@pytest.mark.parametrize(
    ("given_capture", "says"),
    [
        (capture("line", 500, line=99), "not part of this batch"),
        (capture("line", 500, line=11, stable=False), "not settled"),
        (capture("tare", 500, stable=False), "not settled"),
        (capture("line", 20, line=11, tare_record="capture-tare-0"), "bowl off"),
        (capture("line", 500, line=11), "from another page"),
    ],
)
def test_a_slip_is_refused_with_a_sentence(given_capture, says):
    cook = Cook()
    cook.do("tare", 412)
    assert says in refusal(given_capture, cook.state)


@pytest.mark.parametrize(
    "fields",
    [
        {"kind": "line", "gross_g": 5},
        {"kind": "line", "line": 1},
        {"kind": "line", "line": 1, "origin": "hand"},
        {"kind": "portion", "gross_g": 5},
        {"kind": "undo"},
        {"kind": "line", "line": 1, "net_g": -1, "origin": "hand"},
        {"kind": "line", "line": 1, "net_g": 5, "low_g": 6, "high_g": 7, "origin": "estimate"},
        {"kind": "line", "line": 1, "gross_g": float("nan")},
    ],
)
def test_a_capture_that_says_too_little_is_not_one(fields):
    with pytest.raises(ValidationError):
        Capture(id="capture-0", **fields)


POURS = st.lists(st.tuples(st.sampled_from(LINES), st.integers(1, 400)), min_size=1, max_size=12)


@given(POURS, st.integers(0, 2000))
def test_whatever_the_order_the_nets_are_what_was_poured(pours, bowl):
    cook = Cook()
    cook.do("tare", bowl)
    gross, last = bowl, {}
    for line, grams in pours:
        gross += grams
        cook.do("line", gross, line=line)
        last[line] = grams
    found = {key: one.record.net_g for key, one in cook.state.lines.items() if one.record}
    assert found == last


@given(POURS)
def test_undoing_everything_leaves_every_line_open(pours):
    cook = Cook()
    for line, grams in pours:
        cook.do("line", net_g=grams, line=line, origin="hand")
    for record in [*cook.records]:
        cook.do("undo", undoes=record.id)
    assert cook.state.open_lines == LINES


def reading(grams, stable=True, division=1.0, **more):
    return Reading(grams=grams, stable=stable, division_g=division, **more)


@pytest.mark.parametrize(
    ("shown", "state"),
    [
        (412, PourState.WAITING),
        (500, PourState.POURING),
        (559, PourState.POURING),
        (560, PourState.WITHIN),
        (564, PourState.WITHIN),
        (565, PourState.OVER),
        (0, PourState.BOWL_OFF),
    ],
)
def test_a_pour_of_150_is_judged_within_2(shown, state):
    assert judge(reading(shown), 150, 412).state is state


def test_overload_comes_before_everything():
    assert judge(reading(562, overload=True), 150, 412).state is PourState.OVERLOAD


@pytest.mark.parametrize(
    ("target", "division", "slack"), [(150, 1, 2), (10, 1, 1), (400, 1, 6), (10, 0.1, 0.1)]
)
def test_near_enough_is_15_in_1000_and_one_division_at_least(target, division, slack):
    assert tolerance_g(target, division) == slack


def test_only_a_steady_pour_within_tolerance_captures_itself():
    within = judge(reading(562), 150, 412)
    assert captures_itself(within, reading(562), HOLD_S)
    assert not captures_itself(within, reading(562), HOLD_S / 2)
    assert not captures_itself(within, reading(562, stable=False), HOLD_S)
    assert not captures_itself(judge(reading(500), 150, 412), reading(500), HOLD_S)


def test_small_lines_deserve_the_finer_scale():
    assert wants_finer_scale(12, 1)
    assert not wants_finer_scale(12, 0.1)
    assert not wants_finer_scale(20, 1)
