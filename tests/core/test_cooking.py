"""Looks, oven memory, the log of a cook, safe to eat, keeping, stock."""

from datetime import UTC, date, datetime, timedelta
from itertools import pairwise

import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError

from gasket.core.cooking.cautions import cautions
from gasket.core.cooking.cook_log import CookDeed, CookRecord, StepStatus, refusal, replay
from gasket.core.cooking.keeping import eat_by, keeping, keeps_until
from gasket.core.cooking.looks import looks, next_look_min
from gasket.core.cooking.oven_memory import (
    left_min,
)
from gasket.core.cooking.safety import InTheBuild, asked_of, rule, satisfies
from gasket.core.cooking.serving import late_says
from gasket.core.cooking.step_text import read_step
from gasket.core.cooking.steps import Step
from gasket.core.cooking.stock import Lot, Move, StockMove, StockRecord, add_up, taken
from gasket.core.cooking.stock import refusal as stock_refusal

NOON = datetime(2026, 3, 1, 12, 0, tzinfo=UTC)


def of(kind):
    return Step(id="s", kind=kind, says="x")


def at(minutes: float) -> datetime:
    return NOON + timedelta(minutes=minutes)


# Looks


@pytest.mark.parametrize(
    ("kind", "estimate_min", "first"), [("bake", 17, 11.9), ("bake", 40, 28), ("broil", 1, 0.8)]
)
def test_the_first_look_is_at_60_to_80_percent_and_they_come_closer(kind, estimate_min, first):
    plan = looks(of(kind), estimate_min)
    assert plan[0] == pytest.approx(first)
    gaps = [b - a for a, b in pairwise(plan)]
    assert all(later <= earlier + 1e-3 for earlier, later in pairwise(gaps))
    assert max(gaps) <= 5
    assert min(gaps) >= (1 if kind == "bake" else 10 / 60) - 1e-3
    assert plan[-1] >= 1.5 * estimate_min


def test_only_cooking_is_looked_at_and_the_cooks_own_look_wins():
    assert looks(of("chill"), 60) == ()
    assert looks(of("bake"), 17, own_min=14)[0] == 14
    assert looks(of("bake"), 17, own_min=99)[0] == 17


def test_a_missed_look_stays_due_until_it_is_taken():
    plan = (10.0, 13.0, 14.0)
    assert next_look_min(plan, 5, None) == 10
    assert next_look_min(plan, 13.5, None) == 13  # the one at 10 is superseded
    assert next_look_min(plan, 13.6, 13.5) == 14
    assert next_look_min(plan, 20, 15) is None


# The log


def record(number, deed, minute, **more):
    more.setdefault("step", "a")
    return CookRecord(id=f"record-{number}", deed=deed, at=at(minute), **more)


def test_a_step_runs_is_looked_at_extended_and_done():
    log = replay(
        [
            record(1, "begin", 0),
            record(2, "look", 12, note="pale", oven_c=168),
            record(3, "extend", 17, minutes=1),
            record(4, "extend", 18, minutes=2),
        ]
    )
    state = log.of("a")
    assert state.status is StepStatus.GOING
    assert state.due_at(17) == at(20)
    assert state.looks[0].oven_c == 168
    assert state.next_look((11.9, 13.6, 14.7), at(13)) == at(13.6)
    done = replay([record(1, "begin", 0), record(5, "done", 21)]).of("a")
    assert (done.status, done.actual_min) == (StepStatus.DONE, 21)
    assert done.next_look((11.9,), at(22)) is None


def test_undo_takes_back_and_a_timer_is_known_by_its_record():
    log = replay(
        [
            record(1, "begin", 0),
            record(2, "done", 5),
            record(3, "undo", 6, step=None, undoes="record-2"),
            record(4, "timer", 7, step=None, minutes=3, note="Eggs"),
            record(5, "extend", 8, step="record-4", minutes=1),
        ]
    )
    assert log.of("a").status is StepStatus.GOING
    asked, state = log.timers["record-4"]
    assert (asked.note, state.extra_min) == ("Eggs", 1)


