"""Out of the way: dishes, trials and batches archived, deleted, brought back; a dish duplicated.

Nothing is lost: what is deleted is found nowhere, but what uses it can read it, and it can be
brought back.
"""

from datetime import datetime
from typing import Literal

from sqlmodel import Session, select

from gasket.core.errors import Refused
from gasket.core.numbers import Value
from gasket.kitchen.overview import dishes
from gasket.kitchen.overview.dishes import DishSheet
from gasket.kitchen.rebuild import originals, trials
from gasket.store import rows
from gasket.store.tables import BatchRow, DishRow, TrialRow

Thing = Literal["dish", "trial", "batch"]


class Whereabouts(Value):
    """Where a dish, a trial or a batch is kept."""

    where: Literal["here", "archive", "deleted"]


def put(session: Session, thing: Thing, key: int, to: Whereabouts, now: datetime) -> Whereabouts:
    """Archive or delete it, or bring it back. Raises `Refused` for the last trial of a dish."""
    row = _row(session, thing, key)
    if isinstance(row, TrialRow) and to.where != "here":
        _refuse_the_last(session, row)
    for moved in (row, *_arms(session, row)):
        moved.set_aside_at = now if to.where == "archive" else None
        moved.removed_at = now if to.where == "deleted" else None
        session.add(moved)
    return to


def _arms(session: Session, row: DishRow | TrialRow | BatchRow) -> list[BatchRow]:
    """The arms that go where their batch goes: those that are where it is now."""
    if not isinstance(row, BatchRow):
        return []
    arms = session.exec(select(BatchRow).where(BatchRow.arm_of == row.id))
    where = (row.set_aside_at, row.removed_at)
    return [arm for arm in arms if (arm.set_aside_at, arm.removed_at) == where]


def _row(session: Session, thing: Thing, key: int) -> DishRow | TrialRow | BatchRow:
    match thing:
        case "dish":
            return rows.fetch(session, DishRow, key)
        case "trial":
            return rows.fetch(session, TrialRow, key)
        case "batch":
            return rows.fetch(session, BatchRow, key)


def _refuse_the_last(session: Session, trial: TrialRow) -> None:
    if trial.is_original:
        raise Refused("This is the original: take its lines out instead.")
    others = [
        other
        for other in trials.of_dish(session, trial.dish_id)
        if other.id != trial.id and other.set_aside_at is None
    ]
    if not others:
        raise Refused("A dish has at least one trial: archive or delete the dish instead.")


def duplicate(session: Session, dish_id: int, now: datetime) -> DishSheet:
    """A dish of its own with the same original and the trial that it opens with as its trial A."""
    source = rows.fetch(session, DishRow, dish_id)
    kept = source.model_dump(exclude={"id", "name", "version", "set_aside_at", "removed_at"})
    made = DishRow(**{**kept, "name": _copy_name(source.name), "created_at": now})
    session.add(made)
    session.flush()
    key = rows.key_of(made)
    if (original := originals.row_of(session, dish_id)) is not None:
        trials.fill(session, trials.original_row(session, key, now), original)
    if (opened := trials.opened(session, dish_id)) is not None:
        trials.fill(session, trials.blank(session, key, "", now), opened)
    return dishes.sheet(session, key)


def _copy_name(name: str) -> str:
    return f"{name[:110].rstrip()} (copy)"
