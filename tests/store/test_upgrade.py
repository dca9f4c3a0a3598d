"""Older kitchens: upgraded whole or left whole, with a copy kept, whatever happens meanwhile."""

import contextlib
import json
import os
import random
import shutil
import signal
import sqlite3
import threading
import time

import pytest
from alembic import command
from alembic.config import Config
from sqlalchemy import create_engine, event
from sqlalchemy.exc import IntegrityError
from sqlmodel import SQLModel

from gasket.kitchen.overview import dishes
from gasket.store import stamps, upgrade
from gasket.store.opening import look_at, open_database
from tests.conftest import START

OLDER = upgrade.revisions()[:-1]


def config_on(connection):
    config = Config()
    config.set_main_option("script_location", str(upgrade.MIGRATIONS))
    config.attributes["connection"] = connection
    return config


def contents(path):
    """Every row of every table of ours, by column."""
    with contextlib.closing(sqlite3.connect(path)) as connection:
        connection.row_factory = sqlite3.Row
        query = "SELECT name FROM sqlite_master WHERE type = 'table'"
        names = [row[0] for row in connection.execute(query)]
        return {
            name: [dict(row) for row in connection.execute(f'SELECT * FROM "{name}" ORDER BY 1')]
            for name in names
            if name in SQLModel.metadata.tables
        }


@pytest.fixture(scope="session")
def full(first_day, tmp_path_factory):
    """The demo kitchen with at least one row in every table."""
    path = tmp_path_factory.mktemp("full") / "full.sqlite3"
    shutil.copy(first_day["demo"], path)
    at = "2026-01-05 18:00:00.000000"
    with contextlib.closing(sqlite3.connect(path)) as connection:
        for statement in (
            f"INSERT INTO rejected_swap VALUES (1, 1, 'yeast', 'tasted worse', '{at}')",
            f"INSERT INTO own_swap VALUES (1, '{{}}', '{at}')",
            f"INSERT INTO pending_line VALUES (1, 1, '2 xyzzy', '{at}')",
            f"INSERT INTO sent VALUES ('key-0001', 'POST /api/dishes', 201, x'00', '{at}')",
            f"INSERT INTO mended VALUES (1, 1, '{{}}', '{at}')",
            "INSERT OR REPLACE INTO kept_dish VALUES (1, 1, 'house', 'rules', '{}')",
            "INSERT OR REPLACE INTO kept_batch VALUES (1, 1, 'house', 'rules', '{}', 0, NULL)",
            "INSERT OR REPLACE INTO kept_trial VALUES (1, 1, 'house', 'rules', '{}')",
            "INSERT INTO fullness_record SELECT 1, 'felt-one', id, 1, 'mark', '6', at FROM tasting"
            " LIMIT 1",
            f"INSERT INTO rejected_proposal VALUES (1, 1, 'dry/fat/oil', 'Oil', '{at}')",
        ):
            connection.execute(statement)
        connection.commit()
    assert [table for table, rows in contents(path).items() if not rows] == []
    return path


@pytest.fixture(scope="session")
def older(full, tmp_path_factory):
    """The full kitchen as it was with each earlier schema."""
    folder = tmp_path_factory.mktemp("older")
    made = {}
    for revision in OLDER:
        made[revision] = folder / f"{revision}.sqlite3"
        shutil.copy(full, made[revision])
        with upgrade.migrating(made[revision]) as connection:
            stamps.drop_triggers(connection)
            command.downgrade(config_on(connection), revision)
    return made


MOVED = {"dough": "roll", "batter": "pancake", "burger": "sandwich", "custard": "pot"}


def assert_same(before, path):
    """What was there before is there, in the columns that it had; tables may be new. A dish of a
    family that is several now is of one of them, and the cook is asked."""
    after = contents(path)
    for table, rows in before.items():
        kept = [{name: row[name] for name in rows[0]} for row in after[table]] if rows else []
        if table == "trial" and rows and "terms" in rows[0]:
            for was, is_now in zip(rows, kept, strict=True):
                terms, newer = json.loads(was["terms"]), json.loads(is_now.pop("terms"))
                family = terms.get("family")
                if family in MOVED:
                    terms |= {"family": MOVED[family], "confirm_family": True}
                assert newer == terms
            rows = [{name: row[name] for name in row if name != "terms"} for row in rows]
        assert kept == rows, table


