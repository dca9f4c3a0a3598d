"""Hands-free capture and the live channel, with a clock and readings handed in."""

import asyncio

import pytest

from gasket.core.rebuild.finishes import Finish, PlateLine
from gasket.core.rebuild.trial import Build, BuildComponent, BuildLine
from gasket.core.weighing.hands_free import FREE_HOLD_S
from gasket.core.weighing.records import ONE_SCALE
from gasket.core.weighing.weigh_in import Container
from gasket.kitchen.portion import plates
from gasket.kitchen.portion.plates import FinishesEdit
from gasket.kitchen.rebuild import build
from gasket.kitchen.rebuild.build import BuildEdit
from gasket.kitchen.shelf import quick_entry, shelf
from gasket.kitchen.weigh import weigh, weigh_plan
from gasket.kitchen.weigh.live import MOST_WAITING, Aim, LiveLink, LiveReading
from gasket.kitchen.weigh.sheet_change import SheetChange
from gasket.kitchen.weigh.weigh import HandsFree
from gasket.kitchen.weigh.weigh_plan import PlannedPour, WeighPlan
from tests.kitchen.live_bench import PageThatListens
from tests.server import run_apart


def test_a_steady_pour_within_tolerance_is_taken_once_and_the_next_line_begins(bench):
    async def scene():
        await bench.open()
        await bench.show(430, 450, stable=False)
        await bench.hold(bench.full + 1)
        await bench.hold(bench.full + 1)
        await bench.show(bench.full + 20, stable=False)
        await bench.hold(bench.full + 1 + bench.second_g)

    run_apart(scene())
    assert bench.weighed() == [bench.full - 411, bench.second_g]
    assert {line.origin for line in bench.sheet.lines if line.net_g} == {"automatic"}


def test_pieces_without_a_weight_have_no_target_to_be_taken_at(bench):
    with bench.house.database.writing() as session:
        bench.now, bench.batch_id = 1.0, begin_toast(session, bench.house.now())
    bench.record("tare", gross_g=412.0)

    async def scene():
        await bench.open()
        await bench.show(500, stable=False)
        await bench.hold(413)
        await bench.hold(470)

    run_apart(scene())
    assert [line.only_counted for line in bench.sheet.lines] == [True]
    assert bench.weighed() == []


def begin_toast(session, now):
    """Two slices of a loaf whose label prints no grams."""
    loaf = quick_entry.quick(session, "2 slices crew loaf").options[0].label.id
    line = BuildLine(id="a", label_id=loaf, target_g=0, count=2)
    toast = Build(components=(BuildComponent(name="Toast", lines=(line,)),))
    build.save(session, 1, BuildEdit(version=2, build=toast), now)
    return weigh.begin(session, 1, now).id


@pytest.mark.parametrize("share", [-1.0, 0.0, 0.6, 1.2])
def test_what_is_not_within_tolerance_is_not_taken(bench, share):
    async def scene():
        await bench.open()
        await bench.hold(round(412 + share * (412 if share < 0 else bench.full - 412)))

    run_apart(scene())
    assert bench.weighed() == []


def test_a_pour_that_has_not_held_still_is_not_taken(bench):
    async def scene():
        await bench.open()
        await bench.show(*[bench.full, bench.full + 3] * 12)
        await bench.show(*[bench.full, bench.full - 3] * 15, stable=False)

    run_apart(scene())
    assert bench.weighed() == []


def test_after_undo_the_same_pour_is_not_taken_again_by_itself(bench):
    async def scene():
        await bench.open()
        await bench.hold(bench.full)
        bench.record("undo", undoes=bench.sheet.last_record, origin="hand")
        await bench.hold(bench.full)
        await bench.hold(bench.full)

    run_apart(scene())
    assert bench.weighed() == []


def test_hands_free_can_be_switched_off_and_needs_a_page_at_the_lines(bench):
    async def scene():
        await bench.open()
        bench.live.aim(bench.page, Aim(aim="mixture"))
        await bench.hold(bench.full)
        bench.live.aim(bench.page, Aim(aim="line"))
        with bench.house.database.writing() as session:
            off = weigh.set_hands_free(session, bench.batch_id, weigh.HandsFree(on=False))
        bench.house.live.changed(off)
        await bench.hold(bench.full)

    run_apart(scene())
    assert bench.weighed() == []


def test_every_page_of_a_batch_sees_what_another_one_took(bench):
    other = PageThatListens()

    async def scene():
        await bench.open()
        bench.house.live.join(bench.sheet, other)
        bench.record("line", line=bench.sheet.current, net_g=280, origin="hand")

    run_apart(scene())
    assert other.heard(SheetChange)[-1].lines[0].net_g == 280


def test_an_older_sheet_never_takes_the_place_of_a_newer_one(bench):
    late = PageThatListens()

    async def scene():
        await bench.open()
        older = bench.sheet
        bench.record("line", line=bench.sheet.current, net_g=280, origin="hand")
        bench.house.live.changed(older)
        bench.house.live.join(older, late)

    run_apart(scene())
    assert bench.house.live.sheet_of(bench.batch_id).lines[0].net_g == 280
    assert late.told[0].sheet.lines[0].net_g == 280


