"""A trial's build on the bench: as it is stored, or edited, with what it is measured against."""

from dataclasses import dataclass, replace

from gasket.core.build_checks.checked_build import CheckedBuild
from gasket.core.errors import Fault, FaultyInput
from gasket.core.law.reference_amounts import REFERENCE_AMOUNTS, ReferenceAmount, ReferenceKey
from gasket.core.rebuild.family_signs import FamilyGuess, family_of
from gasket.core.rebuild.trial import Build, plan
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Batch, Original
from gasket.kitchen import settings
from gasket.kitchen.rebuild import ingredients, originals
from gasket.kitchen.rebuild.originals import OriginalBuild
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import ShelfLabel
from gasket.store.books import Session
from gasket.store.books.builds import build_of
from gasket.store.books.dishes import DISHES, Dish
from gasket.store.books.trials import TRIALS, Trial


@dataclass(frozen=True)
class Draft:
    """An edited build of a trial, with the original that it is measured against."""

    trial: Trial
    dish: Dish
    build: Build
    labels: dict[int, ShelfLabel]
    planned: Batch
    piece: Workpiece
    original: Original | None
    original_build: OriginalBuild | None
    house: settings.HouseSettings
    guess: FamilyGuess | None = None
    """What the dish is taken for where the cook has not said it."""

    @property
    def checked(self) -> CheckedBuild:
        """What the checks look at, with nothing that the cook's keepers would widen."""
        return CheckedBuild(
            piece=self.piece,
            original=self.original_build.piece if self.original_build else None,
            original_serving_g=self.original.serving_g if self.original else None,
        )

    @property
    def reference(self) -> ReferenceAmount | None:
        key = reference_of(self.dish)
        return None if key is None else REFERENCE_AMOUNTS[key]


def reference_of(dish: Dish) -> ReferenceKey | None:
    return next((key for key in REFERENCE_AMOUNTS if key == dish.reference), None)


def draft(session: Session, trial_id: int, edited: Build | None = None) -> Draft:
    """A trial's build, or the edited one in its place. Raises `FaultyInput` for a faulty one."""
    trial = TRIALS.fetch(session, trial_id)
    dish = DISHES.fetch(session, trial.dish_id)
    build = build_of(session, trial) if edited is None else edited
    labels = shelf.shelf_labels(session, ingredients.label_ids(build))
    if edited is not None:
        _refuse_faulty(edited, labels)
    made = None if trial.is_original else originals.build_of(session, dish)
    original = None if trial.is_original else originals.of(session, dish, made)
    house = settings.read(session)
    reckoning = house.reckoning
    planned = plan(build, {key: label.label for key, label in labels.items()}, reckoning, original)
    piece = Workpiece.of(build, ingredients.ingredients(session, labels, reckoning), planned)
    guess = None if build.terms.family else family_of(dish.name, piece)
    if guess is not None:
        terms = build.terms.model_copy(update={"family": guess.key})
        piece = replace(piece, build=build.model_copy(update={"terms": terms}))
    return Draft(trial, dish, build, labels, planned, piece, original, made, house, guess)


def _refuse_faulty(build: Build, labels: dict[int, ShelfLabel]) -> None:
    faults = [
        Fault(
            path=f"components[{i}].lines[{j}].label_id",
            message="That label is not on the shelf.",
        )
        for i, j, line in build.placed()
        if line.label_id is not None and line.label_id not in labels
    ]
    keys = [line.id for line in build.lines()]
    if len(set(keys)) < len(keys):
        faults.append(Fault(path="components", message="Two lines carry the same id."))
    if faults:
        raise FaultyInput(*faults)
