"""Making a kitchen's schema, and bringing an older one up to date.

An upgrade is one transaction over all revisions that are missing: a machine that dies in the middle
leaves the older kitchen as it was, and the next start begins anew. Before anything is changed the
older kitchen is copied beside itself and the copy is checked. Foreign keys are off meanwhile
(rebuilding a table would otherwise count as deleting its rows) and checked before the commit.
"""

import contextlib
import glob
import sqlite3
from collections.abc import Iterator
from datetime import UTC, datetime
from functools import cache
from pathlib import Path
from typing import Any, Final

from alembic import command
from alembic.config import Config
from alembic.script import ScriptDirectory
from sqlalchemy import Connection, create_engine, event
from sqlalchemy.pool import NullPool

from gasket.core.errors import GasketError
from gasket.store import copies, stamps
from gasket.store.database import BUSY_MS

MIGRATIONS: Final = Path(__file__).parent / "migrations"


class UpgradeFailed(GasketError):
    """The older kitchen could not be brought up to date, and is as it was."""


def _config() -> Config:
    config = Config()
    config.set_main_option("script_location", str(MIGRATIONS).replace("%", "%%"))
    return config


@cache
def revisions() -> tuple[str, ...]:
    """Every revision of the schema, the oldest first."""
    found = ScriptDirectory.from_config(_config()).walk_revisions()
    return tuple(script.revision for script in found)[::-1]


def newest_revision() -> str:
    return revisions()[-1]


@contextlib.contextmanager
def migrating(path: Path | None) -> Iterator[Connection]:
    """One transaction that changes the schema: foreign keys off, the write lock held."""
    address = "sqlite://" if path is None else f"sqlite:///{path}"
    engine = create_engine(address, poolclass=NullPool)

    def ready(connection: Any, _record: Any) -> None:
        connection.isolation_level = None
        for pragma in (
            f"busy_timeout={BUSY_MS}",
            "journal_mode=WAL",
            "synchronous=FULL",
            "foreign_keys=OFF",
        ):
            connection.execute(f"PRAGMA {pragma}")

    event.listen(engine, "connect", ready)
    event.listen(engine, "begin", lambda connection: connection.exec_driver_sql("BEGIN IMMEDIATE"))
    with engine.begin() as connection:
        yield connection
    engine.dispose()


def migrate(connection: Connection, revision: str) -> None:
    """Bring the schema to `revision`, within the transaction of `connection`."""
    config = _config()
    config.attributes["connection"] = connection
    stamps.drop_triggers(connection)
    command.upgrade(config, revision)
    if revision == newest_revision():
        stamps.number_all(connection)


def make(path: Path) -> None:
    """A new kitchen at `path`. It takes its name when it is complete, so that one which was begun
    and never finished is not taken for a kitchen."""
    begun = path.with_name(f"{path.name}.new")
    copies.remove(begun)
    with migrating(begun) as connection:
        migrate(connection, newest_revision())
    with contextlib.closing(sqlite3.connect(begun)) as whole:
        whole.execute("PRAGMA wal_checkpoint(TRUNCATE)")
    begun.replace(path)


def upgrade(path: Path) -> None:
    """Bring the older kitchen at `path` up to date, keeping a copy of it. Raises `UpgradeFailed`
    when rows would point at nothing afterwards."""
    with migrating(path) as connection:
        revision = _recorded(connection)
        if revision == newest_revision():
            return  # another process was quicker
        for begun in path.parent.glob(f"{glob.escape(path.name)}.schema-*{copies.BEGUN}*"):
            begun.unlink()  # of an upgrade that died: nobody else is at it now
        copies.copy_of(path, _copy_name(path, revision))
        _back_to(connection, revision)
        pointed_nowhere = _pointing_nowhere(connection)
        migrate(connection, newest_revision())
        lost = _pointing_nowhere(connection) - pointed_nowhere
        if lost:
            tables = ", ".join(sorted({str(table) for table, *_ in lost}))
            raise UpgradeFailed(f"{path} cannot be brought up to date: {tables} would lose rows.")


def _copy_name(path: Path, revision: str) -> Path:
    at = datetime.now(UTC).strftime("%Y%m%dT%H%M%S%f")
    return path.with_name(f"{path.name}.schema-{revision}.{at}")


def _recorded(connection: Connection) -> str:
    return str(connection.exec_driver_sql("SELECT version_num FROM alembic_version").scalar_one())


def _pointing_nowhere(connection: Connection) -> set[tuple[object, ...]]:
    return {tuple(row) for row in connection.exec_driver_sql("PRAGMA foreign_key_check").all()}


# A kitchen that an earlier Gasket left half upgraded


def _back_to(connection: Connection, revision: str) -> None:
    """Undo what an upgrade that failed half-way has left: earlier ones were not one transaction.

    Nothing can have been stored in it, since such a kitchen could not be opened: tables and
    columns that the recorded schema does not have are dropped.
    """
    with migrating(None) as other:
        migrate(other, revision)
        wanted, made_by, indexes = (
            _columns(other),
            _statements(other, "table"),
            _statements(other, "index"),
        )
    for table in _columns(connection).keys() - wanted.keys():
        connection.exec_driver_sql(f'DROP TABLE IF EXISTS "{table}"')
    for table, columns in _columns(connection).items():
        if columns != wanted[table]:
            _rebuild(connection, table, columns & wanted[table], made_by[table])
    there = _statements(connection, "index")
    for index in there.keys() - indexes.keys():
        connection.exec_driver_sql(f'DROP INDEX "{index}"')
    for index in indexes.keys() - there.keys():
        connection.exec_driver_sql(indexes[index])


def _statements(connection: Connection, kind: str) -> dict[str, str]:
    """What was said to make each table or index of ours, by its name."""
    query = "SELECT name, sql FROM sqlite_master WHERE type = ? AND sql IS NOT NULL"
    return {str(row[0]): str(row[1]) for row in connection.exec_driver_sql(query, (kind,))}


def _columns(connection: Connection) -> dict[str, set[str]]:
    """The columns of each table; those behind the search index are SQLite's own."""
    return {
        table: {row[1] for row in connection.exec_driver_sql(f'PRAGMA table_info("{table}")')}
        for table in sorted(_statements(connection, "table"))
        if not table.startswith("food_search_") or table == "food_search_words"
    }


def _rebuild(connection: Connection, table: str, columns: set[str], statement: str) -> None:
    kept = ", ".join(f'"{column}"' for column in sorted(columns))
    body = statement[statement.index("(") :]
    for deed in (
        f'CREATE TABLE "rebuilt" {body}',
        f'INSERT INTO "rebuilt" ({kept}) SELECT {kept} FROM "{table}"',
        f'DROP TABLE "{table}"',
        f'ALTER TABLE "rebuilt" RENAME TO "{table}"',
    ):
        connection.exec_driver_sql(deed)