def test_a_page_that_does_not_keep_up_misses_readings_and_never_a_change(bench):
    async def scene():
        await bench.open()
        await bench.show(*range(1000, 1000 + 2 * MOST_WAITING), stable=False)
        bench.record("line", line=bench.sheet.current, net_g=280, origin="hand")

    run_apart(scene())
    assert len(bench.page.heard(LiveReading)) <= MOST_WAITING + 1
    assert any(told.lines[0].net_g == 280 for told in bench.page.heard(SheetChange))


def test_a_portion_is_judged_against_what_is_left_for_it(bench):
    bench.record("mixture", net_g=1492, origin="hand")
    bench.record("portion", piece=1, net_g=200, origin="hand")

    async def scene():
        bench.live.aim(bench.page, Aim(aim="portion", piece=2))
        await bench.open()
        await bench.show(500)

    run_apart(scene())
    assert bench.page.heard(LiveReading)[-1].target_g == pytest.approx((1492 - 200) / 7)


def test_every_change_of_a_batch_is_told_wherever_it_was_written(bench):
    finish = Finish(id="syrup", name="Syrup", lines=(PlateLine(label_id=1, grams=10),))

    async def scene():
        await bench.open()
        for change in (
            lambda s: plates.save(s, bench.batch_id, FinishesEdit(version=1, finishes=(finish,))),
            lambda s: weigh.set_hands_free(s, bench.batch_id, HandsFree(on=False)),
        ):
            before = len(bench.page.heard(SheetChange))
            bench.house.write(change)
            await asyncio.sleep(0)
            assert len(bench.page.heard(SheetChange)) == before + 1
        before = len(bench.page.heard(SheetChange))
        bench.house.write(lambda s: shelf.touch(s, {1}, bench.house.now()))
        await asyncio.sleep(0)
        assert len(bench.page.heard(SheetChange)) == before

    run_apart(scene())


POCKET = "pocket scale"


def small_line_first(bench):
    """The 4 g line comes first: one for the pocket scale."""
    with bench.house.database.writing() as session:
        sheet = weigh.sheet(session, bench.batch_id)
        lines = [
            PlannedPour(id=line.id, bowl=line.bowl)
            for line in sorted(sheet.lines, key=lambda line: line.target_g)
        ]
        weigh_plan.arrange(
            session, bench.batch_id, WeighPlan(version=sheet.version, lines=tuple(lines))
        )
    bench.house.live.capacity_g = {ONE_SCALE: 5000.0, POCKET: 500.0}
    bench.house.live.links = {ONE_SCALE: True, POCKET: True}


def test_a_small_line_is_weighed_on_the_finer_scale_and_tipped_into_the_bowl(bench):
    small_line_first(bench)
    target = bench.sheet.lines[0].target_g

    async def scene():
        await bench.open()
        await bench.hold(412)
        await bench.hold(38.0, scale=POCKET, division_g=0.1)
        await bench.hold(38.0 + target, scale=POCKET, division_g=0.1)

    run_apart(scene())
    sheet = bench.sheet
    assert bench.weighed() == [target]
    assert sheet.tares[POCKET].vessel == Container("beside", "Loaf")
    assert sheet.tares[ONE_SCALE].tipped_g == target
    assert bench.page.heard(LiveLink)[-1].in_use == POCKET


def test_a_scale_that_falls_silent_with_the_bowl_on_it_is_waited_for(bench):
    live = bench.house.live

    async def scene():
        await bench.open()
        live.capacity_g, live.links = {ONE_SCALE: 5000.0, POCKET: 500.0}, {ONE_SCALE: True}
        await bench.show(412.0)
        await bench.show(38.0, scale=POCKET, division_g=0.1)
        live.link(POCKET, True)
        live.link(ONE_SCALE, False)

    run_apart(scene())
    link = bench.page.heard(LiveLink)[-1]
    assert (link.in_use, link.scales[ONE_SCALE]) == (ONE_SCALE, False)


def test_a_free_pour_takes_itself_only_after_a_long_rest(bench):
    with bench.house.database.writing() as session:
        free = weigh.BeginWeighIn(free=True)
        bench.batch_id = weigh.begin(session, 1, bench.house.now(), free).id
        weigh.set_hands_free(session, bench.batch_id, weigh.HandsFree(on=True))
    bench.now = 5.0
    bench.record("tare", gross_g=412.0, bowl="Bowl")
    taken = []

    async def scene():
        await bench.open()
        await bench.hold(532)
        taken.append(bench.weighed())
        await bench.hold(532, seconds=FREE_HOLD_S + 0.5)

    run_apart(scene())
    assert (taken, bench.weighed()) == ([[]], [120])
    assert [line.unnamed for line in bench.sheet.lines] == [True]
