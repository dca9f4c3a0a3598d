"""The shelf as a file: out as CSV, and in again with a preview, all or nothing."""

import logging
import shutil
import subprocess
import sys
import tempfile
import threading
import uuid
from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from datetime import datetime
from pathlib import Path
from typing import Final, Literal

from gasket.core.errors import GasketError, Refused, Unknown
from gasket.core.numbers import Answer
from gasket.formats.shelf_csv import ShelfRow, refuse_header
from gasket.kitchen.shelf import shelf, shelf_staging
from gasket.kitchen.shelf.shelf_rows import AT_ONCE, Fate, RowFate
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS
from gasket.store.database import Database

Stage = Literal["reading", "ready", "writing", "done", "failed"]
MOST_KEPT: Final = 5
_log: Final = logging.getLogger(__name__)


def export(session: Session, own_only: bool = False) -> Iterator[ShelfRow]:
    """Every label on the shelf as a row; `own_only` leaves foods with typical values out."""
    ids = FOODS.ids_by_name(session, own_only=own_only)
    for start in range(0, len(ids), AT_ONCE):
        part = FOODS.in_order(session, ids[start : start + AT_ONCE])
        for food in shelf.shelf_foods(session, part):
            for label in food.labels:
                yield ShelfRow(
                    food=food.name, facts=food.facts, label=label.label, package=label.package
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
    """An import on the way, with a folder of its own for what is laid down."""

    file: str
    content: bytes
    folder: Path
    stage: Stage = "reading"
    done: int = 0
    total: int = 0
    says: str = ""
    counts: dict[Fate, int] = field(default_factory=dict)
    unknown_columns: tuple[str, ...] = ()
    dropped: bool = False
    reader: "subprocess.Popen[str] | None" = None

    @property
    def staged(self) -> Path:
        return self.folder / "staged.sqlite3"


class ShelfImports:
    """Imports on the way. They live as long as the server: a preview has written nothing."""

    def __init__(self, database: Database, now: Callable[[], datetime]) -> None:
        self._database, self._now = database, now
        self._imports: dict[str, _Import] = {}
        self._deciding = threading.Lock()

    def start(self, file: str, content: bytes) -> ImportState:
        """Begin to read a file. Raises `FaultyInput` when it is no table with a `food` column."""
        refuse_header(content)
        key = str(uuid.uuid4())
        folder = Path(tempfile.mkdtemp(prefix="gasket-import-"))
        job = self._imports[key] = _Import(file, content, folder)
        for old in list(self._imports)[:-MOST_KEPT]:
            if self._imports[old].stage not in ("reading", "writing"):
                _clear(self._imports.pop(old))
        self._run(job, self._read)
        return self.state(key)

    def _run(self, job: _Import, work: Callable[[_Import], None]) -> None:
        def guarded() -> None:
            try:
                work(job)
            except GasketError as error:
                job.stage, job.says = "failed", f"{error} Nothing was written."
            except Exception:  # the page has to hear of it, whatever it was
                if job.dropped:
                    return  # its files are gone, and nobody looks
                _log.exception("An import failed")
                job.stage = "failed"
                job.says = "It stopped because of a fault in Gasket. Nothing was written."

        threading.Thread(target=guarded, daemon=True).start()

    def _read(self, job: _Import) -> None:
        """Have the file read by a process of its own: nobody at the scale waits for it."""
        job.staged.unlink(missing_ok=True)
        given = job.folder / "given.csv"
        given.write_bytes(job.content)
        asked = (str(self._database.path), str(given), str(job.staged))
        reader = job.reader = subprocess.Popen(
            [sys.executable, "-m", "gasket.kitchen.shelf.shelf_reader", *asked],
            stdout=subprocess.PIPE,
            text=True,
        )
        if job.dropped:
            reader.kill()
        assert reader.stdout is not None
        with reader.stdout as said:
            for line in said:
                if line.startswith("! "):
                    raise Refused(line[2:].strip())
                job.done, job.total = map(int, line.split())
        if reader.wait() != 0:
            raise Refused("The file could not be read.")
        job.counts = shelf_staging.counts(job.staged)
        job.unknown_columns = shelf_staging.unknown_columns(job.staged)
        job.stage = "ready"

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
            unknown_columns=job.unknown_columns,
            says=job.says,
        )

    def rows(self, key: str, fate: Fate | None, limit: int, offset: int) -> ImportRows:
        """Rows of the preview in the order of the file, of one fate or of all."""
        job = self._find(key)
        if job.stage == "reading" or not job.staged.exists():
            return ImportRows(rows=(), total=0)
        found, total = shelf_staging.fates(job.staged, fate, limit, offset)
        return ImportRows(rows=tuple(found), total=total)

    def commit(self, key: str, leave_out_refused: bool) -> ImportState:
        """Write everything in one transaction, in the background.

        Raises `Refused` while it is not ready, and while rows are refused unless they are to be
        left out on purpose.
        """
        job = self._find(key)
        with self._deciding:
            if job.stage != "ready":
                raise Refused("This import is not ready to be written.")
            if job.counts.get("refused") and not leave_out_refused:
                raise Refused("Some rows are refused: mend them in the file, or leave them out.")
            job.stage, job.done, job.says = "writing", 0, ""
        self._run(job, self._write)
        return self.state(key)

    def _write(self, job: _Import) -> None:
        if shelf_staging.put_in(self._database, job.staged, self._now()):
            job.done, job.stage = job.total, "done"
            return
        self._read(job)
        job.says = "The shelf changed since the preview, so nothing was written: look again."

    def forget(self, key: str) -> None:
        """Drop a preview. Raises `Refused` while it is being written."""
        if self._find(key).stage == "writing":
            raise Refused("This import is being written.")
        if job := self._imports.pop(key, None):
            _clear(job)

    def close(self) -> None:
        """Drop every preview."""
        for job in self._imports.values():
            _clear(job)


def _clear(job: _Import) -> None:
    job.dropped = True
    if job.reader is not None:
        job.reader.kill()
    shutil.rmtree(job.folder, ignore_errors=True)
