"""The scale port: its line format, the simulated pan, and the driver on a real socket."""

import queue
import random
import socket
import subprocess
import sys
import time
from contextlib import contextmanager
from itertools import pairwise

import pytest
from hypothesis import given
from hypothesis import strategies as st

from gasket.core.weighing.records import Reading
from gasket.scale.driver import Driver, Lines
from gasket.scale.line_format import MOST_LINE_BYTES, parse_line, print_line
from gasket.scale.pan import BowlOnScale
from gasket.scale.process import SimulatorProcess

STEP_S = 0.1
PATIENCE_S = 10


@pytest.mark.parametrize(
    ("line", "grams", "division", "stable", "mode"),
    [
        ("S G 412 g", 412, 1, True, "gross"),
        ("U N -0.5 g", -0.5, 0.1, False, "net"),
        ("S G 1.205 kg", 1205, 1, True, "gross"),
        ("S G 4.0 oz t=17.5", 113.398093, 2.8349523125, True, "gross"),
        ("U G +12 g\r\n", 12, 1, False, "gross"),
    ],
)
def test_a_line_is_a_reading_in_grams(line, grams, division, stable, mode):
    reading = parse_line(line)
    assert (reading.grams, reading.division_g) == pytest.approx((grams, division))
    assert (reading.stable, reading.mode) == (stable, mode)


@pytest.mark.parametrize("line", ["", "412", "S G 412", "X G 1 g", "S G nan g", "S G 1e9 g", "é"])
def test_a_line_of_another_kind_is_none(line):
    assert parse_line(line) is None


def test_overload_is_said():
    assert parse_line("O G 5001 g").overload


@given(
    st.integers(-30000, 50000),
    st.sampled_from([1.0, 0.1]),
    st.booleans(),
    st.sampled_from(["gross", "net"]),
)
def test_what_is_printed_reads_back(steps, division, stable, mode):
    given_reading = Reading(
        grams=round(steps * division, 1), stable=stable, mode=mode, division_g=division
    )
    assert parse_line(print_line(given_reading)) == given_reading


def settle(pan, seconds=8.0):
    shown = [pan.advance(STEP_S) for _ in range(int(seconds / STEP_S))]
    return shown[-1]


def test_a_pour_climbs_unsteadily_and_settles_on_what_was_poured():
    pan = BowlOnScale(random.Random(1))
    settle(pan)
    pan.act("pour", 150)
    on_the_way = [pan.advance(STEP_S) for _ in range(10)]
    assert not any(reading.stable for reading in on_the_way[2:])
    assert settle(pan).grams == 562
    assert settle(pan).stable


@pytest.mark.parametrize(
    ("act", "amount", "grams"),
    [("scoop", 31, 443), ("spill", 500, 412), ("lift", 0, 0), ("pour", 0.4, 412)],
)
def test_what_hands_do_shows_on_the_scale(act, amount, grams):
    pan = BowlOnScale(random.Random(2))
    pan.act(act, amount)
    assert settle(pan).grams == grams


def test_the_finer_division_and_the_scales_own_zero():
    pan = BowlOnScale(random.Random(3))
    pan.act("division", 0.1)
    pan.act("scoop", 0.4)
    assert settle(pan).grams == pytest.approx(412.4, abs=0.11)
    pan.act("zero")
    shown = settle(pan)
    assert (shown.mode, shown.grams) == ("net", pytest.approx(0, abs=0.11))


def test_too_much_is_an_overload_and_silence_is_silence():
    pan = BowlOnScale(random.Random(4))
    pan.act("scoop", 6000)
    assert settle(pan).overload
    pan.act("silence", 0.5)
    assert pan.advance(STEP_S) is None


@given(st.integers(0, 2**32), st.lists(st.floats(1, 300), min_size=1, max_size=6))
def test_settled_readings_differ_by_what_was_poured_within_a_division(seed, pours):
    pan = BowlOnScale(random.Random(seed))
    before = settle(pan).grams
    for grams in pours:
        pan.act("pour", grams)
        after = settle(pan).grams
        assert abs((after - before) - grams) <= 1.0 + 0.3
        before = after


@contextmanager
def simulated():
    process = SimulatorProcess(seed=5)
    process.ensure()
    heard, links = queue.Queue(), queue.Queue()
    driver = Driver(process.url, heard.put, links.put)
    driver.start()
    try:
        yield process, heard, links
    finally:
        driver.stop()
        process.stop()


