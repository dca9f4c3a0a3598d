"""Out of the way: dishes, trials and batches archived, deleted, brought back; a dish duplicated.

Nothing is lost: what is deleted is found nowhere, but what uses it can read it, and it can be
brought back.
"""

from datetime import datetime
from typing import Final, Literal

from gasket.core.errors import Refused
from gasket.core.numbers import Value
from gasket.kitchen.overview import dishes
from gasket.kitchen.overview.dishes import DishSheet
from gasket.kitchen.rebuild import trials
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES
from gasket.store.books.dishes import DISHES
from gasket.store.books.trials import TRIALS, Trial

Clearable = Literal["dish", "trial", "batch"]
_ITS_OWN: Final = ("id", "name", "version", "set_aside_at", "removed_at", "created_at")
"""What a duplicate of a dish does not have from it."""


class Whereabouts(Value):
    """Where a dish, a trial or a batch is kept."""

    where: Literal["here", "archive", "deleted"]


def put(
    session: Session, thing: Clearable, key: int, to: Whereabouts, now: datetime
) -> Whereabouts:
    """Archive or delete it, or bring it back; the arms that are where their batch is go with it.
    Raises `Refused` for the last trial of a dish."""
    whereabouts = {
        "set_aside_at": now if to.where == "archive" else None,
        "removed_at": now if to.where == "deleted" else None,
    }
    match thing:
        case "dish":
            DISHES.change(session, DISHES.fetch(session, key), **whereabouts)
        case "trial":
            trial = TRIALS.fetch(session, key)
            if to.where != "here":
                _refuse_the_last(session, trial)
            TRIALS.change(session, trial, **whereabouts)
        case "batch":
            batch = BATCHES.fetch(session, key)
            where = (batch.set_aside_at, batch.removed_at)
            for moved in (batch, *BATCHES.every_arm(session, key)):
                if (moved.set_aside_at, moved.removed_at) == where:
                    BATCHES.change(session, moved, **whereabouts)
    return to


def _refuse_the_last(session: Session, trial: Trial) -> None:
    if trial.is_original:
        raise Refused("This is the original: take its lines out instead.")
    others = [
        other
        for other in TRIALS.of_dish(session, trial.dish_id)
        if other.id != trial.id and other.set_aside_at is None
    ]
    if not others:
        raise Refused("A dish has at least one trial: archive or delete the dish instead.")


def duplicate(session: Session, dish_id: int, now: datetime) -> DishSheet:
    """A dish of its own with the same original and the trial that it opens with as its trial A."""
    source = DISHES.fetch(session, dish_id)
    kept = {name: value for name, value in vars(source).items() if name not in _ITS_OWN}
    twin = DISHES.add(session, **kept, name=_copy_name(source.name), created_at=now)
    if (original := TRIALS.original_of(session, dish_id)) is not None:
        trials.fill(session, trials.blank_original(session, twin.id, now), original)
    if (opened := trials.opened(session, dish_id)) is not None:
        trials.fill(session, trials.blank(session, twin.id, "", now), opened)
    return dishes.sheet(session, twin.id)


def _copy_name(name: str) -> str:
    return f"{name[:110].rstrip()} (copy)"
