"""The bench of the live channel."""

import pytest

from tests.kitchen.live_bench import WeighInUnderWay


@pytest.fixture
def bench(demo_house):
    return WeighInUnderWay(demo_house)
