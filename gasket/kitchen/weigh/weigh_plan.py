"""The plan of a weigh-in: order, bowls, scales, and lines that are poured in one."""

from typing import Annotated

from pydantic import Field
from sqlmodel import Session

from gasket.core.errors import Conflict, FaultyInput, Refused
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.weighing.records import OPEN, Way
from gasket.kitchen.weigh import weigh, weighed
from gasket.kitchen.weigh.weigh_sheet import BatchSheet
from gasket.kitchen.weigh.weighed import Weighed
from gasket.store import rows
from gasket.store.tables import BatchLineRow


class PlannedPour(Value):
    """How one line is to be weighed; `scale` None lets its weight choose."""

    id: int
    bowl: ShortName
    way: Way = "into"
    scale: Annotated[str, Field(max_length=40)] | None = None
    poured_with: int | None = None


class WeighPlan(Value):
    """Every line in working order, with the batch version that it was read at."""

    version: Annotated[int, Field(ge=1)]
    lines: Annotated[tuple[PlannedPour, ...], Field(max_length=weigh.MOST_BATCH_LINES)]


class SuggestedOrder(Answer):
    lines: tuple[int, ...]


def suggested(session: Session, batch_id: int) -> SuggestedOrder:
    """Bowl by bowl, dry before wet."""
    return SuggestedOrder(lines=tuple(weigh.suggested_order(session, batch_id)))


def arrange(session: Session, batch_id: int, plan: WeighPlan) -> BatchSheet:
    """Set order, bowls, ways and scales of a weigh-in that is still open.

    Raises `Conflict` when it was changed meanwhile, `FaultyInput` when the lines are not the
    batch's own or cannot be poured in one.
    """
    made = weighed.read(session, batch_id)
    if made.row.closed_at is not None:
        raise Refused("This weigh-in is closed.")
    if made.row.version != plan.version:
        raise Conflict("plan", weigh.sheet(session, batch_id))
    by_id = {rows.key_of(row): row for row in rows.batch_lines(session, batch_id)}
    shown = {line.id for line in made.lines}
    if (
        len({line.id for line in plan.lines}) != len(plan.lines)
        or {line.id for line in plan.lines} != shown
    ):
        raise FaultyInput.at("lines", "The plan names every line of the batch once.")
    for i, planned in enumerate(plan.lines):
        row = by_id[planned.id]
        if planned.poured_with != row.poured_with:
            row.poured_with = _together(made, row, planned.poured_with, by_id, i)
        row.position, row.way, row.scale = i, planned.way, planned.scale
        row.bowl = planned.bowl.strip() or row.component
        session.add(row)
    _one_bowl_each(plan, by_id)
    made.row.version += 1
    session.add(made.row)
    return weigh.sheet(session, batch_id)


def _together(
    made: Weighed, row: BatchLineRow, main: int | None, by_id: dict[int, BatchLineRow], at: int
) -> int | None:
    """The line that `row` is poured with. Both must be of one food and not weighed yet."""
    path = f"lines[{at}].poured_with"
    other = by_id.get(main) if main is not None else None
    both = [made.line(rows.key_of(each)) for each in (row, other) if each]
    if any(line and made.state_of(line).seen != OPEN for line in both):
        raise FaultyInput.at(path, "One of these is weighed already: undo it first.")
    if main is None:
        return None
    if other is None or other.id == row.id or other.poured_with is not None:
        raise FaultyInput.at(path, "Pour it with another line of this batch.")
    if other.revision_id is None or other.revision_id != row.revision_id:
        raise FaultyInput.at(path, "Only lines of the same package can be poured in one.")
    return main


def _one_bowl_each(plan: WeighPlan, by_id: dict[int, BatchLineRow]) -> None:
    """What is poured together goes into one bowl, and nothing is poured with what is itself
    poured with another."""
    for i, line in enumerate(plan.lines):
        main = by_id.get(line.poured_with or 0)
        if main is None:
            continue
        if main.poured_with is not None:
            raise FaultyInput.at(
                f"lines[{i}].poured_with", "Pour it with a line that stands by itself."
            )
        by_id[line.id].bowl = main.bowl
