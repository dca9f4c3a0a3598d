"""A whole kitchen in one file: a zip of its database and a manifest that says what it holds."""

import contextlib
import hashlib
import shutil
import sqlite3
import tempfile
import zipfile
from collections.abc import Iterator
from datetime import UTC, datetime
from pathlib import Path
from typing import Final, Literal

from pydantic import ValidationError

from gasket import __version__
from gasket.core.errors import GasketError
from gasket.core.numbers import Answer
from gasket.store import copies
from gasket.store.opening import CannotOpen, look_at, refuse_place
from gasket.store.serving import alone

MANIFEST: Final = "manifest.json"
DATABASE: Final = "kitchen.sqlite3"
_COUNTED: Final = ("dish", "trial", "batch", "food", "weighing")
_MOST_MANIFEST_BYTES: Final = 100_000


class BadBackup(GasketError):
    """A file that no kitchen can be put back from."""


class Manifest(Answer):
    """What a backup holds. `sha256` and `bytes` are the database's."""

    format: Literal["gasket-backup"] = "gasket-backup"
    version: Literal[1] = 1
    gasket: str
    schema_revision: str
    made_at: datetime
    sha256: str
    bytes: int
    rows: dict[str, int]


def back_up(path: Path, target: Path, now: datetime) -> Manifest:
    """Write the kitchen at `path` to a zip, also while it is served. Raises `CannotOpen` and
    `BadBackup`; an existing file is never overwritten."""
    standing = look_at(path)
    if standing.revision is None:
        raise CannotOpen(path, "does not exist: check the name of the kitchen's file.")
    if target.exists():
        raise BadBackup(f"{target} is there already: name a new file.")
    begun = target.with_name(f"{target.name}.part")
    try:
        with tempfile.TemporaryDirectory(dir=target.parent, prefix=".gasket-") as folder:
            copy = Path(folder) / DATABASE
            copies.copy_of(path, copy)
            manifest = _describe(copy, standing.revision, now)
            with zipfile.ZipFile(begun, "w", zipfile.ZIP_DEFLATED) as packed:
                packed.writestr(MANIFEST, manifest.model_dump_json(indent=2))
                packed.write(copy, DATABASE)
        copies.to_disk(begun)
        begun.replace(target)
    except OSError as error:
        raise BadBackup(f"{target} cannot be written: {error.strerror or error}.") from error
    finally:
        begun.unlink(missing_ok=True)
    return manifest


def _describe(copy: Path, revision: str, now: datetime) -> Manifest:
    with contextlib.closing(sqlite3.connect(copy)) as connection:
        held = copies.counts(connection)
    return Manifest(
        gasket=__version__,
        schema_revision=revision,
        made_at=now,
        sha256=_digest(copy),
        bytes=copy.stat().st_size,
        rows={table: held.get(table, 0) for table in _COUNTED},
    )


def _digest(file: Path) -> str:
    with file.open("rb") as content:
        return hashlib.file_digest(content, "sha256").hexdigest()


def restore(source: Path, path: Path) -> tuple[Manifest, Path | None]:
    """Put the kitchen in `source` in the place of the one at `path`, which is kept aside: where to,
    or None where there was none.

    Raises `BadBackup`, `CannotOpen` and `AlreadyServed`; nothing is changed then.
    """
    refuse_place(path)
    with alone(path), _unpacked(source, path.parent) as (manifest, database):
        aside = _set_aside(path)
        database.replace(path)
        copies.to_disk(path.parent)
    return manifest, aside


@contextlib.contextmanager
def _unpacked(source: Path, folder: Path) -> Iterator[tuple[Manifest, Path]]:
    """The database of a backup, checked, in a folder of its own beside where it is to go."""
    try:
        with (
            zipfile.ZipFile(source) as packed,
            tempfile.TemporaryDirectory(dir=folder, prefix=".gasket-") as place,
        ):
            manifest = _manifest_of(packed, source)
            if packed.getinfo(DATABASE).file_size != manifest.bytes:
                raise BadBackup(f"{source} is damaged: it does not hold what it was made with.")
            database = Path(place) / DATABASE
            with packed.open(DATABASE) as content, database.open("wb") as written:
                shutil.copyfileobj(content, written)
            if _digest(database) != manifest.sha256:
                raise BadBackup(f"{source} is damaged: it does not hold what it was made with.")
            _refuse_unreadable(database, source)
            copies.to_disk(database)
            yield manifest, database
    except (zipfile.BadZipFile, KeyError, EOFError) as error:
        raise BadBackup(f"{source} is not a backup of a Gasket kitchen.") from error
    except OSError as error:
        raise BadBackup(f"{source} cannot be read: {error.strerror or error}.") from error


def _refuse_unreadable(database: Path, source: Path) -> None:
    try:
        look_at(database)
    except CannotOpen as error:
        raise BadBackup(f"The kitchen in {source} {error.says}") from error


def _manifest_of(packed: zipfile.ZipFile, source: Path) -> Manifest:
    with packed.open(MANIFEST) as content:
        try:
            return Manifest.model_validate_json(content.read(_MOST_MANIFEST_BYTES))
        except ValidationError as error:
            raise BadBackup(f"{source} is not a backup that this Gasket can read.") from error


def _set_aside(path: Path) -> Path | None:
    """Keep what is at `path` beside it, and leave nothing there that SQLite would take for the
    unwritten end of another file."""
    if not path.exists():
        copies.remove(path)
        return None
    aside = path.with_name(f"{path.name}.before-restore.{datetime.now(UTC):%Y%m%dT%H%M%S%f}")
    try:
        copies.copy_of(path, aside)
        with contextlib.closing(sqlite3.connect(path)) as connection:
            connection.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    except (sqlite3.DatabaseError, copies.BadCopy):
        _move_aside(path, aside)
        return aside
    beside = path.with_name(f"{path.name}-wal")
    if beside.exists() and beside.stat().st_size:
        raise BadBackup(f"{path} is in use by another program: stop it first.")
    return aside


def _move_aside(path: Path, aside: Path) -> None:
    """What cannot be copied, since it is damaged, is kept as it is with all that belongs to it."""
    for part in copies.PARTS:
        beside = path.with_name(path.name + part)
        if beside.exists():
            beside.replace(aside.with_name(aside.name + part))
