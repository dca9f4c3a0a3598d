"""The shelf in use: finding foods, versions and what they move, comparing, files in and out."""

import threading
import time

import pytest

from gasket.core.errors import FaultyInput, Refused, Unknown
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.formats.shelf_csv import dump_shelf
from gasket.kitchen.house import House
from gasket.kitchen.overview import comparing, versions
from gasket.kitchen.shelf import (
    food_search,
    quick_entry,
    shelf,
    shelf_files,
)
from gasket.kitchen.shelf.quick_entry import MeasureAnswer
from gasket.kitchen.shelf.shelf import FoodEdit, LabelEdit, NewFood, NewLabel
from gasket.kitchen.weigh import weigh
from gasket.store import search
from gasket.store.books import shelf_import
from gasket.store.opening import open_database
from tests.batches import FLAT
from tests.conftest import START
from tests.waiting import until


def label(name="", **changes):
    return Label.model_validate({**FLAT, "name": name, **changes})


def add(session, name, package="", aliases=(), **changes):
    facts = FoodFacts(aliases=tuple(aliases))
    new = NewFood(name=name, facts=facts, label=label(package or name, **changes))
    return shelf.add_food(session, new, START)


@pytest.fixture
def session(house):
    with house.database.writing() as session:
        yield session


@pytest.fixture
def stocked(stocked_house):
    with stocked_house.database.writing() as session:
        yield session


def first_food(session, words):
    return food_search.foods(session, words, 1)[0][0]


# Finding


@pytest.mark.parametrize(
    ("words", "first", "how"),
    [
        ("courgette", "Courgette", "words"),
        ("zucchini", "Courgette", "words"),
        ("icing sugar", "Icing sugar", "words"),
        ("powdered sugar", "Icing sugar", "words"),
        ("confectioners sugar", "Icing sugar", "words"),
        ("northlight quark", "Quark", "words"),
        ("cott chee", "Cottage cheese", "words"),
        ("lemons", "Lemon", "words"),
        ("tomatoes", "Tomato", "words"),
        ("puree", "Pumpkin purée, canned", "words"),
        ("parmesn", "Parmesan, grated", "spelling"),
        ("mozarella", "Mozzarella, part-skim, shredded", "spelling"),
        ("cinamon", "Cinnamon", "spelling"),
        ("fresh baby spinach leaves", "Spinach, raw", "some words"),
        ("egg", "Egg", "words"),
    ],
)
def test_a_food_is_found_by_what_a_cook_types(stocked, words, first, how):
    found = food_search.page(stocked, words, 5)
    assert found.how == how
    assert first in [food.name for food in found.foods[:3]]


def test_lately_used_foods_come_first_and_removed_ones_not_at_all(stocked):
    listed = food_search.page(stocked)
    assert listed.total > 150
    recent = [food.recent for food in listed.foods]
    assert recent == sorted(recent, reverse=True)
    assert 30 < sum(recent) < listed.total
    carrot = food_search.page(stocked, "carrot").foods[0]
    shelf.remove_food(stocked, carrot.id, True, START)
    assert food_search.page(stocked, "carrot").total == 0
    assert food_search.page(stocked).total == listed.total - 1
    shelf.remove_food(stocked, carrot.id, False, START)
    assert food_search.page(stocked, "carrot").foods[0].id == carrot.id


@pytest.mark.parametrize("words", ['"', "a OR b", "NEAR(", "x* - y", "🥕", "a" * 200, "%_\\"])
def test_no_search_breaks_the_index(stocked, words):
    assert food_search.page(stocked, words).total >= 0


def test_ten_thousand_foods_are_searched_while_typing(session):
    made = [
        search.FoodNames(i, f"food {i} {'abcdefgh'[i % 8]}{i}berry", (), (f"pack {i % 97}",))
        for i in range(1, 10_001)
    ]
    session.execute(
        search.text(
            "INSERT INTO food (id, name, facts, typical, version, created_at)"
            " VALUES (:id, :name, '{}', 0, 1, '2026-01-05 18:00:00')"
        ),
        [{"id": one.food_id, "name": one.name} for one in made],
    )
    search.index(session, made)
    for words in ("food", "c1234berry", "c1234bery", "pack 42 food"):
        began = time.process_time()
        assert search.find(session, words, 20).total
        assert time.process_time() - began < 0.5, "far more than the 50 ms of a quiet machine"


