"""What weighing has to do with the stock: made things that it draws, servings that are booked."""

import math
import uuid
from collections.abc import Iterator
from datetime import datetime
from typing import Final

from gasket.core.cooking.stock import PLACES, Move, StockMove, StockRecord, StoragePlace, book_of
from gasket.core.errors import Refused
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES
from gasket.store.books.stock import STOCK

CORRECTED: Final = "corrected"


def draw(session: Session, batch: StoredBatch, now: datetime) -> None:
    """Take what a closed weigh-in used of made things from their stock."""
    for move, source in _moves(session, batch):
        STOCK.append(session, source, booked(move, now))


def booked(move: StockMove, now: datetime) -> StockRecord:
    """A move as it is booked now."""
    return StockRecord(**move.model_dump(), at=now)


def draw_anew(session: Session, before: StoredBatch, batch: StoredBatch, now: datetime) -> None:
    """After a correction: what was drawn goes back, what was really used is drawn. What the cook
    undid in the stock is left alone."""
    were, are = _amounts(session, before), _amounts(session, batch)
    if were == are:
        return
    kept_by_the_cook = False
    for amount, part, source in were:
        drawn = _drawn(session, source, part, amount, _note(before))
        if drawn is None:
            kept_by_the_cook = True
            continue
        back = StockMove(id=str(uuid.uuid4()), move=Move.UNDO, undoes=drawn.id, note=CORRECTED)
        STOCK.append(session, source, booked(back, now))
    if not kept_by_the_cook:
        draw(session, batch, now)


def _amounts(session: Session, batch: StoredBatch) -> list[tuple[float, str, int]]:
    """How much is drawn, of which part, from which batch."""
    return [(move.amount or 0.0, move.part, source) for move, source in _moves(session, batch)]


def _drawn(
    session: Session, source: int, part: str, amount: float, note: str
) -> StockRecord | None:
    """The entry by which it was drawn, while it stands."""
    records = STOCK.of(session, source)
    undone = {record.undoes for record in records if record.move is Move.UNDO}
    for record in reversed(records):
        same = record.move is Move.DRAWN and record.part == part and record.note == note
        if same and record.id not in undone and math.isclose(record.amount or 0.0, amount):
            return record
    return None


def _note(batch: StoredBatch) -> str:
    return f"{batch.dish.name} {batch.letter}"


def _moves(session: Session, batch: StoredBatch) -> Iterator[tuple[StockMove, int]]:
    """What is to be drawn, with the batch that it is drawn from."""
    for line in batch.lines:
        revision = batch.revision_of(line)
        package = batch.shelved[revision].package if revision else None
        grams = batch.poured_of(line)
        if package is None or package.made_from is None or grams <= 0:
            continue
        if BATCHES.find(session, package.made_from) is None:
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
            note=_note(batch),
        )
        yield move, package.made_from


def _servings(session: Session, batch_id: int, grams: float) -> float | None:
    source = weighed.read(session, batch_id)
    each = source.result.serving.grams
    return grams / each if each else None


def _place_of(session: Session, batch_id: int, part: str, amount: float) -> StoragePlace | None:
    """Where there is enough of it: the fridge before the freezer, or it was never put away."""
    stock = book_of(STOCK.of(session, batch_id), part)
    return next((place for place in PLACES if stock.at(place) >= amount), None)


def refuse_booked(session: Session, batch_id: int) -> None:
    """Raises `Refused` when servings are put away or gone: they would become other servings."""
    booked = book_of(STOCK.of(session, batch_id), "").accounted
    if booked > 0:
        raise Refused(
            f"Servings of this batch are put away or eaten already ({booked:g}). Undo those "
            "entries to divide it otherwise."
        )


def was_put_away(session: Session, batch_id: int) -> bool:
    return not STOCK.is_empty(session, batch_id)
