"""The shelf as CSV: one row a label, the columns of docs/formats/shelf.md.

Spreadsheets run cells that begin with = + - or @ as formulas. Such text goes out with an apostrophe
before it, which spreadsheets hide, and comes in without it; so does text that itself begins with
an apostrophe, so that every shelf comes back as it went out.
"""

import csv
import io
import re
from collections.abc import Iterable, Iterator
from typing import Any, Final

from pydantic import ValidationError

from gasket.core.errors import Fault, FaultyInput
from gasket.core.label.audit import above_basis
from gasket.core.label.food import FoodFacts, Measure
from gasket.core.label.label import Label
from gasket.core.label.package import Package
from gasket.core.numbers import Value
from gasket.core.rebuild.trial import ShortName
from gasket.core.trade.nutrients.figure_types import FIGURES
from gasket.formats.batch_json import faults_of
from gasket.formats.spreadsheet_text import (
    POINTS,
    BothWays,
    Numbers,
    bare,
    decoded,
    sheet_of,
)

MOST_BYTES: Final = 30_000_000
MOST_ROWS: Final = 50_000
_HEADER_TEXT: Final = 20_000
MEDIA_TYPE: Final = "text/csv; charset=utf-8"

FACT_COLUMNS: Final = (
    *("aliases", "density_g_per_ml", "density_origin", "measures", "refuse_share"),
    *("drained_share", "buy_rule", "kind"),
)
BASIS_COLUMNS: Final = ("basis_g", "basis_ml", "label_density_g_per_ml", "basis_pieces", "piece")
PACKAGE_COLUMNS: Final = (
    *("pack_g", "pack_ml", "pack_pieces", "drained_g", "price", "state", "allergens"),
    *("may_contain", "does", "sweetness", "flags", "note"),
)
COLUMNS: Final = (
    *("food", *FACT_COLUMNS, "package", "style", *BASIS_COLUMNS, "spread"),
    *(*FIGURES, "polyol", *PACKAGE_COLUMNS),
)
"""Every column, in the order of writing. Only `food`, `style` and a basis must be there."""

_NUMBERS: Final = {
    *("density_g_per_ml", "refuse_share", "drained_share", "spread", "pack_g", "pack_ml"),
    *("pack_pieces", "drained_g", "price", "sweetness", *FIGURES),
    *(name for name in BASIS_COLUMNS if name != "piece"),
}
_LISTS: Final = ("aliases", "allergens", "may_contain", "does", "flags")
_TEXTS: Final = (
    *("food", "package", "style", "piece", "polyol", "density_origin", "buy_rule", "state", "note"),
)
_KEYS: Final = ("style", "polyol", "density_origin", "state", "kind")
_RENAMED: Final = {"package": "name", "label_density_g_per_ml": "density_g_per_ml"}
_DANGEROUS: Final = ("=", "+", "-", "@", "\t", "\r", "'")


class ShelfRow(Value):
    """One row: a food with what is known of it, and one of its packages."""

    food: ShortName
    facts: FoodFacts = FoodFacts()
    label: Label
    package: Package = Package()


# Out


def dump_shelf(rows: Iterable[ShelfRow]) -> Iterator[str]:
    """CSV text, line by line, beginning with the header."""
    buffer = io.StringIO()
    writer = csv.writer(buffer, lineterminator="\r\n")
    writer.writerow(COLUMNS)
    for row in rows:
        cells = _cells(row)
        writer.writerow([cells.get(column, "") for column in COLUMNS])
        if buffer.tell() > 1 << 16:
            yield buffer.getvalue()
            buffer.seek(0)
            buffer.truncate()
    yield buffer.getvalue()


