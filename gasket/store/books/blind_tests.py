"""Blind tests as they are kept, and what was answered at their seats."""

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime
from functools import cached_property
from typing import Any, Final

from sqlmodel import Session, col, select

from gasket.core.tasting.blind import BlindAnswer, BlindKind, Seat
from gasket.store.books.book import Book
from gasket.store.taste_tables import BlindAnswerRow, BlindTestRow


@dataclass(frozen=True, kw_only=True)
class BlindTest:
    """A blind test of two samples. What the samples are is not told before it has ended."""

    id: int
    dish_id: int
    kind: BlindKind
    name_a: str
    name_b: str
    stored_plan: list[dict[str, Any]]
    created_at: datetime
    ended_at: datetime | None
    removed_at: datetime | None

    @cached_property
    def plan(self) -> tuple[Seat, ...]:
        return tuple(Seat.model_validate(seat) for seat in self.stored_plan)


BLIND_TESTS: Final = Book(BlindTestRow, BlindTest, "blind test")


def tests_of(session: Session, dish_id: int) -> list[BlindTest]:
    """The tests of a dish that are not put away, newest first."""
    there = col(BlindTestRow.removed_at).is_(None)
    return BLIND_TESTS.all(session, col(BlindTestRow.dish_id) == dish_id, there)[::-1]


def answer_known(session: Session, answer_id: str) -> bool:
    """Whether an answer with this id is kept already."""
    query = select(BlindAnswerRow.id).where(BlindAnswerRow.id == answer_id)
    return session.exec(query).first() is not None


def add_answer(session: Session, test_id: int, given: BlindAnswer, now: datetime) -> None:
    """Keep what was chosen at a seat, or taken back."""
    session.add(BlindAnswerRow(test_id=test_id, at=now, **given.model_dump()))
    session.flush()


def chosen_in(session: Session, test_ids: Iterable[int]) -> dict[int, dict[int, int]]:
    """The last code of each seat, by test."""
    chosen: dict[int, dict[int, int]] = {}
    query = select(BlindAnswerRow).where(col(BlindAnswerRow.test_id).in_(list(test_ids)))
    for given in session.exec(query.order_by(col(BlindAnswerRow.sequence))):
        seats = chosen.setdefault(given.test_id, {})
        if given.taken_back:
            seats.pop(given.seat, None)
        else:
            seats[given.seat] = given.code
    return chosen
