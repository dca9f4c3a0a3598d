"""What the cook chose for words that may mean several foods."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime
from typing import Final

from sqlmodel import Session, col

from gasket.store.books.book import Book
from gasket.store.tables import ChosenFoodRow


@dataclass(frozen=True, kw_only=True)
class ChosenFood:
    """A package of a food that was chosen for these words, how often in a row and when last."""

    id: int
    words: str
    food_id: int
    label_id: int
    times: int
    chosen_at: datetime


CHOSEN: Final = Book(ChosenFoodRow, ChosenFood, "choice")


def chosen_for(session: Session, words: Iterable[str]) -> dict[str, ChosenFood]:
    """The last choice for each of these words, where there is one."""
    rows = CHOSEN.all(session, col(ChosenFoodRow.words).in_(list(words)))
    return {row.words: row for row in rows}
