"""The fridge and the freezer: what is left of which batch, and until when."""

from collections.abc import Iterable
from datetime import date, datetime
from typing import Final

from gasket.core.cooking.keeping import Keeps, eat_by, keeps_until
from gasket.core.cooking.safety import SafetySchool
from gasket.core.cooking.serving import reheat_says, reheat_ways
from gasket.core.cooking.stock import (
    PLACES,
    Lot,
    Move,
    StockMove,
    StoragePlace,
    book_of,
    refusal,
    taken,
)
from gasket.core.errors import Refused, Unknown
from gasket.core.numbers import Answer
from gasket.core.reckoning.margin import AnyFigure, Figure
from gasket.kitchen import settings
from gasket.kitchen.cook import cooked
from gasket.kitchen.cook.batch_figures import BATCH_FIGURES, BatchFigures, batches_on_hand
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.stock_draws import booked
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books import stock as stock_book
from gasket.store.books.batches import BATCHES, NOT_REMOVED, NamedBatch
from gasket.store.books.stock import STOCK

MOST_AT_ONCE: Final = 30


class ShelfLot(Answer):
    """So much in one place since a day: `part` is a component that was kept, in grams. One that is
    `late` was to be eaten before today: it is not frozen any more."""

    place: StoragePlace
    part: str
    amount: float
    since: datetime
    until: date
    days_left: int
    late: bool


class LastWarming(Answer):
    """How the dish came out when it was last warmed up."""

    at: datetime
    says: str


class InStock(Answer):
    """What of a batch is put away, what one serving of it holds, how it gets warm again."""

    batch_id: int
    dish_id: int
    dish: str
    letter: str
    made_at: datetime
    lots: tuple[ShelfLot, ...]
    serving_g: float | None
    kcal: AnyFigure
    reheat: str
    reheat_ways: tuple[str, ...]
    warmed: LastWarming | None


class StockPage(Answer):
    """What must be eaten first before the rest, and how many batches there are in all."""

    stocks: tuple[InStock, ...]
    total: int


class TakenAmount(Answer):
    """What a typed amount comes to: servings (grams of a part), what they hold and weigh. `there`
    is false where there is less than that."""

    amount: float
    grams: float | None
    kcal: AnyFigure
    there: bool


class BatchStock(InStock):
    """What became of a batch. `made` is in servings; `unbooked` is not accounted for yet."""

    made: float | None
    unbooked: float
    gone: dict[Move, float]
    advice: tuple[Keeps, ...]
    suggested: dict[StoragePlace, date]
    last_record: str | None


def book(session: Session, batch_id: int, move: StockMove, now: datetime) -> BatchStock:
    """Book a move. The same move sent again changes nothing. Raises `Refused` for what is not
    there."""
    batch = weighed.read(session, batch_id)
    if not STOCK.holds(session, move.id, batch_id):
        _refuse(session, batch, move)
        _refuse_too_late(session, batch_id, move, now)
        STOCK.append(session, batch_id, booked(move, now))
    return read(session, batch_id, now)


def _refuse(session: Session, batch: StoredBatch, move: StockMove) -> None:
    records = STOCK.of(session, batch.head.id)
    if batch.head.closed_at is None:
        raise Refused("Close the weigh-in first.")
    if batch.arms and move.move is not Move.UNDO:
        raise Refused("It is divided into arms: put away what each of them makes.")
    if move.move is Move.UNDO and all(record.id != move.undoes for record in records):
        raise Refused("There is no such entry to undo.")
    if move.part and move.part not in {part.name for part in batch.batch.components}:
        raise Refused(f"There is no component “{move.part}” in this batch.")
    if why := refusal(move, book_of(records, move.part), _made_of(batch, move.part) or 0.0):
        raise Refused(why)


def _refuse_too_late(session: Session, batch_id: int, move: StockMove, now: datetime) -> None:
    """Raises `Refused` for freezing what was to be eaten by now, unless a reason is given."""
    to = move.to if move.move is Move.MOVED else move.place if move.move is Move.PUT else None
    if to != "freezer" or move.note:
        return
    figures, today = BATCH_FIGURES.of(session, [batch_id])[batch_id], cooked.local_day(now)
    school = settings.read(session).safety
    made = Lot("fridge", 1.0, min(now, figures.made_at))
    there = [lot.lot for lot in figures.lots if (lot.part, lot.lot.place) == (move.part, "fridge")]
    lots = [made] if move.move is Move.PUT else there
    until = min(
        (cooked.local_day(eat_by(lot, figures.advice, school)) for lot in lots), default=today
    )
    if until < today:
        raise Refused(
            f"It was to be eaten by {until:%-d %B}, and freezing makes nothing fresh again. "
            "Bin it, or say why it is still good."
        )


