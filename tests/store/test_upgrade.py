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
from sqlmodel import SQLModel

from gasket.kitchen.overview import dishes
from gasket.store.migrations.unreleased import OLDER
from gasket.store.opening import look_at, open_database
from tests.conftest import START
from tests.store.older_kitchens import older_kitchen

HALF_MADE = ("0001-half", "0003-half")


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
def older(tmp_path_factory):
    folder = tmp_path_factory.mktemp("older")
    names = (*OLDER, *HALF_MADE)
    return {name: older_kitchen(name, folder / f"{name}.sqlite3") for name in names}


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


@pytest.mark.parametrize("name", HALF_MADE)
def test_a_kitchen_that_an_earlier_gasket_left_half_upgraded_opens(older, tmp_path, name):
    """It upgraded statement by statement, with foreign keys on, and stopped at the first table
    that others point at."""
    path = tmp_path / "kitchen.sqlite3"
    shutil.copy(older[name], path)
    assert look_at(path).revision == name[:4]
    open_database(path).close()
    assert_same(contents(older[name[:4]]), path)


def test_a_new_kitchen_and_an_upgraded_one_are_the_same(older, first_day, tmp_path):
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
    assert shape(tmp_path / "old.sqlite3") == shape(first_day["empty"])


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
