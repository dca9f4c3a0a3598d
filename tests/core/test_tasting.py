"""Tasting: marks, scores within tasters, credit, verdict, fullness, guesses."""

import math
import random
from datetime import UTC, datetime, timedelta

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from pydantic import ValidationError
from pydantic_core import PydanticCustomError
from scipy import stats

from gasket.core.cooking.steps import Step
from gasket.core.tasting.credit import LineChange, credit, richness
from gasket.core.tasting.frontier import RankWeights, ranking, unbeaten, unbeaten_each
from gasket.core.tasting.fullness import FullnessRecord, due, later_marks
from gasket.core.tasting.guesses import Guess, habit
from gasket.core.tasting.lineage import step_changes
from gasket.core.tasting.marks import TastingSheet, Weights, counted, most_said, overall
from gasket.core.tasting.scores import RULER_SD, TasteMarks, TasterMark
from gasket.core.tasting.verdict import TasteVerdict, opens_with

ATE = datetime(2026, 3, 2, 18, tzinfo=UTC)


@pytest.mark.parametrize(
    ("said", "counts"),
    [
        *(("7", 7), ("7.5", 7.5), ("8,5", 8.5), ("0", 0), (" 10 ", 10)),
        *(("12 out of 10", 10), ("11/10", 10), ("4 out of 5", 8), ("2 of 3", 6.5), ("0/7", 0)),
    ],
)
def test_a_mark_counts_as_it_was_said(said, counts):
    assert counted(said) == counts


@pytest.mark.parametrize(
    ("said", "why"),
    [
        *(("11", "write “11 out of 10”"), ("7.3", "halves"), ("", "from 0 to 10")),
        *(("good", "from 0 to 10"), ("3/0", "from 0 to 10"), ("-2", "from 0 to 10")),
        ("1" * 4000, "from 0 to 10"),
    ],
)
def test_what_is_no_mark_is_told_so(said, why):
    with pytest.raises(PydanticCustomError, match=why):
        counted(said)


def sheet(**said):
    return TastingSheet.model_validate({"id": "sheet-01", "taster_id": 1, **said})


def test_a_sheet_keeps_what_was_said_and_says_at_least_something():
    kept = sheet(
        marks={"look": "6", "taste": "12 out of  10"}, words=["dry", " dry ", "like toast"]
    )
    assert kept.marks["taste"] == "12 out of 10"
    assert list(kept.counts.items()) == [("taste", 10), ("look", 6)]
    assert kept.words == ("dry", "like toast")
    for nothing in ({}, {"note": "  "}, {"words": [" "]}):
        with pytest.raises(ValidationError, match="Give a mark, a word or a note first"):
            sheet(**nothing)
    with pytest.raises(ValidationError, match="at most 4000"):
        sheet(note="x" * 1_000_000)


def test_the_overall_mark_weighs_what_was_given():
    weights = Weights(taste=3, texture=1, look=0, likeness=0)
    assert overall({"taste": 8, "texture": 4}, weights) == 7
    assert overall({"texture": 4}, weights) == 4
    assert overall({"look": 4}, weights) is None
    with pytest.raises(ValidationError, match="must count"):
        Weights(taste=0, texture=0, look=0, likeness=0)


def test_words_are_counted_by_taster():
    said = [sheet(taster_id=who, words=words) for who, words in ((1, ["flat"]), (1, ["dry"]))]
    said += [sheet(taster_id=2, words=["dry", "flat"]), sheet(taster_id=1, words=["dry"])]
    assert most_said(said) == {"flat": 2, "dry": 2}
    assert next(iter(most_said([*said, sheet(taster_id=3, words=["dry"])]))) == "dry"


# Scores and credit


def panel(table):
    """{trial: {taster: mark}}"""
    return TasteMarks(
        [
            TasterMark(trial, who, mark)
            for trial, said in table.items()
            for who, mark in said.items()
        ]
    )


def test_two_trials_that_all_tasted_are_the_paired_t_test():
    before, after = [6, 7.5, 8, 5, 9], [7, 8, 8.5, 7, 9]
    found = panel({1: dict(enumerate(before)), 2: dict(enumerate(after))}).difference(2, 1)
    paired = stats.ttest_rel(after, before).confidence_interval(0.95)
    assert (found.value, found.shared) == (pytest.approx(0.8), 5)
    assert (found.low, found.high) == (pytest.approx(paired.low), pytest.approx(paired.high))


