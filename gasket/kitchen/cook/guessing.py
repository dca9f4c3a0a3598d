"""Guesses of how long a step takes, and how far they have lain."""

from collections.abc import Iterator
from typing import Final

from sqlmodel import Session, col, select

from gasket.core.cooking.cook_log import Deed, replay
from gasket.core.tasting.guesses import Guess, GuessHabit, habit
from gasket.store import rows
from gasket.store.tables import CookRow

MOST_BATCHES: Final = 60


def habit_of_time(session: Session) -> GuessHabit | None:
    """Over the batches that were guessed of last; None where there are too few guesses."""
    return habit("minutes", list(_guesses(session)))


def _guesses(session: Session) -> Iterator[Guess]:
    query = select(CookRow.batch_id).where(CookRow.deed == Deed.GUESS)
    query = query.order_by(col(CookRow.sequence).desc()).limit(MOST_BATCHES)
    guessed = {key for key in session.exec(query) if key is not None}
    for book in rows.cook_books(session, guessed).values():
        for state in replay(book).steps.values():
            if state.guess_min is not None and state.actual_min:
                yield Guess(of="minutes", guess=state.guess_min, truth=state.actual_min)
