"""Versions of a label: what changed from one to the next, and what that would move."""

from datetime import datetime

from gasket.core.differences import Change, changes
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer
from gasket.core.reckoning.batch import Batch
from gasket.core.reckoning.margin import value_of
from gasket.core.reckoning.reckon import reckon
from gasket.kitchen.rebuild import drafts
from gasket.kitchen.weigh import weighed
from gasket.store.books import Session
from gasket.store.books import shelf as shelf_book
from gasket.store.books.batches import BATCHES, BatchHead
from gasket.store.books.builds import trials_with
from gasket.store.books.dishes import DISHES
from gasket.store.books.trials import Trial


class Revision(Answer):
    """A package as it was printed from a day on, and how it differs from the one before."""

    number: int
    since: datetime
    label: Label
    package: Package
    changes: tuple[Change, ...]


class VersionEffect(Answer):
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
    versions: list[Revision] = []
    before: Revision | None = None
    for printed in shelf_book.versions(session, label_id):
        label, package = printed.label, printed.package
        changed: tuple[Change, ...] = ()
        if before is not None:
            changed = (*changes(before.label, label), *changes(before.package, package))
        before = Revision(
            number=printed.number,
            since=printed.created_at,
            label=label,
            package=package,
            changes=changed,
        )
        versions.append(before)
    return versions[::-1]


def moved(session: Session, label_id: int, candidate: Label | None) -> list[VersionEffect]:
    """What would move if everything that uses the label were calculated with `candidate`.

    Without a candidate: the newest version, so that only batches weighed with an older one move.
    Batches keep the version that they were weighed with; this only tells what it would mean.
    """
    versions = shelf_book.versions(session, label_id)
    panel = candidate or versions[-1].label
    effects = []
    if candidate is not None:
        for trial in trials_with(session, label_id):
            planned = drafts.draft(session, trial.id).planned
            effects.append(_moved(session, trial, planned, {str(label_id)}, panel, None))
    keys = {f"label-{printed.id}" for printed in versions}
    for batch in BATCHES.with_label(session, label_id):
        if batch.stored_imported is None:
            stored = weighed.read(session, batch.id)
            effects.append(_moved(session, stored.trial, stored.batch, keys, panel, batch))
    return [version for version in effects if version is not None]


def _moved(
    session: Session,
    trial: Trial,
    batch: Batch,
    keys: set[str],
    panel: Label,
    made: BatchHead | None,
) -> VersionEffect | None:
    """None when the panel changes nothing."""
    changed = batch.with_panel(keys, panel)
    if changed == batch:
        return None
    before, after = reckon(batch).serving, reckon(changed).serving
    dish = DISHES.fetch(session, trial.dish_id)
    return VersionEffect(
        dish_id=trial.dish_id,
        dish=dish.name,
        trial_id=trial.id,
        letter=trial.letter,
        batch_id=made.id if made else None,
        made_at=made.started_at if made else None,
        kcal_before=value_of(before.kcal),
        kcal_after=value_of(after.kcal),
        protein_before=value_of(before.protein_g),
        protein_after=value_of(after.protein_g),
    )
