"""Books of the stock: servings of a batch put away, eaten, given, binned, moved, drawn."""

from collections.abc import Iterable
from datetime import datetime
from typing import Final

from sqlalchemy import and_
from sqlalchemy.orm import aliased
from sqlmodel import Session, col, select

from gasket.core.cooking.stock import Move, StockRecord
from gasket.store.books.log import Log
from gasket.store.kept_tables import BatchStampRow, KeptBatchRow
from gasket.store.tables import BatchRow, StockRow, TrialRow

STOCK: Final = Log(StockRow, StockRecord)


def warmed_lately(session: Session, dish_ids: Iterable[int]) -> dict[int, tuple[datetime, str]]:
    """When any batch of each dish was last warmed up, and how it came out."""
    undone = aliased(StockRow)
    query = (
        select(TrialRow.dish_id, StockRow.at, StockRow.note)
        .join(BatchRow, col(BatchRow.trial_id) == col(TrialRow.id))
        .join(StockRow, col(StockRow.batch_id) == col(BatchRow.id))
        .where(col(TrialRow.dish_id).in_(list(dish_ids)), StockRow.move == Move.WARMED)
        .where(~select(undone.id).where(col(undone.undoes) == col(StockRow.id)).exists())
        .order_by(col(StockRow.sequence))
    )
    return {dish_id: (at, note) for dish_id, at, note in session.exec(query)}


def on_hand(session: Session) -> tuple[list[int], dict[int, int]]:
    """The batches of which something is known to be put away; and the number of the state of those
    that were booked and of which nobody has found that out yet."""
    number = col(BatchStampRow.number)
    fresh = and_(
        col(KeptBatchRow.batch_id) == col(BatchStampRow.batch_id),
        col(KeptBatchRow.number) == number,
    )
    known = select(BatchStampRow.batch_id).join(KeptBatchRow, fresh)
    rows = session.exec(known.where(col(KeptBatchRow.on_hand)))
    booked = select(StockRow.id).where(StockRow.batch_id == BatchStampRow.batch_id).exists()
    unknown = (
        select(BatchStampRow.batch_id, BatchStampRow.number)
        .outerjoin(KeptBatchRow, fresh)
        .where(col(KeptBatchRow.batch_id).is_(None), booked)
    )
    return (
        [key for key in rows if key is not None],
        {key: number for key, number in session.exec(unknown) if key is not None},
    )
