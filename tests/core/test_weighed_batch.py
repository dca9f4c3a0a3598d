"""The batch as it was weighed: what each line counts for, what is divided, what wants a name."""

import json
from dataclasses import replace
from datetime import UTC, datetime, timedelta
from itertools import count
from pathlib import Path

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.label.label import Label
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.eaten import EatenShare
from gasket.core.reckoning.filling import targets
from gasket.core.reckoning.weighed_batch import WeighedBatch
from gasket.core.reckoning.written_line import WrittenLine, to_weigh
from gasket.core.weighing.records import ReadingOrigin, Record, RecordKind
from gasket.core.weighing.weigh_in import replay

START = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)
CASES = json.loads((Path(__file__).parents[1] / "cases" / "replay.json").read_text())["cases"]


def panel(name, **more):
    return Label(name=name, style="table", basis_g=100, kcal=200, protein_g=10, **more)


PANELS = {1: panel("flour"), 2: panel("quark"), 3: panel("egg, each")}
LINES = (
    WrittenLine(id=1, component="Base", target_g=200.0, revision_id=1),
    WrittenLine(id=2, component="Base", target_g=100.0, revision_id=2),
    WrittenLine(id=3, component="Top", target_g=50.0, revision_id=2),
)


def records(*said):
    """Records a minute apart: (kind, fields)."""
    number = count(1)
    return tuple(
        Record(
            **{
                "id": f"record-{i}",
                "at": START + timedelta(minutes=i),
                "kind": RecordKind(kind),
                "origin": ReadingOrigin.HAND,
                **more,
            }
        )
        for i, (kind, more) in zip(number, said, strict=False)
    )


def weighed(*said, lines=LINES, **more):
    return WeighedBatch(written=lines, records=records(*said), panels=PANELS, **more)


def grams(made):
    return {
        part.name: [round(line.grams, 6) for line in part.lines] for part in made.batch.components
    }


@pytest.mark.parametrize("case", CASES, ids=lambda case: case["name"])
def test_the_replay_that_the_page_foresees(case):
    plan = to_weigh([WrittenLine(id=i, component="Bowl", target_g=100.0) for i in (1, 2, 3)])
    for said, state in (
        (case["stored"], case["before"]),
        (case["stored"] + case["waiting"], case["after"]),
    ):
        found = replay(records(*((one["kind"], one) for one in said)), plan)
        lines = [found.lines[i] for i in (1, 2, 3)]
        assert [line.status for line in lines] == state["status"]
        done = [line.net_g if line.status != "open" else None for line in lines]
        assert done == state["net_g"]
        assert [line.seen for line in lines] == state["seen"]
        assert found.current == state["current"]
        assert (found.last.id if found.last else None) == state["last"]


def test_a_food_may_stand_in_for_a_planned_component():
    whole = (*LINES, WrittenLine(id=4, component="Whole", target_g=80.0, of_component="Top"))
    made = weighed(
        ("food", {"line": 4, "label_id": 2, "revision_id": 2}),
        ("line", {"line": 4, "net_g": 75}),
        lines=whole,
    )
    (line,) = made.batch.components[-1].lines
    assert (line.label, line.component, line.grams) == ("label-2", None, 75)


@pytest.mark.parametrize(
    ("said", "base"),
    [
        ((), [200, 100]),
        ((("line", {"line": 1, "net_g": 207}),), [207, 100]),
        ((("skip", {"line": 1}),), [0, 100]),
        ((("add", {"line": 1, "net_g": 80}),), [200, 100]),  # still open: as planned
        ((("add", {"line": 1, "net_g": 230}),), [230, 100]),  # open, and above its plan already
        ((("carry", {"line": 2, "factor": 1.5, "scope": "open"}),), [300, 150]),
        (
            (
                ("line", {"line": 1, "net_g": 200}),
                ("carry", {"line": 1, "factor": 0.5, "scope": "open"}),
            ),
            [200, 50],
        ),
        (
            (
                ("line", {"line": 1, "net_g": 200}),
                ("spill", {"line": 1, "net_g": 20, "low_g": 10, "high_g": 30}),
            ),
            [180, 100],
        ),
    ],
)
def test_what_a_line_counts_for(said, base):
    assert grams(weighed(*said))["Base"] == pytest.approx(base)


