"""The hands-free state machine: a stream of readings in, the same records every time."""

import random
from datetime import UTC, datetime

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from gasket.core.weighing.captures import capture_of
from gasket.core.weighing.hands_free import HOLD_S
from gasket.core.weighing.line_state import LineStatus
from gasket.core.weighing.pour import PourState
from gasket.core.weighing.records import Reading, ReadingOrigin, RecordKind
from gasket.core.weighing.taking import recorded
from gasket.core.weighing.task import ScaleAtHand, scale_for
from gasket.core.weighing.weigh_in import ToWeigh, replay
from gasket.scale.hands import pour_like_a_person
from gasket.scale.line_format import parse_line, print_line
from gasket.scale.pan import BowlOnScale
from gasket.scale.script import stream
from tests.core.player import Known, Player, play

BEGAN = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)
TICK_S = 0.1
PATIENCE_S = 40


def line(key, grams, bowl="bowl", **more):
    return ToWeigh(key, grams, bowl, **more)


class Table:
    """A simulated scale with the machine at it, and a person who listens to the beep."""

    def __init__(self, lines, seed=1, known=None, **pan):
        self.pan = BowlOnScale(random.Random(seed), **pan)
        self.player = Player(lines, BEGAN, known or Known())
        self.now, self.states, self.poured, self.heard = 0.0, [], {}, []

    def wait(self, seconds=TICK_S):
        for _ in range(round(seconds / TICK_S)):
            self.now += TICK_S
            reading = self.pan.advance(TICK_S)
            if reading is not None:
                self.heard.append((self.now, reading))
                self.states.append(self.player.show(self.now, reading).state)

    def until(self, happened):
        for _ in range(round(PATIENCE_S / TICK_S)):
            if happened():
                return
            self.wait()
        raise AssertionError(f"it never happened: {self.states[-5:]}")

    def do(self, act, amount=0.0, wait=4.0):
        self.pan.act(act, amount)
        self.wait(wait)
        return self.states[-1]

    def pour_current(self, dice):
        """Pour like a person; stop as soon as the line is taken."""
        self.until(lambda: self.player.state.tares)
        one = self.player.current
        before = self.pan.contents_g
        for hand in pour_like_a_person(one.target_g, dice):
            self.pan.act(hand.act, hand.grams)
            self.wait(hand.pause_s)
            if self.player.current is not one:
                break
        self.until(lambda: self.player.current is not one)
        self.pan.stop()
        self.poured[one.id] = self.pan.contents_g - before

    @property
    def nets(self):
        return {key: state.net_g for key, state in self.player.state.lines.items()}


TARGETS = st.lists(st.integers(22, 600), min_size=1, max_size=7)


@settings(max_examples=60)
@given(TARGETS, st.integers(0, 10_000), st.sampled_from([1.0, 0.1]))
def test_what_is_taken_is_what_was_poured_and_no_line_is_lost_or_doubled(targets, seed, division):
    lines = [line(key, grams) for key, grams in enumerate(targets, 1)]
    table = Table(lines, seed, division_g=division)
    dice = random.Random(seed)
    for _ in lines:
        table.pour_current(dice)
    taken = [record.line for record in table.player.records if record.kind is RecordKind.LINE]
    assert taken == [line.id for line in lines]
    for key, net in table.nets.items():
        assert net == pytest.approx(table.poured[key], abs=1.2 * division)
    whole = sum(table.nets.values())
    assert whole == pytest.approx(table.pan.contents_g, abs=1.2 * division)


@settings(max_examples=30)
@given(TARGETS, st.integers(0, 10_000), st.data())
def test_lifting_the_bowl_between_lines_changes_nothing(targets, seed, data):
    lines = [line(key, grams) for key, grams in enumerate(targets, 1)]
    table = Table(lines, seed)
    dice = random.Random(seed)
    for _ in lines:
        table.pour_current(dice)
        if data.draw(st.booleans()):
            assert table.do("lift") in (PourState.BOWL_OFF, PourState.WAITING, PourState.PLACE)
            table.do("put")
    assert sum(table.nets.values()) == pytest.approx(table.pan.contents_g, abs=1.2)
    assert {state.status for state in table.player.state.lines.values()} == {LineStatus.WEIGHED}


