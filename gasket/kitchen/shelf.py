"""The shelf: foods, each with one or more labels. Editing a label makes a new revision of it."""

from collections.abc import Iterable
from datetime import datetime
from typing import Annotated

from pydantic import Field
from sqlmodel import Session, col, select

from gasket.core.errors import Conflict, FaultyInput
from gasket.core.labels import Label
from gasket.core.numbers import Answer, Value
from gasket.core.trial import ShortName
from gasket.store import rows
from gasket.store.tables import FoodRow, LabelRevisionRow, LabelRow


class ShelfLabel(Answer):
    """One package's panel as it stands now."""

    id: int
    food_id: int
    version: int
    since: datetime
    revisions: int
    label: Label


class ShelfFood(Answer):
    id: int
    name: str
    labels: tuple[ShelfLabel, ...]


class NewFood(Value):
    """A food with its first label."""

    name: ShortName
    label: Label


class FoodName(Value):
    name: ShortName


class LabelEdit(Value):
    """A changed panel, with the version that it was read at."""

    version: Annotated[int, Field(ge=1)]
    label: Label


def foods(session: Session, search: str = "") -> list[ShelfFood]:
    """Foods by name; `search` keeps those with all its words in the food's or a package's name."""
    words = search.casefold().split()
    found = list(session.exec(select(FoodRow).order_by(col(FoodRow.name))))
    labels = _labels_by_food(session)
    shelf = [_food(food, labels.get(rows.key_of(food), [])) for food in found]
    return [food for food in shelf if all(word in _searchable(food) for word in words)]


def _searchable(food: ShelfFood) -> str:
    return " ".join([food.name, *(one.label.name for one in food.labels)]).casefold()


def food(session: Session, food_id: int) -> ShelfFood:
    row = rows.fetch(session, FoodRow, food_id)
    return _food(row, _labels_by_food(session, food_id).get(food_id, []))


def shelf_labels(session: Session, label_ids: Iterable[int]) -> dict[int, ShelfLabel]:
    """The named labels as they stand now. Unknown ids are left out."""
    query = select(LabelRow).where(col(LabelRow.id).in_(list(label_ids)))
    return {label.id: label for label in _shelf_labels(session, list(session.exec(query)))}


def _labels_by_food(session: Session, food_id: int | None = None) -> dict[int, list[ShelfLabel]]:
    query = select(LabelRow).order_by(col(LabelRow.id))
    if food_id is not None:
        query = query.where(LabelRow.food_id == food_id)
    by_food: dict[int, list[ShelfLabel]] = {}
    for label in _shelf_labels(session, list(session.exec(query))):
        by_food.setdefault(label.food_id, []).append(label)
    return by_food


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
        label=rows.label_of(revision),
    )


def _food(row: FoodRow, labels: list[ShelfLabel]) -> ShelfFood:
    return ShelfFood(id=rows.key_of(row), name=row.name, labels=tuple(labels))


def add_food(session: Session, new: NewFood, now: datetime) -> ShelfFood:
    name = _trimmed(new.name)
    row = FoodRow(name=name, created_at=now)
    session.add(row)
    session.flush()
    new_label(session, rows.key_of(row), rows.panel_of(new.label), now)
    session.commit()
    return food(session, rows.key_of(row))


def rename_food(session: Session, food_id: int, name: FoodName) -> ShelfFood:
    row = rows.fetch(session, FoodRow, food_id)
    row.name = _trimmed(name.name)
    session.add(row)
    session.commit()
    return food(session, food_id)


def _trimmed(name: str) -> str:
    if not name.strip():
        raise FaultyInput.at("name", "Give it a name.")
    return name.strip()


def add_label(session: Session, food_id: int, label: Label, now: datetime) -> ShelfFood:
    rows.fetch(session, FoodRow, food_id)
    new_label(session, food_id, rows.panel_of(label), now)
    session.commit()
    return food(session, food_id)


def new_label(
    session: Session, food_id: int, panel: dict[str, object], now: datetime
) -> LabelRevisionRow:
    """A label of the food with its first revision. The caller commits."""
    row = LabelRow(food_id=food_id, created_at=now)
    session.add(row)
    session.flush()
    revision = LabelRevisionRow(label_id=rows.key_of(row), number=1, panel=panel, created_at=now)
    session.add(revision)
    session.flush()
    return revision


def edit_label(session: Session, label_id: int, edit: LabelEdit, now: datetime) -> ShelfFood:
    """Store a changed panel as a new revision. Raises `Conflict` when it was changed meanwhile."""
    row = rows.fetch(session, LabelRow, label_id)
    newest = rows.newest_revisions(session, [label_id])[label_id]
    if row.version != edit.version:
        raise Conflict("label", _shelf_label(row, newest))
    if rows.label_of(newest) != edit.label:
        row.version += 1
        session.add(row)
        session.add(
            LabelRevisionRow(
                label_id=label_id,
                number=newest.number + 1,
                panel=rows.panel_of(edit.label),
                created_at=now,
            )
        )
        session.commit()
    return food(session, row.food_id)
