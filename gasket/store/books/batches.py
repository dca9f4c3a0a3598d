"""Batches as they are kept: heads, lines, and what the scale showed."""

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import asdict, dataclass, replace
from datetime import datetime
from functools import cached_property
from typing import Any, Final

from sqlalchemy import ColumnElement, and_, or_
from sqlmodel import Session, col, func, select

from gasket.core.cooking.steps import Step
from gasket.core.rebuild.finishes import PinnedFinish
from gasket.core.reckoning.batch import Batch, Original
from gasket.core.reckoning.dividing import Dividing
from gasket.core.reckoning.eaten import EatenShare
from gasket.core.reckoning.written_line import WrittenLine
from gasket.core.weighing.records import Record, RecordKind
from gasket.store.books import dishes, trials
from gasket.store.books.book import Book, FromRow
from gasket.store.books.log import Log
from gasket.store.books.trials import steps_of
from gasket.store.kept_tables import BatchStampRow
from gasket.store.tables import (
    BatchLineRow,
    BatchRow,
    CookRow,
    DishRow,
    LabelRevisionRow,
    StockRow,
    TrialRow,
    WeighingRow,
)

_STAMP: Final = "stamp"


@dataclass(frozen=True)
class KeptOriginal:
    """The original as it was when a batch began; `stamp` says which state of it that was."""

    stamp: str | None
    original: Original

    @property
    def stored(self) -> dict[str, Any]:
        return {_STAMP: self.stamp, **self.original.model_dump(mode="json")}


@dataclass(frozen=True, kw_only=True)
class BatchHead(FromRow):
    """One time that a trial is made, without its lines and records.

    `free` when nothing was planned; `nudge` is by how many divisions the tolerance was moved;
    `steps` are the trial's as they were when cooking began, `eaten` is by component; `imported` is
    a batch as a file has it. An arm is a part of the batch `arm_of`, called `arm`; `arm_differs` by
    something that no weight tells (a liner, another oven).
    """

    id: int
    trial_id: int
    portions: int
    hands_free: bool
    free: bool
    nudge: int
    stored_original: dict[str, Any] | None
    stored_imported: dict[str, Any] | None
    stored_steps: list[dict[str, Any]] | None
    stored_dividing: dict[str, Any]
    stored_finishes: list[dict[str, Any]]
    stored_eaten: dict[str, Any]
    arm_of: int | None
    arm: str
    arm_differs: bool
    version: int
    set_aside_at: datetime | None
    removed_at: datetime | None
    started_at: datetime
    closed_at: datetime | None

    @property
    def is_here(self) -> bool:
        """Neither archived nor removed."""
        return self.set_aside_at is None and self.removed_at is None

    @cached_property
    def original(self) -> KeptOriginal | None:
        if self.stored_original is None:
            return None
        given = {name: value for name, value in self.stored_original.items() if name != _STAMP}
        return KeptOriginal(self.stored_original.get(_STAMP), Original.model_validate(given))

    @cached_property
    def imported(self) -> Batch | None:
        return Batch.model_validate(self.stored_imported) if self.stored_imported else None

    @cached_property
    def steps(self) -> tuple[Step, ...] | None:
        return None if self.stored_steps is None else steps_of(self.stored_steps)

    @cached_property
    def dividing(self) -> Dividing | None:
        return Dividing.model_validate(self.stored_dividing) if self.stored_dividing else None

    @cached_property
    def finishes(self) -> tuple[PinnedFinish, ...]:
        return tuple(PinnedFinish.model_validate(finish) for finish in self.stored_finishes)

    @cached_property
    def eaten(self) -> dict[str, EatenShare]:
        return {name: EatenShare.model_validate(share) for name, share in self.stored_eaten.items()}


@dataclass(frozen=True)
class NamedBatch:
    """A batch with what it is called by."""

    batch: BatchHead
    dish_id: int
    dish: str
    letter: str


def called(letter: str, arm: str) -> str:
    """How a batch of a trial is called: "D", or "D, 18 min" for an arm."""
    return f"{letter}, {arm}" if arm else letter