def test_what_was_left_out_is_certainly_none_and_an_estimate_keeps_its_range():
    made = weighed(
        ("skip", {"line": 1}),
        (
            "line",
            {"line": 2, "net_g": 90, "low_g": 80, "high_g": 110, "origin": ReadingOrigin.ESTIMATE},
        ),
    )
    flour, quark = made.batch.components[0].lines
    assert (flour.grams, flour.division_g) == (0, 0)
    assert quark.estimate == (80, 110)
    exact = made.as_if_weighed(made.line(2)).components[0].lines[1]
    assert (exact.estimate, exact.division_g) == (None, 1.0)


@given(
    st.lists(st.floats(0, 500), min_size=2, max_size=5),
    st.floats(0.1, 2000),
    st.floats(0.1, 500),
)
def test_lines_of_one_pour_share_what_was_poured_by_their_targets(wanted, net, other):
    lines = tuple(
        WrittenLine(
            id=i,
            component=f"Part {i}",
            target_g=target,
            revision_id=1,
            poured_with=None if i == 1 else 1,
        )
        for i, target in enumerate(wanted, start=1)
    )
    alone = WrittenLine(id=99, component="Part 1", target_g=other, revision_id=2)
    made = weighed(("line", {"line": 1, "net_g": net}), lines=(*lines, alone))
    shared = [made.grams_of(line) for line in lines]
    assert sum(shared) == pytest.approx(net)
    assert sum(made.share_of(line) for line in lines) == pytest.approx(1)
    if sum(wanted) > 0:
        assert shared == pytest.approx([net * target / sum(wanted) for target in wanted])
    assert made.grams_of(alone) == other
    assert made.lines_g == pytest.approx(net + other)


@pytest.mark.parametrize(
    ("said", "wants"),
    [
        ((("line", {"line": 9, "net_g": 40}),), True),
        ((("skip", {"line": 9}),), False),
        (
            (
                ("line", {"line": 9, "net_g": 40}),
                ("spill", {"line": 9, "net_g": 40, "low_g": 30, "high_g": 50}),
            ),
            False,  # nothing of it is in the bowl
        ),
        (
            (
                ("line", {"line": 9, "net_g": 40}),
                ("food", {"line": 9, "revision_id": 2, "label_id": 2}),
            ),
            False,
        ),
    ],
)
def test_what_wants_a_name(said, wants):
    poured = WrittenLine(id=9, component="Base", target_g=0.0, planned=False)
    made = weighed(*said, lines=(*LINES, poured))
    assert made.wants_name(made.line(9)) is wants
    assert ("unnamed" in {finding.code for finding in made.result.findings}) is wants


def test_a_stand_in_is_told_and_its_plan_can_be_reckoned():
    made = weighed(
        ("food", {"line": 1, "revision_id": 2, "label_id": 2}), ("line", {"line": 1, "net_g": 190})
    )
    flour = made.line(1)
    assert (made.name_of(flour), made.planned_name(flour)) == ("quark", "flour")
    assert "stand_in" in {finding.code for finding in made.result.findings}
    assert made.batch.components[0].lines[0].label == "label-2"
    planned = made.as_planned(flour).components[0].lines
    assert [(line.label, line.grams) for line in planned] == [("label-1", 190), ("label-2", 100)]


TESTER = ("portion", {"piece": 1, "net_g": 187})
COOKED = ("cooked", {"net_g": 1274})


