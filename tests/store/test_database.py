"""The database: pragmas, migrations both ways, and one contract for every write."""

import pytest
from alembic import command
from alembic.autogenerate import compare_metadata
from alembic.config import Config
from alembic.migration import MigrationContext
from sqlalchemy import inspect, text
from sqlmodel import SQLModel, func, select

from gasket.core.errors import GasketError
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.rebuild.trial import Build
from gasket.core.reckoning.dividing import Dividing
from gasket.core.weighing.captures import capture_of
from gasket.demo.kitchen import seed
from gasket.formats.batch_json import to_batch
from gasket.kitchen.card import files
from gasket.kitchen.overview import dishes
from gasket.kitchen.overview.dishes import NewDish, OriginalEdit
from gasket.kitchen.rebuild import build
from gasket.kitchen.rebuild.build import BuildEdit
from gasket.kitchen.shelf import food_search, quick_entry, shelf
from gasket.kitchen.shelf.quick_entry import MeasureAnswer
from gasket.kitchen.shelf.shelf import FoodEdit, LabelEdit, NewFood, NewLabel
from gasket.kitchen.weigh import weigh
from gasket.store import stamps
from gasket.store.opening import open_database
from gasket.store.tables import WeighingRow
from gasket.store.upgrade import MIGRATIONS, migrating
from tests.batches import FLAT, batch
from tests.conftest import START
from tests.store.older_kitchens import older_kitchen


def test_readings_are_on_the_disk_before_they_are_acknowledged(house):
    with house.database.engine.connect() as connection:
        pragma = {
            name: connection.execute(text(f"PRAGMA {name}")).scalar()
            for name in ("journal_mode", "synchronous", "foreign_keys")
        }
    assert pragma == {"journal_mode": "wal", "synchronous": 2, "foreign_keys": 1}


def test_a_kitchen_of_the_first_schema_keeps_its_foods_and_can_find_them(tmp_path):
    old = older_kitchen("0001", tmp_path / "old.sqlite3")
    at = "2026-01-05 18:00:00.000000"
    with migrating(old) as connection:
        for statement in (
            f"INSERT INTO food (id, name, created_at) VALUES (907, 'Quark', '{at}')",
            f"INSERT INTO label (id, food_id, version, created_at) VALUES (903, 907, 2, '{at}')",
            "INSERT INTO label_revision (label_id, number, panel, created_at) VALUES (903, 1,"
            f' \'{{"name": "Old tub", "style": "eu", "basis_g": 100, "kcal": 70}}\', \'{at}\')',
            "INSERT INTO label_revision (label_id, number, panel, created_at) VALUES (903, 2,"
            f' \'{{"name": "New tub", "style": "eu", "basis_g": 100, "kcal": 67}}\', \'{at}\')',
        ):
            connection.exec_driver_sql(statement)
    database = open_database(old)
    with database.reading() as session:
        food = shelf.food(session, 907)
        found = food_search.page(session, "new tub").foods[0]
    assert (found.name, [label.label.kcal for label in food.labels]) == ("Quark", [67])
    assert (food.facts, food.version, food.removed) == (FoodFacts(), 1, False)
    database.close()


def _is_ours(name, kind, _parents):
    """The search index is SQLite's own, with tables of its own."""
    return not (kind == "table" and name.startswith("food_search"))


def test_the_migrations_make_exactly_the_tables_and_go_back(tmp_path):
    database = open_database(tmp_path / "a.sqlite3")
    with database.engine.connect() as connection:
        context = MigrationContext.configure(connection, opts={"include_name": _is_ours})
        assert compare_metadata(context, SQLModel.metadata) == []
    config = Config()
    config.set_main_option("script_location", str(MIGRATIONS))
    with migrating(database.path) as connection:
        stamps.drop_triggers(connection)
        config.attributes["connection"] = connection
        command.downgrade(config, "base")
    assert inspect(database.engine).get_table_names() == ["alembic_version"]
    database.close()


def test_opening_a_kitchen_again_finds_it_as_it_was(demo_house):
    before = demo_house.read(lambda session: dishes.kitchen(session, START))
    again = open_database(demo_house.database.path)
    with again.writing() as session:
        seed(session, START)
        assert dishes.kitchen(session, START) == before
    again.close()


