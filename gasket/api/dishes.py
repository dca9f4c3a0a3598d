"""Kitchen, dishes, originals and builds."""

from typing import Annotated

from fastapi import APIRouter, Query

from gasket.api.doors import HouseDoor, Key, Offset, SessionDoor, WriteDoor
from gasket.core.rebuild.trial import Build
from gasket.demo import kitchen as example
from gasket.kitchen.overview import clearing_up, dish_cards, dishes, mending
from gasket.kitchen.overview.clearing_up import Whereabouts
from gasket.kitchen.overview.dish_cards import ServingOfDish
from gasket.kitchen.overview.dishes import (
    DishName,
    DishSheet,
    KitchenView,
    NewDish,
    OriginalEdit,
)
from gasket.kitchen.overview.mending import MendReport
from gasket.kitchen.rebuild import build
from gasket.kitchen.rebuild.build import BuildEdit, BuildReport, TrialSheet
from gasket.store.books.dishes import DishesWanted, DishOrder

router = APIRouter(tags=["dishes"])


@router.get("/kitchen")
def kitchen(
    session: SessionDoor,
    house: HouseDoor,
    limit: Annotated[int, Query(ge=1, le=100)] = dishes.MOST_AT_ONCE,
    offset: Offset = 0,
    search: Annotated[str, Query(max_length=200)] = "",
    tag: Annotated[str, Query(max_length=40)] = "",
    sort: DishOrder = "touched",
    archived: bool = False,
) -> KitchenView:
    """What is going on now, and a page of dishes: by words of their names, by tag, sorted."""
    wanted = DishesWanted(search=search, tag=tag, sort=sort, archived=archived)
    return dishes.kitchen(session, house.now(), wanted, limit, offset)


@router.get("/dishes")
def dish_names(
    session: SessionDoor,
    search: Annotated[str, Query(max_length=200)] = "",
    limit: Annotated[int, Query(ge=1, le=100)] = dishes.MOST_AT_ONCE,
) -> tuple[DishName, ...]:
    """Dishes by the words of their names."""
    return dishes.named(session, search, limit)


@router.get("/dishes/{dish_id}/serving")
def dish_serving(dish_id: Key, session: SessionDoor) -> ServingOfDish:
    """One serving of the newest trial, as planned or as last weighed."""
    return dish_cards.served(session, dish_id)


@router.post("/dishes/{dish_id}/repair")
def repair_dish(dish_id: Key, write: WriteDoor, house: HouseDoor) -> MendReport:
    """Mend a dish that cannot be read: what cannot be kept is said."""
    return write(lambda session: mending.mend(session, dish_id, house.now()))


@router.put("/dishes/{dish_id}/whereabouts")
def put_dish(dish_id: Key, to: Whereabouts, write: WriteDoor, house: HouseDoor) -> Whereabouts:
    """Archive or delete a dish, or bring it back."""
    return write(lambda session: clearing_up.put(session, "dish", dish_id, to, house.now()))


@router.put("/trials/{trial_id}/whereabouts")
def put_trial(trial_id: Key, to: Whereabouts, write: WriteDoor, house: HouseDoor) -> Whereabouts:
    """Archive or delete a trial, or bring it back."""
    return write(lambda session: clearing_up.put(session, "trial", trial_id, to, house.now()))


@router.put("/batches/{batch_id}/whereabouts")
def put_batch(batch_id: Key, to: Whereabouts, write: WriteDoor, house: HouseDoor) -> Whereabouts:
    """Archive or delete a batch, or bring it back."""
    return write(lambda session: clearing_up.put(session, "batch", batch_id, to, house.now()))


@router.post("/dishes/{dish_id}/duplicate", status_code=201)
def duplicate(dish_id: Key, write: WriteDoor, house: HouseDoor) -> DishSheet:
    """A dish of its own with the same original and the newest trial."""
    return write(lambda session: clearing_up.duplicate(session, dish_id, house.now()))


@router.post("/dishes", status_code=201)
def add_dish(new: NewDish, write: WriteDoor, house: HouseDoor) -> DishSheet:
    """Start a dish with an empty trial A."""
    return write(lambda session: dishes.add(session, new, house.now()))


@router.post("/dishes/example", status_code=201)
def add_example(write: WriteDoor, house: HouseDoor) -> DishSheet:
    """An invented dish with its foods, to look around in; only for a kitchen without dishes."""
    return write(lambda session: example.add_example(session, house.now()))


@router.get("/dishes/{dish_id}")
def dish(dish_id: Key, session: SessionDoor) -> DishSheet:
    return dishes.sheet(session, dish_id)


@router.put("/dishes/{dish_id}/original")
def edit_original(dish_id: Key, edit: OriginalEdit, write: WriteDoor) -> DishSheet:
    return write(lambda session: dishes.edit_original(session, dish_id, edit))


@router.get("/trials/{trial_id}")
def trial(trial_id: Key, session: SessionDoor) -> TrialSheet:
    """The stored build and what it comes to."""
    return build.sheet(session, trial_id)


@router.post("/trials/{trial_id}/reckon")
def reckon_build(trial_id: Key, edited: Build, session: SessionDoor) -> BuildReport:
    """All that can be said of an unsaved build. Stores nothing."""
    return build.report_edit(session, trial_id, edited)


@router.put("/trials/{trial_id}/build")
def save_build(trial_id: Key, edit: BuildEdit, write: WriteDoor, house: HouseDoor) -> TrialSheet:
    return write(lambda session: build.save(session, trial_id, edit, house.now()))
