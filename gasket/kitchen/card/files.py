"""Batches as files: the open format out, and in again as a dish with a weighed batch."""

import json
from collections.abc import Sequence
from datetime import datetime, timedelta
from typing import Any, Final

from gasket.core.errors import FaultyInput
from gasket.core.label.label import Label
from gasket.core.rebuild.finishes import Finish, PlateLine
from gasket.core.rebuild.trial import MOST_COMPONENTS, MOST_LINES, Build, BuildComponent, BuildLine
from gasket.core.reckoning.arms import with_arms
from gasket.core.reckoning.batch import MIXTURE, Arm, Batch, Component, Line, Portions
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.reckon import reckon
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.weighing.records import ReadingOrigin, Record, RecordKind
from gasket.kitchen.portion import plates
from gasket.kitchen.rebuild import trials
from gasket.kitchen.shelf import shelf
from gasket.kitchen.weigh import weigh, weighed
from gasket.kitchen.weigh.finishes import pinned
from gasket.kitchen.weigh.weigh_sheet import BatchSheet
from gasket.kitchen.weigh.weighed import StoredBatch
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES, NOT_STORED, WEIGHINGS, BatchHead, add_lines
from gasket.store.books.book import plain
from gasket.store.books.builds import write_build
from gasket.store.books.dishes import DISHES
from gasket.store.books.shelf import LabelVersion, newest, printed_as

RAW_BEFORE: Final = timedelta(seconds=1)
"""Pieces that were filled raw are filled before the batch was cooked."""


def export(session: Session, batch_id: int) -> Batch:
    """The batch as it was weighed, with its arms. Open lines travel as planned."""
    batch = weighed.read(session, batch_id)
    if not batch.arms:
        return batch.batch
    arms = [weighed.read(session, arm.id) for arm in batch.arms]
    return with_arms(batch.batch, [(arm.head.arm, _arm(session, arm)) for arm in arms])


def _arm(session: Session, stored: StoredBatch) -> Batch:
    """An arm as a batch of its own lines. The one finish that it has travels along; which of
    several was eaten with it nobody said."""
    parts = stored.own_parts
    used = {line.label for part in parts for line in part.lines}
    batch = stored.batch
    own = batch.model_copy(
        update={
            "components": parts,
            "labels": {key: label for key, label in batch.labels.items() if key in used},
        }
    )
    kept = stored.head.finishes
    return plates.with_finish(session, own, kept[0]) if len(kept) == 1 else own


def take_in(session: Session, batch: Batch, now: datetime) -> BatchSheet:
    """Make a dish of an imported batch; its labels go to the shelf. Raises `FaultyInput` for what
    cannot be calculated, and for what is no batch of a kitchen."""
    _refuse_too_much(batch)
    reckon(batch)
    original = batch.original
    name = (original.name if original else "") or "Imported batch"
    figures = original.model_dump(exclude={"name"}) if original else {}
    named = {"name": name, "original_name": name, "source_note": "From a batch file"}
    dish = DISHES.add(session, **named, **figures, created_at=now)
    pieces = batch.portions.count or len(batch.portions.weights_g or ()) or 1
    trial = trials.blank(session, dish.id, "", now)
    whole = batch.model_copy(update={"version": 1, "arms": ()})
    made = BATCHES.add(
        session,
        trial_id=trial.id,
        portions=pieces,
        stored_imported=whole.model_dump(mode="json", exclude_none=True, exclude={"arms"}),
        started_at=now,
        closed_at=now,
    )
    labels = _shelve(session, batch.labels, now)
    write_build(session, trial, _as_build(batch, pieces, labels))
    _write_lines(session, batch.components, made.id, labels, now)
    for arm in batch.arms:
        _take_in_arm(session, arm, made, labels, now)
    return weigh.sheet(session, made.id)


