"""Quick entry against the generic foods alone, as they ship: no kitchen, nothing kept."""

import tempfile
from collections.abc import Iterator
from datetime import UTC, datetime
from pathlib import Path

from gasket.kitchen.shelf import quick_entry, reference
from gasket.kitchen.shelf.quick_entry import MOST_LINES, QuickLine
from gasket.store.opening import open_database


def read_all(text: str) -> Iterator[QuickLine]:
    """Every line of the text as quick entry reads it in a new kitchen. Raises `FaultyInput`."""
    lines = text.splitlines()
    with tempfile.TemporaryDirectory(prefix="gasket-read-") as folder:
        database = open_database(Path(folder) / "generic.sqlite3")
        try:
            reference.stock(database, datetime.now(UTC))
            for at in range(0, len(lines), MOST_LINES):
                part = "\n".join(lines[at : at + MOST_LINES])
                with database.reading() as session:
                    yield from quick_entry.read_list(session, part)
        finally:
            database.close()
