"""Kitchens of revisions 0001 to 0012, which no release had: brought to 0013 in one go.

Whatever such a kitchen has, whole or left half upgraded, its tables are made as 0013 has them, its
rows are moved over, and what those rows did not say yet is filled in.
"""

import json
import re
from pathlib import Path
from typing import Any, Final

from sqlalchemy import Connection

from gasket.core.trade.kind_reading import guess_kind
from gasket.core.weighing.records import ONE_SCALE

OLDER: Final = tuple(f"{number:04}" for number in range(1, 13))
"""Their revisions, the oldest first."""
FIRST: Final = "0013"
_SCHEMA: Final = Path(__file__).with_name("0013.sql")
_NAME: Final = re.compile(r"CREATE (?:VIRTUAL )?(TABLE|(?:UNIQUE )?INDEX) (\w+)")
_INDEXED_WORDS: Final = "food_search"
_FILLED: Final[dict[tuple[str, str], tuple[str, str]]] = {
    ("line", "trial_id"): (
        "0006",
        "(SELECT trial_id FROM component WHERE component.id = line.component_id)",
    ),
    ("batch_line", "bowl"): ("0004", "component"),
}
"""Columns that older rows have no value for: since which revision they have, and what it was."""
_MOVED: Final = {"dough": "roll", "batter": "pancake", "burger": "sandwich"}
"""Families that became several: by the one that most dishes of them are."""


def statements() -> dict[str, str]:
    """What makes each table and index of 0013, by its name, tables first."""
    found = _SCHEMA.read_text(encoding="utf-8").split(";\n")
    return {match[2]: match.string[match.start() :] for s in found if (match := _NAME.search(s))}


def bring_up(connection: Connection, revision: str) -> None:
    """Make a kitchen of an older revision one of 0013, within the transaction of `connection`."""
    if revision < "0006":
        _nothing_twice(connection)
    there = _there(connection)
    for name, statement in statements().items():
        if name not in there:
            connection.exec_driver_sql(statement)
        elif "INDEX" not in statement and _plain(there[name]) != _plain(statement):
            _rebuild(connection, name, statement, revision)
    for name in there.keys() - statements().keys():
        if not name.startswith(("food_search_", "alembic_version")):
            kind = "TABLE" if "TABLE" in there[name].split("(")[0] else "INDEX"
            connection.exec_driver_sql(f'DROP {kind} IF EXISTS "{name}"')
    _indexes(connection)
    for since, move in (
        *(("0002", _index_words), ("0003", _guess_kinds)),
        *(("0004", _scales_of_the_house), ("0007", _more_families)),
    ):
        if revision < since:
            move(connection)
    connection.exec_driver_sql("UPDATE alembic_version SET version_num = ?", (FIRST,))


def _there(connection: Connection) -> dict[str, str]:
    query = "SELECT name, sql FROM sqlite_master WHERE sql IS NOT NULL AND type != 'trigger'"
    return {str(name): str(sql) for name, sql in connection.exec_driver_sql(query)}


def _plain(statement: str) -> str:
    return re.sub(r'["\s]', "", statement)


def _rebuild(connection: Connection, table: str, statement: str, revision: str) -> None:
    """Make a table anew with the rows that it has."""
    run = connection.exec_driver_sql
    had = {row[1] for row in run(f'PRAGMA table_info("{table}")')}
    run(statement.replace(f"TABLE {table}", "TABLE rebuilt", 1))
    comes_from = {
        row[1]: f'"{row[1]}"' for row in run("PRAGMA table_info(rebuilt)") if row[1] in had
    }
    for (of, column), (since, value) in _FILLED.items():
        if of == table and revision < since:
            comes_from[column] = value
    names = ", ".join(f'"{name}"' for name in comes_from)
    values = ", ".join(comes_from.values())
    run(f'INSERT INTO rebuilt ({names}) SELECT {values} FROM "{table}"')
    run(f'DROP TABLE "{table}"')
    run(f'ALTER TABLE rebuilt RENAME TO "{table}"')


def _indexes(connection: Connection) -> None:
    there = _there(connection)
    for name, statement in statements().items():
        if "INDEX" in statement and _plain(there.get(name, "")) != _plain(statement):
            connection.exec_driver_sql(f'DROP INDEX IF EXISTS "{name}"')
            connection.exec_driver_sql(statement)


# What rows did not say yet


