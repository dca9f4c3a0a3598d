"""Corrections after closing, lines that are put off, doubtful amounts, changed plans."""

from datetime import UTC, datetime, timedelta

import pytest

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.build_checks.checks import check_build
from gasket.core.cooking.calls import calls_of
from gasket.core.cooking.cook_log import CookRecord, planned_anew
from gasket.core.cooking.cook_log import replay as cooked
from gasket.core.cooking.safety import InTheBuild
from gasket.core.cooking.steps import Step
from gasket.core.cooking.stock import StockRecord, add_up
from gasket.core.errors import FaultyInput
from gasket.core.reckoning.reckon import reckon
from gasket.core.weighing.line_state import LineStatus
from gasket.core.weighing.pour import is_doubtful, likely_g
from gasket.core.weighing.records import ReadingOrigin, Record
from gasket.core.weighing.weigh_in import ToWeigh, replay
from gasket.formats.batch_json import to_batch
from tests.batches import batch
from tests.core.builds import workpiece

START = datetime(2026, 1, 5, 12, tzinfo=UTC)
LINES = [ToWeigh(1, 100), ToWeigh(2, 100), ToWeigh(3, 100)]


def records(*told):
    return [
        Record(
            **{
                "id": f"record-{i}",
                "line": line,
                "kind": kind,
                "origin": ReadingOrigin.HAND,
                "at": START + timedelta(minutes=i),
                **more,
            }
        )
        for i, (kind, line, more) in enumerate(told)
    ]


def test_a_correction_takes_the_place_of_all_pours_and_spills_and_keeps_what_was():
    state = replay(
        records(
            ("add", 1, {"net_g": 40}),
            ("line", 1, {"net_g": 60}),
            ("spill", 1, {"net_g": 10, "low_g": 5, "high_g": 15}),
            ("amend", 1, {"net_g": 12, "note": "slip"}),
            ("amend", 1, {"revision_id": 7, "note": "other food"}),
        ),
        LINES,
    ).lines[1]
    assert (state.net_g, state.revision_id, state.spilled.net_g) == (12, 7, 0)
    assert [(one.was_g, one.was_revision) for one in state.amended] == [(90, None), (12, None)]


def test_a_correction_takes_a_line_back_in_and_undone_it_is_as_before():
    told = [("skip", 2, {"note": "none"}), ("amend", 2, {"net_g": 30, "note": "it was in"})]
    assert replay(records(*told), LINES).lines[2].status is LineStatus.WEIGHED
    back = replay(records(*told, ("undo", None, {"undoes": "record-1"})), LINES).lines[2]
    assert (back.status, back.amended) == (LineStatus.SKIPPED, ())


@pytest.mark.parametrize(
    ("told", "current"),
    [
        ([("later", 1)], 2),
        ([("later", 1), ("later", 2)], 3),
        ([("later", 1), ("later", 2), ("later", 3)], 1),
        ([("later", 1), ("later", 2), ("later", 1)], 3),
        ([("later", 2), ("later", 1), ("line", 3)], 2),
        ([("later", 1), ("line", 2), ("line", 3), ("line", 1)], None),
    ],
)
def test_what_is_put_off_comes_last_in_that_order(told, current):
    state = replay(records(*((kind, line, {"net_g": 100}) for kind, line in told)), LINES)
    assert state.current == current


@pytest.mark.parametrize(
    ("net", "target", "doubtful"),
    [(200, 20, True), (199, 20, False), (2, 20, True), (2.1, 20, False), (50, 0, False)],
)
def test_ten_times_off_is_asked_about(net, target, doubtful):
    assert is_doubtful(net, target) is doubtful
    assert likely_g(target) == ((target / 10, target * 10) if target else None)


def deed(i, name, step):
    return CookRecord(id=f"cook-{i:03d}", deed=name, step=step, at=START + timedelta(minutes=i))


def test_a_changed_plan_leaves_what_was_begun_and_waits_for_nothing_that_is_gone():
    def step(key, says, *after):
        return Step(id=key, kind="mix", says=says, after=after)

    kept = [step("a", "Stir"), step("b", "Fold", "a"), step("c", "Rest", "b")]
    planned = [step("b", "Fold gently"), step("d", "Chill", "b"), step("c", "Rest long", "x")]
    log = cooked([deed(0, "begin", "a"), deed(1, "done", "a"), deed(2, "begin", "b")])
    found = [(one.id, one.says, one.after) for one in planned_anew(kept, planned, log)]
    assert found == [
        ("a", "Stir", ()),
        ("b", "Fold", ("a",)),
        ("d", "Chill", ("b",)),
        ("c", "Rest long", ()),
    ]


def test_warming_up_takes_nothing_out_of_the_stock():
    put = StockRecord(id="stock-001", move="put", amount=2, place="fridge", at=START)
    warm = StockRecord(id="stock-002", move="warmed", amount=1, note="pan: fine", at=START)
    stock = add_up([put, warm])
    assert (stock.put_away, stock.gone, stock.last) == (2, {}, warm)


def test_a_bun_is_bread_by_that_name():
    def called(name, kind):
        return "bun" in calls_of([InTheBuild(name, kind, "Body")], ["Body"])

    assert called("Burger bun", "bread")
    assert not called("Sliced rye", "bread")
    assert not called("Burger bun spice", "spice")


@pytest.mark.parametrize(
    ("kind", "hands_on", "minutes", "lead"),
    [
        ("chill", False, 30, True),
        ("chill", False, 29, False),
        ("chill", True, 60, False),
        ("mix", False, 60, False),
    ],
)
def test_what_is_begun_long_before_the_rest(kind, hands_on, minutes, lead):
    step = Step(id="s", kind=kind, says="x", hands_on=hands_on, least_min=minutes, most_min=minutes)
    assert step.is_lead is lead


def test_a_time_runs_from_the_shorter_to_the_longer():
    with pytest.raises(ValueError, match="from the shorter to the longer"):
        Step(id="s", kind="mix", says="x", least_min=6, most_min=5)
    assert Step(id="s", kind="mix", says="x", least_min=5, most_min=5).stated_min == 5


def test_only_the_lines_of_a_circle_are_its_faults():
    flat = {"label": "a", "grams": 9}
    parts = {"A": ["B"], "B": ["A", "D"], "C": ["D"], "D": []}
    components = [
        {
            "name": name,
            "lines": [{"component": of, "grams": 10} for of in made_of] or [flat],
        }
        for name, made_of in parts.items()
    ]
    with pytest.raises(FaultyInput) as refused:
        reckon(to_batch(batch(components=components)))
    assert [fault.path for fault in refused.value.faults] == [
        "components[0].lines[0].component",
        "components[1].lines[0].component",
    ]


def test_a_waiver_without_a_figure_holds_however_far_it_goes():
    dry = {"flour": 200, "egg": 30, "baking powder": 9}
    loud = [check for check in judged(dry) if check.speaks]
    assert loud
    waived = [{"code": check.code, "note": "as ever"} for check in loud]
    assert not [check for check in judged(dry, dismissed=waived) if check.speaks]


def judged(bowl, **terms):
    return list(check_build(CheckedBuild(workpiece(bowl, 4, family="cake", **terms))))
