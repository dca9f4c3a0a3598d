"""Requests to write that carry a key of their sender: sent again, they are answered the same.

A page that hears no answer cannot know whether its request was carried out. It sends it again with
the same key, and what was done is not done twice, nor refused because it was done.
"""

import zlib
from datetime import datetime, timedelta
from typing import Final

from pydantic_core import to_json
from sqlmodel import Session, col, delete

from gasket.core.errors import FaultyInput
from gasket.store.tables import SentRow

KEPT_FOR: Final = timedelta(days=2)


class AlreadyDone(Exception):
    """This very request was carried out before; `answer` is what was answered then, as JSON."""

    def __init__(self, status: int, answer: bytes) -> None:
        self.status, self.answer = status, answer
        super().__init__("Done before.")


def refuse_again(session: Session, key: str, request: str) -> None:
    """Raises `AlreadyDone` for a key that was answered; `FaultyInput` for one that was used for
    another request."""
    row = session.get(SentRow, key)
    if row is None:
        return
    if row.request != request:
        raise FaultyInput.at("Idempotency-Key", "This key was used for another request.")
    raise AlreadyDone(row.status, zlib.decompress(row.answer))


def remember(
    session: Session, key: str, request: str, status: int, answer: object, now: datetime
) -> None:
    """Keep what is answered, in the transaction that does what was asked."""
    said = b"" if answer is None else to_json(answer)
    session.exec(delete(SentRow).where(col(SentRow.at) < now - KEPT_FOR))
    session.add(
        SentRow(key=key, request=request, status=status, answer=zlib.compress(said), at=now)
    )