def _index_words(connection: Connection) -> None:
    run = connection.exec_driver_sql
    packages: dict[int, list[str]] = {}
    panels = run(
        "SELECT label.food_id, label_revision.panel FROM label_revision"
        " JOIN label ON label.id = label_revision.label_id ORDER BY number"
    )
    for food_id, panel in panels:
        packages.setdefault(food_id, []).append(json.loads(panel).get("name", ""))
    run(f"DELETE FROM {_INDEXED_WORDS}")
    for food_id, name in run("SELECT id, name FROM food").all():
        run(
            f"INSERT INTO {_INDEXED_WORDS} (rowid, name, aliases, packages) VALUES (?, ?, '', ?)",
            (food_id, name, " ".join(packages.get(food_id, []))),
        )


def _guess_kinds(connection: Connection) -> None:
    run = connection.exec_driver_sql
    for food_id, name, facts in run("SELECT id, name, facts FROM food").all():
        aliases = json.loads(facts or "{}").get("aliases", [])
        kind = guess_kind((name, *aliases)) or "other"
        run("UPDATE food SET kind = ? WHERE id = ?", (kind, food_id))


def _scales_of_the_house(connection: Connection) -> None:
    """The one scale of the settings becomes the first of a list."""
    query = "SELECT value FROM setting WHERE key = 'house'"
    stored = connection.exec_driver_sql(query).scalar()
    house = json.loads(stored) if stored else {}
    if "scale" in house:
        house["scales"] = [{"name": ONE_SCALE, "place": house.pop("scale")}]
        connection.exec_driver_sql(
            "UPDATE setting SET value = ? WHERE key = 'house'", (json.dumps(house),)
        )


def _more_families(connection: Connection) -> None:
    run = connection.exec_driver_sql
    for trial, terms, steps in run("SELECT id, terms, steps FROM trial").all():
        before = json.loads(terms or "{}")
        family = before.get("family") if isinstance(before, dict) else None
        now = "pot" if family == "custard" and not _is_baked(steps) else _MOVED.get(family or "")
        if now:
            after = json.dumps({**before, "family": now, "confirm_family": True})
            run("UPDATE trial SET terms = ? WHERE id = ?", (after, trial))


def _is_baked(steps: str | None) -> bool:
    stored: Any = json.loads(steps or "[]")
    each = stored if isinstance(stored, list) else []
    return any(isinstance(step, dict) and step.get("kind") == "bake" for step in each)


def _nothing_twice(connection: Connection) -> None:
    """Two saves of one moment could store a build twice: the double goes, and whatever else shares
    a name or a key with another gets one of its own."""
    run = connection.exec_driver_sql
    for (trial,) in run("SELECT DISTINCT trial_id FROM component").all():
        _mend_components(connection, trial)
        _mend_lines(connection, trial)
    if "key" not in {row[1] for row in run("PRAGMA table_info(batch_line)")}:
        return
    twice = run(
        "SELECT id, key FROM batch_line AS one WHERE key IS NOT NULL AND EXISTS (SELECT 1 FROM"
        " batch_line WHERE batch_id = one.batch_id AND key = one.key AND id < one.id)"
    ).all()
    for line, key in twice:
        run("UPDATE batch_line SET key = ? WHERE id = ?", (f"{key[:40]}-{line}", line))


def _mend_components(connection: Connection, trial: int) -> None:
    run = connection.exec_driver_sql
    there: dict[str, list[str]] = {}
    position = 0
    found = run("SELECT id, name FROM component WHERE trial_id = ? ORDER BY position, id", (trial,))
    for component, name in found.all():
        query = "SELECT key FROM line WHERE component_id = ? ORDER BY position, id"
        keys = [key for (key,) in run(query, (component,))]
        if there.get(name) == keys:
            run("DELETE FROM line WHERE component_id = ?", (component,))
            run("DELETE FROM component WHERE id = ?", (component,))
            continue
        free, number = name, 2
        while free in there:
            free, number = f"{name[:110]} {number}", number + 1
        there[free] = keys
        moved = "UPDATE component SET name = ?, position = ? WHERE id = ?"
        run(moved, (free, position, component))
        position += 1


def _mend_lines(connection: Connection, trial: int) -> None:
    run = connection.exec_driver_sql
    seen: set[str] = set()
    place: dict[int, int] = {}
    found = run(
        "SELECT line.id, line.component_id, line.key FROM line JOIN component ON component.id ="
        " line.component_id WHERE component.trial_id = ?"
        " ORDER BY component.position, line.position, line.id",
        (trial,),
    )
    for line, component, key in found.all():
        free = f"{key[:40]}-{line}" if key in seen else key
        seen.add(free)
        place[component] = place.get(component, -1) + 1
        run("UPDATE line SET key = ?, position = ? WHERE id = ?", (free, place[component], line))