def _made_of(batch: StoredBatch, part: str) -> float | None:
    """Servings that were made; of a part the grams that came back."""
    if not part:
        return batch.servings
    back = batch.state.leftover.get(part)
    return (back.net_g or 0.0) if back else 0.0


def read(session: Session, batch_id: int, now: datetime) -> BatchStock:
    """What became of a batch. Raises `Unknown`."""
    BATCHES.fetch(session, batch_id)
    figures = BATCH_FIGURES.of(session, [batch_id])[batch_id]
    school = settings.read(session).safety
    since = cooked.local_day(min(now, figures.made_at))
    return BatchStock(
        **vars(_in_stock(*_named_one(session, batch_id), figures, school, now)),
        made=figures.servings,
        unbooked=figures.unbooked,
        gone=figures.gone,
        advice=figures.advice,
        suggested={place: keeps_until(place, since, figures.advice, school) for place in PLACES},
        last_record=figures.last_booked,
    )


def warmed_lately(session: Session, dish_ids: Iterable[int]) -> dict[int, LastWarming]:
    """How each dish came out when any batch of it was last warmed up."""
    warmed = stock_book.warmed_lately(session, dish_ids)
    return {dish_id: LastWarming(at=at, says=note) for dish_id, (at, note) in warmed.items()}


Named = tuple[NamedBatch, LastWarming | None]
"""A batch with what it is called by, and how its dish was last warmed up."""


def _named(session: Session, batch_ids: Iterable[int]) -> dict[int, Named]:
    """What is deleted is in no stock; what is archived still stands in the fridge."""
    named = BATCHES.named(session, batch_ids, *NOT_REMOVED)
    warmed = warmed_lately(session, {one.dish_id for one in named.values()})
    return {key: (one, warmed.get(one.dish_id)) for key, one in named.items()}


def _named_one(session: Session, batch_id: int) -> Named:
    """Raises `Unknown` for a batch that is deleted."""
    named = _named(session, [batch_id]).get(batch_id)
    if named is None:
        raise Unknown("batch", batch_id)
    return named


def _in_stock(
    named: NamedBatch,
    warmed: LastWarming | None,
    figures: BatchFigures,
    school: SafetySchool,
    now: datetime,
) -> InStock:
    serving = figures.serving
    return InStock(
        batch_id=named.batch.id,
        dish_id=named.dish_id,
        dish=named.dish,
        letter=named.letter,
        made_at=figures.made_at,
        lots=tuple(_lots(figures, school, now)),
        serving_g=None if serving is None else serving.grams,
        kcal=None if serving is None else serving.kcal,
        reheat=reheat_says(figures.family, school),
        reheat_ways=reheat_ways(figures.family),
        warmed=warmed,
    )


def _lots(figures: BatchFigures, school: SafetySchool, now: datetime) -> list[ShelfLot]:
    lots = []
    for part, lot in ((lot.part, lot.lot) for lot in figures.lots):
        until = cooked.local_day(eat_by(lot, figures.advice, school))
        days_left = (until - cooked.local_day(now)).days
        lots.append(
            ShelfLot(
                place=lot.place,
                part=part,
                amount=lot.amount,
                since=lot.since,
                until=until,
                days_left=days_left,
                late=lot.place == "fridge" and days_left < 0,
            )
        )
    return sorted(lots, key=lambda lot: lot.until)


def taken_amount(
    session: Session, batch_id: int, place: StoragePlace, typed: float, *, in_grams: bool
) -> TakenAmount:
    """What so many servings of a batch come to, or so many grams of it. Raises `Unknown`."""
    BATCHES.fetch(session, batch_id)
    figures = BATCH_FIGURES.of(session, [batch_id])[batch_id]
    serving = figures.serving
    each = serving.grams if serving else None
    in_place = sum(
        lot.lot.amount for lot in figures.lots if (lot.part, lot.lot.place) == ("", place)
    )
    if in_grams and not each:
        raise Refused("Nobody knows what a serving weighs: say how many servings.")
    amount = taken(typed, each if in_grams else None, in_place)
    kcal = serving.kcal if serving else None
    return TakenAmount(
        amount=amount,
        grams=None if each is None else amount * each,
        kcal=kcal.times(amount) if isinstance(kcal, Figure) else None,
        there=amount <= in_place,
    )


def on_hand(
    session: Session, now: datetime, limit: int = MOST_AT_ONCE, offset: int = 0
) -> StockPage:
    """The batches of which something is put away, what must be eaten first before the rest."""
    there = batches_on_hand(session)
    named, school = _named(session, there), settings.read(session).safety
    stocks = [
        _in_stock(*named[key], figures, school, now)
        for key, figures in BATCH_FIGURES.of(session, there).items()
        if key in named and figures.lots
    ]
    stocks.sort(key=lambda shown: shown.lots[0].until)
    return StockPage(stocks=tuple(stocks[offset : offset + limit]), total=len(stocks))
