"""What the ovens of this house have taught: the timed cooking steps of the newest cooks."""

from typing import Final

from gasket.core.cooking.oven_memory import TimedBake
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES
from gasket.store.books import Session
from gasket.store.books.cooks import newest_cooks

MOST_COOKS: Final = 60
"""Ovens change, and a house with years of cooks is asked every two seconds while something runs."""


Memory = dict[int, tuple[TimedBake, ...]]
"""The bakes of each of the newest cooks, by batch."""


def memory(session: Session) -> Memory:
    newest = newest_cooks(session, MOST_COOKS)
    return {key: figures.bakes for key, figures in BATCH_FIGURES.of(session, newest).items()}


def baked(memory: Memory, without: int | None = None) -> tuple[TimedBake, ...]:
    """Bakes, newest first; those of one batch (that is being cooked) left out."""
    bakes_so_far = [bake for key, bakes in memory.items() if key != without for bake in bakes]
    return tuple(sorted(bakes_so_far, key=lambda bake: bake.at, reverse=True))
