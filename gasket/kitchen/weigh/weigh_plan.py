"""The plan of a weigh-in: order, bowls, scales, and lines that are poured in one."""

from dataclasses import replace
from typing import Annotated

from pydantic import Field

from gasket.core.errors import Conflict, FaultyInput, Refused
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.weighing.records import OPEN, PourDirection
from gasket.kitchen.weigh import weigh, weighed
from gasket.kitchen.weigh.weigh_sheet import BatchSheet
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, put_lines


class PlannedPour(Value):
    """How one line is to be weighed; `scale` None lets its weight choose."""

    id: int
    bowl: ShortName
    way: PourDirection = "into"
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
    batch = weighed.read(session, batch_id)
    if batch.head.closed_at is not None:
        raise Refused("This weigh-in is closed.")
    if batch.head.version != plan.version:
        raise Conflict("plan", weigh.sheet(session, batch_id))
    by_id = {line.id: line for line in batch.lines}
    if sorted(line.id for line in plan.lines) != sorted(by_id):
        raise FaultyInput.at("lines", "The plan names every line of the batch once.")
    for i, planned in enumerate(plan.lines):
        line = by_id[planned.id]
        if planned.poured_with != line.poured_with:
            _refuse_together(batch, line, planned.poured_with, by_id, i)
        by_id[planned.id] = replace(
            line,
            poured_with=planned.poured_with,
            way=planned.way,
            scale=planned.scale,
            bowl=planned.bowl.strip() or line.component,
        )
    _one_bowl_each(plan, by_id)
    put_lines(session, batch_id, [by_id[planned.id] for planned in plan.lines])
    BATCHES.change(session, batch.head, version=batch.head.version + 1)
    return weigh.sheet(session, batch_id)


def _refuse_together(
    batch: StoredBatch, line: WrittenLine, main: int | None, by_id: dict[int, WrittenLine], at: int
) -> None:
    """What is poured together must be of one food and not weighed yet."""
    path = f"lines[{at}].poured_with"
    other = by_id.get(main) if main is not None else None
    both = [batch.line(each.id) for each in (line, other) if each]
    if any(known and batch.state_of(known).seen != OPEN for known in both):
        raise FaultyInput.at(path, "One of these is weighed already: undo it first.")
    if main is None:
        return
    if other is None or other.id == line.id or other.poured_with is not None:
        raise FaultyInput.at(path, "Pour it with another line of this batch.")
    if other.revision_id is None or other.revision_id != line.revision_id:
        raise FaultyInput.at(path, "Only lines of the same package can be poured in one.")


def _one_bowl_each(plan: WeighPlan, by_id: dict[int, WrittenLine]) -> None:
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
        by_id[line.id] = replace(by_id[line.id], bowl=main.bowl)
