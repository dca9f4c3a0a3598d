"""The reference shelf: generic foods with typical values, from memory. A start, never a label.

It ships as a shelf file and comes in as one, so that a cook can read and replace every row. Rows of
foods that the shelf already knows by name are left alone.
"""

from datetime import datetime
from pathlib import Path
from typing import Final

from sqlmodel import Session

from gasket.core.numbers import Answer
from gasket.formats.shelf_csv import Table
from gasket.kitchen import shelf_rows
from gasket.store import rows

FILE: Final = Path(__file__).resolve().parents[1] / "data" / "reference_shelf.csv"
_KEY: Final = "reference_shelf"


class Stocked(Answer):
    """How many foods were put on the shelf."""

    foods: int


def stock(session: Session, now: datetime) -> Stocked:
    """Put every generic food that is not there yet on the shelf."""
    found = shelf_rows.plan(session, Table(FILE.read_bytes()), lambda _: None)
    found.work = [(fate, row) for fate, row in found.work if fate.fate == "new food"]
    shelf_rows.write(session, found, now, lambda _: None)
    rows.write_setting(session, _KEY, True)
    session.commit()
    return Stocked(foods=len(found.work))


def stock_once(session: Session, now: datetime) -> None:
    """Stock a kitchen that has never been stocked; what the cook removed stays removed."""
    if rows.read_setting(session, _KEY) is None:
        stock(session, now)
