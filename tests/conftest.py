"""Kitchens to test in: each with a database, a clock and a scale of its own."""

from collections.abc import Iterator
from datetime import UTC, datetime, timedelta
from pathlib import Path

import hypothesis
import pytest
from fastapi.testclient import TestClient

from gasket.api.app import create_app
from gasket.demo.kitchen import seed
from gasket.kitchen.house import House
from gasket.store.database import open_database

# A slow moment of the machine is no finding.
hypothesis.settings.register_profile("gasket", deadline=None)
hypothesis.settings.load_profile("gasket")

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


@pytest.fixture
def house(tmp_path: Path) -> Iterator[House]:
    """An empty kitchen without a scale."""
    clock = Clock()
    kitchen = House(open_database(tmp_path / "kitchen.sqlite3"), now=clock, clock=clock.seconds)
    yield kitchen
    kitchen.engine.dispose()


@pytest.fixture
def client(house: House) -> Iterator[TestClient]:
    """The demo kitchen's API, without a scale."""
    with house.session() as session:
        seed(session, house.now())
    with TestClient(create_app(house), base_url="http://127.0.0.1") as client:
        yield client


@pytest.fixture
def empty_client(house: House) -> Iterator[TestClient]:
    with TestClient(create_app(house), base_url="http://127.0.0.1") as client:
        yield client
