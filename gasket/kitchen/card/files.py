"""Batches as files: the open format out, and in again as a dish with a weighed batch."""

import json
from collections.abc import Sequence
from datetime import datetime, timedelta
from typing import Any, Final

from sqlmodel import Session

from gasket.core.errors import FaultyInput
from gasket.core.label.label import Label
from gasket.core.rebuild.trial import MOST_COMPONENTS, MOST_LINES, Build, BuildComponent, BuildLine
from gasket.core.reckoning.arms import with_arms
from gasket.core.reckoning.batch import MIXTURE, Arm, Batch, Component, Line, Portions
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.reckon import reckon
from gasket.core.weighing.records import Kind, Origin, Record
from gasket.kitchen.portion import plates
from gasket.kitchen.shelf import shelf
from gasket.kitchen.weigh import weigh, weighed
from gasket.kitchen.weigh.finishes import Finish, PlateLine, pinned
from gasket.kitchen.weigh.weigh_sheet import BatchSheet
from gasket.kitchen.weigh.weighed import Weighed
from gasket.store import rows
from gasket.store.tables import BatchLineRow, BatchRow, DishRow, LabelRevisionRow, TrialRow

RAW_BEFORE: Final = timedelta(seconds=1)
"""Pieces that were filled raw are filled before the batch was cooked."""


def export(session: Session, batch_id: int) -> Batch:
    """The batch as it was weighed, with its arms. Open lines travel as planned."""
    made = weighed.read(session, batch_id)
    if not made.arms:
        return made.batch
    arms = [weighed.read(session, rows.key_of(arm)) for arm in made.arms]
    return with_arms(made.batch, [(arm.row.arm, _arm(session, arm)) for arm in arms])


def _arm(session: Session, made: Weighed) -> Batch:
    """An arm as a batch of its own lines. The one finish that it has travels along; which of
    several was eaten with it nobody said."""
    parts = made.own_parts
    used = {line.label for part in parts for line in part.lines}
    batch = made.batch
    own = batch.model_copy(
        update={
            "components": parts,
            "labels": {key: label for key, label in batch.labels.items() if key in used},
        }
    )
    stored = made.row.finishes
    return plates.with_finish(session, own, stored[0]) if len(stored) == 1 else own


def take_in(session: Session, batch: Batch, now: datetime) -> BatchSheet:
    """Make a dish of an imported batch; its labels go to the shelf. Raises `FaultyInput` for what
    cannot be calculated, and for what is no batch of a kitchen."""
    _refuse_too_much(batch)
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
        imported=batch.model_copy(update={"version": 1, "arms": ()}).model_dump(
            mode="json", exclude_none=True, exclude={"arms"}
        ),
        started_at=now,
        closed_at=now,
    )
    session.add(made)
    session.flush()
    labels = _shelve(session, batch.labels, now)
    rows.write_build(session, trial, _as_build(batch, pieces, labels))
    _write_lines(session, batch.components, made, labels, now)
    for arm in batch.arms:
        _take_in_arm(session, arm, made, labels, now)
    return weigh.sheet(session, rows.key_of(made))


def _take_in_arm(
    session: Session,
    arm: Arm,
    whole: BatchRow,
    labels: dict[str, LabelRevisionRow],
    now: datetime,
) -> None:
    """An arm of an imported batch, weighed, cooked and divided as the file says."""
    portions = arm.portions
    pieces = portions.count or len(portions.weights_g or ()) or 1
    finish = _finish_of(arm, labels)
    row = BatchRow(
        trial_id=whole.trial_id,
        arm_of=whole.id,
        arm=arm.name,
        arm_differs=True,
        portions=pieces,
        dividing=rows.plain(_dividing(portions, pieces)),
        finishes=pinned(session, [finish], _revisions(labels)) if finish.lines else [],
        steps=[],
        original=whole.original,
        started_at=now,
        closed_at=now,
    )
    session.add(row)
    session.flush()
    part = Line(
        component=MIXTURE, grams=arm.grams, division_g=arm.division_g, estimate=arm.estimate
    )
    parts = (Component(name=arm.name, lines=(part,)), *arm.components)
    _write_lines(session, parts, row, labels, now)
    key, state = rows.key_of(row), portions.weights_state
    for kind, grams in ((Kind.MIXTURE, arm.mixture_g), (Kind.COOKED, arm.cooked_g)):
        if grams is not None:
            rows.write_record(session, key, _told(key, kind, now, net_g=grams))
    for piece, grams in enumerate(portions.weights_g or (), start=1):
        at = now if state == "cooked" else now - RAW_BEFORE
        rows.write_record(session, key, _told(key, Kind.PORTION, at, piece=piece, net_g=grams))


