"""Dividing a batch, finishes, made things, stock."""

from typing import Annotated

from fastapi import APIRouter, Query

from gasket.api.doors import HouseDoor, Key, Offset, SessionDoor, WriteDoor
from gasket.core.cooking.stock import StockMove, StoragePlace
from gasket.core.weighing.records import RecordId
from gasket.kitchen.portion import amending, arms, made_things, plates, portioning, stock
from gasket.kitchen.portion.amending import Amendment
from gasket.kitchen.portion.arms import ArmsSheet, NewArms
from gasket.kitchen.portion.made_things import KeepAs
from gasket.kitchen.portion.plates import FinishesEdit, Plates
from gasket.kitchen.portion.portioning import PortionSheet
from gasket.kitchen.portion.stock import BatchStock, StockPage, TakenAmount
from gasket.kitchen.shelf.shelf import ShelfFood
from gasket.kitchen.weigh.weigh_sheet import BatchSheet

router = APIRouter(tags=["portioning"])


@router.get("/batches/{batch_id}/portioning")
def portion_sheet(batch_id: Key, session: SessionDoor) -> PortionSheet:
    """Ways to divide side by side, the cut, the spread between pieces, the yield, the finishes."""
    return portioning.sheet(session, batch_id)


@router.get("/batches/{batch_id}/arms")
def arms_sheet(batch_id: Key, session: SessionDoor) -> ArmsSheet:
    """Into what a batch is divided by weight, or could be."""
    return arms.sheet(session, batch_id)


@router.post("/batches/{batch_id}/arms", status_code=201)
def divide_into_arms(batch_id: Key, new: NewArms, write: WriteDoor, house: HouseDoor) -> ArmsSheet:
    """Divide a batch into arms: each becomes a batch of its own, to be weighed, cooked, tasted."""
    return write(lambda session: arms.divide(session, batch_id, new, house.now()))


@router.put("/batches/{batch_id}/finishes")
def save_finishes(batch_id: Key, edit: FinishesEdit, write: WriteDoor) -> Plates:
    """What is added to a serving at the plate."""
    return write(lambda session: plates.save(session, batch_id, edit))


@router.post("/batches/{batch_id}/keep-as", status_code=201)
def keep_as(batch_id: Key, wanted: KeepAs, write: WriteDoor, house: HouseDoor) -> ShelfFood:
    """Put the batch, or one component of it, on the shelf as an ingredient."""
    return write(lambda session: made_things.keep_as(session, batch_id, wanted, house.now()))


@router.post("/batches/{batch_id}/corrections", status_code=201)
def amend(batch_id: Key, amendment: Amendment, write: WriteDoor, house: HouseDoor) -> BatchSheet:
    """Correct a line of a closed weigh-in. Sending the same id again changes nothing."""
    return write(lambda session: amending.amend(session, batch_id, amendment, house.now()))


@router.delete("/batches/{batch_id}/corrections/{record_id}")
def withdraw(batch_id: Key, record_id: RecordId, write: WriteDoor, house: HouseDoor) -> BatchSheet:
    """Undo a correction: it stays in the book, and the line is what it was before."""
    return write(lambda session: amending.withdraw(session, batch_id, record_id, house.now()))


@router.get("/batches/{batch_id}/stock")
def batch_stock(batch_id: Key, session: SessionDoor, house: HouseDoor) -> BatchStock:
    return stock.read(session, batch_id, house.now())


@router.post("/batches/{batch_id}/stock")
def book_stock(batch_id: Key, move: StockMove, write: WriteDoor, house: HouseDoor) -> BatchStock:
    """Put away, eat, give, bin or move servings. Sending the same id again changes nothing."""
    return write(lambda session: stock.book(session, batch_id, move, house.now()))


@router.get("/batches/{batch_id}/stock/amount")
def taken_amount(
    batch_id: Key,
    session: SessionDoor,
    place: StoragePlace,
    typed: Annotated[float, Query(gt=0, le=1_000_000, allow_inf_nan=False)],
    in_grams: bool = False,
) -> TakenAmount:
    """What so many servings of a batch come to, or so many grams of it."""
    return stock.taken_amount(session, batch_id, place, typed, in_grams=in_grams)


@router.get("/stock")
def on_hand(
    session: SessionDoor,
    house: HouseDoor,
    limit: Annotated[int, Query(ge=1, le=100)] = stock.MOST_AT_ONCE,
    offset: Offset = 0,
) -> StockPage:
    """What is put away, what must be eaten first before the rest."""
    return stock.on_hand(session, house.now(), limit, offset)