HERE: Final = (col(BatchRow.set_aside_at).is_(None), col(BatchRow.removed_at).is_(None))
"""Neither archived nor removed."""
NOT_REMOVED: Final = (
    *(col(BatchRow.removed_at).is_(None), col(TrialRow.removed_at).is_(None)),
    *(col(DishRow.removed_at).is_(None),),
)
"""Nor is its trial or its dish."""
ALL_HERE: Final = (*HERE, *trials.HERE, *dishes.HERE)
"""Neither it nor its trial or dish is archived or removed."""
_WHOLE: Final = col(BatchRow.arm_of).is_(None)
_CLOSED: Final = col(BatchRow.closed_at).is_not(None)
_WEIGHED: Final = (
    select(WeighingRow.id).where(col(WeighingRow.batch_id) == col(BatchRow.id)).exists()
)


class Batches(Book[BatchHead]):
    """All batches of a kitchen."""

    def of_trials(self, session: Session, trial_ids: Iterable[int]) -> dict[int, list[BatchHead]]:
        """The batches of each of these trials, oldest first."""
        by_trial: dict[int, list[BatchHead]] = {key: [] for key in trial_ids}
        for batch in self.all(session, col(BatchRow.trial_id).in_(list(by_trial))):
            by_trial[batch.trial_id].append(batch)
        return by_trial

    def last_closed(self, session: Session, trial_ids: Iterable[int]) -> dict[int, BatchHead]:
        """The newest batch of each trial whose weigh-in is closed; its arms stand for
        themselves."""
        newest = (
            select(func.max(BatchRow.id))
            .where(col(BatchRow.trial_id).in_(list(trial_ids)), _CLOSED, _WHOLE, *HERE)
            .group_by(col(BatchRow.trial_id))
        )
        return {batch.trial_id: batch for batch in self.all(session, col(BatchRow.id).in_(newest))}

    def closed_of(self, session: Session, trial_id: int) -> list[BatchHead]:
        """The closed batches of a trial, archived and deleted ones too, the last closed first."""
        query = self.columns.where(col(BatchRow.trial_id) == trial_id, _CLOSED, _WHOLE)
        return self.read(session, query.order_by(col(BatchRow.closed_at).desc()))

    def last_of_dish(self, session: Session, dish_id: int) -> BatchHead | None:
        """The batch of a dish that was begun last."""
        query = (
            self.columns.join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
            .where(col(TrialRow.dish_id) == dish_id, _WHOLE)
            .order_by(col(BatchRow.started_at).desc(), col(BatchRow.id).desc())
        )
        return next(iter(self.read(session, query.limit(1))), None)

    def untouched(self, session: Session, trial_id: int) -> BatchHead | None:
        """The newest open batch of a trial of which nothing is recorded."""
        empty = (
            ~select(book.id).where(col(book.batch_id) == col(BatchRow.id)).exists()
            for book in (WeighingRow, CookRow, StockRow)
        )
        batches = self.all(session, col(BatchRow.trial_id) == trial_id, ~_CLOSED, _WHOLE, *empty)
        return next(reversed(batches), None)

    def arms_of(self, session: Session, batch_id: int) -> list[BatchHead]:
        """The arms that a batch is divided into, in their order."""
        removed = col(BatchRow.removed_at).is_not(None)
        return self.all(session, col(BatchRow.arm_of) == batch_id, ~removed)

    def arms_here(self, session: Session, trial_ids: Iterable[int]) -> list[BatchHead]:
        """The arms of these trials' batches, those of the newest batch first."""
        query = self.columns.where(col(BatchRow.trial_id).in_(list(trial_ids)), ~_WHOLE, *HERE)
        return self.read(session, query.order_by(col(BatchRow.arm_of).desc(), col(BatchRow.id)))

    def every_arm(self, session: Session, batch_id: int) -> list[BatchHead]:
        """The arms of a batch, those that are deleted too."""
        return self.all(session, col(BatchRow.arm_of) == batch_id)

    def named(
        self, session: Session, batch_ids: Iterable[int], *where: ColumnElement[bool]
    ) -> dict[int, NamedBatch]:
        """These batches with what they are called by, oldest first."""
        wanted = col(BatchRow.id).in_(list(batch_ids))
        query = self._named(wanted, *where).order_by(col(BatchRow.id))
        return {each.batch.id: each for each in self._names(session, query)}

    def open_and_weighed(self, session: Session, most: int) -> list[NamedBatch]:
        """The newest weigh-ins that are open and of which something is recorded, newest first."""
        query = self._named(~_CLOSED, _WEIGHED, *ALL_HERE).order_by(col(BatchRow.id).desc())
        return list(self._names(session, query.limit(most)))

    def _named(self, *where: ColumnElement[bool]) -> Any:
        query = self.columns.add_columns(col(TrialRow.letter), col(DishRow.id), col(DishRow.name))
        query = query.join(TrialRow, col(TrialRow.id) == col(BatchRow.trial_id))
        return query.join(DishRow, col(DishRow.id) == col(TrialRow.dish_id)).where(*where)

    def _names(self, session: Session, query: Any) -> Iterator[NamedBatch]:
        for *row, letter, dish_id, dish in session.execute(query):
            batch = self.of(row)
            yield NamedBatch(batch, dish_id, dish, called(letter, batch.arm))

    def with_label(self, session: Session, label_id: int) -> list[BatchHead]:
        """The batches that planned this label, or that it went into as a stand-in."""
        revisions = select(LabelRevisionRow.id).where(LabelRevisionRow.label_id == label_id)
        planned = select(BatchLineRow.batch_id).where(col(BatchLineRow.revision_id).in_(revisions))
        went_in = select(WeighingRow.batch_id).where(col(WeighingRow.revision_id).in_(revisions))
        return self.all(session, col(BatchRow.id).in_(planned) | col(BatchRow.id).in_(went_in))

    def weighed_after_the_eye(self, session: Session, most: int) -> list[int]:
        """The last closed batches whose pieces were divided by eye and weighed then."""
        way = func.coalesce(col(BatchRow.stored_dividing)["way"].as_string(), "count")
        weighed_cooked = col(BatchRow.stored_dividing)["weighed_cooked"].as_boolean()
        of_a_piece = col(WeighingRow.kind) == RecordKind.PORTION
        query = (
            select(BatchRow.id)
            .where(_CLOSED)
            .where(col(BatchRow.id).in_(select(WeighingRow.batch_id).where(of_a_piece)))
            .where(or_(way == "cut", and_(way == "count", weighed_cooked)))
            .order_by(col(BatchRow.closed_at).desc())
            .limit(most)
        )
        return [key for key in session.exec(query) if key is not None]

    def number(self, session: Session, batch_id: int) -> int:
        """Which state of a batch is stored: it grows with every change."""
        query = select(BatchStampRow.number).where(BatchStampRow.batch_id == batch_id)
        return session.exec(query).first() or 0