def test_the_same_stream_gives_the_same_records_also_from_a_file():
    lines = [line(1, 280), line(2, 45), line(3, 120)]
    steps = [("put", 0), ("person", 280), ("person", 45), ("lift", 0), ("put", 0), ("person", 120)]
    heard = list(stream(BowlOnScale(random.Random(3)), steps))
    first = play(lines, heard, BEGAN)
    spelled = [(at, parse_line(print_line(reading))) for at, reading in heard]
    assert play(lines, spelled, BEGAN) == first == play(lines, heard, BEGAN)
    assert [record.kind for record in first] == ["tare", "line", "line", "line"]
    assert replay(first, lines).open_lines == []


def test_the_bowl_is_tared_by_itself_and_the_first_pour_waits_for_it():
    table = Table([line(1, 280)])
    table.pan.act("lift")
    table.wait(2)
    assert table.states[-1] is PourState.PLACE
    assert table.do("put") is PourState.WAITING
    assert (table.player.records[0].kind, table.player.records[0].gross_g) == (RecordKind.TARE, 412)


@pytest.mark.parametrize(
    ("steps", "state", "taken"),
    [
        ([("scoop", 100)], PourState.POURING, 0),
        ([("scoop", 300)], PourState.OVER, 0),
        ([("scoop", 300), ("spill", 19)], PourState.WAITING, 1),
        ([("lift", 0)], PourState.BOWL_OFF, 0),
        ([("scoop", 5000)], PourState.OVERLOAD, 0),
        ([("noise", 3.0), ("scoop", 280)], None, 0),
    ],
)
def test_a_slip_is_named_and_nothing_is_taken_by_mistake(steps, state, taken):
    table = Table([line(1, 280), line(2, 30)])
    table.wait(2)
    for act, amount in steps:
        table.do(act, amount)
    if state is not None:
        assert table.states[-1] is state
    assert sum(record.kind is RecordKind.LINE for record in table.player.records) == taken


def test_a_scoop_that_overloads_the_scale_and_comes_out_again_leaves_no_trace():
    table = Table([line(1, 280)])
    table.wait(2)
    table.do("scoop", 4900)
    table.do("spill", 4620, wait=6)
    assert table.nets == {1: 280}


def test_what_lies_in_a_known_bowl_before_tare_is_seen_and_repaired():
    table = Table([line(1, 280)], known=Known(empty_g=(("bowl", 412.0),)))
    table.pan.act("scoop", 281)
    table.wait(2)
    assert PourState.PLACED_EARLY in table.states
    table.wait(2)
    assert table.player.records[0].origin is ReadingOrigin.VESSEL
    assert table.nets == {1: 281}


def test_an_unknown_load_on_a_known_bowl_waits_for_the_cook():
    table = Table([line(1, 280)], known=Known(empty_g=(("bowl", 412.0),)))
    table.pan.act("scoop", 90)
    table.wait(5)
    assert table.states[-1] is PourState.PLACED_EARLY
    assert table.player.records == []


def test_another_bowl_is_tared_when_it_has_been_put_on_and_not_before():
    table = Table([line(1, 280), line(2, 120, bowl="frosting"), line(3, 50, bowl="frosting")])
    table.wait(2)
    table.do("scoop", 280)
    table.do("lift")
    assert table.states[-1] is PourState.PLACE
    table.do("bowl", 250)
    table.do("scoop", 120)
    table.do("scoop", 50)
    assert table.nets == {1: 280, 2: 120, 3: 50}
    assert table.player.state.empty_bowls == {"bowl": 412, "frosting": 250}


def test_a_cook_who_pours_on_into_the_same_bowl_is_not_stopped():
    table = Table([line(1, 280), line(2, 120, bowl="frosting")])
    table.wait(2)
    table.do("scoop", 280)
    table.do("scoop", 121)
    assert table.nets == {1: 280, 2: 121}


def test_out_of_the_pack_may_be_lifted_on_the_way():
    table = Table([line(1, 40, way="out_of"), line(2, 120)])
    table.do("bowl", 900)
    table.do("lift")
    assert table.states[-1] is PourState.PACK_OFF
    table.pan.act("spill", 0)
    table.pan.bowl_g -= 41
    table.do("put")
    assert table.nets[1] == 41
    table.do("lift")
    table.do("bowl", 412)
    table.do("scoop", 120)
    assert table.nets == {1: 41, 2: 120}


def test_a_cup_that_comes_back_emptied_is_tared_again():
    table = Table([line(1, 30), line(2, 25)])
    table.wait(2)
    table.do("scoop", 30)
    table.do("lift")
    table.pan.contents_g = 0
    table.do("put")
    table.do("scoop", 25)
    assert table.nets == {1: 30, 2: 25}


