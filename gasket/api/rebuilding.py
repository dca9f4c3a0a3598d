"""Rebuilding: swaps, the goal, scaling, the original's ingredients, further trials."""

from typing import Annotated

from fastapi import APIRouter, Path

from gasket.api.doors import HouseDoor, Key, SessionDoor, WriteDoor
from gasket.core.law.reference_amounts import REFERENCE_AMOUNTS, ReferenceAmount
from gasket.core.rebuild.difference import TrialDifference
from gasket.core.rebuild.goals import Preset
from gasket.core.rebuild.resizing import ScalingAnswer
from gasket.core.rebuild.trial import Build
from gasket.core.swaps.model import Swap
from gasket.kitchen.overview import trial_differences
from gasket.kitchen.rebuild import reaching, swapping, trials
from gasket.kitchen.rebuild.build import TrialSheet
from gasket.kitchen.rebuild.reaching import GoalReached, GoalWanted
from gasket.kitchen.rebuild.swapping import LineSwaps, NewSwap, RejectedSwap, Rejection, SwapsWanted
from gasket.kitchen.rebuild.trials import (
    Allowance,
    AllowanceWanted,
    IntentEdit,
    NewTrial,
    ScalingWanted,
)

router = APIRouter(tags=["rebuilding"])
SwapKey = Annotated[str, Path(min_length=1, max_length=60)]


@router.post("/trials/{trial_id}/swaps")
def swaps_for_line(trial_id: Key, wanted: SwapsWanted, session: SessionDoor) -> LineSwaps:
    """What may stand in for a line of an unsaved build, and what each would do to a serving."""
    return swapping.for_line(session, trial_id, wanted)


@router.post("/trials/{trial_id}/reach")
def reach(trial_id: Key, wanted: GoalWanted, session: SessionDoor) -> GoalReached:
    """Up to three ways to the goal; else what collides and the closest build."""
    return reaching.reach_goal(session, trial_id, wanted)


@router.get("/trials/{trial_id}/presets")
def presets(trial_id: Key, session: SessionDoor) -> tuple[Preset, ...]:
    """Starting points for a goal."""
    return trials.goal_presets(session, trial_id)


@router.post("/trials/{trial_id}/scale")
def scale_build(trial_id: Key, wanted: ScalingWanted, session: SessionDoor) -> ScalingAnswer:
    """An unsaved build made larger or smaller. Stores nothing."""
    return trials.scale_edit(session, trial_id, wanted)


@router.post("/trials/{trial_id}/allowance")
def allowance(trial_id: Key, wanted: AllowanceWanted, session: SessionDoor) -> Allowance:
    """What fits on top of a serving for so many kcal."""
    return trials.allowance(session, trial_id, wanted)


@router.get("/trials/{trial_id}/difference")
def difference(trial_id: Key, to: int, session: SessionDoor) -> TrialDifference:
    """What this trial changed against the trial `to`."""
    return trial_differences.compare(session, trial_id, to)


@router.get("/trials/{trial_id}/from-original")
def from_original(trial_id: Key, session: SessionDoor) -> Build:
    """The original's ingredients as a build to begin this trial with. Stores nothing."""
    return trials.from_original(session, trial_id)


@router.put("/trials/{trial_id}/intent")
def edit_intent(trial_id: Key, edit: IntentEdit, write: WriteDoor) -> TrialSheet:
    return write(lambda session: trials.edit_intent(session, trial_id, edit))


@router.post("/dishes/{dish_id}/trials", status_code=201)
def copy_trial(dish_id: Key, new: NewTrial, write: WriteDoor, house: HouseDoor) -> TrialSheet:
    """The next trial, as a copy with an intent."""
    return write(lambda session: trials.copy(session, dish_id, new, house.now()))


@router.post("/dishes/{dish_id}/original/lines")
def start_original(dish_id: Key, write: WriteDoor, house: HouseDoor) -> TrialSheet:
    """The original as ingredients: begun now unless it is there."""
    return write(lambda session: trials.start_original(session, dish_id, house.now()))


@router.get("/dishes/{dish_id}/rejected")
def rejected(dish_id: Key, session: SessionDoor) -> tuple[RejectedSwap, ...]:
    """Swaps that are not wanted in this dish, and why."""
    return swapping.rejected(session, dish_id)


@router.put("/dishes/{dish_id}/rejected/{swap}")
def reject(
    dish_id: Key, swap: SwapKey, rejection: Rejection, write: WriteDoor, house: HouseDoor
) -> tuple[RejectedSwap, ...]:
    return write(lambda session: swapping.reject(session, dish_id, swap, rejection, house.now()))


@router.delete("/dishes/{dish_id}/rejected/{swap}")
def allow(dish_id: Key, swap: SwapKey, write: WriteDoor) -> tuple[RejectedSwap, ...]:
    """Propose it again."""
    return write(lambda session: swapping.allow(session, dish_id, swap))


@router.get("/swaps")
def swaps(session: SessionDoor) -> tuple[Swap, ...]:
    """Every swap that is known, the cook's own first."""
    return swapping.known_swaps(session)


@router.post("/swaps", status_code=201)
def add_swap(new: NewSwap, write: WriteDoor, house: HouseDoor) -> Swap:
    """Keep a swap of the cook's own."""
    return write(lambda session: swapping.add_own(session, new, house.now()))


@router.delete("/swaps/{swap}", status_code=204)
def remove_swap(swap: SwapKey, write: WriteDoor) -> None:
    write(lambda session: swapping.remove_own(session, swap))


@router.get("/reference-amounts")
def reference_amounts() -> tuple[ReferenceAmount, ...]:
    """What rules take one eating of a food to weigh."""
    return tuple(REFERENCE_AMOUNTS.values())