def test_gaps_are_filled_as_least_squares_would():
    """Against the same model written out as one regression."""
    table = {1: {1: 6, 2: 8}, 2: {2: 9, 3: 5}, 3: {1: 7, 3: 4.5, 2: 8.5}, 4: {3: 6}}
    tasted = [(trial, who, mark) for trial, said in table.items() for who, mark in said.items()]
    design = np.zeros((len(tasted), 7))
    for row, (trial, who, _) in enumerate(tasted):
        design[row, trial - 1] = design[row, 3 + who] = 1
    marks = np.array([mark for *_, mark in tasted], float)
    solved, *_ = np.linalg.lstsq(design, marks, rcond=None)
    free = len(tasted) - np.linalg.matrix_rank(design)
    scatter = math.sqrt(((marks - design @ solved) ** 2).sum() / free)
    contrast = np.array([1, 0, 0, -1, 0, 0, 0.0])
    error = scatter * math.sqrt(contrast @ np.linalg.pinv(design.T @ design) @ contrast)
    reach = stats.t.ppf(0.975, free) * error
    found = panel(table)
    apart = found.difference(1, 4)
    assert (found.free, found.scatter) == (free, pytest.approx(scatter))
    assert apart.value == pytest.approx(contrast @ solved)
    assert apart.high - apart.value == pytest.approx(reach)
    everybody = solved[0] + solved[4:].mean()
    assert found.score(1).value == pytest.approx(everybody)
    assert apart.shared == 0


def test_nothing_is_told_where_nothing_links_them_or_nothing_scatters():
    apart = panel({1: {1: 6}, 2: {2: 9}})
    assert apart.difference(1, 2) is None
    assert apart.difference(1, 3) is None
    assert apart.score(3) is None
    alone = panel({1: {1: 6}, 2: {1: 9}}).difference(2, 1)
    assert (alone.value, alone.low, alone.is_told) == (3, None, False)
    same = panel({1: {1: 6, 2: 7}, 2: {1: 7, 2: 8}})
    assert same.scatter == RULER_SD, "marks in halves are never surer than that"
    assert panel({}).samples == ()


def test_the_same_tongue_twice_is_no_second_witness():
    once = panel({1: {1: 6, 2: 7}, 2: {1: 8, 2: 8}}).difference(2, 1)
    twice = TasteMarks(
        [TasterMark(t, w, m) for t, w, m in ((1, 1, 5), (1, 1, 7), (1, 2, 7), (2, 1, 8), (2, 2, 8))]
    )
    assert twice.difference(2, 1) == once
    assert (twice.score(1).tasters, twice.score(1).tastings) == (2, 3)


def test_the_interval_holds_as_often_as_it_says():
    """Simulated tasters, each with a habit, marks in halves: the true difference lies inside."""
    rng = random.Random(4)
    held, rounds = 0, 1500
    for _ in range(rounds):
        true = {trial: rng.uniform(4, 7) for trial in (1, 2, 3)}
        habit_of = {who: rng.gauss(0, 1) for who in range(4)}
        marks = {
            trial: {
                who: round(2 * (true[trial] + habit_of[who] + rng.gauss(0, 0.7))) / 2
                for who in habit_of
                if rng.random() < 0.85
            }
            for trial in true
        }
        found = panel({trial: said for trial, said in marks.items() if said}).difference(2, 1)
        if found is None or found.low is None:
            rounds -= 1
            continue
        held += found.low <= true[2] - true[1] <= found.high
    assert rounds > 1200
    assert 0.935 <= held / rounds <= 0.975


TABLE = {1: {1: 6, 2: 7, 3: 5}, 2: {1: 8, 2: 8.5, 3: 7.5}, 3: {1: 8, 2: 8, 3: 8}}


def credit_of(trial, against, changes=1, slips=(), table=TABLE, states=()):
    tasted = panel(table)
    return credit(
        trial, against, tasted, dict.fromkeys(("taste",), tasted) | EMPTY, changes,
        dict(states), slips,
    )  # fmt: skip


EMPTY = {name: panel({}) for name in ("texture", "look", "likeness")}


