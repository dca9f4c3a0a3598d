"""The reference shelf: generic foods with typical values, from memory. A start, never a label.

It ships as shelf files, one a group of foods and one row a food, each for 100 g; it comes in as any
other, so that a cook can read and replace every row. Rows of foods that the shelf already knows by
a name or another are left alone.
"""

import csv
import io
import tempfile
from collections.abc import Iterator
from datetime import datetime
from pathlib import Path
from typing import Final, Literal, get_args

from gasket.core.label.food import MOST_MEASURES, FoodFacts
from gasket.core.numbers import Answer
from gasket.formats.shelf_csv import COLUMNS, Table, parse_row
from gasket.kitchen import settings as house_settings
from gasket.kitchen.settings import HouseSettings
from gasket.kitchen.shelf import shelf, shelf_rows, shelf_staging
from gasket.kitchen.shelf.shelf_rows import ImportPlan
from gasket.store.books import Session, settings
from gasket.store.books.shelf import FOODS, Food, add_version, packages_of
from gasket.store.database import Database

FOLDER: Final = Path(__file__).resolve().parents[2] / "data" / "foods"
Place = Literal["us", "uk"]
_KEY: Final = "reference_shelf"
_LIST: Final = 2
"""Raised when the list changes: kitchens get what is new when they are next opened."""


class StockedFoods(Answer):
    """How many foods were put on the shelf."""

    foods: int


def sheet(place: Place) -> str:
    """Every generic food as one shelf file, called as people there do."""
    text = io.StringIO()
    writer = csv.DictWriter(text, COLUMNS)
    writer.writeheader()
    for row in _rows():
        name, others = _names_in(place, row)
        aliases = "; ".join(filter(None, [row.get("aliases", ""), *others]))
        known = {column: row[column] for column in COLUMNS if column in row}
        package = f"{name} (generic)"
        basis = {"package": package, "style": "table", "basis_g": 100}
        writer.writerow({**known, **basis, "food": name, "aliases": aliases})
    return text.getvalue()


def _rows() -> Iterator[dict[str, str]]:
    for file in sorted(FOLDER.glob("*.csv")):
        with file.open(encoding="utf-8", newline="") as rows:
            yield from csv.DictReader(rows)


def _names_in(place: Place, row: dict[str, str]) -> tuple[str, list[str]]:
    """What a food is called there, and what else it is called elsewhere."""
    said = {"us": row.get("us") or row["food"], "uk": row.get("uk") or row["food"]}
    name = said[place]
    return name, [other for other in dict.fromkeys(said.values()) if other != name]


def call_as_in(session: Session, place: Place, now: datetime) -> None:
    """Call the generic foods as people there do, where the cook has given them no name; a name that
    another food has is left to it."""
    named = [_names_in(place, row) for row in _rows()]
    renamed = {other: name for name, others in named for other in others}
    taken = {food.name.casefold() for food in FOODS.there(session)}
    called = []
    for food in FOODS.called(session, renamed):
        name = renamed[food.name]
        if not food.typical or food.removed_at is not None or name.casefold() in taken:
            continue
        kept = [alias for alias in food.facts.aliases if alias.casefold() != name.casefold()]
        facts = food.facts.model_copy(update={"aliases": (*kept, food.name)[-MOST_MEASURES:]})
        called.append(shelf.change_facts(session, food, facts, name))
        for package in packages_of(session, [food.id]):
            printed = package.printed
            if printed.label.name == f"{food.name} (generic)":
                label = printed.label.model_copy(update={"name": f"{name} (generic)"})
                add_version(session, package.head.id, label, printed.package, now)
    shelf.reindex(session, called)


def stock(database: Database, now: datetime, *, again: bool = True) -> StockedFoods:
    """Put every generic food that is not there yet on the shelf; `again` also those that the cook
    has removed."""
    with tempfile.TemporaryDirectory(prefix="gasket-reference-") as folder:
        staged = Path(folder) / "staged.sqlite3"
        while True:
            with database.reading() as session:
                missing = _missing(session, FOODS.there(session) if again else FOODS.all(session))
            shelf_staging.stage(missing, (), staged)
            if shelf_staging.put_in(database, staged, now):
                break
            staged.unlink()
    with database.writing() as session:
        settings.write(session, _KEY, _LIST)
    return StockedFoods(foods=len(missing.work))


def write_settings(session: Session, new: HouseSettings, now: datetime) -> HouseSettings:
    """Store the settings; a kitchen that moves calls the generic foods otherwise. Raises `Conflict`
    when they were changed meanwhile."""
    before = place_of(session)
    stored = house_settings.write(session, new)
    if (place := place_of(session)) != before:
        call_as_in(session, place, now)
    return stored


def place_of(session: Session) -> Place:
    """Whose words the kitchen uses: by the panels that it prints."""
    return "us" if house_settings.read(session).label_style == "us" else "uk"


def _missing(session: Session, known: list[Food]) -> ImportPlan:
    """The plan of the foods that none of those known is called like."""
    planned = shelf_rows.plan(session, Table(sheet(place_of(session))), lambda _: None)
    named = _names(known)
    planned.work = [
        (fate, row)
        for fate, row in planned.work
        if fate.fate == "new food" and not named & {row.food.casefold(), *_folded(row.facts)}
    ]
    return planned


def _names(foods: list[Food]) -> set[str]:
    """Every name and other name of them."""
    return {name for food in foods for name in (food.name.casefold(), *_folded(food.facts))}


def _folded(facts: FoodFacts) -> set[str]:
    return {alias.casefold() for alias in facts.aliases}


def stock_once(database: Database, now: datetime) -> None:
    """Stock a kitchen that has never been stocked, or was with an earlier list; what the cook
    removed stays removed, and what the cook has changed stays as it is."""
    with database.reading() as session:
        stocked = settings.read(session, _KEY)
    if stocked == _LIST:
        return
    if stocked is not None:
        with database.writing() as session:
            _say_anew(session)
            call_as_in(session, place_of(session), now)
    stock(database, now, again=False)


def _say_anew(session: Session) -> None:
    """What is known of the foods of an earlier list, as the present one says it: a name that chose
    where it should ask is theirs no more."""
    facts = {}
    for place in get_args(Place):  # an earlier list had one name for both
        table = Table(sheet(place))
        rows = (parse_row(cells, table.numbers) for _, cells in table.records())
        facts.update({row.food: row.facts for row in rows})
    untouched = [
        food
        for food in FOODS.called(session, facts)
        if food.typical and food.version == 1 and food.removed_at is None
    ]
    said = [shelf.change_facts(session, food, facts[food.name]) for food in untouched]
    shelf.reindex(session, said)
