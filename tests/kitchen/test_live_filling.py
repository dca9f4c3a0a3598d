"""Pieces filled hands-free, with a clock and readings handed in."""

from gasket.core.reckoning.dividing import Dividing
from gasket.kitchen.weigh import weigh
from gasket.kitchen.weigh.live import Aim, Page
from gasket.kitchen.weigh.weigh import HandsFree
from tests.server import run_apart


def ready_to_fill(bench, pieces=3, mixture_g=600.0, **dividing):
    """A demo batch with its mixture weighed, to be filled by a page that aims at its pieces."""
    for line in bench.sheet.lines:
        one = {"line": line.id, "net_g": max(line.target_g, 0.1), "origin": "hand"}
        bench.now += 0.001
        bench.record("line", **one)
    with bench.house.database.writing() as session:
        weigh.divide(session, bench.batch_id, Dividing(pieces=pieces, **dividing))
    bench.record("mixture", net_g=mixture_g, origin="hand")
    bench.live.aim(bench.page, Aim(aim="portion"))


async def cups(bench, contents, empty=20.0):
    """One cup after the other: set down empty, filled to a weight, lifted off."""
    for grams in contents:
        await bench.show(0, stable=False)
        await bench.hold(0)
        await bench.hold(empty)
        await bench.show(empty + grams / 2, stable=False)
        await bench.hold(empty + grams)


def test_pieces_are_filled_one_cup_after_the_other_without_a_touch(bench):
    ready_to_fill(bench)

    async def scene():
        await bench.open()
        await cups(bench, [203, 198, 199])

    run_apart(scene())
    sheet = bench.sheet
    assert [piece.net_g for piece in sheet.pieces] == [203, 198, 199]
    assert (sheet.next_piece, sheet.fill_g) == (None, {})


def test_pieces_of_a_tray_are_filled_where_it_stands(bench):
    ready_to_fill(bench)

    async def scene():
        await bench.open()
        await bench.hold(0)
        await bench.hold(300)
        for gross in (500, 700, 900):
            await bench.show(gross - 60, stable=False)
            await bench.hold(gross)

    run_apart(scene())
    assert [piece.net_g for piece in bench.sheet.pieces] == [200, 200, 200]


def test_a_second_pass_tops_every_cup_up_and_leaves_the_odd_one(bench):
    ready_to_fill(bench, two_pass=True)

    async def scene():
        await bench.open()
        await cups(bench, [176, 176, 176])
        bench.record("odd", piece=2, origin="hand")
        assert bench.sheet.topping_up
        assert set(bench.sheet.fill_g) == {1, 3}
        for _ in (1, 3):
            await bench.show(0, stable=False)
            await bench.hold(0)
            await bench.hold(196)  # the filled cup comes back on and is tared
            await bench.show(210, stable=False)
            await bench.hold(232)

    run_apart(scene())
    pieces = {piece.piece: piece for piece in bench.sheet.pieces}
    assert [pieces[n].net_g for n in (1, 2, 3)] == [212, 176, 212]
    assert pieces[2].odd
    assert bench.sheet.next_piece is None


def test_hands_free_off_waits_for_the_cook(bench):
    ready_to_fill(bench)
    with bench.house.database.writing() as session:
        weigh.set_hands_free(session, bench.batch_id, HandsFree(on=False))

    async def scene():
        await bench.open()
        await cups(bench, [200, 200])

    run_apart(scene())
    assert bench.sheet.pieces == ()


def test_of_two_pages_that_fill_the_machine_follows_the_one_that_said_so_last(bench):
    ready_to_fill(bench, pieces=6, mixture_g=1200.0)
    other, filled = Page(), []

    async def fill_one():
        await cups(bench, [200])
        filled.extend({piece.piece for piece in bench.sheet.pieces}.difference(filled))

    async def scene():
        await bench.open()
        bench.live.join(bench.sheet, other)
        bench.live.aim(other, Aim(aim="portion", piece=6))
        for page, piece in ((bench.page, 2), (other, 5), (bench.page, 3)):
            bench.live.aim(page, Aim(aim="portion", piece=piece))
            await fill_one()
        bench.live.aim(bench.page, Aim(aim="portion", piece=4))
        bench.live.aim(other, Aim(aim="portion", piece=1))
        bench.live.aim(other, Aim(aim="mixture"))
        await fill_one()
        assert filled == [2, 5, 3, 4]

    run_apart(scene())