@pytest.mark.parametrize(
    ("deed", "why"),
    [
        ({"deed": "begin", "step": "z"}, "not part of this cook"),
        ({"deed": "begin", "step": "a"}, "begun already"),
        ({"deed": "look", "step": "b"}, "Begin it first"),
        ({"deed": "done", "step": "a"}, None),
    ],
)
def test_a_deed_that_makes_no_sense_is_a_sentence(deed, why):
    log = replay([record(1, "begin", 0)])
    said = refusal(CookDeed(id="deed-0001", **deed), log, {"a": "A", "b": "B"})
    assert (said is None) if why is None else (why in said)


@pytest.mark.parametrize(
    "deed",
    [
        {"deed": "begin"},
        {"deed": "extend", "step": "a"},
        {"deed": "temperature", "step": "a"},
        {"deed": "pass", "step": "a", "note": "  "},
        {"deed": "skip", "step": "a"},
        {"deed": "timer"},
        {"deed": "undo"},
    ],
)
def test_a_deed_says_what_it_needs(deed):
    with pytest.raises(ValidationError):
        CookDeed(id="deed-0001", **deed)


# Safe to eat: USDA FSIS chart and UK FSA advice, figures from memory


def food(kind, component="Dish", **more):
    return InTheBuild(kind, kind, component, **more)


BAKE = read_step("bake 200 C 20 min", "bake")


@pytest.mark.parametrize(
    ("foods", "family", "reason", "degrees"),
    [
        ([food("poultry")], "sandwich", "poultry", 74),
        ([food("poultry_mince")], "sandwich", "poultry", 74),
        ([food("mince")], "tray", "ground", 71.1),
        ([food("meat")], "tray", "whole_cut", 63),
        ([food("fish")], "tray", "fish", 63),
        ([food("egg")], "custard", "set_egg", 71.1),
        ([food("egg_white")], "tray", "set_egg", 71.1),
        ([food("poultry", state="cooked")], "tray", "reheated", 74),
        ([food("fish"), food("mince")], "tray", "ground", 71.1),  # the strictest of all
        ([food("egg"), food("flour")], "cake", None, None),
        ([food("flour")], "tray", None, None),
    ],
)
def test_what_asks_for_a_measured_core_temperature(foods, family, reason, degrees):
    found = asked_of([BAKE], foods, family, "us")
    if reason is None:
        assert found == {}
    else:
        assert found["bake"].reason == reason
        assert found["bake"].enough[0].temperature_c == degrees
        assert found["bake"].source == "us-core"


def test_the_last_cooking_step_of_the_component_asks():
    brown = read_step("fry the mince 8 min", "brown").model_copy(update={"uses": ("Sauce",)})
    top = read_step("broil 1 min", "top").model_copy(update={"uses": ("Cheese",)})
    foods = [food("mince", "Sauce"), food("cheese", "Cheese")]
    assert list(asked_of([brown, top], foods, "tray", "us")) == ["brown"]
    whole = BAKE.model_copy(update={"uses": ("Sauce", "Cheese")})
    assert list(asked_of([brown, whole, top], foods, "tray", "us")) == ["bake"]
    toast = read_step("toast the bun 2 min", "toast")
    breast = read_step("bake 200 C 20 min", "breast").model_copy(update={"uses": ("Chicken",)})
    asked = asked_of([breast, toast], [food("poultry", "Chicken")], "sandwich", "us")
    assert list(asked) == ["breast"]  # not of the last step of all, which cooks something else
    assert asked_of([read_step("chill 2 h", "c")], foods, "tray", "us") == {}


