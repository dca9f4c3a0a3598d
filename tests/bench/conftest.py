import pytest

from tests.server import Server


@pytest.fixture(scope="module")
def server(tmp_path_factory):
    with Server(tmp_path_factory.mktemp("bench") / "kitchen.sqlite3") as running:
        yield running
