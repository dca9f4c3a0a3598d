"""Steps of a trial, the cook of a batch, timers."""

from typing import Annotated

from fastapi import APIRouter, Query

from gasket.api.doors import HouseDoor, Key, SessionDoor, WriteDoor
from gasket.core.cooking.cook_log import CookDeed
from gasket.core.cooking.steps import Step
from gasket.core.trade.families import Family
from gasket.kitchen.cook import cooking, steps, timers
from gasket.kitchen.cook.cooking import CookSheet
from gasket.kitchen.cook.steps import (
    AnotherWay,
    StepsEdit,
    StepsReport,
    StepsSheet,
    StepsWanted,
    StepText,
)
from gasket.kitchen.cook.timers import Timers

router = APIRouter(tags=["cooking"])


@router.get("/trials/{trial_id}/steps")
def trial_steps(trial_id: Key, session: SessionDoor, house: HouseDoor) -> StepsSheet:
    """The steps of a trial, laid out from now on."""
    return steps.sheet(session, trial_id, house.now())


@router.put("/trials/{trial_id}/steps")
def save_steps(trial_id: Key, edit: StepsEdit, write: WriteDoor, house: HouseDoor) -> StepsSheet:
    return write(lambda session: steps.save(session, trial_id, edit, house.now()))


@router.post("/trials/{trial_id}/steps/report")
def report_steps(
    trial_id: Key, wanted: StepsWanted, session: SessionDoor, house: HouseDoor
) -> StepsReport:
    """All that can be said of unsaved steps, laid out forward or backward. Stores nothing."""
    return steps.report(session, trial_id, wanted, house.now())


@router.post("/trials/{trial_id}/steps/read")
def read_step_text(trial_id: Key, typed: StepText, session: SessionDoor) -> Step:
    """A typed line as a step: “bake 340 F 24-28 min, check at 20”."""
    return steps.read(session, trial_id, typed)


@router.get("/trials/{trial_id}/steps/template")
def step_template(
    trial_id: Key, session: SessionDoor, family: Annotated[Family | None, Query()] = None
) -> tuple[Step, ...]:
    """Steps to begin with, by family of dish."""
    return steps.template(session, trial_id, family)


@router.post("/trials/{trial_id}/steps/another-way")
def step_another_way(trial_id: Key, wanted: AnotherWay, session: SessionDoor) -> tuple[Step, ...]:
    """The steps with one of them done another way: in another appliance or vessel, by hand."""
    return steps.another_way(session, trial_id, wanted)


@router.get("/batches/{batch_id}/cook")
def cook(batch_id: Key, session: SessionDoor, house: HouseDoor) -> CookSheet:
    """The cook as it stands, what is left laid out from now on."""
    return cooking.sheet(session, batch_id, house.now())


@router.put("/batches/{batch_id}/cook/plan")
def take_plan(batch_id: Key, write: WriteDoor, house: HouseDoor) -> CookSheet:
    """Take the trial's steps of today for what was not begun yet."""
    return write(lambda session: cooking.take_plan(session, batch_id, house.now()))


@router.post("/batches/{batch_id}/cook")
def log_deed(batch_id: Key, deed: CookDeed, write: WriteDoor, house: HouseDoor) -> CookSheet:
    """Log what was done or seen. Sending the same id again changes nothing."""
    return write(lambda session: cooking.log(session, batch_id, deed, house.now()))


@router.get("/timers")
def running_timers(session: SessionDoor, house: HouseDoor) -> Timers:
    """Everything that runs in the house."""
    return timers.timers(session, house.now())


@router.post("/timers")
def set_timer(deed: CookDeed, write: WriteDoor, house: HouseDoor) -> Timers:
    """Set, extend or end a timer that belongs to no batch."""
    return write(lambda session: timers.log_timer(session, deed, house.now()))
