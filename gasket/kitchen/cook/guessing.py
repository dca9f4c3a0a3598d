"""Guesses of how long a step takes, and how far they have lain."""

from collections.abc import Iterator
from typing import Final

from gasket.core.cooking.cook_log import replay
from gasket.core.tasting.guesses import Guess, GuessHabit, habit
from gasket.store.books import Session
from gasket.store.books.cooks import COOKS, lately_guessed

MOST_BATCHES: Final = 60


def habit_of_time(session: Session) -> GuessHabit | None:
    """Over the batches that were guessed of last; None where there are too few guesses."""
    return habit("minutes", list(_guesses(session)))


def _guesses(session: Session) -> Iterator[Guess]:
    for book in COOKS.each(session, lately_guessed(session, MOST_BATCHES)).values():
        for state in replay(book).steps.values():
            if state.guess_min is not None and state.actual_min:
                yield Guess(of="minutes", guess=state.guess_min, truth=state.actual_min)
