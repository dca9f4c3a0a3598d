"""Logs of cooks: what was done at the stove and seen in the oven; without a batch, timers."""

from collections.abc import Iterable
from datetime import datetime
from typing import Final

from sqlmodel import Session, col, select

from gasket.core.cooking.cook_log import CookRecord, StepAct
from gasket.store.books.log import Log
from gasket.store.tables import CookRow

COOKS: Final = Log(CookRow, CookRecord)
_NEWEST_FIRST: Final = col(CookRow.sequence).desc()


def timers_since(session: Session, since: datetime) -> list[CookRecord]:
    """The log of what belongs to no batch, oldest first."""
    return COOKS.of(session, None, col(CookRow.at) >= since)


def cooked_since(session: Session, since: datetime) -> list[int]:
    """The batches at whose cook something was logged since then."""
    query = select(col(CookRow.batch_id)).where(col(CookRow.at) >= since)
    return _once(session.exec(query))


def newest_cooks(session: Session, most: int) -> list[int]:
    """The batches at whose cook something was logged last, the latest first."""
    query = select(CookRow.batch_id).where(col(CookRow.batch_id).is_not(None))
    query = query.order_by(_NEWEST_FIRST).execution_options(yield_per=100)
    newest: dict[int, None] = {}
    for batch_id in session.exec(query):
        if batch_id is not None:
            newest.setdefault(batch_id)
        if len(newest) > most:
            break
    return list(newest)[:most]


def lately_guessed(session: Session, most: int) -> list[int]:
    """The batches of the latest guesses of how long a step takes."""
    query = select(col(CookRow.batch_id)).where(CookRow.deed == StepAct.GUESS)
    return _once(session.exec(query.order_by(_NEWEST_FIRST).limit(most)))


def _once(keys: Iterable[int | None]) -> list[int]:
    return [key for key in dict.fromkeys(keys) if key is not None]
