"""What weighing has to do with the stock: made things that it draws, servings that are booked."""

import uuid
from datetime import datetime

from sqlmodel import Session, col, select

from gasket.core.cooking.stock import PLACES, Move, Place, StockMove, book_of
from gasket.core.errors import Refused
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.weighed import Weighed
from gasket.store import rows
from gasket.store.tables import BatchRow, StockRow


def draw(session: Session, made: Weighed, now: datetime) -> None:
    """Take what a closed weigh-in used of made things from their stock."""
    for line in made.lines:
        revision = made.revision_of(line)
        package = made.shelved[revision].package if revision else None
        grams = made.poured_of(line)
        if package is None or package.made_from is None or grams <= 0:
            continue
        if session.get(BatchRow, package.made_from) is None:
            continue  # a label can come from another kitchen
        amount = grams if package.made_part else _servings(session, package.made_from, grams)
        if not amount:
            continue
        move = StockMove(
            id=str(uuid.uuid4()),
            move=Move.DRAWN,
            amount=amount,
            part=package.made_part,
            place=_place_of(session, package.made_from, package.made_part, amount),
            note=f"{made.dish.name} {made.trial.letter}",
        )
        session.add(StockRow(batch_id=package.made_from, at=now, **move.model_dump()))


def _servings(session: Session, batch_id: int, grams: float) -> float | None:
    source = weighed.read(session, batch_id)
    each = source.result.serving.grams
    return grams / each if each else None


def _place_of(session: Session, batch_id: int, part: str, amount: float) -> Place | None:
    """Where there is enough of it: the fridge before the freezer, or it was never put away."""
    stock = book_of(rows.stock_records(session, batch_id), part)
    return next((place for place in PLACES if stock.at(place) >= amount), None)


def refuse_booked(session: Session, batch_id: int) -> None:
    """Raises `Refused` when servings are put away or gone: they would become other servings."""
    booked = book_of(rows.stock_records(session, batch_id), "").accounted
    if booked > 0:
        raise Refused(
            f"Servings of this batch are put away or eaten already ({booked:g}). Undo those "
            "entries to divide it otherwise."
        )


def was_put_away(session: Session, batch_id: int) -> bool:
    query = select(StockRow).where(StockRow.batch_id == batch_id).order_by(col(StockRow.sequence))
    return session.exec(query).first() is not None