LABEL = Label.model_validate({**FLAT, "name": "Tarn skyr"})
SACK = FoodFacts(measures=(Measure(name="sack", grams=5000),))
HAND = {"kind": "line", "net_g": 5, "origin": "hand"}


def capture(session, **fields):
    begun = weigh.begin(session, 1, START)
    one = capture_of(id="capture-1", line=begun.lines[0].id, **HAND, **fields)
    return weigh.record(session, begun.id, one, START)


WRITES = {
    "dish": lambda s: dishes.add(s, NewDish(name="Tiramisu pots"), START),
    "original": lambda s: dishes.edit_original(s, 1, OriginalEdit(version=2, name="x", kcal=1)),
    "build": lambda s: build.save(s, 1, BuildEdit(version=2, build=Build(portions=3)), START),
    "food": lambda s: shelf.add_food(s, NewFood(name="Skyr", label=LABEL), START),
    "label": lambda s: shelf.edit_label(s, 1, LabelEdit(version=1, label=LABEL), START),
    "further label": lambda s: shelf.add_label(s, 1, NewLabel(label=LABEL), START),
    "food's facts": lambda s: shelf.edit_food(s, 1, FoodEdit(version=1, name="Roots", facts=SACK)),
    "food off the shelf": lambda s: shelf.remove_food(s, 1, True, START),
    "label off the shelf": lambda s: shelf.remove_label(s, 1, True, START),
    "told once": lambda s: quick_entry.tell(
        s, 1, MeasureAnswer(kind="volume", measure="cup", grams=110)
    ),
    "kept for later": lambda s: quick_entry.keep_for_later(s, 1, "2 xyzzy", START),
    "weigh-in": lambda s: weigh.begin(s, 1, START),
    "weighing": capture,
    "portions": lambda s: weigh.divide(s, 2, Dividing(pieces=6)),
    "import": lambda s: files.take_in(s, to_batch(batch()), START),
}
REFUSED = {
    "original": lambda s: dishes.edit_original(s, 1, OriginalEdit(version=1, name="x", kcal=1)),
    "build": lambda s: build.save(s, 1, BuildEdit(version=1, build=Build(portions=3)), START),
    "label": lambda s: shelf.edit_label(s, 1, LabelEdit(version=9, label=LABEL), START),
    "weighing": lambda s: weigh.record(s, 1, capture_of(id="capture-1", line=1, **HAND), START),
    "close": lambda s: weigh.close(s, weigh.begin(s, 1, START).id, START),
    "food's facts": lambda s: shelf.edit_food(s, 1, FoodEdit(version=9, name="x")),
    "told nothing": lambda s: quick_entry.tell(s, 1, MeasureAnswer(kind="volume", measure="cup")),
    "unknown dish": lambda s: dishes.sheet(s, 99),
}


def dump(house):
    with house.database.engine.connect() as connection:
        return {
            table: connection.execute(text(f"SELECT * FROM {table}")).all()
            for table in sorted(SQLModel.metadata.tables)
        }


@pytest.mark.parametrize("write", WRITES)
def test_a_write_is_there_for_a_second_connection(demo_house, write):
    before = dump(demo_house)
    demo_house.write(WRITES[write])
    assert dump(demo_house) != before


@pytest.mark.parametrize("write", REFUSED)
def test_a_refused_write_leaves_everything_as_it_was(demo_house, write):
    before = dump(demo_house)
    with pytest.raises(GasketError):
        demo_house.write(REFUSED[write])
    assert dump(demo_house) == before


def test_no_use_case_ever_changes_or_removes_a_weighing(demo_house):
    with demo_house.database.writing() as session:
        taken = session.exec(select(WeighingRow).order_by(WeighingRow.sequence)).all()
        kept = [row.model_dump() for row in taken]
        last = next(one["id"] for one in reversed(kept) if one["batch_id"] == 1)
        undo = capture_of(id="undo-it-all", kind="undo", undoes=last, origin="hand")
        weigh.record(session, 1, undo, START)
        rows = session.exec(select(WeighingRow).order_by(WeighingRow.sequence)).all()
        assert [row.model_dump() for row in rows][:-1] == kept
        assert session.exec(select(func.count()).select_from(WeighingRow)).one() == len(kept) + 1
