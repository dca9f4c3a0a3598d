"""Measured, not gated: a kitchen with years behind it, and one that brings in a long list."""

import itertools
import time
import uuid

import httpx
import pytest

from gasket.kitchen.shelf import food_search
from gasket.store import search
from gasket.store.opening import open_database
from gasket.store.tables import FoodRow
from tests.bench.measuring import percentile_95, say, say_ms
from tests.conftest import START
from tests.pages import PAGES
from tests.server import Server

DISHES = 1000
FOODS = 10 * DISHES


@pytest.fixture(scope="module")
def large(tmp_path_factory):
    """1,000 dishes, 10,000 foods, about 3,000 batches that were cooked, divided and eaten."""
    path = tmp_path_factory.mktemp("large") / "kitchen.sqlite3"
    with (
        Server(path, options=("--large", str(DISHES))) as running,
        httpx.Client(base_url=running.url, timeout=60) as api,
    ):
        yield api


@pytest.mark.parametrize("shown", PAGES)
def test_a_page_of_a_house_of_1_000_dishes(benchmark, large, shown):
    times, sizes = [], []

    def get():
        start = time.perf_counter()
        answer = large.get(PAGES[shown])
        times.append((time.perf_counter() - start) * 1000)
        sizes.append(len(answer.raise_for_status().content))

    benchmark.pedantic(get, rounds=60, warmup_rounds=3)
    kilobytes = max(sizes) / 1000
    kind = f"at the 95th percentile, {kilobytes:.0f} kB"
    say_ms(f"{shown}, {DISHES} dishes", percentile_95(times), kind, "≤ 100 ms, ≤ 60 kB")


def test_searching_ten_thousand_foods(benchmark, tmp_path):
    database = open_database(tmp_path / "kitchen.sqlite3")
    with database.writing() as session:
        fill(session, FOODS)
    with database.reading() as session:
        words = itertools.cycle(["quark", "c1234berry", "c1234bery", "pack 42 food", "fod 77"])
        benchmark(lambda: food_search.page(session, next(words), 8))
    say_ms("search, 10,000 foods", 1000 * benchmark.stats.stats.max, "at most", "≤ 50 ms")
    database.close()


def fill(session, foods):
    made = [
        search.FoodNames(i, f"food {i} {'abcdefgh'[i % 8]}{i}berry", (), (f"pack {i % 97}",))
        for i in range(1, foods + 1)
    ]
    session.add_all(FoodRow(id=one.food_id, name=one.name, created_at=START) for one in made)
    session.flush()
    search.index(session, made)


def long_list(rows):
    header = "food,package,style,basis_g,kcal,protein_g,carbohydrate_g,fat_g,measures\n"
    return header + "".join(
        f"food {i},pack {i},eu,100,67,12,4,0.2,cup = {200 + i % 40}\n" for i in range(rows)
    )


def test_captures_while_20_000_rows_are_brought_in(benchmark, server):
    """A capture every tenth of a second, from the first byte of the file to its last row."""
    waits = []
    with httpx.Client(base_url=server.url, timeout=60) as api:
        batch = api.post("/api/trials/1/batches").json()
        line = batch["lines"][0]["id"]

        def stage(key):
            return api.get(f"/api/shelf/imports/{key}").json()["stage"]

        def capture_while(key, doing):
            while stage(key) == doing:
                pour = {"kind": "line", "line": line, "net_g": 20.0, "origin": "hand"}
                body = {"id": str(uuid.uuid4()), **pour}
                start = time.perf_counter()
                answer = api.post(f"/api/batches/{batch['id']}/weighings", json=body)
                waits.append((time.perf_counter() - start) * 1000)
                answer.raise_for_status()
                time.sleep(0.1)

        def bring():
            path = "/api/shelf/imports?file=shelf.csv"
            key = api.post(path, content=long_list(20_000).encode()).raise_for_status().json()["id"]
            capture_while(key, "reading")
            api.post(f"/api/shelf/imports/{key}/commit", json={}).raise_for_status()
            capture_while(key, "writing")
            assert stage(key) == "done"

        benchmark.pedantic(bring, rounds=1)
    say("import of 20,000 rows", f"{benchmark.stats.stats.max:.0f} s", "< 60 s")
    kind = f"at the 95th percentile of {len(waits)}, {max(waits):.0f} ms at most"
    say_ms("captures meanwhile", percentile_95(waits), kind, "≤ 150 ms")
