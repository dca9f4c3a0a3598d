"""Kitchens to test in: each with a database, a clock and a scale of its own."""

import os
import sqlite3
from collections.abc import Iterator
from contextlib import closing
from datetime import UTC, datetime, timedelta
from pathlib import Path

import hypothesis
import pytest
from fastapi.testclient import TestClient

from gasket.demo.kitchen import seed
from gasket.kitchen.house import House
from gasket.kitchen.shelf import reference
from gasket.store.opening import open_database
from tests.faults.deaths import Deaths
from tests.once import made_once
from tests.server import app_of

# A slow moment of the machine is no finding. The suite tries the same examples every time, so that
# a red run is the change's fault; PROPERTIES=search looks for new ones.
hypothesis.settings.register_profile("same", deadline=None, derandomize=True, max_examples=50)
hypothesis.settings.register_profile("search", deadline=None, max_examples=3000)
PROFILE = os.environ.get("PROPERTIES", "same")
SEARCHING = PROFILE == "search"
hypothesis.settings.load_profile(PROFILE)

START = datetime(2026, 1, 5, 18, 0, tzinfo=UTC)


class Clock:
    """Time that passes when told to."""

    def __init__(self) -> None:
        self.time = START

    def __call__(self) -> datetime:
        self.time += timedelta(seconds=1)
        return self.time

    def seconds(self) -> float:
        return self.time.timestamp()


@pytest.fixture(scope="session")
def deaths() -> Iterator[Deaths]:
    """Servers to be killed, and to be many on one kitchen."""
    kept = Deaths()
    yield kept
    kept.close()


@pytest.fixture(scope="session")
def first_day(tmp_path_factory: pytest.TempPathFactory, worker_id: str) -> "dict[str, Path]":
    """Databases to copy from: empty, the demo kitchen, and it with the reference shelf."""
    folder = made_once(tmp_path_factory, "first-day", _first_day, worker_id)
    return _files_of(folder)


def _files_of(folder: Path) -> "dict[str, Path]":
    return {name: folder / f"{name}.sqlite3" for name in ("empty", "demo", "stocked")}


def _first_day(folder: Path) -> None:
    files = _files_of(folder)
    open_database(files["empty"]).close()
    copy(files["empty"], files["demo"])
    demo = House(open_database(files["demo"]), now=Clock())
    demo.write(lambda session: seed(session, demo.now()))
    copy(files["demo"], files["stocked"])
    stocked = House(open_database(files["stocked"]), now=Clock())
    reference.stock(stocked.database, stocked.now())
    for kitchen in (demo, stocked):
        kitchen.close()


def copy(source: Path, target: Path) -> None:
    with closing(sqlite3.connect(source)) as one, closing(sqlite3.connect(target)) as other:
        one.backup(other)


@pytest.fixture
def house(first_day: dict[str, Path], tmp_path: Path) -> Iterator[House]:
    """An empty kitchen without a scale."""
    copy(first_day["empty"], tmp_path / "kitchen.sqlite3")
    clock = Clock()
    kitchen = House(open_database(tmp_path / "kitchen.sqlite3"), now=clock, clock=clock.seconds)
    yield kitchen
    kitchen.close()


@pytest.fixture
def demo_house(house: House, first_day: dict[str, Path]) -> House:
    """The demo kitchen without a scale."""
    become(house, first_day["demo"])
    return house


def become(house: House, file: Path) -> None:
    """Put a prepared database in the place of the house's own."""
    house.database.close()
    copy(file, house.database.path)


@pytest.fixture
def client(demo_house: House) -> Iterator[TestClient]:
    """The demo kitchen's API, without a scale."""
    with TestClient(app_of(demo_house), base_url="http://127.0.0.1") as client:
        yield client


@pytest.fixture
def empty_client(house: House) -> Iterator[TestClient]:
    with TestClient(app_of(house), base_url="http://127.0.0.1") as client:
        yield client
