"""Waiting for what happens in another thread or process, without a guess how long it takes."""

import time
from collections.abc import Callable
from typing import TypeVar

T = TypeVar("T")
PATIENCE_S = 30.0


def until(ask: Callable[[], T], is_so: Callable[[T], bool]) -> T:
    """The first answer that is so: asked again at once, as asking takes its time."""
    end = time.monotonic() + PATIENCE_S
    while not is_so(answer := ask()):
        assert time.monotonic() < end, f"still {answer}"
    return answer
