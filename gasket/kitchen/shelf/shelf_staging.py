"""A shelf file made ready beside the kitchen, and put on the shelf in one go.

What a file does is worked out by a process of its own and laid down in a database of its own, so
that nobody at the scale waits for it. Putting it on the shelf is then a handful of statements in
one transaction: all of the file is on the shelf, or nothing of it.
"""

import contextlib
import json
import sqlite3
from collections.abc import Iterable, Iterator
from datetime import datetime
from pathlib import Path
from typing import Any

from gasket.core.errors import Fault
from gasket.core.label.food import FoodFacts
from gasket.formats.shelf_csv import ShelfRow
from gasket.kitchen.shelf import shelf
from gasket.kitchen.shelf.shelf_rows import Fate, ImportPlan, KnownFood, RowFate, merge
from gasket.store.books import shelf_import
from gasket.store.books.book import plain
from gasket.store.database import Database

# Laying down


def stage(plan: ImportPlan, unknown_columns: Iterable[str], path: Path) -> None:
    """Lay down at `path`, which is not there yet, what a plan says and does."""
    with contextlib.closing(sqlite3.connect(path)) as connection:
        connection.executescript(f"PRAGMA synchronous=OFF; {shelf_import.TABLES}")
        about = (json.dumps(plan.fingerprint), json.dumps(tuple(unknown_columns)))
        connection.execute("INSERT INTO about VALUES (?, ?)", about)
        for table, found in _laid_out(plan):
            marks = ", ".join("?" * len(found))
            connection.execute(f"INSERT INTO {table} VALUES ({marks})", found)
        connection.commit()


def _laid_out(plan: ImportPlan) -> Iterator[tuple[str, tuple[Any, ...]]]:
    for at, fate in enumerate(plan.fates):
        faults = [fault.model_dump() for fault in fate.faults]
        said = (fate.line, fate.food, fate.package, fate.fate, _text(fate.changes), _text(faults))
        yield "fate", (at, *said)
    by_food: dict[str, list[tuple[RowFate, ShelfRow]]] = {}
    for fate, row in plan.work:
        if fate.fate != "unchanged":
            by_food.setdefault(row.food.strip().casefold(), []).append((fate, row))
    labels = 0
    for n, (key, given) in enumerate(by_food.items(), start=1):
        known = plan.known[key]
        yield _food(n, known, given)
        for fate, row in given:
            panel, package = _text(plain(row.label)), _text(plain(row.package))
            if fate.fate == "new version":
                label_id, number = known.revisions[row.label.name.casefold()]
                yield "new_revision", (label_id, number + 1, panel, package)
            elif fate.fate in ("new food", "new label"):
                labels += 1
                yield (
                    "new_label",
                    (labels, known.id, n if known.id is None else None, panel, package),
                )


def _food(
    n: int, known: KnownFood, given: list[tuple[RowFate, ShelfRow]]
) -> tuple[str, tuple[Any, ...]]:
    """A food as it stands once these rows are on the shelf."""
    name = given[0][1].food.strip() if known.id is None else known.name
    facts = FoodFacts() if known.id is None else known.stored
    labels = {key: label for key, (_, label, _) in known.labels.items()}
    for _, row in given:
        facts = merge(facts, row.facts)
        labels[row.label.name.casefold()] = row.label
    listed = shelf.listing(name, facts, labels.values())
    stored = _text(plain(facts))
    words = (" ; ".join(facts.aliases), " ; ".join(listed.packages))
    as_listed = (int(listed.typical), listed.kind, *words)
    if known.id is None:
        return "new_food", (n, name, stored, *as_listed)
    differs = int(plain(facts) != plain(known.stored))
    return "changed_food", (known.id, name, stored, differs, *as_listed)


def _text(value: Any) -> str:
    return json.dumps(value)


# Looking at it


def counts(path: Path) -> dict[Fate, int]:
    """How many rows have which fate."""
    with contextlib.closing(sqlite3.connect(path)) as connection:
        return dict(connection.execute("SELECT fate, count(*) FROM fate GROUP BY fate").fetchall())


def unknown_columns(path: Path) -> tuple[str, ...]:
    """Columns of the file that nobody knows."""
    with contextlib.closing(sqlite3.connect(path)) as connection:
        stored = connection.execute("SELECT unknown_columns FROM about").fetchone()
        return tuple(json.loads(stored[0]))


def fates(path: Path, fate: Fate | None, limit: int, offset: int) -> tuple[list[RowFate], int]:
    """Rows in the order of the file, of one fate or of all, and how many there are."""
    where = "WHERE (:fate IS NULL OR fate = :fate)"
    asked = {"fate": fate, "limit": limit, "offset": offset}
    with contextlib.closing(sqlite3.connect(path)) as connection:
        total = connection.execute(f"SELECT count(*) FROM fate {where}", asked).fetchone()[0]
        query = (
            "SELECT line, food, package, fate, changes, faults FROM fate"
            f" {where} ORDER BY at LIMIT :limit OFFSET :offset"
        )
        rows = connection.execute(query, asked).fetchall()
    return [_fate(*row) for row in rows], total


def _fate(line: int, food: str, package: str, fate: Fate, changes: str, faults: str) -> RowFate:
    return RowFate(
        line=line,
        food=food,
        package=package,
        fate=fate,
        changes=tuple(json.loads(changes)),
        faults=tuple(Fault.model_validate(fault) for fault in json.loads(faults)),
    )


# On the shelf


def put_in(database: Database, path: Path, now: datetime) -> bool:
    """Put everything that is laid down at `path` on the shelf, in one transaction. False, and
    nothing is changed, when the shelf is not what it was when the file was read."""
    with database.writing(beside={shelf_import.STAGED: path}) as session:
        return shelf_import.put_in(session, now)
