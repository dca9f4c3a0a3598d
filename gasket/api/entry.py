"""Quick entry: lines of recipes into foods and grams."""

from fastapi import APIRouter

from gasket.api.doors import HouseDoor, Key, SessionDoor, WriteDoor
from gasket.kitchen.shelf import chosen
from gasket.kitchen.shelf import quick_entry as entry
from gasket.kitchen.shelf.chosen import FoodChoices
from gasket.kitchen.shelf.quick_entry import (
    PendingText,
    QuickAnswer,
    QuickList,
    QuickText,
    ReadRecipe,
    UnmatchedLine,
)

router = APIRouter(tags=["quick entry"])


@router.post("/quick-entry")
def quick_entry(line: QuickText, session: SessionDoor) -> QuickAnswer:
    """One line → foods on the shelf, grams, and how they were worked out."""
    return entry.quick(session, line.text)


@router.post("/quick-entry/list")
def quick_list(pasted: QuickList, session: SessionDoor) -> ReadRecipe:
    """A whole recipe, line by line."""
    return entry.read_recipe(session, pasted.text)


@router.post("/quick-entry/chosen", status_code=204)
def remember_choices(choices: FoodChoices, write: WriteDoor, house: HouseDoor) -> None:
    """What the cook chose for lines that asked: offered first next time, then taken."""
    write(lambda session: chosen.remember(session, choices, house.now()))


@router.post("/quick-entry/chosen/forgotten", status_code=204)
def forget_choice(line: QuickText, write: WriteDoor) -> None:
    """Ask about the words of this line again."""
    write(lambda session: chosen.forget(session, line.text))


@router.get("/trials/{trial_id}/pending")
def pending_lines(trial_id: Key, session: SessionDoor) -> list[UnmatchedLine]:
    """Lines of pasted lists that are kept for later."""
    return entry.pending(session, trial_id)


@router.post("/trials/{trial_id}/pending", status_code=201)
def keep_line(
    trial_id: Key, line: PendingText, write: WriteDoor, house: HouseDoor
) -> list[UnmatchedLine]:
    return write(lambda session: entry.keep_for_later(session, trial_id, line.text, house.now()))


@router.delete("/trials/{trial_id}/pending/{pending_id}")
def drop_line(trial_id: Key, pending_id: Key, write: WriteDoor) -> list[UnmatchedLine]:
    return write(lambda session: entry.drop_pending(session, trial_id, pending_id))
