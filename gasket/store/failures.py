"""What can keep a kitchen from being stored or read, in a sentence for a cook."""

import sqlite3
from typing import Final

from sqlalchemy.exc import DBAPIError

from gasket.core.errors import OutOfSpace, Unavailable

BUSY: Final = "The kitchen's file is busy. Nothing was stored: it is tried again."
GONE: Final = (
    "The kitchen's file is not where it was. Nothing was stored: put it back, or stop Gasket and "
    "start it again."
)
FULL: Final = "The disk is full. Nothing was stored: make some room, then try again."
READ_ONLY: Final = (
    "The kitchen's file cannot be written to. Nothing was stored: check its permissions, then try "
    "again."
)
UNREADABLE: Final = (
    "The disk does not answer as it should. Nothing was stored: check the disk, then try again."
)
DAMAGED: Final = (
    "The kitchen's file is damaged. Stop Gasket and put a copy back with gasket restore."
)

_SENTENCES: Final = {
    sqlite3.SQLITE_BUSY: BUSY,
    sqlite3.SQLITE_LOCKED: BUSY,
    sqlite3.SQLITE_READONLY: READ_ONLY,
    sqlite3.SQLITE_PERM: READ_ONLY,
    sqlite3.SQLITE_CANTOPEN: GONE,
    sqlite3.SQLITE_IOERR: UNREADABLE,
    sqlite3.SQLITE_CORRUPT: DAMAGED,
    sqlite3.SQLITE_NOTADB: DAMAGED,
}
_PRIMARY: Final = 0xFF
"""SQLite's extended codes carry the plain one in their lowest byte."""


def failure_of(error: DBAPIError | sqlite3.Error) -> Unavailable | None:
    """The sentence for what SQLite could not do; None for what is a fault of ours."""
    cause = error.orig if isinstance(error, DBAPIError) else error
    code = getattr(cause, "sqlite_errorcode", None)
    if code is None:
        return None
    if code & _PRIMARY == sqlite3.SQLITE_FULL:
        return OutOfSpace(FULL)
    says = _SENTENCES.get(code & _PRIMARY)
    return None if says is None else Unavailable(says)
