"""The shelf: foods, each with one or more labels. Editing a label makes a new revision of it."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Annotated

from pydantic import Field

from gasket.core.errors import Conflict, FaultyInput
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.trade.kind_reading import KindBy, KindReading, kind_read
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.units import millilitres_per
from gasket.kitchen import settings
from gasket.store.books import Session
from gasket.store.books.book import plain
from gasket.store.books.shelf import (
    FOODS,
    PACKAGES,
    Food,
    PackageOnShelf,
    add_package,
    add_packages,
    add_version,
    packages,
    packages_of,
)


class ShelfLabel(Answer):
    """One package as it stands now: its panel and the rest of it."""

    id: int
    food_id: int
    version: int
    since: datetime
    revisions: int
    removed: bool
    label: Label
    package: Package


class ShelfFood(Answer):
    """A food with its labels: the cook's own first, typical values behind them.

    `kind` is what it is in a build and `kind_by` who says so; `cup_g` is what one level cup of the
    house's set weighs.
    """

    id: int
    name: str
    version: int
    facts: FoodFacts
    kind: FoodKind
    kind_by: KindBy
    typical: bool
    removed: bool
    cup_g: float | None
    labels: tuple[ShelfLabel, ...]


class NewLabel(Value):
    """A panel with the rest of its package."""

    label: Label
    package: Package = Package()


class NewFood(NewLabel):
    """A food with its first label."""

    name: ShortName
    facts: FoodFacts = FoodFacts()


class FoodEdit(Value):
    """A food's name and facts, with the version that they were read at."""

    version: Annotated[int, Field(ge=1)]
    name: ShortName
    facts: FoodFacts = FoodFacts()


class LabelEdit(NewLabel):
    """A changed package, with the version that it was read at."""

    version: Annotated[int, Field(ge=1)]


def food(session: Session, food_id: int) -> ShelfFood:
    return shelf_foods(session, [FOODS.fetch(session, food_id)])[0]


def shelf_foods(session: Session, foods: Sequence[Food]) -> list[ShelfFood]:
    """These foods with their labels, in their order."""
    by_food: dict[int, list[ShelfLabel]] = {}
    for one in packages_of(session, [stored.id for stored in foods]):
        by_food.setdefault(one.head.food_id, []).append(_shelf_label(one))
    cup_ml = millilitres_per(settings.read(session).household)["cup"]
    return [_food(stored, by_food.get(stored.id, []), cup_ml) for stored in foods]


def _food(stored: Food, labels: list[ShelfLabel], cup_ml: float) -> ShelfFood:
    facts = stored.facts
    density = facts.density_g_per_ml
    kept = sorted(
        (label for label in labels if not label.removed),
        key=lambda shown: shown.label.style == "table",
    )
    kind = _kind(stored.name, facts, [label.label for label in kept])
    return ShelfFood(
        id=stored.id,
        name=stored.name,
        version=stored.version,
        facts=facts,
        kind=kind.kind,
        kind_by=kind.by,
        typical=stored.typical,
        removed=stored.removed_at is not None,
        cup_g=None if density is None else density * cup_ml,
        labels=tuple(kept),
    )


def shelf_labels(session: Session, label_ids: Iterable[int]) -> dict[int, ShelfLabel]:
    """The named labels as they stand now, removed ones too. Unknown ids are left out."""
    return {one.head.id: _shelf_label(one) for one in packages(session, label_ids)}


def _shelf_label(one: PackageOnShelf) -> ShelfLabel:
    return ShelfLabel(
        id=one.head.id,
        food_id=one.head.food_id,
        version=one.head.version,
        since=one.printed.created_at,
        revisions=one.printed.number,
        removed=one.head.removed_at is not None,
        label=one.printed.label,
        package=one.printed.package,
    )


# Writing


def add_food(session: Session, new: NewFood, now: datetime) -> ShelfFood:
    """A food with its first label."""
    name = _trimmed(new.name)
    stored = FOODS.add(session, name=name, stored_facts=plain(new.facts), created_at=now)
    return _add_label(session, stored, new, now)


def add_foods(session: Session, labels: Sequence[Label], now: datetime) -> list[int]:
    """A food for each label, named as its package: their labels' ids, in order."""
    stored = [FOODS.add(session, name=label.name, created_at=now) for label in labels]
    given = [(one.id, label, Package()) for one, label in zip(stored, labels, strict=True)]
    keys = add_packages(session, given, now)
    reindex(session, stored)
    return keys


