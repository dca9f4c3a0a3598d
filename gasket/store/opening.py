"""Opening a kitchen's file: looked at first; then made, upgraded, or refused and left alone."""

import contextlib
import sqlite3
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path
from typing import Final
from urllib.parse import quote

from gasket.core.errors import GasketError
from gasket.store import upgrade
from gasket.store.database import Database
from gasket.store.failures import failure_of

_MAGIC: Final = b"SQLite format 3\x00"
_HEADER_BYTES: Final = 100
_WAIT_S: Final = 2.0


class CannotOpen(GasketError):
    """A file that is no kitchen to work with, and why. It was not touched."""

    def __init__(self, path: Path, says: str) -> None:
        self.path, self.says = path, says
        super().__init__(f"{path} {says}")


@dataclass(frozen=True)
class FileStanding:
    """What is at a path: nothing yet, or a kitchen with the schema of `revision`."""

    revision: str | None

    @property
    def is_missing(self) -> bool:
        return self.revision is None

    @property
    def is_current(self) -> bool:
        return self.revision == upgrade.newest_revision()


def open_database(path: Path, make: bool = True) -> Database:
    """Open the kitchen at `path` with the newest schema.

    A missing one is made where `make` allows it and the folder is there; an older one is upgraded,
    with a copy of it kept beside it. Raises `CannotOpen` for everything else.
    """
    standing = look_at(path)
    try:
        if standing.is_missing:
            if not make:
                raise CannotOpen(path, "does not exist: check the name of the kitchen's file.")
            upgrade.make(path)
        elif not standing.is_current:
            upgrade.upgrade(path)
        database = Database(path)
        database.remember_file()
        with database.writing() as session:
            session.connection()
    except (sqlite3.Error, OSError) as error:
        raise CannotOpen(path, f"cannot be opened: {_reason(error)}") from error
    return database


def look_at(path: Path) -> FileStanding:
    """What is at `path`, found out without changing anything. Raises `CannotOpen` for what is no
    kitchen, or none that this Gasket can read."""
    refuse_place(path)
    if not path.exists():
        return FileStanding(None)
    _refuse_foreign(path)
    try:
        with read_only(path) as connection:
            revision = _revision(connection, path)
            says = connection.execute("PRAGMA quick_check(1)").fetchone()[0]
    except sqlite3.Error as error:
        raise CannotOpen(path, f"cannot be opened: {_reason(error)}") from error
    if says != "ok":
        raise CannotOpen(path, "is damaged: put a copy back with gasket restore.")
    return FileStanding(revision)


def refuse_place(path: Path) -> None:
    """Raises `CannotOpen` where no kitchen can be."""
    if path.is_dir():
        raise CannotOpen(path, "is a folder: name the kitchen's file in it.")
    if not path.parent.is_dir():
        says = f"cannot be made: there is no folder {path.parent}. Check the name, or make it."
        raise CannotOpen(path, says)


def _refuse_foreign(path: Path) -> None:
    try:
        with path.open("rb") as file:
            header = file.read(_HEADER_BYTES)
        with path.open("r+b"):
            pass
    except OSError as error:
        raise CannotOpen(path, f"cannot be opened: {_reason(error)}") from error
    if not header:
        raise CannotOpen(path, "is empty: remove it to begin a new kitchen, or put a copy back.")
    if header[: len(_MAGIC)] != _MAGIC or len(header) < _HEADER_BYTES:
        raise CannotOpen(path, "is not a Gasket kitchen.")
    page_bytes = int.from_bytes(header[16:18], "big")
    whole = (65536 if page_bytes == 1 else page_bytes) * int.from_bytes(header[28:32], "big")
    if header[24:28] == header[92:96] and path.stat().st_size < whole:
        raise CannotOpen(path, "is damaged, its end is missing: put a copy back.")


def _revision(connection: sqlite3.Connection, path: Path) -> str:
    tables = {name for (name,) in connection.execute("SELECT name FROM sqlite_master")}
    if not {"alembic_version", "dish"} <= tables:
        raise CannotOpen(path, "is a database of another program, not a Gasket kitchen.")
    row = connection.execute("SELECT version_num FROM alembic_version").fetchone()
    revision = str(row[0]) if row else ""
    if revision in upgrade.revisions():
        return revision
    if revision.isdigit() and int(revision) > int(upgrade.newest_revision()):
        raise CannotOpen(path, "was made by a newer Gasket: update Gasket to open it.")
    raise CannotOpen(path, "is a database of another program, not a Gasket kitchen.")


@contextlib.contextmanager
def read_only(path: Path) -> Iterator[sqlite3.Connection]:
    """A connection that changes neither the file nor what lies beside it.

    Without a write-ahead log nobody else has the file open, and SQLite need not make the files by
    which several of them would agree.
    """
    alone = not path.with_name(f"{path.name}-wal").exists()
    address = f"file:{quote(str(path.absolute()))}?mode=ro{'&immutable=1' if alone else ''}"
    with contextlib.closing(sqlite3.connect(address, uri=True, timeout=_WAIT_S)) as connection:
        yield connection


def _reason(error: Exception) -> str:
    if isinstance(error, sqlite3.Error):
        failure = failure_of(error)
        return str(failure or error)
    if isinstance(error, OSError) and error.strerror:
        return f"{error.strerror}."
    return str(error)