def _cells(row: ShelfRow) -> dict[str, str]:
    label, facts, package = row.label, row.facts, row.package
    values: dict[str, Any] = {
        **{name: getattr(facts, name) for name in FACT_COLUMNS},
        **{name: getattr(label, name) for name in ("style", "piece", "spread", "polyol")},
        **{name: getattr(label, name) for name in ("basis_g", "basis_ml", "basis_pieces")},
        **{name: getattr(package, name) for name in PACKAGE_COLUMNS},
        "food": row.food,
        "package": label.name,
        "label_density_g_per_ml": label.density_g_per_ml,
    }
    if facts.density_g_per_ml is None:
        values["density_origin"] = None
    cells = {name: _cell(name, value) for name, value in values.items()}
    for name in FIGURES:
        mark = "<" if name in label.below else ""
        value = getattr(label, name)
        cells[name] = "" if value is None else mark + _number(value)
    return cells


def _cell(name: str, value: Any) -> str:
    if value is None:
        return ""
    if name == "measures":
        return _harmless("; ".join(_measure(measure) for measure in value))
    if name in _LISTS:
        return _harmless("; ".join(value))
    return _harmless(value) if isinstance(value, str) else _number(value)


def _measure(measure: Measure) -> str:
    origin = "" if measure.origin == "typical" else f" {measure.origin}"
    return f"{measure.name} = {_number(measure.grams)}{origin}"


def _number(value: float) -> str:
    return repr(value).removesuffix(".0")


def _harmless(text: str) -> str:
    return f"'{text}" if text.startswith(_DANGEROUS) else text


# In


def refuse_header(content: bytes) -> None:
    """Raises `FaultyInput` for a file whose beginning shows that it is no shelf file."""
    if len(content) > MOST_BYTES:
        raise FaultyInput.at("file", f"A shelf file is at most {MOST_BYTES // 1_000_000} MB.")
    beginning = decoded(content)[:_HEADER_TEXT]
    Table(beginning.rpartition("\n")[0] or beginning)


class Table:
    """A CSV file, its header understood: `records` are its rows as columns and text."""

    def __init__(self, content: bytes | str) -> None:
        sheet = sheet_of(content)
        lines = sheet.lines
        if not lines:
            raise FaultyInput.at("file", "The file is empty: its first line names the columns.")
        header = [_column(name) for name in lines[0][1]]
        self._check(header, lines[0][1])
        self.unknown = tuple(
            given for name, given in zip(header, lines[0][1], strict=True) if name not in COLUMNS
        )
        self._header, self._lines = header, lines[1:]
        self.columns = frozenset(name for name in header if name in COLUMNS)
        self.numbers = Numbers.of(_number_cells(self.records()), sheet.semicolons)
        if len(self._lines) > MOST_ROWS:
            raise FaultyInput.at("file", f"A shelf file has at most {MOST_ROWS:,} rows.")

    @staticmethod
    def _check(header: list[str], given: list[str]) -> None:
        if "food" not in header:
            raise FaultyInput.at(
                "file", "There is no column “food”: the first line must name the columns."
            )
        twice = {name for name in header if name in COLUMNS and header.count(name) > 1}
        if twice:
            raise FaultyInput.at("file", f"The column “{sorted(twice)[0]}” is there twice.")
        if len(given) > 200:
            raise FaultyInput.at("file", "These are too many columns for a shelf file.")

    def __len__(self) -> int:
        return len(self._lines)

    def records(self) -> Iterator[tuple[int, dict[str, str]]]:
        """Line number in the file and the filled cells of each row."""
        for number, line in self._lines:
            cells = zip(self._header, line, strict=False)
            yield number, {name: cell.strip() for name, cell in cells if cell.strip()}


def _number_cells(records: Iterable[tuple[int, dict[str, str]]]) -> Iterator[str]:
    for _, cells in records:
        yield from (cells[name] for name in cells.keys() & _NUMBERS)
        for part in cells.get("measures", "").split(";"):
            yield part.rpartition("=")[2].strip().partition(" ")[0]


def _column(name: str) -> str:
    return re.sub(r"\W+", "_", name.strip().lower()).strip("_")