def next_reading(heard, wanted=lambda _: True):
    deadline = time.monotonic() + PATIENCE_S
    while time.monotonic() < deadline:
        reading = heard.get(timeout=PATIENCE_S)
        if wanted(reading):
            return reading
    raise AssertionError("no such reading came")


def test_the_driver_hears_the_simulated_scale_and_every_line_once():
    with simulated() as (_, heard, links):
        assert links.get(timeout=PATIENCE_S) is True
        stamps = [heard.get(timeout=PATIENCE_S).sent_ms for _ in range(12)]
        gaps = [later - earlier for earlier, later in pairwise(stamps)]
        assert gaps == pytest.approx([100] * 11, abs=1.5), "a line is missing, or came twice"


def test_a_lost_connection_shows_and_recovers():
    with simulated() as (process, heard, links):
        assert links.get(timeout=PATIENCE_S) is True
        process._process.kill()
        assert links.get(timeout=PATIENCE_S) is False
        process.revive()
        assert links.get(timeout=PATIENCE_S) is True
        assert next_reading(heard, lambda reading: reading.stable).grams == 412


@given(st.data())
def test_lines_are_the_same_however_they_arrive(data):
    long = st.integers(MOST_LINE_BYTES + 1, 3 * MOST_LINE_BYTES).map(lambda n: b"x" * n)
    short = st.sampled_from([b"S G 412 g", b"", b"U N -0.5 g t=17", b"S G 9.1 g\r"])
    sent = data.draw(st.lists(short | long, max_size=8))
    stream = b"".join(line + b"\n" for line in sent)
    cuts = sorted(data.draw(st.lists(st.integers(0, len(stream)), max_size=12)))
    lines, blocks = Lines(), [stream[a:b] for a, b in pairwise([0, *cuts, len(stream)])]
    heard = [line for block in blocks for line in lines.of(block)]
    assert heard == [line for line in sent if len(line) <= MOST_LINE_BYTES]


@contextmanager
def scale_on_a_socket():
    """A driver, and the other end of its line."""
    heard, links = queue.Queue(), queue.Queue()
    with socket.create_server(("127.0.0.1", 0)) as listener:
        url = f"socket://127.0.0.1:{listener.getsockname()[1]}"
        driver = Driver(url, lambda reading: heard.put((time.monotonic(), reading)), links.put)
        driver.start()
        other, _ = listener.accept()
        with other:
            yield other, heard, links
            driver.stop()


def test_a_thousand_lines_a_second_are_heard_in_time_and_cost_little():
    with scale_on_a_socket() as (other, heard, _):
        begun_s, begun_cpu = time.monotonic(), time.process_time()
        for tenth in range(20):
            other.sendall(b"".join(b"U G %d g\n" % (100 * tenth + i) for i in range(100)))
            time.sleep(max(0.0, begun_s + 0.1 * (tenth + 1) - time.monotonic()))
        readings = [heard.get(timeout=PATIENCE_S) for _ in range(2000)]
        spent = (time.process_time() - begun_cpu) / (time.monotonic() - begun_s)
    assert [reading.grams for _, reading in readings] == list(range(2000))
    late = [at - begun_s - 0.1 * (i // 100) for i, (at, _) in enumerate(readings)]
    assert sorted(late)[1900] < 1.0, "heard late, also for a machine with three tests at a time"
    assert spent < 0.5, "more than half of a processor goes into listening"


def test_a_flood_without_an_end_of_line_is_survived_at_once():
    with scale_on_a_socket() as (other, heard, links):
        other.sendall(b"S G 1 g\n")
        assert links.get(timeout=PATIENCE_S) is True
        other.sendall(b"9" * 5_000_000)
        other.sendall(b" S G 2 g\nS G 3 g\n")
        assert [heard.get(timeout=PATIENCE_S)[1].grams for _ in range(2)] == [1, 3]
        assert links.empty(), "it never counted as lost"


def test_a_scale_that_is_not_there_is_waited_for():
    links = queue.Queue()
    driver = Driver("socket://127.0.0.1:9", lambda _: None, links.put)
    driver.start()
    assert links.get(timeout=PATIENCE_S) is False
    driver.stop()


def test_the_simulator_runs_alone_and_says_its_port():
    with subprocess.Popen(
        [sys.executable, "-m", "gasket.cli", "scale", "simulate"], stdout=subprocess.PIPE, text=True
    ) as alone:
        assert int(alone.stdout.readline()) > 0
        alone.terminate()