@pytest.mark.parametrize(
    ("told", "words", "case"),
    [
        ("helped", "Helped: +2.0", {"trial": 2, "against": 1}),
        ("hurt", "Hurt: −2.0", {"trial": 1, "against": 2}),
        ("cannot_tell", "within the tasters’ own scatter", {"trial": 3, "against": 2}),
        ("untested", "Not tasted", {"trial": 4, "against": 1}),
        ("helped", "2 changes share it", {"trial": 2, "against": 1, "changes": 2}),
        ("helped", "2 changes share it", {"trial": 2, "against": 1, "slips": ["Salt: 18 g"]}),
        ("helped", "another batch, another day", {"trial": 2, "against": 1, "changes": 0}),
    ],
)
def test_credit_says_what_can_be_told(told, words, case):
    found = credit_of(**case)
    assert found.told == told
    assert words in found.says


def test_credit_names_what_the_comparison_suffers_from():
    states = {1: frozenset({"fresh"}), 2: frozenset({"next_day"})}
    assert "may be the day" in credit_of(2, 1, states=states).notes[0]
    assert credit_of(2, 1, states={**states, 2: states[1]}).notes == ()
    assert credit_of(2, 1, slips=["Salt: 18 g"]).notes == ("Salt: 18 g",)
    one = {1: {1: 6, 2: 7}, 2: {1: 8, 3: 8}, 3: {2: 7, 3: 8, 1: 7}}
    assert credit_of(2, 1, table=one).notes == ("Only one taster has tasted both.",)
    none = {1: {1: 6}, 2: {2: 8}, 3: {1: 7, 2: 8}, 4: {1: 6.5, 2: 9}}
    assert "through other trials" in credit_of(2, 1, table=none).notes[0]


def test_what_a_rich_line_buys():
    tasted = panel(TABLE)
    oil = LineChange(line_id="oil", name="Oil", kcal=30.0, difference=tasted.difference(2, 1))
    vague = oil.model_copy(update={"difference": tasted.difference(3, 2)})
    worse = oil.model_copy(update={"difference": tasted.difference(1, 2)})
    lines = {"oil": ("Oil", 40.0), "flour": ("Flour", 90.0)}
    said = [
        (row.says, row.kcal_per_point)
        for changed in ([oil], [vague], [worse], [])
        for row in richness(lines, {"oil": changed})
        if row.line_id == "oil"
    ]
    assert said == [
        ("15 kcal a point.", pytest.approx(15)),
        ("Tried: can’t tell.", None),
        ("More kcal, and a lower mark.", None),
        ("Not tried.", None),
    ]
    assert [row.name for row in richness(lines, {})] == ["Flour", "Oil"]


# Frontier and ranking

POINTS = st.dictionaries(
    st.integers(0, 30), st.tuples(st.integers(0, 8).map(float), st.integers(0, 8).map(float))
)


@given(POINTS, st.sampled_from(["kcal", "protein_g"]))
def test_the_frontier_is_what_nothing_beats(points, across):
    better = -1 if across == "protein_g" else 1

    def beats(a, b):
        no_worse = better * a[0] <= better * b[0] and a[1] >= b[1]
        return no_worse and a != b

    expected = {
        key for key, at in points.items() if not any(beats(other, at) for other in points.values())
    }
    assert unbeaten(points, across) == expected


def test_the_ranking_goes_by_its_weights_and_an_unknown_may_be_anything():
    held = {
        1: {"score": 9.0, "kcal": 300.0, "cost": 1.0},
        2: {"score": 7.0, "kcal": 200.0, "cost": None},
        3: {"score": 8.0, "kcal": 250.0, "cost": 2.0},
    }
    only = dict.fromkeys(("score", "kcal", "protein_g", "minutes", "cost", "days"), 0.0)
    by_score = ranking(held, RankWeights(**(only | {"score": 1})))
    assert [(rank.key, rank.value) for rank in by_score] == [(1, 100), (3, 50), (2, 0)]
    by_cost = {rank.key: rank for rank in ranking(held, RankWeights(**(only | {"cost": 2})))}
    assert (by_cost[2].low, by_cost[2].value, by_cost[2].high) == (0, 50, 100)
    assert by_cost[1].parts["cost"] == 100
    assert "cost" in by_cost[2].unknown
    nothing = ranking(held, RankWeights(**only))
    assert [rank.value for rank in nothing] == [0, 0, 0]
    assert ranking({}, RankWeights()) == ()


# TasteVerdict, fullness, guesses, lineage


