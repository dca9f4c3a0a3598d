"""Who tastes in this house."""

from collections.abc import Iterator
from datetime import datetime

from gasket.core.errors import FaultyInput
from gasket.core.numbers import Answer, Value, YesNo
from gasket.core.rebuild.trial import ShortName
from gasket.store.books import Session
from gasket.store.books.tastings import TASTERS, TasterHead, counts_by_taster, tasters_by_name

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
    counts = counts_by_taster(session)
    tasters = [
        Taster(
            id=head.id,
            name=head.name,
            removed=head.removed_at is not None,
            tastings=counts.get(head.id, 0),
        )
        for head in tasters_by_name(session)
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
    if known is None:
        TASTERS.add(session, name=name, created_at=now)
    else:
        TASTERS.change(session, known, removed_at=None)
    return all_of(session)


def edit(session: Session, taster_id: int, edited: TasterEdit, now: datetime) -> tuple[Taster, ...]:
    """Rename or remove a taster, or bring one back. What they said stays."""
    head = TASTERS.fetch(session, taster_id)
    if edited.name is not None:
        name = _name(edited.name)
        if any(other.id != taster_id for other in _named(session, name)):
            raise FaultyInput.at("name", f"{name} is there already.")
        head = TASTERS.change(session, head, name=name)
    if edited.removed is not None:
        TASTERS.change(session, head, removed_at=now if edited.removed else None)
    return all_of(session)


def _named(session: Session, name: str) -> Iterator[TasterHead]:
    for head in TASTERS.all(session):
        if head.name.casefold() == name.casefold():
            yield head


def _name(typed: str) -> str:
    if not typed.strip():
        raise FaultyInput.at("name", "Type a name.")
    return " ".join(typed.split())
