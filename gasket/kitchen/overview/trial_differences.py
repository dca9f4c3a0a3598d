"""What a trial changed against another."""

from gasket.core.rebuild.difference import TrialDifference, TrialSide, difference
from gasket.core.reckoning.reckon import reckon
from gasket.kitchen.rebuild import drafts
from gasket.kitchen.weigh import weighed
from gasket.kitchen.weigh.writing_back import as_weighed
from gasket.store.books import Session
from gasket.store.books.batches import BATCHES


def compare(session: Session, trial_id: int, with_trial: int) -> TrialDifference:
    """What the trial changed against another: as it was last weighed where it was made, else as it
    is planned."""
    names: dict[int, str] = {}
    before, after = (_side(session, side, names) for side in (with_trial, trial_id))
    return difference(before, after, names)


def _side(session: Session, trial_id: int, names: dict[int, str]) -> TrialSide:
    """The trial as it compares; the names of its packages join `names`."""
    planned = drafts.draft(session, trial_id)
    names |= {key: ingredient.name for key, ingredient in planned.piece.ingredients.items()}
    batch = _last_made(session, trial_id)
    if batch is None:
        portions = float(planned.build.portions)
        return TrialSide(planned.build, reckon(planned.planned).serving, portions)
    stored = weighed.read(session, batch)
    for food in stored.shelved.values():
        names.setdefault(food.label_id, food.panel.name)
    lines = as_weighed(stored, planned.build)
    return TrialSide(
        planned.build, stored.result.serving, stored.servings, lines, stored.head.closed_at
    )


def _last_made(session: Session, trial_id: int) -> int | None:
    """The newest closed weigh-in of the trial; a batch that came from a file has no lines here."""
    closed = BATCHES.closed_of(session, trial_id)
    return next((batch.id for batch in closed if not batch.stored_imported), None)
