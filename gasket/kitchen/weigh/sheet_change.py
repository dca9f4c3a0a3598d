"""What of a weigh-in changed, instead of all that its page shows."""

from typing import Any, Literal

from gasket.core.numbers import Answer
from gasket.kitchen.weigh.weigh_sheet import BatchLine, BatchSheet


class SheetChange(Answer):
    """What made a batch sheet of number `since` the one of `number`.

    `fields` are those that changed, by name, as they are now; `lines` those that are new or
    changed; `order` the ids of all lines where any came, went or moved. Whoever does not have the
    sheet of `since` reads the whole one.
    """

    type: Literal["change"] = "change"
    id: int
    since: int
    number: int
    fields: dict[str, Any]
    lines: tuple[BatchLine, ...]
    order: tuple[int, ...] | None


def sheet_change(before: BatchSheet, after: BatchSheet) -> SheetChange:
    """What changed from one sheet of a batch to a later one."""
    was = {line.id: line for line in before.lines}
    order = tuple(line.id for line in after.lines)
    changed = {
        name
        for name in BatchSheet.model_fields.keys() - {"id", "number", "lines"}
        if getattr(before, name) != getattr(after, name)
    }
    return SheetChange(
        id=after.id,
        since=before.number,
        number=after.number,
        fields=after.model_dump(mode="json", include=changed),
        lines=tuple(line for line in after.lines if line != was.get(line.id)),
        order=None if order == tuple(was) else order,
    )
