"""A house with years of cooking behind it, for measuring: the demo's dishes many times over.

Made by SQLite itself, in seconds: rows of the demo are copied under new ids, with other weights and
days. Most of what was made is eaten; the newest batches are in the fridge and the freezer.
"""

from typing import Final

from sqlalchemy import Connection
from sqlmodel import Session

from gasket.store import stamps

FOODS_A_DISH: Final = 10
BATCHES_A_DISH: Final = 3
MOST_BATCHES_OF_A_DISH: Final = 60
ON_HAND: Final = 40
"""So many batches have something left, whatever the size of the house."""
_STEP: Final = 1000
"""Between the ids of one copy and the next."""

_NUMBERS: Final = (
    "WITH RECURSIVE copies (n) AS (SELECT :first UNION ALL SELECT n + 1 FROM copies"
    " WHERE n < :last) "
)
_GRAMS: Final = "(0.8 + (n * 37 % 40) / 100.0)"
"""Each copy is a little larger or smaller than the dish that it is a copy of."""


def grow(session: Session, dishes: int) -> None:
    """Let a seeded demo grow to so many dishes, with three batches a dish and ten foods."""
    connection = session.connection()
    dishes_there = _count(connection, "dish")
    copies = max(0, dishes // dishes_there - 1)
    if copies:
        _copy_shelf(connection, FOODS_A_DISH * dishes)
        _copy_dishes(connection, copies)
        _copy_batches(connection, copies, BATCHES_A_DISH * dishes)
        _eat_up(connection)
    stamps.number_anew(connection)


def _count(connection: Connection, table: str) -> int:
    return int(connection.exec_driver_sql(f"SELECT count(*) FROM {table}").scalar_one())


def _run(connection: Connection, first: int, last: int, *statements: str) -> None:
    for statement in statements:
        values = {"first": first, "last": last, "step": _STEP}
        connection.exec_driver_sql(_NUMBERS + statement, values)


def _copy_shelf(connection: Connection, foods: int) -> None:
    foods_there = _count(connection, "food")
    own = f"food.id <= {foods_there}"
    _run(
        connection,
        1,
        max(1, foods // foods_there),
        "INSERT INTO food (id, name, facts, typical, kind, version, created_at)"
        " SELECT id + n * :step, name || ' ' || n, '{}', typical, kind, 1, created_at"
        f" FROM food, copies WHERE {own}",
        "INSERT INTO label (id, food_id, version, created_at)"
        " SELECT label.id + n * :step, food_id + n * :step, 1, label.created_at"
        f" FROM label, copies WHERE food_id <= {foods_there}",
        "INSERT INTO label_revision (label_id, number, panel, package, created_at)"
        " SELECT label_id + n * :step, 1, json_set(panel, '$.name',"
        " json_extract(panel, '$.name') || ' ' || n), package, created_at"
        f" FROM label_revision, copies WHERE number = 1 AND label_id <= {_STEP}",
        "INSERT INTO food_search (rowid, name, aliases, packages)"
        " SELECT food.id + n * :step, food.name || ' ' || n, '', ''"
        f" FROM food, copies WHERE {own}",
    )


def _copy_dishes(connection: Connection, copies: int) -> None:
    _run(
        connection,
        1,
        copies,
        "INSERT INTO dish (id, name, original_name, source_note, serving_g, kcal, protein_g,"
        " carbohydrate_g, fat_g, original_from, reference, version, created_at)"
        " SELECT id + n * :step, name || ' ' || n, original_name, source_note, serving_g, kcal,"
        " protein_g, carbohydrate_g, fat_g, original_from, reference, version,"
        " datetime(created_at, '-' || n || ' days') FROM dish, copies WHERE id < :step",
        "INSERT INTO trial (id, dish_id, letter, intent, portions, terms, is_original,"
        " copied_from, steps, steps_version, version, created_at)"
        " SELECT id + n * :step, dish_id + n * :step, letter, intent, portions, terms,"
        " is_original, copied_from + n * :step, steps, steps_version, version, created_at"
        " FROM trial, copies WHERE id < :step",
        "INSERT INTO component (id, trial_id, position, name)"
        " SELECT id + n * :step, trial_id + n * :step, position, name"
        " FROM component, copies WHERE id < :step",
        "INSERT INTO line (trial_id, component_id, position, key, label_id, of_component,"
        " target_g, count, how, terms)"
        " SELECT trial_id + n * :step, component_id + n * :step, position, key, label_id,"
        f" of_component, round(target_g * {_GRAMS}, 1), count, how, terms"
        " FROM line, copies WHERE component_id < :step",
    )


def _copy_batches(connection: Connection, copies: int, batches: int) -> None:
    """The dishes that were made are made again and again; the first of them most often."""
    closed = [
        int(key)
        for (key,) in connection.exec_driver_sql(
            "SELECT id FROM batch WHERE closed_at IS NOT NULL ORDER BY id"
        )
    ]
    most_id = 1 + max(_count(connection, "batch"), _count(connection, "batch_line"))
    assert most_id < _STEP
    each = max(1, (batches - MOST_BATCHES_OF_A_DISH) // (copies * len(closed)))
    count = 0
    for batch in closed:
        for again in range(each):
            _again(connection, batch, count + 1, count + copies, f"n - {count}", again)
            count += copies
    extra = MOST_BATCHES_OF_A_DISH - 1
    _again(connection, closed[0], count + 1, count + extra, "0", 0)


def _again(
    connection: Connection, batch: int, first: int, last: int, dish: str, again: int
) -> None:
    """Copies of one batch: `n` numbers the copy, `dish` the copy of the dish that it is of."""
    later = f"'-' || (({dish}) * 3 + {again}) || ' days'"
    own = f"batch_id = {batch}"
    _run(
        connection,
        first,
        last,
        "INSERT INTO batch (id, trial_id, portions, hands_free, free, nudge, original, steps,"
        " dividing, finishes, version, started_at, closed_at)"
        f" SELECT id + n * :step, trial_id + ({dish}) * :step, portions, hands_free, free, nudge,"
        " original, steps, dividing, finishes, version,"
        f" strftime('%Y-%m-%d %H:%M:%f000', started_at, {later}),"
        f" strftime('%Y-%m-%d %H:%M:%f000', closed_at, {later})"
        f" FROM batch, copies WHERE id = {batch}",
        "INSERT INTO batch_line (id, batch_id, position, component, revision_id, of_component,"
        " target_g, count, key, planned, bowl, way, scale, poured_with, until)"
        " SELECT id + n * :step, batch_id + n * :step, position, component, revision_id,"
        f" of_component, round(target_g * {_GRAMS}, 1), count, key, planned, bowl, way, scale,"
        f" poured_with + n * :step, until FROM batch_line, copies WHERE {own}",
        "INSERT INTO weighing (id, batch_id, kind, line, piece, gross_g, tare_g, tare_record,"
        " net_g, low_g, high_g, mode, division_g, stable, origin, undoes, scale, way, bowl,"
        " count, seen, label_id, revision_id, factor, scope, note, at)"
        " SELECT id || '-' || n, batch_id + n * :step, kind, line + n * :step, piece, gross_g,"
        f" tare_g, tare_record || '-' || n, net_g * {_GRAMS}, low_g * {_GRAMS},"
        f" high_g * {_GRAMS}, mode, division_g, stable, origin, undoes || '-' || n, scale, way,"
        " bowl, count, seen, label_id, revision_id, factor, scope, note,"
        f" strftime('%Y-%m-%d %H:%M:%f000', at, {later})"
        f" FROM weighing, copies WHERE {own} ORDER BY n, sequence",
        "INSERT INTO cook_record (id, batch_id, deed, step, minutes, temperature_c, held_s,"
        " oven_c, note, undoes, at)"
        " SELECT id || '-' || n, batch_id + n * :step, deed, step, minutes, temperature_c,"
        " held_s, oven_c, note, undoes || '-' || n,"
        f" strftime('%Y-%m-%d %H:%M:%f000', at, {later})"
        f" FROM cook_record, copies WHERE {own} ORDER BY n, sequence",
        'INSERT INTO stock_record (id, batch_id, move, amount, part, place, "to", note, undoes,'
        " at) SELECT id || '-' || n, batch_id + n * :step, move, amount, part, place, \"to\","
        f" note, undoes || '-' || n, strftime('%Y-%m-%d %H:%M:%f000', at, {later})"
        f" FROM stock_record, copies WHERE {own} ORDER BY n, sequence",
    )


def _eat_up(connection: Connection) -> None:
    """What is left of all but the newest batches is eaten: fridge and freezer are emptied."""
    for place in ("fridge", "freezer"):
        connection.exec_driver_sql(
            "INSERT INTO stock_record (id, batch_id, move, amount, part, place, note, at)"
            f" SELECT 'rest-{place}-' || batch_id, batch_id, 'eaten', sum(CASE"
            f" WHEN move = 'put' AND place = '{place}' THEN amount"
            f" WHEN move = 'moved' AND \"to\" = '{place}' THEN amount"
            f" WHEN place = '{place}' THEN -amount ELSE 0 END) AS rest, '', '{place}', '',"
            " max(at) FROM stock_record WHERE part = '' AND batch_id NOT IN"
            " (SELECT id FROM batch ORDER BY started_at DESC LIMIT ?) GROUP BY batch_id"
            " HAVING rest > 0",
            (ON_HAND,),
        )
