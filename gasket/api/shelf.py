"""Foods and their labels."""

from typing import Annotated

from fastapi import APIRouter, Query

from gasket.api.doors import HouseDoor, Key, SessionDoor
from gasket.core.labels import Label
from gasket.kitchen import shelf
from gasket.kitchen.shelf import FoodName, LabelEdit, NewFood, ShelfFood

router = APIRouter(tags=["shelf"])


@router.get("/foods")
def foods(
    session: SessionDoor, search: Annotated[str, Query(max_length=200)] = ""
) -> list[ShelfFood]:
    """Foods by name, with their labels."""
    return shelf.foods(session, search)


@router.post("/foods", status_code=201)
def add_food(new: NewFood, session: SessionDoor, house: HouseDoor) -> ShelfFood:
    return shelf.add_food(session, new, house.now())


@router.get("/foods/{food_id}")
def food(food_id: Key, session: SessionDoor) -> ShelfFood:
    return shelf.food(session, food_id)


@router.put("/foods/{food_id}")
def rename_food(food_id: Key, name: FoodName, session: SessionDoor) -> ShelfFood:
    return shelf.rename_food(session, food_id, name)


@router.post("/foods/{food_id}/labels", status_code=201)
def add_label(food_id: Key, label: Label, session: SessionDoor, house: HouseDoor) -> ShelfFood:
    return shelf.add_label(session, food_id, label, house.now())


@router.put("/labels/{label_id}")
def edit_label(label_id: Key, edit: LabelEdit, session: SessionDoor, house: HouseDoor) -> ShelfFood:
    """A changed panel becomes a new revision; batches keep the one they were weighed with."""
    return shelf.edit_label(session, label_id, edit, house.now())
