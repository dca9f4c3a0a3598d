"""What holds whatever the figures: laws of sizing, weighing, order and reading."""

from datetime import UTC, datetime

import pytest
from hypothesis import assume, given, settings
from hypothesis import strategies as st

from gasket.core.entry.grammar import parse_entry
from gasket.core.entry.readings import CONFLICT, FoodBackground
from gasket.core.entry.words import NUMBER_WORDS
from gasket.core.entry.work_out import work_out
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.rebuild.resizing import Scaling, out_of_step, scale
from gasket.core.weighing.hands_free import HOLD_S
from gasket.core.weighing.order import BowlLine, suggested, wetness
from gasket.core.weighing.records import Reading, RecordKind
from gasket.core.weighing.weigh_in import ToWeigh, replay
from tests.core.builds import FIGURES, workpiece
from tests.core.player import Player
from tests.core.test_weighing import Cook

NOW = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)

# Sizing

GRAMS = st.integers(5, 900).map(float)
BOWLS = st.dictionaries(st.sampled_from(sorted(FIGURES)), GRAMS, min_size=1, max_size=8)


def step_of(grams):
    """What the scale of the kitchen tells apart at such a weight."""
    return 0.01 if grams < 5 else 0.1 if grams < 50 else 1.0


@given(BOWLS, st.integers(1, 12), st.floats(0.2, 6), st.integers(1, 30), st.data())
def test_a_build_is_scaled_by_one_factor_however_it_is_asked_for(bowl, made, factor, wanted, data):
    piece = workpiece(bowl, made)
    packed = data.draw(st.sampled_from(sorted(bowl)))
    line = next(one for one in piece.lines() if one.line.id.endswith(packed))
    for asked, by, portions in (
        ({"by": "factor", "factor": factor}, factor, max(1, round(made * factor))),
        ({"by": "portions", "portions": wanted}, wanted / made, wanted),
        (
            {"by": "pack", "line_id": line.line.id, "pack_g": line.grams * factor},
            *(factor, max(1, round(made * factor))),
        ),
    ):
        found = scale(piece, Scaling.model_validate(asked))
        assert found.factor == pytest.approx(by)
        assert found.change.portions == portions
        for one in piece.lines():
            (scaled,) = found.change.lines[one.line.id]
            exact = one.grams * by
            assert scaled.target_g == pytest.approx(exact, abs=0.51 * step_of(exact))


@given(st.dictionaries(st.sampled_from(sorted(FIGURES)), GRAMS, min_size=5, max_size=8), st.data())
def test_the_one_line_that_did_not_go_along_is_found_and_no_other(bowl, data):
    factor = data.draw(st.sampled_from([0.5, 1.5, 2.0, 3.0]))
    left = data.draw(st.sampled_from(sorted(bowl)))
    before = workpiece(bowl, 4).build
    along = {food: grams * factor for food, grams in bowl.items()}
    assert out_of_step(workpiece(along, 4).build, before) == ()
    assert out_of_step(before, before) == ()
    (found,) = out_of_step(workpiece({**along, left: bowl[left]}, 4).build, before)
    assert found.line_id.endswith(left)
    assert (found.factor, found.common) == (pytest.approx(1), pytest.approx(factor))


# The order of the bowls

KINDS = st.sampled_from([kind for kind, _ in FIGURES.values()])


@given(st.lists(st.tuples(st.sampled_from("abc"), KINDS), min_size=1, max_size=12), st.booleans())
def test_bowls_are_filled_one_after_the_other_dry_before_wet(lines, is_used):
    placed = [BowlLine(n, bowl, kind) for n, (bowl, kind) in enumerate(lines)]
    used = [BowlLine(99, "a", "other", of_component="b")] if is_used else []
    by_id = {line.id: line for line in (*placed, *used)}
    order = [by_id[key] for key in suggested([*used, *placed])]
    assert sorted(line.id for line in order) == sorted(by_id)
    bowls = [line.bowl for line in order]
    runs = [bowl for n, bowl in enumerate(bowls) if n == 0 or bowls[n - 1] != bowl]
    assert len(runs) == len(set(runs))
    if is_used and "b" in bowls:
        assert bowls.index("b") < bowls.index("a")
    for bowl in set(bowls):
        own = [line for line in order if line.bowl == bowl]
        assert [line.id == 99 for line in own] == sorted(line.id == 99 for line in own)
        poured = [line for line in own if line.id != 99]
        kept = sorted(poured, key=lambda line: (wetness(line.kind) == "wet", line.id))
        assert poured == kept


