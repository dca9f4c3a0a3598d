"""A shelf file that was laid down in a database of its own, put on the shelf in one go."""

import json
from collections.abc import Iterator
from datetime import UTC, datetime
from typing import Any, Final

from sqlmodel import Session

from gasket.store import changes
from gasket.store.books.shelf import Version, fingerprint, write_versions

STAGED: Final = "staged"
"""What the database beside the kitchen is called."""
TABLES: Final = """
CREATE TABLE about (fingerprint TEXT, unknown_columns TEXT);
CREATE TABLE fate (at INTEGER PRIMARY KEY, line INTEGER, food TEXT, package TEXT, fate TEXT,
  changes TEXT, faults TEXT);
CREATE INDEX by_fate ON fate (fate, at);
CREATE TABLE new_food (n INTEGER PRIMARY KEY, name TEXT, facts TEXT, typical INTEGER, kind TEXT,
  aliases TEXT, packages TEXT);
CREATE TABLE changed_food (id INTEGER PRIMARY KEY, name TEXT, facts TEXT, differs INTEGER,
  typical INTEGER, kind TEXT, aliases TEXT, packages TEXT);
CREATE TABLE new_label (n INTEGER PRIMARY KEY, food_id INTEGER, new_food INTEGER, panel TEXT,
  package TEXT);
CREATE TABLE new_revision (label_id INTEGER PRIMARY KEY, number INTEGER, panel TEXT, package TEXT);
"""
"""Of the database beside the kitchen."""
_FOODS_AND_LABELS: Final = (
    "INSERT INTO food (id, name, facts, typical, kind, version, created_at)"
    " SELECT :foods + n, name, facts, typical, kind, 1, :now FROM staged.new_food",
    "INSERT INTO label (id, food_id, version, created_at)"
    " SELECT :labels + n, coalesce(food_id, :foods + new_food), 1, :now FROM staged.new_label",
    "UPDATE food SET facts = new.facts, typical = new.typical, kind = new.kind,"
    " version = version + new.differs FROM staged.changed_food AS new WHERE new.id = food.id",
    "DELETE FROM food_search WHERE rowid IN (SELECT id FROM staged.changed_food)",
    "INSERT INTO food_search (rowid, name, aliases, packages)"
    " SELECT id, name, aliases, packages FROM staged.changed_food"
    " UNION ALL SELECT :foods + n, name, aliases, packages FROM staged.new_food",
)
_VERSIONS: Final = (
    "SELECT :labels + n, 1, panel, package FROM staged.new_label"
    " UNION ALL SELECT label_id, number, panel, package FROM staged.new_revision"
)


def put_in(session: Session, now: datetime) -> bool:
    """Put everything that is staged on the shelf. False, and nothing is changed, when the shelf is
    not what it was when the file was read."""
    connection = session.connection()
    planned = connection.exec_driver_sql("SELECT fingerprint FROM staged.about").scalar_one()
    if tuple(json.loads(planned)) != fingerprint(session):
        return False
    values = {
        "foods": _last(session, "food"),
        "labels": _last(session, "label"),
        "now": now.astimezone(UTC).strftime("%Y-%m-%d %H:%M:%S.%f"),
    }
    for statement in _FOODS_AND_LABELS:
        connection.exec_driver_sql(statement, values)
    changed = connection.exec_driver_sql("SELECT id FROM staged.changed_food").scalars()
    changes.declare(session, "shelf", *(("uses of food", key) for key in changed))
    write_versions(session, _versions(session, values), now)
    return True


def _versions(session: Session, values: dict[str, Any]) -> Iterator[Version]:
    for row in session.connection().exec_driver_sql(_VERSIONS, values):
        yield Version(*row)


def _last(session: Session, table: str) -> int:
    query = f"SELECT coalesce(max(id), 0) FROM {table}"
    return int(session.connection().exec_driver_sql(query).scalar_one())