def _told(batch_id: int, kind: Kind, at: datetime, **more: Any) -> Record:
    name = f"imported-{batch_id}-{kind}-{more.get('piece', 0)}"
    return Record(id=name, kind=kind, origin=Origin.FILE, at=at, **more)


def _dividing(portions: Portions, pieces: int) -> Dividing:
    if portions.serving_g is not None:
        return Dividing(way="grams", serving_g=portions.serving_g)
    return Dividing(pieces=pieces, serving_pieces=portions.serving_pieces)


def _finish_of(arm: Arm, labels: dict[str, LabelRevisionRow]) -> Finish:
    lines = []
    for added in arm.finish:
        low, high = added.estimate or (None, None)
        label_id = labels[added.label].label_id
        lines.append(PlateLine(label_id=label_id, grams=added.grams, low_g=low, high_g=high))
    return Finish(id="imported", name="At the plate", lines=tuple(lines))


def _revisions(labels: dict[str, LabelRevisionRow]) -> dict[int, int]:
    return {row.label_id: rows.key_of(row) for row in labels.values()}


def _refuse_too_much(batch: Batch) -> None:
    """A kitchen works with its batches while somebody waits: far more than anybody ever weighs is
    refused before anything is stored."""
    arms = [part for arm in batch.arms for part in arm.components]
    per_component = [len(part.lines) for part in (*batch.components, *arms)]
    for path, has, most, what in (
        ("components", len(per_component), MOST_COMPONENTS, "components"),
        ("components", sum(per_component), weigh.MOST_BATCH_LINES, "lines"),
        ("components", max(per_component, default=0), MOST_LINES, "lines in one component"),
        ("labels", len(batch.labels), weigh.MOST_BATCH_LINES, "labels"),
    ):
        if has > most:
            says = f"A batch in the kitchen has at most {most:,} {what}; this one has {has:,}."
            raise FaultyInput.at(path, says)


def _shelve(
    session: Session, labels: dict[str, Label], now: datetime
) -> dict[str, LabelRevisionRow]:
    """The shelf's revisions with these very panels; a new food for a panel that it lacks."""
    panels = {
        key: rows.panel_of(label if label.name else label.model_copy(update={"name": key}))
        for key, label in labels.items()
    }
    named = rows.revisions_named(session, {str(panel["name"]) for panel in panels.values()})
    there = {_spelled(row.panel): row for row in named}
    missing = {_spelled(panel): panel for panel in panels.values()}
    new = [(key, panel) for key, panel in missing.items() if key not in there]
    made = shelf.new_foods(session, [Label.model_validate(panel) for _, panel in new], now)
    there |= {key: row for (key, _), row in zip(new, made, strict=True)}
    return {key: there[_spelled(panel)] for key, panel in panels.items()}


def _spelled(panel: dict[str, object]) -> str:
    return json.dumps(panel, sort_keys=True)


def _key(part: int, line: int) -> str:
    return f"imported-{part}-{line}"


def _as_build(batch: Batch, pieces: int, labels: dict[str, LabelRevisionRow]) -> Build:
    return Build(
        portions=pieces,
        components=tuple(
            BuildComponent(
                name=part.name,
                lines=tuple(
                    BuildLine(
                        id=_key(i, j),
                        label_id=None if line.label is None else labels[line.label].label_id,
                        component=line.component,
                        target_g=line.grams,
                        count=line.count,
                    )
                    for j, line in enumerate(part.lines)
                ),
            )
            for i, part in enumerate(batch.components)
        ),
    )


def _write_lines(
    session: Session,
    components: Sequence[Component],
    made: BatchRow,
    labels: dict[str, LabelRevisionRow],
    now: datetime,
) -> None:
    """The lines of the weigh-in, each weighed as the file says."""
    found = [
        (part, line, _key(i, j))
        for i, part in enumerate(components)
        for j, line in enumerate(part.lines)
    ]
    stored = [
        BatchLineRow(
            batch_id=rows.key_of(made),
            position=position,
            component=part.name,
            bowl=part.name,
            key=key,
            revision_id=None if line.label is None else rows.key_of(labels[line.label]),
            of_component=line.component,
            target_g=line.grams,
            count=line.count,
        )
        for position, (part, line, key) in enumerate(found)
    ]
    session.add_all(stored)
    session.flush()
    for row, (_, line, _) in zip(stored, found, strict=True):
        rows.write_record(session, rows.key_of(made), _record(made, row, line, now))


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