@pytest.mark.parametrize(
    ("school", "reason", "degrees", "held", "enough"),
    [
        ("us", "poultry", 74, 0, True),
        ("us", "poultry", 73.7, 600, False),
        ("us", "poultry", (165 - 32) / 1.8, 0, True),
        ("us", "poultry", (164 - 32) / 1.8, 0, False),
        ("us", "whole_cut", (145 - 32) / 1.8, 0, True),
        ("us", "whole_cut", (144 - 32) / 1.8, 0, False),
        ("us", "ground", (160 - 32) / 1.8, 0, True),
        ("us", "ground", (159 - 32) / 1.8, 0, False),
        ("us", "ground", 71.1, 0, True),
        ("us", "fish", 63, 0, True),
        ("uk", "poultry", 75, 30, True),
        ("uk", "poultry", 75, 0, False),
        ("uk", "fish", 70, 120, True),
        ("uk", "fish", 70, 60, False),
        ("uk", "fish", 69, 600, False),
    ],
)
def test_a_measured_temperature_is_enough_by_the_schools_rule(
    school, reason, degrees, held, enough
):
    assert satisfies(rule(reason, school), degrees, held) is enough


def test_cautions_name_what_is_raw_and_what_is_hot():
    codes = {caution.code for caution in cautions([], [food("poultry"), food("egg")], "pot")}
    assert codes == {"uncooked", "raw_egg"}
    baked = cautions([BAKE], [food("egg"), food("flour")], "cake")
    assert [one.says for one in baked] == ["Raw egg and raw flour: taste it baked, not as batter."]
    bath = read_step("bake in a water bath in the cast-iron pan 150 C 40 min", "a")
    assert {caution.code for caution in cautions([bath], [], None)} == {"water_bath", "cast_iron"}
    assert cautions([], [food("fruit")], "no_bake") == ()
    assert [caution.code for caution in cautions([], [food("egg")], "cake")] == ["raw_batter"]


# Keeping


@pytest.mark.parametrize(
    ("family", "kinds", "school", "days"),
    [
        ("tray", [], "us", 3),
        ("tray", [], "uk", 2),
        ("tray", ["rice"], "uk", 1),
        ("cake", [], "us", 3),  # habit says 4 to 5: the earlier counts
        ("cake", [], "uk", 2),
    ],
)
def test_the_date_is_the_earlier_of_advice_and_habit(family, kinds, school, days):
    advice = keeping(family, kinds)
    fridge = {
        keep.says: (keep.least_days, keep.most_days) for keep in advice if keep.place == "fridge"
    }
    habit = {"habit": (4, 5)} if family == "cake" else {}
    uk = (1, 1) if "rice" in kinds else (2, 2)
    assert fridge == {"us": (3, 4), "uk": uk, **habit}  # both schools are shown
    assert keeps_until("fridge", date(2026, 3, 1), advice, school) == date(2026, 3, 1 + days)
    assert keeps_until("freezer", date(2026, 3, 1), advice, school) == date(2026, 5, 30)


def test_days_in_the_freezer_add_up_too():
    advice = keeping("tray", [])
    months = timedelta(days=90)
    fresh = Lot("freezer", 1.0, NOON)
    assert eat_by(fresh, advice, "us") == NOON + months
    again = Lot("freezer", 1.0, NOON, frozen=timedelta(days=20))
    assert eat_by(again, advice, "us") == NOON + months - timedelta(days=20)
    spent = Lot("fridge", 1.0, NOON, cold=timedelta(days=9))
    assert eat_by(spent, advice, "us") == NOON


@pytest.mark.parametrize(("whole", "elapsed", "left"), [(40, 10, 30), (40, 41, 6), (4, 9, 1)])
def test_what_is_past_its_end_takes_a_little_longer(whole, elapsed, left):
    assert left_min(whole, elapsed) == pytest.approx(left)


# Stock


def move(number, what, amount, day=0, **more):
    return StockRecord(
        id=f"move-{number:04}", move=what, amount=amount, at=NOON + timedelta(days=day), **more
    )


