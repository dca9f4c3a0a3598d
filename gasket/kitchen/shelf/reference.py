"""The reference shelf: generic foods with typical values, from memory. A start, never a label.

It ships as shelf files, one a group of foods and one row a food, each for 100 g; it comes in as any
other, so that a cook can read and replace every row. Rows of foods that the shelf already knows by
a name or another are left alone.
"""

import csv
import io
import tempfile
from datetime import datetime
from pathlib import Path
from typing import Final

from gasket.core.label.food import FoodFacts
from gasket.core.numbers import Answer
from gasket.formats.shelf_csv import COLUMNS, Table
from gasket.kitchen.shelf import shelf_rows, shelf_staging
from gasket.kitchen.shelf.shelf_rows import ImportPlan
from gasket.store.books import Session, settings
from gasket.store.books.shelf import FOODS
from gasket.store.database import Database

FOLDER: Final = Path(__file__).resolve().parents[2] / "data" / "foods"
_KEY: Final = "reference_shelf"


class StockedFoods(Answer):
    """How many foods were put on the shelf."""

    foods: int


def sheet() -> str:
    """Every generic food as one shelf file."""
    text = io.StringIO()
    writer = csv.DictWriter(text, COLUMNS)
    writer.writeheader()
    for file in sorted(FOLDER.glob("*.csv")):
        with file.open(encoding="utf-8", newline="") as rows:
            for row in csv.DictReader(rows):
                package = f"{row['food']} (generic)"
                writer.writerow({**row, "package": package, "style": "table", "basis_g": 100})
    return text.getvalue()


def stock(database: Database, now: datetime) -> StockedFoods:
    """Put every generic food that is not there yet on the shelf."""
    with tempfile.TemporaryDirectory(prefix="gasket-reference-") as folder:
        staged = Path(folder) / "staged.sqlite3"
        while True:
            with database.reading() as session:
                missing = _missing(session)
            shelf_staging.stage(missing, (), staged)
            if shelf_staging.put_in(database, staged, now):
                break
            staged.unlink()
    with database.writing() as session:
        settings.write(session, _KEY, True)
    return StockedFoods(foods=len(missing.work))


def _missing(session: Session) -> ImportPlan:
    """The plan of the foods that the shelf knows by no name."""
    planned = shelf_rows.plan(session, Table(sheet()), lambda _: None)
    named = _names(session)
    planned.work = [
        (fate, row)
        for fate, row in planned.work
        if fate.fate == "new food" and not named & {row.food.casefold(), *_folded(row.facts)}
    ]
    return planned


def _names(session: Session) -> set[str]:
    """Every name and other name that the shelf knows."""
    return {
        name
        for food in FOODS.there(session)
        for name in (food.name.casefold(), *_folded(food.facts))
    }


def _folded(facts: FoodFacts) -> set[str]:
    return {alias.casefold() for alias in facts.aliases}


def stock_once(database: Database, now: datetime) -> None:
    """Stock a kitchen that has never been stocked; what the cook removed stays removed."""
    with database.reading() as session:
        stocked = settings.read(session, _KEY) is not None
    if not stocked:
        stock(database, now)
