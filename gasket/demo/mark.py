"""The mark of a demo kitchen: only what carries it is ever started over."""

import json
import sqlite3
from pathlib import Path
from typing import Final

from gasket.core.errors import GasketError
from gasket.store import copies
from gasket.store.books import Session, settings
from gasket.store.opening import look_at, read_only
from gasket.store.places import demo_path

_KEY: Final = "demo"


class NoDemo(GasketError):
    """A kitchen of the cook's own, which the demo leaves alone."""


def put_mark(session: Session) -> None:
    """Say that this kitchen is a demo."""
    settings.write(session, _KEY, True)


def has_mark(path: Path) -> bool:
    """Whether the kitchen at `path` is a demo. The demo's own place has held nothing else since
    before there was a mark."""
    if _is_the_demos_place(path):
        return True
    with read_only(path) as connection:
        query = "SELECT value FROM setting WHERE key = ?"
        row = connection.execute(query, (_KEY,)).fetchone()
    return row is not None and json.loads(row[0]) is True


def _is_the_demos_place(path: Path) -> bool:
    return path.resolve() == demo_path().resolve()


def refuse_own(path: Path) -> None:
    """Raises `NoDemo` for a kitchen that is there and is no demo, and `CannotOpen` for what is no
    kitchen at all."""
    if look_at(path).is_missing:
        return
    try:
        is_demo = has_mark(path)
    except sqlite3.Error:
        is_demo = False
    if not is_demo:
        says = f"{path} is a kitchen of your own, not the demo: gasket serve --db opens it."
        raise NoDemo(says)


def start_over(path: Path) -> None:
    """Remove the demo at `path`: its own files, and no other. Raises as `refuse_own`."""
    if not _is_the_demos_place(path):
        refuse_own(path)
    copies.remove(path)
