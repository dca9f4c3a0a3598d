"""A log: records of batches, added at the end and never changed. Each has an id that its sender
made, so that one that is sent again is not stored twice."""

from collections.abc import Iterable
from dataclasses import dataclass
from functools import cached_property
from typing import Any, Generic, TypeVar

from pydantic import BaseModel
from sqlmodel import Session, SQLModel, col, select

from gasket.core.errors import Refused

R = TypeVar("R", bound=BaseModel)


@dataclass(frozen=True)
class Log(Generic[R]):
    """One table of records, as core values of one class."""

    table: type[SQLModel]
    record: type[R]

    def column(self, name: str) -> Any:
        return col(getattr(self.table, name))

    @cached_property
    def names(self) -> tuple[str, ...]:
        return tuple(self.record.model_fields)

    def append(self, session: Session, batch_id: int | None, record: R) -> None:
        """Add a record to what is kept of a batch."""
        session.add(self.table(batch_id=batch_id, **record.model_dump()))
        session.flush()

    def of(self, session: Session, batch_id: int | None, *where: Any) -> list[R]:
        """All records of a batch, oldest first."""
        return self._read(session, self.column("batch_id") == batch_id, *where).get(batch_id, [])

    def each(self, session: Session, batch_ids: Iterable[int]) -> dict[int, list[R]]:
        """The records of these batches, by batch, oldest first."""
        wanted = list(batch_ids)
        by_batch = self._read(session, self.column("batch_id").in_(wanted))
        return {key: by_batch.get(key, []) for key in wanted}

    def _read(self, session: Session, *where: Any) -> dict[int | None, list[R]]:
        columns = [self.column(name) for name in ("batch_id", *self.names)]
        query = select(*columns).where(*where).order_by(self.column("sequence"))
        by_batch: dict[int | None, list[R]] = {}
        for batch_id, *given in session.exec(query):
            record = self.record.model_validate(dict(zip(self.names, given, strict=True)))
            by_batch.setdefault(batch_id, []).append(record)
        return by_batch

    def of_batch(self, session: Session, record_id: str, batch_id: int | None) -> R | None:
        """The record with this id, where it is one of this batch."""
        records = self.of(session, batch_id, self.column("id") == record_id)
        return next(iter(records), None)

    def holds(self, session: Session, record_id: str, batch_id: int | None) -> bool:
        """Whether a record is stored already. Raises `Refused` for one of another batch."""
        query = select(self.column("batch_id")).where(self.column("id") == record_id)
        rows = session.exec(query).all()
        if rows and rows[0] != batch_id:
            raise Refused("This record belongs to another batch.")
        return bool(rows)

    def is_empty(self, session: Session, batch_id: int) -> bool:
        """Whether nothing is recorded of a batch."""
        query = select(self.column("id")).where(self.column("batch_id") == batch_id)
        return session.exec(query.limit(1)).first() is None
