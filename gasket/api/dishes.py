"""Kitchen, dishes, originals and builds."""

from typing import Annotated

from fastapi import APIRouter, Query

from gasket.api.doors import HouseDoor, Key, Offset, SessionDoor, WriteDoor
from gasket.core.rebuild.trial import Build
from gasket.kitchen.overview import dish_cards, dishes, mending
from gasket.kitchen.overview.dish_cards import Served
from gasket.kitchen.overview.dishes import (
    Aside,
    DishName,
    DishSheet,
    KitchenView,
    NewDish,
    OriginalEdit,
)
from gasket.kitchen.overview.mending import Mended
from gasket.kitchen.rebuild import build
from gasket.kitchen.rebuild.build import BuildEdit, BuildReport, TrialSheet

router = APIRouter(tags=["dishes"])


@router.get("/kitchen")
def kitchen(
    session: SessionDoor,
    house: HouseDoor,
    limit: Annotated[int, Query(ge=1, le=100)] = dishes.MOST_AT_ONCE,
    offset: Offset = 0,
    set_aside: bool = False,
) -> KitchenView:
    """What is going on now, and a page of dishes, lately touched ones first."""
    return dishes.kitchen(session, house.now(), limit, offset, set_aside)


@router.get("/dishes")
def dish_names(
    session: SessionDoor,
    search: Annotated[str, Query(max_length=200)] = "",
    limit: Annotated[int, Query(ge=1, le=100)] = dishes.MOST_AT_ONCE,
) -> tuple[DishName, ...]:
    """Dishes by the words of their names."""
    return dishes.named(session, search, limit)


@router.get("/dishes/{dish_id}/serving")
def dish_serving(dish_id: Key, session: SessionDoor) -> Served:
    """One serving of the newest trial, as planned or as last weighed."""
    return dish_cards.served(session, dish_id)


@router.post("/dishes/{dish_id}/repair")
def repair_dish(dish_id: Key, write: WriteDoor, house: HouseDoor) -> Mended:
    """Mend a dish that cannot be read: what cannot be kept is said."""
    return write(lambda session: mending.mend(session, dish_id, house.now()))


@router.put("/dishes/{dish_id}/set-aside")
def set_dish_aside(dish_id: Key, aside: Aside, write: WriteDoor, house: HouseDoor) -> Aside:
    """Put a dish out of the way, or bring it back."""
    return write(lambda session: dishes.set_aside(session, dish_id, aside, house.now()))


@router.post("/dishes", status_code=201)
def add_dish(new: NewDish, write: WriteDoor, house: HouseDoor) -> DishSheet:
    """Start a dish with an empty trial A."""
    return write(lambda session: dishes.add(session, new, house.now()))


@router.get("/dishes/{dish_id}")
def dish(dish_id: Key, session: SessionDoor) -> DishSheet:
    return dishes.sheet(session, dish_id)


@router.put("/dishes/{dish_id}/original")
def edit_original(dish_id: Key, edit: OriginalEdit, write: WriteDoor) -> DishSheet:
    return write(lambda session: dishes.edit_original(session, dish_id, edit))


@router.get("/trials/{trial_id}")
def trial(trial_id: Key, session: SessionDoor) -> TrialSheet:
    """The stored build and what it reckons to."""
    return build.sheet(session, trial_id)


@router.post("/trials/{trial_id}/reckon")
def reckon_build(trial_id: Key, edited: Build, session: SessionDoor) -> BuildReport:
    """All that can be said of an unsaved build. Stores nothing."""
    return build.report_edit(session, trial_id, edited)


@router.put("/trials/{trial_id}/build")
def save_build(trial_id: Key, edit: BuildEdit, write: WriteDoor, house: HouseDoor) -> TrialSheet:
    return write(lambda session: build.save(session, trial_id, edit, house.now()))
