"""The bench of the live channel, and the demo kitchen with the reference shelf."""

import pytest

from tests.conftest import become
from tests.kitchen.live_bench import WeighInUnderWay


@pytest.fixture
def bench(demo_house):
    return WeighInUnderWay(demo_house)


@pytest.fixture
def stocked_house(house, first_day):
    """The demo kitchen with the reference shelf."""
    become(house, first_day["stocked"])
    return house
