"""Calculated figures, kept beside the state that they were calculated from.

A figure is shown again only for the very state, settings and rules that it came from; for any
other it is calculated anew. What a reading session calculates is kept once it is over
(whoever runs the session sees to that), so that reading never waits for a writer.
"""

import logging
from collections.abc import Callable, Iterable, Mapping
from dataclasses import dataclass
from typing import Any, Final, Generic, Literal, TypeVar, cast

from pydantic import ValidationError
from sqlalchemy import Table
from sqlalchemy.dialects.sqlite import insert
from sqlalchemy.exc import DBAPIError
from sqlmodel import Session, col, select

from gasket.core.errors import GasketError, Unavailable
from gasket.core.numbers import Answer
from gasket.store.kept_tables import (
    BatchStampRow,
    DishStampRow,
    KeptBatchRow,
    KeptDishRow,
    KeptTrialRow,
    TrialStampRow,
)
from gasket.store.rules_version import rules_version

T = TypeVar("T", bound=Answer)
Stamps = type[DishStampRow] | type[BatchStampRow] | type[TrialStampRow]
KeptIn = type[KeptDishRow] | type[KeptBatchRow] | type[KeptTrialRow]
FiguresOf = Literal["dish", "batch", "trial"]
_KEPT_IN: Final[dict[FiguresOf, tuple[Stamps, KeptIn]]] = {
    "dish": (DishStampRow, KeptDishRow),
    "batch": (BatchStampRow, KeptBatchRow),
    "trial": (TrialStampRow, KeptTrialRow),
}
_WAITING: Final = "calculated_figures"
_log: Final = logging.getLogger(__name__)


@dataclass(frozen=True)
class Basis:
    """What figures are calculated from: the number of the stored state, the settings that matter,
    the rules."""

    number: int
    house: str
    rules: str


@dataclass(frozen=True)
class KeptRow:
    """A row of kept figures as it is stored."""

    basis: Basis
    figures: dict[str, Any]
    before: dict[str, Any] | None


def _nothing(_figures: Any, _basis: Basis, _row: KeptRow | None) -> dict[str, Any]:
    return {}


@dataclass(frozen=True)
class FigureBook(Generic[T]):
    """One kind of figures: what they are of, how they are calculated, where they are kept.

    `house` are the settings that they depend on; `broken` stands in for what cannot be calculated,
    with a sentence for a cook; it is not kept. `besides` are further columns of the row.
    """

    of_what: FiguresOf
    figures: type[T]
    house: Callable[[Session], str]
    calculate: Callable[[Session, int], T]
    broken: Callable[[Session, int, str], T]
    besides: Callable[[T, Basis, KeptRow | None], dict[str, Any]] = _nothing

    @property
    def key(self) -> str:
        return f"{self.of_what}_id"

    @property
    def stamps(self) -> Stamps:
        return _KEPT_IN[self.of_what][0]

    @property
    def kept_in(self) -> KeptIn:
        return _KEPT_IN[self.of_what][1]

    def of(self, session: Session, ids: Iterable[int]) -> dict[int, T]:
        """The figures of all that is there among `ids`, calculated where they are not kept."""
        wanted = list(ids)
        stored = self._rows(session, wanted)
        house, rules = self.house(session), rules_version()
        figures: dict[int, T] = {}
        for key, number in self._numbers(session, wanted).items():
            basis, row = Basis(number, house, rules), stored.get(key)
            known = self._known(row) if row is not None and row.basis == basis else None
            figures[key] = known or self._anew(session, key, basis, row)
        return {key: figures[key] for key in wanted if key in figures}

    def keep_nothing(self, session: Session, key: int, number: int, **besides: Any) -> None:
        """Keep what is known of a state beside its figures, which nobody has asked for yet."""
        values = {self.key: key, "number": number, "house": "", "rules": "", "figures": {}}
        self._wait(session, {**values, **besides})

    def _wait(self, session: Session, values: Mapping[str, Any]) -> None:
        session.info.setdefault(_WAITING, []).append((_table(self.kept_in), self.key, values))

    def before(self, session: Session, key: int) -> dict[str, Any] | None:
        """What older rules made of the very same state, once `of` was asked in this session."""
        for table, _, values in session.info.get(_WAITING, ()):
            if table is _table(self.kept_in) and values[self.key] == key:
                return cast("dict[str, Any] | None", values.get("before"))
        row = self._rows(session, [key]).get(key)
        return None if row is None else row.before

    def _numbers(self, session: Session, ids: list[int]) -> dict[int, int]:
        key = col(getattr(self.stamps, self.key))
        query = select(key, col(self.stamps.number)).where(key.in_(ids))
        return {int(identity): int(number) for identity, number in session.exec(query)}

    def _rows(self, session: Session, ids: list[int]) -> dict[int, KeptRow]:
        table = _table(self.kept_in)
        query = table.select().where(table.c[self.key].in_(ids))
        return {
            row[self.key]: KeptRow(
                Basis(row["number"], row["house"], row["rules"]), row["figures"], row.get("before")
            )
            for row in session.connection().execute(query).mappings()
        }

    def _known(self, row: KeptRow) -> T | None:
        try:
            return self.figures.model_validate(row.figures)
        except ValidationError:  # whoever kept it meant something else
            return None

    def _anew(self, session: Session, key: int, basis: Basis, row: KeptRow | None) -> T:
        try:
            figures = self.calculate(session, key)
        except (DBAPIError, Unavailable):
            raise
        except Exception as error:
            if not isinstance(error, GasketError):
                says = "What is stored as %s %s cannot be read"
                _log.info(says, self.key, key, exc_info=True)
            return self.broken(session, key, _sentence(error))
        values = {
            self.key: key,
            "number": basis.number,
            "house": basis.house,
            "rules": basis.rules,
            "figures": figures.model_dump(mode="json"),
            **self.besides(figures, basis, row),
        }
        self._wait(session, values)
        return figures


def _table(kept_in: KeptIn) -> Table:
    return cast("Table", vars(kept_in)["__table__"])


def _sentence(error: Exception) -> str:
    if isinstance(error, GasketError):
        return str(error)
    return "What was saved for it can’t be read."


Calculated = list[tuple[Table, str, Mapping[str, Any]]]


def calculated_in(session: Session) -> Calculated:
    """What was calculated in this session and is not kept yet."""
    return cast("Calculated", session.info.pop(_WAITING, []))


def keep(session: Session, calculated: Calculated) -> None:
    """Keep what was calculated. Nothing that is of a later state is overwritten."""
    alike: dict[tuple[Table, str, tuple[str, ...]], list[Mapping[str, Any]]] = {}
    for table, key, values in calculated:
        alike.setdefault((table, key, tuple(values)), []).append(values)
    for (table, key, names), rows in alike.items():
        statement = insert(table)
        fresh = {name: statement.excluded[name] for name in names if name != key}
        later = table.c.number <= statement.excluded.number
        session.connection().execute(
            statement.on_conflict_do_update(index_elements=[key], set_=fresh, where=later),
            rows,
        )
