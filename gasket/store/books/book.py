"""A book: what one table keeps, as frozen values. The only form of a row above the store."""

import json
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, fields, replace
from functools import cached_property
from typing import Any, Final, Generic, Protocol, TypeVar

from pydantic import BaseModel
from sqlalchemy import ColumnElement, Select, Text, type_coerce
from sqlmodel import Session, SQLModel, col, select

from gasket.core.errors import Unknown

MOST_ID: Final = 2**63 - 1


class HasId(Protocol):
    """A value with the id that its row has."""

    @property
    def id(self) -> int: ...


V = TypeVar("V", bound=HasId)
_UNREAD: Final = "_unread"


class FromRow:
    """A value of a row. What is kept in it as JSON is read when it is first asked for: a list of
    300 trials asks for the steps of few."""

    def __getattr__(self, name: str) -> Any:
        unread: dict[str, str] = vars(self).get(_UNREAD, {})
        if name not in unread:
            raise AttributeError(name)
        vars(self)[name] = read = json.loads(unread[name])
        return read


def plain(value: object) -> Any:
    """A value as a row keeps it: models without what is at its default."""
    if isinstance(value, BaseModel):
        return value.model_dump(mode="json", exclude_defaults=True)
    if isinstance(value, Mapping):
        return {key: plain(each) for key, each in value.items()}
    if isinstance(value, Iterable) and not isinstance(value, str):
        return [plain(each) for each in value]
    return value


@dataclass(frozen=True)
class Book(Generic[V]):
    """One table's rows as values of one class, whose fields are called as the columns are.

    `word` is what one of them is called where there is none with an id.
    """

    table: type[SQLModel]
    value: type[V]
    word: str

    @cached_property
    def names(self) -> tuple[str, ...]:
        return tuple(field.name for field in fields(self.value))  # type: ignore[arg-type]

    def column(self, name: str) -> Any:
        return col(getattr(self.table, name))

    @property
    def columns(self) -> Select[Any]:
        """A query for whole values, to be narrowed."""
        return select(*self.selected)  # type: ignore[no-any-return]

    @cached_property
    def selected(self) -> tuple[Any, ...]:
        """What `of` makes a value from; JSON as it is written, not read yet."""
        return tuple(
            type_coerce(self.column(name), Text) if name in self.unread else self.column(name)
            for name in self.names
        )

    @cached_property
    def unread(self) -> tuple[str, ...]:
        """The columns that are kept as JSON and read later."""
        later = issubclass(self.value, FromRow)
        return tuple(name for name in self.names if later and name.startswith("stored_"))

    def read(self, session: Session, query: Select[Any]) -> list[V]:
        """The values that a query over `columns` finds."""
        return [self.of(row) for row in session.execute(query)]

    def of(self, row: Iterable[Any]) -> V:
        """The value of a row of `columns`."""
        value = self.value(**dict(zip(self.names, row, strict=False)))
        kept = vars(value)
        unread = {name: kept.pop(name) for name in self.unread if kept[name] is not None}
        if unread:
            kept[_UNREAD] = unread
        return value

    def all(self, session: Session, *where: ColumnElement[bool]) -> list[V]:
        """Those that all of this is true of, oldest first."""
        return self.read(session, self.columns.where(*where).order_by(self.column("id")))

    def find(self, session: Session, key: int) -> V | None:
        """The one with this id."""
        rows = self.all(session, self.column("id") == key) if 0 < key <= MOST_ID else ()
        return next(iter(rows), None)

    def fetch(self, session: Session, key: int) -> V:
        """The one with this id. Raises `Unknown`."""
        value = self.find(session, key)
        if value is None:
            raise Unknown(self.word, key)
        return value

    def each(self, session: Session, keys: Iterable[int]) -> dict[int, V]:
        """Those of these ids that are there, by id."""
        wanted = [key for key in keys if 0 < key <= MOST_ID]
        return {value.id: value for value in self.all(session, self.column("id").in_(wanted))}

    def add(self, session: Session, **given: Any) -> V:
        """A new one, with its id."""
        row = self.table(**given)
        session.add(row)
        session.flush()
        return self.value(**{name: getattr(row, name) for name in self.names})

    def change(self, session: Session, value: V, **given: Any) -> V:
        """One of them with these fields changed, kept in the place of what it was."""
        row = session.get_one(self.table, value.id)
        for name, field in given.items():
            setattr(row, name, field)
        session.add(row)
        session.flush()
        return replace(value, **given)  # type: ignore[type-var]

    def drop(self, session: Session, *keys: int) -> None:
        """Take these out for good."""
        for key in keys:
            session.delete(session.get_one(self.table, key))
        session.flush()
