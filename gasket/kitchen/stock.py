"""The fridge and the freezer: what is left of which batch, and until when."""

import uuid
from collections.abc import Iterator
from datetime import date, datetime

from sqlmodel import Session, col, select

from gasket.core.cooking.keeping import Keeps, Place, keeping, keeps_until
from gasket.core.cooking.stock import Move, Stock, StockMove, StockRecord, add_up, refusal
from gasket.core.errors import Refused
from gasket.core.margin import Portion
from gasket.core.numbers import Answer
from gasket.kitchen import cooked, weighed
from gasket.kitchen.weighed import Weighed
from gasket.store import rows
from gasket.store.tables import BatchRow, StockRow


class ShelfLot(Answer):
    """So much in one place since a day: `part` is a component that was kept, in grams."""

    place: Place
    part: str
    amount: float
    since: datetime
    until: date
    days_left: int


class BatchStock(Answer):
    """What became of a batch. `made` is in servings; `unbooked` is not accounted for yet."""

    batch_id: int
    dish_id: int
    dish: str
    letter: str
    made_at: datetime
    made: float | None
    unbooked: float
    lots: tuple[ShelfLot, ...]
    gone: dict[Move, float]
    advice: tuple[Keeps, ...]
    suggested: dict[Place, date]
    last_record: str | None
    serving: Portion


def book(session: Session, batch_id: int, move: StockMove, now: datetime) -> BatchStock:
    """Book a move. The same move sent again changes nothing. Raises `Refused` for what is not
    there."""
    made = weighed.read(session, batch_id)
    stored = rows.appended(session, StockRow, move.id)
    if stored is not None and stored.batch_id != batch_id:
        raise Refused("This entry belongs to another batch.")
    if stored is None:
        _refuse(session, made, move)
        session.add(StockRow(batch_id=batch_id, at=now, **move.model_dump()))
    return _of_batch(session, made, rows.stock_records(session, batch_id), now)


def _refuse(session: Session, made: Weighed, move: StockMove) -> None:
    records = rows.stock_records(session, rows.key_of(made.row))
    if made.row.closed_at is None:
        raise Refused("Close the weigh-in first.")
    if move.move is Move.UNDO and all(record.id != move.undoes for record in records):
        raise Refused("There is no such entry to undo.")
    if move.part and move.part not in {part.name for part in made.batch.components}:
        raise Refused(f"There is no component “{move.part}” in this batch.")
    if why := refusal(move, _stock(records, move.part), _made_of(made, move.part) or 0.0):
        raise Refused(why)


def _stock(records: list[StockRecord], part: str) -> Stock:
    """The book of the servings, or of one part."""
    return add_up([one for one in records if one.part == part or one.move is Move.UNDO])


def _made_of(made: Weighed, part: str) -> float | None:
    """Servings that were made; of a part the grams that came back."""
    if not part:
        return made.servings
    back = made.state.leftover.get(part)
    return (back.net_g or 0.0) if back else 0.0


def read(session: Session, batch_id: int, now: datetime) -> BatchStock:
    made = weighed.read(session, batch_id)
    return _of_batch(session, made, rows.stock_records(session, batch_id), now)


def _of_batch(
    session: Session, made: Weighed, records: list[StockRecord], now: datetime
) -> BatchStock:
    made_at = cooked.made_at(session, made)
    advice = keeping(made.family, (one.kind for one in made.shelved.values()))
    whole = _stock(records, "")
    parts = dict.fromkeys(record.part for record in records if record.part)
    books = {"": whole, **{part: _stock(records, part) for part in parts}}
    since = cooked.local_day(min(now, made_at))
    places: tuple[Place, ...] = ("fridge", "freezer")
    last = max(
        (one.last for one in books.values() if one.last), key=lambda one: one.at, default=None
    )
    return BatchStock(
        batch_id=rows.key_of(made.row),
        dish_id=rows.key_of(made.dish),
        dish=made.dish.name,
        letter=made.trial.letter,
        made_at=made_at,
        made=made.servings,
        unbooked=max(0.0, (made.servings or 0.0) - whole.accounted),
        lots=tuple(_lots(made, made_at, books, advice, now)),
        gone=whole.gone,
        advice=advice,
        suggested={place: keeps_until(place, since, advice, made.house.safety) for place in places},
        last_record=last.id if last else None,
        serving=made.result.serving,
    )


def _lots(
    made: Weighed,
    made_at: datetime,
    books: dict[str, Stock],
    advice: tuple[Keeps, ...],
    now: datetime,
) -> Iterator[ShelfLot]:
    """What was put away keeps from when it was made, what came out of the freezer from then on."""
    found = []
    for part, stock in books.items():
        for lot in stock.lots:
            since = cooked.local_day(lot.since if lot.moved else min(lot.since, made_at))
            until = keeps_until(lot.place, since, advice, made.house.safety)
            found.append(
                ShelfLot(
                    place=lot.place,
                    part=part,
                    amount=lot.amount,
                    since=lot.since,
                    until=until,
                    days_left=(until - cooked.local_day(now)).days,
                )
            )
    yield from sorted(found, key=lambda lot: lot.until)


def on_hand(session: Session, now: datetime) -> tuple[BatchStock, ...]:
    """Every batch of which something is put away, what must be eaten first before the rest."""
    books = rows.all_stock_records(session)
    found = []
    for batch_id, records in books.items():
        if add_up(records).lots:
            found.append(_of_batch(session, weighed.read(session, batch_id), records, now))
    return tuple(sorted(found, key=lambda one: one.lots[0].until if one.lots else date.max))


def draw(session: Session, made: Weighed, now: datetime) -> None:
    """Take what a closed weigh-in used of made things from their stock."""
    for line in made.lines:
        revision = made.revision_of(line)
        package = made.shelved[revision].package if revision else None
        grams = (made.state_of(line).net_g or 0.0) * made.share_of(line)
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
    stock = _stock(rows.stock_records(session, batch_id), part)
    places: tuple[Place, ...] = ("fridge", "freezer")
    return next((place for place in places if stock.at(place) >= amount), None)


def refuse_booked(session: Session, batch_id: int) -> None:
    """Raises `Refused` when servings are put away or gone: they would become other servings."""
    booked = _stock(rows.stock_records(session, batch_id), "").accounted
    if booked > 0:
        raise Refused(
            f"Servings of this batch are put away or eaten already ({booked:g}). Undo those "
            "entries to divide it otherwise."
        )


def was_put_away(session: Session, batch_id: int) -> bool:
    query = select(StockRow).where(StockRow.batch_id == batch_id).order_by(col(StockRow.sequence))
    return session.exec(query).first() is not None