def parse_row(cells: dict[str, str], numbers: Numbers = POINTS) -> ShelfRow:
    """One row. Raises `FaultyInput` with one fault per wrong column."""
    faults: list[Fault] = []
    values: dict[str, Any] = {}
    below: list[str] = []
    for name, cell in cells.items():
        if name not in COLUMNS:
            continue
        try:
            values[name] = _value(name, cell, below, numbers)
        except BothWays:
            says = f"“{cell[:40]}” could be two numbers, and this file writes decimals both ways."
            faults.append(Fault(path=name, message=says))
        except (ValueError, ArithmeticError):
            faults.append(Fault(path=name, message=f"“{cell[:40]}” is not a number."))
    if faults:
        raise FaultyInput(*faults)
    try:
        row = ShelfRow.model_validate(_nested(values, below))
    except ValidationError as error:
        raise FaultyInput(*map(_at_its_column, faults_of(error.errors()))) from None
    if above := [*above_basis(row.label)]:
        raise FaultyInput(*above)
    return row


def _value(name: str, cell: str, below: list[str], numbers: Numbers) -> Any:
    text = cell[1:] if cell.startswith("'") and cell[1:].startswith(_DANGEROUS) else cell
    if name in _KEYS:
        return _key(text)
    if name in _TEXTS:
        return text
    if name in _LISTS:
        parts = [part.strip() for part in text.split(";") if part.strip()]
        return tuple(parts if name == "aliases" else map(_key, parts))
    if name == "measures":
        measures = (part for part in text.split(";") if part.strip())
        return tuple(_read_measure(part, numbers) for part in measures)
    if text.startswith("<") and name in FIGURES:
        below.append(name)
    return numbers.read(bare(text))


def _key(text: str) -> str:
    """ "As prepared" and "Tree nuts" are as good as their keys."""
    return re.sub(r"[\s-]+", "_", text.strip().lower())


def _read_measure(text: str, numbers: Numbers) -> dict[str, Any]:
    name, _, amount = text.rpartition("=")
    grams, _, origin = amount.strip().partition(" ")
    measure: dict[str, Any] = {"name": name.strip(), "grams": numbers.read(grams)}
    return {**measure, "origin": origin.strip()} if origin.strip() else measure


def _nested(values: dict[str, Any], below: list[str]) -> dict[str, Any]:
    facts = {name: values[name] for name in FACT_COLUMNS if name in values}
    package = {name: values[name] for name in PACKAGE_COLUMNS if name in values}
    label = {
        _RENAMED.get(name, name): values[name]
        for name in ("package", "style", *BASIS_COLUMNS, "spread", *FIGURES, "polyol")
        if name in values
    }
    label.setdefault("name", values.get("food", ""))
    if below:
        label["below"] = tuple(below)
    row = {"facts": facts, "label": label, "package": package}
    return {**row, "food": values["food"]} if "food" in values else row


def laid_over(row: ShelfRow, label: Label, package: Package, columns: frozenset[str]) -> ShelfRow:
    """The row on top of a package that is there: a column that the file lacks changes nothing,
    an empty cell of one that it has makes unknown. Raises `FaultyInput` when that does not fit."""
    fields = {_RENAMED.get(name, name) for name in columns - {*PACKAGE_COLUMNS, *FACT_COLUMNS}}
    panel = _over(label, row.label, fields & set(Label.model_fields) - {"name"})
    kept = tuple(name for name in label.below if name not in columns)
    panel["below"] = (*kept, *row.label.below)
    rest = _over(package, row.package, columns & set(PACKAGE_COLUMNS))
    try:
        return ShelfRow(food=row.food, facts=row.facts, label=panel, package=rest)
    except ValidationError as error:
        raise FaultyInput(*map(_at_its_column, faults_of(error.errors()))) from None


def _over(stored: Value, given: Value, fields: set[str] | frozenset[str]) -> dict[str, Any]:
    return {**stored.model_dump(), **{name: getattr(given, name) for name in fields}}


def _at_its_column(fault: Fault) -> Fault:
    path = fault.path.removeprefix("label.").removeprefix("facts.").removeprefix("package.")
    named = {"name": "package", "label": "style", "$": "food"}
    return Fault(path=named.get(path, path), message=fault.message)
