"""The original of a dish: figures as typed, or its ingredients as a build of their own."""

from dataclasses import dataclass
from typing import Literal

from gasket.core.rebuild.trial import Build, plan
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import value_of
from gasket.core.reckoning.reckon import Result, reckon
from gasket.kitchen import settings
from gasket.kitchen.rebuild import ingredients
from gasket.kitchen.shelf import shelf
from gasket.store.books import Session, builds
from gasket.store.books.batches import KeptOriginal
from gasket.store.books.dishes import Dish
from gasket.store.books.trials import TRIALS

OriginalFrom = Literal["figures", "lines"]


@dataclass(frozen=True)
class OriginalBuild:
    """The original's ingredients, reckoned."""

    build: Build
    piece: Workpiece
    result: Result


def from_of(dish: Dish) -> OriginalFrom:
    return "lines" if dish.original_from == "lines" else "figures"


def build_of(session: Session, dish: Dish) -> OriginalBuild | None:
    """The original's ingredients; None while there are none, or its figures were typed."""
    trial = TRIALS.original_of(session, dish.id) if dish.original_from == "lines" else None
    build = None if trial is None else builds.build_of(session, trial)
    if build is None or not any(True for _ in build.lines()):
        return None
    labels = shelf.shelf_labels(session, ingredients.label_ids(build))
    reckoning = settings.read(session).reckoning
    planned = plan(build, {key: label.label for key, label in labels.items()}, reckoning, None)
    piece = Workpiece.of(build, ingredients.ingredients(session, labels, reckoning), planned)
    return OriginalBuild(build, piece, reckon(planned))


def of(session: Session, dish: Dish, made: OriginalBuild | None = None) -> Original:
    """One serving of the original: calculated from its ingredients, or as typed.

    A typed serving weight is what it weighs as eaten and wins over the sum of its ingredients.
    """
    typed = dish.typed
    build = made or build_of(session, dish)
    if build is None:
        return typed
    serving = build.result.serving
    return typed.model_copy(
        update={
            "serving_g": typed.serving_g or serving.grams,
            **{name: value_of(getattr(serving, name)) for name in _FIGURES},
        }
    )


def keep(session: Session, dish: Dish) -> KeptOriginal:
    """The original as it is now, to be kept with a batch: labels may change, the batch stays."""
    return KeptOriginal(_stamp(session, dish), of(session, dish))


def kept(kept: KeptOriginal | None, session: Session, dish: Dish) -> Original:
    """The original that a batch kept, unless the cook has changed the original itself since."""
    if kept is None or kept.stamp != _stamp(session, dish):
        return of(session, dish)
    return kept.original


def _stamp(session: Session, dish: Dish) -> str:
    """Changes whenever the cook edits the original: its figures or its ingredients."""
    ingredients = TRIALS.original_of(session, dish.id)
    return f"{dish.version}.{ingredients.version if ingredients else 0}"


_FIGURES = ("kcal", "protein_g", "carbohydrate_g", "fat_g")