@pytest.mark.parametrize(
    ("stamps", "at"),
    [
        ([], None),
        ([None], 0),
        (["keep", "drop", "change"], 0),
        (["keep", None, "drop"], 1),
        ([None, "keep", "keep"], 2),
        (["change", "drop"], 0),
        (["drop", "drop"], 1),
        (["change", None], 1),
    ],
)
def test_a_dish_opens_with_its_keeper_or_what_came_after(stamps, at):
    assert opens_with(stamps) == at


def test_a_change_says_what():
    with pytest.raises(ValidationError, match="Say what to change"):
        TasteVerdict(stamp="change", change=" ")


def answer(after_h, what, minutes, mark=None):
    at = ATE + timedelta(minutes=minutes)
    return FullnessRecord(id="answer-1", after_h=after_h, answer=what, mark=mark, at=at)


@pytest.mark.parametrize(
    ("minutes", "answers", "asked"),
    [
        (59, [], None),
        (60, [], 1),
        (179, [], 1),
        (180, [], 3),
        (61, [answer(1, "mark", 60, "6")], None),
        (181, [answer(1, "mark", 60, "6")], 3),
        (65, [answer(1, "later", 62)], None),
        (92, [answer(1, "later", 62)], 1),
        (400, [answer(1, "never", 60)], None),
        (719, [], 3),
        (720, [], None),
    ],
)
def test_fullness_is_asked_after_one_and_three_hours_until_nobody_remembers(
    minutes, answers, asked
):
    found = due(ATE, answers, ATE + timedelta(minutes=minutes))
    assert (found and found.after_h) == asked


def test_a_later_mark_needs_a_mark_and_the_last_counts():
    with pytest.raises(ValidationError, match="Give a mark"):
        answer(1, "mark", 60)
    marks = [answer(1, "mark", 60, "6"), answer(1, "later", 61), answer(1, "mark", 62, "5")]
    assert later_marks(marks) == {1: "5"}


def test_guesses_tell_how_far_and_which_way():
    guesses = [Guess(of="kcal", guess=truth * off, truth=truth) for truth, off in
               ((200, 1.2), (300, 1.1), (400, 1.3), (250, 0.9))]  # fmt: skip
    found = habit("kcal", guesses)
    assert (found.leans, found.within) == (pytest.approx(0.15), pytest.approx(0.15))
    assert found.says == "Guesses of calories are usually 15% too high; half of 4 are within 15%."
    assert habit("grams", guesses) is None
    even = [Guess(of="grams", guess=g, truth=100) for g in (99, 101, 100)]
    assert "lean neither way" in habit("grams", even).says


def test_steps_that_changed_are_told_in_words():
    bake = Step(id="bake", kind="bake", says="Bake", least_min=24, most_min=28, temperature_c=170)
    mix, rest = Step(id="mix", kind="mix", says="Mix"), Step(id="rest", kind="rest", says="Rest")
    hotter = bake.model_copy(update={"most_min": 26, "temperature_c": 180})
    fold = mix.model_copy(update={"says": "Fold"})
    assert step_changes([mix, bake], [mix, bake]) == ()
    assert step_changes([mix, bake, rest], [fold, hotter]) == (
        "Fold, before: Mix",
        "Bake: 24–28 min → 24–26 min, 170 °C → 180 °C",
        "Without: Rest",
    )
    timed = rest.model_copy(update={"least_min": 5.0, "most_min": 5.0})
    assert step_changes([rest], [timed, mix]) == ("Rest: no time → 5 min", "New: Mix")


def test_half_a_mark_that_all_agree_on_has_helped():
    marks = {1: dict.fromkeys(range(12), 6.0), 2: {i: 6.5 + 0.5 * (i % 2) for i in range(12)}}
    found = credit_of(2, 1, table=marks)
    assert 0 < found.overall.value < 1
    assert found.told == "helped"


def test_each_trial_stands_on_the_plots_where_nothing_beats_it():
    lean = {"score": 6.0, "kcal": 100.0, "protein_g": 10.0}
    tasty = {"score": 8.0, "kcal": 200.0, "protein_g": 12.0}
    beaten = {"score": 5.0, "kcal": 250.0, "protein_g": 9.0}
    stands = unbeaten_each({1: lean, 2: tasty, 3: beaten, 4: {"score": None, "kcal": 1.0}})
    assert stands == {1: ("kcal",), 2: ("kcal", "protein_g"), 3: (), 4: ()}
