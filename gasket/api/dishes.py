"""Kitchen, dishes, originals and builds."""

from fastapi import APIRouter

from gasket.api.doors import HouseDoor, Key, SessionDoor, WriteDoor
from gasket.core.trial import Build
from gasket.kitchen import build, dishes
from gasket.kitchen.build import BuildEdit, BuildReport, TrialSheet
from gasket.kitchen.dishes import DishSheet, KitchenView, NewDish, OriginalEdit

router = APIRouter(tags=["dishes"])


@router.get("/kitchen")
def kitchen(session: SessionDoor, house: HouseDoor) -> KitchenView:
    """What is going on now, and every dish with its newest trial."""
    return dishes.kitchen(session, house.now())


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
