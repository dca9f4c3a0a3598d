"""Reads a shelf file in a process of its own.

    python -m gasket.kitchen.shelf.shelf_reader KITCHEN FILE STAGED

Prints how many rows it has read, line by line; a last line that is no number is what is wrong with
the file.
"""

import sys
from pathlib import Path

from gasket.core.errors import GasketError
from gasket.formats.shelf_csv import Table
from gasket.kitchen.shelf import shelf_rows, shelf_staging
from gasket.store.database import Database


def read(kitchen: Path, file: Path, staged: Path) -> None:
    """Work out what `file` would do to the shelf of `kitchen` and lay it down at `staged`."""
    table = Table(file.read_bytes())
    database = Database(kitchen)
    with database.reading() as session:
        plan = shelf_rows.plan(session, table, lambda done: print(done, len(table), flush=True))
    database.close()
    shelf_staging.stage(plan, table.unknown, staged)
    print(len(table), len(table), flush=True)


if __name__ == "__main__":
    try:
        read(*map(Path, sys.argv[1:]))
    except GasketError as error:
        print(f"! {error}", flush=True)
        sys.exit(2)