def test_aliases_are_found_as_soon_as_they_are_told(session):
    food = add(session, "Swede")
    assert food_search.page(session, "rutabaga").total == 0
    edit = FoodEdit(version=1, name="Swede", facts=FoodFacts(aliases=("rutabaga",)))
    shelf.edit_food(session, food.id, edit)
    assert food_search.page(session, "rutabaga").foods[0].name == "Swede"


# Own labels and typical values


def test_the_reference_shelf_never_stands_in_for_a_label(stocked):
    banana = first_food(stocked, "banana")
    assert banana.typical
    assert all(label.label.style == "table" for label in banana.labels)
    own = NewLabel(label=label("Market banana", style="eu"))
    after = shelf.add_label(stocked, banana.id, own, START)
    assert not after.typical
    assert [label.label.name for label in after.labels] == ["Market banana", "Banana (generic)"]


# Quick entry on this shelf


def test_a_line_is_worked_out_with_what_the_shelf_knows(stocked):
    answer = quick_entry.quick(stocked, "3 scoops vanilla protein powder")
    assert answer.options[0].food == "Milk-protein blend, vanilla"
    assert answer.options[0].worked.readings[0].grams == pytest.approx(93)


def test_what_was_told_once_is_kept(stocked):
    line = "1 scoop chocolate whey"
    asked = quick_entry.quick(stocked, line).options[0]
    assert asked.worked.readings[0].needs.measure == "scoop"
    quick_entry.tell(
        stocked, asked.food_id, MeasureAnswer(kind="measure", measure="scoop", grams=32)
    )
    told = quick_entry.quick(stocked, line).options[0].worked.readings[0]
    assert told.grams == 32
    assert "weighed by you" in told.how
    quick_entry.tell(stocked, asked.food_id, MeasureAnswer(kind="volume", measure="tbsp", grams=6))
    cup = quick_entry.quick(stocked, "1 cup chocolate whey").options[0].worked.readings[0]
    assert cup.grams == pytest.approx(96, rel=0.001)


@pytest.mark.parametrize(
    ("told", "at"),
    [
        ({"kind": "measure", "measure": "scoop"}, "grams"),
        ({"kind": "volume", "measure": "cup", "grams": 9000}, "grams"),
        ({"kind": "refuse", "measure": "refuse share"}, "share"),
        ({"kind": "drained", "measure": "drained share", "share": 0.0}, "share"),
    ],
)
def test_nonsense_is_not_kept(stocked, told, at):
    with pytest.raises(FaultyInput) as refused:
        quick_entry.tell(stocked, 1, MeasureAnswer(**told))
    assert refused.value.faults[0].path == at


def test_a_pasted_list_keeps_what_it_cannot_match(stocked):
    pasted = ("For the loaf:", "2 medium carrots", "2 eggs", "1 scoop chocolate whey", "")
    text = "\n".join([*pasted, "2 tbsp wattleseed", "1/0 g x"])
    lines = quick_entry.read_list(stocked, text)
    assert [line.status for line in lines] == [
        *("heading", "clear", "question", "needs", "unmatched", "faulty"),
    ]
    assert lines[0].says == "Loaf"
    kept = quick_entry.keep_for_later(stocked, 1, lines[4].text, START)
    assert [one.text for one in kept] == ["2 tbsp wattleseed"]
    assert quick_entry.drop_pending(stocked, 1, kept[0].id) == []
    assert quick_entry.drop_pending(stocked, 1, kept[0].id) == []


# Versions