def test_the_oldest_lot_goes_first():
    stock = add_up(
        [
            move(1, "put", 4, 0),
            move(2, "put", 2, 1),
            move(3, "eaten", 3, 1),
            move(4, "put", 2, 0, place="freezer"),
            move(5, "moved", 1, 5, place="freezer", to="fridge"),
        ]
    )
    assert [(lot.place, lot.amount, lot.since.day) for lot in stock.lots] == [
        ("fridge", 1, 1),
        ("fridge", 2, 2),
        ("freezer", 1, 1),
        ("fridge", 1, 6),
    ]
    assert stock.accounted == 8


@given(
    st.lists(
        st.tuples(
            st.sampled_from(["put", "eaten", "given", "binned", "moved"]),
            st.sampled_from(["fridge", "freezer"]),
            st.floats(0.25, 5),
        ),
        max_size=30,
    )
)
def test_nothing_appears_or_vanishes(moves):
    """What was made is put away, gone or not accounted for: never more, never less."""
    made, put, records = 12.0, 0.0, []
    for i, (what, place, amount) in enumerate(moves):
        to = {"fridge": "freezer", "freezer": "fridge"}[place] if what == "moved" else None
        asked = StockMove(id=f"move-{i:04}", move=what, amount=amount, place=place, to=to)
        if stock_refusal(asked, add_up(records), made) is None:
            records.append(StockRecord(**asked.model_dump(), at=at(i)))
            put += amount if what == "put" else 0.0
        stock = add_up(records)
        assert stock.accounted == pytest.approx(put)
        assert put <= made + 1e-6
        assert all(lot.amount > 0 for lot in stock.lots)


def test_more_than_there_is_is_a_sentence_and_undo_brings_it_back():
    put = move(1, "put", 4)
    too_much = StockMove(id="move-0002", move="eaten", amount=5)
    assert stock_refusal(too_much, add_up([put]), 4) == "Only 4 servings are there to take."
    again = StockMove(id="move-0003", move="put", amount=1)
    says = "Of this batch only 0 servings are not put away yet."
    assert stock_refusal(again, add_up([put]), 4) == says
    assert stock_refusal(again, add_up([move(1, "put", 5)]), 4) == says  # never less than none
    undo = StockRecord(id="move-0004", move="undo", undoes="move-0001", at=at(5))
    assert add_up([put, undo]).lots == []
    assert add_up([put]).gone == {}
    assert add_up([put, move(5, "given", 1)]).gone == {Move.GIVEN: 1}


@pytest.mark.parametrize(
    ("typed", "serving_g", "there", "comes_to"),
    [
        (0.5, None, 4, 0.5),
        (143, 186.5, 4, 143 / 186.5),
        (746, 186.5, 4, 4),
        (745, 186.5, 4, 4),
        (800, 186.5, 4, 800 / 186.5),
        (84, None, 84, 84),
    ],
)
def test_as_good_as_all_that_is_there_is_all_of_it(typed, serving_g, there, comes_to):
    assert taken(typed, serving_g, there) == pytest.approx(comes_to)


@pytest.mark.parametrize(
    ("reason", "us_c", "rest_min"),
    [
        # USDA FSIS safe minimum internal temperatures: 165, 160 and 145 °F.
        *(("poultry", 74, 0), ("reheated", 74, 0), ("ground", 71.1, 0), ("game", 71.1, 0)),
        *(("set_egg", 71.1, 0), ("whole_cut", 63, 3), ("fish", 63, 0)),
    ],
)
def test_a_core_temperature_is_that_of_its_school(reason, us_c, rest_min):
    us, uk = rule(reason, "us"), rule(reason, "uk")
    assert ([one.temperature_c for one in us.enough], us.rest_min) == ([us_c], rest_min)
    assert {(one.temperature_c, one.seconds) for one in uk.enough} == {(75, 30), (70, 120)}


def test_what_goes_soft_is_put_on_last():
    assert late_says("baked_cup", ()).startswith("Fill it just before")
    assert late_says(None, ("Frosting",)) == ""
