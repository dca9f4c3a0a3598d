"""What a trial comes to as it is planned, and what it changed: kept, since lineages are long."""

from typing import Final

from pydantic import Field

from gasket.core.build_checks.allowed import bands_of
from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.cooking.keeping import keeping, keeps_days
from gasket.core.cooking.steps import hands_on_min
from gasket.core.numbers import Answer
from gasket.core.rebuild.difference import LineDifference, line_differences
from gasket.core.reckoning.margin import AnyFigure
from gasket.core.reckoning.reckon import reckon
from gasket.core.tasting.lineage import step_changes
from gasket.core.trade.families import Family
from gasket.kitchen import settings
from gasket.kitchen.rebuild.drafts import Draft, draft
from gasket.kitchen.shelf.shelf import shelf_labels
from gasket.store.books import Session
from gasket.store.books.builds import build_of
from gasket.store.books.figures import FigureBook
from gasket.store.books.trials import TRIALS


class TrialFigures(Answer):
    """One serving as planned: its figures, cost, minutes of the cook's hands, days in the fridge;
    lines and steps that differ from the trial that it was copied from; its family, and where it
    lies by the code of each band that is about the build alone."""

    broken: str = ""
    kcal: AnyFigure = None
    protein_g: AnyFigure = None
    grams: float | None = None
    cost: float | None = None
    minutes: float | None = None
    days: float | None = None
    changes: tuple[LineDifference, ...] = ()
    steps_changed: tuple[str, ...] = ()
    family: Family | None = None
    bands: dict[str, float] = Field(default_factory=dict)

    @property
    def changed(self) -> int:
        """How many lines and steps differ."""
        return len(self.changes) + len(self.steps_changed)


def calculate(session: Session, trial_id: int) -> TrialFigures:
    """The figures of a trial as it is stored now."""
    drafted = draft(session, trial_id)
    serving = reckon(drafted.planned).serving
    steps = drafted.trial.steps
    kinds = [food.kind for food in drafted.piece.ingredients.values()]
    advice = keeping(drafted.piece.build.terms.family, kinds)
    changes, steps_changed = _changes(session, drafted)
    return TrialFigures(
        kcal=serving.kcal,
        protein_g=serving.protein_g,
        grams=serving.grams,
        cost=drafted.piece.serving("cost"),
        minutes=hands_on_min(steps),
        days=keeps_days("fridge", advice, settings.read(session).safety),
        changes=changes,
        steps_changed=steps_changed,
        family=drafted.piece.build.terms.family,
        bands={band.code: value for band, value in bands_of(CheckedBuild(drafted.piece))},
    )


def _changes(
    session: Session, drafted: Draft
) -> tuple[tuple[LineDifference, ...], tuple[str, ...]]:
    parent_id = drafted.trial.copied_from
    if parent_id is None:
        return (), ()
    parent = TRIALS.fetch(session, parent_id)
    before = build_of(session, parent)
    ids = {line.label_id for line in before.lines() if line.label_id is not None}
    labels = {**shelf_labels(session, ids), **drafted.labels}
    names = {key: label.label.name for key, label in labels.items()}
    return (
        line_differences(before, drafted.build, names),
        step_changes(parent.steps, drafted.trial.steps),
    )


def _broken(_session: Session, _trial_id: int, says: str) -> TrialFigures:
    return TrialFigures(broken=says)


TRIAL_FIGURES: Final = FigureBook(
    of_what="trial",
    figures=TrialFigures,
    house=settings.figures_basis,
    calculate=calculate,
    broken=_broken,
)
