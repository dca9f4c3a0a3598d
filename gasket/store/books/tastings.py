"""Tastings as they are kept: who tastes, what was said, how full it left."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, fields
from datetime import datetime
from functools import cached_property
from typing import Any, Final

from sqlalchemy import ColumnElement, Select
from sqlmodel import Session, col, func, select

from gasket.core.tasting.fullness import FullnessRecord
from gasket.core.tasting.marks import TastingSheet
from gasket.store.books import dishes
from gasket.store.books.book import Book
from gasket.store.tables import BatchRow, DishRow
from gasket.store.taste_tables import FullnessRow, TasterRow, TastingRow


@dataclass(frozen=True, kw_only=True)
class TasterHead:
    """Somebody who tastes in this house. One who is removed keeps what was said."""

    id: int
    name: str
    removed_at: datetime | None


TASTERS: Final = Book(TasterRow, TasterHead, "taster")


def tasters_by_name(session: Session) -> list[TasterHead]:
    """Everybody, by name."""
    return TASTERS.read(session, TASTERS.columns.order_by(func.lower(TasterRow.name)))


@dataclass(frozen=True, kw_only=True)
class KeptTasting:
    """One tasting of a batch, or of the dish's original; one that is archived counts no more."""

    id: str
    dish_id: int
    batch_id: int | None
    taster_id: int
    stored_sheet: dict[str, Any]
    at: datetime
    archived_at: datetime | None

    @cached_property
    def sheet(self) -> TastingSheet:
        return TastingSheet.model_validate(self.stored_sheet)


@dataclass(frozen=True)
class TastingSubject:
    """What was tasted: a batch of a trial, an arm of one, or (without a trial) the original."""

    sheet: TastingSheet
    batch_id: int | None
    trial_id: int | None
    arm_of: int | None
    arm_differs: bool


_COUNTS: Final = col(TastingRow.archived_at).is_(None)
_SHEET: Final = col(TastingRow.stored_sheet)
_NAMES: Final = tuple(field.name for field in fields(KeptTasting))


def _read(session: Session, query: Select[Any]) -> list[KeptTasting]:
    rows = session.execute(query)
    return [KeptTasting(**dict(zip(_NAMES, row, strict=False))) for row in rows]


def _query(*where: ColumnElement[bool]) -> Any:
    columns = [col(getattr(TastingRow, name)) for name in _NAMES]
    return select(*columns).where(*where).order_by(col(TastingRow.sequence))


def find(session: Session, tasting_id: str) -> KeptTasting | None:
    """The tasting with this id, of whatever batch."""
    return next(iter(_read(session, _query(col(TastingRow.id) == tasting_id))), None)


def add(session: Session, tasting: KeptTasting) -> None:
    """Keep a tasting."""
    session.add(TastingRow(**{name: getattr(tasting, name) for name in _NAMES}))
    session.flush()


def archive(session: Session, tasting_id: str, at: datetime | None) -> None:
    """Let a tasting count no more, or again."""
    row = session.exec(select(TastingRow).where(TastingRow.id == tasting_id)).one()
    row.archived_at = at
    session.add(row)
    session.flush()


def of_batch_and_original(session: Session, dish_id: int, batch_id: int) -> list[KeptTasting]:
    """What was said of a batch and of its dish's original, oldest first."""
    of_original = _SHEET["of_original"].as_boolean().is_(True)
    own = col(TastingRow.batch_id) == batch_id
    return _read(session, _query(col(TastingRow.dish_id) == dish_id, own | of_original))


def of_trial(session: Session, trial_id: int) -> list[KeptTasting]:
    """What was said of the batches of a trial, oldest first."""
    batches = select(BatchRow.id).where(BatchRow.trial_id == trial_id)
    return _read(session, _query(col(TastingRow.batch_id).in_(batches)))


def with_guesses(session: Session, most: int) -> list[KeptTasting]:
    """The latest tastings that guessed at energy or weight, newest first."""
    guessed = _SHEET["guess_kcal"].as_float().is_not(None)
    guessed |= _SHEET["guess_g"].as_float().is_not(None)
    query = _query(_COUNTS, guessed).order_by(None).order_by(col(TastingRow.sequence).desc())
    return _read(session, query.limit(most))


def with_fullness(session: Session, since: datetime) -> list[tuple[KeptTasting, str]]:
    """Tastings since then that were marked for fullness, with their dishes' names."""
    asked = _SHEET["fullness"].as_string().is_not(None)
    query = (
        _query(_COUNTS, *dishes.HERE, col(TastingRow.at) > since, asked)
        .add_columns(DishRow.name)
        .join(DishRow, col(DishRow.id) == col(TastingRow.dish_id))
    )
    return [
        (KeptTasting(**dict(zip(_NAMES, row, strict=False))), row[-1])
        for row in session.execute(query)
    ]


def samples_of(session: Session, dish_id: int) -> list[TastingSubject]:
    """Everything that was said of a dish and counts, with what it was said of, oldest first."""
    what = (BatchRow.id, BatchRow.trial_id, BatchRow.arm_of, BatchRow.arm_differs)
    query = (
        select(_SHEET, *(col(column) for column in what))
        .outerjoin(BatchRow, col(BatchRow.id) == col(TastingRow.batch_id))
        .where(TastingRow.dish_id == dish_id, _COUNTS, col(BatchRow.removed_at).is_(None))
        .order_by(col(TastingRow.sequence))
    )
    return [
        TastingSubject(TastingSheet.model_validate(sheet), batch, trial, arm_of, bool(differs))
        for sheet, batch, trial, arm_of, differs in session.execute(query)
    ]


def counts_by_taster(session: Session) -> dict[int, int]:
    """How many tastings of each taster count."""
    query = select(TastingRow.taster_id, func.count()).where(_COUNTS)
    return dict(session.exec(query.group_by(col(TastingRow.taster_id))).all())


def counts_by_batch(session: Session, batch_ids: Iterable[int]) -> dict[int, int]:
    """How many tastings of each of these batches, with its arms, count."""
    whole = func.coalesce(BatchRow.arm_of, BatchRow.id)
    query = (
        select(whole, func.count())
        .join(TastingRow, col(TastingRow.batch_id) == col(BatchRow.id))
        .where(whole.in_(list(batch_ids)), _COUNTS)
        .group_by(whole)
    )
    return dict(session.exec(query).all())


# How full it left


def fullness_known(session: Session, record_id: str) -> bool:
    """Whether an answer with this id is kept already."""
    query = select(FullnessRow.id).where(FullnessRow.id == record_id)
    return session.exec(query).first() is not None


def add_fullness(session: Session, tasting_id: str, record: FullnessRecord) -> None:
    """Keep how full a tasting still left, hours after."""
    session.add(FullnessRow(tasting=tasting_id, **record.model_dump()))
    session.flush()


def fullness_of(session: Session, ids: Sequence[str]) -> dict[str, list[FullnessRecord]]:
    """What was answered to each of these tastings, oldest first."""
    names = ("tasting", *FullnessRecord.model_fields)
    columns = [col(getattr(FullnessRow, name)) for name in names]
    query = select(*columns).where(col(FullnessRow.tasting).in_(ids))
    books: dict[str, list[FullnessRecord]] = {}
    for tasting, *given in session.exec(query.order_by(col(FullnessRow.sequence))):
        record = FullnessRecord.model_validate(dict(zip(names[1:], given, strict=True)))
        books.setdefault(tasting, []).append(record)
    return books
