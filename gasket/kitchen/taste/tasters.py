"""Who tastes in this house."""

from collections.abc import Iterator
from datetime import datetime

from sqlmodel import Session, col, func, select

from gasket.core.errors import FaultyInput, Unknown
from gasket.core.numbers import Answer, Value, YesNo
from gasket.core.rebuild.trial import ShortName
from gasket.store import rows
from gasket.store.taste_tables import TasterRow, TastingRow

MOST_TASTERS = 200


class NewTaster(Value):
    name: ShortName


class TasterEdit(Value):
    """A new name, or whether the taster is out of the list."""

    name: ShortName | None = None
    removed: YesNo | None = None


class Taster(Answer):
    """Somebody who tastes; `tastings` are how many are kept."""

    id: int
    name: str
    removed: bool
    tastings: int


def all_of(session: Session) -> tuple[Taster, ...]:
    """Everybody, by name; those who were removed last."""
    query = select(TasterRow).order_by(func.lower(TasterRow.name))
    found = list(session.exec(query))
    counts = dict(
        session.exec(
            select(TastingRow.taster_id, func.count())
            .where(col(TastingRow.archived_at).is_(None))
            .group_by(col(TastingRow.taster_id))
        ).all()
    )
    tasters = [
        Taster(
            id=row.id or 0,
            name=row.name,
            removed=row.removed_at is not None,
            tastings=counts.get(row.id or 0, 0),
        )
        for row in found
    ]
    return tuple(sorted(tasters, key=lambda taster: taster.removed))


def add(session: Session, new: NewTaster, now: datetime) -> tuple[Taster, ...]:
    """A taster with a name of their own; one of that name who was removed comes back."""
    name = _name(new.name)
    known = next(_named(session, name), None)
    if known is not None and known.removed_at is None:
        raise FaultyInput.at("name", f"{known.name} is there already.")
    if len(all_of(session)) >= MOST_TASTERS and known is None:
        raise FaultyInput.at("name", f"{MOST_TASTERS} tasters are the most.")
    row = known or TasterRow(name=name, created_at=now)
    row.removed_at = None
    session.add(row)
    session.flush()
    return all_of(session)


def edit(session: Session, taster_id: int, edited: TasterEdit, now: datetime) -> tuple[Taster, ...]:
    """Rename or remove a taster, or bring one back. What they said stays."""
    row = fetch(session, taster_id)
    if edited.name is not None:
        name = _name(edited.name)
        if any(other.id != row.id for other in _named(session, name)):
            raise FaultyInput.at("name", f"{name} is there already.")
        row.name = name
    if edited.removed is not None:
        row.removed_at = now if edited.removed else None
    session.add(row)
    session.flush()
    return all_of(session)


def fetch(session: Session, taster_id: int) -> TasterRow:
    """Raises `Unknown`."""
    row = session.get(TasterRow, taster_id) if 0 < taster_id <= rows.MOST_ID else None
    if row is None:
        raise Unknown("taster", taster_id)
    return row


def _named(session: Session, name: str) -> Iterator[TasterRow]:
    for row in session.exec(select(TasterRow)):
        if row.name.casefold() == name.casefold():
            yield row


def _name(typed: str) -> str:
    if not typed.strip():
        raise FaultyInput.at("name", "Type a name.")
    return " ".join(typed.split())
