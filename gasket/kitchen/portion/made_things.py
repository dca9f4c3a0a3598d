"""Made things: a batch, or a component of one, on the shelf as an ingredient for others.

Its label is a table of what was calculated per 100 g, its spread the widest worst case among energy
and the macronutrients, so that whatever uses it is never surer of it than it was itself.
"""

from collections.abc import Iterator
from datetime import datetime
from typing import Annotated, Final

from pydantic import Field

from gasket.core.errors import FaultyInput, Refused
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.reckoning.batch import Batch, Component, Portions
from gasket.core.reckoning.contents import PackageUsed, contains
from gasket.core.reckoning.margin import Facts, Figure
from gasket.core.reckoning.reckon import reckon
from gasket.core.trade.nutrients import MACROS, PRINTED
from gasket.core.trade.nutrients.figure_types import NUTRIENTS, Nutrient
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf import NewFood, ShelfFood
from gasket.kitchen.weigh import weighed
from gasket.store.books import Session

_FIGURES: Final = tuple(nutrient for nutrient in NUTRIENTS if nutrient in PRINTED)
_LEAST_WORTH_G: Final = 1.0
"""Per 100 g: a smaller figure does not widen the spread of the others."""
_MOST_SPREAD: Final = 1.0


class KeepAs(Value):
    """Under what name a batch, or one component of it, goes on the shelf."""

    name: ShortName
    component: Annotated[str, Field(max_length=200)] | None = None


def keep_as(session: Session, batch_id: int, wanted: KeepAs, now: datetime) -> ShelfFood:
    """Put a made thing on the shelf. Raises `Refused` while the weigh-in is open."""
    stored = weighed.read(session, batch_id)
    if stored.head.closed_at is None:
        raise Refused("Close the weigh-in first: what is in it is not settled.")
    if not wanted.name.strip():
        raise FaultyInput.at("name", "Give it a name.")
    batch = (
        stored.batch if wanted.component is None else component_of(stored.batch, wanted.component)
    )
    per_100g = reckon(batch).per_100g
    if per_100g is None:
        raise Refused("It weighs nothing that is known: weigh it first.")
    new = NewFood(
        name=wanted.name.strip(),
        label=label_of(wanted.name.strip(), per_100g),
        package=_package(stored, batch, wanted.component),
    )
    return shelf.add_food(session, new, now)


def component_of(batch: Batch, name: str) -> Batch:
    """A batch of one component alone, with the components that it is made of."""
    by_name = {part.name: part for part in batch.components}
    if name not in by_name:
        raise FaultyInput.at("component", f"There is no component “{name}”.")
    needed = {part.name for part in _with_parts(by_name, name)}
    return batch.model_copy(
        update={
            "components": tuple(
                part.model_copy(update={"leftover_g": 0.0})
                for part in batch.components
                if part.name in needed
            ),
            "mixture_g": None,
            "cooked_g": None,
            "portions": Portions(count=1),
            "finish": (),
            "original": None,
        }
    )


def _with_parts(by_name: dict[str, Component], name: str) -> Iterator[Component]:
    yield by_name[name]
    for line in by_name[name].lines:
        if line.component is not None:
            yield from _with_parts(by_name, line.component)


def label_of(name: str, per_100g: Facts) -> Label:
    """A table of what was calculated per 100 g; an unknown figure stays unknown."""
    known = {
        field: figure
        for field in _FIGURES
        if isinstance(figure := getattr(per_100g, field), Figure)
    }
    figures = {field: round(figure.value, 3) for field, figure in known.items()}
    return Label.model_validate(
        {"name": name, "style": "table", "basis_g": 100.0, "spread": _spread(known), **figures}
    )


def _spread(known: dict[Nutrient, Figure]) -> float:
    widest = 0.0
    for nutrient, figure in known.items():
        if nutrient in MACROS and figure.value >= _LEAST_WORTH_G:
            reach = max(figure.value - figure.worst[0], figure.worst[1] - figure.value)
            widest = max(widest, reach / figure.value)
    return min(_MOST_SPREAD, round(widest, 4))


def _package(stored: weighed.StoredBatch, batch: Batch, component: str | None) -> Package:
    keys = {line.label for part in batch.components for line in part.lines}
    holds = contains(
        PackageUsed(food.panel.name, food.kind, food.package)
        for key, food in stored.shelved.items()
        if f"label-{key}" in keys
    )
    return Package(
        allergens=holds.allergens,
        may_contain=holds.may_contain,
        flags=holds.flags,
        note=f"Made here: {stored.dish.name}, trial {stored.trial.letter}.",
        made_from=stored.head.id,
        made_part=component or "",
    )
