"""Batches as files: the open format out, and in again as a dish with a weighed batch."""

import json
from datetime import datetime

from sqlmodel import Session, select

from gasket.core.batch import Batch, Line
from gasket.core.labels import Label
from gasket.core.reckon import reckon
from gasket.core.weighing.records import Kind, Origin, Record
from gasket.kitchen import shelf, weigh, weighed
from gasket.kitchen.shelf import NewLabel
from gasket.kitchen.weigh_sheet import BatchSheet
from gasket.store import rows
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    ComponentRow,
    DishRow,
    FoodRow,
    LabelRevisionRow,
    LineRow,
    TrialRow,
)


def export(session: Session, batch_id: int) -> Batch:
    """The batch as it was weighed. Open lines travel as planned."""
    return weighed.read(session, batch_id).batch


def take_in(session: Session, batch: Batch, now: datetime) -> BatchSheet:
    """Make a dish of an imported batch; its labels go to the shelf. Raises `FaultyInput`."""
    reckon(batch)
    original = batch.original
    name = (original.name if original else "") or "Imported batch"
    dish = DishRow(name=name, original_name=name, source_note="From a batch file", created_at=now)
    if original:
        for field, value in original.model_dump(exclude={"name"}).items():
            setattr(dish, field, value)
    session.add(dish)
    session.flush()
    pieces = batch.portions.count or len(batch.portions.weights_g or ()) or 1
    trial = TrialRow(dish_id=rows.key_of(dish), letter="A", portions=pieces, created_at=now)
    session.add(trial)
    session.flush()
    made = BatchRow(
        trial_id=rows.key_of(trial),
        portions=pieces,
        imported=batch.model_dump(mode="json", exclude_none=True),
        started_at=now,
        closed_at=now,
    )
    session.add(made)
    session.flush()
    labels = _shelve(session, batch.labels, now)
    _write_lines(session, batch, trial, made, labels, now)
    session.commit()
    return weigh.sheet(session, rows.key_of(made))


def _shelve(
    session: Session, labels: dict[str, Label], now: datetime
) -> dict[str, LabelRevisionRow]:
    """The shelf's revisions with these very panels; a new food for a panel that it lacks."""
    there = {_spelled(row.panel): row for row in session.exec(select(LabelRevisionRow))}
    found: dict[str, LabelRevisionRow] = {}
    for key, label in labels.items():
        panel = rows.panel_of(label if label.name else label.model_copy(update={"name": key}))
        spelled = _spelled(panel)
        if spelled not in there:
            there[spelled] = _new_food(session, panel, now)
        found[key] = there[spelled]
    return found


def _spelled(panel: dict[str, object]) -> str:
    return json.dumps(panel, sort_keys=True)


def _new_food(session: Session, panel: dict[str, object], now: datetime) -> LabelRevisionRow:
    label = Label.model_validate(panel)
    food = FoodRow(name=label.name, created_at=now)
    session.add(food)
    session.flush()
    return shelf.new_label(session, food, NewLabel(label=label), now)


def _write_lines(
    session: Session,
    batch: Batch,
    trial: TrialRow,
    made: BatchRow,
    labels: dict[str, LabelRevisionRow],
    now: datetime,
) -> None:
    position = 0
    for i, part in enumerate(batch.components):
        component = ComponentRow(trial_id=rows.key_of(trial), position=i, name=part.name)
        session.add(component)
        session.flush()
        for j, line in enumerate(part.lines):
            revision = labels[line.label] if line.label is not None else None
            session.add(
                LineRow(
                    component_id=rows.key_of(component),
                    position=j,
                    key=f"imported-{i}-{j}",
                    label_id=revision.label_id if revision else None,
                    of_component=line.component,
                    target_g=line.grams,
                    count=line.count,
                )
            )
            row = BatchLineRow(
                batch_id=rows.key_of(made),
                position=position,
                component=part.name,
                bowl=part.name,
                key=f"imported-{i}-{j}",
                revision_id=rows.key_of(revision) if revision else None,
                of_component=line.component,
                target_g=line.grams,
                count=line.count,
            )
            session.add(row)
            session.flush()
            rows.write_record(session, rows.key_of(made), _record(made, row, line, now))
            position += 1


def _record(made: BatchRow, row: BatchLineRow, line: Line, now: datetime) -> Record:
    low, high = line.estimate or (None, None)
    return Record(
        id=f"imported-{made.id}-{row.id}",
        kind=Kind.LINE,
        line=row.id,
        net_g=line.grams,
        low_g=low,
        high_g=high,
        division_g=min(line.division_g, 100.0),
        origin=Origin.FILE,
        at=now,
    )
