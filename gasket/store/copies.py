"""Copies of a kitchen's file: whole, checked, and under their name only when they are both.

A bare copy of a running kitchen's file is none: what was written last is in a file beside it.
SQLite makes one that is of one moment, also while the kitchen is served.
"""

import contextlib
import os
import sqlite3
from pathlib import Path
from typing import Final

from gasket.core.errors import GasketError

BEGUN: Final = ".part"
"""What the name of a copy ends with until it is whole."""
PARTS: Final = ("", "-wal", "-shm", "-journal")


class BadCopy(GasketError):
    """A copy that is not what it was made from."""


def copy_of(path: Path, target: Path) -> None:
    """Copy the kitchen at `path` to `target`. Raises `BadCopy` when the copy does not hold what
    the kitchen holds, and what SQLite raises when it cannot be made; `target` is then not there."""
    begun = target.with_name(f"{target.name}{BEGUN}")
    remove(begun)
    try:
        with contextlib.closing(sqlite3.connect(path)) as source:
            source.execute("BEGIN")
            held = counts(source)
            with contextlib.closing(sqlite3.connect(begun)) as copied:
                source.backup(copied)
                copied.execute("PRAGMA journal_mode=DELETE")
                check(copied)
                if counts(copied) != held:
                    raise BadCopy("The copy does not hold what the kitchen holds.")
        to_disk(begun)
        begun.replace(target)
    finally:
        remove(begun)
    to_disk(target.parent)


def check(connection: sqlite3.Connection) -> None:
    """Raises `BadCopy` when SQLite finds anything wrong with the whole file."""
    says = connection.execute("PRAGMA integrity_check(1)").fetchone()[0]
    if says != "ok":
        raise BadCopy(f"The file is damaged: {says}.")


def counts(connection: sqlite3.Connection) -> dict[str, int]:
    """How many rows each table holds."""
    query = "SELECT name FROM sqlite_master WHERE type = 'table' ORDER BY name"
    names = [name for (name,) in connection.execute(query).fetchall()]
    return {
        name: int(connection.execute(f'SELECT count(*) FROM "{name}"').fetchone()[0])
        for name in names
    }


def remove(path: Path) -> None:
    """Remove a database with the files that SQLite keeps beside it, and nothing else."""
    for part in PARTS:
        path.with_name(path.name + part).unlink(missing_ok=True)


def to_disk(path: Path) -> None:
    """Wait until a file, or the names in a folder, would survive a power cut."""
    descriptor = os.open(path, os.O_RDONLY)
    try:
        os.fsync(descriptor)
    finally:
        os.close(descriptor)