def test_versions_say_what_changed_and_what_they_would_move(stocked):
    quark = first_food(stocked, "quark").labels[0]
    changed = quark.label.model_copy(update={"protein_g": 11.0, "kcal": 63.0})
    would = versions.moved(stocked, quark.id, changed)
    loaf = [one for one in would if (one.dish, one.letter) == ("Carrot loaf", "A")]
    assert [one.batch_id for one in loaf] == [None, 1]
    assert [one.letter for one in would if one.dish == "Carrot loaf"] == [*"ABCD", *"ABCD"]
    assert {one.dish for one in would} > {"Carrot loaf"}
    assert all(one.kcal_after < one.kcal_before for one in would)
    edit = LabelEdit(version=1, label=changed, package=quark.package)
    shelf.edit_label(stocked, quark.id, edit, START)
    newest, first = versions.revisions(stocked, quark.id)
    assert {change.field: change.after for change in newest.changes} == {
        "protein_g": "11",
        "kcal": "63",
    }
    assert first.changes == ()
    left = versions.moved(stocked, quark.id, None)
    assert [one.batch_id for one in left] == [1, 4, 5, 6]
    assert left[0].kcal_before == loaf[1].kcal_before
    assert weigh.sheet(stocked, 1).serving.kcal.value == loaf[1].kcal_before


def test_a_label_that_nothing_uses_moves_nothing(stocked):
    oats = first_food(stocked, "millrace rolled oats").labels[0]
    assert versions.moved(stocked, oats.id, oats.label.model_copy(update={"kcal": 1.0})) == []


# Comparing


def test_packages_compare_inside_a_trial(stocked):
    quarks = [label.id for label in first_food(stocked, "quark").labels]
    found = comparing.comparison(stocked, quarks, 1)
    now, other = (label.in_trial for label in found.labels)
    assert now.uses_it
    assert now.difference["kcal"] == pytest.approx(0)
    assert other.difference["kcal"] == pytest.approx((250 + 220) * (104 - 67) / 100 / 8)
    assert other.difference["protein_g"] < 0
    assert other.cost_difference == pytest.approx(470 / 8 * (1.29 / 250 - 1.79 / 500))


def test_comparing_needs_two_to_five_packages_that_are_there(stocked):
    for ids in ([1], [1, 1], [1, 2, 3, 4, 5, 6]):
        with pytest.raises(FaultyInput, match="Choose 2 to 5"):
            comparing.comparison(stocked, ids, None)
    with pytest.raises(Unknown):
        comparing.comparison(stocked, [1, 2**70], None)
    elsewhere = comparing.comparison(stocked, [20, 21], 1)
    assert "uses none" in elsewhere.trial_says


# Files


def wait(imports, key, *stages):
    return until(lambda: imports.state(key), lambda state: state.stage in stages)


def bring(house, text, leave_out=False):
    content = text if isinstance(text, bytes) else text.encode()
    key = house.imports.start("shelf.csv", content).id
    ready = wait(house.imports, key, "ready", "failed")
    if ready.stage == "ready":
        house.imports.commit(key, leave_out)
    return ready, wait(house.imports, key, "done", "failed", "ready")


def exported(session):
    return "".join(dump_shelf(shelf_files.export(session)))


def test_a_whole_shelf_goes_out_and_into_an_empty_kitchen_unchanged(stocked_house, tmp_path):
    text = stocked_house.read(exported)
    other = House(open_database(tmp_path / "other.sqlite3"), now=stocked_house.now)
    ready, done = bring(other, text)
    assert (ready.counts, done.stage) == ({"new food": ready.total - 6, "new label": 6}, "done")
    with other.database.reading() as session:
        assert exported(session) == text
        assert food_search.page(session, "zucchini").foods[0].name == "Courgette"
    again, _ = bring(other, text)
    assert again.counts == {"unchanged": again.total}
    other.close()


FILE = """food,package,style,basis_g,kcal,protein_g,measures
Quark,Northlight skim quark,eu,100,63,11,
Quark,Fell quark,eu,100,70,12,
Skyr,Tarn skyr,eu,100,62,11,cup = 230
Skyr,Tarn skyr,eu,100,62,11,
Oops,,eu,,62,11,
,Nameless,eu,100,62,11,
"""