@pytest.mark.parametrize("revision", OLDER)
def test_every_older_kitchen_opens_with_all_it_held_and_a_copy_is_kept(older, tmp_path, revision):
    path = tmp_path / "kitchen.sqlite3"
    shutil.copy(older[revision], path)
    before = contents(path)
    database = open_database(path)
    with database.reading() as session:
        assert len(dishes.kitchen(session, START).dishes) == 5
    database.close()
    assert_same(before, path)
    copy = next(tmp_path.glob(f"kitchen.sqlite3.schema-{revision}.*"))
    assert contents(copy) == before
    assert look_at(path).is_current
    assert not look_at(copy).is_current


@pytest.mark.parametrize("revision", OLDER[:-7])  # 0007 to 0013 rebuild no table
def test_a_kitchen_that_an_earlier_gasket_left_half_upgraded_opens(older, tmp_path, revision):
    """It upgraded statement by statement, with foreign keys on, and stopped at the first table
    that others point at."""
    path = tmp_path / "kitchen.sqlite3"
    shutil.copy(older[revision], path)
    before = contents(path)
    engine = create_engine(f"sqlite:///{path}")

    @event.listens_for(engine, "connect")
    def _keys_on(connection, _record):
        connection.execute("PRAGMA foreign_keys=ON")

    with pytest.raises(IntegrityError), engine.begin() as connection:
        command.upgrade(config_on(connection), "head")
    engine.dispose()
    assert look_at(path).revision == revision
    open_database(path).close()
    assert_same(before, path)


def test_a_new_kitchen_and_an_upgraded_one_are_the_same(older, full, tmp_path):
    def shape(path):
        with contextlib.closing(sqlite3.connect(path)) as connection:
            tables = [name for (name,) in connection.execute("SELECT name FROM sqlite_master")]
            return {
                name: sorted(row[1:4] for row in connection.execute(f"PRAGMA table_info('{name}')"))
                for name in sorted(tables)
                if "autoindex" not in name
            }

    shutil.copy(older["0001"], tmp_path / "old.sqlite3")
    open_database(tmp_path / "old.sqlite3").close()
    assert shape(tmp_path / "old.sqlite3") == shape(full)


def test_an_upgrade_killed_at_random_moments_loses_nothing(older, tmp_path, deaths):
    dice, path = random.Random(11), tmp_path / "kitchen.sqlite3"
    shutil.copy(older["0001"], path)
    before, killed = contents(path), 0
    for _ in range(25):
        pid, _ = deaths.server(path)
        time.sleep(dice.uniform(0, 0.3))
        os.kill(pid, signal.SIGKILL)
        standing = look_at(path)
        if standing.is_current:
            assert_same(before, path)
            shutil.copy(older["0001"], path)
            for beside in ("-wal", "-shm"):
                path.with_name(path.name + beside).unlink(missing_ok=True)
        else:
            killed += 1
            assert (standing.revision, contents(path)) == ("0001", before)
    assert killed > 3, "the machine is so quick that nothing was killed in time"
    open_database(path).close()
    assert_same(before, path)
    for copy in tmp_path.glob("*.schema-0001.*"):
        assert contents(copy) == before, "a copy that has its name is whole"


def test_two_that_open_an_older_kitchen_at_once_upgrade_it_once(older, tmp_path):
    path = tmp_path / "kitchen.sqlite3"
    shutil.copy(older["0004"], path)
    before, opened = contents(path), []
    threads = [threading.Thread(target=lambda: opened.append(open_database(path))) for _ in "ab"]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    for database in opened:
        database.close()
    assert len(opened) == 2
    assert len(list(tmp_path.glob("*.schema-0004.*"))) == 1
    assert_same(before, path)


def test_a_build_that_was_stored_twice_is_one_again(older, tmp_path):
    """Two saves of one moment did that before every write was one transaction."""
    path = tmp_path / "kitchen.sqlite3"
    shutil.copy(older["0005"], path)
    with contextlib.closing(sqlite3.connect(path)) as connection:
        pairs = connection.execute("SELECT id, position, name FROM component WHERE trial_id = 1")
        for component, position, name in pairs.fetchall():
            query = "INSERT INTO component (trial_id, position, name) VALUES (1, ?, ?)"
            double = connection.execute(query, (position, name)).lastrowid
            connection.execute(
                "INSERT INTO line (component_id, position, key, label_id, of_component, target_g,"
                " count, how, terms) SELECT ?, position, key, label_id, of_component, target_g,"
                " count, how, terms FROM line WHERE component_id = ?",
                (double, component),
            )
        connection.commit()
    before = contents(older["0005"])
    open_database(path).close()
    assert_same(before, path)
