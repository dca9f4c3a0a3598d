"""The shelf as a file: out as CSV, and in again with a preview, all or nothing."""

import threading
import uuid
from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from datetime import datetime
from typing import Final, Literal

from sqlalchemy import Engine
from sqlmodel import Session, col, select

from gasket.core.errors import GasketError, Refused, Unknown
from gasket.core.numbers import Answer
from gasket.formats.shelf_csv import ShelfRow, Table
from gasket.kitchen import shelf, shelf_rows
from gasket.kitchen.shelf_rows import AT_ONCE, Fate, Plan, RowFate
from gasket.store import rows
from gasket.store.tables import FoodRow

Stage = Literal["reading", "ready", "writing", "done", "failed"]
MOST_KEPT: Final = 5


def export(session: Session, own_only: bool = False) -> Iterator[ShelfRow]:
    """Every label on the shelf as a row; `own_only` leaves foods with typical values out."""
    query = select(FoodRow.id).where(col(FoodRow.removed_at).is_(None))
    if own_only:
        query = query.where(col(FoodRow.typical).is_(False))
    ids = list(session.exec(query.order_by(col(FoodRow.name), col(FoodRow.id))))
    for start in range(0, len(ids), AT_ONCE):
        part = ids[start : start + AT_ONCE]
        found = {
            rows.key_of(row): row
            for row in session.exec(select(FoodRow).where(col(FoodRow.id).in_(part)))
        }
        for food in shelf.shelf_foods(session, [found[key] for key in part if key]):
            for one in food.labels:
                yield ShelfRow(
                    food=food.name, facts=food.facts, label=one.label, package=one.package
                )


class ImportState(Answer):
    """How far an import is. Nothing is written before `writing`, and nothing of it if it fails."""

    id: str
    file: str
    stage: Stage
    done: int
    total: int
    counts: dict[Fate, int]
    unknown_columns: tuple[str, ...]
    says: str


class ImportRows(Answer):
    rows: tuple[RowFate, ...]
    total: int


@dataclass
class _Import:
    file: str
    table: Table
    stage: Stage = "reading"
    done: int = 0
    total: int = 0
    says: str = ""
    plan: Plan | None = None
    counts: dict[Fate, int] = field(default_factory=dict)


class ShelfImports:
    """Imports on the way. They live as long as the server: a preview has written nothing."""

    def __init__(self, engine: Engine, now: Callable[[], datetime]) -> None:
        self._engine, self._now = engine, now
        self._imports: dict[str, _Import] = {}

    def start(self, file: str, content: bytes) -> ImportState:
        """Begin to read a file. Raises `FaultyInput` when it is no table with a `food` column."""
        table = Table(content)
        key = str(uuid.uuid4())
        job = _Import(file=file, table=table, total=len(table))
        self._imports[key] = job
        for old in list(self._imports)[:-MOST_KEPT]:
            if self._imports[old].stage not in ("reading", "writing"):
                del self._imports[old]
        self._run(job, self._read)
        return self.state(key)

    def _run(self, job: _Import, work: Callable[[_Import], None]) -> None:
        def guarded() -> None:
            try:
                work(job)
            except GasketError as error:
                job.stage, job.says = "failed", f"{error} Nothing was written."
            except Exception as error:  # the page has to hear of it, whatever it was
                job.stage, job.says = "failed", f"It stopped: {error}. Nothing was written."
                raise

        threading.Thread(target=guarded, daemon=True).start()

    def _read(self, job: _Import) -> None:
        def progress(done: int) -> None:
            job.done = done

        with Session(self._engine) as session:
            job.plan = shelf_rows.plan(session, job.table, progress)
        counts: dict[Fate, int] = {}
        for fate in job.plan.fates:
            counts[fate.fate] = counts.get(fate.fate, 0) + 1
        job.counts, job.done, job.stage = counts, job.total, "ready"

    def _find(self, key: str) -> _Import:
        if key not in self._imports:
            raise Unknown("import", key)
        return self._imports[key]

    def state(self, key: str) -> ImportState:
        job = self._find(key)
        return ImportState(
            id=key,
            file=job.file,
            stage=job.stage,
            done=job.done,
            total=job.total,
            counts=job.counts,
            unknown_columns=job.table.unknown,
            says=job.says,
        )

    def rows(self, key: str, fate: Fate | None, limit: int, offset: int) -> ImportRows:
        """Rows of the preview in the order of the file, of one fate or of all."""
        job = self._find(key)
        fates = job.plan.fates if job.plan else []
        wanted = [one for one in fates if fate is None or one.fate == fate]
        return ImportRows(rows=tuple(wanted[offset : offset + limit]), total=len(wanted))

    def commit(self, key: str, leave_out_refused: bool) -> ImportState:
        """Write everything in one transaction, in the background.

        Raises `Refused` while it is not ready, and while rows are refused unless they are to be
        left out on purpose.
        """
        job = self._find(key)
        if job.stage != "ready" or job.plan is None:
            raise Refused("This import is not ready to be written.")
        if job.counts.get("refused") and not leave_out_refused:
            raise Refused("Some rows are refused: mend them in the file, or leave them out.")
        job.stage, job.done, job.says = "writing", 0, ""
        self._run(job, self._write)
        return self.state(key)

    def _write(self, job: _Import) -> None:
        def progress(done: int) -> None:
            job.done = done

        assert job.plan is not None
        with Session(self._engine) as session:
            if shelf_rows.fingerprint(session) != job.plan.fingerprint:
                self._read(job)
                job.says = (
                    "The shelf changed since the preview, so nothing was written: look again."
                )
                return
            shelf_rows.write(session, job.plan, self._now(), progress)
            session.commit()
        job.done, job.stage = job.total, "done"

    def forget(self, key: str) -> None:
        """Drop a preview. Raises `Refused` while it is being written."""
        if self._find(key).stage == "writing":
            raise Refused("This import is being written.")
        del self._imports[key]
