"""What is left of a batch: put away, eaten, given, binned, moved, drawn for another dish; and how
it came out when it was warmed up.

An append-only book. A lot is what was put into one place on one day; what goes out is taken from
the oldest lot of its place. Days in the fridge add up: the freezer stops them, and none come back.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import datetime, timedelta
from enum import StrEnum
from typing import Annotated, Final, Literal, Self, get_args

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.numbers import Number, SentId, Value
from gasket.core.rebuild.trial import Remark

StoragePlace = Literal["fridge", "freezer"]
PLACES: Final[tuple[StoragePlace, ...]] = get_args(StoragePlace)


class Move(StrEnum):
    """What happens to a part of a batch."""

    PUT = "put"
    EATEN = "eaten"
    GIVEN = "given"
    BINNED = "binned"
    MOVED = "moved"
    DRAWN = "drawn"
    WARMED = "warmed"
    UNDO = "undo"


_SPECK: Final = 1e-9


class StockMove(Value):
    """What is sent to be booked; `id` is made by the sender. `amount` is in servings of the batch,
    in grams of a `part` (a component that was kept); without a `place` it was never put away;
    `to` is where a move goes. `note` is a reason, or how it came out when it was warmed up."""

    id: SentId
    move: Move
    amount: Annotated[Number, Field(gt=0, le=1_000_000)] | None = None
    part: Annotated[str, Field(max_length=120)] = ""
    place: StoragePlace | None = "fridge"
    to: StoragePlace | None = None
    note: Remark = ""
    undoes: Annotated[str, Field(max_length=64)] | None = None

    @model_validator(mode="after")
    def _says_what_it_needs(self) -> Self:
        why = None
        if self.move is Move.UNDO and self.undoes is None:
            why = "Say which entry to undo."
        elif self.move is Move.WARMED and not self.note.strip():
            why = "Say in what it was warmed, and how it came out."
        elif self.move not in (Move.UNDO, Move.WARMED) and self.amount is None:
            why = "Say how much."
        elif self.move is Move.PUT and self.place is None:
            why = "Say where it is put."
        elif self.move is Move.MOVED and (self.place is None or self.to in (None, self.place)):
            why = "Say where it goes."
        if why:
            raise PydanticCustomError("move", "{why}", {"why": why})
        return self


AS_GOOD_AS_ALL: Final = 0.005


def taken(typed: float, serving_g: float | None, left: float) -> float:
    """Servings that are taken where so much was typed, in grams of `serving_g` each where that is
    given. As good as all that is there is all of it."""
    amount = typed if serving_g is None else typed / serving_g
    return left if abs(amount - left) < AS_GOOD_AS_ALL * left else amount


class StockRecord(StockMove):
    """A move as it was booked."""

    at: datetime


@dataclass(frozen=True, slots=True)
class Lot:
    """So much of a batch (servings, grams of a part), in one place since a day. `cold` is how long
    it was in the fridge before that, `frozen` how long in the freezer: days add up, wherever it
    goes in between. `thawed` came out of the freezer."""

    place: StoragePlace
    amount: float
    since: datetime
    cold: timedelta = timedelta()
    frozen: timedelta = timedelta()
    thawed: bool = False

    def moved(self, to: StoragePlace, at: datetime) -> "Lot":
        """The lot in another place from then on."""
        there = max(timedelta(), at - self.since)
        is_cold = self.place == "fridge"
        return replace(
            self,
            place=to,
            since=at,
            cold=self.cold + (there if is_cold else timedelta()),
            frozen=self.frozen + (timedelta() if is_cold else there),
            thawed=self.thawed or to == "fridge",
        )


@dataclass(slots=True)
class Stock:
    """The book of one batch, added up."""

    lots: list[Lot]
    gone: dict[Move, float]
    last: StockRecord | None = None

    @property
    def put_away(self) -> float:
        """What is left in fridge and freezer, in servings or grams as the book counts."""
        return sum(lot.amount for lot in self.lots)

    def at(self, place: StoragePlace) -> float:
        """What is left at one of the two places, counted in the same way."""
        return sum(lot.amount for lot in self.lots if lot.place == place)

    @property
    def accounted(self) -> float:
        """Put away, or gone in some way."""
        return self.put_away + sum(self.gone.values())


def add_up(records: Sequence[StockRecord], made_at: datetime | None = None) -> Stock:
    """Fold `records` (oldest first). From when it was made to when it was put away it is taken to
    have been in the fridge."""
    undone = {record.undoes for record in records if record.move is Move.UNDO}
    stock = Stock([], {})
    for record in records:
        if record.id in undone or record.move is Move.UNDO:
            continue
        stock.last = record
        amount = record.amount or 0.0
        if record.move is Move.WARMED:
            continue
        if record.move is Move.PUT and record.place is not None:
            waited = max(timedelta(), record.at - (made_at or record.at))
            stock.lots.append(Lot(record.place, amount, record.at, cold=waited))
        elif record.move is Move.MOVED and record.to is not None:
            taken = _take(stock, record.place, amount)
            stock.lots += [lot.moved(record.to, record.at) for lot in taken]
        else:
            _take(stock, record.place, amount)
            stock.gone[record.move] = stock.gone.get(record.move, 0.0) + amount
    return stock


def book_of(records: Sequence[StockRecord], part: str, made_at: datetime | None = None) -> Stock:
    """The book of the servings, or of one part, added up."""
    own = [record for record in records if record.part == part or record.move is Move.UNDO]
    return add_up(own, made_at)


def _take(stock: Stock, place: StoragePlace | None, amount: float) -> list[Lot]:
    """Take from the oldest lots of a place; what is not there is not taken."""
    taken: list[Lot] = []
    left = amount
    for lot in sorted(stock.lots, key=lambda lot: lot.since - lot.cold - lot.frozen):
        if lot.place != place or left <= _SPECK:
            continue
        part = min(lot.amount, left)
        taken.append(replace(lot, amount=part))
        at = stock.lots.index(lot)
        stock.lots[at] = replace(lot, amount=lot.amount - part)
        left -= part
    stock.lots = [lot for lot in stock.lots if lot.amount > _SPECK]
    return taken


def refusal(move: StockMove, stock: Stock, made: float) -> str | None:
    """Why a move cannot be booked: more than there is."""
    if move.move is Move.UNDO or move.amount is None:
        return None
    unbooked = max(0.0, made - stock.accounted)
    if move.move is Move.PUT:
        if move.amount > unbooked + _SPECK:
            return f"Of this batch only {_count(unbooked, move)} not put away yet."
        return None
    there = unbooked if move.place is None else stock.at(move.place)
    if move.amount > there + _SPECK:
        return f"Only {_count(there, move)} there to take."
    return None


def _count(amount: float, move: StockMove) -> str:
    """ "1 serving is", "3 servings are", "120 g are"."""
    shown = f"{amount:.2f}".rstrip("0").rstrip(".")
    if move.part:
        return f"{shown} g are"
    return f"{shown} serving is" if shown == "1" else f"{shown} servings are"
