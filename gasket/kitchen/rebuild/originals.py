"""The original of a dish: figures as typed, or its ingredients as a build of their own."""

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Literal

from sqlmodel import Session, select

from gasket.core.rebuild.trial import Build, plan
from gasket.core.rebuild.workpiece import Workpiece
from gasket.core.reckoning.batch import Original
from gasket.core.reckoning.margin import value_of
from gasket.core.reckoning.reckon import Result, reckon
from gasket.kitchen import settings
from gasket.kitchen.rebuild import ingredients
from gasket.kitchen.shelf import shelf
from gasket.store import rows
from gasket.store.tables import DishRow, TrialRow

OriginalFrom = Literal["figures", "lines"]


@dataclass(frozen=True)
class OriginalBuild:
    """The original's ingredients, reckoned."""

    build: Build
    piece: Workpiece
    result: Result


def row_of(session: Session, dish_id: int) -> TrialRow | None:
    """The trial that holds the original's ingredients."""
    query = select(TrialRow).where(TrialRow.dish_id == dish_id, TrialRow.is_original)
    return session.exec(query).first()


def from_of(dish: DishRow) -> OriginalFrom:
    return "lines" if dish.original_from == "lines" else "figures"


def build_of(session: Session, dish: DishRow) -> OriginalBuild | None:
    """The original's ingredients; None while there are none, or its figures were typed."""
    row = row_of(session, rows.key_of(dish)) if dish.original_from == "lines" else None
    build = None if row is None else rows.build_of(session, row)
    if build is None or not any(True for _ in build.lines()):
        return None
    labels = shelf.shelf_labels(session, ingredients.label_ids(build))
    reckoning = settings.read(session).reckoning
    planned = plan(build, {key: label.label for key, label in labels.items()}, reckoning, None)
    piece = Workpiece.of(build, ingredients.ingredients(session, labels, reckoning), planned)
    return OriginalBuild(build, piece, reckon(planned))


def of(session: Session, dish: DishRow, made: OriginalBuild | None = None) -> Original:
    """One serving of the original: calculated from its ingredients, or as typed.

    A typed serving weight is what it weighs as eaten and wins over the sum of its ingredients.
    """
    typed = rows.original_of(dish)
    found = made or build_of(session, dish)
    if found is None:
        return typed
    serving = found.result.serving
    return typed.model_copy(
        update={
            "serving_g": typed.serving_g or serving.grams,
            **{name: value_of(getattr(serving, name)) for name in _FIGURES},
        }
    )


def keep(session: Session, dish: DishRow) -> dict[str, object]:
    """The original as it is now, to be kept with a batch: labels may change, the batch stays."""
    return {"stamp": _stamp(session, dish), **of(session, dish).model_dump(mode="json")}


def kept(stored: Mapping[str, object] | None, session: Session, dish: DishRow) -> Original:
    """The original that a batch kept, unless the cook has changed the original itself since."""
    if stored is None or stored.get("stamp") != _stamp(session, dish):
        return of(session, dish)
    return Original.model_validate({k: v for k, v in stored.items() if k != "stamp"})


def _stamp(session: Session, dish: DishRow) -> str:
    """Changes whenever the cook edits the original: its figures or its ingredients."""
    ingredients = row_of(session, rows.key_of(dish))
    return f"{dish.version}.{ingredients.version if ingredients else 0}"


_FIGURES = ("kcal", "protein_g", "carbohydrate_g", "fat_g")
