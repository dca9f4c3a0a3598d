"""Rows of a shelf file against the shelf: what each would do. Nothing is written here."""

from collections.abc import Callable
from dataclasses import dataclass, field
from typing import Final, Literal

from gasket.core.differences import changes
from gasket.core.errors import Fault, FaultyInput
from gasket.core.label.food import FoodFacts
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Answer
from gasket.formats.shelf_csv import ShelfRow, Table, laid_over, parse_row
from gasket.store.books import Session
from gasket.store.books.shelf import FOODS, fingerprint, packages_there

Fate = Literal["new food", "new label", "new version", "food changed", "unchanged", "refused"]
Progress = Callable[[int], None]
AT_ONCE: Final = 500


class RowFate(Answer):
    """What a row of the file would do. `changes` name fields with before and after."""

    line: int
    food: str
    package: str
    fate: Fate
    changes: tuple[str, ...] = ()
    faults: tuple[Fault, ...] = ()


@dataclass
class KnownFood:
    """A food on the shelf, or made by an earlier row of the same file: `facts` with what earlier
    rows said of it, `stored` as it is. `revisions` are label and number of the newest panel."""

    id: int | None
    name: str
    facts: FoodFacts
    stored: FoodFacts
    labels: dict[str, tuple[int, Label, Package]] = field(default_factory=dict)
    revisions: dict[str, tuple[int, int]] = field(default_factory=dict)


@dataclass
class ImportPlan:
    """A file's rows with their fates, against the shelf as it was at `fingerprint`."""

    fingerprint: tuple[int, ...]
    fates: list[RowFate]
    work: list[tuple[RowFate, ShelfRow]]
    known: dict[str, KnownFood]


def plan(session: Session, table: Table, progress: Progress) -> ImportPlan:
    """Read every row and say what it would do. Writes nothing."""
    stands = fingerprint(session)
    known = _shelf_by_name(session)
    first_line: dict[tuple[str, str], int] = {}
    fates: list[RowFate] = []
    work: list[tuple[RowFate, ShelfRow]] = []
    for done, (line, cells) in enumerate(table.records()):
        try:
            row = _laid_over(parse_row(cells, table.numbers), known, table.columns)
            fate = _fate(line, row, known, first_line)
        except FaultyInput as error:
            fate = RowFate(
                line=line,
                food=cells.get("food", ""),
                package=cells.get("package", ""),
                fate="refused",
                faults=error.faults,
            )
        else:
            work.append((fate, row))
        fates.append(fate)
        if done % AT_ONCE == 0:
            progress(done)
    return ImportPlan(stands, fates, work, known)


def _laid_over(row: ShelfRow, known: dict[str, KnownFood], columns: frozenset[str]) -> ShelfRow:
    food = known.get(row.food.strip().casefold())
    label = food.labels.get(row.label.name.casefold()) if food else None
    return row if label is None else laid_over(row, label[1], label[2], columns)


def _shelf_by_name(session: Session) -> dict[str, KnownFood]:
    by_name: dict[str, KnownFood] = {}
    names: dict[int, str] = {}
    for stored in FOODS.there(session):
        name = names[stored.id] = stored.name.casefold()
        by_name.setdefault(name, KnownFood(stored.id, stored.name, stored.facts, stored.facts))
    for one in packages_there(session):
        head, printed = one.head, one.printed
        food = by_name.get(names.get(head.food_id, ""))
        key = printed.label.name.casefold()
        if food is not None and food.id == head.food_id and key not in food.labels:
            food.labels[key] = (head.id, printed.label, printed.package)
            food.revisions[key] = (head.id, printed.number)
    return by_name


def _fate(
    line: int, row: ShelfRow, known: dict[str, KnownFood], first_line: dict[tuple[str, str], int]
) -> RowFate:
    name, package = row.food.strip().casefold(), row.label.name.casefold()
    if not name:
        raise FaultyInput.at("food", "Give the food a name.")
    first = first_line.setdefault((name, package), line)
    if first != line:
        raise FaultyInput.at("package", f"The same package stands in line {first} already.")
    food = known.get(name)
    if food is None:
        known[name] = KnownFood(None, row.food.strip(), row.facts, FoodFacts())
        return _said(line, row, "new food")
    merged = merge(food.facts, row.facts)
    facts_changed = [*map(str, changes(food.facts, merged))]
    food.facts = merged
    there = food.labels.get(package)
    if there is None:
        return _said(line, row, "new label", facts_changed)
    _, label, stored = there
    changed = [*changes(label, row.label), *changes(stored, row.package)]
    if changed:
        return _said(line, row, "new version", [*map(str, changed), *facts_changed])
    return _said(line, row, "food changed" if facts_changed else "unchanged", facts_changed)


def merge(facts: FoodFacts, given: FoodFacts) -> FoodFacts:
    """What a row says of the food in the place of what was known; empty cells change nothing."""
    said = {name: getattr(given, name) for name in given.model_fields_set}
    return facts.model_copy(update=said)


def _said(line: int, row: ShelfRow, fate: Fate, changed: list[str] | None = None) -> RowFate:
    package = row.label.name
    return RowFate(
        line=line, food=row.food.strip(), package=package, fate=fate, changes=tuple(changed or ())
    )