BATCHES: Final = Batches(BatchRow, BatchHead, "batch")
WEIGHINGS: Final = Log(WeighingRow, Record)

# Lines

_LINE: Final = tuple(field for field in WrittenLine.__dataclass_fields__)
NOT_STORED: Final = 0
"""The id of a line before it has one."""


def lines_of(session: Session, batch_id: int) -> tuple[WrittenLine, ...]:
    """The lines of a batch, in their order."""
    columns = [col(getattr(BatchLineRow, name)) for name in _LINE]
    query = select(*columns).where(BatchLineRow.batch_id == batch_id)
    rows = session.exec(query.order_by(col(BatchLineRow.position)))
    return tuple(WrittenLine(**dict(zip(_LINE, row, strict=True))) for row in rows)


def add_lines(
    session: Session, batch_id: int, lines: Sequence[WrittenLine], after: int = 0
) -> tuple[WrittenLine, ...]:
    """Write lines down, behind `after` that are there; with the ids that they have now."""
    rows = [
        BatchLineRow(batch_id=batch_id, position=at, **_fields(line))
        for at, line in enumerate(lines, start=after)
    ]
    session.add_all(rows)
    session.flush()
    return tuple(
        replace(line, id=row.id or NOT_STORED) for line, row in zip(lines, rows, strict=True)
    )


def _fields(line: WrittenLine) -> dict[str, Any]:
    return {name: value for name, value in asdict(line).items() if name != "id"}


def put_lines(session: Session, batch_id: int, lines: Sequence[WrittenLine]) -> None:
    """Keep all lines of a batch as they are given, in this order."""
    query = select(BatchLineRow).where(BatchLineRow.batch_id == batch_id)
    rows = {row.id: row for row in session.exec(query)}
    for at, line in enumerate(lines):
        row = rows[line.id]
        row.sqlmodel_update({**_fields(line), "position": at})
        session.add(row)
    session.flush()


def drop_lines(session: Session, batch_id: int) -> None:
    """Take all lines of a batch out."""
    for row in session.exec(select(BatchLineRow).where(BatchLineRow.batch_id == batch_id)):
        session.delete(row)
    session.flush()
