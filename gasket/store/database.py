"""One kitchen's file: readers see the state of one moment, writers come one after another.

Every transaction is begun here and by name. A reading one cannot write (SQLite refuses it), a
writing one takes the write lock before its first statement, so that what it checks is what it
changes. It is committed once, when its work is done; whatever is raised before undoes all of it.
"""

import contextlib
import threading
from collections.abc import Callable, Iterator, Mapping
from pathlib import Path
from typing import Any, Final

from sqlalchemy import Connection, Engine, event
from sqlalchemy.exc import DBAPIError
from sqlmodel import Session, create_engine

from gasket.core.errors import Unavailable
from gasket.store import changes
from gasket.store.failures import BUSY, GONE, failure_of

PATIENCE_S: Final = 10.0
"""How long a writer waits for the one before it in this process."""
BUSY_MS: Final = 5000
"""How long SQLite waits for a writer of another process."""
_WRITES: Final = "gasket_writes"
_POOL: Final = {"pool_size": 5, "max_overflow": 55, "pool_use_lifo": True}
"""Few connections are kept, each with its pages in memory; a crowd opens more for the moment."""


class Database:
    """The kitchen's file, opened. `path` is None for one in memory, which documents need."""

    def __init__(self, path: Path | None) -> None:
        self.path = path
        self.engine = engine_of(path)
        self._writers = self.engine.execution_options(**{_WRITES: True})
        self._turn = threading.RLock()
        self._identity: tuple[int, int] | None = None

    @contextlib.contextmanager
    def reading(self) -> Iterator[Session]:
        """A session that sees one moment and cannot write."""
        with _translated(), Session(self.engine) as session:
            yield session

    @contextlib.contextmanager
    def writing(self, beside: Mapping[str, Path] | None = None) -> Iterator[Session]:
        """A session that holds the write lock; committed at the end, undone by whatever is raised.

        `beside` are other databases to read from, by name. Raises `Unavailable` when nothing can
        be stored now.
        """
        with self.turn(), self._engine_with(beside) as engine:
            self._refuse_gone()
            with _translated(), Session(engine, expire_on_commit=False) as session:
                changes.follow(session)
                session.connection()  # the lock is taken before anything is read
                yield session
                session.commit()
            self._refuse_gone()

    @contextlib.contextmanager
    def _engine_with(self, beside: Mapping[str, Path] | None) -> Iterator[Engine]:
        """The writing engine; one of its own where other databases are read from, since nothing
        can be attached within a transaction."""
        if not beside:
            yield self._writers
            return
        engine = engine_of(self.path, beside)
        try:
            yield engine.execution_options(**{_WRITES: True})
        finally:
            engine.dispose()

    @contextlib.contextmanager
    def turn(self, wait: bool = True) -> Iterator[None]:
        """This thread's turn to write, among those of this process. Whoever waits for SQLite's own
        lock asks again and again, the slower the longer; this one wakes the next at once."""
        if not self._turn.acquire(timeout=PATIENCE_S if wait else 0):
            raise Unavailable(BUSY)
        try:
            yield
        finally:
            self._turn.release()

    def _refuse_gone(self) -> None:
        """SQLite writes on into a file that was deleted: whatever went there would be lost."""
        if self.path is None:
            return
        try:
            there_now = self.path.stat()
        except OSError:
            raise Unavailable(GONE) from None
        identity = (there_now.st_dev, there_now.st_ino)
        if self._identity is None:
            self._identity = identity
        elif identity != self._identity:
            raise Unavailable(GONE)

    def remember_file(self) -> None:
        """The file that is at `path` now is the one that is written to."""
        self._identity = None
        self._refuse_gone()

    def close(self) -> None:
        self.engine.dispose()


def engine_of(path: Path | None, beside: Mapping[str, Path] | None = None) -> Engine:
    """An engine whose transactions say themselves whether they write."""
    engine = create_engine(
        "sqlite://" if path is None else f"sqlite:///{path}",
        connect_args={"check_same_thread": False},
        **({} if path is None else _POOL),
    )
    event.listen(engine, "connect", _set_pragmas)
    for name, file in (beside or {}).items():
        event.listen(engine, "connect", _attaching(name, file))
    event.listen(engine, "begin", _begin)
    return engine


def _set_pragmas(connection: Any, _record: Any) -> None:
    """FULL: a capture is on the disk before the page shows it as done."""
    connection.isolation_level = None  # the driver begins nothing by itself
    cursor = connection.cursor()
    for pragma in (
        f"busy_timeout={BUSY_MS}",
        "journal_mode=WAL",
        "synchronous=FULL",
        "foreign_keys=ON",
    ):
        cursor.execute(f"PRAGMA {pragma}")
    cursor.close()


def _attaching(name: str, file: Path) -> Callable[[Any, Any], None]:
    def attach(connection: Any, _record: Any) -> None:
        connection.execute(f"ATTACH ? AS {name}", (str(file),))

    return attach


def _begin(connection: Connection) -> None:
    writes = connection.get_execution_options().get(_WRITES, False)
    connection.exec_driver_sql(f"PRAGMA query_only={'OFF' if writes else 'ON'}")
    connection.exec_driver_sql("BEGIN IMMEDIATE" if writes else "BEGIN")


@contextlib.contextmanager
def _translated() -> Iterator[None]:
    """What SQLite cannot do, as the sentence that a cook is told."""
    try:
        yield
    except DBAPIError as error:
        failure = failure_of(error)
        if failure is None:
            raise
        raise failure from error
