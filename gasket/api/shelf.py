"""Foods and their labels: finding, editing, versions, comparing."""

from typing import Annotated

from fastapi import APIRouter, Query

from gasket.api.doors import HouseDoor, Key, Offset, SessionDoor, WriteDoor
from gasket.core.label.label import Label
from gasket.core.numbers import Value, YesNo
from gasket.kitchen.overview import comparing, versions
from gasket.kitchen.overview.comparing import Comparison
from gasket.kitchen.overview.versions import Revision, VersionEffect
from gasket.kitchen.shelf import food_search, quick_entry, reference, shelf
from gasket.kitchen.shelf.food_search import FoodPage
from gasket.kitchen.shelf.quick_entry import MeasureAnswer
from gasket.kitchen.shelf.reference import StockedFoods
from gasket.kitchen.shelf.shelf import FoodEdit, LabelEdit, NewFood, NewLabel, ShelfFood

router = APIRouter(tags=["shelf"])

HowMany = Annotated[int, Query(ge=1, le=food_search.MOST_AT_ONCE)]


class OnShelf(Value):
    """Whether it is on the shelf: taking it off can be undone."""

    on_shelf: YesNo


class Candidate(Value):
    """A panel as it may become; null asks about the newest version."""

    label: Label | None = None


@router.get("/foods")
def foods(
    session: SessionDoor,
    search: Annotated[str, Query(max_length=200)] = "",
    limit: HowMany = 50,
    offset: Offset = 0,
    mine: bool = False,
) -> FoodPage:
    """Foods for some words, misspelt ones too; without words, lately used ones first. `mine`
    without the generic ones."""
    return food_search.page(session, search, limit, offset, own_only=mine)


@router.post("/foods", status_code=201)
def add_food(new: NewFood, write: WriteDoor, house: HouseDoor) -> ShelfFood:
    return write(lambda session: shelf.add_food(session, new, house.now()))


@router.get("/foods/{food_id}")
def food(food_id: Key, session: SessionDoor) -> ShelfFood:
    return shelf.food(session, food_id)


@router.put("/foods/{food_id}")
def edit_food(food_id: Key, edit: FoodEdit, write: WriteDoor) -> ShelfFood:
    """Name, other names, and what a cup or a piece of it weighs."""
    return write(lambda session: shelf.edit_food(session, food_id, edit))


@router.put("/foods/{food_id}/on-shelf")
def put_food(food_id: Key, on: OnShelf, write: WriteDoor, house: HouseDoor) -> ShelfFood:
    """Take a food off the shelf, or put it back. Builds and batches keep it."""
    return write(lambda session: shelf.remove_food(session, food_id, not on.on_shelf, house.now()))


@router.post("/foods/{food_id}/told")
def tell(food_id: Key, told: MeasureAnswer, write: WriteDoor) -> ShelfFood:
    """What one cup, scoop or piece of it weighs: asked once, kept."""
    return write(lambda session: quick_entry.tell(session, food_id, told))


@router.post("/foods/{food_id}/labels", status_code=201)
def add_label(food_id: Key, new: NewLabel, write: WriteDoor, house: HouseDoor) -> ShelfFood:
    return write(lambda session: shelf.add_label(session, food_id, new, house.now()))


@router.put("/labels/{label_id}")
def edit_label(label_id: Key, edit: LabelEdit, write: WriteDoor, house: HouseDoor) -> ShelfFood:
    """A changed package becomes a new version; batches keep the one they were weighed with."""
    return write(lambda session: shelf.edit_label(session, label_id, edit, house.now()))


@router.put("/labels/{label_id}/on-shelf")
def put_label(label_id: Key, on: OnShelf, write: WriteDoor, house: HouseDoor) -> ShelfFood:
    return write(
        lambda session: shelf.remove_label(session, label_id, not on.on_shelf, house.now())
    )


@router.get("/labels/{label_id}/versions")
def label_versions(label_id: Key, session: SessionDoor) -> list[Revision]:
    """Every version of the label with what changed, newest first."""
    return versions.revisions(session, label_id)


@router.post("/labels/{label_id}/moved")
def moved(label_id: Key, candidate: Candidate, session: SessionDoor) -> list[VersionEffect]:
    """Which trials and batches would move by how much, if they were re-reckoned."""
    return versions.moved(session, label_id, candidate.label)


@router.get("/compare")
def compare(
    session: SessionDoor,
    labels: Annotated[list[int], Query(max_length=20)],
    trial: int | None = None,
) -> Comparison:
    """Two to five packages side by side, and inside a trial."""
    return comparing.comparison(session, labels, trial)


@router.post("/shelf/reference")
def stock_reference(house: HouseDoor) -> StockedFoods:
    """Put the generic foods that are missing on the shelf, with typical values."""
    return reference.stock(house.database, house.now())