# At the scale


@given(st.lists(st.sampled_from([11, 12, 13]), max_size=5), st.sampled_from([None, 11, 12, 13]))
def test_what_is_put_off_comes_after_the_rest_in_the_order_it_was_put_off(put_off, done):
    cook = Cook()
    for line in put_off:
        cook.do("later", line=line)
    if done is not None:
        cook.do("line", 500, line=done)
    last = {line: n for n, line in enumerate(put_off)}
    to_do = [line for line in (11, 12, 13) if line != done]
    assert cook.state.current == min(to_do, key=lambda line: last.get(line, -1))


@given(
    st.integers(5, 300),
    st.integers(1, 300),
    st.sampled_from([0, 0.5]),
    st.sampled_from([1.5, 2]),
)
def test_a_spill_is_taken_off_with_its_range_and_never_below_nothing(poured, spilled, less, more):
    cook = Cook()
    cook.do("tare", 412)
    cook.do("line", 412 + poured, line=11)
    between = {"low_g": spilled * less, "high_g": spilled * more}
    cook.do("spill", net_g=spilled, line=11, origin="estimate", **between)
    state = cook.state.lines[11]
    assert state.net_g == pytest.approx(max(0, poured - spilled))
    low, high = state.estimate
    division = 1.0  # of the two readings that the pour is between
    assert low == pytest.approx(max(0, poured - between["high_g"] - division))
    assert high == pytest.approx(max(0, poured - between["low_g"] + division))


def shown_to(player, readings):
    for at_s, grams in readings:
        player.show(at_s, Reading(grams=grams, stable=True, division_g=1.0))


@settings(max_examples=40)
@given(st.integers(40, 200), st.floats(0.2, HOLD_S - 0.2), st.sampled_from([1.0, -1.0]))
def test_a_reading_that_creeps_is_not_taken_until_it_stands(target, each_s, way):
    """Though the scale calls every one of them stable."""
    player = Player([ToWeigh(1, target, "bowl"), ToWeigh(2, 50, "bowl")], NOW)
    shown_to(player, [(0.1 * n, 0.0) for n in range(10)])
    shown_to(player, [(1 + 0.1 * n, 400.0) for n in range(40)])
    assert [record.kind for record in player.records] == [RecordKind.TARE]
    begins = 400.0 + target - 8 * way
    creeping = [(5 + each_s * n, begins + way * n) for n in range(9)]
    shown_to(player, creeping)
    assert [record.kind for record in player.records] == [RecordKind.TARE]
    until, stands = creeping[-1]
    shown_to(player, [(until + 0.1 * n, stands) for n in range(40)])
    line = replay(player.records, player.lines).lines[1]
    assert line.net_g == target


# Amounts in words, and measures that disagree

SAID = [
    *((word, value) for word, value in NUMBER_WORDS.items() if value >= 1),
    ("two and a half", 2.5),
    ("one and a quarter", 1.25),
    ("half a", 0.5),
    ("a dozen", 12),
    ("half a dozen", 6),
    ("two dozen", 24),
]


@pytest.mark.parametrize(("said", "number"), SAID)
def test_a_number_in_words_is_the_number(said, number):
    for food in ("eggs", "cups flour"):
        (amount,) = parse_entry(f"{said} {food}").quantities
        assert (amount.low, amount.high) == (number, number)


@given(st.floats(0.3, 1.5), st.floats(0.5, 2), st.sampled_from(["typical", "weighed"]))
def test_densities_that_disagree_are_both_shown_the_trusted_one_first(said, times, origin):
    assume(abs(abs(times - 1) - CONFLICT) > 0.02)
    facts = FoodFacts(density_g_per_ml=said * times, density_origin=origin)
    label = Label(style="us", basis_g=said * 100, basis_ml=100, kcal=100)
    found = work_out(parse_entry("100 ml milk"), FoodBackground(facts, label))
    weights = [reading.grams for reading in found.readings]
    own, printed = 100 * said * times, 100 * said
    first, other = (own, printed) if origin == "weighed" else (printed, own)
    assert weights[0] == pytest.approx(first)
    disagree = abs(other / first - 1) > CONFLICT
    assert any(weight == pytest.approx(other) for weight in weights[1:]) == disagree