@pytest.mark.parametrize("before_it_was_told", [True, False])
def test_what_was_only_estimated_is_tared_away_once_it_lies_in_the_bowl(before_it_was_told):
    table = Table([line(1, 280), line(2, 120), line(3, 60)])
    table.wait(2)
    table.do("scoop", 280)
    if before_it_was_told:
        table.do("scoop", 104)
    estimate = {"net_g": 120.0, "low_g": 100.0, "high_g": 140.0, "origin": ReadingOrigin.MEASURE}
    one = capture_of(id="by-measure", kind=RecordKind.LINE, line=2, bowl="bowl", **estimate)
    table.player.records.append(recorded(one, table.player.state, BEGAN))
    table.player.state = replay(table.player.records, table.player.lines)
    if not before_it_was_told:
        table.wait(1)
        assert table.states[-1] is PourState.TIP_IN
        table.do("scoop", 104)
    table.wait(2)
    table.do("scoop", 60)
    assert table.nets == {1: 280, 2: 120, 3: 60}


def test_a_creeping_display_is_no_pour():
    table = Table([line(1, 280), line(2, 30)])
    table.wait(2)
    table.do("drift", 8)
    table.wait(12)
    assert PourState.DRIFT in table.states
    table.do("drift", 0)
    table.do("scoop", 280)
    assert table.nets[1] == pytest.approx(280, abs=3)


def test_a_scale_that_creeps_below_its_tare_is_tared_again():
    table = Table([line(1, 280)])
    table.wait(2)
    table.do("drift", -6, wait=12)
    table.do("drift", 0)
    tares = [record for record in table.player.records if record.kind is RecordKind.TARE]
    assert len(tares) >= 2
    table.do("scoop", 280)
    assert table.nets[1] == pytest.approx(280, abs=2)


def test_a_gap_in_the_readings_changes_nothing():
    table = Table([line(1, 280), line(2, 60)])
    table.wait(2)
    table.do("scoop", 280)
    table.do("silence", 8, wait=12)
    table.do("scoop", 60)
    assert table.nets == {1: 280, 2: 60}


def test_a_scale_that_went_off_and_begins_from_zero_is_not_taken_for_a_lifted_bowl():
    table = Table([line(1, 280), line(2, 60)])
    table.wait(2)
    table.do("scoop", 280)
    table.do("auto_off", 3, wait=10)
    assert table.pan.off
    table.do("auto_off", 0)
    assert table.states[-1] is PourState.RESTARTED
    table.do("scoop", 60)
    assert table.nets == {1: 280, 2: None}, "its zero is unknown until the cook tares"


def test_lines_that_wait_for_the_cook_are_never_taken_by_themselves():
    table = Table([line(1, 280), line(2, 30)], known=Known(by_hand=frozenset({1})))
    table.do("scoop", 280, wait=10)
    assert table.player.records == []


def test_sticky_food_is_taken_when_it_has_dripped_out():
    table = Table([line(1, 300), line(2, 30)])
    table.wait(2)
    table.do("sticky", 300, wait=20)
    assert table.nets[1] == pytest.approx(300, abs=5)
    assert table.pan.contents_g == pytest.approx(300, abs=1e-6)


KITCHEN, POCKET = ScaleAtHand("kitchen", 1.0, 5000), ScaleAtHand("pocket", 0.1, 200)


@pytest.mark.parametrize(
    ("target", "chosen", "scales", "name"),
    [
        (280, None, [KITCHEN, POCKET], "kitchen"),
        (4, None, [KITCHEN, POCKET], "pocket"),
        (4, None, [KITCHEN], "kitchen"),
        (4, "kitchen", [KITCHEN, POCKET], "kitchen"),
        (4, "gone", [KITCHEN, POCKET], "pocket"),
        (280, None, [POCKET], "pocket"),
        (0, None, [POCKET, KITCHEN], "kitchen"),
        (280, None, [], None),
    ],
)
def test_a_line_is_weighed_on_the_scale_that_suits_it(target, chosen, scales, name):
    found = scale_for(target, chosen, scales)
    assert (found.name if found else None) == name


def test_a_pour_is_held_before_it_is_taken():
    player = Player([line(1, 100)], BEGAN)
    for tick in range(30):
        player.show(tick * 0.1, Reading(grams=400, stable=True, division_g=1))
    taken_at = None
    for tick in range(30, 60):
        player.show(tick * 0.1, Reading(grams=500, stable=True, division_g=1))
        if taken_at is None and player.state.lines[1].net_g is not None:
            taken_at = (tick - 30) * 0.1
    assert taken_at == pytest.approx(HOLD_S, abs=0.11)