def edit_food(session: Session, food_id: int, edit: FoodEdit) -> ShelfFood:
    """Store a name and facts. Raises `Conflict` when they were changed meanwhile."""
    stored = FOODS.fetch(session, food_id)
    if stored.version != edit.version:
        raise Conflict("food", food(session, food_id))
    return write_facts(session, stored, edit.facts, _trimmed(edit.name))


def write_facts(session: Session, stored: Food, facts: FoodFacts, name: str = "") -> ShelfFood:
    """Store what is known of a food, and its name where it has a new one."""
    reindex(session, [change_facts(session, stored, facts, name)])
    return food(session, stored.id)


def change_facts(session: Session, stored: Food, facts: FoodFacts, name: str = "") -> Food:
    """The same for one of many foods: whoever calls brings their words up to date at once."""
    changed = {"name": name or stored.name, "stored_facts": plain(facts)}
    return FOODS.change(session, stored, version=stored.version + 1, **changed)


def _trimmed(name: str) -> str:
    if not name.strip():
        raise FaultyInput.at("name", "Give it a name.")
    return name.strip()


def add_label(session: Session, food_id: int, new: NewLabel, now: datetime) -> ShelfFood:
    """One more package of a food; one without a name is called as the food."""
    return _add_label(session, FOODS.fetch(session, food_id), new, now)


def _add_label(session: Session, of: Food, new: NewLabel, now: datetime) -> ShelfFood:
    label = new.label if new.label.name.strip() else new.label.model_copy(update={"name": of.name})
    add_package(session, of.id, label, new.package, now)
    reindex(session, [of])
    return food(session, of.id)


def edit_label(session: Session, label_id: int, edit: LabelEdit, now: datetime) -> ShelfFood:
    """Store a changed package as a new revision. Raises `Conflict` when it changed meanwhile."""
    head = PACKAGES.fetch(session, label_id)
    if head.version != edit.version:
        raise Conflict("label", shelf_labels(session, [label_id])[label_id])
    revise_label(session, label_id, edit, now)
    return food(session, head.food_id)


def revise_label(session: Session, label_id: int, new: NewLabel, now: datetime) -> None:
    """Store a package as it is now, where that differs from what is known of it."""
    if add_version(session, label_id, new.label, new.package, now):
        _reindex_food_of(session, label_id)


def _reindex_food_of(session: Session, label_id: int) -> None:
    reindex(session, [FOODS.fetch(session, PACKAGES.fetch(session, label_id).food_id)])


# Off the shelf and back


def remove_food(session: Session, food_id: int, removed: bool, now: datetime) -> ShelfFood:
    """Take a food off the shelf, or put it back. Builds and batches that use it keep it."""
    stored = FOODS.fetch(session, food_id)
    reindex(session, [FOODS.change(session, stored, removed_at=now if removed else None)])
    return food(session, food_id)


def remove_label(session: Session, label_id: int, removed: bool, now: datetime) -> ShelfFood:
    """Take a label off the shelf, or put it back."""
    head = PACKAGES.fetch(session, label_id)
    PACKAGES.change(session, head, removed_at=now if removed else None)
    _reindex_food_of(session, label_id)
    return food(session, head.food_id)


@dataclass(frozen=True)
class Listing:
    """How a food is listed: whether its values are typical ones, its kind, its packages' names."""

    typical: bool
    kind: FoodKind
    packages: tuple[str, ...]


def listing(name: str, facts: FoodFacts, labels: Iterable[Label]) -> Listing:
    """How a food with these labels is listed: the cook's own before typical values."""
    own_first = sorted(labels, key=lambda label: label.style == "table")
    packages = tuple(label.name for label in own_first)
    return Listing(
        typical=all(label.style == "table" for label in own_first),
        kind=_kind(name, facts, own_first).kind,
        packages=packages,
    )


def _kind(name: str, facts: FoodFacts, own_first: Sequence[Label]) -> KindReading:
    package = own_first[0].name if own_first else ""
    return kind_read(facts.kind, name, facts.aliases, package)


def reindex(session: Session, changed: Sequence[Food]) -> None:
    """Bring these foods' words and standing up to date."""
    for stored, whole in zip(changed, shelf_foods(session, changed), strict=True):
        listed = listing(stored.name, whole.facts, (label.label for label in whole.labels))
        FOODS.list_as(
            session, stored, typical=listed.typical, kind=listed.kind, packages=listed.packages
        )


def touch(session: Session, label_ids: Iterable[int], now: datetime) -> None:
    """Note that these labels' foods were used now."""
    FOODS.use(session, label_ids, now)