def _take_in_arm(
    session: Session,
    arm: Arm,
    whole: BatchHead,
    labels: dict[str, LabelVersion],
    now: datetime,
) -> None:
    """An arm of an imported batch, weighed, cooked and divided as the file says."""
    portions = arm.portions
    pieces = portions.count or len(portions.weights_g or ()) or 1
    finish = _finish_of(arm, labels)
    finishes = pinned(session, [finish], _revisions(labels)) if finish.lines else ()
    head = BATCHES.add(
        session,
        trial_id=whole.trial_id,
        arm_of=whole.id,
        arm=arm.name,
        arm_differs=True,
        portions=pieces,
        stored_dividing=plain(_dividing(portions, pieces)),
        stored_finishes=plain(finishes),
        stored_steps=[],
        stored_original=whole.stored_original,
        started_at=now,
        closed_at=now,
    )
    part = Line(
        component=MIXTURE, grams=arm.grams, division_g=arm.division_g, estimate=arm.estimate
    )
    parts = (Component(name=arm.name, lines=(part,)), *arm.components)
    _write_lines(session, parts, head.id, labels, now)
    key, state = head.id, portions.weights_state
    for kind, grams in ((RecordKind.MIXTURE, arm.mixture_g), (RecordKind.COOKED, arm.cooked_g)):
        if grams is not None:
            WEIGHINGS.append(session, key, _told(key, kind, now, net_g=grams))
    for piece, grams in enumerate(portions.weights_g or (), start=1):
        at = now if state == "cooked" else now - RAW_BEFORE
        WEIGHINGS.append(session, key, _told(key, RecordKind.PORTION, at, piece=piece, net_g=grams))


def _told(batch_id: int, kind: RecordKind, at: datetime, **more: Any) -> Record:
    name = f"imported-{batch_id}-{kind}-{more.get('piece', 0)}"
    return Record(id=name, kind=kind, origin=ReadingOrigin.FILE, at=at, **more)


def _dividing(portions: Portions, pieces: int) -> Dividing:
    if portions.serving_g is not None:
        return Dividing(way="grams", serving_g=portions.serving_g)
    return Dividing(pieces=pieces, serving_pieces=portions.serving_pieces)


def _finish_of(arm: Arm, labels: dict[str, LabelVersion]) -> Finish:
    lines = []
    for added in arm.finish:
        low, high = added.estimate or (None, None)
        label_id = labels[added.label].label_id
        lines.append(PlateLine(label_id=label_id, grams=added.grams, low_g=low, high_g=high))
    return Finish(id="imported", name="At the plate", lines=tuple(lines))


def _revisions(labels: dict[str, LabelVersion]) -> dict[int, int]:
    return {printed.label_id: printed.id for printed in labels.values()}


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


def _shelve(session: Session, labels: dict[str, Label], now: datetime) -> dict[str, LabelVersion]:
    """The shelf's versions with these very panels; a new food for a panel that it lacks."""
    named = {
        key: label if label.name else label.model_copy(update={"name": key})
        for key, label in labels.items()
    }
    known = printed_as(session, {label.name for label in named.values()})
    by_panel = {_spelled(printed.label): printed for printed in known}
    missing = {_spelled(label): label for label in named.values()}
    lacking = [label for key, label in missing.items() if key not in by_panel]
    added = newest(session, shelf.add_foods(session, lacking, now))
    by_panel |= {_spelled(printed.label): printed for printed in added.values()}
    return {key: by_panel[_spelled(label)] for key, label in named.items()}


def _spelled(label: Label) -> str:
    return json.dumps(plain(label), sort_keys=True)


def _key(part: int, line: int) -> str:
    return f"imported-{part}-{line}"


def _as_build(batch: Batch, pieces: int, labels: dict[str, LabelVersion]) -> Build:
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
    batch_id: int,
    labels: dict[str, LabelVersion],
    now: datetime,
) -> None:
    """The lines of the weigh-in, each weighed as the file says."""
    found = [
        (part, line, _key(i, j))
        for i, part in enumerate(components)
        for j, line in enumerate(part.lines)
    ]
    lines = [
        WrittenLine(
            id=NOT_STORED,
            component=part.name,
            bowl=part.name,
            key=key,
            revision_id=None if line.label is None else labels[line.label].id,
            of_component=line.component,
            target_g=line.grams,
            count=line.count,
        )
        for part, line, key in found
    ]
    for written, (_, line, _) in zip(add_lines(session, batch_id, lines), found, strict=True):
        WEIGHINGS.append(session, batch_id, _record(batch_id, written.id, line, now))


def _record(batch_id: int, line_id: int, line: Line, now: datetime) -> Record:
    low, high = line.estimate or (None, None)
    return Record(
        id=f"imported-{batch_id}-{line_id}",
        kind=RecordKind.LINE,
        line=line_id,
        net_g=line.grams,
        low_g=low,
        high_g=high,
        division_g=min(line.division_g, 100.0),
        origin=ReadingOrigin.FILE,
        at=now,
    )