@pytest.mark.parametrize(
    ("said", "whole", "cooked"),
    [
        ((), 1499, False),
        ((TESTER,), 1499, False),
        ((COOKED,), 1274, True),
        ((TESTER, COOKED), 1274, True),  # one tester filled raw: the others are filled cooked
        ((COOKED, TESTER), 1274, True),
        (
            (*(("portion", {"piece": i, "net_g": 187}) for i in range(1, 9)), COOKED),
            1499,
            False,  # all of them were filled raw, then baked
        ),
    ],
)
def test_what_the_pieces_share_and_whether_they_are_cooked(said, whole, cooked):
    """1,499 g of mixture, a tester filled raw, 1,274 g cooked: only those less the tester are left
    to fill, not an eighth of the raw mixture each."""
    made = weighed(("mixture", {"net_g": 1499}), *said, portions=8)
    assert made.to_fill_g == whole
    assert made.pieces_are_cooked is cooked
    to_go = targets(whole, 8, made.filled, two_pass=False, slack_g=2).by_piece
    left = whole - sum(piece.grams for piece in made.filled.values())
    assert sum(to_go.values()) == pytest.approx(max(0, left) if to_go else 0)


def test_pieces_that_were_all_weighed_are_the_portions_of_the_batch():
    pieces = [("portion", {"piece": i, "net_g": 100 + i}) for i in (1, 2)]
    made = weighed(*pieces, portions=2, divided=Dividing(pieces=2, weighed_cooked=True))
    assert made.batch.cooked_g == 203
    assert made.batch.portions.weights_g == (101, 102)
    assert made.batch.portions.weights_state == "cooked"
    raw = weighed(*pieces, portions=2)
    assert raw.batch.cooked_g is None
    assert raw.batch.portions.weights_state == "raw"
    assert weighed(pieces[0], portions=2).batch.portions.weights_g is None


def test_servings_follow_from_how_it_is_divided():
    by_gram = weighed(("cooked", {"net_g": 300}), divided=Dividing(way="grams", serving_g=120))
    assert by_gram.servings == pytest.approx(2.5)
    scooped = weighed(divided=Dividing(way="scoop", fill_g=70, serving_pieces=2))
    assert (scooped.pieces, scooped.servings) == (5, 2.5)
    assert weighed(portions=4).servings == 4


def test_what_is_lost_is_taken_from_its_component_and_never_more_than_there_is():
    made = weighed(
        ("spill", {"bowl": "Base", "net_g": 30, "low_g": 20, "high_g": 40}),
        ("leftover", {"bowl": "Top", "net_g": 80}),
    )
    lost = {part.name: part.leftover_g for part in made.batch.components}
    assert lost == {"Base": 30, "Top": 50}
    codes = {finding.code for finding in made.result.findings}
    assert {"spilled", "leftover_too_much", "open_lines"} <= codes


def test_what_was_weighed_back_takes_the_place_of_the_guess():
    half = {"Top": EatenShare(least=0.4, most=0.6)}

    def top(*said):
        made = weighed(*said, eaten=half)
        (part,) = (part for part in made.batch.components if part.name == "Top")
        guesses = [finding for finding in made.result.findings if finding.code == "uneaten"]
        return part.leftover_g, part.leftover_estimate, len(guesses)

    assert top() == (25, (20, 30), 1)
    assert top(("leftover", {"bowl": "Top", "net_g": 12.0})) == (12, None, 0)
    spilled = top(("spill", {"bowl": "Top", "net_g": 10.0}))
    assert spilled == (pytest.approx(30), pytest.approx((26, 34)), 1)


def test_a_line_weighed_as_planned_is_no_stand_in_and_a_common_pour_is_shared():
    made = weighed(("line", {"line": 1, "net_g": 200.0}))
    assert not [finding for finding in made.result.findings if finding.code == "stand_in"]
    together = (LINES[0], replace(LINES[1], poured_with=1), LINES[2])
    shared = weighed(("line", {"line": 1, "net_g": 330.0}), lines=together)
    assert [shared.poured_of(line) for line in shared.lines] == pytest.approx([220, 110, 0])
