"""Measured, not gated: a dish with 300 trials and 1,000 tastings."""

import time
import uuid

import httpx
import pytest

from tests.bench.measuring import percentile_95, say_ms
from tests.server import Server

TRIALS, TASTINGS = 300, 1000


@pytest.fixture(scope="module")
def lab_book(tmp_path_factory):
    """The demo's loaf, copied and changed a line at a time, tasted by three."""
    path = tmp_path_factory.mktemp("lab") / "kitchen.sqlite3"
    with Server(path) as running, httpx.Client(base_url=running.url, timeout=60) as api:
        copy_of = 1
        for number in range(TRIALS - 4):
            new = {"copy_of": copy_of, "intent": f"trial {number}"}
            made = api.post("/api/dishes/1/trials", json=new).raise_for_status().json()
            lines = made["build"]["components"][0]["lines"]
            lines[number % len(lines)]["target_g"] += 3
            edit = {"version": made["version"], "build": made["build"]}
            api.put(f"/api/trials/{made['id']}/build", json=edit).raise_for_status()
            copy_of = made["id"] if number % 3 else copy_of
        for number in range(TASTINGS):
            marks = {"taste": str(5 + number % 5), "texture": str(4 + number % 6)}
            said = {"id": str(uuid.uuid4()), "taster_id": 1 + number % 3, "marks": marks}
            batch = (1, 4, 5, 6)[number % 4]
            api.post(f"/api/batches/{batch}/tastings", json=said).raise_for_status()
        yield api


@pytest.mark.parametrize(
    ("path", "wanted"),
    [
        ("/api/dishes/1/history", "≤ 200 ms"),
        ("/api/trials/1/next", "≤ 3,000 ms"),
        ("/api/batches/1/tastings", "≤ 200 ms"),
        ("/api/dishes/1", "≤ 100 ms"),
    ],
)
def test_a_dish_of_300_trials(benchmark, lab_book, path, wanted):
    times = []

    def get():
        start = time.perf_counter()
        lab_book.get(path).raise_for_status()
        times.append((time.perf_counter() - start) * 1000)

    benchmark.pedantic(get, rounds=40, warmup_rounds=2)
    del times[:2]  # what was not kept yet was calculated then
    say_ms(f"{path}, {TRIALS} trials", percentile_95(times), "at the 95th percentile", wanted)
