"""What pages have to read again after a change, as they are told of it."""

import itertools
import time
from collections.abc import Iterator
from typing import Final

from gasket.core.numbers import Answer
from gasket.store.changes import ChangeNote, HousePart

MOST_NAMED: Final = 200
"""More dishes and batches than this are not named one by one."""


_LISTED: Final[frozenset[HousePart]] = frozenset(("stock", "timers"))
"""Where dishes and batches are listed with some of their figures."""


class Stale(Answer):
    """What is shown of these dishes (with their trials), batches and things of the house is old;
    `everything` where they are too many to name. `number` is of the change: it is told once to
    whoever made it and once to all, and heard twice it is still one change."""

    number: int
    dishes: tuple[int, ...] = ()
    batches: tuple[int, ...] = ()
    things: tuple[HousePart, ...] = ()
    everything: bool = False


def numbers() -> Iterator[int]:
    """Numbers for changes: another server, or this one started again, gives others."""
    return itertools.count(time.time_ns() // 1000)


def stale_by(number: int, changed: ChangeNote) -> Stale:
    """What `changed` makes old."""
    named = len(changed.dishes) + len(changed.batches)
    if named > MOST_NAMED or "settings" in changed.things:
        return Stale(number=number, everything=True)
    return Stale(
        number=number,
        dishes=tuple(sorted(changed.dishes)),
        batches=tuple(sorted(changed.batches)),
        things=tuple(sorted(changed.things | (_LISTED if named else frozenset()))),
    )