def test_every_row_of_a_file_has_its_fate_before_anything_is_written(stocked_house):
    house = stocked_house
    before = house.read(exported)
    key = house.imports.start("shelf.csv", FILE.encode()).id
    ready = wait(house.imports, key, "ready")
    fates = [row.fate for row in house.imports.rows(key, None, 50, 0).rows]
    assert fates == ["new version", "new label", "new label", "refused", "refused", "refused"]
    assert ready.counts["refused"] == 3
    refused = house.imports.rows(key, "refused", 50, 0)
    assert [(row.line, row.faults[0].path) for row in refused.rows] == [
        (5, "package"),
        (6, "basis_g"),
        (7, "food"),
    ]
    assert house.read(exported) == before
    with pytest.raises(Refused, match="mend them"):
        house.imports.commit(key, leave_out_refused=False)
    house.imports.commit(key, leave_out_refused=True)
    wait(house.imports, key, "done")
    quark = house.read(lambda session: first_food(session, "quark"))
    northlight = next(
        label for label in quark.labels if label.label.name == "Northlight skim quark"
    )
    assert (northlight.revisions, northlight.label.kcal) == (2, 63)
    assert northlight.label.fat_g == 0, "a column that the file lacks stays as it was"
    assert northlight.package.price == 1.79
    loaf = house.read(lambda session: weigh.sheet(session, 1))
    assert loaf.serving.kcal.value == pytest.approx(262, abs=8)


def test_a_shelf_that_changed_since_the_preview_is_looked_at_again(stocked_house):
    house = stocked_house
    key = house.imports.start("shelf.csv", b"food,style,basis_g\nNew,eu,100\n").id
    wait(house.imports, key, "ready")
    house.write(lambda session: add(session, "New"))
    house.imports.commit(key, leave_out_refused=False)
    again = wait(house.imports, key, "ready", "done")
    assert (again.stage, again.counts) == ("ready", {"new version": 1})
    assert "changed since the preview" in again.says


def test_an_import_that_fails_half_way_leaves_the_shelf_as_it_was(stocked_house, monkeypatch):
    house = stocked_house
    before = house.read(exported)
    rows = "".join(f"Food {i},eu,100\n" for i in range(1200))
    key = house.imports.start("shelf.csv", f"food,style,basis_g\n{rows}".encode()).id
    wait(house.imports, key, "ready")
    broken = (*shelf_import._FOODS_AND_LABELS, "INSERT INTO food_search (nothing) VALUES (1)")
    monkeypatch.setattr(shelf_import, "_FOODS_AND_LABELS", broken)
    house.imports.commit(key, leave_out_refused=False)
    failed = wait(house.imports, key, "failed", "done")
    assert failed.stage == "failed"
    assert "Nothing was written" in failed.says
    assert house.read(exported) == before


def test_imports_are_dropped_and_unknown_ones_are_said_to_be(house):
    key = house.imports.start("shelf.csv", b"food,style,basis_g\nA,eu,100\n").id
    wait(house.imports, key, "ready")
    house.imports.forget(key)
    with pytest.raises(Unknown):
        house.imports.state(key)


@pytest.mark.parametrize("read", [0, 1, 3000])
def test_an_import_that_is_dropped_while_it_is_read_ends_quietly(house, capfd, read):
    rows = "".join(f"Food {i},eu,100\n" for i in range(12_000))
    key = house.imports.start("shelf.csv", f"food,style,basis_g\n{rows}".encode()).id
    until(lambda: house.imports.state(key), lambda state: state.done >= read)
    house.imports.forget(key)
    for thread in threading.enumerate():
        if "guarded" in thread.name:
            thread.join(timeout=20)
            assert not thread.is_alive()
    assert capfd.readouterr().err == ""


def test_package_facts_are_kept_with_their_revision(session):
    food = add(session, "Skyr")
    first = food.labels[0]
    package = Package(pack_g=450.0, price=2.2, allergens=("milk",), flags=("raw_egg",))
    edit = LabelEdit(version=1, label=first.label, package=package)
    after = shelf.edit_label(session, first.id, edit, START).labels[0]
    assert (after.package, after.revisions) == (package, 2)
    assert versions.revisions(session, first.id)[0].changes[0].field == "pack_g"
