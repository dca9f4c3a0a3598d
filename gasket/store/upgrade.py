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
from gasket.store.migrations.unreleased import OLDER, bring_up

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
    scripts = ScriptDirectory.from_config(_config()).walk_revisions()
    return (*OLDER, *reversed([script.revision for script in scripts]))


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
    recorded = _recorded(connection)
    if recorded in OLDER:
        bring_up(connection, recorded)
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
        revision = _recorded(connection) or OLDER[0]
        if revision == newest_revision():
            return  # another process was quicker
        for begun in path.parent.glob(f"{glob.escape(path.name)}.schema-*{copies.BEGUN}*"):
            begun.unlink()  # of an upgrade that died: nobody else is at it now
        copies.copy_of(path, _copy_name(path, revision))
        pointed_nowhere = _pointing_nowhere(connection)
        migrate(connection, newest_revision())
        lost = _pointing_nowhere(connection) - pointed_nowhere
        if lost:
            tables = ", ".join(sorted({str(table) for table, *_ in lost}))
            raise UpgradeFailed(f"{path} cannot be brought up to date: {tables} would lose rows.")


def _copy_name(path: Path, revision: str) -> Path:
    at = datetime.now(UTC).strftime("%Y%m%dT%H%M%S%f")
    return path.with_name(f"{path.name}.schema-{revision}.{at}")


def _recorded(connection: Connection) -> str | None:
    """The revision of a kitchen; None for one that is only being made."""
    query = "SELECT count(*) FROM sqlite_master WHERE name = 'alembic_version'"
    if not connection.exec_driver_sql(query).scalar_one():
        return None
    return str(connection.exec_driver_sql("SELECT version_num FROM alembic_version").scalar_one())


def _pointing_nowhere(connection: Connection) -> set[tuple[object, ...]]:
    return {tuple(row) for row in connection.exec_driver_sql("PRAGMA foreign_key_check").all()}
