"""Weighing without a scale: cups, spoons, scoops, packets and ladles of a line's food in grams."""

from typing import Annotated

from pydantic import Field

from gasket.core.entry.readings import AmountReading
from gasket.core.errors import FaultyInput, Unknown
from gasket.core.numbers import Value
from gasket.kitchen.shelf import quick_entry
from gasket.kitchen.weigh import weighed
from gasket.store.books import Session


class MeasureText(Value):
    """`2 scoops`, `1/2 cup`, `1 heaped tbsp`: the food is the line's own."""

    text: Annotated[str, Field(min_length=1, max_length=60)]


def read(
    session: Session, batch_id: int, line_id: int, measure: MeasureText
) -> tuple[AmountReading, ...]:
    """Every reading of the measure for the food that went in, the likeliest first; each with the
    range that such a measure is good for. Raises `FaultyInput` at `text`."""
    batch = weighed.read(session, batch_id)
    line = batch.line(line_id)
    if line is None:
        raise Unknown("line", line_id)
    revision = batch.revision_of(line)
    if revision is None:
        raise FaultyInput.at("text", "Say what it is first.")
    shelved = batch.shelved[revision]
    return quick_entry.amounts(session, measure.text, shelved.food_id, shelved.label_id)
