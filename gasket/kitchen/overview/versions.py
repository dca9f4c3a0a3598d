"""Versions of a label: what changed from one to the next, and what that would move."""

from datetime import datetime

from sqlmodel import Session, col, select

from gasket.core.differences import Change, changes
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.margin import value_of
from gasket.core.reckoning.reckon import reckon
from gasket.kitchen.rebuild import drafts
from gasket.kitchen.shelf import shelf
from gasket.kitchen.weigh import weighed
from gasket.store import rows
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    ComponentRow,
    DishRow,
    LabelRevisionRow,
    LabelRow,
    LineRow,
    TrialRow,
    WeighingRow,
)


class Revision(Answer):
    """A package as it was printed from a day on, and how it differs from the one before."""

    number: int
    since: datetime
    label: Label
    package: Package
    changes: tuple[Change, ...]


class Moved(Answer):
    """A trial or batch that uses the label: one serving as it stands, and re-reckoned."""

    dish_id: int
    dish: str
    trial_id: int
    letter: str
    batch_id: int | None
    made_at: datetime | None
    kcal_before: float | None
    kcal_after: float | None
    protein_before: float | None
    protein_after: float | None


def revisions(session: Session, label_id: int) -> list[Revision]:
    """Every version of the label, newest first."""
    found: list[Revision] = []
    before: Revision | None = None
    for row in _rows(session, label_id):
        label, package = rows.label_of(row), rows.package_of(row)
        changed: tuple[Change, ...] = ()
        if before is not None:
            changed = (*changes(before.label, label), *changes(before.package, package))
        before = Revision(
            number=row.number, since=row.created_at, label=label, package=package, changes=changed
        )
        found.append(before)
    return found[::-1]


def _rows(session: Session, label_id: int) -> list[LabelRevisionRow]:
    rows.fetch(session, LabelRow, label_id)
    query = select(LabelRevisionRow).where(LabelRevisionRow.label_id == label_id)
    return list(session.exec(query.order_by(col(LabelRevisionRow.number))))


def moved(session: Session, label_id: int, candidate: Label | None) -> list[Moved]:
    """What would move if everything that uses the label were calculated with `candidate`.

    Without a candidate: the newest version, so that only batches weighed with an older one move.
    Batches keep the version that they were weighed with; this only tells what it would mean.
    """
    row = rows.fetch(session, LabelRow, label_id)
    newest = shelf.shelf_labels(session, [rows.key_of(row)])[label_id].label
    panel = candidate or newest
    found = [_moved_batch(session, batch, label_id, panel) for batch in _batches(session, label_id)]
    if candidate is not None:
        trials = [
            _moved_trial(session, trial, label_id, panel) for trial in _trials(session, label_id)
        ]
        found = [*trials, *found]
    return [version for version in found if version is not None]


def _trials(session: Session, label_id: int) -> list[TrialRow]:
    query = (
        select(TrialRow)
        .join(ComponentRow, col(ComponentRow.trial_id) == col(TrialRow.id))
        .join(LineRow, col(LineRow.component_id) == col(ComponentRow.id))
        .where(LineRow.label_id == label_id)
        .order_by(col(TrialRow.id))
        .distinct()
    )
    return list(session.exec(query))


def _batches(session: Session, label_id: int) -> list[BatchRow]:
    """The batches that planned this label, or that it went into as a stand-in."""
    revisions = select(LabelRevisionRow.id).where(LabelRevisionRow.label_id == label_id)
    planned = select(BatchLineRow.batch_id).where(col(BatchLineRow.revision_id).in_(revisions))
    went_in = select(WeighingRow.batch_id).where(col(WeighingRow.revision_id).in_(revisions))
    query = (
        select(BatchRow)
        .where(col(BatchRow.id).in_(planned) | col(BatchRow.id).in_(went_in))
        .order_by(col(BatchRow.id))
    )
    return [row for row in session.exec(query) if row.imported is None]


def _moved_trial(session: Session, trial: TrialRow, label_id: int, panel: Label) -> Moved | None:
    planned = drafts.draft(session, rows.key_of(trial)).planned
    return _moved(session, trial, planned, {str(label_id)}, panel, None)


def _moved_batch(session: Session, row: BatchRow, label_id: int, panel: Label) -> Moved | None:
    made = weighed.read(session, rows.key_of(row))
    keys = {f"label-{rows.key_of(row)}" for row in _rows(session, label_id)}
    return _moved(session, made.trial, made.batch, keys, panel, row)


def _moved(
    session: Session,
    trial: TrialRow,
    batch: Batch,
    keys: set[str],
    panel: Label,
    made: BatchRow | None,
) -> Moved | None:
    """None when the panel changes nothing."""
    changed = batch.with_panel(keys, panel)
    if changed == batch:
        return None
    before, after = reckon(batch).serving, reckon(changed).serving
    dish = rows.fetch(session, DishRow, trial.dish_id)
    return Moved(
        dish_id=trial.dish_id,
        dish=dish.name,
        trial_id=rows.key_of(trial),
        letter=trial.letter,
        batch_id=rows.key_of(made) if made else None,
        made_at=made.started_at if made else None,
        kcal_before=value_of(before.kcal),
        kcal_after=value_of(after.kcal),
        protein_before=value_of(before.protein_g),
        protein_after=value_of(after.protein_g),
    )
