"""The shelf: foods, each with one or more labels. Editing a label makes a new revision of it."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime
from typing import Annotated

from pydantic import Field
from sqlmodel import Session, col, select

from gasket.core.errors import Conflict, FaultyInput
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer, Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.trade.kind_reading import KindBy, KindRead, kind_read
from gasket.core.trade.kinds import FoodKind
from gasket.core.trade.units import millilitres_per
from gasket.kitchen import settings
from gasket.store import rows, search
from gasket.store.tables import FoodRow, LabelRevisionRow, LabelRow


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
    row = rows.fetch(session, FoodRow, food_id)
    return shelf_foods(session, [row])[0]


def shelf_foods(session: Session, found: list[FoodRow]) -> list[ShelfFood]:
    """The foods of these rows with their labels, in the order of the rows."""
    ids = [rows.key_of(row) for row in found]
    query = select(LabelRow).where(col(LabelRow.food_id).in_(ids)).order_by(col(LabelRow.id))
    by_food: dict[int, list[ShelfLabel]] = {}
    for label in _shelf_labels(session, list(session.exec(query))):
        by_food.setdefault(label.food_id, []).append(label)
    cup_ml = millilitres_per(settings.read(session).household)["cup"]
    return [_food(row, by_food.get(key, []), cup_ml) for row, key in zip(found, ids, strict=True)]


def _food(row: FoodRow, labels: list[ShelfLabel], cup_ml: float) -> ShelfFood:
    facts = rows.facts_of(row)
    density = facts.density_g_per_ml
    kept = sorted(
        (label for label in labels if not label.removed),
        key=lambda shown: shown.label.style == "table",
    )
    kind = _kind(row.name, facts, [label.label for label in kept])
    return ShelfFood(
        id=rows.key_of(row),
        name=row.name,
        version=row.version,
        facts=facts,
        kind=kind.kind,
        kind_by=kind.by,
        typical=row.typical,
        removed=row.removed_at is not None,
        cup_g=None if density is None else density * cup_ml,
        labels=tuple(kept),
    )


def shelf_labels(session: Session, label_ids: Iterable[int]) -> dict[int, ShelfLabel]:
    """The named labels as they stand now, removed ones too. Unknown ids are left out."""
    ids = [key for key in label_ids if 0 < key <= rows.MOST_ID]
    query = select(LabelRow).where(col(LabelRow.id).in_(ids))
    return {label.id: label for label in _shelf_labels(session, list(session.exec(query)))}


def _shelf_labels(session: Session, found: list[LabelRow]) -> list[ShelfLabel]:
    newest = rows.newest_revisions(session, [rows.key_of(row) for row in found])
    return [_shelf_label(row, newest[rows.key_of(row)]) for row in found]


def _shelf_label(row: LabelRow, revision: LabelRevisionRow) -> ShelfLabel:
    return ShelfLabel(
        id=rows.key_of(row),
        food_id=row.food_id,
        version=row.version,
        since=revision.created_at,
        revisions=revision.number,
        removed=row.removed_at is not None,
        label=rows.label_of(revision),
        package=rows.package_of(revision),
    )


# Writing


def add_food(session: Session, new: NewFood, now: datetime) -> ShelfFood:
    row = new_food(session, new, now)
    return food(session, rows.key_of(row))


def new_foods(session: Session, labels: list[Label], now: datetime) -> list[LabelRevisionRow]:
    """A food for each label, named as its package: their revisions, in order."""
    foods = [FoodRow(name=label.name, created_at=now) for label in labels]
    session.add_all(foods)
    session.flush()
    packages = [LabelRow(food_id=rows.key_of(row), created_at=now) for row in foods]
    session.add_all(packages)
    session.flush()
    revisions = [
        revision_of(rows.key_of(row), 1, label, Package(), now)
        for row, label in zip(packages, labels, strict=True)
    ]
    session.add_all(revisions)
    reindex(session, foods)
    return revisions


def new_food(session: Session, new: NewFood, now: datetime) -> FoodRow:
    """A food with its first label, in the search index."""
    row = FoodRow(name=_trimmed(new.name), facts=rows.plain(new.facts), created_at=now)
    session.add(row)
    session.flush()
    new_label(session, row, new, now)
    return row


def edit_food(session: Session, food_id: int, edit: FoodEdit) -> ShelfFood:
    """Store a name and facts. Raises `Conflict` when they were changed meanwhile."""
    row = rows.fetch(session, FoodRow, food_id)
    if row.version != edit.version:
        raise Conflict("food", food(session, food_id))
    row.name = _trimmed(edit.name)
    row.facts = rows.plain(edit.facts)
    row.version += 1
    session.add(row)
    reindex(session, [row])
    return food(session, food_id)


def _trimmed(name: str) -> str:
    if not name.strip():
        raise FaultyInput.at("name", "Give it a name.")
    return name.strip()


def add_label(session: Session, food_id: int, new: NewLabel, now: datetime) -> ShelfFood:
    new_label(session, rows.fetch(session, FoodRow, food_id), new, now)
    return food(session, food_id)


def new_label(session: Session, of: FoodRow, new: NewLabel, now: datetime) -> LabelRevisionRow:
    """A label of the food with its first revision."""
    row = LabelRow(food_id=rows.key_of(of), created_at=now)
    session.add(row)
    session.flush()
    label = new.label if new.label.name.strip() else new.label.model_copy(update={"name": of.name})
    revision = revision_of(rows.key_of(row), 1, label, new.package, now)
    session.add(revision)
    reindex(session, [of])
    return revision


def revision_of(
    label_id: int, number: int, label: Label, package: Package, now: datetime
) -> LabelRevisionRow:
    return LabelRevisionRow(
        label_id=label_id,
        number=number,
        panel=rows.panel_of(label),
        package=rows.plain(package),
        created_at=now,
    )


def edit_label(session: Session, label_id: int, edit: LabelEdit, now: datetime) -> ShelfFood:
    """Store a changed package as a new revision. Raises `Conflict` when it changed meanwhile."""
    row = rows.fetch(session, LabelRow, label_id)
    if row.version != edit.version:
        raise Conflict("label", shelf_labels(session, [label_id])[label_id])
    revise_label(session, row, edit, now)
    return food(session, row.food_id)


def revise_label(session: Session, row: LabelRow, new: NewLabel, now: datetime) -> bool:
    """Whether `new` differs from the newest revision; it is then one."""
    label_id = rows.key_of(row)
    newest = rows.newest_revisions(session, [label_id])[label_id]
    if rows.label_of(newest) == new.label and rows.package_of(newest) == new.package:
        return False
    row.version += 1
    session.add(row)
    session.add(revision_of(label_id, newest.number + 1, new.label, new.package, now))
    reindex(session, [rows.fetch(session, FoodRow, row.food_id)])
    return True


# Off the shelf and back


def remove_food(session: Session, food_id: int, removed: bool, now: datetime) -> ShelfFood:
    """Take a food off the shelf, or put it back. Builds and batches that use it keep it."""
    row = rows.fetch(session, FoodRow, food_id)
    row.removed_at = now if removed else None
    session.add(row)
    reindex(session, [row])
    return food(session, food_id)


def remove_label(session: Session, label_id: int, removed: bool, now: datetime) -> ShelfFood:
    """Take a label off the shelf, or put it back."""
    row = rows.fetch(session, LabelRow, label_id)
    row.removed_at = now if removed else None
    session.add(row)
    session.flush()
    reindex(session, [rows.fetch(session, FoodRow, row.food_id)])
    return food(session, row.food_id)


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


def _kind(name: str, facts: FoodFacts, own_first: Sequence[Label]) -> KindRead:
    package = own_first[0].name if own_first else ""
    return kind_read(facts.kind, name, facts.aliases, package)


def reindex(session: Session, changed: list[FoodRow]) -> None:
    """Bring these foods' words and standing up to date."""
    session.flush()
    words: list[search.Words] = []
    for row, whole in zip(changed, shelf_foods(session, changed), strict=True):
        listed = listing(row.name, whole.facts, (label.label for label in whole.labels))
        row.typical, row.kind = listed.typical, listed.kind
        session.add(row)
        if row.removed_at is None:
            words.append(search.Words(whole.id, whole.name, whole.facts.aliases, listed.packages))
    search.unindex(session, [rows.key_of(row) for row in changed])
    search.index(session, words)


def touch(session: Session, label_ids: Iterable[int], now: datetime) -> None:
    """Note that these labels' foods were used now."""
    query = (
        select(FoodRow)
        .join(LabelRow, col(LabelRow.food_id) == col(FoodRow.id))
        .where(col(LabelRow.id).in_(list(label_ids)))
    )
    for row in session.exec(query):
        row.used_at = now
        session.add(row)
