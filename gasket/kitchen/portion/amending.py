"""Correcting a line of a closed weigh-in: what was recorded before is kept, and shown.

The figures, the card and the stock of this batch follow, and so does its label where the batch was
kept as a food. Other closed batches that used it keep what they had, and offer the correction.
"""

import uuid
from datetime import datetime
from typing import Annotated, Self

from pydantic import Field, model_validator
from pydantic_core import PydanticCustomError

from gasket.core.errors import Refused
from gasket.core.numbers import Amount, SentId, Value
from gasket.core.reckoning.reckon import reckon
from gasket.core.weighing.records import ReadingOrigin, Record, RecordKind
from gasket.kitchen.portion.made_things import component_of, label_of
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import NewLabel
from gasket.kitchen.weigh import stock_draws, weighed
from gasket.kitchen.weigh.weigh_sheet import BatchSheet, show
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import WEIGHINGS
from gasket.store.books.shelf import kept_from, newest_of


class Amendment(Value):
    """What a line really was: `net_g` grams, the food of `label_id`, or both; `note` may say why.
    `id` is made by the sender: sent again it changes nothing."""

    id: SentId
    line: int
    net_g: Amount | None = None
    label_id: int | None = None
    note: Annotated[str, Field(max_length=300)] = ""

    @model_validator(mode="after")
    def _says_what(self) -> Self:
        if self.net_g is None and self.label_id is None:
            raise PydanticCustomError(
                "amendment", "Type how many grams it was, or choose the food."
            )
        return self


def amend(session: Session, batch_id: int, amendment: Amendment, now: datetime) -> BatchSheet:
    """Correct a line. Raises `Refused` while the weigh-in is open."""
    before = weighed.read(session, batch_id)
    if WEIGHINGS.holds(session, amendment.id, batch_id):
        return show(before)
    if before.head.closed_at is None:
        raise Refused("This weigh-in is open: weigh the line again, or type its weight.")
    if amendment.line not in before.state.lines:
        raise Refused("That line is not part of this batch.")
    label_id = amendment.label_id
    revision_id = None if label_id is None else newest_of(session, label_id).id
    was = before.state.lines[amendment.line]
    line = before.line(amendment.line)
    same_food = revision_id is None or (
        line is not None and before.revision_of(line) == revision_id
    )
    if same_food and amendment.net_g in (None, was.net_g):
        raise Refused("This is what is recorded already.")
    record = Record(
        id=amendment.id,
        kind=RecordKind.AMEND,
        origin=ReadingOrigin.HAND,
        line=amendment.line,
        net_g=amendment.net_g,
        label_id=amendment.label_id,
        revision_id=revision_id,
        note=amendment.note.strip(),
        at=now,
    )
    return _followed(session, before, record, now)


def withdraw(session: Session, batch_id: int, record_id: str, now: datetime) -> BatchSheet:
    """Undo a correction: the line is again what it was before it. Withdrawn twice it stays so."""
    before = weighed.read(session, batch_id)
    stored = WEIGHINGS.of_batch(session, record_id, batch_id)
    if stored is None or stored.kind is not RecordKind.AMEND:
        raise Refused("There is no such correction.")
    undo = Record(
        id=str(uuid.uuid5(uuid.NAMESPACE_OID, f"withdraw {record_id}")),
        kind=RecordKind.UNDO,
        undoes=record_id,
        origin=ReadingOrigin.HAND,
        at=now,
    )
    if WEIGHINGS.holds(session, undo.id, batch_id):
        return show(before)
    return _followed(session, before, undo, now)


def _followed(session: Session, before: StoredBatch, record: Record, now: datetime) -> BatchSheet:
    """Record it; what hangs on the batch follows."""
    batch_id = before.head.id
    WEIGHINGS.append(session, batch_id, record)
    batch = weighed.read(session, batch_id)
    stock_draws.draw_anew(session, before, batch, now)
    _relabel(session, batch, now)
    return show(batch)


def _relabel(session: Session, stored: StoredBatch, now: datetime) -> None:
    """The foods that this batch was kept as get a new revision."""
    for one in kept_from(session, stored.head.id):
        part = one.printed.package.made_part
        batch = component_of(stored.batch, part) if part else stored.batch
        per_100g = reckon(batch).per_100g
        if per_100g is not None:
            label = label_of(one.printed.label.name, per_100g)
            new = NewLabel(label=label, package=one.printed.package)
            shelf.revise_label(session, one.head.id, new, now)
